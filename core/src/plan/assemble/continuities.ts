/*
 * Which work of one dog one person should keep: all scissor work of an entry, from the rough trim to the ring; each run from
 * tub to dry coat; the brushing of one visit. And one table for a visit's run of steps. Every change needs a look at what
 * was done before, and a dog settles with the hands it knows (common practice).
 */
import type { Continuity } from '@loyal-mane/engine';
import type { StepId } from '../../kennel/vocabulary.js';
import { BATHS, BLADES, WET_RUN } from '../../programs/stepGroups.js';
import type { Task } from '../problem.js';

/** Cost of one step by other hands, in slots of lateness (engineering defaults, by what a change costs the dog). */
export const DEFAULT_CONTINUITY = { scissors: 60, wet: 25, brush: 6, table: 8 } as const;

const SCISSORS: ReadonlySet<StepId> = new Set([
  ...BLADES,
  ...(['whiskers', 'clip', 'outlineCheck', 'finish', 'tidies'] as const),
]);
const WASHES: ReadonlySet<StepId> = new Set([...BATHS, 'towelSoak']);
const WET: ReadonlySet<StepId> = new Set([...WASHES, ...WET_RUN, 'dryCheck']);
const BRUSH: ReadonlySet<StepId> = new Set([
  ...(['brushOut1', 'preTreat', 'brushOut2', 'nails', 'undercoat', 'lineBrush', 'combThrough'] as const),
]);
/** A new visit to the tables begins with these once the dog has been washed, or travels. */
const BEGINS: ReadonlySet<StepId> = new Set([
  'brushOut1',
  'mittClean',
  'blowOut',
  'load',
  'spotWash',
  'touchUp',
  'revive',
  'finish',
]);

/** The continuities of one chain's tasks, positions in the chain's order. */
export function continuitiesOf(tasks: readonly Task[]): Continuity[] {
  const scissors: number[] = [];
  const wet: number[][] = [];
  const visits: { brush: number[]; table: number[] }[] = [{ brush: [], table: [] }];
  let washed = true;
  tasks.forEach((a, k) => {
    if (WASHES.has(a.step)) wet.push([]);
    if (washed && BEGINS.has(a.step)) {
      visits.push({ brush: [], table: [] });
      washed = false;
    }
    washed ||= WASHES.has(a.step) || a.step === 'load';
    const visit = visits[visits.length - 1];
    if (SCISSORS.has(a.step)) scissors.push(k);
    if (WET.has(a.step)) wet[wet.length - 1]?.push(k);
    if (BRUSH.has(a.step)) visit?.brush.push(k);
    if (a.station === 'table') visit?.table.push(k);
  });
  const { scissors: byScissors, wet: byWet, brush, table } = DEFAULT_CONTINUITY;
  return [
    kept('worker', scissors, byScissors),
    ...wet.map((members) => kept('worker', members, byWet)),
    ...visits.flatMap((v) => [kept('worker', v.brush, brush), kept('machine', v.table, table)]),
  ].filter((c) => c.members.length > 1);
}

function kept(of: Continuity['of'], members: readonly number[], cost: number): Continuity {
  return { of, members, cost };
}
