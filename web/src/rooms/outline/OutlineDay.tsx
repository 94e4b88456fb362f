/*
 * The day that the drawing shows: growth played from today to the show, or the cut list.
 */
import { Slider } from 'antd';
import { addDays } from '@loyal-mane/core';
import type { LocalDay } from '@loyal-mane/core';
import { monthDay, weekdayWords } from '@loyal-mane/library/words';

interface Props {
  readonly today: LocalDay;
  /** Days to the show. */
  readonly most: number;
  /** Days from today that are shown; null for the cut list. */
  readonly ahead: number | null;
  readonly onAhead: (ahead: number | null) => void;
}

/** Slider and legend. */
export function OutlineDay({ today, most, ahead, onAhead }: Props) {
  const shown = ahead === null ? null : addDays(today, ahead);
  return (
    <div className="outline-day">
      <span>{shown === null ? 'What comes off' : `Left alone until ${weekdayWords(shown)} ${monthDay(shown)}`}</span>
      <Slider
        ariaLabelForHandle="Days from today"
        min={0}
        max={most}
        value={ahead ?? 0}
        tooltip={{ formatter: (n) => (n === undefined ? null : monthDay(addDays(today, n))) }}
        onChange={onAhead}
      />
      <button type="button" className="plain" disabled={ahead === null} onClick={() => onAhead(null)}>
        Show the cut list
      </button>
    </div>
  );
}
