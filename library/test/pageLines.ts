/* Pages of usual dogs, as tests of the trade's order of work read them. */
import { chooseSides } from '@loyal-mane/core';
import type { LocalDay, StepId } from '@loyal-mane/core';
import { CARE_LIBRARY, SCHOOLS } from '../src/index.js';
import { stepPage, usualDog } from '../src/pages/index.js';

const DAY = '2026-06-17' as LocalDay;

/** Lines of a usual dog's page before a show, all questions answered as is usual. */
export function pageLines(breedName: string, step: StepId): string[] {
  const breed = CARE_LIBRARY.breeds.get(breedName);
  if (breed === undefined) throw new Error(`no breed is called ${breedName}`);
  const dog = usualDog(breed, DAY);
  const chosen = chooseSides(SCHOOLS, { coat: breed.coat, dog, kennel: { people: [] }, isMet: () => false });
  const at = { day: DAY, purpose: 'show' as const, isShowDay: true };
  return stepPage({ step, dog, library: CARE_LIBRARY, chosen, at }).lines.map((l) => l.text);
}

/** The same as one text. */
export const told = (breedName: string, step: StepId): string => pageLines(breedName, step).join(' ');
