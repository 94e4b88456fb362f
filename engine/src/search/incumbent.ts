/*
 * The incumbent: the cheapest schedule that a search has seen, and the way back to it.
 */
import { INFINITY } from '../numbers.js';
import type { Solution } from '../solution.js';
import type { Budget } from './budget.js';
import type { Schedule } from '../model.js';

/** How far a search is, told whenever its best schedule became cheaper. */
export interface SearchProgress {
  readonly round: number;
  readonly cost: number;
  /** Chains placed; and whether one is. */
  readonly placed: number;
  readonly isPlaced: (chain: number) => boolean;
}

/** Costs that differ by less are equal. */
const SAME_COST = 1e-6;

/** The cheapest schedule so far. */
export class Incumbent {
  schedule: Schedule = [];
  cost = INFINITY;
  private readonly solution: Solution;
  private readonly budget: Budget;
  private readonly onProgress: (progress: SearchProgress) => void;

  constructor(solution: Solution, budget: Budget, onProgress: (progress: SearchProgress) => void) {
    this.solution = solution;
    this.budget = budget;
    this.onProgress = onProgress;
  }

  /** Keeps the present schedule where it is cheaper, and tells so. */
  note(): void {
    const { solution } = this;
    if (solution.total >= this.cost - SAME_COST) return;
    this.cost = solution.total;
    this.schedule = solution.schedule();
    let placed = 0;
    for (const p of solution.placed) placed += p;
    this.onProgress({
      round: this.budget.round,
      cost: this.cost,
      placed,
      isPlaced: (c) => solution.placed[c] === 1,
    });
  }

  /** Makes the incumbent the present schedule again. */
  restore(): void {
    if (this.solution.total > this.cost + SAME_COST) this.solution.setTo(this.schedule);
  }
}
