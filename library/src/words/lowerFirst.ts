/*
 * Names within a sentence.
 */

/** A name or sentence with a small first letter: "Force dryer C" stands as "force dryer C" after a comma. */
export function lowerFirst(text: string): string {
  return text.charAt(0).toLowerCase() + text.slice(1);
}
