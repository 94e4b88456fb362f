/*
 * Lines of inspection, brushing and mats. Common practice of the trade.
 */
import type { PageLine } from '@loyal-mane/core';
import { DOUBLES, JACKETS, LONG, all, line, not, on, sequence, side } from '../line.js';

const MIST = line('brush.mist', 'Mist the coat: dry brushing breaks hair and raises static.', LONG, { topic: 'mist' });

const LINES_OF_BRUSHING: readonly PageLine[] = [
  line('brush.surface', 'Make one light pass over the surface to lay and spread the hair.', LONG),
  line('brush.patience', 'Where the dog has little patience, begin where there are no mats.', all('mats')),
  side(
    'brush.route.body',
    'school:brushingRoute:a',
    'Brush by lines, from the tail toward the head along the body: part to the skin, brush outward, let down the next strip.',
    LONG,
  ),
  side(
    'brush.route.legs',
    'school:brushingRoute:b',
    'Brush by lines, leg by leg from the hock upward, the body last: part to the skin, brush outward, let down the next strip.',
    LONG,
  ),
  line('brush.clips', 'Hold the rest back with clips or ties: they show where you have been.', {
    none: ['coat:smooth', 'coat:wire', 'coat:jacketedNatural'],
  }),
  line('brush.males', 'On a male take the sheath and the inner rear with your fingers.', {
    all: ['male'],
    none: ['coat:smooth'],
  }),
];

const POSTURE: readonly PageLine[] = [
  side('brush.posture.still', 'school:posture:a', 'The dog stays put; a trained dog lies on its side.', {
    none: ['coat:smooth'],
  }),
  side('brush.posture.free', 'school:posture:b', 'Let the dog turn and shift as it likes: it stays longer.', {
    none: ['coat:smooth'],
  }),
];

const TOOLS: readonly PageLine[] = [
  line('brush.tool.double', 'Rake first, then slicker, then comb.', on('coat:double'), { tool: 'rake' }),
  line(
    'brush.tool.sheepdog',
    'Pin brush on the body, slicker on lower legs and feet, bristle brush on the head and face only: this coat must keep every hair.',
    on('coat:heavySheepdog'),
    { tool: 'pinBrush' },
  ),
  line(
    'brush.tool.drop',
    'Pin brush on the body, slicker on lower legs and feet, wide comb, a fine comb at the face.',
    on('coat:drop'),
    { tool: 'pinBrush' },
  ),
  line('brush.tool.scissored', 'Flexible slicker for knots, long-tooth comb after it.', on('coat:scissored'), {
    tool: 'slicker',
  }),
  line('brush.tool.jacket', 'Pin brush on the feathering, slicker on the lower legs.', on(...JACKETS), {
    tool: 'pinBrush',
  }),
  line(
    'brush.tool.wire',
    'Slicker and comb on beard, brows and legs; a quick brush over the jacket.',
    on('coat:wire'),
    {
      tool: 'slicker',
    },
  ),
];

const FRINGE_SAFE: readonly PageLine[] = [
  line(
    'fringe.never',
    'On ears, slippers and flag no slicker: product from the hand, squeezed gently, coarse comb before fine, nothing rubbed.',
    { any: ['ears:fringe', 'feet:slippers'], none: ['coat:smooth'] },
    { zones: ['earFringe', 'earSurface'] },
  ),
];

