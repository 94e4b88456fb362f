import type { KennelInstance } from '@loyal-mane/engine/adapters';

/** Copies of a kennel instance side by side: people, stations and circuits of each serve the dogs of any. */
export function copies(instance: KennelInstance, count: number): KennelInstance;
