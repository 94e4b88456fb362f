/*
 * The changes of a draft, by dog, the worst first: who loses a place, who gets other hands, overtime, another day.
 */
import { useState } from 'react';
import { Button } from 'antd';
import { draftChanges, instantToMs } from '@loyal-mane/core';
import type { DraftDog, DraftMove, Instant, Plan, UnplacedChain } from '@loyal-mane/core';
import { METHODS, boundDetailWords, boundWords, clockWords, dayWords, whyNotWords } from '@loyal-mane/library/words';
import type { Names } from '@loyal-mane/library/words';
import { countWords } from '../../parts/countWords';
import { useRooms } from '../../parts/useRooms';

const FIRST_DOGS = 6;
const FIRST_MOVES = 2;
/** Less to spare than this is said, minutes. */
const TIGHT_MIN = 30;

function whenWords(iso: string, names: Names): string {
  const ms = instantToMs(iso as Instant);
  return `${dayWords(ms, names.zone).slice(0, 3)} ${clockWords(ms, names.zone, names.clock)}`;
}

/** "fine trim: Thu 12:45 Ivo, then Thu 16:30 Pia, 40 min overtime" in its two halves. */
function moveWords({ from, to, otherPeople, overtimeMin, spareMin }: DraftMove, names: Names): [string, string] {
  const who = (people: readonly string[]): string => people.map((p) => names.first(p)).join(' and ');
  const isMoved = from.start !== to.start;
  const old = [isMoved || !otherPeople ? whenWords(from.start, names) : '', otherPeople ? who(from.people) : ''];
  const place = from.stationId !== to.stationId && !otherPeople && !isMoved && to.stationId !== null;
  const fresh = [
    isMoved ? whenWords(to.start, names) : '',
    otherPeople ? who(to.people) : '',
    place ? names.station(to.stationId) : '',
    overtimeMin > 0 ? `${String(Math.round(overtimeMin))} min overtime` : '',
    spareMin !== null && spareMin < TIGHT_MIN && isMoved ? `only ${String(spareMin)} min to spare` : '',
  ];
  const list = (parts: string[]): string => parts.filter((x) => x !== '').join(', ');
  return [`${METHODS[to.step].name.toLowerCase()}: ${list(old)}, now `, list(fresh)];
}

function fateWords(dog: DraftDog, plan: Plan, names: Names): string | null {
  if (dog.fate === 'gained') return 'has a place now.';
  const out = plan.unplaced.find((u) => u.dogId === dog.dogId && u.kind === 'show');
  return dog.fate === 'lost' && out !== undefined ? `loses its place. ${whyNotWords(out, names)}` : null;
}

function newAndGone({ added, removed }: DraftDog): string | null {
  const words = [
    ...(added.length > 0 ? [`${String(added.length)} new`] : []),
    ...(removed.length > 0 ? [`${String(removed.length)} gone`] : []),
  ];
  return words.length === 0 ? null : words.join(', ');
}

/** One dog of a draft; its first moves, the others on demand. */
function DogChanges({ dog, plan }: { dog: DraftDog; plan: Plan }) {
  const { names } = useRooms();
  const [all, setAll] = useState(false);
  const moves = all ? dog.moves : dog.moves.slice(0, FIRST_MOVES);
  const rest = dog.moves.length - moves.length;
  const fate = fateWords(dog, plan, names);
  const counts = newAndGone(dog);
  return (
    <li>
      <b>{names.dog(dog.dogId)}</b>{' '}
      {fate !== null && <span className={dog.fate === 'lost' ? 'bad' : undefined}>{fate} </span>}
      {moves.map((m, k) => {
        const [old, fresh] = moveWords(m, names);
        return (
          <span key={m.to.key}>
            {k > 0 && '; '}
            {old}
            <b className={m.overtimeMin > 0 ? 'bad' : undefined}>{fresh}</b>
          </span>
        );
      })}
      {counts !== null && <span className="soft">{`${moves.length > 0 ? '; ' : ''}${counts}`}</span>}
      {rest > 0 && (
        <Button type="link" size="small" onClick={() => setAll(true)}>
          {`and ${String(rest)} more`}
        </Button>
      )}
    </li>
  );
}

/** Chains that had no place before either; a later show day that only waits for another is no line of its own. */
function stillWaiting({ unplaced }: Plan, lost: ReadonlySet<string>): readonly UnplacedChain[] {
  const hasCause = new Set(unplaced.filter((u) => u.reason.code !== 'needsOther').map((u) => u.dogId));
  return unplaced.filter((u) => !lost.has(u.dogId) && (u.reason.code !== 'needsOther' || !hasCause.has(u.dogId)));
}

/** All that a draft changes, and what has no place in it. */
export function DraftList({ draft, published }: { draft: Plan; published: Plan | null }) {
  const { kennel, names } = useRooms();
  const [all, setAll] = useState(false);
  const dogs = draftChanges(published, draft, kennel.shifts, names.zone);
  const lost = dogs.filter((d) => d.fate === 'lost');
  const gained = dogs.filter((d) => d.fate === 'gained');
  const others = dogs.filter((d) => d.fate === 'same');
  const shown = all ? others : others.slice(0, FIRST_DOGS);
  return (
    <>
      <ul>
        {lost.map((dog) => (
          <DogChanges key={dog.dogId} dog={dog} plan={draft} />
        ))}
        {stillWaiting(draft, new Set(lost.map((d) => d.dogId))).map((u) => (
          <li key={u.key} className="bad">
            {`${names.dog(u.dogId)}${u.kind === 'keepUp' ? ' (keep-up)' : ''}: ${whyNotWords(u, names)}`}
          </li>
        ))}
        {shown.map((dog) => (
          <DogChanges key={dog.dogId} dog={dog} plan={draft} />
        ))}
        {others.length > shown.length && (
          <li>
            <Button type="link" size="small" onClick={() => setAll(true)}>
              {`and ${countWords(others.length - shown.length, 'more dog')}`}
            </Button>
          </li>
        )}
        {gained.map((dog) => (
          <DogChanges key={dog.dogId} dog={dog} plan={draft} />
        ))}
        {draft.bound !== undefined && <li className="soft">{boundWords(draft.bound, draft)}</li>}
      </ul>
      {draft.bound !== undefined && (
        <details className="soft">
          <summary>Details</summary>
          {boundDetailWords(draft.bound, draft)}
        </details>
      )}
    </>
  );
}
