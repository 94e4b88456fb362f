/*
 * Lines of the parts of an outline, shared by the trims: feet, fringe, legs, tails,
 * body, heads. Common practice of the trade.
 */
import type { PageFact, PageLine } from '@loyal-mane/core';
import { JACKETS, LONG, all, line, not, on, partOf, sequence, side } from '../line.js';

/** Coats with an outline to shape. */
export const SHAPED: readonly PageFact[] = [
  'coat:scissored',
  'coat:jacketedTrimmed',
  'coat:drop',
  'coat:heavySheepdog',
  'coat:wire',
];

/** Guided: a foot that follows its natural line. */
export const NATURAL_FOOT = partOf(
  'feet',
  sequence(
    'foot',
    {
      any: ['feet:natural', 'feet:slippers', 'feet:shaped'],
      none: ['coat:smooth', 'coat:wire', 'coat:scissored', 'coat:heavySheepdog'],
    },
    [
      [
        'Mini clipper under the pads: the more it takes, the less is left to scissor.',
        'Pads are clear.',
        { zones: ['forePads', 'hindPads'], tool: 'clipper' },
      ],
      [
        'Straight shear along the pad outline.',
        'The edge follows the pads.',
        { zones: ['forefoot', 'hindfoot'], tool: 'shortStraight', topic: 'footEdge', when: not('school:footEdge:b') },
      ],
      [
        'Curved shear along the pad outline.',
        'The edge follows the pads.',
        { zones: ['forefoot', 'hindfoot'], tool: 'longCurved', topic: 'footEdge', when: all('school:footEdge:b') },
      ],
      [
        'Raise the top hair with the slicker.',
        'It stands up between the toes.',
        { zones: ['foreToes', 'hindToes'], tool: 'slicker' },
      ],
      [
        'Thin along the contour, between the toes from the side, then level at the toe ends; the top is not touched again.',
        'Nothing looks cut.',
        { zones: ['foreToes', 'hindToes'], tool: 'thinners' },
      ],
      [
        'Brush and thin by turns; the full blade for stragglers and around the nails, last.',
        'Judged with the foot down, in stance.',
        { zones: ['forefoot', 'hindfoot'] },
      ],
    ],
  ),
);

/** Guided: a foot scissored to a bevel. */
export const BEVEL_FOOT = partOf(
  'feet',
  sequence('foot', { any: ['feet:bevel', 'feet:curved', 'feet:clipped'], none: ['coat:smooth'] }, [
    [
      'Foot lifted near the table’s edge, hair combed toward you.',
      'The pad shows.',
      { zones: ['forefoot', 'hindfoot'] },
    ],
    [
      'Back edge cut flush with the pad, rising slightly.',
      'No hair reaches beneath the pad.',
      { zones: ['forePads', 'hindPads'], tool: 'longCurved' },
    ],
    [
      'Foot down, bottom line set with curved shears.',
      'Round from above.',
      { zones: ['forefoot', 'hindfoot'], tool: 'longCurved', topic: 'footEdge', when: not('school:footEdge:a') },
    ],
    [
      'Foot down, bottom line set with straight shears, in short cuts around.',
      'Round from above.',
      { zones: ['forefoot', 'hindfoot'], tool: 'shortStraight', topic: 'footEdge', when: all('school:footEdge:a') },
    ],
    [
      'Lifted again and fluffed: inner layer trimmed close, edge rounded in sweeping arcs.',
      'The bevel rises evenly.',
      { zones: ['forefoot', 'hindfoot'], tool: 'longCurved' },
    ],
    [
      'Touched up with weight on it; about a minute a foot. A higher bevel makes the leg look longer.',
      'All four alike.',
      { zones: ['forefoot', 'hindfoot'] },
    ],
  ]),
);

/** Guided: the fall over the eyes. */
export const FRINGE = partOf(
  'head',
  sequence('fringe', { any: ['head:fall'], all: ['coat:scissored'] }, [
    [
      'Only where the fringe is kept short, never on a topknot coat: comb it forward.',
      'Seen from above, it falls evenly.',
      { zones: ['brow', 'stop'] },
    ],
    ['Center first, straight across.', 'The eyes show as the breed asks.', { zones: ['stop'], tool: 'longCurved' }],
    ['Each side with the leather located by finger.', 'The ear stays untouched.', { zones: ['brow', 'earFront'] }],
    [
      'Blend the corners at the eyes with thinners, also from behind with the ear raised.',
      'No step at the corner.',
      { zones: ['eyeCorner', 'brow'], tool: 'thinners' },
    ],
    ['Comb, and look again from above.', 'Left and right alike.', { zones: ['brow'] }],
  ]),
);

