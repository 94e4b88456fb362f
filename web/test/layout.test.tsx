/* The Countdown's rows and the ragged front agree; a strand draws every step that it is given. */
import { render } from '@testing-library/react';
import { countBackScale } from '@loyal-mane/core';
import type { CountdownDay, CountdownRow, StrandStep } from '@loyal-mane/core';
import { LEFT_PX, ROW_PX, TALL_ROW_PX, frontPath, layoutRows } from '../src/rooms/countdown/layout';
import { Strand } from '../src/rooms/countdown/Strand';

const HOUR = 3_600_000;
const NOW = Date.UTC(2026, 5, 17, 8);
const scale = countBackScale(7 * 24);

function row(id: string, hours: number, steps: StrandStep[] = [], problem = false): CountdownRow {
  return {
    dogId: id,
    entry: { id: `e${id}`, dogId: id, showId: 's', ringId: 'r', day: '2026-06-19', ringTime: '13:10' },
    ringMs: NOW + hours * HOUR,
    ring: 'Ring 1',
    also: [],
    steps,
    problem: problem
      ? {
          key: 'k',
          kind: 'show',
          dogId: id as never,
          entryId: null,
          step: null,
          reason: { code: 'noPlace', remedies: [] },
          waiting: [],
        }
      : null,
    spareMs: null,
    broken: [],
    without: [],
    isPlanned: true,
  };
}

const day = (rows: CountdownRow[]): CountdownDay => ({
  day: '2026-06-19' as never,
  firstRingMs: rows[0]?.ringMs ?? 0,
  rows,
});

it('stacks rows without gaps, taller where there is a problem', () => {
  const boxes = layoutRows([day([row('a', 48), row('b', 50, [], true), row('c', 52)])], scale, 700, NOW);
  expect(boxes.map((b) => b.kind)).toEqual(['head', 'row', 'row', 'row']);
  expect(boxes.slice(1).map((b) => b.height)).toEqual([ROW_PX, TALL_ROW_PX, ROW_PX]);
  boxes.slice(1).forEach((b, i) => expect(b.top).toBe((boxes[i]?.top ?? 0) + (boxes[i]?.height ?? 0)));
});

it('puts now further left on strands whose ring is later: the front is ragged', () => {
  const boxes = layoutRows([day([row('a', 48)]), day([row('b', 72)])], scale, 700, NOW).filter((b) => b.kind === 'row');
  expect(boxes[1]?.nowX).toBeLessThan(boxes[0]?.nowX ?? 0);
  expect(boxes[0]?.nowX).toBeCloseTo(LEFT_PX + scale.x(48) * 700, 6);
  const path = frontPath(boxes);
  expect(path.startsWith('M')).toBe(true);
  expect(path.match(/V/g)).toHaveLength(2);
});

it('draws running, planned, late, waiting and placeless steps each in its own way', () => {
  const step = (key: string, hours: number, state: StrandStep['state']): StrandStep => ({
    key,
    step: 'bath',
    state,
    atMs: NOW + hours * HOUR,
  });
  const steps = [
    step('d', -20, 'done'),
    step('r', 0, 'running'),
    step('l', 6, 'late'),
    step('n', 14, 'noPlace'),
    step('p', 30, 'planned'),
  ];
  const { container } = render(
    <svg>
      <Strand row={row('a', 48, steps)} scale={scale} left={0} width={700} nowMs={NOW} nights={[]} />
    </svg>,
  );
  expect(container.querySelectorAll('use')).toHaveLength(5);
  expect(container.querySelectorAll('circle[r="11"]')).toHaveLength(1);
  expect(container.querySelectorAll('rect[stroke-dasharray]')).toHaveLength(1);
});
