/*
 * How a kennel works, as its file keeps it: sides of schools, changes to the care programs, breeds of its own.
 */
import { Type } from '@sinclair/typebox';
import type { Static, TUnsafe } from '@sinclair/typebox';
import { COAT_CLASSES } from '../coat/coatClass.js';
import type { CoatClass } from '../coat/coatClass.js';
import { TRIM_MAP_IDS } from '../coat/trimMap.js';
import type { TrimMapId } from '../coat/trimMap.js';
import { ZONE_IDS } from '../coat/zones.js';
import type { ZoneId } from '../coat/zones.js';
import { SCHOOL_IDS, SIDES } from './choices.js';
import type { SchoolId, Side } from './choices.js';
import { name, oneOf, strict, textUpTo, wall } from './schemaParts.js';
import { CHANGED_PARTS, DILUTION_WAYS, PRODUCT_IDS, STEP_IDS } from './vocabulary.js';
import type { DilutionWay, ChangedPart, ProductId, StepId } from './vocabulary.js';

/** Sides by question. */
export const SchoolsOf = Type.Partial(
  Type.Object(
    Object.fromEntries(SCHOOL_IDS.map((s) => [s, oneOf<Side>(SIDES, 'side')])) as Record<SchoolId, TUnsafe<Side>>,
    strict,
  ),
  strict,
);

const dayBefore = (description: string) => Type.Integer({ minimum: -60, maximum: 0, description });
const minutes = (most: number, description: string) => Type.Integer({ minimum: 0, maximum: most, description });

/** A kennel's change of one step of a care program; a field that is absent stays as the library has it. */
export const StepChange = Type.Object(
  {
    coat: oneOf<CoatClass>(COAT_CLASSES, 'class of coat'),
    part: oneOf<ChangedPart>(CHANGED_PARTS, 'part of the program'),
    step: oneOf<StepId>(STEP_IDS, 'step'),
    nth: Type.Integer({ minimum: 1, maximum: 9, description: 'which one of that name in the part, from 1' }),
    leftOut: Type.Optional(Type.Literal(true, { description: 'not done' })),
    fromDay: Type.Optional(dayBefore('first day it may be done, counted from the show or the departure')),
    toDay: Type.Optional(dayBefore('last day it may be done')),
    aimDay: Type.Optional(dayBefore('day on which it is wanted')),
    aimTime: Type.Optional(wall('time at which it is wanted')),
    waitMin: Type.Optional(minutes(2880, 'minutes after the step before it, at least')),
    waitMaxMin: Type.Optional(minutes(2880, 'minutes after the step before it, at most')),
    plusMin: Type.Optional(Type.Integer({ minimum: -120, maximum: 240, description: 'minutes added to the estimate' })),
    perDayMin: Type.Optional(Type.Integer({ minimum: 5, maximum: 600, description: 'most minutes of it on one day' })),
    before: Type.Optional(oneOf<StepId>(STEP_IDS, 'step of the same part that it is moved before')),
  },
  strict,
);
/** A change of one step of a coat's program; days count from the ring (negative before it), the rest is minutes. */
export type KennelStepChange = Static<typeof StepChange>;

/** Another interval of keep-up work. */
export const IntervalChange = Type.Object(
  {
    coat: oneOf<CoatClass>(COAT_CLASSES, 'class of coat'),
    rule: Type.String({ minLength: 1, maxLength: 40, description: 'keep-up rule' }),
    everyDays: Type.Integer({ minimum: 1, maximum: 180, description: 'days from one to the next' }),
    everyDaysInChange: Type.Integer({ minimum: 1, maximum: 180, description: 'the same in coat change' }),
  },
  strict,
);
/** A change of how often keep-up work comes back, days. */
export type KennelIntervalChange = Static<typeof IntervalChange>;

