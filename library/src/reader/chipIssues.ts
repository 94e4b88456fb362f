/*
 * Faults of microchip numbers. ISO 11784: fifteen digits, of which the first three are a country
 * (ISO 3166 numeric, 4 to 894), a maker (900 to 998) or, for tests, 999.
 */
import type { KennelFile } from '@loyal-mane/core';
import type { KennelIssue } from './kennelIssue.js';

const LAST_COUNTRY = 894;
const FIRST_MAKER = 900;

/** Issues of microchips. */
export function chipIssues(kennel: KennelFile): KennelIssue[] {
  const seen = new Map<string, string>();
  return kennel.dogs.flatMap((dog, i): KennelIssue[] => {
    const issues: KennelIssue[] = [];
    const path = `dogs[${String(i)}]`;
    if (dog.microchip === undefined) return issues;
    const digits = dog.microchip.slice(0, 3);
    const code = Number(digits);
    if (code < 4 || (code > LAST_COUNTRY && code < FIRST_MAKER))
      issues.push({ code: 'chipCode', path: `${path}.microchip`, digits });
    const other = seen.get(dog.microchip);
    if (other !== undefined) issues.push({ code: 'sameChip', path: `${path}.microchip`, other });
    seen.set(dog.microchip, dog.name);
    return issues;
  });
}
