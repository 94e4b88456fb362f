/*
 * Where one stands on the dog: its parts in the order of work, each ticked by a touch, one side and then the other. Digits tick
 * them too.
 */
import { useHotkeys } from 'react-hotkeys-hook';
import type { DogPart } from '@loyal-mane/library';
import type { Ticking } from '../../parts/PageLines';
import { partStates, touchedPart } from './partStates';
import type { PartState, SideOrder } from './partStates';

interface Props {
  readonly parts: readonly DogPart[];
  readonly ticking: Ticking;
  readonly isOneFlank: boolean;
  readonly order: SideOrder;
  /** Lines in which a part is brushed, one side of it where it has two; null at steps that go by no lines. */
  readonly linesOf: ((part: DogPart) => number) | null;
}

const DIGITS = ['1', '2', '3', '4', '5', '6', '7', '8', '9', '0'];

/** The chips; nothing at steps that do not go over the dog part by part. */
export function PartChips({ parts, ticking, isOneFlank, order, linesOf }: Props) {
  const states = partStates(parts, ticking.ticked, isOneFlank);
  const current = states.find((s) => s.done !== 'all');
  const touch = (state: PartState | undefined): void => {
    if (state === undefined) return;
    for (const { line, isTicked } of touchedPart(state, isOneFlank, order)) ticking.onTick(line, isTicked);
  };
  useHotkeys(DIGITS, (e) => touch(states[DIGITS.indexOf(e.key)]));
  if (states.length === 0) return null;
  return (
    <div className="part-chips" role="group" aria-label="Where you are on the dog">
      {states.map((state) => (
        <button
          key={state.part.id}
          type="button"
          className={state.done}
          aria-current={state === current ? 'step' : undefined}
          aria-pressed={state.done === 'all'}
          onClick={() => touch(state)}
        >
          <b>{state.part.name}</b>
          <span>{stateWords(state, isOneFlank, linesOf)}</span>
        </button>
      ))}
    </div>
  );
}

function stateWords({ part, done, side }: PartState, isOneFlank: boolean, linesOf: Props['linesOf']): string {
  if (done === 'all') return 'done';
  if (done === 'half') return side === 'left' ? 'left done' : 'right done';
  const sides = part.isPaired && !isOneFlank ? '2 sides' : '';
  if (linesOf === null) return sides;
  const lines = linesOf(part);
  const told = lines === 1 ? '1 line' : `${String(lines)} lines`;
  return sides === '' ? told : `2 sides, ${told}`;
}
