/* The coat at the bench: drying in the room’s air, brushing in half the time, lengths that were left at the last trim. */
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { dryingIn, wallToMs } from '@loyal-mane/core';
import type { LocalDay, WallTime } from '@loyal-mane/core';
import { DOG_PARTS } from '@loyal-mane/library';
import { DriedInTwo } from '../src/rooms/bench/DriedInTwo';
import { DryingPanel, dryingWords, wetDog } from '../src/rooms/bench/DryingPanel';
import { LastLengths, lastLengths } from '../src/rooms/bench/LastLengths';
import { MovementCheck } from '../src/rooms/bench/MovementCheck';
import { TrimCuts } from '../src/rooms/bench/TrimCuts';
import { ShortTime } from '../src/rooms/bench/ShortTime';
import type { Dog } from '../src/parts/dogRecord';
import { FILE, KENNEL, PLAN, show, stored } from './world';

// Text is not measured in these tests; the curve itself is looked at in the browser.
jest.mock('../src/parts/DryingCurve', () => ({
  __esModule: true,
  default: ({ label }: { readonly label: string }) => <div role="img" aria-label={label} />,
}));

const dogOf = (name: string): Dog => {
  const dog = KENNEL.dogs.find((d) => d.name === name);
  if (dog === undefined) throw new Error(`no dog is called ${name}`);
  return dog;
};
const heat = (name: string) => {
  const found = PLAN.activities.find(
    (a) => a.dogId === dogOf(name).id && a.step === 'heatDry' && a.state === 'planned',
  );
  if (found === undefined) throw new Error(`${name} is not dried`);
  return found;
};

it('a coat that is dried in two goes says so at both dryers, and no other does', () => {
  const task = heat('Lovage');
  const notes = [{ dogId: task.dogId, entryId: task.entryId as never, note: { code: 'heatLater' as const } }];
  const plan = { ...PLAN, notes: [...PLAN.notes, ...notes] };
  const at = (step: 'forceDry' | 'heatDry', entryId = task.entryId) => <DriedInTwo activity={{ entryId, step }} />;
  const { unmount } = show(at('forceDry'), { view: { published: stored(plan) } });
  expect(screen.getByRole('region', { name: 'Dried in two goes' })).toHaveTextContent(
    /Heat comes \w+day \d\d:\d\d: dry/,
  );
  unmount();
  const later = show(at('heatDry'), { view: { published: stored(plan) } });
  expect(screen.getByRole('region', { name: 'Dried in two goes' })).toHaveTextContent(/mist each part to the root/);
  later.unmount();
  show(at('forceDry', heat('Seraph').entryId), { view: { published: stored(plan) } });
  expect(screen.queryByRole('region', { name: 'Dried in two goes' })).not.toBeInTheDocument();
});

describe('drying', () => {
  it('has the plan’s minutes of both phases on the task’s day', () => {
    const task = heat('Lovage');
    const wet = wetDog(dogOf('Lovage'), task, PLAN.activities);
    expect(wet.heatMin).toBeCloseTo(task.minutes.middle, 6);
    expect(wet.blowMin).toBeGreaterThan(0);
    expect(wetDog(dogOf('Seraph'), heat('Seraph'), PLAN.activities).blowMin).toBe(0);
  });

  it('says what the room’s air makes of them, and what a drier one would save', () => {
    const wet = wetDog(dogOf('Seraph'), heat('Seraph'), PLAN.activities);
    const words = (humidity: number): string => {
      const air = { celsius: 22, humidity };
      return dryingWords(wet, air, dryingIn(wet, air));
    };
    expect(words(0.9)).toMatch(/^Heat takes about \d+ min in it; aired and at 40 % it would be \d+ min less\.$/);
    expect(words(0.4)).toMatch(/^Heat takes about \d+ min in it\.$/);
    expect(
      dryingWords(
        { ...wet, heatMin: 0 },
        { celsius: 22, humidity: 0.5 },
        dryingIn({ ...wet, heatMin: 0 }, { celsius: 22, humidity: 0.5 }),
      ),
    ).toMatch(/^Blown out only/);
  });

  it('stands at the bench with the room’s air, a curve and where the time goes; without a sensor nothing is invented', async () => {
    const panel = <DryingPanel dog={dogOf('Seraph')} activity={heat('Seraph')} workedMin={3} />;
    const { unmount } = show(panel);
    expect(screen.queryByRole('region', { name: 'Drying' })).not.toBeInTheDocument();
    unmount();
    show(panel, { air: { at: '2026-06-17T05:00:00Z', celsius: 21.3, humidity: 0.62 } });
    const drying = screen.getByRole('region', { name: 'Drying' });
    expect(drying).toHaveTextContent('Wet room: 21.3 °C, 62 % humidity.');
    expect(drying).toHaveTextContent(/Longest: \w+ \d+ min, /);
    expect(await screen.findByRole('img', { name: /^Water in the coat: \d+ g after the towel/ })).toBeInTheDocument();
  });

  it('tells degrees in the measures of this device', () => {
    localStorage.setItem('loyal-mane-measure', 'us');
    show(<DryingPanel dog={dogOf('Seraph')} activity={heat('Seraph')} workedMin={3} />, {
      air: { at: '2026-06-17T05:00:00Z', celsius: 21.3, humidity: 0.62 },
    });
    localStorage.removeItem('loyal-mane-measure');
    expect(screen.getByRole('region', { name: 'Drying' })).toHaveTextContent('Wet room: 70.3 °F, 62 % humidity.');
  });
});

