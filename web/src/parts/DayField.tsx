/*
 * A day in a form, typed as people write days: 12 Apr 2023, 12.4.2023, 2023-04-12. What is no day stays as it was typed, and
 * the form says so.
 */
import { DatePicker } from 'antd';
import dayjs from 'dayjs';
import { useState } from 'react';
import type { ComponentProps, FocusEvent } from 'react';
import { readDay } from '@loyal-mane/library/csv';

const SHOWN = 'D MMM YYYY';
const FORMATS = [SHOWN, 'D MMMM YYYY', 'YYYY-MM-DD', 'D.M.YYYY'];

type Props = Omit<ComponentProps<typeof DatePicker>, 'onChange' | 'value'> & {
  readonly value?: dayjs.Dayjs | null;
  /** A day, nothing, or the text that was typed and is no day. */
  readonly onChange?: (value: dayjs.Dayjs | string | null) => void;
};

/** The day that a text says, or null. */
export function dayTyped(text: string): dayjs.Dayjs | null {
  const shown = dayjs(text, FORMATS, true);
  if (shown.isValid()) return shown;
  const read = readDay(text);
  return 'value' in read ? dayjs(String(read.value)) : null;
}

/** A date picker that reads what people type. */
export function DayField({ value, onChange, ...props }: Props) {
  /** Text that is no day, over the day that stood there: the picker keeps the text as long as its day does not change. */
  const [wrong, setWrong] = useState<{ readonly text: string; readonly over: dayjs.Dayjs | null } | null>(null);
  const typed = (e: FocusEvent<HTMLInputElement>): void => {
    const text = e.target.value.trim();
    const day = text === '' ? null : dayTyped(text);
    setWrong(text !== '' && day === null ? { text, over: wrong?.over ?? value ?? null } : null);
    if (text === '') return;
    if (day === null) onChange?.(text);
    else if (value?.isSame(day, 'day') !== true) onChange?.(day);
  };
  return (
    <>
      <DatePicker
        className="w-all"
        format={FORMATS}
        placeholder="12 Apr 2023"
        preserveInvalidOnBlur
        {...props}
        {...(wrong === null ? {} : { status: 'error' as const })}
        value={wrong === null ? (value ?? null) : wrong.over}
        onChange={(day) => {
          setWrong(null);
          onChange?.(day as dayjs.Dayjs | null);
        }}
        onBlur={(e) => typed(e as FocusEvent<HTMLInputElement>)}
        onKeyDown={(e) => {
          // Enter takes the day that was typed; without this it would also send the form, half filled in.
          if (e.key === 'Enter') e.preventDefault();
        }}
      />
      {wrong !== null && (
        <span className="bad" role="alert">
          “{wrong.text}” is not a day. Write it like 12 Apr 2023.
        </span>
      )}
    </>
  );
}
