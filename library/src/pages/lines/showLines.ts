/*
 * Lines of packing, the show and the days after it. Common practice of the trade.
 */
import type { PageLine } from '@loyal-mane/core';
import { DOUBLES, JACKETS, LONG, all, line, not, on, sequence, side } from '../line.js';

const SOFT_SPRAY = [
  side('down.spray.same', 'school:sprayUpAfter:a', 'The soft spray-up comes out the same day.', on('head:topknot')),
  side(
    'down.spray.stays',
    'school:sprayUpAfter:b',
    'A soft, brushable spray-up may stay for a few days; look at skin and bands daily.',
    on('head:topknot'),
  ),
];

const PARTING = sequence('parting', on('coat:drop'), [
  [
    'Mist, and brush everything from head toward tail.',
    'Nothing stands up along the spine.',
    { zones: ['crest', 'back', 'croup'], tool: 'pinBrush' },
  ],
  [
    'Draw the line with an end tooth of the wide comb, a third of the back at a time.',
    'Straight from the skull to the tail set, seen from above.',
    { zones: ['crest', 'withers', 'back', 'loin', 'croup'], tool: 'wideComb' },
  ],
  [
    'Mist close along the line at once: a shake undoes it.',
    'The line holds when the dog shakes.',
    { zones: ['back', 'loin'] },
  ],
  ['Brush both sides straight down.', 'Both sides fall alike.', { zones: ['ribs', 'flank'] }],
]);

const SPRAY_UP = sequence('sprayUp', { all: ['coat:scissored', 'head:topknot'] }, [
  [
    'The dog lies if it can. Wrap grown ears first.',
    'Ear hair is out of the spray.',
    { zones: ['earFringe', 'earSurface'] },
  ],
  [
    'Set the bands: eye corner to eye corner, and behind. Under six months the spray-up ends at the ear line; grown, it goes further back.',
    'No band pulls; the dog blinks freely.',
    { zones: ['skull', 'brow'] },
  ],
  [
    'Raise one layer; fix it at the root third, onto the back of the layer before.',
    'The spray meets finished hair, never the coming layer: it gums the comb.',
    { zones: ['skull'] },
  ],
  ['Hair that does not cling waits for the next layer.', 'No loose strand in front.', { zones: ['skull'] }],
  ['Then the layers backward, one by one.', 'It rises in one line from the side.', { zones: ['skull', 'crest'] }],
  [
    'Join them at the base with the tail comb. Change the comb when it is gummed.',
    'No gap shows between layers.',
    { zones: ['skull'], tool: 'faceComb' },
  ],
  ['Show lead on, surface smoothed, firm spray locks it.', 'Blow at it: it returns.', { zones: ['skull'] }],
]);

const POWDER = sequence('powder', { all: ['white'], none: ['coat:smooth'] }, [
  ['Lay a towel beneath, and brush the dry legs up.', 'The legs are dry to the skin.', { zones: ['foreleg', 'hock'] }],
  ['Foam by hand where bone is wanted.', 'Only where it is needed.', { zones: ['foreleg'] }],
  ['Cream by hand, on white only.', 'A thin film, no lumps.', { zones: ['foreleg', 'pastern', 'hock'] }],
  [
    'Powder by a soft brush stroking upward, only where cream went.',
    'No loose powder near the eyes.',
    { zones: ['foreleg', 'pastern', 'hock'] },
  ],
  ['Brush up after each; a fixing mist.', 'Nothing falls when the leg is tapped.', { zones: ['foreleg', 'hock'] }],
  [
    'Last brush with the product brush only; comb straight out on the hocks.',
    'Left and right look alike.',
    { zones: ['hock'] },
  ],
]);

