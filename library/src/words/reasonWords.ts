/*
 * Why a task sits where it sits, why an entry has no place, and what would help: whole sentences from codes and fields.
 */
import type { Blocker, PlannedActivity, Remedy, TaskName, UnplacedChain } from '@loyal-mane/core';
import { instantToMs, localDayOf, wallMinutes } from '@loyal-mane/core';
import type { WallTime } from '@loyal-mane/core';
import { STATION_NAMES } from './coatWords.js';
import { METHODS } from './methods.js';
import type { Names } from './names.js';
import { clockWords, dayWords } from './timeWords.js';

function at(instant: string, names: Names): string {
  return clockWords(instantToMs(instant as PlannedActivity['start']), names.zone, names.clock);
}

function dayAndTime(instant: string, names: Names): string {
  return `${dayWords(instantToMs(instant as PlannedActivity['start']), names.zone)} ${at(instant, names)}`;
}

function lower(step: keyof typeof METHODS): string {
  const name = METHODS[step].name;
  return name.charAt(0).toLowerCase() + name.slice(1);
}

function holderWords(held: TaskName | null, names: Names): string {
  if (held === null) return '';
  const who = held.personId === null ? '' : `${names.first(held.personId)} has `;
  return `: ${who}${names.dog(held.dogId)}, ${lower(held.step)}, until ${at(held.until, names)}`;
}

function blockerWords(by: Blocker, held: TaskName | null, names: Names): string {
  switch (by) {
    case 'before':
      return held === null
        ? 'the step before it ends then'
        : `${lower(held.step)} comes before it and ends at ${at(held.until, names)}`;
    case 'after':
      return held === null ? 'the next step needs it there' : `${lower(held.step)} follows it and holds it there`;
    case 'personBusy':
      return `everybody who can do it is taken${holderWords(held, names)}`;
    case 'stationBusy':
      return `its place is taken${holderWords(held, names)}`;
    case 'shift':
      return 'nobody who can do it is on shift there';
    case 'stationClosed':
      return 'its place is closed';
    case 'circuit':
      return 'the circuit carries no more amperes';
    case 'cleanDown':
      return 'its place is still being cleaned';
    case 'standing':
      return 'the dog has stood its minutes for that day';
    case 'dogBusy':
      return `the dog has other work${holderWords(held, names)}`;
    case 'personLimit':
      return 'noise or scissor minutes of that day are used up';
  }
}

/** Why a planned task sits where it sits. */
export function reasonWords(a: Pick<PlannedActivity, 'reason' | 'aim' | 'start' | 'people'>, names: Names): string {
  const { reason } = a;
  switch (reason.code) {
    case 'done':
      return 'Done.';
    case 'running':
      return 'Running now.';
    case 'pinned':
      return 'A lead has set it there.';
    case 'atAim':
      return 'It sits where it should: at its aim.';
    case 'follows':
      return 'It follows directly on the step before.';
    case 'overdue':
      return 'It should have followed sooner, so it comes at once.';
    case 'alone':
      return 'The whole chain would have to move to bring it nearer its aim.';
    case 'sameHands':
      return reason.personId === null
        ? 'It waits so that no overtime is needed.'
        : `It waits so that ${names.first(reason.personId)} can keep the dog, without overtime.`;
    case 'blocked':
      return `${reason.towards === 'earlier' ? 'Not earlier' : 'Not later'}, because ${blockerWords(reason.by, reason.heldBy, names)}.`;
    case 'blockedTwice':
      return `${reason.towards === 'earlier' ? 'Not earlier' : 'Not later'}, because ${reason.by.map((b) => blockerWords(b, null, names)).join(', and ')}.`;
  }
}

