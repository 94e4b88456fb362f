/*
 * One dog's record: the coat as it is, what was found in it, what was used on it, how it settles and holds.
 */
import { CORRECTION_IDS } from '../outline/corrections.js';
import type { CorrectionId } from '../outline/corrections.js';
import { MOST_LINE_MM, OUTLINE_LINES } from '../outline/outlineLines.js';
import type { OutlineLine } from '../outline/outlineLines.js';
import { Type } from '@sinclair/typebox';
import type { Static } from '@sinclair/typebox';
import type { DogId, OwnerId, PersonId, SiteId } from '../units/ids.js';
import { ZONE_IDS } from '../coat/zones.js';
import type { ZoneId } from '../coat/zones.js';
import { SchoolsOf } from './methodsRecord.js';
import { day, id, name, oneOf, strict, textUpTo, wall } from './schemaParts.js';
import {
  BODY_SIDES,
  COAT_COLORS,
  CONSENTS,
  COURSES,
  DOG_MEASURES,
  DOG_STATES,
  GROUNDS,
  INSPECTION_POINTS,
  MOVEMENTS,
  NOTE_KINDS,
  PRODUCT_IDS,
  SETTLED,
  SEVERITIES,
  SKIN_STATES,
  STEP_IDS,
  TIGHTNESSES,
  USE_SCOPES,
  WEAK_LEGS,
  ZONE_TESTS,
} from './vocabulary.js';
import type {
  BodySide,
  CoatColor,
  ConsentKind,
  Course,
  DogMeasure,
  DogStateKind,
  InspectionPoint,
  Movement,
  NoteKind,
  ProductId,
  Settled,
  Severity,
  StepId,
  SkinState,
  Tightness,
  UseScope,
  WeakLeg,
  ZoneTest,
} from './vocabulary.js';

const Mat = Type.Object(
  {
    zone: oneOf<ZoneId>(ZONE_IDS, 'where'),
    side: Type.Optional(oneOf(['left', 'right'] as const, 'side of a paired zone; both or unknown when absent')),
    tightness: oneOf<Tightness>(TIGHTNESSES, 'how far it has closed'),
    foundOn: Type.Optional(day('when it was found')),
    cm: Type.Optional(Type.Integer({ minimum: 1, maximum: 30, description: 'longest side, cm; 3 when absent' })),
    atSkin: Type.Optional(Type.Boolean({ description: 'no finger passes between it and the skin' })),
    skin: Type.Optional(oneOf<SkinState>(SKIN_STATES, 'skin beneath it; not looked at when absent')),
    keptUntil: Type.Optional(day('a light web kept for the ring: out by this day')),
  },
  strict,
);

const DogState = Type.Object(
  {
    kind: oneOf<DogStateKind>(DOG_STATES, 'what is to be minded'),
    from: day('since'),
    until: Type.Optional(day('last day; open when absent')),
    hours: Type.Optional(
      Type.Integer({ minimum: 1, maximum: 240, description: 'label hours either side of a treatment' }),
    ),
    note: Type.Optional(textUpTo(200, 'of note')),
  },
  strict,
);

const Consent = Type.Object(
  { what: oneOf<ConsentKind>(CONSENTS, 'what the owner agreed to'), given: day('when') },
  strict,
);

const zonesList = (description: string) =>
  Type.Array(oneOf<ZoneId>(ZONE_IDS, 'zone'), { uniqueItems: true, maxItems: ZONE_IDS.length, description });

const Unready = Type.Object(
  { zone: oneOf<ZoneId>(ZONE_IDS, 'where'), test: oneOf<ZoneTest>(ZONE_TESTS, 'damp at the root, or kinked') },
  strict,
);

const ZoneColor = Type.Object(
  { zone: oneOf<ZoneId>(ZONE_IDS, 'where'), color: oneOf<CoatColor>(COAT_COLORS, 'color') },
  strict,
);

/** Most uses of products that a dog keeps; the oldest go first. */
export const MOST_USES = 400;

