/*
 * The tool for a zone's cut, from the kit of whoever cuts.
 */
import { cutAcross } from '@loyal-mane/core';
import type { PersonId, ZoneCut } from '@loyal-mane/core';
import { cutKitOf } from '@loyal-mane/library';
import type { CutKit } from '@loyal-mane/library';
import { cutWithWords } from '@loyal-mane/library/words';
import type { Kennel } from '../../api/queries';
import { coatOf, personRecordOf } from '../../parts/dogRecord';
import type { Dog } from '../../parts/dogRecord';

/** A person's kit; every tool where nobody is named, or nobody wrote the kit down. */
export function kitOf(kennel: Kennel, personId: PersonId | null): CutKit {
  const who = kennel.people.find((p) => p.id === personId);
  return cutKitOf(who === undefined ? undefined : personRecordOf(who).kit);
}

/** "Shears over a comb at 19 to 39 degrees."; empty where nothing comes off. */
export function zoneToolWords(dog: Dog, cut: ZoneCut, kit: CutKit): string {
  if (cut.row.state !== 'takeOff' || cut.cutToMm === null) return '';
  const words = cutWithWords(cutAcross(cut.cutToMm, kit.blades, kit.toothMm, coatOf(dog) === 'scissored'));
  return `${words.charAt(0).toUpperCase()}${words.slice(1)}.`;
}
