/*
 * The whole kennel as one JSON document: what everything computes from, and the open format in which a kennel is
 * backed up, moved and planned without a server. This schema is the one source: the TypeScript type, the JSON Schema
 * that ships in `library/schema` and the reader's first check all come from it.
 */
import { Type } from '@sinclair/typebox';
import type { Static, TOptional, TUnsafe } from '@sinclair/typebox';
import type {
  AbsenceId,
  BottleId,
  CareId,
  CircuitId,
  DogId,
  EntryId,
  OwnerId,
  PersonId,
  RingId,
  ShiftId,
  ShowId,
  SiteId,
  StationId,
  TaskKey,
  TransportId,
} from '../units/ids.js';
import { ZONE_IDS } from '../coat/zones.js';
import type { ZoneId } from '../coat/zones.js';
import { RULES_OF_SHOWS, RULE_VALUES } from './choices.js';
import type { RuleValue, ShowRule } from './choices.js';
import { DogRecord } from './dogRecord.js';
import { BreedRecord, MethodsRecord } from './methodsRecord.js';
import { PersonRecord } from './personRecord.js';
import { day, id, instant, name, oneOf, strict, textUpTo, wall } from './schemaParts.js';
import { CARE_JOBS, PAUSE_CAUSES, PRODUCT_IDS, STATION_KINDS, STEP_IDS, WORK_STATES } from './vocabulary.js';
import type { CareJob, PauseCause, ProductId, StationKind, StepId, WorkState } from './vocabulary.js';

/** Most pauses that a task keeps; the first of more are forgotten. */
export const MOST_PAUSES = 40;
/** Most soaks that a task keeps. */
export const MOST_SOAKS = 20;

/** The id of a station, or of a person with a kind of tool. */
export const TOOL_PATTERN = '^[0-9a-f-]{36}(\\.[a-zA-Z]{2,20})?$';

/** Name of the format, in every kennel file. */
export const KENNEL_FORMAT = 'loyal-mane-kennel';
/** Version of the format that is written; older ones are read and brought up to it. */
export const KENNEL_VERSION = 1;

const Site = Type.Object({ id: id<SiteId>('site'), name: name('what people call it'), home: Type.Boolean() }, strict);

const Circuit = Type.Object(
  {
    id: id<CircuitId>('power circuit'),
    siteId: id<SiteId>('site'),
    name: name('label at the fuse box'),
    amps: Type.Number({ exclusiveMinimum: 0, maximum: 400, description: 'what it carries at once, amperes' }),
  },
  strict,
);

const Closure = Type.Object(
  {
    day: day('day on which it cannot be used'),
    start: wall('from'),
    end: wall('until'),
    reason: textUpTo(200, 'why, as people should read it'),
  },
  strict,
);

const Station = Type.Object(
  {
    id: id<StationId>('station'),
    siteId: id<SiteId>('site'),
    kind: oneOf<StationKind>(STATION_KINDS, 'what it is'),
    name: name('what people call it'),
    circuitId: Type.Optional(id<CircuitId>('power circuit')),
    ramp: Type.Optional(Type.Boolean({ description: 'heavy dogs can walk in' })),
    lengthCm: Type.Optional(
      Type.Number({ minimum: 20, maximum: 400, description: 'usable length, cm; long enough for any dog when absent' }),
    ),
    places: Type.Optional(Type.Integer({ minimum: 1, maximum: 60, description: 'dogs at once, 1 when absent' })),
    closures: Type.Array(Closure, { maxItems: 400 }),
  },
  strict,
);

const ShowRules = Type.Object(
  {
    ...(Object.fromEntries(
      RULES_OF_SHOWS.map((r) => [r, Type.Optional(oneOf<RuleValue>(RULE_VALUES, 'as the show’s own rules say'))]),
    ) as Record<ShowRule, TOptional<TUnsafe<RuleValue>>>),
    leastAgeMonths: Type.Optional(Type.Integer({ minimum: 0, maximum: 36, description: 'months of age on the day' })),
    dryersFrom: Type.Optional(wall('dryers on the ground from, where they are restricted')),
    dryersUntil: Type.Optional(wall('dryers on the ground until, where they are restricted')),
  },
  strict,
);

const Pause = Type.Object(
  { start: wall('from'), end: wall('until'), what: oneOf(['break', 'care'] as const, 'rest, or feeding and walks') },
  strict,
);