/** Where a trim begins, by school. */
export const BEGIN: readonly PageLine[] = (
  [
    ['feet', 'Begin with the feet, while the dog is fresh.'],
    ['head', 'Begin with the head, while the dog is fresh.'],
    ['rear', 'Begin at the rear: it sets the other lines.'],
    ['topline', 'Begin with the topline: it sets the other lines.'],
  ] as const
).map(([part, text]) => line(`trim.begin.${part}`, text, { ...LONG, all: [`begin:${part}`] }, { topic: 'trimBegin' }));

/** Handling of the thinners, and both sides alike. */
export const THINNERS: readonly PageLine[] = [
  line(
    'trim.thinners',
    'Thinners with the growth, one or two closings, move, comb, look. Never stab: it marks and pulls.',
    on(...JACKETS, 'coat:double', 'coat:heavySheepdog', 'coat:drop'),
    { tool: 'thinners' },
  ),
  line(
    'trim.both',
    'Repeat each cut on the other side. Go around the dog once, from the front of the show side to the front of the off side.',
    LONG,
  ),
];

/** Where bulk is taken, by the color at the root. */
export const PALE: readonly PageLine[] = [
  side(
    'trim.pale.beneath',
    'school:coloredBulk:a',
    'Roots are paler: take bulk from beneath, never from the surface.',
    all('paleRoots'),
  ),
  side(
    'trim.bulk.surface',
    'school:coloredBulk:b',
    'Bulk from the surface where the color runs to the root.',
    on(...JACKETS),
  ),
];

/** Tails by breed style. */
export const TAILS: readonly PageLine[] = partOf('rear', [
  line(
    'tail.flag',
    'Flag: bone to the hock. Find the bone’s end, leave hair beyond it, twist, thin; held up, shape the fall. Never blunt.',
    all('tail:flag'),
    { topic: 'tail', zones: ['tail', 'tailTip'] },
  ),
  line(
    'tail.docked',
    'Short tail: straight across about 2 in wide, then straight at the tail, a light finish. Much closer only to shorten a long back or soften a steep croup. The vent stays covered.',
    { all: ['tail:docked'], none: ['coat:smooth'] },
    { topic: 'tail', zones: ['tail', 'tailSet'] },
  ),
  line(
    'tail.raised',
    'Raised tail: held at its moving height, upstanding ends parallel to the topline, then straight off the end; left wider and heavier than you would like it at rest. A second person moves the dog: look with the tail down, up and moving.',
    all('tail:raised'),
    { topic: 'tail', zones: ['tail', 'tailTip'] },
  ),
  line('tail.pom', 'Tail rosette by curved shears, round from every side.', all('tail:pom'), {
    topic: 'tail',
    zones: ['tail'],
  }),
  line('tail.tapered', 'Tail clipped at the tip, tapered into the set.', all('tail:tapered'), {
    topic: 'tail',
    zones: ['tail'],
  }),
  line(
    'tail.curled',
    'The plume over the back stays; look at it up and hanging.',
    { all: ['tail:curled'], none: ['coat:smooth'] },
    { topic: 'tail', zones: ['tail'] },
  ),
  line(
    'tail.level',
    'Tail: stray ends only, never blunt.',
    { all: ['tail:level'], none: ['coat:smooth'] },
    { topic: 'tail', zones: ['tailTip'] },
  ),
]);

/** Hair a young dog keeps to grow on. */
export const GROWING: readonly PageLine[] = [
  line(
    'grow.hock',
    'Growing on: the hock is only dusted; the back of the foreleg, tail and topknot’s inside stay.',
    { all: ['growing', 'coat:scissored'] },
    { zones: ['hock', 'foreFeather', 'tail', 'skull'] },
  ),
  line('grow.rear', 'Keep the rear curve shallow; it ends where the leg bends.', {
    all: ['growing', 'coat:scissored'],
  }),
  line('grow.slip', 'A slip is dusted lightly at its rim, never deepened to match.', on('coat:scissored')),
];

/** Handling of the shears. */
export const SHEARS: readonly PageLine[] = [
  side(
    'shears.straight',
    'school:bodyShears:a',
    'Long straight shears for the body, curved for legs, rosettes, topknot and tail.',
    on('coat:scissored'),
  ),
  side(
    'shears.curved',
    'school:bodyShears:b',
    'Curved shears for all, reversed for straight lines.',
    on('coat:scissored'),
  ),
];

