/*
 * Why a task sits where it sits, why an entry has no place, and what would help: whole sentences from codes and fields.
 */
import type {
  Blocker,
  CheckedRemedy,
  HandOver,
  PlannedActivity,
  Remedy,
  TaskName,
  UnplacedChain,
} from '@loyal-mane/core';
import { instantToMs, localDayOf, wallMinutes } from '@loyal-mane/core';
import type { WallTime } from '@loyal-mane/core';
import { STATION_NAMES } from './coatWords.js';
import { lowerFirst } from './lowerFirst.js';
import { METHODS } from './methods.js';
import type { Names } from './names.js';
import { clockWords, dayWords, weekdayWords } from './timeWords.js';

function at(instant: string, names: Names): string {
  return clockWords(instantToMs(instant as PlannedActivity['start']), names.zone, names.clock);
}

function dayAndTime(instant: string, names: Names): string {
  return `${dayWords(instantToMs(instant as PlannedActivity['start']), names.zone)} ${at(instant, names)}`;
}

function lower(step: keyof typeof METHODS): string {
  const name = METHODS[step].name;
  return lowerFirst(name);
}

/** "Ivo works on Rusk (ears) until 14:05", or null where nobody is to name. */
function holderWords(held: TaskName | null, names: Names): string | null {
  if (held === null) return null;
  const { dogId, step, personId } = held;
  const until = at(held.until, names);
  return personId === null
    ? `${names.dog(dogId)} is there (${lower(step)}) until ${until}`
    : `${names.first(personId)} works on ${names.dog(dogId)} (${lower(step)}) until ${until}`;
}

function blockerWords(by: Blocker, held: TaskName | null, names: Names): string {
  switch (by) {
    case 'before':
      return held === null
        ? 'the step before it ends then'
        : `${lower(held.step)} comes first and ends at ${at(held.until, names)}`;
    case 'after':
      return held === null ? 'the next step has to follow it' : `${lower(held.step)} has to follow it`;
    case 'personBusy':
      return holderWords(held, names) ?? 'everybody with the skill is busy';
    case 'stationBusy':
      return holderWords(held, names) ?? 'its station is in use';
    case 'shift':
      return 'nobody with the skill is on shift';
    case 'stationClosed':
      return 'its station is closed';
    case 'circuit':
      return 'the circuit can carry no more dryers';
    case 'cleanDown':
      return 'its station is still being cleaned';
    case 'standing':
      return 'the dog has stood as long as it may that day';
    case 'dogBusy':
      return held === null
        ? 'the dog has another task'
        : `the dog has another task (${lower(held.step)}) until ${at(held.until, names)}`;
    case 'personLimit':
      return 'a daily limit of noise or scissor work is reached';
  }
}

/** Why a planned task is at its time, and, where somebody else should have had it, why they do not. */
export function reasonWords(a: Pick<PlannedActivity, 'reason' | 'dogId' | 'handedOver'>, names: Names): string {
  const time = timeReason(a, names);
  return a.handedOver === undefined ? time : `${time} ${handOverWords(a.handedOver, names)}`;
}

/** "Asta has had the noise that a day allows." */
function handOverWords({ from, cause, heldBy }: HandOver, names: Names): string {
  const who = names.first(from);
  switch (cause) {
    case 'skill':
      return `${who} does not do this step.`;
    case 'notThere':
      return `${who} is not on shift, or on a break, then.`;
    case 'busy':
      return `${holderWords(heldBy, names) ?? `${who} is busy then`}.`;
    case 'noise':
      return `${who} has had the noise that a day allows.`;
    case 'scissorMinutes':
      return `${who} has scissored as long as a day allows.`;
    case 'elseOut':
      return `With ${who} for it, other work would lose its place.`;
    case 'elseWorse':
      return `With ${who} for it, something else would give way: hands, tables, a walk or a rest.`;
  }
}

function timeReason(a: Pick<PlannedActivity, 'reason' | 'dogId'>, names: Names): string {
  const { reason } = a;
  switch (reason.code) {
    case 'done':
      return 'Done.';
    case 'running':
      return 'Running now.';
    case 'pinned':
      return 'A lead has set it at this time.';
    case 'atAim':
      return 'At the ideal time.';
    case 'evenDays':
      return 'On this day, so that the crew’s days are even.';
    case 'follows':
      return 'Directly after the step before.';
    case 'overdue':
      return 'It waits already, so it comes at once.';
    case 'alone':
      return `Moving it closer to the ideal time would move all of ${names.dog(a.dogId)}’s work that day.`;
    case 'sameHands':
      return reason.personId === null
        ? 'It waits, so that nobody works overtime.'
        : `Waits for ${names.first(reason.personId)}, so that one person stays with ${names.dog(a.dogId)}.`;
    case 'blocked':
      return `${sideWords(reason.towards)}: ${blockerWords(reason.by, reason.heldBy, names)}.`;
    case 'blockedTwice':
      return `${sideWords(reason.towards)}: ${reason.by.map((b) => blockerWords(b, null, names)).join(', and ')}.`;
  }
}

