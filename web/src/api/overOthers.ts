/*
 * Two people write on one dog at once: a change is refused only where both touched the same part.
 */
import { sameValue } from '@loyal-mane/core';
import { ProblemError, get } from './client';
import type { Kennel } from './queries';

type Dog = Kennel['dogs'][number];

/** A change of some parts of a dog, as it was seen when it was decided. */
export interface DogChange<R> {
  readonly seen: Dog;
  /** The fields of the dog that the change replaces; they must still be as they were seen. */
  readonly touched: (dog: Dog) => unknown;
  readonly send: (dog: Dog) => Promise<R>;
}

/** The dog as the server has it now; null when it is gone. */
export async function dogNow(id: string): Promise<Dog | null> {
  const { dogs } = await get('/api/kennel');
  return dogs.find((d) => d.id === id) ?? null;
}

/**
 * Sends a change; where it is refused because somebody changed the dog meanwhile, but left alone what it touches, it is sent
 * once more over their change.
 * @throws ProblemError the server's; "stale" only where both touched the same
 */
export async function overOthers<R>({ seen, touched, send }: DogChange<R>, now = dogNow): Promise<R> {
  try {
    return await send(seen);
  } catch (error) {
    if (!(error instanceof ProblemError) || error.body.code !== 'stale') throw error;
    const dog = await now(seen.id);
    if (dog === null || !sameValue(touched(dog), touched(seen))) throw error;
    return await send(dog);
  }
}
