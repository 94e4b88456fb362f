/*
 * A day in a form, typed as people write days: 12 Apr 2023, 12.4.2023, 2023-04-12. What is no day stays as it was typed, and
 * the form says so.
 */
import { DatePicker } from 'antd';
import dayjs from 'dayjs';
import { useMemo, useState } from 'react';
import type { ComponentProps, FocusEvent } from 'react';
import { readDay } from '@loyal-mane/library/csv';

const SHOWN = 'D MMM YYYY';
const SAVED = 'YYYY-MM-DD';
const FORMATS = [SHOWN, 'D MMMM YYYY', SAVED, 'D.M.YYYY'];

type Props = Omit<ComponentProps<typeof DatePicker>, 'onChange' | 'value'> & {
  /** `YYYY-MM-DD`; text that is no day shows as none. */
  readonly value?: string | null;
  /** `YYYY-MM-DD`, nothing, or the text that was typed and is no day. */
  readonly onChange?: (day: string | undefined) => void;
};

/** The day that a text says, `YYYY-MM-DD`, or null. */
export function dayTyped(text: string): string | null {
  const shown = dayjs(text, FORMATS, true);
  if (shown.isValid()) return shown.format(SAVED);
  const read = readDay(text);
  return 'value' in read ? String(read.value) : null;
}

/** A form's rule: what stands there is a day. Where `missing` says what to ask for, it must not be empty. */
export function dayRule(missing?: string) {
  return {
    required: missing !== undefined,
    validator: (_: unknown, day: string | null | undefined) => {
      const isEmpty = (day ?? '') === '';
      const isRight = isEmpty ? missing === undefined : isDay(day ?? '');
      return isRight ? Promise.resolve() : Promise.reject(new Error(missing ?? 'Not a day.'));
    },
  };
}

function isDay(text: string): boolean {
  return dayjs(text, SAVED, true).isValid();
}

/** A date picker that reads what people type. */
export function DayField({ value, onChange, ...props }: Props) {
  // The picker forgets what is half typed whenever it is handed another object, be it the same day.
  const day = useMemo(() => (isDay(value ?? '') ? dayjs(value) : null), [value]);
  /** Text that is no day, over the day that stood there: the picker keeps the text as long as its day does not change. */
  const [wrong, setWrong] = useState<{ readonly text: string; readonly over: dayjs.Dayjs | null } | null>(null);
  const typed = (e: FocusEvent<HTMLInputElement>): void => {
    const text = e.target.value.trim();
    const read = text === '' ? null : dayTyped(text);
    setWrong(text !== '' && read === null ? { text, over: wrong?.over ?? day } : null);
    if (text !== '' && (read ?? text) !== value) onChange?.(read ?? text);
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
        value={wrong === null ? day : wrong.over}
        onChange={(chosen) => {
          setWrong(null);
          onChange?.((chosen as dayjs.Dayjs | null)?.format(SAVED));
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
