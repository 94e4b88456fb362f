/*
 * Faults of a table, in words: the fault, and what to write or do instead.
 */
import type { CellFault } from './importRows.js';
import type { TableFault } from './readTable.js';

/** Words for a file that is no table. */
export function tableFaultWords(fault: TableFault): string {
  switch (fault.code) {
    case 'spreadsheet':
      return 'This is a spreadsheet file, whatever its name ends with. Open it and save it as CSV.';
    case 'noText':
      return 'This is no text. Save the table as CSV (UTF-8) and choose that file.';
    case 'empty':
      return 'The file is empty.';
    case 'noRows':
      return 'The file has a header and no rows.';
    case 'openQuote':
      return `Line ${String(fault.line)}: a quote that opens is never closed. Close it, or write "" for a quote within a cell.`;
    case 'doubledColumn':
      return `Two columns are called “${fault.column}”. Rename one.`;
    case 'tooManyRows':
      return `More than ${fault.most.toLocaleString('en')} rows. Bring them in in parts.`;
  }
}

/** Words for a cell that cannot be read: what is wrong, and what to write instead. */
export function cellFaultWords(fault: CellFault): string {
  const found = fault.found === '' ? '' : ` “${fault.found}”`;
  switch (fault.reason) {
    case 'missing':
      return `${fault.column}: empty; ${fault.instead}`;
    case 'unreadable':
      return `${fault.column}: cannot read${found}; write ${fault.instead}`;
    case 'unknown':
      return `${fault.column}: does not know${found}; write ${fault.instead}`;
    case 'twice':
      return `${fault.column}:${found} is in the file twice; write ${fault.instead}`;
    case 'noTime':
      return `${fault.column}: no time; write ${fault.instead}`;
    case 'told':
      return `${fault.column}: ${fault.instead}`;
    case 'refused':
      return `${fault.column}:${found} does not do; write ${fault.instead}`;
  }
}