describe('half the time for a brushing', () => {
  it('names parts of the dog and how many of its knots lie there; nothing for a smooth coat', () => {
    const { container } = show(<ShortTime dog={dogOf('Fenn')} parts={DOG_PARTS} today={FILE.startDay} />, {
      methods: {},
    });
    const told = /^Only half the time\? (.+): (\d+) of 10 knots are to be expected there\.$/.exec(
      container.textContent.trim(),
    );
    expect(told?.[1]).toMatch(/ears/);
    expect(Number(told?.[2])).toBeGreaterThanOrEqual(6);
  });
});

describe('lengths at a trim', () => {
  const lengths = [
    { zone: 'back', mm: 30, day: '2026-05-01' },
    { zone: 'back', mm: 34, day: '2026-06-10' },
    { zone: 'earFront', mm: 12, day: '2026-06-11' },
  ];
  const dog = { ...dogOf('Nocci'), record: { ...dogOf('Nocci').record, lengths } } as Dog;

  it('are the newest of each zone that the step cuts', () => {
    expect(lastLengths(dog, 'fineTrim').map((l) => [l.zone, l.mm])).toEqual([
      ['earFront', 12],
      ['back', 34],
    ]);
    expect(lastLengths(dog, 'ears').map((l) => l.zone)).toEqual(['earFront']);
    expect(lastLengths(dog, 'bath')).toEqual([]);
    show(<LastLengths dog={dog} step="fineTrim" />);
    expect(screen.getByText(/^Last measured/)).toHaveTextContent(/back 34 mm \(10 Jun\)/);
  });
});

describe('a trim at the table', () => {
  const noon = wallToMs('2026-06-17' as LocalDay, '12:00' as WallTime, FILE.settings.timeZone);
  const sent: unknown[] = [];
  beforeEach(() => {
    sent.length = 0;
    globalThis.fetch = (async (input: Request) => {
      if (input.method === 'GET') return new Response('{}', { status: 404 });
      sent.push(await input.clone().json());
      return Response.json({ id: 'x', version: 2 });
    }) as typeof fetch;
  });

  it('tells what comes off each zone of the session, takes the length back, and says a slip at once', async () => {
    show(<TrimCuts dog={dogOf('Brisk')} step="fineTrim" personId={null} nowMs={noon} />);
    const part = within(screen.getByRole('region', { name: 'What comes off' }));
    expect(part.getByText('Hock').parentElement).toHaveTextContent(/too short on the day, long enough on \d+ J/);
    const back = within(part.getByText('Back').closest('.trim-zone') as HTMLElement);
    // Nobody wrote the kit down: 31 mm stand at a comb of 38 mm that is tilted by asin(31/38), 55 degrees.
    expect(part.getByText('Back').parentElement).toHaveTextContent(/Shears over a comb at 5[3-6] degrees\./);
    fireEvent.click(back.getByRole('button', { name: /^Cut to 31(\.5)? mm$/ }));
    await waitFor(() => expect(sent).toMatchObject([{ what: 'length', zone: 'back', mm: 31 }]));
  });

  it('tells both sides where one was measured otherwise, and writes the length down for its side', async () => {
    show(<TrimCuts dog={dogOf('Brisk')} step="fineTrim" personId={null} nowMs={noon} />);
    const part = within(screen.getByRole('region', { name: 'What comes off' }));
    const right = within(part.getByText('Foreleg, right').closest('.trim-zone') as HTMLElement);
    const left = part.getByText('Foreleg, left').closest('.trim-zone');
    expect(left?.textContent).not.toBe(part.getByText('Foreleg, right').closest('.trim-zone')?.textContent);
    fireEvent.change(right.getByLabelText('Measured after the cut, mm: foreleg, right'), { target: { value: '31' } });
    fireEvent.click(right.getByRole('button', { name: 'Write down' }));
    await waitFor(() => expect(sent).toMatchObject([{ what: 'length', zone: 'foreleg', mm: 31, side: 'right' }]));
  });

  it('keeps how the outline was in movement, and where', async () => {
    show(<MovementCheck dog={dogOf('Brisk')} />);
    const part = within(screen.getByRole('region', { name: 'In movement' }));
    fireEvent.change(part.getByLabelText('What was seen'), { target: { value: 'tail swings' } });
    fireEvent.click(part.getByRole('button', { name: 'Too long' }));
    await waitFor(() =>
      expect(sent).toMatchObject([{ what: 'moved', seen: 'tooLong', zones: [], text: 'tail swings' }]),
    );
  });

  it('falls back to the last lengths on a step that the outline has nothing to say of', () => {
    show(<TrimCuts dog={dogOf('Brisk')} step="nails" personId={null} nowMs={noon} />);
    expect(screen.queryByRole('region', { name: 'What comes off' })).toBeNull();
  });
});
