/* Shortcuts: by the character that a key gives, outside of fields, and never those of the browser. */
import { fireEvent, render, screen } from '@testing-library/react';
import { useShortcut, useTwoKeys } from '../src/parts/useShortcut';

const pressed: string[] = [];

function Room() {
  useShortcut('[', () => pressed.push('['));
  useShortcut('u', () => pressed.push('u'));
  useTwoKeys('g', ['d', 'b'], (key) => pressed.push(`g ${key}`));
  return (
    <>
      <input aria-label="Note" />
      <button>Finish</button>
    </>
  );
}

beforeEach(() => {
  pressed.length = 0;
  render(<Room />);
});

it('answers to a character wherever it is on the keyboard', () => {
  fireEvent.keyDown(screen.getByRole('button'), { key: '[', code: 'Digit8', modifierAltGraph: true, ctrlKey: true });
  fireEvent.keyDown(document.body, { key: 'u', code: 'KeyU' });
  expect(pressed).toEqual(['[', 'u']);
});

it('answers to two keys in turn, and to neither alone', () => {
  for (const key of ['d', 'g', 'x', 'd', 'g', 'b']) fireEvent.keyDown(document.body, { key, code: `Key${key}` });
  expect(pressed).toEqual(['g b']);
});

it('leaves fields what is typed in them, and the browser its own keys', () => {
  const note = screen.getByLabelText('Note');
  for (const key of ['u', '[', 'g', 'd']) fireEvent.keyDown(note, { key, code: `Key${key}` });
  fireEvent.keyDown(document.body, { key: 'u', code: 'KeyU', ctrlKey: true });
  fireEvent.keyDown(document.body, { key: 'u', code: 'KeyU', metaKey: true });
  expect(pressed).toEqual([]);
});
