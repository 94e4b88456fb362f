/*
 * A try on an outline before it is kept: measures and corrections. Every step can be taken back.
 */
import { useMemo, useReducer } from 'react';
import type { CorrectionAmounts, LineEnds, OutlineLine, OutlineMeasure, SetLines } from '@loyal-mane/core';
import { DEFAULT_PULLS, linesOf } from '@loyal-mane/core';
import { recordOf } from '../../parts/dogRecord';
import type { Dog } from '../../parts/dogRecord';

/** Measures and corrections that are tried. */
export interface OutlineDraft {
  /** Millimeters. */
  readonly measures: Readonly<Partial<Record<OutlineMeasure, number>>>;
  readonly corrections: CorrectionAmounts;
  readonly lines: SetLines;
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
  | { readonly do: 'line'; readonly line: OutlineLine; readonly ends: LineEnds; readonly hold: string }
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
    case 'line':
      return stepped(state, {
        do: 'set',
        change: { lines: { ...now.lines, [action.line]: action.ends } },
        hold: action.hold,
      });
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
    lines: linesOf(recordOf(dog)),
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
      line: (line: OutlineLine, ends: LineEnds, hold: string): void => dispatch({ do: 'line', line, ends, hold }),
      release: (): void => dispatch({ do: 'release' }),
      undo: (): void => dispatch({ do: 'undo' }),
      redo: (): void => dispatch({ do: 'redo' }),
      clear: (to: OutlineDraft): void => dispatch({ do: 'clear', to }),
    }),
    [],
  );
  return useMemo(
    () => ({
      ...actions,
      draft: state.now,
      isChanged: state.past.length > 0,
      /** Something is being dragged. */
      isHeld: state.hold !== null,
      canUndo: state.past.length > 0,
      canRedo: state.next.length > 0,
    }),
    [actions, state],
  );
}

/** The dog's record with the draft kept on a day: measures (but those left aside), corrections, lines. */
export function keptRecord(dog: Dog, today: string, draft: OutlineDraft, leftAside: readonly OutlineMeasure[]) {
  const record = recordOf(dog);
  const measured = Object.entries(draft.measures).filter(([what]) => !leftAside.includes(what as OutlineMeasure));
  const others = (record.measures ?? []).filter((m) => m.day !== today || !measured.some(([what]) => what === m.what));
  const mine = measured.map(([what, mm]) => ({ day: today, what, cm: Math.round(mm) / 10 }));
  const corrections = Object.entries(draft.corrections).flatMap(([what, amount]) =>
    amount > 0 ? [{ what, amount }] : [],
  );
  const lines = Object.entries(draft.lines).flatMap(([what, { near, far }]) =>
    near === 0 && far === 0 ? [] : [{ what, near, far }],
  );
  return {
    measures: [...others, ...mine],
    outline: { ...record.outline, corrections, lines, lengthPull: draft.lengthPull },
  };
}
