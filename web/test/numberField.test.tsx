/* Numbers as people write them: a decimal comma counts, and text that is no number is told. */
import { fireEvent, render, screen } from '@testing-library/react';
import { NumberField } from '../src/parts/NumberField';

function typed(text: string): HTMLElement {
  const field = screen.getByLabelText('Weight');
  fireEvent.focus(field);
  fireEvent.change(field, { target: { value: text } });
  fireEvent.blur(field);
  return field;
}

it('reads a decimal comma', () => {
  const told: unknown[] = [];
  render(<NumberField aria-label="Weight" onChange={(value) => told.push(value)} />);
  expect(typed('24,5')).toHaveValue('24.5');
  expect(told.at(-1)).toBe(24.5);
  expect(screen.queryByRole('alert')).toBeNull();
});

it('tells text that is no number, keeps the number that was there, and is quiet again once it is right', () => {
  const told: unknown[] = [];
  render(<NumberField aria-label="Weight" defaultValue={26} onChange={(value) => told.push(value)} />);
  expect(typed('heavy')).toHaveValue('26');
  expect(screen.getByRole('alert')).toHaveTextContent('“heavy” is not a number. Write it like 24.5.');
  expect(told).toEqual([]);
  typed('27');
  expect(screen.queryByRole('alert')).toBeNull();
  expect(told.at(-1)).toBe(27);
});
