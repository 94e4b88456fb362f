/*
 * The day that the drawing shows: growth played from today to the show, or the cut list.
 */
import { Button, Slider } from 'antd';
import { useEffect, useState } from 'react';
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

/** A day of growth is shown for so long. */
const DAY_SHOWN_MS = 350;

/** Slider, played day by day where wanted. */
export function OutlineDay({ today, most, ahead, onAhead }: Props) {
  const shown = ahead === null ? null : addDays(today, ahead);
  const [isPlaying, setPlaying] = useState(false);
  const at = ahead ?? 0;
  const isOver = at >= most;
  useEffect(() => {
    if (!isPlaying) return undefined;
    const timer = window.setTimeout(() => (isOver ? setPlaying(false) : onAhead(at + 1)), DAY_SHOWN_MS);
    return () => window.clearTimeout(timer);
  }, [isPlaying, isOver, at, onAhead]);
  const play = (): void => {
    onAhead(isOver ? 0 : at);
    setPlaying(!isPlaying);
  };
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
      <Button size="small" onClick={play}>
        {isPlaying ? 'Stop' : 'Play'}
      </Button>
      <button
        type="button"
        className="plain"
        disabled={ahead === null}
        onClick={() => {
          setPlaying(false);
          onAhead(null);
        }}
      >
        Show the cut list
      </button>
    </div>
  );
}
