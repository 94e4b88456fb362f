/*
 * What the yard's forms ask for, list by list.
 */
import type { KennelFile, Role, StationKind } from '@loyal-mane/core';
import { ROLES, SKILLS, STATION_KINDS } from '@loyal-mane/core';
import type { Choice, FieldSpec } from '../../parts/rows/fieldSpec';

export const ROLE_WORDS: Readonly<Record<Role, string>> = {
  lead: 'lead: everything',
  finisher: 'finisher: floor work and logs',
  bather: 'bather: floor work and logs',
  hand: 'hand: floor work and logs',
  owner: 'owner: reads the own dogs',
};

export const KIND_WORDS: Readonly<Record<StationKind, string>> = Object.fromEntries(
  STATION_KINDS.map((k) => [k, k.replace(/([A-Z])/g, ' $1').toLowerCase()]),
) as Record<StationKind, string>;

export const skillWords = (skill: string): string => skill.replace(/([A-Z])/g, ' $1').toLowerCase();

const choicesOf = (rows: readonly { readonly id: string; readonly name: string }[]): Choice[] =>
  rows.map((r) => ({ value: r.id, label: r.name }));

export const personFields = (kennel: KennelFile): readonly FieldSpec[] => [
  { name: 'name', label: 'Name', kind: 'text' },
  { name: 'signIn', label: 'Signs in as', kind: 'text', hint: 'small letters, digits, dots' },
  { name: 'role', label: 'Role', kind: 'one', choices: ROLES.map((r) => ({ value: r, label: ROLE_WORDS[r] })) },
  {
    name: 'ownerId',
    label: 'Reads the dogs of',
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
    choices: SKILLS.map((s) => ({ value: s, label: skillWords(s) })),
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
  add: 'A break',
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

export const shiftFields = (): readonly FieldSpec[] => [
  { name: 'start', label: 'Begins', kind: 'wall' },
  { name: 'end', label: 'Ends', kind: 'wall' },
  { name: 'overtimeEnd', label: 'Can stay until', kind: 'wall', hint: 'the end itself when no overtime' },
  PAUSES,
];

export const stationFields = (kennel: KennelFile): readonly FieldSpec[] => [
  { name: 'name', label: 'Name', kind: 'text' },
  { name: 'kind', label: 'Kind', kind: 'one', choices: STATION_KINDS.map((k) => ({ value: k, label: KIND_WORDS[k] })) },
  { name: 'siteId', label: 'Site', kind: 'one', choices: choicesOf(kennel.sites) },
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
    add: 'A closed time',
    fresh: { start: '00:00', end: '24:00' },
    fields: [
      { name: 'day', label: 'on', kind: 'day' },
      { name: 'start', label: 'from', kind: 'wall' },
      { name: 'end', label: 'until', kind: 'wall' },
      { name: 'reason', label: 'because', kind: 'text' },
    ],
  },
];

export const circuitFields = (kennel: KennelFile): readonly FieldSpec[] => [
  { name: 'name', label: 'Label at the fuse box', kind: 'text' },
  { name: 'siteId', label: 'Site', kind: 'one', choices: choicesOf(kennel.sites) },
  { name: 'amps', label: 'Carries at once', kind: 'number', unit: 'A' },
];

export const siteFields = (): readonly FieldSpec[] => [
  { name: 'name', label: 'Name', kind: 'text' },
  { name: 'home', label: 'This is home', kind: 'switch', hint: 'exactly one site is' },
];

export const transportFields = (kennel: KennelFile): readonly FieldSpec[] => [
  { name: 'name', label: 'Name', kind: 'text' },
  { name: 'day', label: 'Day', kind: 'day' },
  { name: 'fromSiteId', label: 'From', kind: 'one', choices: choicesOf(kennel.sites) },
  { name: 'toSiteId', label: 'To', kind: 'one', choices: choicesOf(kennel.sites) },
  { name: 'depart', label: 'Leaves', kind: 'wall' },
  { name: 'arrive', label: 'Arrives, the same day', kind: 'wall' },
  { name: 'people', label: 'People on it', kind: 'some', wide: true, choices: choicesOf(kennel.people) },
  { name: 'dogs', label: 'Dogs on it', kind: 'some', wide: true, choices: choicesOf(kennel.dogs) },
];

export const ownerFields = (): readonly FieldSpec[] => [
  { name: 'name', label: 'Name', kind: 'text' },
  { name: 'contact', label: 'How to reach them', kind: 'lines', hint: 'leads only', wide: true },
];

export const settingsFields = (): readonly FieldSpec[] => [
  { name: 'name', label: 'Name of the kennel', kind: 'text' },
  { name: 'timeZone', label: 'Time zone', kind: 'text', hint: 'such as Europe/Oslo' },
  {
    name: 'clock',
    label: 'Times are written',
    kind: 'one',
    choices: [
      { value: '24h', label: '14:30' },
      { value: '12h', label: '2:30 pm' },
    ],
  },
  { name: 'keepUpDaysAhead', label: 'Keep-up work is placed ahead by', kind: 'number', unit: 'days' },
  { name: 'rampFromKg', label: 'A tub needs a ramp from', kind: 'number', unit: 'kg' },
];
