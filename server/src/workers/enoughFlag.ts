/*
 * A flag that a planner's thread sees while it computes, when no message reaches it: the plan is taken as it is.
 */

/** Raised once, never lowered. */
export class EnoughFlag {
  /** Shared with the thread. */
  readonly memory = new SharedArrayBuffer(Int32Array.BYTES_PER_ELEMENT);

  raise(): void {
    Atomics.store(new Int32Array(this.memory), 0, 1);
  }
}

/** Whether the flag of a shared memory is up; false where there is none. */
export function isEnough(memory: SharedArrayBuffer | null): boolean {
  return memory !== null && Atomics.load(new Int32Array(memory), 0) === 1;
}