const Shift = Type.Object(
  {
    id: id<ShiftId>('shift'),
    personId: id<PersonId>('person'),
    day: day('day of the shift'),
    start: wall('begins'),
    end: wall('ends'),
    overtimeEnd: wall('the latest that this person can stay; equal to the end when no overtime'),
    pauses: Type.Array(Pause, { maxItems: 8 }),
  },
  strict,
);

const Absence = Type.Object(
  {
    id: id<AbsenceId>('absence'),
    personId: id<PersonId>('person'),
    day: day('whole day'),
    reason: oneOf(['ill', 'away'] as const, 'why'),
  },
  strict,
);

const Transport = Type.Object(
  {
    id: id<TransportId>('transport'),
    name: name('ferry, van'),
    fromSiteId: id<SiteId>('site'),
    toSiteId: id<SiteId>('site'),
    day: day('day of travel'),
    depart: wall('leaves'),
    arrive: wall('arrives, the same day'),
    people: Type.Array(id<PersonId>('person'), { uniqueItems: true }),
    dogs: Type.Array(id<DogId>('dog'), { uniqueItems: true }),
  },
  strict,
);

const Owner = Type.Object(
  { id: id<OwnerId>('owner'), name: name('owner'), contact: textUpTo(200, 'how to reach them; leads only') },
  strict,
);

const Show = Type.Object(
  {
    id: id<ShowId>('show'),
    name: name('show or circuit'),
    siteId: id<SiteId>('site'),
    firstDay: day('first day of judging'),
    lastDay: day('last day of judging'),
    rules: Type.Optional(ShowRules),
  },
  strict,
);

const Ring = Type.Object({ id: id<RingId>('ring'), showId: id<ShowId>('show'), name: name('ring') }, strict);

const Entry = Type.Object(
  {
    id: id<EntryId>('entry'),
    dogId: id<DogId>('dog'),
    showId: id<ShowId>('show'),
    ringId: id<RingId>('ring'),
    day: day('day of judging'),
    ringTime: wall('when this dog goes in'),
    handlerId: Type.Optional(id<PersonId>('person who shows the dog; anybody with the ring skill when absent')),
    importance: Type.Integer({ minimum: 1, maximum: 3, description: '3 = must not be missed' }),
    showClass: Type.Optional(textUpTo(60, 'class it is entered in')),
    laterRound: Type.Optional(wall('a later round won: the dog is held ready until then')),
    judge: Type.Optional(textUpTo(200, 'the judge, and what is known of what is looked for')),
    flattery: Type.Optional(
      Type.Number({ minimum: 0, maximum: 1, description: 'how much flattery of the outline pays here, 1 when absent' }),
    ),
  },
  strict,
);

const BottleTake = Type.Object(
  {
    ml: Type.Integer({ minimum: 1, maximum: 50_000, description: 'milliliters that a mix took' }),
    at: instant('when'),
    by: Type.Optional(id<PersonId>('who mixed')),
  },
  { ...strict, description: 'the last mix that took from it' },
);

const Bottle = Type.Object(
  {
    id: id<BottleId>('bottle'),
    product: oneOf<ProductId>(PRODUCT_IDS, 'class of product'),
    name: name('as the label says'),
    sizeMl: Type.Integer({ minimum: 10, maximum: 50_000, description: 'milliliters when full' }),
    leftMl: Type.Integer({ minimum: 0, maximum: 50_000, description: 'milliliters that are left' }),
    openedOn: Type.Optional(day('opened on')),
    expiresOn: Type.Optional(day('last day on which it is used')),
    taken: Type.Optional(BottleTake),
  },
  strict,
);

const WorkPauseRecord = Type.Object(
  {
    at: instant('when'),
    cause: Type.Optional(oneOf<PauseCause>(PAUSE_CAUSES, 'why; not said when absent')),
    zones: Type.Optional(
      Type.Array(oneOf<ZoneId>(ZONE_IDS, 'zone'), {
        uniqueItems: true,
        maxItems: ZONE_IDS.length,
        description: 'where the dog asked for it',
      }),
    ),
  },
  strict,
);

