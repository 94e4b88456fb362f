/* Notes at the table: two touches and a word, kept until somebody says that they are over. */
import { App as AntApp } from 'antd';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { DOG_PARTS } from '@loyal-mane/library';
import { NoteDialog } from '../src/rooms/bench/NoteDialog';
import { Notes } from '../src/rooms/dogs/Notes';
import { useRooms } from '../src/parts/useRooms';
import { FILE, show } from './world';

const dogId = FILE.dogs[0]?.id ?? '';
let sent: { readonly path: string; readonly body: Record<string, unknown> }[] = [];

beforeEach(() => {
  sent = [];
  globalThis.fetch = (async (input: Request) => {
    if (input.method === 'GET') return new Response('{}', { status: 404 });
    sent.push({ path: new URL(input.url).pathname, body: (await input.clone().json()) as Record<string, unknown> });
    return Response.json({ id: dogId, version: 2 });
  }) as typeof fetch;
});

it('a note is sent with what it is about, where and why', async () => {
  let closed = 0;
  show(
    <AntApp>
      <NoteDialog dogId={dogId} dogName="Seraph" parts={[]} about={null} onClose={() => (closed += 1)} />
    </AntApp>,
  );
  expect(screen.getByRole('button', { name: 'Note it of the whole dog' })).toBeDisabled();
  fireEvent.click(screen.getByRole('button', { name: 'Left longer' }));
  fireEvent.click(screen.getByRole('button', { name: 'Neck' }));
  fireEvent.change(screen.getByLabelText('Why, or what to do'), { target: { value: 'the neck is short' } });
  fireEvent.click(screen.getByRole('button', { name: 'Note it' }));
  await waitFor(() => expect(closed).toBe(1));
  const neck = DOG_PARTS.find((p) => p.id === 'neck')?.zones;
  expect(sent[0]).toMatchObject({
    path: `/api/dogs/${dogId}/log`,
    body: { what: 'note', about: 'leftLonger', zones: neck, text: 'the neck is short' },
  });
});

/** A dog's notes, with one put in. */
function WithNote() {
  const { kennel } = useRooms();
  const [dog] = kennel.dogs;
  if (dog === undefined) throw new Error('no dog');
  const notes = [{ id: 'note-one', day: '2026-06-17', kind: 'sore', zones: ['belly'] }];
  return <Notes dog={{ ...dog, record: { ...dog.record, notes } } as typeof dog} />;
}

it('a note is listed, and is over at a touch', async () => {
  show(
    <AntApp>
      <WithNote />
    </AntApp>,
  );
  expect(screen.getByText('Sore: belly (17 Jun).')).toBeTruthy();
  fireEvent.click(screen.getByRole('button', { name: 'Over' }));
  await waitFor(() => expect(sent[0]?.body).toMatchObject({ what: 'noteOver', noteId: 'note-one' }));
});
