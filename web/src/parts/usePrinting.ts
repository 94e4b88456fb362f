/*
 * Whether the page is being printed: what only paper shows is made then, and is gone afterward.
 */
import { useEffect, useState } from 'react';
import { flushSync } from 'react-dom';

/** True from just before the page is printed until just after. */
export function usePrinting(): boolean {
  const [isPrinting, setPrinting] = useState(false);
  useEffect(() => {
    // The browser takes the page as it is when the event is over.
    const begin = (): void => flushSync(() => setPrinting(true));
    const end = (): void => setPrinting(false);
    window.addEventListener('beforeprint', begin);
    window.addEventListener('afterprint', end);
    return () => {
      window.removeEventListener('beforeprint', begin);
      window.removeEventListener('afterprint', end);
    };
  }, []);
  return isPrinting;
}
