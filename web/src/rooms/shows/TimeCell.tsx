/*
 * A time in a table that is typed over in place: leaving the field or Enter saves, Escape gives up.
 */
import { Input } from 'antd';
import { useState } from 'react';
import { isWallTime, wallTyped } from '../../parts/rows/fieldSpec';

interface Props {
  readonly label: string;
  readonly value: string;
  readonly disabled: boolean;
  readonly onChange: (value: string) => void;
}

/** A ring time that can be typed over. */
export function TimeCell({ label, value, disabled, onChange }: Props) {
  const [typed, setTyped] = useState<string | null>(null);
  const good = typed === null || isWallTime(wallTyped(typed));
  const save = (): void => {
    if (typed === null || !good) return;
    const time = wallTyped(typed);
    setTyped(null);
    if (time !== value) onChange(time);
  };
  return (
    <Input
      aria-label={label}
      size="small"
      style={{ width: 74 }}
      value={typed ?? value}
      disabled={disabled}
      status={good ? '' : 'error'}
      title={good ? '' : 'A time is written like 09:30.'}
      onClick={(e) => e.stopPropagation()}
      onChange={(e) => setTyped(e.target.value)}
      onBlur={save}
      onKeyDown={(e) => {
        e.stopPropagation();
        if (e.key === 'Enter') save();
        if (e.key === 'Escape') setTyped(null);
      }}
    />
  );
}