/** How this kennel thins a class of product and how long it works, as its own bottles say. */
export const ProductChange = Type.Object(
  {
    product: oneOf<ProductId>(PRODUCT_IDS, 'class of product'),
    parts: Type.Optional(Type.Integer({ minimum: 1, maximum: 100, description: 'parts of water to one part' })),
    says: Type.Optional(oneOf<DilutionWay>(DILUTION_WAYS, 'how its label writes the dilution; 1 : n when absent')),
    soakFromMin: Type.Optional(Type.Integer({ minimum: 0, maximum: 90, description: 'minutes it works, at least' })),
    soakToMin: Type.Optional(Type.Integer({ minimum: 0, maximum: 120, description: 'minutes it works, at most' })),
  },
  strict,
);
/** A change of how a product is used: parts of water, minutes of soak. */
export type KennelProductChange = Static<typeof ProductChange>;

/** A kennel's change of one line of a step's page: hidden, put elsewhere, or a line of its own. */
export const LineChange = Type.Object(
  {
    step: oneOf<StepId>(STEP_IDS, 'step'),
    line: Type.String({
      pattern: '^[a-zA-Z0-9.-]{1,60}$',
      description: 'line of the library, or one of the kennel’s own',
    }),
    of: oneOf(['kennel', 'coat', 'breed', 'dog'] as const, 'for whom it holds'),
    which: Type.Optional(textUpTo(80, 'class of coat, breed, or id of the dog')),
    hidden: Type.Optional(Type.Literal(true, { description: 'not told' })),
    text: Type.Optional(Type.String({ minLength: 1, maxLength: 300, description: 'a line of the kennel’s own' })),
    after: Type.Optional(Type.String({ maxLength: 60, description: 'line that it follows; "" = first' })),
  },
  strict,
);
/** A change of one line of a page. */
export type KennelLineChange = Static<typeof LineChange>;

/** All that a kennel does in its own way, as one version of it is saved. */
export const MethodsRecord = Type.Object(
  {
    number: Type.Integer({ minimum: 1, description: 'version of the kennel’s methods' }),
    schools: SchoolsOf,
    steps: Type.Optional(Type.Array(StepChange, { maxItems: 400, description: 'changed steps of care programs' })),
    intervals: Type.Optional(Type.Array(IntervalChange, { maxItems: 100, description: 'changed intervals' })),
    lines: Type.Optional(Type.Array(LineChange, { maxItems: 400, description: 'changed lines of step pages' })),
    products: Type.Optional(Type.Array(ProductChange, { maxItems: 40, description: 'products as the bottles say' })),
  },
  strict,
);
/** The version in force, with its number; 0 = nothing was ever changed. */
export type KennelMethods = Static<typeof MethodsRecord>;

const inches = Type.Optional(Type.Number({ minimum: 3, maximum: 45, description: 'inches' }));
const words = (description: string) => Type.Optional(textUpTo(120, description));

/** A breed that the kennel adds, or its own row of one that the library has. */
export const BreedRecord = Type.Object(
  {
    name: name('breed'),
    coat: oneOf<CoatClass>(COAT_CLASSES, 'class of coat'),
    variant: Type.String({ maxLength: 80, description: 'kind of trim within the class' }),
    badge: Type.String({ minLength: 1, maxLength: 40, description: 'silhouette that stands for it' }),
    trimMap: oneOf<TrimMapId>(TRIM_MAP_IDS, 'what is cut at all'),
    growOn: Type.Array(oneOf<ZoneId>(ZONE_IDS, 'zone'), { uniqueItems: true, description: 'left to grow' }),
    typicalKg: Type.Number({ minimum: 0.5, maximum: 120, description: 'weight of a usual dog, kg' }),
    lengthToHeight: Type.Number({ minimum: 0.8, maximum: 2.5, description: 'body length over height at the withers' }),
    dogFromIn: inches,
    dogToIn: inches,
    bitchFromIn: inches,
    bitchToIn: inches,
    registry: words('registry that sizes go by'),
    tailKind: words('tail'),
    earStyle: words('ears'),
    footStyle: words('feet'),
    throatStyle: words('throat'),
    headPlan: words('head'),
    stance: words('how it is stood'),
    showFirst: words('what the eye should meet first'),
  },
  strict,
);
/** A breed that a kennel has added or changed; weights in kg, heights in inches. */
export type KennelBreed = Static<typeof BreedRecord>;
