/*
 * Lines of bath, conditioner and drying. Common practice of the trade.
 */
import type { PageLine } from '@loyal-mane/core';
import { DOUBLES, JACKETS, LONG, all, line, not, on, sequence, side } from '../line.js';

const EAR_CLEANING = sequence('earCleaning', { none: ['state:injury'] }, [
  [
    'Fill ear cleaner into the ear, the tip held up.',
    'It stands to the rim; the bottle touches nothing.',
    { zones: ['earUnder'] },
  ],
  ['Massage the base of the ear for half a minute.', 'You hear it work.', { zones: ['behindEar'] }],
  ['Let the dog shake.', 'What was deep has come up.'],
  [
    'Wipe out what has come up, and put cotton in.',
    'Clean, no smell, no redness. Else stop: vet.',
    { zones: ['earUnder'] },
  ],
]);

const HEAD_FIRST = sequence('headFirst', { all: ['school:headInBath:b'], none: ['coat:smooth'] }, [
  ['Pin the ear tips flat over their openings.', 'No water can run in.', { zones: ['earUnder', 'earFringe'] }],
  [
    'Wet the head from above in small amounts from a bottle, moved forward by hand.',
    'The dog stands calmly.',
    { zones: ['skull', 'brow'] },
  ],
  [
    'Wash muzzle, beard and cheeks with your fingertips.',
    'Foam has reached the skin; none in the eyes.',
    { zones: ['muzzle', 'beard', 'cheek'] },
  ],
  ['Take the shampoo off the back of the head first.', 'The hair behind squeaks clean.', { zones: ['skull'] }],
  [
    'Then flush head and eyes with clean water from behind, out of a bottle that never held shampoo.',
    'No foam at the eye corners.',
    { zones: ['eyeCorner', 'brow', 'muzzle'] },
  ],
]);

const WATER: readonly PageLine[] = [
  line(
    'bath.test',
    'Test lukewarm water away from the dog; test again after every pause, for the pipe delivers a hot slug.',
  ),
  line('bath.rules', 'A tight or solid mat keeps the dog out of the tub: water sets it.', all('mats')),
  side(
    'bath.shake.let',
    'school:tubShaking:a',
    'Let the dog shake: it lays the hair. Always so for old and injured dogs.',
  ),
  side(
    'bath.shake.steady',
    'school:tubShaking:b',
    'Steady the head, so that the room stays dry; old and injured dogs may shake.',
  ),
  line('bath.turns', 'It turns in the tub when asked: use it, and keep the hose where it is.', all('turns')),
];

const TUB: readonly PageLine[] = [
  side('bath.shampoo.wet', 'school:shampooOn:a', 'Wet to the skin by hand before any shampoo.', {}),
  side(
    'bath.shampoo.dry',
    'school:shampooOn:b',
    'Pour the pre-mixed shampoo onto the dry coat, down to the skin; then wet it.',
    { none: ['coat:smooth'] },
  ),
  line('bath.sheds', 'Jackets shed water: work it in against the lie with your fingers.', on(...JACKETS, 'coat:wire')),
  line('bath.along', 'Pre-diluted shampoo, worked along the hair, never in circles.', LONG),
  line('bath.smooth', 'Diluted shampoo, worked in with the curry.', on('coat:smooth'), { tool: 'curry' }),
  line(
    'bath.thick',
    'Wash and rinse the front half, then the rear, then the front half again.',
    on(...DOUBLES, 'coat:scissored'),
  ),
  line('bath.legs', 'Wash one leg at a time from armpit to foot.', LONG),
  line('bath.dirt', 'Then wash feet, vent and tail; the belly last, dirt runs there.'),
  side(
    'bath.washes.two',
    'school:thickWashes:a',
    'Two washes: the first takes the dirt, the second cleans.',
    on('coat:double', 'coat:heavySheepdog', 'coat:scissored'),
  ),
  side(
    'bath.washes.left',
    'school:thickWashes:b',
    'One wash, left on for about five minutes.',
    on('coat:double', 'coat:heavySheepdog', 'coat:scissored'),
  ),
  line('bath.once', 'One wash is enough.', on(...JACKETS, 'coat:drop', 'coat:wire', 'coat:smooth'), {
    topic: 'thickWashes',
  }),
  side(
    'bath.blowMats',
    'school:matsAndWater:b',
    'Wash twice, then bring it to the dryer wet: loose mats are blown outward there, not brushed here.',
    on('coat:scissored'),
  ),
  line('bath.texture', 'Texture wash where body is wanted, each product in its own zones.', {
    all: ['bath:show'],
    any: ['coat:double', 'coat:heavySheepdog', 'coat:scissored', 'coat:wire'],
  }),
  line('bath.white', 'On show whites a mild wash first, then the whitener; it goes out completely.', {
    all: ['white', 'bath:show'],
    none: ['coat:smooth'],
  }),
];

