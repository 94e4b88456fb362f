/*
 * Fields of a row's form, as data: what a room says of each; the form does the rest.
 */
interface Common {
  readonly name: string;
  readonly label: string;
  /** A line under the field. */
  readonly hint?: string;
  /** Must be filled in; marked as such. */
  readonly required?: boolean;
  /** Spans the whole width. */
  readonly wide?: boolean;
}

/** One of the values of a field, in words. */
export interface Choice {
  readonly value: string | number;
  readonly label: string;
}

/** A field of a form: its name in the row, its label, its kind. */
export type FieldSpec = Common &
  (
    | { readonly kind: 'text' | 'lines' | 'day' | 'wall' | 'switch' }
    | { readonly kind: 'number'; readonly unit?: string; readonly step?: number }
    | { readonly kind: 'one'; readonly choices: readonly Choice[]; readonly mayClear?: boolean }
    | { readonly kind: 'some'; readonly choices: readonly Choice[] }
    | {
        readonly kind: 'list';
        readonly fields: readonly FieldSpec[];
        /** Label of the button that adds one. */
        readonly add: string;
        readonly fresh: object;
      }
  );

/** "930" and "9.30" as 09:30; what is no time stays as it was typed. */
export function wallTyped(typed: string): string {
  const found = /^(\d{1,2})[.:h ]?(\d{2})$/.exec(typed.trim());
  if (found === null) return typed;
  return `${(found[1] ?? '').padStart(2, '0')}:${found[2] ?? ''}`;
}

const WALL_TIME = /^([01]\d|2[0-3]):[0-5]\d$/;

/** Whether a text is a time of day as it is saved, "09:30". */
export function isWallTime(text: string): boolean {
  return WALL_TIME.test(text);
}

/** A form's values as a row's fields: nothing where nothing was entered. */
export function fieldsOf(
  values: Readonly<Record<string, unknown>>,
  specs: readonly FieldSpec[],
): Record<string, unknown> {
  return Object.fromEntries(
    specs.map((spec) => {
      const value = values[spec.name];
      if (value === null || value === '' || value === undefined)
        return [spec.name, spec.kind === 'list' ? [] : undefined];
      if (spec.kind === 'wall' && typeof value === 'string') return [spec.name, wallTyped(value)];
      if (spec.kind === 'text' && typeof value === 'string') return [spec.name, value.trim()];
      if (spec.kind === 'list')
        return [spec.name, (value as Record<string, unknown>[]).map((row) => given(fieldsOf(row, spec.fields)))];
      return [spec.name, value];
    }),
  );
}

/** Without what is undefined. */
export function given(row: Readonly<Record<string, unknown>>): Record<string, unknown> {
  return Object.fromEntries(Object.entries(row).filter(([, v]) => v !== undefined));
}
