/* Care of tools in the rooms, and a dog's photos. */
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { PhotosPart } from '../src/rooms/dogs/PhotosPart';
import { ToolsPart } from '../src/rooms/kennel/ToolsPart';
import { ToolCare, dueFor } from '../src/parts/ToolCare';
import type { ToolJobNow } from '../src/api/queries';
import { FILE, KENNEL, idOf, show } from './world';

const station = FILE.stations.find((s) => s.kind === 'standDryer');
const job = (more: Partial<ToolJobNow>): ToolJobNow => ({
  ...{ tool: 'x', kind: 'slicker', job: 'clear', isDue: true, usedMin: 25 },
  ...more,
});
const JOBS: readonly ToolJobNow[] = [
  job({ tool: station?.id ?? '', kind: 'standDryer', stationId: station?.id ?? '', job: 'filter' }),
  job({ tool: 'tuva.slicker', personId: idOf('tuva') }),
  job({ tool: 'asta.thinners', kind: 'thinners', personId: idOf('asta'), job: 'sharpen' }),
  job({ tool: 'tuva.pins', personId: idOf('tuva'), job: 'pins', isDue: false, usedMin: 300, leftMin: 900 }),
];
const PHOTOS = [
  { id: 'p1', at: '2026-06-12T10:00:00Z', view: 'side', words: 'stacked', personId: idOf('tuva'), width: 9, height: 9 },
  { id: 'p2', at: '2026-06-01T10:00:00Z', view: 'rear', personId: idOf('asta'), width: 9, height: 9 },
];

let sent: { path: string; body: Record<string, unknown> }[] = [];
beforeEach(() => {
  sent = [];
  globalThis.fetch = (async (input: Request) => {
    const { pathname } = new URL(input.url);
    if (input.method === 'GET') {
      if (pathname === '/api/tools') return Response.json({ jobs: JOBS });
      return pathname.endsWith('/photos') ? Response.json({ photos: PHOTOS }) : new Response('{}', { status: 404 });
    }
    sent.push({ path: pathname, body: (await input.clone().json()) as Record<string, unknown> });
    return Response.json({ id: 'new' });
  }) as typeof fetch;
});

it('somebody’s own kit comes before the stations; what is another’s, or not due, is not theirs', () => {
  expect(dueFor(JOBS, idOf('tuva')).map((j) => j.job)).toEqual(['clear', 'filter']);
  expect(dueFor(JOBS, idOf('asta')).map((j) => j.job)).toEqual(['sharpen', 'filter']);
});

it('care is done with one touch', async () => {
  show(<ToolCare personId={idOf('tuva')} />, { signIn: 'tuva' });
  const part = await screen.findByRole('region', { name: 'Care of tools' });
  expect(part.textContent).toContain('Slicker: clear');
  fireEvent.click(within(part).getByRole('button', { name: `${station?.name ?? ''}: clear the filter, done` }));
  await waitFor(() => expect(sent).toHaveLength(1));
  expect(sent[0]).toMatchObject({ path: '/api/tools/care', body: { tool: station?.id, job: 'filter' } });
});

it('a lead reads of every tool whether it is due, how long it was used, and when it is next', async () => {
  show(<ToolsPart />);
  await screen.findByText('Sharpen');
  const rows = screen.getAllByRole('row');
  const words = rows.map((r) => r.textContent);
  expect(words.some((w) => /Thinners.*Sharpen.*due.*25 min.*not on record/.test(w))).toBe(true);
  expect(words.some((w) => /Slicker.*Look at the pins.*due after 15\.0 h more.*5\.0 h/.test(w))).toBe(true);
});

describe('photos', () => {
  const [dog] = KENNEL.dogs;
  if (dog === undefined) throw new Error('no dog');

  it('are shown with view, day and who added them; others’ are not removed', async () => {
    show(<PhotosPart dog={dog} />, { signIn: 'tuva' });
    const part = screen.getByRole('region', { name: 'Photos' });
    await within(part).findByText('stacked');
    expect(
      within(part)
        .getAllByRole('listitem')
        .map((li) => li.textContent),
    ).toEqual([
      expect.stringMatching(/^Side, 12 Jun, Tuva .*stackedRemove$/),
      expect.stringMatching(/^Rear, 1 Jun, Asta \w+$/),
    ]);
  });

  it('are added with their view, and a file that is too large is refused before it is sent', async () => {
    show(<PhotosPart dog={dog} />, { signIn: 'tuva' });
    /** The field is a new one after each choice. */
    const choose = (file: File): void => {
      const input = document.querySelector<HTMLInputElement>('input[type=file]');
      if (input === null) throw new Error('no field for a file');
      fireEvent.change(input, { target: { files: [file] } });
    };
    const large = new File(['x'], 'large.jpg', { type: 'image/jpeg' });
    Object.defineProperty(large, 'size', { value: 13 * 1024 * 1024 });
    choose(large);
    expect(await screen.findByText('This file is larger than 12 MB. Nothing was kept.')).toBeTruthy();
    fireEvent.change(screen.getByLabelText('What it shows'), { target: { value: 'before the trim' } });
    choose(new File(['abc'], 'dog.jpg', { type: 'image/jpeg' }));
    await waitFor(() => expect(sent).toHaveLength(1));
    expect(sent[0]).toMatchObject({
      path: '/api/photos',
      body: { dogId: dog.id, view: 'side', words: 'before the trim', picture: 'YWJj' },
    });
  });
});
