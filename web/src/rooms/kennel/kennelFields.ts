/*
 * Fields of the room's forms, list by list.
 */
import type { KennelFile, Role, Skill, StationKind, WorkLimits } from '@loyal-mane/core';
import { DEFAULT_WORK_LIMITS, ROLES, SKILLS, STATION_KINDS } from '@loyal-mane/core';
import { crewOf } from '../../parts/crewOf';
import type { Choice, FieldSpec } from '../../parts/rows/fieldSpec';

/** Roles in words. */
export const ROLE_WORDS: Readonly<Record<Role, string>> = {
  lead: 'Lead: plans, changes everything',
  finisher: 'Finisher: trims and ring finish; records work',
  bather: 'Bather: baths and drying; records work',
  hand: 'Hand: brushing and care; records work',
  owner: 'Owner: reads about their own dogs, nothing else',
};

/** Usual skills of a role; a lead changes them for each person. */
const ROLE_SKILLS: Readonly<Record<Role, readonly Skill[]>> = {
  lead: ['brush', 'scissor', 'ring', 'decide'],
  finisher: ['brush', 'scissor', 'ring'],
  bather: ['bath', 'dry', 'brush'],
  hand: ['hand', 'brush'],
  owner: [],
};

/** The work that each skill allows. */
const SKILL_LINES: Readonly<Record<Skill, string>> = {
  bath: 'washes, rinses, conditions',
  dry: 'force dryer and heat dry with brush',
  brush: 'line brushing, knots, combing through',
  scissor: 'trims that do not grow back in time',
  ring: 'shows dogs in the ring',
  hand: 'walks, feeding, loading, holding',
  decide: 'decides on matted coats and on what is cut',
  harshDryer: 'strong dryer on harsh coats',
  glands: 'empties glands',
};

/** "Tuva Lind" as "tuva.lind": small letters, digits and dots; empty where nothing is left of it. */
export function signInFor(name: string): string {
  const plain = name
    .normalize('NFKD')
    .replace(/\p{Mark}+/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '.')
    .replace(/^[^a-z]+|\.+$/g, '');
  return plain.slice(0, 40);
}

/** Sign-in name and skills of a new person, from the name and role that were typed. */
export function personFollows(typed: Readonly<Record<string, unknown>>): Readonly<Record<string, unknown>> {
  const { name, role } = typed;
  return {
    ...(typeof name === 'string' ? { signIn: signInFor(name) } : {}),
    ...(typeof role === 'string' ? { skills: ROLE_SKILLS[role as Role] } : {}),
  };
}

/** Kinds of stations in words. */
export const KIND_WORDS: Readonly<Record<StationKind, string>> = Object.fromEntries(
  STATION_KINDS.map((k) => [k, k.replace(/([A-Z])/g, ' $1').toLowerCase()]),
) as Record<StationKind, string>;

/** A skill in words. */
export const skillWords = (skill: string): string => skill.replace(/([A-Z])/g, ' $1').toLowerCase();

const choicesOf = (rows: readonly { readonly id: string; readonly name: string }[]): Choice[] =>
  rows.map((r) => ({ value: r.id, label: r.name }));

/** Fields of a person. */
export const personFields = (kennel: KennelFile): readonly FieldSpec[] => [
  { name: 'name', required: true, label: 'Name', kind: 'text' },
  {
    name: 'signIn',
    required: true,
    label: 'Signs in as',
    kind: 'text',
    hint: 'proposed from the name; small letters, digits, dots',
  },
  {
    name: 'role',
    required: true,
    label: 'Role',
    kind: 'one',
    choices: ROLES.map((r) => ({ value: r, label: ROLE_WORDS[r] })),
  },
  {
    name: 'ownerId',
    label: 'May see the dogs of',
    kind: 'one',
    mayClear: true,
    choices: choicesOf(kennel.owners),
    hint: 'for owners only',
  },
  {
    name: 'skills',
    label: 'Can do',
    kind: 'some',
    wide: true,
    choices: SKILLS.map((s) => ({ value: s, label: `${skillWords(s)}: ${SKILL_LINES[s]}` })),
    hint: 'follows the role until you change it; each task goes only to somebody with its skill',
  },
  {
    name: 'scissorMinPerDay',
    label: 'Scissors a day, at most',
    kind: 'number',
    unit: 'min',
    hint: '240 when left empty; hands and wrists need rest',
  },
];

const PAUSES: FieldSpec = {
  name: 'pauses',
  label: 'Breaks',
  kind: 'list',
  add: 'Add break',
  fresh: { what: 'break' },
  fields: [
    { name: 'start', label: 'from', kind: 'wall' },
    { name: 'end', label: 'until', kind: 'wall' },
    {
      name: 'what',
      label: 'for',
      kind: 'one',
      choices: [
        { value: 'break', label: 'rest' },
        { value: 'care', label: 'feeding and walks' },
      ],
    },
  ],
};

/** Fields of a shift. */
export const shiftFields = (): readonly FieldSpec[] => [
  { name: 'start', required: true, label: 'Begins', kind: 'wall' },
  { name: 'end', required: true, label: 'Ends', kind: 'wall' },
  {
    name: 'overtimeEnd',
    required: true,
    label: 'Can stay until',
    kind: 'wall',
    hint: 'the end itself when no overtime',
  },
  PAUSES,
];

