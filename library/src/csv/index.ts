/*
 * Tables in and out as CSV.
 */
export { csvOf } from './csvOut.js';
export { readTable } from './readTable.js';
export type { CsvTable, TableFault, TableResult, TableRow } from './readTable.js';
export { IMPORT_FIELDS, IMPORT_KINDS, mapColumns, readDay } from './importFields.js';
export type { ImportField, ImportKind, Mapping } from './importFields.js';
export { importRows } from './importRows.js';
export type { CellFault, ImportWorld, ImportedRow } from './importRows.js';
export { plainHeader } from './readTable.js';
export { cellFaultWords, tableFaultWords } from './csvWords.js';