const Soak = Type.Object(
  {
    id: Type.String({ minLength: 8, maxLength: 64, description: 'made by the device that began it' }),
    product: oneOf<ProductId>(PRODUCT_IDS, 'what works in the coat'),
    at: instant('since when'),
    leastMin: Type.Number({ minimum: 0, maximum: 240, description: 'minutes that the label asks for' }),
    mostMin: Type.Number({ minimum: 0, maximum: 240, description: 'minutes that it allows' }),
    endedAt: Type.Optional(instant('out of the coat; still in it when absent')),
  },
  strict,
);

const Work = Type.Object(
  {
    taskKey: Type.Unsafe<TaskKey>(Type.String({ minLength: 3, maxLength: 160 })),
    dogId: id<DogId>('dog'),
    step: oneOf<StepId>(STEP_IDS, 'step'),
    state: oneOf<WorkState>(WORK_STATES, 'state'),
    personId: Type.Optional(id<PersonId>('who did it')),
    stationId: Type.Optional(id<StationId>('where')),
    startedAt: Type.Optional(instant('first start')),
    runningSince: Type.Optional(instant('start of the present run; only while running')),
    finishedAt: Type.Optional(instant('finished or skipped')),
    workedMs: Type.Integer({ minimum: 0, description: 'milliseconds worked before the present run' }),
    expectedMin: Type.Optional(
      Type.Number({
        exclusiveMinimum: 0,
        maximum: 2000,
        description: 'minutes expected of any dog and person at its start',
      }),
    ),
    flank: Type.Optional(
      Type.Union([Type.Literal(1), Type.Literal(2)], { description: 'flank that was worked, first or second' }),
    ),
    reason: Type.Optional(textUpTo(300, 'why skipped')),
    pauses: Type.Optional(
      Type.Array(WorkPauseRecord, { maxItems: MOST_PAUSES, description: 'pauses, the last of them last' }),
    ),
    soaks: Type.Optional(
      Type.Array(Soak, {
        maxItems: MOST_SOAKS,
        description: 'products that worked in the coat, the last of them last',
      }),
    ),
    ticked: Type.Optional(
      Type.Array(Type.String({ pattern: '^[a-zA-Z0-9.-]{1,60}$' }), {
        maxItems: 120,
        uniqueItems: true,
        description: 'lines of its page that were ticked, cautions that were met',
      }),
    ),
  },
  strict,
);

const Pin = Type.Object(
  {
    taskKey: Type.Unsafe<TaskKey>(Type.String({ minLength: 3, maxLength: 160 })),
    start: instant('when it begins'),
    personId: Type.Optional(id<PersonId>('by whom; anybody who can when absent')),
    stationId: Type.Optional(id<StationId>('where; any that serves when absent')),
  },
  { ...strict, description: 'a task that a lead has set: planning goes around it' },
);

const Care = Type.Object(
  {
    id: id<CareId>('note of care'),
    tool: Type.String({
      pattern: TOOL_PATTERN,
      description: 'a station, or a person and a kind of tool: "PERSON.slicker"',
    }),
    job: oneOf<CareJob>(CARE_JOBS, 'what was done'),
    at: instant('when'),
    by: Type.Optional(id<PersonId>('who did it')),
  },
  { ...strict, description: 'care of a tool that was done' },
);

const limit = (maximum: number, description: string) => Type.Integer({ minimum: 0, maximum, description });

const Settings = Type.Object(
  {
    timeZone: Type.String({ minLength: 1, maxLength: 64, description: 'IANA time zone of the kennel' }),
    clock: oneOf(['24h', '12h'] as const, 'how times are written'),
    keepUpDaysAhead: Type.Integer({ minimum: 1, maximum: 14, description: 'how far ahead keep-up work is placed' }),
    rampFromKg: Type.Number({
      minimum: 5,
      maximum: 120,
      description: 'from this weight nobody lifts a dog alone: the tub has a ramp, or two lift',
    }),
    dogWorkMin: Type.Optional(limit(600, 'most minutes of work on a dog without a walk; 0 = no limit')),
    dogWalkMin: Type.Optional(limit(60, 'minutes of that walk')),
    puppyWorkMin: Type.Optional(limit(600, 'most minutes of work on a dog under a year without a pause; 0 = no limit')),
    personWorkMin: Type.Optional(limit(720, 'most minutes of work of a person without a rest; 0 = no limit')),
    personRestMin: Type.Optional(limit(120, 'minutes of that rest')),
    nightRestHours: Type.Optional(limit(16, 'least hours between two working days of a person; 0 = no limit')),
    zoneChecked: Type.Optional(Type.Boolean({ description: 'a lead has confirmed the time zone' })),
  },
  strict,
);

