/* The mixing room: what today's baths take, in batches and by dog, in milliliters or fluid ounces, and what runs out. */
import { fireEvent, render, screen, within } from '@testing-library/react';
import { useState } from 'react';
import { conditionerAfter, instantToMs, localDayOf, runOuts } from '@loyal-mane/core';
import type { KennelBottle, KennelProductChange, LocalDay } from '@loyal-mane/core';
import type { Kennel, Work } from '../src/api/queries';
import { ProductsPage } from '../src/rooms/methods/ProductsPage';
import type { MethodsDraft } from '../src/rooms/methods/useMethodsDraft';
import MixingRoom from '../src/rooms/mixing/MixingRoom';
import { dilutionWords, takenWords } from '../src/rooms/mixing/Batches';
import { labelLines } from '../src/rooms/mixing/Labels';
import { runOutWords } from '../src/rooms/mixing/Stock';
import { volumeWords } from '../src/parts/volumes';
import { TestServer } from './testServer';
import { FILE, KENNEL, NAMES, PLAN, idOf, show } from './world';

const ZONE = FILE.settings.timeZone;
const baths = PLAN.activities.filter((a) => ['bath', 'trimBath', 'bathWhites'].includes(a.step));
const dayOf = (a: (typeof baths)[number]): LocalDay => localDayOf(instantToMs(a.start), ZONE);
const today = baths.filter((a) => dayOf(a) === FILE.startDay && a.state !== 'done');
const nameOf = (id: string): string => FILE.dogs.find((d) => d.id === id)?.name ?? '';

describe('volumes', () => {
  it.each([
    [7, 'metric', '7 ml'],
    [173, 'metric', '175 ml'],
    [1940, 'metric', '1.94 l'],
    [177.44, 'us', '6 fl oz'],
    [1892.7, 'us', '2 qt'],
  ] as const)('%d ml in %s: %s', (ml, measure, words) => {
    expect(volumeWords(ml, measure)).toBe(words);
  });
});

describe('the mixing room', () => {
  it('lists each bath of the day with its dog, and each batch with the dogs that it is for', () => {
    show(<MixingRoom />, { at: '/mixing' });
    const list = screen.getByRole('list', { name: 'Baths of the day' });
    for (const a of today) expect(within(list).getAllByText(nameOf(a.dogId)).length).toBeGreaterThan(0);
    const batches = within(screen.getByRole('list', { name: 'Batches' })).getAllByRole('listitem');
    expect(batches.length).toBeGreaterThan(0);
    const cleansing = batches.find((b) => b.textContent.includes('Cleansing wash'));
    expect(cleansing?.textContent).toMatch(/1 : 10, one part to 10 of water/);
    expect(cleansing?.textContent).toMatch(/from the bottle and .* water make/);
  });

  it('has no wash for a bath that is done at the tub, and its conditioner until that is', () => {
    const bath = baths.find((a) => dayOf(a) === FILE.startDay && conditionerAfter(a, PLAN.activities));
    const condition = PLAN.activities.find((a) => a.step === 'condition' && a.dogId === bath?.dogId);
    if (bath === undefined || condition === undefined) throw new Error('no bath with a conditioner today');
    const done = (key: string): Work => ({ taskKey: key, dogId: bath.dogId, state: 'done' }) as unknown as Work;
    const name = nameOf(bath.dogId);
    const dogs = (): string => screen.getByRole('list', { name: 'Baths of the day' }).textContent;
    const bathed = show(<MixingRoom />, { at: '/mixing', work: [done(bath.key)] });
    const row = within(screen.getByRole('list', { name: 'Baths of the day' }))
      .getByText(name)
      .closest('li');
    expect(row?.textContent).toContain('conditioner');
    expect(row?.textContent).not.toContain('wash');
    bathed.unmount();
    show(<MixingRoom />, { at: '/mixing', work: [done(bath.key), done(condition.key)] });
    expect(dogs()).not.toContain(name);
    expect(screen.getByText(new RegExp(`^Done: .*${name}`))).toBeTruthy();
  });

  it('shows US measures as well, and remembers them', () => {
    const page = show(<MixingRoom />, { at: '/mixing' });
    fireEvent.click(screen.getByText('fl oz'));
    expect(screen.getByRole('list', { name: 'Batches' }).textContent).toMatch(/fl oz|qt/);
    page.unmount();
    show(<MixingRoom />, { at: '/mixing' });
    expect(screen.getByRole('list', { name: 'Batches' }).textContent).toMatch(/fl oz|qt/);
    fireEvent.click(screen.getByText('ml'));
  });

  it('goes to another day; without baths it says so', () => {
    const idle = ['2026-08-20', '2026-08-21'].find((d) => !baths.some((a) => dayOf(a) === d));
    show(<MixingRoom />, { at: `/mixing?day=${idle ?? ''}` });
    expect(screen.getByRole('heading', { level: 1 }).textContent).toMatch(/0 baths|no baths/);
    expect(screen.getByText('Nothing more to mix that day.')).toBeTruthy();
  });
});

