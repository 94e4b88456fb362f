/*
 * Fields of a dog's form: who it is, its chip, its run, its owner, its ways, what was measured.
 */
import type { KennelDog, KennelFile, RecordFields } from '@loyal-mane/core';
import { DOG_MEASURES, ZONE_IDS, recordFields } from '@loyal-mane/core';
import { ZONE_NAMES } from '@loyal-mane/library';
import { MEASURE_WORDS } from '@loyal-mane/library/words';
import type { Kennel } from '../../api/queries';
import { coatOf, libraryOf } from '../../parts/dogRecord';
import type { Dog } from '../../parts/dogRecord';
import type { FieldSpec } from '../../parts/rows/fieldSpec';

/** The first questions about a dog. */
export const firstFields = (kennel: KennelFile, breeds: readonly string[]): readonly FieldSpec[] => [
  { name: 'name', required: true, label: 'Call name', kind: 'text' },
  { name: 'breed', required: true, label: 'Breed', kind: 'one', choices: breeds.map((b) => ({ value: b, label: b })) },
  {
    name: 'sex',
    required: true,
    label: 'Sex',
    kind: 'one',
    choices: [
      { value: 'dog', label: 'dog' },
      { value: 'bitch', label: 'bitch' },
    ],
  },
  { name: 'born', required: true, label: 'Born', kind: 'day' },
  { name: 'weightKg', required: true, label: 'Weight', kind: 'number', unit: 'kg', step: 0.5 },
  {
    name: 'ownerId',
    label: 'Owner',
    kind: 'one',
    mayClear: true,
    choices: kennel.owners.map((o) => ({ value: o.id, label: o.name })),
  },
  { name: 'microchip', label: 'Microchip', kind: 'text', hint: '15 digits' },
  { name: 'run', label: 'Run', kind: 'text' },
];

/** Fields that concern a dog, by its coat, breed and sex. */
export function fieldsOf(dog: Dog, kennel: Kennel): RecordFields {
  const library = libraryOf(kennel);
  const breed = library.breeds.get(dog.breed);
  const coat = coatOf(dog);
  return recordFields(breed ?? { coat, growOn: new Set() }, library.programs[coat], dog.sex);
}

/** Everything of a dog that is not about its coat, as far as it concerns this one. */
export function aboutFields(kennel: KennelFile, breeds: readonly string[], { has }: RecordFields): FieldSpec[] {
  return [...firstFields(kennel, breeds), ...WAYS].filter(({ name }) => has(name as keyof KennelDog));
}

const WAYS: readonly FieldSpec[] = [
  { name: 'turnsInTub', label: 'Turns in the tub when asked', kind: 'switch' },
  { name: 'standsForDryer', label: 'Stands for the force dryer', kind: 'switch' },
  { name: 'temperament', label: 'Temperament: what the crew should know', kind: 'lines', wide: true },
  { name: 'wishes', label: 'What the owner wishes', kind: 'lines', wide: true },
  {
    name: 'weights',
    label: 'Weighings',
    kind: 'list',
    add: 'Add weight',
    fresh: {},
    fields: [
      { name: 'day', label: 'on', kind: 'day' },
      { name: 'kg', label: 'weight', kind: 'number', unit: 'kg', step: 0.1 },
    ],
  },
  {
    name: 'measures',
    label: 'Measures',
    kind: 'list',
    add: 'Add measure',
    fresh: { what: 'height' },
    fields: [
      { name: 'day', label: 'on', kind: 'day' },
      {
        name: 'what',
        label: 'what',
        kind: 'one',
        choices: DOG_MEASURES.map((m) => ({ value: m, label: MEASURE_WORDS[m] })),
      },
      { name: 'cm', label: 'it is', kind: 'number', unit: 'cm', step: 0.1 },
    ],
  },
  {
    name: 'lengths',
    label: 'Hair measured',
    kind: 'list',
    add: 'Add hair length',
    fresh: {},
    fields: [
      { name: 'day', label: 'on', kind: 'day' },
      { name: 'zone', label: 'zone', kind: 'one', choices: ZONE_IDS.map((z) => ({ value: z, label: ZONE_NAMES[z] })) },
      { name: 'mm', label: 'length', kind: 'number', unit: 'mm' },
    ],
  },
  { name: 'leftOn', label: 'No longer here since', kind: 'day', hint: 'gets no more work; its records stay' },
];