const VOLUME: readonly PageLine[] = [
  line(
    'fin.lift',
    'Layers a finger wide, straight up from the root: hair keeps the shape it had when misted.',
    on('coat:scissored', 'coat:heavySheepdog'),
    { topic: 'lift' },
  ),
  line('fin.liftDouble', 'Lift the layers with brush and air, from the root.', on('coat:double'), { topic: 'lift' }),
  side(
    'fin.sprayBody',
    'school:sprayOnLayer:a',
    'Mist from about 30 cm from root to tip, and comb.',
    on('coat:scissored'),
  ),
  side(
    'fin.sprayRoot',
    'school:sprayOnLayer:b',
    'Mist from about 30 cm at the root third only, and comb.',
    on('coat:scissored'),
  ),
  line('fin.compare', 'Compare left with right. One light mist overall.', { none: ['coat:smooth', 'coat:drop'] }),
  line(
    'fin.hold',
    'Blow at it, move the head: it must return, and fingers must still pass.',
    on('coat:scissored', 'coat:double', 'coat:heavySheepdog'),
  ),
];

/** Lines by step. */
export const SHOW_LINES = {
  wraps: [
    line('wrap.comb', 'Part and comb the strand; a little dressing in it.'),
    line('wrap.fold', 'Fold the strand in paper, fold it up, band it.'),
    line('wrap.clear', 'Keep bands clear of skin and ear leather; check after the first walk.'),
    line('wrap.days', 'Wrap again after one to three days.'),
  ],
  bag: [
    line('bag.list', 'Pack what the list above names; lay each thing in, then tick it.'),
    line('bag.tease', 'Teasing brush and texture spray.', {
      all: ['coat:heavySheepdog'],
      any: ['head:teased', 'teased'],
    }),
    line('bag.handler', 'The handler carries one comb.', LONG),
  ],
  load: [
    line('load.walk', 'Walk the dog first.'),
    line('load.bed', 'Bed the crate dry, and keep the coat off the floor.', LONG),
    line('load.bedShort', 'Bed the crate dry.', on('coat:smooth')),
    line('load.name', 'Read the name aloud against the list.'),
  ],
  spotWash: [
    line('spot.towel', 'Lay a towel around the zone.'),
    line('spot.wash', 'Wash, rinse fully, press dry.'),
    line(
      'spot.water',
      'Water and force dryer together revive the root; the outer coat is dry at the gate.',
      on('coat:double', ...JACKETS),
    ),
    line(
      'spot.heat',
      'Dry with heat and brush the way the hair lies.',
      not('coat:smooth', 'coat:double', 'coat:jacketedNatural', 'coat:jacketedTrimmed'),
    ),
    line('spot.rub', 'Rub it dry along the hair.', on('coat:smooth')),
  ],
  touchUp: [
    line('touch.cloth', 'Wipe with a cloth and a little shine: two minutes.', on('coat:smooth')),
    line('touch.hand', 'Go over the dog by hand; soiled zones get a spot wash.', LONG),
    line(
      'touch.mist',
      'Mist, brush and dry the coat into place again.',
      not('coat:smooth', 'coat:drop', 'coat:double'),
    ),
    line('touch.water', 'Water and force dryer together revive the root.', on('coat:double')),
    line('touch.lay', 'Mist lightly, brush straight down, draw the part again.', on('coat:drop')),
    side(
      'touch.tangles',
      'school:tanglesAtShow:b',
      'Soft tangles that give body stay until home.',
      on('coat:heavySheepdog'),
    ),
    side('touch.tanglesOut', 'school:tanglesAtShow:a', 'Every soft tangle comes out.', LONG),
    line('touch.wraps', 'Renew bands and wraps.', all('wrapped')),
    line('touch.ends', 'Take stray ends only; set no new line.', LONG),
  ],
  revive: [
    line('revive.wet', 'Wet coat and legs where they have sunk; the head too if the dog bears it.'),
    line(
      'revive.air',
      'Force dryer from the root at once, near the skin: it stands the way it is dried now.',
      on('coat:double'),
      {
        topic: 'lie',
      },
    ),
    line(
      'revive.flat',
      'Force dryer along the growth at once: the jacket lies the way it is dried now.',
      on(...JACKETS),
      {
        topic: 'lie',
      },
    ),
    line(
      'revive.damp',
      'The outer coat is dry at the gate; beneath it may be slightly damp.',
      {
        any: ['coat:double'],
        all: ['school:ringDryness:b'],
      },
      { topic: 'ringDryness' },
    ),
    line(
      'revive.dry',
      'Dry to the skin: a damp patch kinks and flips.',
      { none: ['school:ringDryness:b'] },
      { topic: 'ringDryness' },
    ),
    line(
      'revive.fear',
      'This dog does not stand for the dryer: a second person holds its head, low air first.',
      all('fearsDryer'),
    ),
    line('revive.ears', 'Cover the ears, never into the face. The ground’s dryer hours hold.'),
  ],
  finish: [
    line('fin.shine', 'Wipe with a damp cloth, then a little shine along the hair.', on('coat:smooth')),
    line('fin.wet', 'Wet coat and legs where they have sunk; head too if the dog bears it.', {
      any: ['coat:double', ...JACKETS],
      none: ['siteDryer'],
    }),
    line(
      'fin.force',
      'Force dryer from the root: outer coat dry at the gate, beneath it may be slightly damp.',
      { any: ['coat:double'], all: ['school:ringDryness:b'], none: ['siteDryer'] },
      { topic: 'ringDryness' },
    ),
    line(
      'fin.forceDry',
      'Force dryer from the root, dry to the skin.',
      { any: ['coat:double'], all: ['school:ringDryness:a'], none: ['siteDryer'] },
      { topic: 'ringDryness' },
    ),
    line('fin.flatten', 'Dry it flat along the growth; light on the ears. A correct wave may stay.', on(...JACKETS)),
    line(
      'fin.wire',
      'Beard and legs combed forward and up; texture powder only where the rules allow it.',
      on('coat:wire'),
    ),
    line(
      'fin.sheepBody',
      'Brush the coat through dry; a correct harsh coat stands by itself.',
      on('coat:heavySheepdog'),
    ),
    line('fin.damp', 'Mist, brush through, dry weak spots into place.', on('coat:scissored')),
    line('fin.texture', 'Lift spray on the legs while damp, texture spray after hot drying.', on('coat:scissored')),
    line(
      'fin.liftCut',
      'A dip, a steep croup, a stifle that needs bend, thin bone, limp hocks: foam on wet hair, dried into place, only where needed.',
      on('coat:double', 'coat:scissored', 'coat:heavySheepdog'),
    ),
    line('fin.thin', 'Volume comes from drying and brushing; leave thin zones alone.', {
      all: ['thinCoat'],
      any: ['coat:double', 'coat:scissored', 'coat:heavySheepdog'],
    }),
    side(
      'fin.noProduct',
      'school:productAndScissors:b',
      'From the first product on nothing is cut; a few stray ends at most.',
      LONG,
    ),
    ...VOLUME,
    line(
      'fin.dip',
      'A dip behind the withers: short backward strokes over foam, surface leveled.',
      on('coat:heavySheepdog', 'coat:double'),
      { zones: ['withers', 'back'] },
    ),
    line(
      'fin.tease',
      'Tease the head over texture spray or bound cream, and sweep it back: the dog sees when it moves.',
      { all: ['coat:heavySheepdog'], any: ['head:teased', 'teased'] },
      { zones: ['skull', 'brow'] },
    ),
    line(
      'fin.noTease',
      'The head stays as it grows: brushed apart, nothing teased.',
      { all: ['coat:heavySheepdog', 'head:parted'], none: ['teased'] },
      { zones: ['skull', 'brow'] },
    ),
    ...PARTING,
    line(
      'fin.silky',
      'No texture spray on silky hair. A small spray-up on a banded soft coat takes little product.',
      on('coat:drop'),
    ),
    line('fin.bow', 'Band again, three turns; the bow last.', { all: ['coat:drop', 'head:tied'] }),
    ...SPRAY_UP,
    line(
      'fin.legs',
      'Brush the dry legs up over a towel; foam by hand where bone is wanted; on the hocks comb straight out, with the product brush only.',
      { all: ['coat:scissored'], none: ['white'] },
    ),
    ...POWDER,
    line(
      'fin.stain',
      'Stain cover near the eyes last, on the finished dry face: stick or cream that dries to powder.',
      { all: ['white'], none: ['coat:smooth'] },
      { zones: ['eyeCorner'] },
    ),
    line('fin.eyes', 'Shield the eyes at every spray.', LONG),
  ],
  tidies: [
    line('tidy.little', 'Take very little off ears and feet; whiskers only where the show’s rules allow it.', LONG),
    line('tidy.smooth', 'Take a whisker or a tuft that was missed; nothing else.', on('coat:smooth')),
    line('tidy.product', 'Stray ends on legs and hocks that stand differently under product.', on('coat:scissored')),
    line('tidy.noLine', 'Set no new line and change no length.'),
  ],
  gate: [
    line('gate.see', 'Comb, mist, look through the fall: can the dog see?', {
      any: ['head:fall', 'head:teased', 'head:parted', 'head:tied'],
    }),
    line('gate.comb', 'Comb once through.', {
      none: ['coat:smooth', 'head:fall', 'head:teased', 'head:parted', 'head:tied'],
    }),
    line('gate.wipe', 'Wipe once along the back.', on('coat:smooth')),
    line('gate.lead', 'Put the lead on the dog and the number on the handler.'),
    side('gate.off', 'school:gate:a', 'Then hands off: handling undoes the hold.'),
    side('gate.on', 'school:gate:b', 'Keep misting and brushing until the class is called.', LONG),
  ],
  ring: [
    line('ring.there', 'Be at the gate when the dog before is in.'),
    line('ring.set', 'Set up, move, set up again.'),
    line('ring.tell', 'Tell the bench whether the dog is taken down or held for a later round.'),
  ],
  winnersHold: [
    line('hold.rest', 'Give shade, water and rest.'),
    line('hold.lead', 'Keep the show lead and bands on.', LONG),
    line('hold.touch', 'Touch up what sagged, at the last moment.', LONG),
    line('hold.wipe', 'Wipe once more before the round.', on('coat:smooth')),
  ],
  skinLook: [
    line('skin.part', 'Part the coat where product, bands and the lead were.', LONG),
    line('skin.lead', 'Look where the lead was, and at elbows and pads.', on('coat:smooth')),
    line('skin.red', 'Look for redness and rubbed spots; look at ears, eyes and pads.'),
    line('skin.rest', 'Give water, food and rest.'),
  ],
  takedown: [
    line('down.recipe', 'Out comes everything that must, by the dog’s recipe.', LONG),
    line(
      'down.back',
      'Take backcombing and kept tangles out the same evening, with your fingers first.',
      on('coat:heavySheepdog'),
    ),
    ...SOFT_SPRAY,
    line(
      'down.soft',
      'A soft brushable hold may stay for days; a dog kept ready for pictures or a later round keeps its finish.',
      { any: [...DOUBLES, 'coat:scissored'], none: ['head:topknot'] },
      { topic: 'sprayUpAfter' },
    ),
    line('down.ready', 'A dog that is kept ready for pictures or a later round keeps its finish.', on('head:topknot')),
    line('down.spray', 'Loosening spray, brush by lines, then comb.', LONG),
    line('down.fringe', 'On fringes fingers and coarse comb only.', {
      any: ['ears:fringe', 'feet:slippers'],
      none: ['coat:smooth'],
    }),
    line('down.clarify', 'A clarifying wash when product has built up, or monthly.', LONG),
    line('down.wipe', 'Wipe the dog down.', on('coat:smooth')),
    line(
      'down.tools',
      'Clear the brushes; product brushes and the slicker of the tub stay apart, bent pins are replaced.',
    ),
  ],
} satisfies Readonly<Record<string, readonly PageLine[]>>;