const sideWords = (towards: 'earlier' | 'later'): string => (towards === 'earlier' ? 'Not earlier' : 'Not later');

/** Whether a reason tells more than the time itself: a task at its ideal time, or after the one before, needs no word. */
export function isTelling({ reason }: Pick<PlannedActivity, 'reason'>): boolean {
  return reason.code !== 'atAim' && reason.code !== 'follows';
}

/** A change that would help, as an instruction: "Let Ivo take Tamsin." */
export function remedyWords(r: Remedy, dogId: string, names: Names): string {
  switch (r.code) {
    case 'otherHandler':
      return `Let ${names.first(r.otherId)} take ${names.dog(dogId)}.`;
    case 'stay':
      return `${names.first(r.personId)} stays until ${dayAndTime(r.until, names)}.`;
    case 'unpin':
      return `Let ${lower(r.step)} move: it is set for ${dayAndTime(r.start, names)}.`;
    case 'moveBreak':
      return `Move ${names.first(r.personId)}’s break or care round at ${dayAndTime(r.from, names)}${r.to === undefined ? '' : ` to ${at(r.to, names)}`}.`;
    case 'present':
      return `${names.first(r.personId)} comes on ${weekdayWords(r.day)} after all.`;
    case 'beginEarlier':
      return `${names.first(r.personId)} begins ${dayAndTime(r.from, names)}, ${String(r.minutes)} min earlier.`;
    case 'moreAmps':
      return `${names.circuit(r.circuitId)} carries ${String(r.amps)} A instead of ${String(r.present)}.`;
    case 'openStation':
      return `Reopen ${names.station(r.stationId)} on ${dayWords(instantToMs(r.from), names.zone)}.`;
    case 'freePerson':
      return `One more person with ${names.first(r.personId)}’s skills would do.`;
    case 'moreStanding':
      return `Let ${names.dog(dogId)} stand longer in a day.`;
    case 'extraStation':
      return `One more ${STATION_NAMES[r.kind]} would do.`;
    case 'without':
      return `There is room if ${names.dog(r.dogId)} is pulled.`;
  }
}

/** Side effects of a change: "78 tasks move, 20 min overtime. Brisk loses its place, and is more important." */
export function checkedWords({ moved, overtimeMin, lost, costsMore, gained }: CheckedRemedy, names: Names): string {
  const others = gained.length - 1;
  const does = [
    ...(moved > 0 ? [`${String(moved)} ${moved === 1 ? 'task moves' : 'tasks move'}`] : ['Nothing else moves']),
    ...(overtimeMin >= 1 ? [`${String(Math.round(overtimeMin))} min more overtime`] : []),
    ...(others > 0 ? [`${String(others)} more ${others === 1 ? 'dog has' : 'dogs have'} a place`] : []),
  ].join(', ');
  if (lost.length === 0) return `${does}.`;
  const dogs = lost.map((d) => names.dog(d)).join(' and ');
  const one = lost.length === 1;
  const more = !costsMore ? '' : one ? ', and is more important' : ', and are more important';
  return `${does}. ${dogs} ${one ? 'loses its place' : 'lose their places'}${more}.`;
}

/** The words of the button that makes the change: a verb and its object. */
export function remedyButton(r: Remedy, names: Names): string {
  switch (r.code) {
    case 'otherHandler':
      return `Let ${names.first(r.otherId)} show instead`;
    case 'stay':
      return `Let ${names.first(r.personId)} stay ${String(r.minutes)} min longer`;
    case 'openStation':
      return `Reopen ${names.station(r.stationId)}`;
    case 'present':
      return `${names.first(r.personId)} comes after all`;
    case 'beginEarlier':
      return `Let ${names.first(r.personId)} begin at ${at(r.from, names)}`;
    case 'moveBreak':
      return r.to === undefined ? 'Make this change' : `Move the break to ${at(r.to, names)}`;
    case 'unpin':
      return 'Unlock it';
    case 'without':
      return `Pull ${names.dog(r.dogId)}`;
    default:
      return 'Make this change';
  }
}

/** The state in a few words: "Nobody to show her", "One step has no place". */
export function shortWhyNot(u: UnplacedChain, names: Names): string {
  if (u.reason.remedies[0]?.code === 'otherHandler')
    return `Nobody to show ${names.pronoun(u.dogId) === 'she' ? 'her' : 'him'}`;
  if (u.reason.code === 'needsOther') return 'Waits for the day before';
  if (u.reason.code === 'windowPast') return 'Too late for one step';
  if (u.reason.code === 'nobodyThere') return 'Nobody is there';
  if (u.reason.code === 'noStationThere') return 'No station for one step';
  if (u.reason.code === 'dogNotHere') return 'Not here in time';
  if (u.reason.code === 'noSkill') return 'Nobody can do one step';
  if (u.reason.code === 'notPracticed') return 'Nobody may do one step yet';
  if (u.reason.code === 'noTool') return 'A tool is missing';
  if (u.reason.code === 'notAsked') return 'No free time found';
  return 'No time for one step';
}

