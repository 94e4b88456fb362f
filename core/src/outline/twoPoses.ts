/*
 * A tail is carried otherwise in movement than at rest, and hair that hangs shows another line at another angle. Both are solved; what is
 * left of each station of the tail is the shorter of the two.
 */
import { solveOutline } from './outlineModel.js';
import type { OutlineAnswer, OutlineAsk } from './outlineModel.js';

/** The outline at rest with its tail trimmed for both poses, and the stations at which the moving tail decided. */
export interface PosedOutline {
  readonly answer: OutlineAnswer;
  readonly decidedMoving: readonly number[];
}

/** Less than this is no difference, mm of hair. */
const APART_MM = 0.5;

/** Solves both poses; `movingTailAngle` in degrees as in a body's row, null where nobody has seen the dog move. */
export function solvePoses(ask: OutlineAsk, movingTailAngle: number | null, start?: readonly number[]): PosedOutline {
  const answer = solveOutline(ask, start);
  if (movingTailAngle === null || movingTailAngle === ask.body.tailAngle) return { answer, decidedMoving: [] };
  const moving = solveOutline({ ...ask, body: { ...ask.body, tailAngle: movingTailAngle } });
  const decidedMoving: number[] = [];
  const stations = answer.stations.map((s, i) => {
    const other = moving.stations[i];
    if (s.part !== 'tail' || s.hair === null || s.isLocked || other === undefined) return s;
    const [rest, moved] = [s.depth / s.reach, other.depth / other.reach];
    if (moved > rest - APART_MM) return s;
    decidedMoving.push(i);
    return { ...s, depth: moved * s.reach, targetDepth: Math.min(s.targetDepth, moved * s.reach) };
  });
  return { answer: { ...answer, stations }, decidedMoving };
}
