/*
 * Text of a CSV file as a table: any of the usual delimiters, quotes by RFC 4180. What cannot be read is said with the line
 * that it is about.
 */
import Papa from 'papaparse';

/** A line's cells, with its number in the file (1 = the header). */
export interface TableRow {
  /** Line of the file that the row begins on, 1 = first. */
  readonly line: number;
  readonly cells: readonly string[];
}

/** A header and its rows. */
export interface CsvTable {
  readonly header: readonly string[];
  readonly rows: readonly TableRow[];
}

/** Why a file is no table. */
export type TableFault =
  | { readonly code: 'spreadsheet' }
  | { readonly code: 'noText' }
  | { readonly code: 'empty' }
  | { readonly code: 'noRows' }
  | { readonly code: 'openQuote'; readonly line: number }
  | { readonly code: 'doubledColumn'; readonly column: string }
  | { readonly code: 'tooManyRows'; readonly most: number };

/** A table, or why there is none. */
export type TableResult =
  { readonly ok: true; readonly table: CsvTable } | { readonly ok: false; readonly fault: TableFault };

/** More rows than a kennel can hold dogs or entries. */
const MOST_ROWS = 20_000;
/** First characters of files that spreadsheet programs write: a zip, and the older container. */
const SPREADSHEETS = ['PK\u0003\u0004', '\u00D0\u00CF\u0011\u00E0'];

/** Reads a table. Never throws on bad input; cells keep what they hold, without blanks at their ends. */
export function readTable(text: string): TableResult {
  const fault = (f: TableFault): TableResult => ({ ok: false, fault: f });
  if (SPREADSHEETS.some((begin) => text.startsWith(begin))) return fault({ code: 'spreadsheet' });
  if (text.includes('\u0000')) return fault({ code: 'noText' });
  const clean = text.replace(/^\uFEFF/, '');
  if (clean.trim() === '') return fault({ code: 'empty' });
  const parsed = Papa.parse<string[]>(clean, { skipEmptyLines: false, delimiter: delimiterOf(clean) });
  const quote = parsed.errors.find((e) => e.type === 'Quotes');
  if (quote !== undefined) return fault({ code: 'openQuote', line: lineOf(parsed.data, quote.row ?? 0) });
  const rows = parsed.data
    .map((cells, k): TableRow => ({ line: lineOf(parsed.data, k), cells: cells.map((c) => c.trim()) }))
    .filter((r) => r.cells.some((c) => c !== ''));
  const [head, ...rest] = rows;
  if (head === undefined) return fault({ code: 'empty' });
  const doubled = head.cells.find((c, k) => c !== '' && head.cells.findIndex((d) => sameHeader(c, d)) < k);
  if (doubled !== undefined) return fault({ code: 'doubledColumn', column: doubled });
  if (rest.length === 0) return fault({ code: 'noRows' });
  if (rest.length > MOST_ROWS) return fault({ code: 'tooManyRows', most: MOST_ROWS });
  return { ok: true, table: { header: head.cells, rows: rest } };
}

const DELIMITERS = [',', ';', '\t', '|'] as const;

/** The separator that is most frequent in the first line, outside quotes; a comma where there is none. */
function delimiterOf(text: string): string {
  const head = (text.trimStart().split(/\r?\n/, 1)[0] ?? '').replace(/"[^"]*"/g, '');
  const count = (d: string): number => head.split(d).length;
  return DELIMITERS.reduce<string>((best, d) => (count(d) > count(best) ? d : best), DELIMITERS[0]);
}

/** Headers are the same whatever their case, blanks and marks. */
export function plainHeader(header: string): string {
  return header.toLowerCase().replace(/[^\p{L}\p{N}]/gu, '');
}

function sameHeader(a: string, b: string): boolean {
  return plainHeader(a) === plainHeader(b);
}

/** Line on which a row begins: quoted cells may hold line ends. Whole-file sums would be quadratic, so they are kept. */
const lines = new WeakMap<readonly string[][], number[]>();
function lineOf(rows: readonly string[][], row: number): number {
  let at = lines.get(rows);
  if (at === undefined) {
    let line = 1;
    at = rows.map((cells) => {
      const here = line;
      line += 1 + cells.reduce((sum, c) => sum + (c.match(/\n/g)?.length ?? 0), 0);
      return here;
    });
    lines.set(rows, at);
  }
  return at[Math.min(row, at.length - 1)] ?? 1;
}