/** Why an entry has no place, a sentence; the remedies are worded apart. */
export function whyNotWords(u: UnplacedChain, names: Names): string {
  const step = u.step === null ? 'A step' : METHODS[u.step].name;
  const first = u.reason.remedies[0];
  if (u.reason.code === 'nobodyThere') return lackWords(u, names, 'nobody with the skill is on shift');
  if (u.reason.code === 'noStationThere') return lackWords(u, names, 'there is no station for it');
  if (u.reason.code === 'dogNotHere')
    return `${names.dog(u.dogId)} is not in the kennel when its ${stepWords(u)} would have to be. Look at its stays.`;
  if (u.reason.code === 'needsOther') return 'The show day before this one is not ready either.';
  if (u.reason.code === 'windowPast') return `${step} can no longer be done in time: its days are over.`;
  if (u.reason.code === 'noSkill') return `${step}: nobody here has the skill.`;
  if (u.reason.code === 'notPracticed') return `${step}: nobody here has practiced it about two months before.`;
  if (u.reason.code === 'noTool') return `${step}: nobody’s kit holds what it needs.`;
  if (u.reason.code === 'notAsked') return `The plan has no time for ${names.dog(u.dogId)} here.`;
  if (first?.code === 'otherHandler') return handlerWords(first, u, names);
  const { together = [] } = u.reason;
  if (together.length > 0)
    return `No free time for ${names.dog(u.dogId)}’s ${stepWords(u)}${together.map((r, k) => bothWords(r, k, u, names)).join('')}.`;
  const help = u.reason.remedies.length === 0 ? ' No single change helps.' : '';
  const cause = first === undefined ? '' : causeWords(first, names);
  return `No free time for ${names.dog(u.dogId)}’s ${stepWords(u)}${cause}.${help}`;
}

/** "heat dry with brush", or "work" where no step is to name. */
function stepWords(u: UnplacedChain): string {
  return u.step === null ? 'work' : lower(u.step);
}

/** "Ring: nobody with the skill is on shift where Pell is on Saturday 12." */
function lackWords(u: UnplacedChain, names: Names, what: string): string {
  const step = u.step === null ? 'A step' : METHODS[u.step].name;
  const at = u.waiting.find((w) => w.blocked)?.aim;
  const ms = at === undefined ? null : instantToMs(at);
  const when =
    ms === null ? 'then' : `on ${dayWords(ms, names.zone)} ${String(Number(localDayOf(ms, names.zone).slice(8)))}`;
  return `${step}: ${what} where ${names.dog(u.dogId)} is ${when}.`;
}

/** One of several causes: ": Ivo is away on Thursday", ", and Tub 2 is closed on Wednesday". */
function bothWords(r: Remedy, k: number, u: UnplacedChain, names: Names): string {
  const cause = r.code === 'otherHandler' ? `: ${handlerWords(r, u, names).slice(0, -1)}` : causeWords(r, names);
  return k === 0 ? cause : cause.replace(/^: /, ', and ');
}

function causeWords(r: Remedy, names: Names): string {
  if (r.code === 'present') return `: ${names.first(r.personId)} is away on ${weekdayWords(r.day)}`;
  if (r.code === 'beginEarlier') return `: ${names.first(r.personId)} begins too late`;
  if (r.code === 'moreAmps') return `: ${names.circuit(r.circuitId)} carries only ${String(r.present)} A`;
  if (r.code === 'openStation')
    return `: ${names.station(r.stationId)} is closed on ${dayWords(instantToMs(r.from), names.zone)}`;
  if (r.code === 'unpin') return `: ${lower(r.step)} is set for ${dayAndTime(r.start, names)}`;
  if (r.code === 'moveBreak') return `: ${names.first(r.personId)} has a break or a care round then`;
  if (r.code === 'stay') return `: ${names.first(r.personId)} leaves too early`;
  if (r.code === 'extraStation') return `: every ${STATION_NAMES[r.kind]} is in use`;
  if (r.code === 'freePerson') return ': everybody with the skill is busy';
  if (r.code === 'moreStanding') return ': the dog has stood as long as it may';
  return r.code === 'without' ? `: ${names.dog(r.dogId)} needs it` : '';
}

function handlerWords(r: Extract<Remedy, { code: 'otherHandler' }>, u: UnplacedChain, names: Names): string {
  const who = names.first(r.handlerId);
  if (r.rivalDogId === null) return `${who} cannot be at ${names.ring(u.entryId)} then.`;
  const gap =
    wallMinutes(names.ringTime(u.entryId) as WallTime) - wallMinutes(names.ringTime(r.rivalEntryId) as WallTime);
  const when = gap === 0 ? 'at the same time' : `${String(Math.abs(gap))} min ${gap > 0 ? 'before' : 'after'}`;
  return `${who} shows ${names.dog(r.rivalDogId)} ${when}, in ${lowerFirst(names.ring(r.rivalEntryId))}.`;
}