const HEAD: readonly PageLine[] = [
  ...HEAD_FIRST,
  side(
    'bath.head.last',
    'school:headInBath:a',
    'The head last, with the fingertips: the dog shakes once it is wet. Shampoo off the back of the head first, then clean water from behind flushes head and eyes.',
    LONG,
  ),
  line('bath.head.smooth', 'Wipe the face with a wet cloth.', on('coat:smooth'), { topic: 'headInBath' }),
  line('bath.crusts', 'Soften crusts at the eyes with warm water; never pull them dry.', LONG),
];

const RINSE: readonly PageLine[] = [
  line('bath.bottle', 'Bottle and pitcher for clean water never hold shampoo.', LONG),
  line('bath.stays', 'What may stay in and what must come out completely, each label says.', LONG),
  line('bath.rinse', 'Rinse from the top, then the undersides, by feel: shampoo can be felt.', LONG),
  line('bath.rinse.smooth', 'Rinse until the water runs clear.', on('coat:smooth')),
  line('bath.fringe', 'Squeeze the fringes gently, never rub them.', {
    any: ['ears:fringe', 'feet:slippers', 'fringed'],
    none: ['coat:smooth'],
  }),
  line('bath.exit', 'Check feet, vent, belly, tail and ears. Cotton out.'),
];

const KEEP_UP_CONDITION = line(
  'cond.keepUp',
  'A keep-up bath is conditioned everywhere, also in the show season.',
  all('bath:keepUp'),
  { topic: 'conditionWhere' },
);

