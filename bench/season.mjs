/*
 * A season's kennel from a seed: many dogs, a crew to match, and a year of work on record. Invented, and only for
 * measuring.
 */
import { makeRng } from '@loyal-mane/core';

const MS_A_DAY = 86_400_000;
const DOGS_A_CREW = 40;
const MOST_CREWS = 4;
const STEPS = ['keepUpBrush', 'bath', 'lineBrush', 'nails'];

/** Grows a kennel file: `dogs` dogs and `days` days of records before its start day. The same seed gives the same kennel. */
export function seasonOf(kennel, { dogs, days, seed }) {
  const rng = makeRng(seed);
  const id = ids();
  const crews = Math.max(1, Math.min(MOST_CREWS, Math.round(dogs / DOGS_A_CREW)));
  const crewOf = kennel.people.map((person) =>
    Array.from({ length: crews }, (_, c) =>
      c === 0 ? person : { ...person, id: id(), name: `${person.name} ${c + 1}`, signIn: `${person.signIn}${c + 1}` },
    ),
  );
  const people = crewOf.flat();
  const alike = (personId, c) => crewOf.find(([first]) => first.id === personId)?.[c]?.id ?? personId;
  const owners = Array.from({ length: Math.ceil(dogs / 4) }, (_, k) => ({
    id: id(),
    name: `Owner ${k + 1}`,
    contact: '',
  }));
  const all = Array.from({ length: dogs }, (_, k) => {
    const like = kennel.dogs[k % kennel.dogs.length];
    return { ...like, id: id(), name: `${like.name} ${k + 1}`, ownerId: owners[rng.below(owners.length)].id };
  });
  const copies = (dogId) => {
    const like = kennel.dogs.findIndex((d) => d.id === dogId);
    return all.filter((_, k) => k % kennel.dogs.length === like).slice(0, crews);
  };
  const perCrew = (list, made) => list.flatMap((row) => Array.from({ length: crews }, (_, c) => made(row, c)));
  return {
    ...kennel,
    people,
    owners,
    dogs: all,
    shifts: perCrew(kennel.shifts, (s, c) => ({ ...s, id: id(), personId: alike(s.personId, c) })),
    stations: perCrew(kennel.stations, (s, c) =>
      c === 0 ? s : { ...s, circuitId: undefined, id: id(), name: `${s.name} ${c + 1}` },
    ),
    entries: kennel.entries.flatMap((e) =>
      copies(e.dogId).map((dog, c) => ({ ...e, id: id(), dogId: dog.id, handlerId: alike(e.handlerId, c) })),
    ),
    transports: kennel.transports.map((t) => ({
      ...t,
      people: t.people.flatMap((p) => Array.from({ length: crews }, (_, c) => alike(p, c))),
      dogs: t.dogs.flatMap((d) => copies(d).map((dog) => dog.id)),
    })),
    absences: [],
    work: recordsOf({ dogs: all, people, days, start: Date.parse(`${kennel.startDay}T06:00:00Z`), rng }),
  };
}

function ids() {
  let made = 0;
  return () => `01900000-0000-7000-8000-${(++made).toString(16).padStart(12, '0')}`;
}

/** Finished work every one to three days for each dog. */
function recordsOf({ dogs, people, days, start, rng }) {
  const work = [];
  for (const dog of dogs) {
    for (let day = days; day > 0; day -= 1 + rng.below(3)) {
      const step = STEPS[rng.below(STEPS.length)];
      const begun = start - day * MS_A_DAY + rng.below(480) * 60_000;
      const minutes = 10 + rng.below(60);
      const at = (ms) => new Date(ms).toISOString();
      work.push({
        taskKey: `k:${dog.id}:${step}:${at(begun).slice(0, 10)}:${step}:1:${work.length}`,
        dogId: dog.id,
        step,
        state: 'done',
        personId: people[rng.below(people.length)].id,
        startedAt: at(begun),
        finishedAt: at(begun + minutes * 60_000),
        workedMs: minutes * 60_000,
        expectedMin: Math.max(5, minutes + rng.below(21) - 10),
      });
    }
  }
  return work;
}
