import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { DayField, dayTyped } from '../src/parts/DayField';
import { fieldsOf, given, isWallTime, wallTyped } from '../src/parts/rows/fieldSpec';
import type { FieldSpec } from '../src/parts/rows/fieldSpec';

describe('a time of day', () => {
  it.each([
    ['930', '09:30'],
    ['0930', '09:30'],
    ['9.30', '09:30'],
    ['9:30', '09:30'],
    ['9h30', '09:30'],
    ['09:30', '09:30'],
    ['17 05', '17:05'],
    [' 17:05 ', '17:05'],
  ])('%s is read as %s', (typed, time) => {
    expect(wallTyped(typed)).toBe(time);
    expect(isWallTime(wallTyped(typed))).toBe(true);
  });

  it.each(['', '9', 'noon', '24:00', '2460', '12345', '12:75', '09:30 am'])('"%s" is no time', (typed) => {
    expect(isWallTime(wallTyped(typed))).toBe(false);
  });

  it('what is no time stays as it was typed', () => {
    expect(['noon', '12345', ''].map(wallTyped)).toEqual(['noon', '12345', '']);
  });
});

describe('a form’s values as a row', () => {
  const specs: readonly FieldSpec[] = [
    { kind: 'text', name: 'name', label: 'Name' },
    { kind: 'wall', name: 'start', label: 'From' },
    { kind: 'number', name: 'amps', label: 'Amperes' },
    { kind: 'switch', name: 'ramp', label: 'Ramp' },
    {
      kind: 'list',
      name: 'closures',
      label: 'Closed',
      fields: [
        { kind: 'wall', name: 'end', label: 'Until' },
        { kind: 'text', name: 'why', label: 'Why' },
      ],
      add: 'A time',
      fresh: {},
    },
  ];

  it('loses blanks around text, writes times in full, keeps a zero and a no', () => {
    expect(
      fieldsOf({ name: '  Tub 3 ', start: '730', amps: 0, ramp: false, closures: [{ end: '9.15' }] }, specs),
    ).toEqual({
      name: 'Tub 3',
      start: '07:30',
      amps: 0,
      ramp: false,
      closures: [{ end: '09:15' }],
    });
  });

  it('has nothing where nothing was entered, and an empty list where none was', () => {
    expect(fieldsOf({ name: '', start: null, closures: undefined }, specs)).toEqual({
      name: undefined,
      start: undefined,
      amps: undefined,
      ramp: undefined,
      closures: [],
    });
  });

  it('a row of a list leaves out what was left empty', () => {
    expect(fieldsOf({ closures: [{ end: '1215', why: '' }] }, specs)['closures']).toStrictEqual([{ end: '12:15' }]);
  });

  it('fields that the form does not have are not passed on', () => {
    expect(given(fieldsOf({ name: 'Fable', rank: 3 }, specs))).toStrictEqual({ name: 'Fable', closures: [] });
  });
});

describe('a day', () => {
  it.each(['12 Apr 2023', '12 April 2023', '2023-04-12', '12.4.2023'])('%s is 12 April 2023', (text) => {
    expect(dayTyped(text)).toBe('2023-04-12');
  });

  it.each(['31 Feb 2023', '2023-13-01', 'spring', '12'])('"%s" is no day', (text) => {
    expect(dayTyped(text)).toBeNull();
  });

  const onChange = jest.fn();
  function Birthday({ from }: { readonly from: string | null }) {
    const [day, setDay] = useState<string | null>(from);
    return (
      <DayField
        aria-label="Born"
        value={day}
        onChange={(d) => {
          onChange(d);
          setDay(d ?? null);
        }}
      />
    );
  }
  const leave = (text: string): void => {
    const field = screen.getByLabelText('Born');
    fireEvent.focus(field);
    fireEvent.change(field, { target: { value: text } });
    fireEvent.blur(field);
  };

  beforeEach(() => onChange.mockReset());

  it('that was typed is taken when the field is left', () => {
    render(<Birthday from={null} />);
    leave('12.4.2023');
    expect(onChange).toHaveBeenLastCalledWith('2023-04-12');
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('half typed stays when the form is drawn again in between, as when an answer of the server comes in', () => {
    const { rerender } = render(<Birthday from="2022-01-05" />);
    const field = screen.getByLabelText('Born');
    fireEvent.focus(field);
    fireEvent.change(field, { target: { value: '12.4.2023' } });
    rerender(<Birthday from="2022-01-05" />);
    fireEvent.blur(field);
    expect(onChange).toHaveBeenLastCalledWith('2023-04-12');
  });

  it('that is none is named and stays as it was typed, until a day follows', () => {
    render(<Birthday from="2022-01-05" />);
    leave('spring');
    expect(screen.getByRole('alert')).toHaveTextContent('“spring” is not a day. Write it like 12 Apr 2023.');
    expect(onChange).toHaveBeenLastCalledWith('spring');
    expect(screen.getByLabelText('Born')).toHaveValue('spring');
    leave('6 Jan 2022');
    expect(screen.queryByRole('alert')).toBeNull();
    expect(screen.getByLabelText('Born')).toHaveValue('6 Jan 2022');
  });
});
