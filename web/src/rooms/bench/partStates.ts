/*
 * How far each part of the dog is: nothing, one side, all. Kept as ticks of the task, so that two devices at one dog both count.
 */
import { partTick } from '@loyal-mane/core';
import type { DogPart } from '@loyal-mane/library';

/** Sides in the order in which they are done. */
export type SideOrder = readonly ['left', 'right'] | readonly ['right', 'left'];

/** A part with what is done of it. */
export interface PartState {
  readonly part: DogPart;
  readonly done: 'none' | 'half' | 'all';
  /** Of half a part: the side that is done. */
  readonly side: 'left' | 'right' | null;
}

/** Parts of which one flank is the whole are not told by side. */
export function partStates(
  parts: readonly DogPart[],
  ticked: ReadonlySet<string>,
  isOneFlank: boolean,
): readonly PartState[] {
  return parts.map((part): PartState => {
    if (!part.isPaired || isOneFlank) {
      return { part, done: ticked.has(partTick(part.id)) ? 'all' : 'none', side: null };
    }
    const [left, right] = [ticked.has(partTick(part.id, 'left')), ticked.has(partTick(part.id, 'right'))];
    if (left && right) return { part, done: 'all', side: null };
    return left || right ? { part, done: 'half', side: left ? 'left' : 'right' } : { part, done: 'none', side: null };
  });
}

/** Ticks that one touch of a part makes: its next side, then the other, then none again. */
export function touchedPart(
  { part, done, side }: PartState,
  isOneFlank: boolean,
  order: SideOrder,
): readonly { readonly line: string; readonly isTicked: boolean }[] {
  if (!part.isPaired || isOneFlank) return [{ line: partTick(part.id), isTicked: done === 'none' }];
  if (done === 'all') return order.map((s) => ({ line: partTick(part.id, s), isTicked: false }));
  const next = done === 'none' ? order[0] : side === 'left' ? 'right' : 'left';
  return [{ line: partTick(part.id, next), isTicked: true }];
}

/** Parts that are not done, of a task on which somebody ticks parts; none where nobody does. */
export function partsLeft(states: readonly PartState[]): readonly PartState[] {
  return states.every((s) => s.done === 'none') ? [] : states.filter((s) => s.done !== 'all');
}

/** "Belly; rear, right side". */
export function partsWords(states: readonly PartState[]): string {
  return states
    .map(({ part, side }) => {
      const name = part.name.toLowerCase();
      return side === null ? name : `${name}, ${side === 'left' ? 'right' : 'left'} side`;
    })
    .join('; ');
}
