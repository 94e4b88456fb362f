/*
 * The day around the tasks: rides, rings, what is mixed for whom, what to mind of each dog, and who waits where.
 */
import type { ReactNode } from 'react';
import { matsOver } from '@loyal-mane/core';
import type { CareRound, DayFacts, LocalDay, PlanNote } from '@loyal-mane/core';
import {
  METHODS,
  clockWords,
  lackingWords,
  liftWords,
  monthDay,
  noteWords,
  roundWords,
  zonesWords,
} from '@loyal-mane/library/words';
import type { Names } from '@loyal-mane/library/words';
import type { Kennel } from '../../api/queries';
import { pageOf } from '../../parts/pageOf';
import { kennelDogOf, recordOf } from '../../parts/dogRecord';

interface Props {
  readonly facts: DayFacts;
  readonly rounds: readonly CareRound[];
  readonly kennel: Kennel;
  readonly names: Names;
  /** Cautions of the plan for the dogs of the day. */
  readonly notes: readonly PlanNote[];
  readonly day: LocalDay;
}

/** Cautions of one dog: those that its people wrote, and those of the plan, each once. */
export function mindLines(dog: Kennel['dogs'][number], notes: readonly PlanNote[]): string[] {
  const { temperament, states = [] } = recordOf(dog);
  // Unknown rules of a show concern all of its dogs, and stand in the show's room.
  const own = notes.filter((n) => n.dogId === dog.id && n.note.code !== 'checkRules');
  const said = own.map((n) => noteWords(n.note));
  const of = states.flatMap((s) => s.note ?? []);
  const heavy = liftWords(dog.weightKg);
  const lines = [...(temperament === undefined ? [] : [temperament]), ...of, ...said, ...(heavy === '' ? [] : [heavy])];
  return [...new Set(lines)];
}

/** Rides, rings, mixes, cautions and waiting dogs of a day; a heading without anything under it is left out. */
export function DayFactsView({ facts, rounds, kennel, names, notes, day }: Props) {
  const at = (ms: number): string => clockWords(ms, names.zone, names.clock);
  const dogs = (ids: readonly string[]): string => ids.map((id) => names.dog(id)).join(', ');
  const site = (id: string): string => kennel.sites.find((s) => s.id === id)?.name ?? 'another site';
  const today = new Set([...facts.rings.map((r) => r.dogId), ...facts.baths.map((b) => b.dogId as string)]);
  const minded = kennel.dogs
    .filter((d) => today.has(d.id))
    .map((d) => ({ dog: d, lines: mindLines(d, notes) }))
    .filter((m) => m.lines.length > 0);
  return (
    <section className="day-facts" aria-label="The day around the tasks">
      <Facts title="Mats still in">
        {kennel.dogs.flatMap((dog) => {
          const over = matsOver(kennelDogOf(dog).mats ?? [], day);
          if (over.length === 0) return [];
          return [
            <li key={dog.id} className="bad">
              <b>{dog.name}</b>: {zonesWords([...new Set(over.map((m) => m.zone))])}, since{' '}
              {monthDay(over.map((m) => m.foundOn ?? day).sort()[0] ?? day)}. Take them out today.
            </li>,
          ];
        })}
      </Facts>
      <Facts title="On the road">
        {facts.rides.map((r) => (
          <li key={`${r.name}${String(r.departMs)}`}>
            <b>{at(r.departMs)}</b> {r.name} to {site(r.toSiteId)}, there {at(r.arriveMs)}. {dogs(r.dogs)}.{' '}
            {r.people.length > 0 && `With ${r.people.map((p) => names.first(p)).join(', ')}.`}
          </li>
        ))}
      </Facts>
      <Facts title="Fed, walked, watered">
        {rounds.map((r) => (
          <li key={`${r.kind} ${r.siteId}`}>
            {r.parts[0] !== undefined && <b>{at(r.parts[0].fromMs)} </b>}
            {roundWords(r)}, {site(r.siteId)}. {unique(r.parts.map((p) => names.first(p.personId))).join(', ')}
            {r.lackingMin > 0 && <b className="bad"> {lackingWords(r)}.</b>}
          </li>
        ))}
      </Facts>
      <Facts title="In the ring">
        {facts.rings.map((r) => (
          <li key={r.entryId}>
            <b>{at(r.ringMs)}</b> {names.dog(r.dogId)}, {r.ring.toLowerCase()}
            {r.handlerId !== null && `, ${names.first(r.handlerId)}`}
          </li>
        ))}
      </Facts>
      <Facts title="Shampoo to mix">
        {facts.baths.map((b) => (
          <li key={b.key}>
            <b>{clockWords(Date.parse(b.start), names.zone, names.clock)}</b> {names.dog(b.dogId)}:{' '}
            {mixOf(b, kennel, names)}
          </li>
        ))}
      </Facts>
      <Facts title="Watch out for">
        {minded.map(({ dog, lines }) => (
          <li key={dog.id}>
            <b>{dog.name}</b>: {lines.join(' ')}
          </li>
        ))}
      </Facts>
      <Facts title="No work today">
        {facts.waiting.map((w) => (
          <li key={w.siteId}>
            <b>{site(w.siteId)}</b>: {dogs(w.dogs)}
          </li>
        ))}
      </Facts>
    </section>
  );
}

function unique<T>(list: readonly T[]): T[] {
  return [...new Set(list)];
}

/** The bath's own line: its products with where they go. */
function mixOf(bath: DayFacts['baths'][number], kennel: Kennel, names: Names): string {
  const own = pageOf(bath, kennel, names.zone)?.lines.find((l) => l.id.startsWith('own.'));
  return own?.text ?? METHODS[bath.step].name.toLowerCase();
}

function Facts({ title, children }: { title: string; children: readonly ReactNode[] }) {
  if (children.length === 0) return null;
  return (
    <div>
      <h2 className="serif">{title}</h2>
      <ul>{children}</ul>
    </div>
  );
}
