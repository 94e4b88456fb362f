/*
 * The inspection walk: every dog in the order of the runs, looked over with one touch where all is as usual. Unusual things are
 * followed until they are closed.
 */
import { useState } from 'react';
import { Link, Navigate } from 'react-router';
import { monthDay, weekdayWords } from '@loyal-mane/library/words';
import { countWords } from '../../parts/countWords';
import { DogBadge } from '../../parts/Glyph';
import { recordOf } from '../../parts/dogRecord';
import { useInspections } from '../../parts/useInspections';
import type { DogOnWalk } from '../../parts/useInspections';
import { useRooms } from '../../parts/useRooms';
import { WalkCard } from './WalkCard';
import '../dogs/dogs.css';
import './walk.css';

/** The dogs of the day, and the card of the one that is looked at. */
export default function WalkRoom() {
  const { crew } = useRooms();
  const { today, walk } = useInspections();
  const [openId, setOpenId] = useState<string | null>(null);
  const next = walk.find((w) => !w.isDone);
  const open = walk.find((w) => w.dog.id === openId) ?? null;
  if (!crew) return <Navigate to="/dogs" replace />;
  const after = (id: string): void => setOpenId(walk.find((w) => !w.isDone && w.dog.id !== id)?.dog.id ?? null);
  return (
    <div className="room walk">
      <div className="sheet-head">
        <h1>{answerWords(walk)}</h1>
        <p className="soft">
          {missedWords(walk)} <Link to="/dogs">All dogs</Link>
        </p>
      </div>
      <div className="walk-main">
        <ol aria-label="Dogs on the walk">
          {walk.map((w) => (
            <li key={w.dog.id}>
              <button
                type="button"
                aria-current={w === open ? 'true' : undefined}
                className={w.isDone ? 'done' : ''}
                onClick={() => setOpenId(w.dog.id)}
              >
                <DogBadge badge={w.dog.badge} width={44} />
                <span>
                  <b className="serif">{w.dog.name}</b> <span className="soft">{recordOf(w.dog).run}</span>
                  <br />
                  <span className={w.missed.length > 0 && !w.isDone ? 'bad' : 'soft'}>{lookedWords(w, today)}</span>
                </span>
                {w.open.length > 0 && <i className="count">{countWords(w.open.length, 'thing')} followed</i>}
              </button>
            </li>
          ))}
        </ol>
        {open === null ? (
          <aside className="walk-card">
            <p>
              {next === undefined
                ? 'Everybody was looked over today.'
                : 'One touch a dog where all is as usual. Anything found is written down with its place and followed until it is closed.'}
            </p>
            {next !== undefined && (
              <button type="button" className="walk-go" onClick={() => setOpenId(next.dog.id)}>
                Begin with {next.dog.name}
              </button>
            )}
          </aside>
        ) : (
          <WalkCard key={open.dog.id} on={open} today={today} onDone={() => after(open.dog.id)} />
        )}
      </div>
    </div>
  );
}

/** "6 of 18 dogs were looked over today." */
export function answerWords(walk: readonly DogOnWalk[]): string {
  if (walk.length === 0) return 'No dog is here today.';
  const done = walk.filter((w) => w.isDone).length;
  if (done === walk.length) return `All ${countWords(done, 'dog')} were looked over today.`;
  return `${String(done)} of ${countWords(walk.length, 'dog')} ${done === 1 ? 'was' : 'were'} looked over today.`;
}

const MOST_NAMED = 4;

/** "Nobody looked at Odran and Quill yesterday or before." */
export function missedWords(walk: readonly DogOnWalk[]): string {
  const missed = walk.filter((w) => w.missed.length > 0 && !w.isDone);
  if (missed.length === 0) return 'No day was missed.';
  const named = missed.slice(0, MOST_NAMED).map((w) => w.dog.name);
  const rest = missed.length - named.length;
  return `Nobody looked over ${named.join(', ')}${rest > 0 ? ` and ${String(rest)} more` : ''} on a day before this one.`;
}

function lookedWords({ last, isDone, missed }: DogOnWalk, today: string): string {
  if (isDone) return 'looked over today';
  if (last === null) return 'never looked over';
  const days = missed.length === 0 ? '' : `, ${countWords(missed.length, 'day')} missed`;
  return `last ${last.slice(0, 4) === today.slice(0, 4) ? `${weekdayWords(last)} ${monthDay(last)}` : last}${days}`;
}