/** A change that would help, as an instruction: "Let Ivo take Tamsin." */
export function remedyWords(r: Remedy, dogId: string, names: Names): string {
  switch (r.code) {
    case 'otherHandler':
      return `Let ${names.first(r.otherId)} take ${names.dog(dogId)}.`;
    case 'stay':
      return `${names.first(r.personId)} stays until ${dayAndTime(r.until, names)}.`;
    case 'unpin':
      return `Let ${lower(r.step)} go from ${dayAndTime(r.start, names)}, where it is set.`;
    case 'moveBreak':
      return `Move ${names.first(r.personId)}’s break or care round at ${dayAndTime(r.from, names)}.`;
    case 'openStation':
      return `Get ${names.station(r.stationId)} back for ${dayWords(instantToMs(r.from), names.zone)}.`;
    case 'freePerson':
      return `One more pair of hands like ${names.first(r.personId)}’s.`;
    case 'moreStanding':
      return `Let ${names.dog(dogId)} stand longer in a day.`;
    case 'extraStation':
      return `One more ${STATION_NAMES[r.kind]}.`;
    case 'without':
      return `It would fit without ${names.dog(r.dogId)}.`;
  }
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
  if (u.reason.code === 'noStationThere') return 'No place for one step';
  if (u.reason.code === 'noSkill') return 'Nobody can do one step';
  if (u.reason.code === 'notPracticed') return 'Nobody may do one step yet';
  if (u.reason.code === 'noTool') return 'A tool is missing';
  if (u.reason.code === 'notAsked') return 'No free time found';
  return 'One step has no place';
}

/** Why an entry has no place, a sentence; the remedies are worded apart. */
export function whyNotWords(u: UnplacedChain, names: Names): string {
  const step = u.step === null ? 'A step' : METHODS[u.step].name;
  const first = u.reason.remedies[0];
  if (u.reason.code === 'nobodyThere') return lackWords(u, names, 'nobody who can do it is on shift');
  if (u.reason.code === 'noStationThere') return lackWords(u, names, 'there is no place for it');
  if (u.reason.code === 'needsOther') return 'It waits for the show day before it, which has no place.';
  if (u.reason.code === 'windowPast') return `${step} can no longer be done in time: its days are over.`;
  if (u.reason.code === 'noSkill') return `${step}: nobody here has the skill.`;
  if (u.reason.code === 'notPracticed') return `${step}: nobody here has practiced it about two months before.`;
  if (u.reason.code === 'noTool') return `${step}: nobody’s kit holds what it needs.`;
  if (u.reason.code === 'notAsked') return `The plan has no time for ${names.dog(u.dogId)} here.`;
  if (first?.code === 'otherHandler') return handlerWords(first, u, names);
  const help = u.reason.remedies.length === 0 ? ' No single change helps.' : '';
  const cause = first === undefined ? '' : causeWords(first, names);
  return `${step} finds no place${cause}.${help}`;
}

/** "Ring: nobody who can do it is on shift where Pell is on Saturday 12." */
function lackWords(u: UnplacedChain, names: Names, what: string): string {
  const step = u.step === null ? 'A step' : METHODS[u.step].name;
  const at = u.waiting.find((w) => w.blocked)?.aim;
  const ms = at === undefined ? null : instantToMs(at);
  const when =
    ms === null ? 'then' : `on ${dayWords(ms, names.zone)} ${String(Number(localDayOf(ms, names.zone).slice(8)))}`;
  return `${step}: ${what} where ${names.dog(u.dogId)} is ${when}.`;
}

function causeWords(r: Remedy, names: Names): string {
  if (r.code === 'openStation')
    return `: ${names.station(r.stationId)} is closed on ${dayWords(instantToMs(r.from), names.zone)}`;
  if (r.code === 'unpin') return `: ${lower(r.step)} is set for ${dayAndTime(r.start, names)}`;
  if (r.code === 'moveBreak') return `: ${names.first(r.personId)} has a break or a care round then`;
  if (r.code === 'stay') return `: ${names.first(r.personId)} leaves too early`;
  if (r.code === 'extraStation') return `: every ${STATION_NAMES[r.kind]} is taken`;
  if (r.code === 'freePerson') return ': everybody who can do it is taken';
  if (r.code === 'moreStanding') return ': the dog has stood its minutes';
  return r.code === 'without' ? `: ${names.dog(r.dogId)} has it` : '';
}

function handlerWords(r: Extract<Remedy, { code: 'otherHandler' }>, u: UnplacedChain, names: Names): string {
  const who = names.first(r.handlerId);
  if (r.rivalDogId === null) return `${who} cannot be at ${names.ring(u.entryId)} then.`;
  const gap =
    wallMinutes(names.ringTime(u.entryId) as WallTime) - wallMinutes(names.ringTime(r.rivalEntryId) as WallTime);
  const when = gap === 0 ? 'at the same time' : `${String(Math.abs(gap))} min ${gap > 0 ? 'before' : 'after'}`;
  return `${who} shows ${names.dog(r.rivalDogId)} ${when}, in ${names.ring(r.rivalEntryId).toLowerCase()}.`;
}
