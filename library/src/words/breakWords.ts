/*
 * Breaks of the plan in force in words, a line a cause.
 */
import type { BreakGroup, Instant, PlanBreak } from '@loyal-mane/core';
import { WET_STEPS, instantToMs } from '@loyal-mane/core';
import { METHODS } from './methods.js';
import type { Names } from './names.js';
import { clockWords, dayWords } from './timeWords.js';

/** A cause that broke a part of the plan: whose, and what. */
export interface BreakLine {
  readonly who: string;
  readonly what: string;
}

const NAMED_DOGS = 3;

/** The line of a group: "Tuva", "is not there on Thursday: 12 tasks need somebody (Fenn, Nemi, Bram and 4 more)." */
export function breakLine(group: BreakGroup, names: Names): BreakLine {
  const first = group.breaks[0] as PlanBreak;
  const on = first.start === null ? '' : ` on ${dayWords(instantToMs(first.start), names.zone)}`;
  const n = group.breaks.length;
  const tasks = `${String(n)} ${n === 1 ? 'task needs' : 'tasks need'}`;
  switch (group.of) {
    case 'behind':
      return {
        who: 'Work is behind',
        what: `at this pace ${String(group.dogs.length)} dogs miss their time (${dogList(group, names)}).`,
      };
    case 'person':
      return {
        who: names.first(group.id),
        what: `is not there${on}: ${tasks} somebody (${dogList(group, names)}).`,
      };
    case 'station': {
      const why = first.code === 'amperes' ? `asks for more amperes than its circuit carries${on}` : `is closed${on}`;
      return {
        who: names.station(group.id),
        what: `${why}: ${tasks} another station or time (${dogList(group, names)}).`,
      };
    }
    case 'dog': {
      const more = n === 1 ? '' : ` And ${String(n - 1)} more of ${names.dog(group.id)}’s tasks.`;
      return { who: names.dog(group.id), what: `${breakWords(first, names)}${more}` };
    }
  }
}

function dogList({ dogs }: BreakGroup, names: Names): string {
  const shown = dogs.slice(0, NAMED_DOGS).map((id) => names.dog(id));
  const rest = dogs.length - shown.length;
  if (rest > 0) return `${shown.join(', ')} and ${String(rest)} more`;
  return shown.length < 2 ? shown.join('') : `${shown.slice(0, -1).join(', ')} and ${shown.at(-1) ?? ''}`;
}

/** One task that no longer holds, a sentence after the dog's name: "finish ends Friday 14:55, and must end by 13:50." */
export function breakWords(b: PlanBreak, names: Names): string {
  const step = METHODS[b.step].name.toLowerCase();
  const start = b.start === null ? '' : at(b.start, names);
  const mark = b.mark === null ? '' : at(b.mark, names);
  switch (b.code) {
    case 'late':
      return `at this pace ${step} comes too late: it is due by ${mark}.`;
    case 'tooLate':
      return `${step} ends ${b.end === null ? '' : at(b.end, names)}, and must end by ${mark}${ringWords(b, names)}.`;
    case 'tooEarly':
      return `${step} is planned for ${start}, and may begin from ${mark}${ringWords(b, names)}.`;
    case 'set':
      return `${step} is set for ${mark}, the plan has it at ${start}.`;
    case 'gap':
      return `${WET_STEPS.has(b.step) ? 'has been wet' : 'has waited'} since ${mark}: ${step} now.`;
    case 'away':
      return `${step} ${start}: nobody is there for it.`;
    case 'cannot':
      return `${step} ${start}: ${b.personId === null ? 'its person' : names.first(b.personId)} may not do it any more.`;
    case 'closed':
    case 'station':
      return `${step} ${start}: ${b.stationId === null ? 'its station' : names.station(b.stationId)} cannot be used for it.`;
    case 'amperes':
      return `${step} ${start}: the circuit cannot carry it.`;
    case 'onTheRoad':
      return `${step} ${start}: the dog is on the road or elsewhere then.`;
    case 'twice':
      return b.other === null
        ? `${step} ${start} clashes with another task.`
        : `${step} ${start} clashes with ${names.dog(b.other.dogId)}’s ${METHODS[b.other.step].name.toLowerCase()}.`;
    case 'limit':
      return `${step} ${start} goes over a daily limit.`;
    case 'missing':
      return `needs ${step} now, and the plan does not have it.`;
  }
}

function at(instant: Instant, names: Names): string {
  const ms = instantToMs(instant);
  return `${dayWords(ms, names.zone)} ${clockWords(ms, names.zone, names.clock)}`;
}

/** ", with the ring at 14:00": the date that most windows count back from. */
function ringWords(b: PlanBreak, names: Names): string {
  return b.entryId === null ? '' : `, with the ring at ${names.ringTime(b.entryId)}`;
}
