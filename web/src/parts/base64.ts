/*
 * A file as text, for commands that carry one.
 */

/** The bytes of a file in base64. @throws where the file cannot be read (it was moved meanwhile) */
export function base64Of(file: Blob): Promise<string> {
  return new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve((reader.result as string).split(',')[1] ?? '');
    reader.onerror = () => reject(new Error('The file could not be read.'));
    reader.readAsDataURL(file);
  });
}