describe('a batch that is more than the open bottle holds', () => {
  const bottle = (id: string, leftMl: number, more: object = {}) => ({
    ...{ id, product: 'cleansingWash', name: 'Heron cleansing wash', sizeMl: 1000, leftMl, version: 3 },
    ...more,
  });
  const withBottles = (...bottles: object[]) => ({ ...KENNEL, bottles }) as unknown as Kennel;
  const row = (): HTMLElement => {
    const rows = within(screen.getByRole('list', { name: 'Batches' })).getAllByRole('listitem');
    return rows.find((r) => r.textContent.includes('Cleansing wash')) as HTMLElement;
  };

  it('is taken from the next one too, and put back into both', async () => {
    const server = new TestServer();
    const kennel = withBottles(bottle('open', 50, { openedOn: '2026-05-28' }), bottle('next', 1000));
    server.on('GET /api/kennel', () => kennel);
    for (const id of ['open', 'next']) server.on(`POST /api/bottles/${id}/take`, () => ({}));
    show(<MixingRoom />, { at: '/mixing', kennel });
    expect(row()).toHaveTextContent(/Heron cleansing wash: 50 ml left, then \d+ ml of the next bottle/);
    fireEvent.click(within(row()).getByRole('button', { name: 'Mixed' }));
    expect(await screen.findByText('Taken from the bottles.')).toBeInTheDocument();
    fireEvent.click(within(row()).getByRole('button', { name: 'Not mixed after all' }));
    expect(await screen.findByText('Put back.')).toBeInTheDocument();
    const takes = server.sent.map((s) => [s.path, s.body['ml'], s.body['version']]);
    const rest = Number(takes[1]?.[1]);
    expect(rest).toBeGreaterThan(0);
    expect(takes).toEqual([
      ['/api/bottles/open/take', 50, 3],
      ['/api/bottles/next/take', rest, 3],
      ['/api/bottles/open/take', -50, undefined],
      ['/api/bottles/next/take', -rest, undefined],
    ]);
    expect(new Set(server.sent.map((s) => s.body['commandId'])).size).toBe(4);
  });

  it('cannot be mixed where all bottles together hold too little', () => {
    show(<MixingRoom />, { at: '/mixing', kennel: withBottles(bottle('open', 50), bottle('next', 20)) });
    expect(row()).toHaveTextContent('2 bottles: 70 ml left together, too little');
    expect(within(row()).getByRole('button', { name: 'Mixed' })).toBeDisabled();
  });
});

it('says who has mixed already, on the day it was mixed only', () => {
  const by = idOf('tuva');
  const taken = { ml: 120, at: '2026-06-17T07:40:00.000Z', by } as NonNullable<KennelBottle['taken']>;
  expect(takenWords(taken, '2026-06-17' as LocalDay, NAMES, 'metric')).toBe('Tuva took 120 ml at 09:40');
  expect(takenWords({ ml: 120, at: taken.at }, '2026-06-17' as LocalDay, NAMES, 'metric')).toMatch(/^Somebody took/);
  expect(takenWords(taken, '2026-06-18' as LocalDay, NAMES, 'metric')).toBeNull();
});

describe('words of the stock', () => {
  const bottle = (leftMl: number) =>
    [{ id: 'b', product: 'mildWash', name: 'Thistle', sizeMl: 500, leftMl }] as unknown as KennelBottle[];
  const needs = ['2026-06-18', '2026-06-19', '2026-06-20'].map((day) => ({
    ...{ day: day as LocalDay, product: 'mildWash' as const },
    neatMl: 60,
  }));
  const words = (leftMl: number, of = needs): string => {
    const [out] = runOuts(bottle(leftMl), of, '2026-06-17' as LocalDay);
    return out === undefined ? '' : runOutWords(out);
  };

  it.each([
    [500, 'lasts for all baths that are planned'],
    [190, 'may run out, 20 Jun at the earliest'],
    [130, 'runs out 20 Jun; 19 Jun at the earliest, 20 Jun at the latest'],
    [0, 'none left: needed 18 Jun'],
  ])('%d ml: %s', (leftMl, told) => {
    expect(words(leftMl)).toBe(told);
  });

  it('that no bath takes say so', () => {
    expect(words(100, [])).toBe('no bath that is planned takes it');
  });

  it('a label names product, dilution, amounts and dogs', () => {
    const batch = {
      ...{ product: 'cleansingWash' as const, parts: 10, dogIds: ['d'], neededMl: 1000 },
      ...{ mixedMl: 1100, neatMl: 100, waterMl: 1000 },
    };
    const names = { dog: () => 'Seraph' } as never;
    expect(labelLines({ batch, names, day: '2026-06-17' as LocalDay, measure: 'metric' })).toEqual([
      'Cleansing wash',
      '1 : 10, one part to 10 of water',
      '100 ml and 1 l water',
      'Mixed 17 Jun for Seraph',
      'Use today. What is left is poured away.',
    ]);
    expect(dilutionWords(null)).toBe('used as it is');
  });
});

describe('how a label writes its dilution', () => {
  it('is kept apart in three ways, each with what it means; the number stays when the way changes', () => {
    const said: unknown[] = [];
    const Page = () => {
      const [products, setProducts] = useState<readonly KennelProductChange[]>([]);
      const changeProduct = (c: KennelProductChange): void => {
        said.push(c);
        setProducts([c]);
      };
      return <ProductsPage draft={{ body: { products }, changeProduct } as unknown as MethodsDraft} mayChange />;
    };
    render(<Page />);
    const number = screen.getByLabelText('Cleansing wash: number on the label');
    fireEvent.change(number, { target: { value: '8' } });
    fireEvent.blur(number);
    expect(said.at(-1)).toMatchObject({ product: 'cleansingWash', parts: 8 });
    expect(screen.getAllByText('one part of product to 8 of water, 9 in all').length).toBeGreaterThan(0);
    fireEvent.mouseDown(screen.getByLabelText('Cleansing wash: how the label writes it'));
    fireEvent.click(screen.getByTitle('1 in n'));
    expect(said.at(-1)).toMatchObject({ parts: 7, says: 'oneInN' });
    expect(screen.getByText('one part of product to 7 of water, 8 in all')).toBeTruthy();
    expect(screen.getByLabelText('Cleansing wash: number on the label')).toHaveValue('8');
  });
});
