/*
 * Breeds read from their lines of text, and checked: a line that contradicts its columns stops the product with its name.
 */
import { COAT_CLASSES, TRIM_MAP_IDS } from '@loyal-mane/core';
import type { BreedRow, Span } from './breed.js';
import { BREED_TEXT } from './breedText.js';

const REGISTRIES = ['AKC', 'FCI'] as const;
const CONFIDENCES = ['memory', 'ratioEstimated'] as const;

/** Reads a table of breeds; throws with breed and column where a cell cannot be read. */
export function readBreeds(text: string): BreedRow[] {
  const [head = '', ...lines] = text.trim().split('\n');
  const columns = head.split('|').map((c) => c.trim());
  return lines.map((line) => {
    const cells = line.split('|').map((c) => c.trim());
    const name = cells[0] ?? '';
    if (cells.length !== columns.length) throw new Error(`readBreeds: ${name} has ${String(cells.length)} columns`);
    return readBreed(name, (column) => cells[columns.indexOf(column)] ?? '');
  });
}

function readBreed(name: string, cell: (column: string) => string): BreedRow {
  const fail = (column: string): never => {
    throw new Error(`readBreeds: ${name}, ${column}: "${cell(column)}" cannot be read`);
  };
  const oneOf = <T extends string>(column: string, values: readonly T[]): T =>
    values.find((v) => v === cell(column)) ?? fail(column);
  const number = (column: string, text: string): number => {
    const value = Number(text);
    return text !== '' && Number.isFinite(value) && value > 0 ? value : fail(column);
  };
  const span = (column: string): Span => {
    const [least = '', most = ''] = cell(column).split('-');
    return [least === '' ? null : number(column, least), most === '' ? null : number(column, most)];
  };
  const list = (column: string): string[] =>
    cell(column)
      .split(';')
      .map((word) => word.trim())
      .filter((word) => word !== '');
  return {
    name,
    coat: oneOf('coat', COAT_CLASSES),
    variant: cell('variant'),
    badge: cell('badge'),
    registry: oneOf('registry', REGISTRIES),
    dogHeightIn: span('dogHeightIn'),
    bitchHeightIn: span('bitchHeightIn'),
    lengthToHeight: span('lengthToHeight'),
    measured: [cell('measuredFrom'), cell('measuredTo')],
    proportion: cell('proportion'),
    trimMap: oneOf('trimMap', TRIM_MAP_IDS),
    tailKind: cell('tailKind'),
    earStyle: cell('earStyle'),
    footStyle: cell('footStyle'),
    throatStyle: cell('throatStyle'),
    headPlan: cell('headPlan'),
    stance: cell('stance'),
    showFirst: list('showFirst'),
    growOn: list('growOn'),
    typicalKg: number('typicalKg', cell('typicalKg')),
    confidence: oneOf('confidence', CONFIDENCES),
  };
}

/** All shipped breeds (common practice; heights and weights to be verified with one's registry). */
export const BREED_ROWS: readonly BreedRow[] = readBreeds(BREED_TEXT);