/** Fields of a station. */
export const stationFields = (kennel: KennelFile): readonly FieldSpec[] => [
  { name: 'name', required: true, label: 'Name', kind: 'text' },
  {
    name: 'kind',
    required: true,
    label: 'Kind',
    kind: 'one',
    choices: STATION_KINDS.map((k) => ({ value: k, label: KIND_WORDS[k] })),
  },
  { name: 'siteId', required: true, label: 'Site', kind: 'one', choices: choicesOf(kennel.sites) },
  { name: 'circuitId', label: 'Power circuit', kind: 'one', choices: choicesOf(kennel.circuits), mayClear: true },
  {
    name: 'lengthCm',
    label: 'Usable length',
    kind: 'number',
    unit: 'cm',
    hint: 'long enough for any dog when left empty',
  },
  { name: 'places', label: 'Dogs at once', kind: 'number', hint: 'one when left empty' },
  { name: 'ramp', label: 'Heavy dogs can walk in', kind: 'switch' },
  {
    name: 'closures',
    label: 'Closed',
    kind: 'list',
    add: 'Add closed time',
    fresh: { start: '00:00', end: '24:00' },
    fields: [
      { name: 'day', label: 'on', kind: 'day' },
      { name: 'start', label: 'from', kind: 'wall' },
      { name: 'end', label: 'until', kind: 'wall' },
      { name: 'reason', label: 'Reason', kind: 'text' },
    ],
  },
];

/** Fields of a circuit. */
export const circuitFields = (kennel: KennelFile): readonly FieldSpec[] => [
  { name: 'name', required: true, label: 'Label at the fuse box', kind: 'text' },
  { name: 'siteId', required: true, label: 'Site', kind: 'one', choices: choicesOf(kennel.sites) },
  { name: 'amps', required: true, label: 'Carries at once', kind: 'number', unit: 'A' },
];

/** Fields of a site. */
export const siteFields = (): readonly FieldSpec[] => [
  { name: 'name', required: true, label: 'Name', kind: 'text' },
  { name: 'home', label: 'This is home', kind: 'switch', hint: 'exactly one site is' },
];

/** Fields of a ride. */
export const transportFields = (kennel: KennelFile): readonly FieldSpec[] => [
  { name: 'name', required: true, label: 'Name', kind: 'text' },
  { name: 'day', required: true, label: 'Day', kind: 'day' },
  { name: 'fromSiteId', required: true, label: 'From', kind: 'one', choices: choicesOf(kennel.sites) },
  { name: 'toSiteId', required: true, label: 'To', kind: 'one', choices: choicesOf(kennel.sites) },
  { name: 'depart', required: true, label: 'Leaves', kind: 'wall' },
  { name: 'arrive', required: true, label: 'Arrives, the same day', kind: 'wall' },
  { name: 'people', label: 'People on it', kind: 'some', wide: true, choices: choicesOf(crewOf(kennel)) },
  { name: 'dogs', label: 'Dogs on it', kind: 'some', wide: true, choices: choicesOf(kennel.dogs) },
];

/** Fields of an owner. */
export const ownerFields = (): readonly FieldSpec[] => [
  { name: 'name', required: true, label: 'Name', kind: 'text' },
  { name: 'contact', label: 'How to reach them', kind: 'lines', hint: 'leads only', wide: true },
];

const usual = (limit: Exclude<keyof WorkLimits, 'liftKg'>, more = ''): string =>
  `${String(DEFAULT_WORK_LIMITS[limit])} when left empty${more}`;

/** Limits of work: each may be lifted. */
const LIMIT_FIELDS: readonly FieldSpec[] = [
  {
    name: 'dogWorkMin',
    label: 'Work on a dog without a walk, at most',
    kind: 'number',
    unit: 'min',
    hint: usual('dogWorkMin', '; 0 = no limit'),
  },
  { name: 'dogWalkMin', label: 'That walk', kind: 'number', unit: 'min', hint: usual('dogWalkMin') },
  {
    name: 'puppyWorkMin',
    label: 'Work on a dog under a year without a pause, at most',
    kind: 'number',
    unit: 'min',
    hint: usual('puppyWorkMin', '; 0 = no limit. From tub to dry coat nothing is interrupted'),
  },
  {
    name: 'personWorkMin',
    label: 'Work of a person without a rest, at most',
    kind: 'number',
    unit: 'min',
    hint: usual('personWorkMin', '; 0 = no limit. Local law comes first'),
  },
  { name: 'personRestMin', label: 'That rest', kind: 'number', unit: 'min', hint: usual('personRestMin') },
  {
    name: 'nightRestHours',
    label: 'Between two working days of a person, at least',
    kind: 'number',
    unit: 'hours',
    hint: usual('nightRestHours', '; 0 = no limit. Local law comes first'),
  },
];

/** Fields of the kennel's settings. */
export const settingsFields = (): readonly FieldSpec[] => [
  { name: 'name', required: true, label: 'Name of the kennel', kind: 'text' },
  { name: 'timeZone', required: true, label: 'Time zone', kind: 'text', hint: 'such as Europe/Oslo' },
  {
    name: 'clock',
    required: true,
    label: 'Times are written',
    kind: 'one',
    choices: [
      { value: '24h', label: '14:30' },
      { value: '12h', label: '2:30 pm' },
    ],
  },
  { name: 'keepUpDaysAhead', required: true, label: 'Keep-up work is placed ahead by', kind: 'number', unit: 'days' },
  {
    name: 'rampFromKg',
    required: true,
    label: 'Nobody lifts a dog alone from',
    kind: 'number',
    unit: 'kg',
    hint: 'from there on a tub needs a ramp, or two people lift. 23 kg is the load constant of a published equation',
  },
  ...LIMIT_FIELDS,
];
