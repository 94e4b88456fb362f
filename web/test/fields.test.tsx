/* A form shows what concerns its row, and saves nothing of a field that it does not show. */
import { act, fireEvent, render, screen } from '@testing-library/react';
import { Form } from 'antd';
import { Fields } from '../src/parts/rows/Fields';
import type { FieldSpec } from '../src/parts/rows/fieldSpec';
import { fieldsOf } from '../src/parts/rows/fieldSpec';

const SPECS: readonly FieldSpec[] = [
  { name: 'role', label: 'Role', kind: 'text' },
  { name: 'ownerId', label: 'Reads the dogs of', kind: 'text', onlyWhile: { field: 'role', is: 'owner' } },
];

it('whose dogs somebody reads is asked of owners only', async () => {
  render(
    <Form initialValues={{ role: 'bather', ownerId: 'o1' }}>
      <Fields specs={SPECS} complaints={new Map()} />
    </Form>,
  );
  expect(screen.queryByLabelText('Reads the dogs of')).toBeNull();
  await act(async () => {
    fireEvent.change(screen.getByLabelText('Role'), { target: { value: 'owner' } });
    await Promise.resolve();
  });
  expect(await screen.findByLabelText('Reads the dogs of')).toBeVisible();
});

it('what is not shown is not saved', () => {
  expect(fieldsOf({ role: 'bather', ownerId: 'o1' }, SPECS)).toEqual({ role: 'bather', ownerId: undefined });
  expect(fieldsOf({ role: 'owner', ownerId: 'o1' }, SPECS)).toEqual({ role: 'owner', ownerId: 'o1' });
});
