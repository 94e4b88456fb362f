/*
 * A neighborhood: one way to change a schedule a little, and to keep the change or take it back. Another one is a file here
 * and a line in `index.ts`.
 */
import type { Ejection } from '../ejection.js';
import type { SearchState } from '../searchState.js';

/** How far the search is when a move is made. */
export interface Moment {
  readonly temperature: number;
  /** Part of the cooling that is over, 0 to 1. */
  readonly part: number;
}

/** The parts of a search that moves are made with. */
export interface Tools {
  readonly state: SearchState;
  readonly ejection: Ejection;
}

/** One way to change a schedule a little. */
export interface Neighborhood {
  /** Share of the moves that reach it in the order of the registry, 0 to 1; 0 where it has nothing to move now. */
  share(tools: Tools): number;
  /** Makes one move, and keeps it where the acceptance allows it. */
  move(tools: Tools, moment: Moment): void;
}
