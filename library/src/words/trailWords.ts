/*
 * One line of the trail, in words.
 */
import type { CoatMarks, KennelFile, KennelList, KennelRow, RowChange, StepId, ZoneId } from '@loyal-mane/core';
import { changedFields, rowsOf } from '@loyal-mane/core';
import { ZONE_NAMES } from '../zones/zones.js';
import { METHODS } from './methods.js';
import { monthDay } from './timeWords.js';

interface TrailLine {
  readonly kind: string;
  /** Key of a task, id of a row. */
  readonly subject?: string;
  readonly rows: readonly {
    readonly list: string;
    readonly id: string;
    readonly from: unknown;
    readonly to: unknown;
  }[];
  readonly count: number;
}

const LIST_WORDS: Readonly<Record<string, string>> = {
  settings: 'the settings',
  sites: 'site',
  circuits: 'circuit',
  stations: 'station',
  people: 'person',
  shifts: 'shift',
  absences: 'day away',
  owners: 'owner',
  dogs: 'dog',
  transports: 'transport',
  shows: 'show',
  rings: 'ring',
  entries: 'entry',
  bottles: 'bottle',
};

const KIND_WORDS: Readonly<Record<string, string>> = {
  'kennel.opened': 'opened a kennel file',
  'plan.published': 'published a plan',
  'plan.discarded': 'gave up a draft',
  'plan.takenBack': 'went back to the plan before',
  'plan.checked': 'looked for what would help',
  'plan.drafted': 'made a draft',
  'plan.asked': 'asked for a plan',
  'plan.cancelAsked': 'stopped planning',
  'plan.enoughAsked': 'took the plan as it was',
  'person.password': 'made a one-time password',
  'dog.schools': 'changed the ways for this dog',
  'methods.changed': 'changed the methods',
  'breed.saved': 'saved a breed',
  'breed.removed': 'removed a breed',
};

/** Of tasks: the dog and the step follow. */
const TASK_WORDS: Readonly<Record<string, string>> = {
  'task.start': 'started',
  'task.pause': 'paused',
  'task.resume': 'went on with',
  'task.finish': 'finished',
  'task.skip': 'skipped',
  'task.undo': 'took back a record of',
  'task.tick': 'ticked a line of',
  'pin.set': 'set at a time:',
  'pin.removed': 'unlocked',
};

const FIELDS_SHOWN = 4;
const VALUE_LENGTH = 40;

/** One line, without the name of who did it: "changed dog Brisk: weight kg 22 to 23". */
export function trailWords(line: TrailLine, kennel: KennelFile): string {
  const [first] = line.rows as readonly RowChange[];
  const kind = line.kind.replace(/Coat$/, '');
  const task = TASK_WORDS[kind];
  if (task !== undefined) return `${task} ${taskWords(line.subject ?? '', kennel)}`;
  if (first === undefined) return KIND_WORDS[kind] ?? line.kind.replace(/\./g, ', ');
  if (kind === 'dog.marks') return marksWords(first, kennel);
  const back = line.kind === 'kennel.undone' ? 'took back: ' : '';
  const more = line.count > 1 ? `, and ${String(line.count - 1)} more` : '';
  return `${back}${rowWords(first, kennel)}${more}`;
}

/** "Brisk, line brushing" of a task's key, which names the entry or the dog, and the step third from its end. */
function taskWords(key: string, kennel: KennelFile): string {
  const [kind, of = ''] = key.split(':');
  const dogId = kind === 'e' ? kennel.entries.find((e) => e.id === of)?.dogId : of;
  const dog = kennel.dogs.find((d) => d.id === dogId)?.name ?? 'a dog';
  const step = METHODS[key.split(':').at(-3) as StepId] as (typeof METHODS)[StepId] | undefined;
  return step === undefined ? dog : `${dog}, ${step.name.toLowerCase()}`;
}

type Marks = Partial<CoatMarks>;

