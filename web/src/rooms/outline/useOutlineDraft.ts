/*
 * A try on an outline before it is kept: measures and corrections. Every step can be taken back.
 */
import { useMemo, useReducer } from 'react';
import type { CorrectionAmounts, OutlineMeasure } from '@loyal-mane/core';
import { DEFAULT_PULLS } from '@loyal-mane/core';
import { recordOf } from '../../parts/dogRecord';
import type { Dog } from '../../parts/dogRecord';

/** Measures and corrections that are tried. */
export interface OutlineDraft {
  /** Millimeters. */
  readonly measures: Readonly<Partial<Record<OutlineMeasure, number>>>;
  readonly corrections: CorrectionAmounts;
  /** How hard the length to the height is kept, 0 to 1. */
  readonly lengthPull: number;
}

interface State {
  readonly past: readonly OutlineDraft[];
  readonly now: OutlineDraft;
  readonly next: readonly OutlineDraft[];
  /** Touches of one hold (a drag, keys that repeat) are one step. */
  readonly hold: string | null;
}

type Action =
  | { readonly do: 'set'; readonly change: Partial<OutlineDraft>; readonly hold: string | null }
  | { readonly do: 'measure'; readonly mm: OutlineDraft['measures']; readonly hold: string }
  | { readonly do: 'undo' | 'redo' | 'release' }
  | { readonly do: 'clear'; readonly to: OutlineDraft };

function stepped(state: State, action: Action): State {
  const { past, now, next } = state;
  switch (action.do) {
    case 'set': {
      const changed = { ...now, ...action.change };
      const isSameHold = action.hold !== null && action.hold === state.hold;
      return { past: isSameHold ? past : [...past, now], now: changed, next: [], hold: action.hold };
    }
    case 'measure': {
      const measures = { ...now.measures, ...action.mm };
      return stepped(state, { do: 'set', change: { measures }, hold: action.hold });
    }
    case 'undo': {
      const before = past.at(-1);
      return before === undefined ? state : { past: past.slice(0, -1), now: before, next: [now, ...next], hold: null };
    }
    case 'redo': {
      const [after, ...rest] = next;
      return after === undefined ? state : { past: [...past, now], now: after, next: rest, hold: null };
    }
    case 'release':
      return { ...state, hold: null };
    case 'clear':
      return { past: [], now: action.to, next: [], hold: null };
  }
}

/** The record of a dog's outline, as a draft without changes. */
export function draftOf(dog: Dog): OutlineDraft {
  const { outline } = recordOf(dog);
  return {
    measures: {},
    corrections: Object.fromEntries((outline?.corrections ?? []).map((c) => [c.what, c.amount])),
    lengthPull: outline?.lengthPull ?? DEFAULT_PULLS.length,
  };
}

/** The draft of a dog, with steps back and forward. */
export function useOutlineDraft(dog: Dog) {
  const [state, dispatch] = useReducer(stepped, dog, (d): State => ({
    past: [],
    now: draftOf(d),
    next: [],
    hold: null,
  }));
  const actions = useMemo(
    () => ({
      set: (change: Partial<OutlineDraft>, hold: string | null = null): void => dispatch({ do: 'set', change, hold }),
      measure: (mm: OutlineDraft['measures'], hold: string): void => dispatch({ do: 'measure', mm, hold }),
      release: (): void => dispatch({ do: 'release' }),
      undo: (): void => dispatch({ do: 'undo' }),
      redo: (): void => dispatch({ do: 'redo' }),
      clear: (to: OutlineDraft): void => dispatch({ do: 'clear', to }),
    }),
    [],
  );
  return {
    ...actions,
    draft: state.now,
    isChanged: state.past.length > 0,
    /** Something is being dragged. */
    isHeld: state.hold !== null,
    canUndo: state.past.length > 0,
    canRedo: state.next.length > 0,
  };
}
