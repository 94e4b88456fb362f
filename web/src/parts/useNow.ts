/*
 * The moment by the server's clock, renewed at an interval.
 */
import { useEffect, useState } from 'react';
import { serverNowMs } from '../api/serverClock';

/** The moment by the server's clock, Unix milliseconds, renewed every so many. */
export function useNow(everyMs: number): number {
  const [now, setNow] = useState(serverNowMs);
  useEffect(() => {
    setNow(serverNowMs());
    const timer = window.setInterval(() => setNow(serverNowMs()), everyMs);
    return () => window.clearInterval(timer);
  }, [everyMs]);
  return now;
}
