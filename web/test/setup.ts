/* Parts of a browser that jsdom lacks and the interface needs. */
import '@testing-library/jest-dom';
import { configure } from '@testing-library/react';
import { TextDecoder, TextEncoder } from 'node:util';

Object.assign(globalThis, { TextEncoder, TextDecoder });

// Parts that are loaded on demand are compiled in the test: a busy machine takes its time.
configure({ asyncUtilTimeout: 15_000 });

class StillObserver implements ResizeObserver {
  observe(): void {
    return undefined;
  }
  unobserve(): void {
    return undefined;
  }
  disconnect(): void {
    return undefined;
  }
}
globalThis.ResizeObserver = StillObserver;

/** A stream on which nothing happens. */
class StillStream extends EventTarget {
  close(): void {
    return undefined;
  }
}
Object.assign(globalThis, { EventSource: StillStream });

// Styles of pseudo elements are asked for only to measure scroll bars, of which there are none.
const styleOf = window.getComputedStyle.bind(window);
window.getComputedStyle = (element) => styleOf(element);

/** Parts that jsdom lacks and forms of the component library ask for: messages to oneself, and media queries, of which one matches: no motion. */
class OwnMessages {
  readonly port1: { onmessage: ((e: { data: unknown }) => void) | null } = { onmessage: null };
  readonly port2 = {
    postMessage: (data: unknown): void => void setTimeout(() => this.port1.onmessage?.({ data }), 0),
  };
}
Object.assign(globalThis, { MessageChannel: OwnMessages });
window.matchMedia = (media: string) =>
  ({
    matches: media.includes('prefers-reduced-motion'),
    media,
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
    addListener: () => undefined,
    removeListener: () => undefined,
  }) as unknown as MediaQueryList;

window.scrollTo = (): void => undefined;

/** Warnings of React and errors that are only logged fail the test in which they come. */
const logged: string[] = [];
for (const level of ['error', 'warn'] as const)
  console[level] = (...parts: unknown[]): void => void logged.push(parts.map(String).join(' '));
afterEach(() => {
  const lines = logged.splice(0);
  if (lines.length > 0) throw new Error(`logged in this test:\n${lines.join('\n')}`);
});
