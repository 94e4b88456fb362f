/* The work floor at the bench: parts that are ticked, soak clocks, what is asked before a finish, the meters of the day. */
import { fireEvent, render, screen } from '@testing-library/react';
import type { OpenSoak, SoakRecord, WorkRecord } from '@loyal-mane/core';
import { partTick } from '@loyal-mane/core';
import { DOG_PARTS } from '@loyal-mane/library';
import type { Names } from '@loyal-mane/library/words';
import { SoakDrop, fillTop } from '../src/parts/SoakDrop';
import { soakNow, soakWords } from '../src/parts/soaks';
import type { Work } from '../src/api/queries';
import { BathProducts, partsAt } from '../src/rooms/bench/BathProducts';
import { FinishDialog } from '../src/rooms/bench/FinishDialog';
import { usedNow } from '../src/rooms/bench/ProductsUsed';
import { metersOf } from '../src/rooms/bench/Meters';
import type { BenchTask } from '../src/rooms/bench/myTasks';
import { PartChips } from '../src/rooms/bench/PartChips';
import { partStates, partsLeft, partsWords, touchedPart } from '../src/rooms/bench/partStates';
import type { SideOrder } from '../src/rooms/bench/partStates';
import { BeginSoak, SoakClocks } from '../src/rooms/bench/SoakClocks';
import { FILE, KENNEL, PLAN } from './world';

const T0 = Date.parse('2026-06-17T08:00:00Z');
const MIN = 60_000;
const LEFT_FIRST: SideOrder = ['left', 'right'];
const names = { dog: () => 'Seraph' } as unknown as Names;
const soak = (more: Partial<SoakRecord> = {}): SoakRecord =>
  ({
    id: 's',
    product: 'whiteningWash',
    at: new Date(T0).toISOString(),
    leastMin: 5,
    mostMin: 10,
    ...more,
  }) as SoakRecord;

describe('parts of the dog', () => {
  const parts = DOG_PARTS.filter((p) => ['rear', 'tail'].includes(p.id));
  const touch = (
    ticked: ReadonlySet<string>,
    id: string,
    isOneFlank = false,
    order: SideOrder = LEFT_FIRST,
  ): Set<string> => {
    const next = new Set(ticked);
    const state = partStates(parts, ticked, isOneFlank).find((s) => s.part.id === id);
    if (state === undefined) throw new Error(id);
    for (const { line, isTicked } of touchedPart(state, isOneFlank, order)) {
      if (isTicked) next.add(line);
      else next.delete(line);
    }
    return next;
  };
  const doneOf = (ticked: ReadonlySet<string>, isOneFlank = false) =>
    partStates(parts, ticked, isOneFlank).map((s) => s.done);

  it('are done side by side, the first side first, and one touch more takes them back', () => {
    let ticked: ReadonlySet<string> = new Set<string>();
    ticked = touch(ticked, 'rear', false, ['right', 'left']);
    expect([...ticked]).toEqual([partTick('rear', 'right')]);
    expect(doneOf(ticked)).toEqual(['half', 'none']);
    ticked = touch(ticked, 'rear', false, ['right', 'left']);
    expect(doneOf(ticked)).toEqual(['all', 'none']);
    ticked = touch(ticked, 'rear');
    expect(ticked.size).toBe(0);
    ticked = touch(ticked, 'tail');
    expect(doneOf(ticked)).toEqual(['none', 'all']);
  });

  it('whose other side somebody else has ticked are whole after one touch', () => {
    expect(doneOf(touch(new Set([partTick('rear', 'left')]), 'rear', false, ['left', 'right']))[0]).toBe('all');
  });

  it('of work that goes flank by flank have no sides', () => {
    expect(doneOf(touch(new Set(), 'rear', true), true)).toEqual(['all', 'none']);
  });

  it('that are left are named with their side, and only where somebody ticks parts', () => {
    expect(partsLeft(partStates(parts, new Set(), false))).toEqual([]);
    const left = partsLeft(partStates(parts, new Set([partTick('rear', 'left')]), false));
    expect(partsWords(left)).toBe('rear, right side; tail');
  });

  it('are ticked by a touch and by their digit', () => {
    const ticks: unknown[] = [];
    const ticking = { ticked: new Set<string>(), onTick: (...tick: unknown[]) => ticks.push(tick) };
    render(<PartChips parts={parts} ticking={ticking} isOneFlank={false} order={LEFT_FIRST} linesOf={null} />);
    fireEvent.click(screen.getByRole('button', { name: /Tail/ }));
    fireEvent.keyDown(document.body, { key: '1', code: 'Digit1' });
    fireEvent.keyUp(document.body, { key: '1', code: 'Digit1' });
    expect(ticks).toEqual([
      [partTick('tail'), true],
      [partTick('rear', 'left'), true],
    ]);
  });

  it('say how many lines a brushing goes in, until they are done', () => {
    const ticking = { ticked: new Set([partTick('tail')]), onTick: () => undefined };
    const lines = (id: string): number => (id === 'rear' ? 13 : 1);
    const chips = (isOneFlank: boolean) => (
      <PartChips
        parts={parts}
        ticking={ticking}
        isOneFlank={isOneFlank}
        order={LEFT_FIRST}
        linesOf={({ id }) => lines(id)}
      />
    );
    const { rerender } = render(chips(false));
    expect(screen.getByRole('button', { name: /Rear/ })).toHaveTextContent('2 sides, 13 lines');
    expect(screen.getByRole('button', { name: /Tail/ })).toHaveTextContent('done');
    rerender(chips(true));
    expect(screen.getByRole('button', { name: /Rear/ })).toHaveTextContent(/^Rear13 lines$/);
  });
});

