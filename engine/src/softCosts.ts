/*
 * Costs that steer a search: to keep a schedule as it was, to spread work evenly, to push out the lightest.
 */

/** Costs beside the model's own, in its cost units; they steer a search and are not counted in its result. */
export interface SoftCosts {
  /** Whether starts, and whether machines, cost anything at all. */
  readonly onStarts: boolean;
  readonly onMachines: boolean;
  start(activity: number, slot: number): number;
  worker(activity: number, slot: number, worker: number): number;
  machine(activity: number, slot: number, machine: number): number;
}