/** Lines by step. */
export const WASH_LINES = {
  preTreat: [
    line('pre.where', 'Put it on the dry coat: tear lines, mouth, urine stains, feet.'),
    line('pre.in', 'Work it in by fingertip, away from the eye itself.'),
    side('pre.half', 'school:preTreat:a', 'Leave it about 30 minutes, while you brush the other flank.'),
    side('pre.minutes', 'school:preTreat:b', 'Leave it a few minutes only, and renew it after wetting.'),
    line('pre.renew', 'Renew it where wetting washed it off.', all('school:preTreat:a')),
    line(
      'pre.hair',
      'Stains sit in the hair, not on the skin: draw it along the strand.',
      on('coat:drop', 'coat:scissored', 'coat:heavySheepdog'),
    ),
  ],
  trimBath: [...EAR_CLEANING, ...WATER, ...TUB, ...HEAD, ...RINSE],
  bath: [...EAR_CLEANING, ...WATER, ...TUB, ...HEAD, ...RINSE],
  bathWhites: [
    line(
      'bath.test',
      'Test lukewarm water away from the dog; test again after every pause, for the pipe delivers a hot slug.',
    ),
    line('whites.zones', 'Wash the white zones only: head, collar, legs, feet and tail tip.'),
    line('whites.dry', 'Keep the body coat dry: it softens when washed.'),
    line('whites.whitener', 'Leave the whitener in for 5 to 10 minutes, then rinse it out fully.'),
    line('whites.head', 'At the head cotton into the ears, fingertips only, eyes flushed from behind.'),
    line('bath.crusts', 'Soften crusts at the eyes with warm water; never pull them dry.'),
    line('whites.exit', 'Check feet and collar for foam. Cotton out.'),
  ],
  condition: [
    KEEP_UP_CONDITION,
    line(
      'cond.show',
      'A show bath spares the zones where body is wanted.',
      { any: ['bath:show', 'bath:trim'] },
      { topic: 'conditionWhere' },
    ),
    line('cond.feather', 'No rich conditioner on the ear fringes: the show is near.', {
      all: ['bath:show'],
      any: ['ears:fringe', 'coat:jacketedTrimmed', 'fringed'],
    }),
    line('cond.feather.between', 'Welcome on the fringes now: between shows it keeps tangles away.', {
      all: ['bath:keepUp'],
      any: ['ears:fringe', 'fringed'],
    }),
    line('cond.packed', 'More at packed zones: it lets the undercoat go at the dryer.', on(...DOUBLES)),
    side('cond.five', 'school:soakLength:a', 'Leave it about five minutes; the label is the least.'),
    side('cond.three', 'school:soakLength:b', 'Two or three minutes, working in counted; the label is the least.'),
    line('cond.stay', 'Stay with the dog. Use the wait: bottles topped up, the surround hosed clear.'),
    line('cond.time', 'Rinse by time: conditioner cannot be felt.'),
  ],
  glands: [
    line('glands.trained', 'Only somebody trained for it does this: careless pressure hurts. About four minutes.'),
    line('glands.before', 'Do it in the tub before the bath; it is pointless if the last bath was within a week.'),
    line('glands.wash', 'Wash hands, dog and tub at once.'),
    side('glands.needed', 'school:glands:b', 'Only when it is needed: the dog slides, or licks there.'),
    side('glands.each', 'school:glands:a', 'At baths, but not every week.'),
    line('glands.stop', 'Pain, blood, swelling or smell: stop, vet.'),
  ],
  towel: [
    line('towel.press', 'Press along the growth; never rub long hair.', LONG),
    line('towel.rub', 'Rub the dog dry with the towel.', on('coat:smooth')),
    line(
      'towel.comb',
      'Comb the wet coat into its lie with the slicker that is kept for the tub.',
      not('coat:smooth', 'coat:drop'),
      { tool: 'slicker' },
    ),
    line('towel.drop', 'Comb it straight down from the part with a wide comb.', on('coat:drop'), { tool: 'wideComb' }),
    line('towel.fringe', 'Squeeze the fringes in the towel, nothing rubbed.', {
      any: ['ears:fringe', 'fringed'],
      none: ['coat:smooth'],
    }),
    line('towel.ten', 'At the dryer within ten minutes, or the coat dries as it falls.', LONG),
    line('towel.cloth', 'A soft cloth over the jacket brings the shine.', on('coat:smooth')),
  ],
  forceDry: [
    line('force.towel', 'Lay a towel on the table: it takes the water driven down.'),
    line(
      'force.fear',
      'This dog does not stand for the dryer: a second person holds its head, low air first, ears covered.',
      all('fearsDryer'),
    ),
    line('force.short', 'Dry short hair first: rear to front, top to underside, near the skin, slowly.'),
    line('force.nozzle', 'A wandering or distant nozzle snarls the tips.', not('coat:smooth')),
    line('force.leg', 'Lift the opposite leg for the inner thighs.'),
    line('force.packed', 'Undercoat flies now: stay on packed zones until nothing comes.', on('coat:double')),
    line(
      'force.curl',
      'Go slowly until the curl is straight at the root. Curl that still catches the comb is not straight yet: dry on, it is no mat.',
      on('coat:scissored'),
    ),
    side(
      'force.mats',
      'school:matsAndWater:b',
      'Over a loose mat hold the air close: it works the mat outward. Matted curl takes two passes: mats, then straightening.',
      on('coat:scissored'),
    ),
    line('force.jacket', 'Along the growth on the jacket: it must lie flat. Feathering after it.', on(...JACKETS)),
    line('force.next', 'Heat within 15 minutes, before it sets as it fell.', LONG),
  ],
  heatDry: [
    side(
      'heat.drip',
      'school:curlDrying:b',
      'The coat is drip-damp: stretch each strand straight under the heat, section by section, the rest covered wet.',
      on('coat:scissored'),
    ),
    side(
      'heat.force',
      'school:sheepdogForceDryer:b',
      'The force dryer helps only in trained hands, low, and never against the hair: every hair stays.',
      on('coat:heavySheepdog'),
    ),
    line('heat.lying', 'The dog lies on a towel: one flank, then the other, low heat.', on('coat:heavySheepdog')),
    line('heat.raise', 'Raise the coat on the brush and dry it toward its final lie, zone by zone.', {
      none: ['coat:wire', 'coat:heavySheepdog'],
    }),
    line(
      'heat.slicker',
      'Short rigid slicker, up and out: every hair stands away from the body.',
      on('coat:scissored'),
      { tool: 'slicker' },
    ),
    line('heat.chest', 'Chest forward and down.', not('coat:wire', 'coat:scissored'), { zones: ['forechest'] }),
    line('heat.flat', 'Jacket flat along the growth: too much lift makes the dog look heavy.', on(...JACKETS)),
    line(
      'heat.featherFull',
      'Full feather straight down.',
      { any: JACKETS, none: ['thinCoat'] },
      { topic: 'feather', zones: ['foreFeather', 'breeches'] },
    ),
    line(
      'heat.featherSparse',
      'Sparse feather up first, then down.',
      { any: JACKETS, all: ['thinCoat'] },
      { topic: 'feather', zones: ['foreFeather', 'breeches'] },
    ),
    line('heat.legs', 'Pasterns, hocks and fronts of the legs up, then laid.', on(...JACKETS, 'coat:double'), {
      zones: ['pastern', 'hock', 'foreleg'],
    }),
    line('heat.legsMiddle', 'Leg hair from front and back toward the middle.', on('coat:scissored', 'coat:wire'), {
      zones: ['foreleg', 'hock'],
    }),
    line('heat.down', 'Straight down from the part, pin brush under the air.', on('coat:drop'), { tool: 'pinBrush' }),
    line(
      'heat.stop',
      'Hair of the head forward, where more stop is wanted.',
      { any: ['head:topknot', 'head:round', 'coat:jacketedNatural'] },
      { zones: ['stop', 'skull'] },
    ),
    line('heat.fringed', 'Ears first, then tail, breeches, body; leave-in spray before and during.', {
      any: ['ears:fringe', 'fringed'],
      none: ['coat:smooth', 'coat:drop'],
    }),
    line(
      'heat.tail',
      'Tail straight down both sides: pulled sideways it flips.',
      { none: ['tail:docked', 'tail:pom', 'tail:tapered', 'coat:wire'] },
      { zones: ['tail'] },
    ),
    line(
      'heat.ears',
      'Ears brushed back while wet, in their lie when nearly dry; the underside is longest wet.',
      not('coat:wire'),
      { zones: ['earUnder', 'earSurface'] },
    ),
    line('heat.wire', 'Beard, brows and legs only; the jacket dries by itself.', on('coat:wire')),
    line('heat.hand', 'The heat works the hair and never presses on skin.'),
    line('heat.kink', 'A kinked root gets heat again, no mat work.', LONG),
  ],
  dryCheck: [
    line('check.dry', 'Test for dry: fingertips at the root; dry hair is paler in tone.'),
    line(
      'check.straight',
      'Test for straight: no kink at the root. Curl can be dry and still kinked: combs catch, clippers leave tracks.',
      on('coat:scissored'),
      { topic: 'straightTest' },
    ),
    line('check.lie', 'Test for straight: it parts to the root without a kink.', not('coat:scissored', 'coat:smooth'), {
      topic: 'straightTest',
    }),
    line('check.where', 'Test armpits, groin, behind the ears and under the collar.', LONG),
    line('check.under', 'Part the undercoat at chest and rear: it holds water longest.', on(...DOUBLES)),
    side('check.ringDry', 'school:ringDryness:a', 'Dry to the skin everywhere.', LONG),
    side(
      'check.ringDamp',
      'school:ringDryness:b',
      'Dry to the skin today; damp undercoat is for the show morning only.',
      on(...DOUBLES),
    ),
    line('check.mark', 'Mark each zone that fails: scissors wait for it.', LONG),
  ],
} satisfies Readonly<Record<string, readonly PageLine[]>>;
