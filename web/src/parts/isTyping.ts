/*
 * Shortcuts keep out of fields.
 */

/** Whether a key press belongs to a field that is being typed in. */
export function isTyping(e: KeyboardEvent): boolean {
  const el = e.target as HTMLElement;
  return ['INPUT', 'TEXTAREA', 'SELECT'].includes(el.tagName) || el.isContentEditable;
}
