/*
 * A plan remembers a hash of what it was made from. FNV-1a, 64 bit, over the JSON text: not a safeguard against
 * malice, only a quick way to see that two inputs are the same.
 */

const PRIME = 0x100000001b3n;
const MASK = 0xffffffffffffffffn;

/** FNV-1a (Fowler, Noll, Vo; 64 bit) of a text's UTF-16 code units, as 16 hexadecimal digits. */
export function hashText(text: string): string {
  let hash = 0xcbf29ce484222325n;
  for (let i = 0; i < text.length; i++) {
    hash = ((hash ^ BigInt(text.charCodeAt(i))) * PRIME) & MASK;
  }
  return hash.toString(16).padStart(16, '0');
}
