/*
 * When a drawer or dialog closes, the keyboard is where it was before: on what opened it.
 */
import { useEffect } from 'react';

/** The element outside of drawers and dialogs that had the focus last. */
let last: HTMLElement | null = null;

document.addEventListener('focusin', (e) => {
  const target = e.target;
  if (target instanceof HTMLElement && target.closest('.ant-drawer, .ant-modal-root') === null) last = target;
});

/** Gives the focus back when `open` ends. */
export function useReturnFocus(open: boolean): void {
  useEffect(() => {
    if (!open) return undefined;
    const opener = last;
    return () => {
      // The closing drawer lets go of the focus first.
      window.setTimeout(() => {
        if (opener?.isConnected === true) opener.focus();
      }, 0);
    };
  }, [open]);
}