/** Lines by step. */
export const BRUSH_LINES = {
  inspection: [
    line('look.head', 'Look at ears, eyes and teeth.'),
    line('look.skin', 'Feel the skin by hand against the growth, from head to tail; feel for lumps.'),
    line('look.nails', 'Check nails, pads and vent.'),
    line('look.season', 'Look for signs of season.', all('bitch')),
    line(
      'look.tufts',
      'Look for tufts and clumps at the rear and the outer legs: the undercoat loosens.',
      on(...DOUBLES),
    ),
    line('look.neck', 'Part the hair at the neck and behind the ears: knots form overnight in coat change.', {
      all: ['stage:coatChange'],
      none: ['coat:smooth'],
    }),
    line('look.soil', 'Note appetite, and where the coat is soiled.'),
    line('look.follow', 'Look again at everything that was found before, until it is over.'),
  ],
  keepUpBrush: [
    line('curry.whole', 'Curry the whole dog with the rubber curry, then wipe it down.', on('coat:smooth'), {
      tool: 'curry',
    }),
    line('brush.dryOnly', 'Brush only a fully dry coat.', on('coat:double'), { topic: 'mist' }),
    { ...MIST, when: not('coat:smooth', 'coat:double') },
    line('brush.change', 'Begin at the neck and behind the ears, where knots form overnight.', {
      all: ['stage:coatChange'],
      none: ['coat:smooth'],
    }),
    ...POSTURE,
    ...TOOLS,
    ...LINES_OF_BRUSHING,
    ...FRINGE_SAFE,
    line('brush.combEach', 'Comb each region after it is brushed.', LONG),
    line(
      'brush.lieOneWay',
      'Brush the hair down both sides of the part at the end: hair that lies one way tangles less.',
      on('coat:drop'),
    ),
    line('brush.knots', 'Write down knots by zone.', LONG),
  ],
  dressing: [
    line('dress.hands', 'Rub a little dressing between your palms and work it in by hand.'),
    line('dress.brush', 'Brush it through, with the coarse side first, then with the fine side.'),
    ...FRINGE_SAFE,
    line(
      'dress.barrier',
      'Put stain barrier on the belly and behind the ears.',
      { none: ['male'] },
      { topic: 'barrier' },
    ),
    line('dress.barrier.male', 'Put stain barrier on belly, sheath and behind the ears.', all('male'), {
      topic: 'barrier',
    }),
  ],
  knots: [
    line(
      'mat.signs',
      'Tell a mat from a tangle: a mat webs instead of parting, catches the comb, and is heard under the brush.',
    ),
    line('mat.spray', 'Spray with loosening spray and wait five minutes. Misting is required: a dry mat breaks.'),
    line('mat.fingers', 'Open it with your fingers first, also small knots in tender places and the largest of all.'),
    line(
      'mat.corner',
      'Then the corner of the slicker: a few light strokes from the tips, your hand on the skin.',
      {},
      { tool: 'slicker' },
    ),
    line('mat.split', 'Split sparingly, small parts only, then go back to the slicker.'),
    line('mat.back', 'If nothing gives, go back to spray and fingers; change place often.'),
    line('mat.burn', 'White and pale skin burns easily: a few strokes at one place, then another.', all('white')),
    side('mat.day.same', 'school:matsAndTime:a', 'All of them come out today.'),
    side(
      'mat.day.few',
      'school:matsAndTime:b',
      'A few minutes with rewards, then stop: the rest comes out on the next days. No bath until all are out.',
    ),
    side(
      'mat.water.before',
      'school:matsAndWater:a',
      'Keep the mat away from bath and soak until it is out: water sets it.',
    ),
    side(
      'mat.water.after',
      'school:matsAndWater:b',
      'Loose ones may wait for the dryer: air held close works them outward after two washes.',
      on('coat:scissored'),
    ),
    line(
      'mat.ear',
      'Under the ear thin the hair a little where the trim allows it: it mats less.',
      {
        any: ['coat:jacketedTrimmed', 'coat:double', 'coat:scissored'],
        none: ['ears:fringe', 'ears:natural'],
      },
      { zones: ['earUnder'] },
    ),
    line(
      'mat.beneath',
      'What does not part: show the lead handler. Shaving out waits until the owner has agreed to it.',
      not('mayShaveOut'),
      { topic: 'beneath' },
    ),
    line(
      'mat.beneath.agreed',
      'What does not part: show the lead handler, who may decide to clip beneath it: the owner has agreed.',
      all('mayShaveOut'),
      { topic: 'beneath' },
    ),
  ],
  brushOut1: [
    MIST,
    ...POSTURE,
    ...TOOLS,
    ...LINES_OF_BRUSHING,
    ...FRINGE_SAFE,
    line('brushOut.light', 'Brush until the skin shows along every part: a light coat is bathed brushed out.', {
      all: ['coat:double', 'lightLoad'],
    }),
    line('brushOut.strands', 'Brushed hair shows separate strands, not clumps.', LONG),
    side(
      'tangles.keep',
      'school:tanglesAtShow:b',
      'Soft tangles that give body may stay until home.',
      on('coat:heavySheepdog'),
    ),
    line('brushOut.preTreat', 'When this flank is done, put the pre-treat on: it works while you brush the other.', {
      any: ['coat:drop', 'coat:scissored', 'coat:heavySheepdog'],
      all: ['school:preTreat:a'],
    }),
  ],
  brushOut2: [
    MIST,
    ...TOOLS,
    ...LINES_OF_BRUSHING,
    ...FRINGE_SAFE,
    line('brushOut.warm', 'This flank goes faster: the dog is warm to it. Keep an eye on the pre-treat.', LONG),
    line(
      'brushOut.inner',
      'Brush the inner sides of the legs from underneath, then stand the dog up for one pass all over.',
      LONG,
    ),
  ],
  blowOut: [
    line('blow.room', 'Use a room of its own, or clean down after. Wear a mask; cover your eyes and the dog’s ears.'),
    line('blow.lines', 'Work by lines near the skin, undersides too.'),
    line('blow.packed', 'Begin with rear, chest and outer legs: undercoat packs there.'),
    line(
      'blow.aim',
      'Aim for loose, not for finished: what is left comes after the bath.',
      all('school:doubleBeforeBath:a'),
    ),
    line(
      'blow.fear',
      'This dog does not stand for the dryer: a second person holds its head, low air first.',
      all('fearsDryer'),
    ),
    line('blow.filter', 'Clear the filter afterwards; it goes back dry.'),
  ],
  undercoat: [
    line('under.dry', 'Work only on a bone-dry coat.'),
    line('under.lines', 'Work by lines from the skin: rake, slicker, comb.', {}, { tool: 'rake' }),
    line('under.packed', 'Begin with the packed areas: rear, chest, undersides, outer legs, tail.', all('heavyLoad')),
    line('under.light', 'Look for what is left by zone; most of it is out already.', all('lightLoad')),
    line('under.zones', 'Write down by zone how much you found.'),
  ],
  lineBrush: [
    line(
      'line.wet',
      'The coat comes from the force dryer, straight at the root and only damp: brush it open now, between air and heat.',
      on('coat:scissored'),
    ),
    line(
      'line.mats',
      'Knot work belongs here, on the nearly dry, opened coat: flexible slicker, splitting tool, comb.',
      on('coat:scissored'),
      { tool: 'slicker' },
    ),
    ...POSTURE,
    line(
      'line.order',
      'Work from the tail forward and from the foot upward.',
      {
        all: ['school:brushingRoute:a'],
        none: ['coat:smooth'],
      },
      { topic: 'brushingRoute' },
    ),
    line(
      'line.order.legs',
      'Work leg by leg from the hock, the body last.',
      {
        all: ['school:brushingRoute:b'],
        none: ['coat:smooth'],
      },
      { topic: 'brushingRoute' },
    ),
    line('line.part', 'Part to the skin, brush outward, let down the next strip.'),
    line(
      'line.sheepdog',
      'Bristle brush only on head and face, wide comb at mouth and eyes.',
      on('coat:heavySheepdog'),
    ),
    line(
      'line.brass',
      'Brass-bristle brush under a little heat on feathered ears and skull; wood pin brush on the fringes, bristle-nylon on the tail.',
      on(...JACKETS),
    ),
    ...FRINGE_SAFE,
    line(
      'line.flanks',
      'Do one flank, then the inner sides of the legs from underneath; dog up for one pass all over, then the other flank.',
      not('coat:wire', 'coat:smooth', 'flank:1', 'flank:2'),
      { topic: 'flank' },
    ),
    line(
      'line.flank1',
      'First flank, then the inner sides of the legs from underneath. The other flank is a task of its own: it may wait for another day.',
      all('flank:1'),
      { topic: 'flank' },
    ),
    line(
      'line.flank2',
      'Second flank: see that the first has not tangled where the dog lay on it. Then dog up, one pass all over.',
      all('flank:2'),
      { topic: 'flank' },
    ),
    line('line.lies', 'This dog lies for work: an hour and a half to two hours are no table time.', {
      all: ['lies'],
      any: ['coat:heavySheepdog', 'coat:drop', 'coat:scissored'],
    }),
    line('line.male', 'On a male take the sheath and the inner rear with your fingers.', all('male')),
    ...sequence('topknot', { all: ['coat:drop', 'head:tied'] }, [
      [
        'Lay the head on a small cushion, and brush the hair of the head back.',
        'Nothing hangs into the eyes.',
        { zones: ['skull', 'brow'] },
      ],
      ['Comb the beard aside.', 'It is out of the way of the band.', { zones: ['beard', 'muzzle'] }],
      [
        'Draw the parting with the tail comb, from the outer eye corner over the skull.',
        'Both sides alike from above.',
        { zones: ['skull'], tool: 'faceComb' },
      ],
      [
        'Gather the hair with the comb’s fine teeth.',
        'No strand is left behind, and none pulls.',
        { zones: ['skull'] },
      ],
      [
        'Band it with a snag-free band, about three turns.',
        'The dog blinks freely; the band touches no skin.',
        { zones: ['skull'] },
      ],
      ['Leave the bow for the very end.', 'The dog is combed through first.'],
    ]),
  ],
  mittClean: [
    line('mitt.spray', 'Cleaning spray on the mitt, worked in with the curry.', {}, { tool: 'curry' }),
    line('mitt.root', 'The whole dog and legs, with and against the hair, down to the root.'),
    line('mitt.again', 'Curry again while still damp.'),
  ],
  combThrough: [
    line('comb.order', 'Wide comb first, then the fine one, to the skin, until nothing resists.', LONG, {
      tool: 'wideComb',
    }),
    line('comb.where', 'Comb behind the ears, armpits, breeches and inner legs: it finds what brushing missed.', LONG),
    line(
      'comb.curl',
      'Where a comb still catches in freshly washed curl, it is not straight yet: heat again. It is no mat.',
      on('coat:scissored'),
      { topic: 'combCatches' },
    ),
    line(
      'comb.mat',
      'Where the comb catches there is a mat: brush it open again.',
      not('coat:scissored', 'coat:smooth'),
      { topic: 'combCatches' },
    ),
    ...FRINGE_SAFE,
    line('comb.bow', 'Last of all the bow.', { all: ['coat:drop', 'head:tied', 'bath:show'] }),
  ],
} satisfies Readonly<Record<string, readonly PageLine[]>>;
