/* Sliding window minima against looking at every item, with more channels than the first buffers hold. */
import { makeRng } from '../src/index.js';
import { SlidingMinima } from '../src/slidingMinima.js';

it.each([3, 5000])('%d channels find what looking at every item finds', (channels) => {
  const rng = makeRng(9);
  const minima = new SlidingMinima();
  minima.begin(channels, 40);
  const items = Array.from({ length: channels }, (): { item: number; value: number }[] => []);
  let asked = 0;
  for (let item = 0; item < 40; item++) {
    for (const c of [0, 1, channels - 1]) {
      const value = rng.below(50);
      minima.push(c, item, value, item);
      items[c]?.push({ item, value });
      const least = item - 7;
      const slow = Math.min(...(items[c] ?? []).filter((x) => x.item >= least).map((x) => x.value));
      expect(minima.value(c, least)).toBe(slow);
      expect(items[c]?.[minima.state(c)]?.value).toBe(slow);
      asked++;
    }
  }
  expect(asked).toBe(120);
});
