/*
 * A text as a file on the device of whoever asked for it.
 */

/** Hands a CSV text to the browser as a file. */
export function download(file: string, text: string): void {
  const link = document.createElement('a');
  // The mark of order at the start tells spreadsheet programs that the text is UTF-8.
  link.href = URL.createObjectURL(new Blob(['\uFEFF', text], { type: 'text/csv;charset=utf-8' }));
  link.download = file;
  link.click();
  URL.revokeObjectURL(link.href);
}