/** JSON Schema (draft 7 vocabulary) of a kennel file. */
export const KennelFileSchema = Type.Object(
  {
    format: Type.Literal(KENNEL_FORMAT),
    version: Type.Literal(KENNEL_VERSION),
    name: name('kennel'),
    startDay: day('day the file speaks of as today'),
    settings: Settings,
    methods: Type.Optional(MethodsRecord),
    breeds: Type.Optional(Type.Array(BreedRecord, { maxItems: 200, description: 'breeds of the kennel’s own' })),
    sites: Type.Array(Site, { minItems: 1, maxItems: 40 }),
    circuits: Type.Array(Circuit, { maxItems: 200 }),
    stations: Type.Array(Station, { maxItems: 300 }),
    people: Type.Array(PersonRecord, { minItems: 1, maxItems: 30 }),
    shifts: Type.Array(Shift, { maxItems: 20_000 }),
    absences: Type.Array(Absence, { maxItems: 2000 }),
    transports: Type.Array(Transport, { maxItems: 400 }),
    owners: Type.Array(Owner, { maxItems: 1000 }),
    dogs: Type.Array(DogRecord, { maxItems: 4000 }),
    shows: Type.Array(Show, { maxItems: 400 }),
    rings: Type.Array(Ring, { maxItems: 2000 }),
    entries: Type.Array(Entry, { maxItems: 20_000 }),
    bottles: Type.Optional(Type.Array(Bottle, { maxItems: 1000, description: 'products in stock, bottle by bottle' })),
    work: Type.Array(Work, { maxItems: 400_000 }),
    toolCare: Type.Optional(Type.Array(Care, { maxItems: 40_000, description: 'care of tools, oldest first' })),
    pins: Type.Optional(Type.Array(Pin, { maxItems: 2000, description: 'tasks that are set' })),
  },
  { ...strict, $id: 'https://loyal-mane.invalid/kennel.schema.json', title: 'Loyal Mane kennel file' },
);

/** A whole kennel. Local days and wall times are in `settings.timeZone`, instants in UTC. */
export type KennelFile = Static<typeof KennelFileSchema>;
/** A place where dogs are worked on: home, or a show's grounds. */
export type KennelSite = KennelFile['sites'][number];
/** An electric circuit and what it bears, amperes. */
export type KennelCircuit = KennelFile['circuits'][number];
/** A tub, dryer, table or pen: its site, its circuit, when it is closed. */
export type KennelStation = KennelFile['stations'][number];
/** One person's working day: begin, end, how long they can stay, breaks; times of the kennel's zone. */
export type KennelShift = KennelFile['shifts'][number];
/** A day that a person is away although a shift is entered. */
export type KennelAbsence = KennelFile['absences'][number];
/** A ride from one site to another: when it leaves and arrives, who and which dogs go along. */
export type KennelTransport = KennelFile['transports'][number];
/** A show: its site, first and last day, and the rules that are known. */
export type KennelShow = KennelFile['shows'][number];
/** A ring of a show. */
export type KennelRing = KennelFile['rings'][number];
/** A dog's entry: day, ring, ring time, handler, how much it matters (1 to 3). */
export type KennelEntry = KennelFile['entries'][number];
/** A bottle of a product in stock. */
export type KennelBottle = NonNullable<KennelFile['bottles']>[number];
/** Work done of a task: state, who, when, minutes worked (`workedMs`, pauses taken off). */
export type WorkRecord = KennelFile['work'][number];
/** A product that works in a coat, with its label's minutes. */
export type SoakRecord = NonNullable<WorkRecord['soaks']>[number];
/** A pause of a task: when, why, where the dog asked for it. */
export type WorkPause = NonNullable<WorkRecord['pauses']>[number];
/** A record with the version that its row has on the server. */
export type VersionedWork = WorkRecord & { readonly version: number };
/** Care of a tool that was done: which, what, when, by whom. */
export type CareRecord = NonNullable<KennelFile['toolCare']>[number];
/** A start that a lead has set for a task; the planner keeps it. */
export type TaskPin = NonNullable<KennelFile['pins']>[number];
