/*
 * The day that a room shows lives in the address.
 */
import { useSearchParams } from 'react-router';
import type { LocalDay } from '@loyal-mane/core';

/** The day that the address names, today when it names none. */
export function useDay(today: LocalDay): [LocalDay, (day: LocalDay) => void] {
  const [params, setParams] = useSearchParams();
  const day = (params.get('day') ?? today) as LocalDay;
  const setDay = (next: LocalDay): void => {
    setParams((p) => {
      p.set('day', next);
      return p;
    });
  };
  return [day, setDay];
}
