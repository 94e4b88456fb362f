/*
 * Remedies proven by planning: each is taken in a copy of the kennel, and the whole is planned again from the plan in force. Only
 * what gives the dog its place is offered, with what it costs others.
 */
import type { KennelFile } from '../../kennel/kennelFile.js';
import type { StepId } from '../../kennel/vocabulary.js';
import type { CareLibrary } from '../../programs/careLibrary.js';
import type { DogId } from '../../units/ids.js';
import { chainWhy } from '../explain/unplacedChains.js';
import type { Plan, Remedy, UnplacedChain, WhyNot } from '../plan.js';
import { planKennel } from '../planKennel.js';
import { planEffect } from './planEffect.js';
import { overtimeMinutes } from './whatIf.js';
import { withRemedy } from './withRemedy.js';

/** Changes that were planned with, and what they do. */
export interface CheckedRemedy {
  /** One change, or the fewest that help together. */
  readonly changes: readonly Remedy[];
  /** Dogs whose entries have a place by it that had none, and those that lose theirs. */
  readonly gained: readonly DogId[];
  readonly lost: readonly DogId[];
  /** Whether a dog that loses its place is more important than the one that it is for. */
  readonly costsMore: boolean;
  /** Tasks that move, and overtime that comes on top, minutes. */
  readonly moved: number;
  readonly overtimeMin: number;
}

/** Findings about one chain without a place. */
export interface ChainCheck {
  /** Key of the chain. */
  readonly key: string;
  /** First step that finds no place, and why, asked with room for rivals to move. */
  readonly step: StepId | null;
  readonly reason: WhyNot;
  /** Changes that give it its place, those first that cost nobody theirs; empty = none that was tried. */
  readonly remedies: readonly CheckedRemedy[];
}

/** When it is asked, how long may be searched, and how it may be ended. */
export interface CheckOptions {
  readonly nowMs: number;
  /** Rounds of search for each; default 30. */
  readonly rounds?: number;
  readonly shouldStop?: () => boolean;
}

/** A question with a plan in hand needs little searching (engineering default). */
const DEFAULT_CHECK_ROUNDS = 30;

/** Looks into one chain of a plan: asks anew why it has no place, and plans with everything that might help. */
export function checkChain(
  kennel: KennelFile,
  library: CareLibrary,
  plan: Plan,
  key: string,
  options: CheckOptions,
): ChainCheck {
  const chain = plan.unplaced.find((u) => u.key === key);
  if (chain === undefined) throw new Error(`checkChain: the plan leaves no chain ${key} out`);
  const why = chainWhy(kennel, library, plan, options.nowMs, key) ?? { step: chain.step, reason: chain.reason };
  const asked = { ...chain, step: why.step, reason: why.reason };
  return { key, ...why, remedies: checkRemedies(kennel, library, plan, asked, options) };
}

/** Tries each remedy of a chain that has no place; those that cost nobody a place first. Up to a second or two each. */
export function checkRemedies(
  kennel: KennelFile,
  library: CareLibrary,
  plan: Plan,
  chain: UnplacedChain,
  options: CheckOptions,
): CheckedRemedy[] {
  const checked: CheckedRemedy[] = [];
  const attempt = (changes: readonly Remedy[]): void => {
    if (options.shouldStop?.() === true) return;
    const found = tried(kennel, library, plan, chain, changes, options);
    if (found !== null) checked.push(found);
  };
  const { remedies, together = [] } = chain.reason;
  for (const r of remedies) attempt([r]);
  if (together.length > 0) attempt(together);
  // Neither does alone: both together may.
  if (checked.length === 0 && remedies.length > 1) attempt(remedies);
  return checked.sort((x, y) => costOf(x) - costOf(y));
}

const LOSS = 1000;

function costOf(r: CheckedRemedy): number {
  return (r.costsMore ? LOSS * LOSS : 0) + r.lost.length * LOSS + r.changes.length;
}

function tried(
  kennel: KennelFile,
  library: CareLibrary,
  plan: Plan,
  chain: UnplacedChain,
  changes: readonly Remedy[],
  { nowMs, rounds = DEFAULT_CHECK_ROUNDS, shouldStop }: CheckOptions,
): CheckedRemedy | null {
  let ids = 0;
  const newId = (): string => `00000000-0000-7000-8000-${String(++ids).padStart(12, '0')}`;
  const changed = changes.reduce((k, r) => withRemedy(k, r, { dogId: chain.dogId, newId }), kennel);
  const after = planKennel(changed, library, {
    nowMs,
    rounds,
    previous: plan,
    unasked: true,
    ...(shouldStop === undefined ? {} : { shouldStop }),
  });
  if (!after.activities.some((a) => a.key.startsWith(`${chain.key}:`))) return null;
  if (after.unplaced.some((u) => u.key === chain.key)) return null;
  const effect = planEffect(plan, after);
  const pulled = new Set(changes.flatMap((r) => (r.code === 'without' ? [r.dogId] : [])));
  const lost = [...new Set([...effect.lost, ...pulled])];
  return {
    changes,
    gained: effect.gained.filter((d) => !pulled.has(d)),
    lost,
    costsMore: lost.some((d) => importanceOf(kennel, d) > importanceOf(kennel, chain.dogId)),
    moved: effect.moved,
    overtimeMin: Math.max(0, overtimeMinutes(changed, after) - overtimeMinutes(kennel, plan)),
  };
}

function importanceOf(kennel: KennelFile, dogId: DogId): number {
  return Math.max(0, ...kennel.entries.filter((e) => e.dogId === dogId).map((e) => e.importance));
}
