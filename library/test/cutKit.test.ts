/* Blades and comb of a person's kit. */
import { cutWith } from '@loyal-mane/core';
import { BLADES_MM, COMB_TOOTH_MM, cutKitOf } from '../src/index.js';

const names = (kit: Parameters<typeof cutKitOf>[0]): string[] => cutKitOf(kit).blades.map((b) => b.name);

it('nobody wrote it down: everything; a clipper without blades named: all blades, no comb', () => {
  expect(cutKitOf(undefined)).toEqual({ blades: BLADES_MM, toothMm: COMB_TOOTH_MM });
  expect(cutKitOf([{ tool: 'clipper' }])).toEqual({ blades: BLADES_MM, toothMm: null });
});

it('only what is named, however it is written; what no blade is called is passed over', () => {
  expect(names([{ tool: 'clipper', blade: '#10, 7f; 1/2 in comb, gold' }])).toEqual(['#10', '#7F', '1/2 in comb']);
  expect(names([{ tool: 'longStraight' }])).toEqual([]);
});

it('a length becomes what that person has: a blade, a comb at a tilt, else shears by eye', () => {
  const whole = cutKitOf([{ tool: 'clipper', blade: '#7F' }, { tool: 'wideComb' }]);
  const way = (mm: number, { blades, toothMm } = whole) => cutWith(mm, blades, toothMm, false).what;
  expect([way(3), way(6), way(50)]).toEqual(['blade', 'comb', 'shears']);
  expect(way(6, cutKitOf([{ tool: 'clipper', blade: '#7F' }]))).toBe('shears');
});
