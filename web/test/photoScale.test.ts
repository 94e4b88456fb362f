/* A photo under the outline: scaled by the height at the withers, or by a stick of known length beside the dog. */
import { laid, stickWords } from '../src/rooms/outline/PhotoPart';

/** A square of a dog, 200 pixels wide and high, on the ground at 450 of 500 pixels. */
const traced = {
  ring: [
    [100, 250],
    [300, 250],
    [300, 450],
    [100, 450],
  ] as const,
  ...{ width: 400, height: 500, picture: 'photo' },
};
const usual = { by: 'height', withers: 0.8, stickTop: 0.8, stickMm: 1000, forward: 0, isTurned: false } as const;

it('by the height: the withers come to stand at it, the feet on the ground', () => {
  const photo = laid(traced, usual, 480);
  // 200 pixels x 0.8 are 480 mm: 3 mm a pixel.
  expect(photo.ring.map((p) => p[1])).toEqual([600, 600, 0, 0]);
  expect(photo.picture).toMatchObject({ left: -600, top: 1350, width: 1200, height: 1500 });
  expect(photo.markMm).toBe(480);
});

it('by a stick: its top comes to stand at its length, whatever height the dog is said to have', () => {
  // The stick reaches from the ground at 450 to 100 of 500 pixels: 350 pixels.
  const stick = { ...usual, by: 'stick', stickTop: 0.8, stickMm: 700 } as const;
  const photo = laid(traced, stick, 480);
  expect(photo.ring.map((p) => Math.round(p[1]))).toEqual([400, 400, 0, 0]);
  expect(photo.markMm).toBe(700);
  expect(laid(traced, stick, 999).ring).toEqual(photo.ring);
});

it('turned around and moved forward it keeps its scale', () => {
  const photo = laid(traced, { ...usual, isTurned: true, forward: 0.5 }, 480);
  expect(photo.ring.map((p) => p[0])).toEqual([540, -60, -60, 540]);
  expect(photo.picture).toMatchObject({ left: -360, width: 1200, isTurned: true });
});

it('a stick that disagrees with the known height is told', () => {
  expect(stickWords(442.4, 460)).toBe('By the stick the withers stand at 442 mm; 460 mm are known.');
  expect(stickWords(598, 610)).toBe('By the stick the withers stand at 598 mm; 610 mm are known.');
  expect(stickWords(560, 610)).toMatch(/610 mm are known\. That is far apart: stick, camera or stance lean/);
});
