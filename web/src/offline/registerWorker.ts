/*
 * Registers the service worker once the page has what it needs: its downloads come after the work. Without a secure connection
 * browsers offer none, and the application works as before.
 */

const WAIT_MS = 4000;

/** Registers it some seconds after the page has loaded. */
export function registerWorker(): void {
  if (!import.meta.env.PROD || !('serviceWorker' in navigator)) return;
  window.setTimeout(() => void navigator.serviceWorker.register('/serviceWorker.js').catch(() => undefined), WAIT_MS);
}