const ProductUse = Type.Object(
  {
    day: day('when'),
    product: oneOf<ProductId>(PRODUCT_IDS, 'class of product'),
    scope: oneOf<UseScope>(USE_SCOPES, 'whole coat, some zones, or stains only'),
    zones: Type.Optional(zonesList('where, for some zones')),
  },
  strict,
);

const RecipeLine = Type.Object(
  {
    product: oneOf<ProductId>(PRODUCT_IDS, 'class of product'),
    zones: zonesList('where it goes; empty = all over'),
    note: Type.Optional(textUpTo(200, 'how, or which bottle')),
  },
  strict,
);

const Settling = Type.Object({ day: day('of the bath'), right: oneOf<Settled>(SETTLED, 'when it was right') }, strict);

const Hold = Type.Object(
  { day: day('when'), minutes: Type.Integer({ minimum: 5, maximum: 600, description: 'minutes until it sagged' }) },
  strict,
);

const Note = Type.Object(
  {
    id: Type.String({ minLength: 8, maxLength: 64, description: 'made by the device that wrote it' }),
    day: day('when'),
    kind: oneOf<NoteKind>(NOTE_KINDS, 'what it is about'),
    zones: zonesList('where; empty = the whole dog'),
    text: Type.Optional(textUpTo(200, 'why, or what to do')),
  },
  strict,
);

const Stay = Type.Object(
  {
    from: day('first day here'),
    arrives: Type.Optional(wall('when it is brought; in the morning when absent')),
    until: Type.Optional(day('last day here; open when absent')),
    leaves: Type.Optional(wall('when it is fetched; in the evening when absent')),
    broughtTo: Type.Optional(id<SiteId>('site where it is handed over; home when absent')),
  },
  strict,
);

/** So many finds of knots are kept of a dog; the oldest go first. */
export const MOST_KNOTS = 600;

/** So many finds of damp zones are kept of a dog; the oldest go first. */
export const MOST_DAMP = 200;

const KnotFound = Type.Object({ day: day('when it was found'), zone: oneOf<ZoneId>(ZONE_IDS, 'where') }, strict);

const UndercoatDone = Type.Object({ zone: oneOf<ZoneId>(ZONE_IDS, 'where'), day: day('when') }, strict);

const CooperationAt = Type.Object(
  {
    step: oneOf<StepId>(STEP_IDS, 'step'),
    factor: Type.Number({ minimum: 0.8, maximum: 1.6, description: 'factor on minutes: 0.8 easy, 1.6 hard' }),
  },
  strict,
);

const CooperationZone = Type.Object(
  {
    zone: oneOf<ZoneId>(ZONE_IDS, 'zone'),
    factor: Type.Number({ minimum: 0.8, maximum: 1.6, description: 'factor on minutes: 0.8 easy, 1.6 hard' }),
  },
  strict,
);

const Weighing = Type.Object(
  { day: day('when'), kg: Type.Number({ minimum: 0.5, maximum: 120, description: 'weight, kg' }) },
  strict,
);

const Measure = Type.Object(
  {
    day: day('when'),
    what: oneOf<DogMeasure>(DOG_MEASURES, 'what was measured'),
    cm: Type.Number({ minimum: 0, maximum: 200, description: 'centimeters' }),
  },
  strict,
);

const HairLength = Type.Object(
  {
    day: day('when'),
    zone: oneOf<ZoneId>(ZONE_IDS, 'where'),
    mm: Type.Number({ minimum: 0, maximum: 600, description: 'length of the hair, millimeters' }),
    side: Type.Optional(oneOf<BodySide>(BODY_SIDES, 'side of the dog; both alike when absent')),
    by: Type.Optional(id<PersonId>('who measured it')),
    why: Type.Optional(textUpTo(120, 'why it was left so')),
  },
  strict,
);

const WantedLength = Type.Object(
  {
    zone: oneOf<ZoneId>(ZONE_IDS, 'where'),
    mm: Type.Number({ minimum: 0.5, maximum: 600, description: 'length of the hair, millimeters' }),
  },
  strict,
);

