/*
 * Tables out as CSV (RFC 4180). A cell that a spreadsheet program would run as a formula goes out as text.
 */
import Papa from 'papaparse';

/** Cells that begin so are formulas to spreadsheet programs; an apostrophe before them makes them text. */
const FORMULA = /^[=+\-@\t\r]/;
const NUMBER = /^[+-]?\d+([.,]\d+)?$/;

/** A table as CSV text with CRLF line ends. */
export function csvOf(header: readonly string[], rows: readonly (readonly string[])[]): string {
  const harmless = (cell: string): string => (FORMULA.test(cell) && !NUMBER.test(cell) ? `'${cell}` : cell);
  return Papa.unparse({ fields: [...header], data: rows.map((r) => r.map(harmless)) }, { newline: '\r\n' });
}
