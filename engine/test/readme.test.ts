/* The README's example runs as it stands there, and sizes beyond the limits are refused in words. */
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { runInNewContext } from 'node:vm';
import * as engine from '../src/index.js';
import type { SearchResult } from '../src/index.js';
import { quiet } from './fitWorld.js';

it('the ten lines of the README place both jobs, the urgent one first', () => {
  const readme = readFileSync(path.join(__dirname, '../README.md'), 'utf8');
  const example = /```js\n([\s\S]*?)```/.exec(readme)?.[1] ?? '';
  const body = example.replace(/import (\{[^}]*\}) from '[^']*';/, 'const $1 = engine;');
  expect(body).toContain('= engine;');
  const found = runInNewContext(`${body}\n({ schedule, cost, unplaced });`, { engine }) as SearchResult;
  const { schedule, cost, unplaced } = found;
  expect(unplaced).toEqual([]);
  // By hand: the second job goes first, and each slot after its ideal start costs one.
  const [wash, rest, second] = schedule.map((place) => place?.start);
  expect([wash, rest, second]).toEqual([3, 6, 0]);
  expect(cost).toBe(9);
});

it('a model beyond the limits is refused with its size', () => {
  const small = { horizon: 10, jobs: [{}], chains: [{ job: 0, cost: 1, activities: [{ duration: 2 }] }] };
  const model = (more: object) => engine.buildModel({ ...small, ...more });
  const refused = (more: object) => () => engine.solve(model(more), quiet(1, 0));
  expect(refused({})).not.toThrow();
  expect(refused({ workers: Array.from({ length: 1025 }, () => ({})) })).toThrow(
    'The model has 1025 workers; the engine takes 1024 at most.',
  );
  const long = [{ job: 0, cost: 1, activities: [{ duration: 5000 }] }];
  expect(refused({ horizon: 6000, chains: long })).toThrow('5000 slots in its longest activity');
});
