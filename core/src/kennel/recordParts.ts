/*
 * Parts of records as forms send them: the same fields and limits as in a whole kennel file.
 */
import { Type } from '@sinclair/typebox';
import type { Static } from '@sinclair/typebox';
import { DogRecord } from './dogRecord.js';
import type { KennelDog } from './dogRecord.js';
import { IntervalChange, LineChange, ProductChange, StepChange } from './methodsRecord.js';
import { PersonRecord } from './personRecord.js';

/** A dog's coat and habits, as a lead enters them; whatever is found in the coat has a command of its own. */
const DOG_PARTS = [
  'density',
  'undercoat',
  'coatChange',
  'jacketLies',
  'liesForWork',
  'cooperation',
  'wholeBath',
  'bathSkippedWhenClean',
  'fringed',
  'standMinPerDay',
  'lastTrim',
  'lastBrush',
  'lastBath',
  'lastUndercoat',
  'ground',
  'paleRoots',
  'growsCoat',
  'locked',
  'states',
  'consents',
  'colors',
  'uses',
  'buildUp',
  'recipe',
  'settles',
  'holds',
  'notes',
  'inspected',
  'observations',
  'towelSets',
  'towelAfterBath',
  'wrapped',
  'undercoatDone',
  'cooperationAt',
  'cooperationZones',
  'note',
  'microchip',
  'run',
  'temperament',
  'wishes',
  'turnsInTub',
  'standsForDryer',
  'weakLegs',
  'weights',
  'measures',
  'lengths',
  'wanted',
  'outline',
  'finisherId',
  'batherId',
  'stays',
  'leftOn',
] as const;
/** Parts of a dog's record that are entered in forms. */
export const DogPartsSchema = Type.Partial(Type.Pick(DogRecord, [...DOG_PARTS]), { additionalProperties: false });
/** Parts of a person's record that are entered in forms. */
export const PersonPartsSchema = Type.Partial(
  Type.Pick(PersonRecord, ['learning', 'kit', 'brushingRoute', 'trimBegin']),
  {
    additionalProperties: false,
  },
);
/** Changes to the care programs, whole. */
export const MethodPartsSchema = Type.Object(
  {
    steps: Type.Array(StepChange, { maxItems: 400 }),
    intervals: Type.Array(IntervalChange, { maxItems: 100 }),
    products: Type.Array(ProductChange, { maxItems: 40 }),
    lines: Type.Array(LineChange, { maxItems: 400 }),
  },
  { additionalProperties: false },
);

/** Parts of a dog's record that one command may change; an absent part stays as it is. */
export type DogParts = Static<typeof DogPartsSchema>;
/** Parts of a person's record that one command may change; an absent part stays as it is. */
export type PersonParts = Static<typeof PersonPartsSchema>;
/** Parts of the methods that one command may change; an absent part stays as it is. */
export type MethodParts = Static<typeof MethodPartsSchema>;

/** The fields of a dog that forms read and change: all but its identity and the fields that other commands keep. */
export type DogRecordParts = Omit<
  KennelDog,
  'id' | 'name' | 'breed' | 'sex' | 'born' | 'weightKg' | 'ownerId' | 'schools' | 'soiled' | 'mats' | 'unready'
>;

/** Parts to change: a field that is absent stays, null takes it away. */
export type Patch<T> = { readonly [K in keyof T]?: T[K] | null };
