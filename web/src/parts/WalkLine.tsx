/*
 * One line that leads to the inspection walk: how far it is today, and whom nobody looked over before.
 */
import { Link } from 'react-router';
import { countWords } from './countWords';
import { useInspections } from './useInspections';

/** How far the walk is; days that were missed are told in red. */
export function WalkLine() {
  const { walk } = useInspections();
  if (walk.length === 0) return null;
  const done = walk.filter((w) => w.isDone).length;
  const missed = walk.filter((w) => w.missed.length > 0 && !w.isDone).length;
  const due = walk.reduce((sum, w) => sum + w.due, 0);
  return (
    <p className="walk-line">
      <Link to="/walk">Inspection walk</Link>: {done} of {walk.length} looked over today
      {due > 0 && <>, {countWords(due, 'thing')} to look at again</>}.
      {missed > 0 && <b className="bad"> {countWords(missed, 'dog')} missed before today.</b>}
    </p>
  );
}
