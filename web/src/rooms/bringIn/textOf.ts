/*
 * A file as text: UTF-8 with or without its mark, UTF-16 with its mark, and the older Western code page where the bytes are
 * no UTF-8.
 */

/** Largest file that is read, bytes. */
export const MOST_BYTES = 10_000_000;

/** A file's text, or why it is not read. */
export type TextOf =
  | { readonly ok: true; readonly text: string; readonly isOldCode: boolean }
  | { readonly ok: false; readonly why: string };

/** The text of a file: UTF-8, else the older Western code page. */
export function textOf(bytes: ArrayBuffer): TextOf {
  if (bytes.byteLength > MOST_BYTES) {
    const mb = (bytes.byteLength / 1e6).toFixed(0);
    return {
      ok: false,
      why: `The file has ${mb} MB; a table of dogs or entries has less than 10. Is it the right file?`,
    };
  }
  const start = new Uint8Array(bytes.slice(0, 2));
  const mark =
    start[0] === 0xff && start[1] === 0xfe ? 'utf-16le' : start[0] === 0xfe && start[1] === 0xff ? 'utf-16be' : null;
  if (mark !== null) return { ok: true, text: new TextDecoder(mark).decode(bytes), isOldCode: false };
  try {
    return { ok: true, text: new TextDecoder('utf-8', { fatal: true }).decode(bytes), isOldCode: false };
  } catch {
    return { ok: true, text: new TextDecoder('windows-1252').decode(bytes), isOldCode: true };
  }
}
