/** "1 dog", "3 dogs": for words that take an s. */
export function countWords(n: number, one: string): string {
  return `${String(n)} ${one}${n === 1 ? '' : 's'}`;
}
