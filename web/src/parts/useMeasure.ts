/*
 * The measures in which this device shows volumes.
 */
import { useState } from 'react';
import type { Measure } from './volumes';

const KEY = 'loyal-mane-measure';

function kept(): Measure {
  try {
    return window.localStorage.getItem(KEY) === 'us' ? 'us' : 'metric';
  } catch {
    return 'metric';
  }
}

/** The measures, and how to change them. */
export function useMeasure(): [Measure, (measure: Measure) => void] {
  const [measure, setMeasure] = useState(kept);
  const change = (next: Measure): void => {
    setMeasure(next);
    try {
      window.localStorage.setItem(KEY, next);
    } catch {
      // A device that keeps nothing shows milliliters next time.
    }
  };
  return [measure, change];
}