const OutlineCorrection = Type.Object(
  {
    what: oneOf<CorrectionId>(CORRECTION_IDS, 'what the eye is to see'),
    amount: Type.Number({ minimum: 0, maximum: 1, description: 'how far, 1 as far as it goes' }),
  },
  strict,
);

const lineEnd = (description: string) => Type.Number({ minimum: -MOST_LINE_MM, maximum: MOST_LINE_MM, description });

const OutlineLineSet = Type.Object(
  {
    what: oneOf<OutlineLine>(OUTLINE_LINES, 'line that was set by hand'),
    near: lineEnd('off the breed’s at its front or upper end, mm, outward above 0'),
    far: lineEnd('the same at its other end'),
  },
  strict,
);

/** So many looks at a dog in movement are kept; the oldest go first. */
export const MOST_MOVEMENTS = 60;

const MovementSeen = Type.Object(
  {
    day: day('when'),
    by: Type.Optional(id<PersonId>('second person, who watched')),
    seen: oneOf<Movement>(MOVEMENTS, 'how the outline was in movement'),
    zones: zonesList('where; empty = all of it'),
    text: Type.Optional(textUpTo(200, 'what was seen')),
  },
  strict,
);

/** So many outlines are kept of a dog; the oldest go first. */
export const MOST_OUTLINES = 60;

const KeptOutline = Type.Object(
  {
    id: id('of the outline'),
    day: day('when it was so'),
    name: name('what it is called'),
    lengths: Type.Array(WantedLength, { maxItems: ZONE_IDS.length, description: 'hair on that day' }),
    wanted: Type.Array(WantedLength, { maxItems: ZONE_IDS.length, description: 'hair that was wanted' }),
    corrections: Type.Array(OutlineCorrection, { maxItems: CORRECTION_IDS.length, description: 'asked for then' }),
  },
  strict,
);

const OutlineWays = Type.Object(
  {
    corrections: Type.Optional(
      Type.Array(OutlineCorrection, {
        maxItems: CORRECTION_IDS.length,
        description: 'what a lead wants the eye to see',
      }),
    ),
    lengthPull: Type.Optional(
      Type.Number({
        minimum: 0,
        maximum: 1,
        description: 'how hard the length to the height is kept, 0.2 when absent',
      }),
    ),
    movingTail: Type.Optional(
      Type.Number({ minimum: -90, maximum: 180, description: 'tail in movement, degrees up from straight back' }),
    ),
    lines: Type.Optional(
      Type.Array(OutlineLineSet, { maxItems: OUTLINE_LINES.length, description: 'lines set by hand' }),
    ),
    movements: Type.Optional(
      Type.Array(MovementSeen, { maxItems: MOST_MOVEMENTS, description: 'looks at the dog in movement, oldest first' }),
    ),
    kept: Type.Optional(
      Type.Array(KeptOutline, { maxItems: MOST_OUTLINES, description: 'outlines to compare with, oldest first' }),
    ),
  },
  strict,
);

/** So many inspections are kept of a dog; the oldest go first. */
export const MOST_INSPECTIONS = 200;
/** So many looks are kept of one observation. */
export const MOST_LOOKS = 60;
/** So many observations are kept of a dog, open and closed; the oldest closed ones go first. */
export const MOST_OBSERVATIONS = 100;

const Inspected = Type.Object({ day: day('when'), by: Type.Optional(id<PersonId>('who looked the dog over')) }, strict);

const Look = Type.Object(
  {
    day: day('when'),
    course: oneOf<Course>(COURSES, 'beside the last look'),
    by: Type.Optional(id<PersonId>('who looked')),
  },
  strict,
);