/** Body lines of a scissored coat. */
export const SCISSORED_BODY: readonly PageLine[] = [
  line(
    'body.rear',
    'Rear: tail-set bevel (diamond or U, as this dog is), then the shelf at about 45 degrees, then the angle to where the leg bends. With the tail held up it rests cleanly above the back.',
    on('coat:scissored'),
    { zones: ['tailSet', 'breeches'], begins: 'rear' },
  ),
  line('body.order', 'Upper rear left, upper rear right, then lower rear and front by side.', on('coat:scissored'), {
    begins: 'rear',
  }),
  line(
    'body.front',
    'The front mirrors it: point of rump and point of shoulder at one height, chest center level with them.',
    on('coat:scissored'),
    { zones: ['forechest', 'shoulder'] },
  ),
  line('body.top', 'The top joins them.', on('coat:scissored'), {
    zones: ['withers', 'back', 'loin'],
    begins: 'topline',
  }),
  line(
    'body.under',
    'Underline and tuck-up: its place decides how the hind angle reads. Press the flank skin so that the edge stands out, release, look.',
    on('coat:scissored'),
    { zones: ['underline', 'loinSkirt'] },
  ),
  line(
    'body.legs',
    'Legs as columns; hair even round the hock, inner line clean; inner sides are the most forgotten.',
    on('coat:scissored'),
    { zones: ['foreleg', 'innerForeleg', 'hock', 'innerThigh'] },
  ),
  line('body.blades', 'Blades level, only the thumb moves: hopping nicks the surface.', on('coat:scissored')),
  line(
    'body.thirds',
    'Look at the trunk in thirds: neck and forechest, ribs, loin and rump about equal. Rear angle never greater than front.',
    on('coat:scissored'),
  ),
  line('body.blend', 'Clip to scissors: tips lined up with the clipped hair.', on('feet:clipped', 'ears:clipped')),
];

/** Heads by breed style. */
export const HEADS: readonly PageLine[] = partOf('head', [
  line(
    'head.topknot',
    'Topknot: eye corner to ear with the ear turned back, blades leaning outward (upright narrows the head); front straight across; under-layer; join; separate from the ear; light on top and back; curls pulled out and recut.',
    all('coat:scissored', 'head:topknot'),
    { topic: 'head', zones: ['skull', 'brow'] },
  ),
  line(
    'head.round',
    'Round head: from the nose in one circle, ears part of it; look from in front and from above.',
    { all: ['head:round'], any: ['coat:scissored'] },
    { topic: 'head', zones: ['skull', 'cheek', 'beard'] },
  ),
  line(
    'head.foreface',
    'Fall and beard stay long; the skull is kept shorter.',
    { all: ['head:fall'], any: ['coat:scissored'] },
    { topic: 'head', zones: ['muzzle', 'beard', 'stop'] },
  ),
  line(
    'head.clean',
    'Skull clean and smooth; hair at the stop may go where the full coat hides it.',
    { all: ['head:cleanSkull'], none: ['coat:smooth'] },
    { topic: 'head', zones: ['skull', 'stop'] },
  ),
  line(
    'head.wedge',
    'Wedge head judged from above, ears back; bulk at the ear base cleared.',
    { all: ['head:wedge'] },
    { topic: 'head', zones: ['skull', 'earFront', 'cheek'] },
  ),
  line(
    'head.teased',
    'The head by its plan: cut rarely, about a month before it is recut it must have regrown.',
    all('head:teased'),
    { topic: 'head', zones: ['skull', 'brow'] },
  ),
  line('head.rect', 'Rectangular head: skull flat, cheeks close, brows and beard kept.', all('head:rectangular'), {
    topic: 'head',
    zones: ['skull', 'cheek', 'brow', 'beard'],
  }),
]);

/** Legs and their feathering. */
export const LEGS: readonly PageLine[] = [
  line('legs.weak', 'A weak pastern or sinking hock keeps its hair: tidiness would show it.', all('weakLegs'), {
    topic: 'pasterns',
    zones: ['pastern', 'hock'],
  }),
  line(
    'legs.assess',
    'Look at pasterns and hocks in stance before you tidy them: low breeds sink. Hind hocks keep more hair than front pasterns.',
    { any: [...JACKETS, 'coat:double'], none: ['weakLegs'] },
    { topic: 'pasterns', zones: ['pastern', 'hock'] },
  ),
  line('legs.feather', 'Feather behind the foreleg short enough not to be trodden on.', on('coat:jacketedTrimmed'), {
    zones: ['foreFeather'],
  }),
];