describe('a soak clock', () => {
  it.each([
    [0, 'leave it 5 min more'],
    [4.5, 'leave it 30 s more'],
    [6, 'rinse within 4 min'],
    [9.5, 'rinse within 30 s'],
    [10, 'rinse now'],
    [11, 'rinse now, 60 s over'],
    [14, 'rinse now, 4 min over'],
  ])('%d min in says: %s', (min, words) => {
    expect(soakNow(soak(), T0 + min * MIN).words).toBe(words);
  });

  it('fills as a drop, its dashed line at the label’s least', () => {
    expect(fillTop(0)).toBeGreaterThan(fillTop(0.5));
    expect(fillTop(2)).toBe(fillTop(1));
    const now = soakNow(soak(), T0 + 6 * MIN);
    const { container } = render(<SoakDrop soak={soak()} now={now} size={40} />);
    expect(container.querySelector('line')?.getAttribute('y1')).toBe(String(fillTop(0.5)));
    expect(soakWords(now)).toBe(now.words);
  });

  it('is ended by one touch, whoever began it, and is heard when its time is over', () => {
    const played: number[] = [];
    class Audio {
      readonly currentTime = 0;
      readonly destination = {};
      private readonly node = () => ({
        frequency: { value: 0 },
        gain: { setValueAtTime: () => undefined, linearRampToValueAtTime: () => undefined },
        connect: (to: unknown) => to,
        start: (when: number) => played.push(when),
        stop: () => undefined,
        addEventListener: () => undefined,
      });
      createOscillator = this.node;
      createGain = this.node;
      close = () => Promise.resolve();
    }
    const before = window.AudioContext;
    window.AudioContext = Audio as unknown as typeof AudioContext;
    const ended: OpenSoak[] = [];
    const open: OpenSoak = { soak: soak(), work: { dogId: 'd' } as WorkRecord };
    const clocks = (min: number) => (
      <SoakClocks soaks={[open]} names={names} now={T0 + min * MIN} onEnd={(o) => ended.push(o)} />
    );
    const { rerender } = render(clocks(9));
    expect(played).toEqual([]);
    rerender(clocks(10.1));
    expect(played).toHaveLength(2);
    rerender(clocks(10.2));
    expect(played).toHaveLength(2);
    expect(screen.getByText('Seraph: whitening wash')).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Rinsed' }));
    expect(ended).toEqual([open]);
    window.AudioContext = before;
  });

  it('is begun for the products of the task, each once at a time', () => {
    const begun: string[] = [];
    const task = (soaks: SoakRecord[]): BenchTask =>
      ({ activity: { key: 'k' }, work: { state: 'running', soaks }, startMs: T0 }) as unknown as BenchTask;
    const choices = [{ product: 'whiteningWash', leastMin: 5, mostMin: 10 }] as const;
    const buttons = (soaks: SoakRecord[]) => (
      <BeginSoak task={task(soaks)} choices={choices} onBegin={(c) => begun.push(c.product)} />
    );
    const { rerender } = render(buttons([]));
    fireEvent.click(screen.getByRole('button', { name: 'Whitening wash is on 5 to 10 min' }));
    expect(begun).toEqual(['whiteningWash']);
    rerender(buttons([soak()]));
    expect(screen.queryByRole('button')).toBeNull();
    rerender(buttons([soak({ endedAt: soak().at })]));
    expect(screen.getByRole('button')).toBeTruthy();
  });
});