const Observation = Type.Object(
  {
    id: Type.String({ minLength: 8, maxLength: 64, description: 'made by the device that wrote it' }),
    day: day('when it was found'),
    point: oneOf<InspectionPoint>(INSPECTION_POINTS, 'what is unusual'),
    zones: zonesList('where; empty = the whole dog'),
    severity: oneOf<Severity>(SEVERITIES, 'how soon it wants an answer'),
    text: Type.Optional(textUpTo(200, 'what was seen')),
    told: Type.Optional(textUpTo(80, 'who was told')),
    by: Type.Optional(id<PersonId>('who found it')),
    looks: Type.Optional(Type.Array(Look, { maxItems: MOST_LOOKS, description: 'looks since, the last of them last' })),
    closedOn: Type.Optional(day('usual again; followed until then')),
  },
  strict,
);

/** A dog with what its coat is like and what was found, decided and noted about it. */
export const DogRecord = Type.Object(
  {
    id: id<DogId>('dog'),
    name: name('call name'),
    breed: name('a breed of the library'),
    sex: oneOf(['dog', 'bitch'] as const, 'sex'),
    born: day('date of birth'),
    weightKg: Type.Number({ minimum: 0.5, maximum: 120, description: 'weight, kg' }),
    ownerId: Type.Optional(id<OwnerId>('owner')),
    density: oneOf(['light', 'normal', 'heavy'] as const, 'how dense the coat is'),
    undercoat: oneOf(['light', 'heavy'] as const, 'load of loose undercoat'),
    coatChange: Type.Boolean({ description: 'puppy coat giving way to the adult one' }),
    jacketLies: Type.Boolean({ description: 'false: a flat jacket needs a towel set' }),
    liesForWork: Type.Boolean({ description: 'trained to lie while it is brushed' }),
    cooperation: Type.Number({ minimum: 0.8, maximum: 1.6, description: 'factor on minutes: 0.8 easy, 1.6 hard' }),
    wholeBath: Type.Boolean({ description: 'a harsh coat that is bathed whole on request, not only its whites' }),
    bathSkippedWhenClean: Type.Boolean({ description: 'smooth coats: mitt-cleaned, clean ground, shown weekly' }),
    fringed: Type.Boolean({ description: 'fringes that are dressed daily and washed weekly' }),
    standMinPerDay: Type.Optional(
      Type.Integer({ minimum: 5, maximum: 120, description: 'standing trim minutes a day; by coat when absent' }),
    ),
    lastTrim: Type.Optional(day('last full trim')),
    lastBrush: Type.Optional(day('last full brushing')),
    lastBath: Type.Optional(day('last bath')),
    lastUndercoat: Type.Optional(day('last full removal of undercoat')),
    ground: Type.Optional(oneOf(GROUNDS, 'ground of the run')),
    soiled: Type.Optional(
      Type.Array(oneOf<ZoneId>(ZONE_IDS, 'zone'), { uniqueItems: true, description: 'soiled since the last bath' }),
    ),
    mats: Type.Optional(Type.Array(Mat, { maxItems: 60, description: 'mats that are known' })),
    knotsFound: Type.Optional(
      Type.Array(KnotFound, { maxItems: MOST_KNOTS, description: 'knots and mats ever marked, oldest first' }),
    ),
    dampFound: Type.Optional(
      Type.Array(KnotFound, { maxItems: MOST_DAMP, description: 'zones ever found damp at a dry check, oldest first' }),
    ),
    paleRoots: Type.Optional(Type.Boolean({ description: 'dark coat over paler roots: cut from beneath only' })),
    growsCoat: Type.Optional(Type.Boolean({ description: 'growing coat: the breed’s zones are locked' })),
    locked: Type.Optional(Type.Array(oneOf<ZoneId>(ZONE_IDS, 'zone'), { uniqueItems: true, description: 'not cut' })),
    states: Type.Optional(Type.Array(DogState, { maxItems: 100 })),
    consents: Type.Optional(Type.Array(Consent, { maxItems: 40 })),
    unready: Type.Optional(
      Type.Array(Unready, { maxItems: 60, description: 'zones that failed the dry or the straight test' }),
    ),
    colors: Type.Optional(Type.Array(ZoneColor, { maxItems: 60, description: 'color by zone where it is known' })),
    uses: Type.Optional(Type.Array(ProductUse, { maxItems: MOST_USES, description: 'products used, oldest first' })),
    buildUp: Type.Optional(Type.Boolean({ description: 'product has built up: the next wash clarifies' })),
    recipe: Type.Optional(Type.Array(RecipeLine, { maxItems: 40, description: 'finishing recipe, in order' })),
    settles: Type.Optional(
      Type.Array(Settling, { maxItems: 100, description: 'when the coat was right after a bath' }),
    ),
    holds: Type.Optional(Type.Array(Hold, { maxItems: 100, description: 'how long a finish held' })),
    notes: Type.Optional(
      Type.Array(Note, { maxItems: 60, description: 'notes for whoever is at the dog next, until they are over' }),
    ),
    inspected: Type.Optional(
      Type.Array(Inspected, {
        maxItems: MOST_INSPECTIONS,
        description: 'inspections beside planned tasks, oldest first',
      }),
    ),
    observations: Type.Optional(
      Type.Array(Observation, { maxItems: MOST_OBSERVATIONS, description: 'unusual things, followed until closed' }),
    ),
    towelSets: Type.Optional(
      Type.Integer({ minimum: 1, maximum: 2, description: 'towel sets that the jacket needs, 1 when absent' }),
    ),
    towelAfterBath: Type.Optional(
      Type.Boolean({ description: 'the jacket is set once more after the show bath, a day before leaving' }),
    ),
    wrapped: Type.Optional(Type.Boolean({ description: 'long hair is kept in wraps or bands' })),
    undercoatDone: Type.Optional(
      Type.Array(UndercoatDone, { maxItems: 60, description: 'last full removal of undercoat by zone' }),
    ),
    cooperationAt: Type.Optional(
      Type.Array(CooperationAt, { maxItems: 60, description: 'steps that the dog bears better or worse' }),
    ),
    cooperationZones: Type.Optional(
      Type.Array(CooperationZone, { maxItems: 60, description: 'zones that the dog lets be touched better or worse' }),
    ),
    schools: Type.Optional(SchoolsOf),
    note: Type.Optional(textUpTo(500, 'of note')),
    microchip: Type.Optional(
      Type.String({ pattern: '^[0-9]{15}$', description: 'ISO 11784: 15 digits, a country or a maker first' }),
    ),
    run: Type.Optional(name('run or kennel it stays in')),
    temperament: Type.Optional(textUpTo(500, 'what hands should know of it')),
    wishes: Type.Optional(textUpTo(500, 'what the owner wishes')),
    turnsInTub: Type.Optional(Type.Boolean({ description: 'turns in the tub when asked' })),
    standsForDryer: Type.Optional(Type.Boolean({ description: 'stands for the force dryer' })),
    weights: Type.Optional(Type.Array(Weighing, { maxItems: 300, description: 'weighings, oldest first' })),
    measures: Type.Optional(Type.Array(Measure, { maxItems: 300, description: 'body measures, oldest first' })),
    lengths: Type.Optional(Type.Array(HairLength, { maxItems: 1000, description: 'hair measured, oldest first' })),
    wanted: Type.Optional(
      Type.Array(WantedLength, { maxItems: ZONE_IDS.length, description: 'hair that is wanted on the day of a show' }),
    ),
    outline: Type.Optional(OutlineWays),
    finisherId: Type.Optional(id<PersonId>('who scissors and finishes it where they can')),
    batherId: Type.Optional(id<PersonId>('who baths and dries it where they can')),
    stays: Type.Optional(
      Type.Array(Stay, { maxItems: 200, description: 'when it is in the kennel’s care; always when absent or empty' }),
    ),
    weakLegs: Type.Optional(
      Type.Array(oneOf<WeakLeg>(WEAK_LEGS, 'joint'), {
        uniqueItems: true,
        description: 'weak pasterns or sinking hocks: their hair is left, tidiness shows the fault',
      }),
    ),
    leftOn: Type.Optional(day('since when it is no longer here; its records stay')),
  },
  strict,
);

/** A dog as the kennel's file has it; lengths in mm, weight in kg, days as local days. */
export type KennelDog = Static<typeof DogRecord>;
