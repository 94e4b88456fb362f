/*
 * One clock of the floor at the bench: its picture, whose it is, how it stands, and the touch that answers it.
 */
import type { ReactNode } from 'react';

interface Props {
  /** Where the clock stands: `over` asks for somebody now. */
  readonly phase: string;
  readonly picture: ReactNode;
  readonly name: string;
  readonly words: string;
  /** How the words are told to who cannot see them. */
  readonly live: 'off' | 'polite' | 'assertive';
  readonly answer: string;
  readonly onAnswer: () => void;
}

/** A card among the clocks. */
export function ClockCard({ phase, picture, name, words, live, answer, onAnswer }: Props) {
  return (
    <div className={phase}>
      {picture}
      <span>
        <b>{name}</b>
        <span role="timer" aria-live={live}>
          {words}
        </span>
      </span>
      <button type="button" onClick={onAnswer}>
        {answer}
      </button>
    </div>
  );
}
