/** "1 dog", "3 dogs", "2 entries": a count with its word; `more` is the plural of words that take more than an s. */
export function countWords(n: number, one: string, more = `${one}s`): string {
  return `${String(n)} ${n === 1 ? one : more}`;
}