describe('before a task is finished', () => {
  it('each check is confirmed by itself, and what is left on the dog is told', () => {
    const finished: (readonly string[])[] = [];
    render(
      <FinishDialog
        name="Seraph"
        ask={{ checks: ['feet', 'cotton'], left: 'tail' }}
        products={null}
        usedOf={(products) => products}
        onCancel={() => undefined}
        onFinish={(confirmed) => finished.push(confirmed)}
      />,
    );
    expect(screen.getByText('Not ticked on the dog: tail.')).toBeTruthy();
    expect(screen.getByRole('button', { name: '2 still to confirm' })).toBeDisabled();
    fireEvent.click(screen.getByRole('checkbox', { name: /Feet/ }));
    fireEvent.click(screen.getByRole('checkbox', { name: /Cotton out, left and right/ }));
    fireEvent.click(screen.getByRole('button', { name: 'Finish' }));
    expect(finished).toEqual([['feet', 'cotton']]);
  });
});

describe('the meters of a task', () => {
  const metersAt = (step: string, work: readonly WorkRecord[] = []): { name: string; words: string }[] =>
    metersOf({
      task: { activity: { key: 'k', dogId: 'd', step, people: [] }, work: null, startMs: T0 },
      ...{ personId: 'ivo', work, methods: undefined, now: T0 + 60 * MIN },
      kennel: { dogs: [], people: [], stations: [], breeds: [], entries: [], shows: [] },
      names: { zone: 'Europe/Oslo', dog: () => 'Seraph' },
    } as unknown as Parameters<typeof metersOf>[0]);
  const done = {
    dogId: 'd',
    personId: 'ivo',
    state: 'done',
    startedAt: new Date(T0).toISOString(),
    workedMs: 60 * MIN,
  };

  it('tell noise at the force dryer with the minutes that are left, and none at the quiet clipper', () => {
    const blown = { ...done, taskKey: 'a', step: 'forceDry' } as unknown as WorkRecord;
    // Protected ears hear 85 dBA: an hour is an eighth of the eight that are allowed (PUB-02).
    expect(metersAt('forceDry', [blown]).map((m) => m.words)).toEqual([
      expect.stringMatching(/^13 % of the day, \d+ % of the legal limit; enough after 420 min more$/),
    ]);
    expect(metersAt('clip')).toEqual([]);
  });

  it('tell the minutes with scissors of this person', () => {
    const cut = { ...done, taskKey: 'b', step: 'whiskers' } as unknown as WorkRecord;
    expect(metersAt('whiskers', [cut])).toMatchObject([{ name: 'Scissors', words: '60 of 240 min' }]);
  });
});

describe('products at the tub', () => {
  const bath = PLAN.activities.find((a) => a.step === 'bath' && a.state === 'planned');
  if (bath === undefined) throw new Error('no bath in the plan');
  const task = { activity: bath, work: null, startMs: 0 };
  const parts = partsAt(bath, KENNEL, FILE.settings.timeZone, undefined);

  it('each has its mix, its zones and what the label says; a touch is a tick, and taken off again', () => {
    const ticks: (readonly [string, boolean])[] = [];
    const list = (ticked: readonly string[]) => (
      <BathProducts
        parts={parts}
        methods={undefined}
        ticking={{ ticked: new Set(ticked), onTick: (line, is) => ticks.push([line, is]) }}
      />
    );
    const { rerender } = render(list([]));
    const items = screen.getAllByRole('listitem');
    expect(items).toHaveLength(parts.length);
    expect(items[0]).toHaveTextContent(/^Cleansing wash 1 : 10, [\d.]+ m?l.*all over.*rinse out completely/);
    const used = screen.getByRole('button', { name: 'Cleansing wash: used' });
    expect(used).toHaveAttribute('aria-pressed', 'false');
    fireEvent.click(used);
    rerender(list(['used.cleansingWash']));
    fireEvent.click(screen.getByRole('button', { name: 'Cleansing wash: used' }));
    expect(ticks).toEqual([
      ['used.cleansingWash', true],
      ['used.cleansingWash', false],
    ]);
  });

  it('the finish takes those that were ticked; where nobody ticks, those of the page', () => {
    const products = parts.map(({ product }) => ({ product, scope: 'whole' as const }));
    const at = (ticked: readonly string[], soaks: readonly object[] = []) =>
      usedNow({ ...task, work: { ticked, soaks } as unknown as Work }, products).map((u) => u.product);
    expect(at(['part.trunk.left'])).toEqual(products.map((p) => p.product));
    expect(at(['used.cleansingWash'])).toEqual(['cleansingWash']);
    expect(at(['used.cleansingWash'], [{ product: 'mildWash' }])).toEqual(['cleansingWash', 'mildWash']);
  });

  it('away from the tub there are none', () => {
    const finish = PLAN.activities.find((a) => a.step === 'finish');
    if (finish === undefined) throw new Error('nobody is finished');
    expect(partsAt(finish, KENNEL, FILE.settings.timeZone, undefined)).toEqual([]);
  });
});