/** "marked Brisk: tight mat behind the ear, left; clear: belly". */
function marksWords({ from, to }: RowChange, kennel: KennelFile): string {
  const [before, after] = [from as Marks | null, to as Marks | null];
  const lines = (marks: Marks | null): string[] => [
    ...(marks?.mats ?? []).map(
      (m) => `${m.tightness} mat ${zoneWords(m.zone, m.side)}${m.cm === undefined ? '' : `, ${String(m.cm)} cm`}`,
    ),
    ...(marks?.unready ?? []).map((u) => `${u.test} ${zoneWords(u.zone, undefined)}`),
    ...(marks?.soiled ?? []).map((z) => `soiled ${zoneWords(z, undefined)}`),
  ];
  const [was, is] = [lines(before), lines(after)];
  const found = is.filter((line) => !was.includes(line));
  const gone = was.filter((line) => !is.includes(line));
  const words = [...found, ...(gone.length === 0 ? [] : [`no longer: ${gone.join(', ')}`])].join(', ');
  const name = nameIn({ list: 'dogs', from, to }, kennel);
  return words === '' ? `looked at${name}` : `marked${name}: ${words}`;
}

function zoneWords(zone: ZoneId, side: string | undefined): string {
  return `${ZONE_NAMES[zone]}${side === undefined ? '' : ` (${side})`}`;
}

/**
 * Which row of a kennel a complaint is about, "Entry of Brisk on 2026-07-11" for `entries[3].day`; null when the path names no
 * row of it.
 */
export function rowAtWords(path: string, kennel: KennelFile): string | null {
  const [, list, at] = /^([a-z]+)\[(\d+)\]/.exec(path) ?? [];
  if (list === undefined || LIST_WORDS[list] === undefined) return null;
  const row = rowsOf(kennel, list as KennelList)[Number(at)];
  if (row === undefined) return null;
  const words = `${LIST_WORDS[list]}${nameIn({ list: list as KennelList, from: null, to: row }, kennel)}`;
  return `${words.slice(0, 1).toUpperCase()}${words.slice(1)}`;
}

function rowWords(change: RowChange, kennel: KennelFile): string {
  const what = `${LIST_WORDS[change.list] ?? change.list}${nameIn(change, kennel)}`;
  if (change.from === null) return `added ${what}`;
  if (change.to === null) return `removed ${what}`;
  const fields = changedFields(change.from, change.to);
  const shown = fields.slice(0, FIELDS_SHOWN).map((f) => fieldWords(f, change, kennel));
  const rest = fields.length > FIELDS_SHOWN ? ` and ${String(fields.length - FIELDS_SHOWN)} more` : '';
  return `changed ${what}: ${shown.join(', ')}${rest}`;
}

function fieldWords(field: string, { from, to }: RowChange, kennel: KennelFile): string {
  const name = field
    .replace(/([A-Z])/g, ' $1')
    .toLowerCase()
    .replace(/ id$/, '');
  const [before, after] = [from?.[field], to?.[field]];
  if (typeof before === 'object' || typeof after === 'object') return name;
  return `${name} ${valueWords(before, kennel)} to ${valueWords(after, kennel)}`;
}

function valueWords(value: unknown, kennel: KennelFile): string {
  if (value === undefined) return 'nothing';
  if (value === true) return 'yes';
  if (value === false) return 'no';
  if (typeof value !== 'string' && typeof value !== 'number') return 'something else';
  const text = String(value);
  const name = /^[0-9a-f]{8}-/.test(text) ? nameOfId(text, kennel) : text;
  return name.length > VALUE_LENGTH ? `${name.slice(0, VALUE_LENGTH)}...` : name;
}

function nameOfId(id: string, kennel: KennelFile): string {
  for (const list of ['people', 'dogs', 'stations', 'sites', 'circuits', 'owners', 'shows', 'rings'] as const) {
    const name = rowsOf(kennel, list).find((r) => r.id === id)?.['name'];
    if (typeof name === 'string') return name;
  }
  return 'something that is gone';
}

/** " Brisk", " of Maren on 2026-06-18": what tells a row from others of its list. */
function nameIn({ list, from, to }: Pick<RowChange, 'list' | 'from' | 'to'>, kennel: KennelFile): string {
  const row = (to ?? from) as KennelRow;
  if (list === 'settings') return '';
  if (typeof row['name'] === 'string') return ` ${row['name']}`;
  const who = row['personId'] ?? row['dogId'];
  const of = typeof who === 'string' ? ` of ${nameOfId(who, kennel)}` : '';
  return typeof row['day'] === 'string' ? `${of} on ${monthDay(row['day'])}` : of;
}
