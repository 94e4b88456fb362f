/* Open work before a step, in words: a sentence for every reason, and each says what its being open does. */
import { ORDER_WHYS } from '@loyal-mane/core';
import { openBeforeWords } from '../src/words/index.js';

it('names the step that is open, then what that does', () => {
  expect(openBeforeWords('brushOut1', 'matsSet')).toBe('Brush-out is not finished. Water sets mats.');
  expect(openBeforeWords('dryCheck', 'untested')).toBe(
    'Dry and straight check is not finished. Scissors, clippers and rake need a coat that was tested dry.',
  );
});

it('has a sentence of its own for every reason', () => {
  const told = ORDER_WHYS.map((why) => openBeforeWords('bath', why));
  expect(new Set(told).size).toBe(ORDER_WHYS.length);
  for (const words of told) expect(words).toMatch(/^Bath is not finished\. [A-Z].*\.$/);
});
