/*
 * A breed as the page shows it: the library's rows and the kennel's own alike.
 */
import type { CoatClass, KennelBreed, TrimMapId, ZoneId } from '@loyal-mane/core';
import { breedFactsOf } from '@loyal-mane/core';
import { BREEDS, BREED_ROWS, TRIM_MAPS, ZONE_NAMES } from '@loyal-mane/library';
import type { BreedRow } from '@loyal-mane/library';
import type { Kennel } from '../../api/queries';
import { ownBreeds } from '../../parts/dogRecord';

/** A breed as the page of zones draws it. */
export interface BreedView {
  readonly name: string;
  readonly coat: CoatClass;
  readonly badge: string;
  readonly trimMap: TrimMapId;
  readonly growOn: ReadonlySet<ZoneId>;
  readonly fringes: ReadonlySet<ZoneId>;
  readonly lines: readonly (readonly [label: string, words: string])[];
  readonly foot: string;
  /** The kennel's own row, with its version; null where the library's holds. */
  readonly own: { readonly breed: KennelBreed; readonly version: number } | null;
}

/** Breeds by name, the kennel's own in place of the library's. */
export function breedViews(kennel: Pick<Kennel, 'breeds'>): BreedView[] {
  const own = ownBreeds(kennel);
  const mine = own.map((breed) => ownView(breed, kennel.breeds.find((b) => b.name === breed.name)?.version ?? 1));
  const shipped = BREED_ROWS.filter((row) => !own.some((b) => b.name === row.name)).map(shippedView);
  return [...mine, ...shipped].sort((x, y) => x.name.localeCompare(y.name));
}

function finishLine(trimMap: TrimMapId): readonly [string, string] {
  return ['Finish', TRIM_MAPS[trimMap].finish === 'natural' ? 'natural: nothing may look cut' : 'crisp'];
}

function shippedView(row: BreedRow): BreedView {
  return {
    name: row.name,
    coat: row.coat,
    badge: row.badge,
    trimMap: row.trimMap,
    growOn: BREEDS.get(row.name)?.growOn ?? new Set(),
    fringes: BREEDS.get(row.name)?.fringes ?? new Set(),
    lines: [
      ['Height', `${heightWords('dog', row.dogHeightIn)}; ${heightWords('bitch', row.bitchHeightIn)}`],
      ['Proportion', `${row.proportion}, from ${row.measured[0]} to ${row.measured[1]}`],
      ['Weight', `about ${String(row.typicalKg)} kg`],
      finishLine(row.trimMap),
      ['Ears', row.earStyle],
      ['Feet', row.footStyle],
      ['Throat', row.throatStyle],
      ['Head', row.headPlan],
      ['Tail', row.tailKind],
      ['Stance', row.stance],
      ['Shown first', row.showFirst.join(', ')],
      ['Left to grow', row.growOn.length === 0 ? 'nothing' : row.growOn.join(', ')],
    ],
    foot: `Sizes by ${row.registry}, from memory${row.confidence === 'ratioEstimated' ? ', the proportion estimated' : ''}: verify with your registry. The rest is common practice.`,
    own: null,
  };
}

function ownView(b: KennelBreed, version: number): BreedView {
  const grow = b.growOn.map((z) => ZONE_NAMES[z]).join(', ');
  const told: readonly (readonly [string, string | undefined])[] = [
    [
      'Height',
      `${heightWords('dog', [b.dogFromIn ?? null, b.dogToIn ?? null])}; ${heightWords('bitch', [b.bitchFromIn ?? null, b.bitchToIn ?? null])}`,
    ],
    ['Proportion', `${String(b.lengthToHeight)} times as long as tall`],
    ['Weight', `about ${String(b.typicalKg)} kg`],
    finishLine(b.trimMap),
    ['Ears', b.earStyle],
    ['Feet', b.footStyle],
    ['Throat', b.throatStyle],
    ['Head', b.headPlan],
    ['Tail', b.tailKind],
    ['Stance', b.stance],
    ['Shown first', b.showFirst],
    ['Left to grow', grow === '' ? 'nothing' : grow],
  ];
  return {
    name: b.name,
    coat: b.coat,
    badge: b.badge,
    trimMap: b.trimMap,
    growOn: new Set(b.growOn),
    fringes: breedFactsOf(b).fringes,
    lines: told.flatMap(([label, words]) => (words === undefined || words === '' ? [] : [[label, words] as const])),
    foot: `The kennel’s own row${b.registry === undefined ? '' : `, sizes by ${b.registry}`}.`,
    own: { breed: b, version },
  };
}

function heightWords(who: string, [least, most]: BreedRow['dogHeightIn']): string {
  if (least === null) return most === null ? `${who} not told` : `${who} up to ${String(most)} in`;
  if (least === most) return `${who} ${String(least)} in`;
  return most === null ? `${who} from ${String(least)} in` : `${who} ${String(least)} to ${String(most)} in`;
}

/** A breed as a form begins with it: the kennel's own row, or the library's as a draft of one. */
export function draftOf(view: BreedView): KennelBreed {
  if (view.own !== null) return view.own.breed;
  const row = BREED_ROWS.find((b) => b.name === view.name);
  const middle = row === undefined ? 1 : ((row.lengthToHeight[0] ?? 1) + (row.lengthToHeight[1] ?? 1)) / 2;
  const inches = (field: string, value: number | null | undefined): object => (value == null ? {} : { [field]: value });
  return {
    name: view.name,
    coat: view.coat,
    variant: row?.variant ?? '',
    badge: view.badge,
    trimMap: view.trimMap,
    growOn: [...view.growOn],
    typicalKg: row?.typicalKg ?? 10,
    lengthToHeight: Math.round(middle * 100) / 100,
    ...inches('dogFromIn', row?.dogHeightIn[0]),
    ...inches('dogToIn', row?.dogHeightIn[1]),
    ...inches('bitchFromIn', row?.bitchHeightIn[0]),
    ...inches('bitchToIn', row?.bitchHeightIn[1]),
    ...(row === undefined
      ? {}
      : {
          registry: row.registry,
          tailKind: row.tailKind,
          earStyle: row.earStyle,
          footStyle: row.footStyle,
          throatStyle: row.throatStyle,
          headPlan: row.headPlan,
          stance: row.stance,
          showFirst: row.showFirst.join(', '),
        }),
  };
}
