/*
 * Faults of shows and entries, and of work that nobody here can do.
 */
import type { CareLibrary, KennelDog, KennelFile, Skill } from '@loyal-mane/core';
import { coatClassOf, rulesOf, turnedHours } from '@loyal-mane/core';
import type { KennelIssue } from './kennelIssue.js';

/** Issues of shows and entries. */
export function showIssues(kennel: KennelFile, library: CareLibrary): KennelIssue[] {
  return [...dayIssues(kennel), ...entryIssues(kennel), ...skillIssues(kennel, library)];
}

function dayIssues(kennel: KennelFile): KennelIssue[] {
  return kennel.shows.flatMap((s, i): KennelIssue[] => {
    const path = `shows[${String(i)}]`;
    const found: KennelIssue[] = [];
    if (s.lastDay < s.firstDay) found.push({ code: 'endsBeforeStart', path, start: s.firstDay, end: s.lastDay });
    const hours = turnedHours(rulesOf(s));
    if (hours !== null)
      found.push({
        code: 'endsBeforeStart',
        path: `${path}.rules.dryersUntil`,
        start: hours.from,
        end: hours.until,
      });
    return found;
  });
}

function entryIssues(kennel: KennelFile): KennelIssue[] {
  const issues: KennelIssue[] = [];
  const shows = new Map(kennel.shows.map((s) => [s.id, s]));
  const rings = new Map(kennel.rings.map((r) => [r.id, r]));
  const dogs = new Map(kennel.dogs.map((d) => [d.id, d]));
  const people = new Map(kennel.people.map((p) => [p.id, p]));
  const seen = new Set<string>();
  kennel.entries.forEach((e, i) => {
    const path = `entries[${String(i)}]`;
    const show = shows.get(e.showId);
    if (show !== undefined && (e.day < show.firstDay || e.day > show.lastDay)) {
      issues.push({ code: 'outsideShow', path: `${path}.day`, day: e.day, first: show.firstDay, last: show.lastDay });
    }
    if (rings.get(e.ringId)?.showId !== e.showId) issues.push({ code: 'ringOfOtherShow', path: `${path}.ringId` });
    const key = `${e.dogId} ${e.ringId} ${e.day}`;
    if (seen.has(key)) issues.push({ code: 'twiceInRing', path, dog: dogs.get(e.dogId)?.name ?? e.dogId, day: e.day });
    seen.add(key);
    if (e.laterRound !== undefined && e.laterRound <= e.ringTime) {
      issues.push({ code: 'endsBeforeStart', path: `${path}.laterRound`, start: e.ringTime, end: e.laterRound });
    }
    const handler = e.handlerId === undefined ? undefined : people.get(e.handlerId);
    if (handler !== undefined && !handler.skills.includes('ring')) {
      issues.push({ code: 'handlerCannotShow', path: `${path}.handlerId`, person: handler.name });
    }
  });
  return issues;
}

/** A step that nobody has the skill for: every dog that needs it would fail, so it is said once. */
function skillIssues(kennel: KennelFile, library: CareLibrary): KennelIssue[] {
  const have = new Set<Skill>(kennel.people.flatMap((p) => p.skills));
  const missing = new Map<Skill, KennelIssue>();
  const entered = new Set(kennel.entries.map((e) => e.dogId));
  for (const dog of kennel.dogs) {
    if (!library.breeds.has(dog.breed)) continue;
    for (const step of stepsFor(dog, entered.has(dog.id), library)) {
      const needs = library.steps[step];
      for (const skill of [needs.skill, needs.second]) {
        if (skill === null || have.has(skill) || missing.has(skill)) continue;
        missing.set(skill, { code: 'nobodyCan', path: 'people', skill, step, dog: dog.name });
      }
    }
  }
  return [...missing.values()];
}

function stepsFor(dog: KennelDog, shown: boolean, library: CareLibrary) {
  const program = library.programs[coatClassOf(dog, library)];
  const keepUp = program.keepUp.flatMap((rule) => rule.steps);
  const show = shown ? [...program.preparation, ...program.showMorning, ...program.after] : [];
  return [...keepUp, ...show].map((s) => s.step);
}
