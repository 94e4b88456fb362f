/*
 * Termination: how much of a search's budget is used up. The budget is a share that the caller works out from the round, so
 * that it can be rounds, seconds or both; the search itself knows no clock.
 */
/** How a caller bounds a search. */
export interface BudgetOptions {
  /** Share of the budget that is used up after so many rounds, 0 to 1; at 1 the search ends. */
  readonly used: (round: number) => number;
  /** Asked before every round; true ends the search with what it has. */
  readonly shouldStop: () => boolean;
}

/** The rounds of one search. */
export class Budget {
  round = 0;
  private readonly options: BudgetOptions;

  constructor(options: BudgetOptions) {
    this.options = options;
  }

  /** Share used up by now, 0 to 1. */
  used(): number {
    return this.options.used(this.round);
  }

  /** Whether the caller wants the search to end. */
  shouldStop(): boolean {
    return this.options.shouldStop();
  }

  /** Whether a share of the budget is used up, or the caller wants the search to end. */
  isOver(share: number): boolean {
    return this.used() >= share || this.options.shouldStop();
  }
}
