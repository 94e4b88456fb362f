/* Hands on a page: choosing in a list, typing in a field, giving a file. */
import { fireEvent, screen, within } from '@testing-library/react';

/** Chooses an option of a select by its label; a long list is searched for it. */
export async function choose(
  field: string | RegExp,
  option: string | RegExp,
  inside: Pick<typeof screen, 'getByRole'> = screen,
  search?: string,
): Promise<void> {
  const box = inside.getByRole('combobox', { name: field });
  fireEvent.mouseDown(box);
  if (search !== undefined) fireEvent.change(box, { target: { value: search } });
  const options = await screen.findAllByText(option, { selector: '.ant-select-item-option-content' });
  fireEvent.click(options.at(-1) as HTMLElement);
}

/** The label of a field, whether or not it has to be filled in. */
export const label = (words: string): RegExp => new RegExp(`^${words}(must be filled in)?$`);

/** Types into a field by its label; what stood there is gone. */
export function type(field: string, value: string, inside: Pick<typeof screen, 'getByLabelText'> = screen): void {
  fireEvent.change(inside.getByLabelText(label(field)), { target: { value } });
}

/** Presses a button by its name; a sign before the words is part of what a button is called. */
export function press(name: string | RegExp, inside: Pick<typeof screen, 'getByRole'> = screen): void {
  const words = typeof name === 'string' ? new RegExp(`(^| )${name.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}$`) : name;
  fireEvent.click(inside.getByRole('button', { name: words }));
}

/** Gives a file to the page's only place for one. */
export function give(page: HTMLElement, name: string, content: string | Uint8Array<ArrayBuffer>): void {
  const input = page.querySelector('input[type=file]') as HTMLInputElement;
  const bytes = typeof content === 'string' ? new TextEncoder().encode(content) : content;
  const file = new File([bytes], name);
  // jsdom's files cannot be read by the platform's own methods.
  Object.assign(file, {
    arrayBuffer: () => Promise.resolve(bytes.buffer.slice(bytes.byteOffset, bytes.byteOffset + bytes.byteLength)),
    text: () => Promise.resolve(new TextDecoder().decode(bytes)),
  });
  fireEvent.change(input, { target: { files: [file] } });
}

/** Rows of a list by the list's name, the heading aside. */
export function rowsOf(name: string): HTMLElement[] {
  return within(screen.getByRole('region', { name })).getAllByRole('row').slice(1);
}
