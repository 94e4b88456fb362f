/* The coat map's other pictures: every zone can be touched somewhere, and left is left. */
import { ZONE_IDS, bodyRow, dogOutline, lensesOf, planView, zoneShapes } from '@loyal-mane/core';
import { DEFAULT_BODY } from '../src/outline/bodyRow.js';
import type { BodyRow, Point } from '@loyal-mane/core';

const SHAPES: readonly (readonly [string, BodyRow])[] = [
  ['middling', DEFAULT_BODY],
  ['pricked and long', bodyRow({ ear: 'prick', length: 1.6, hair: { all: [0.05, 0.1] } })],
  ['no tail', bodyRow({ tailLength: 0 })],
];

function inside([x, y]: Point, line: readonly Point[]): boolean {
  let odd = false;
  line.forEach(([x1, y1], i) => {
    const [x2, y2] = line[(i + 1) % line.length] as Point;
    if (y1 > y !== y2 > y && x < ((x2 - x1) * (y - y1)) / (y2 - y1) + x1) odd = !odd;
  });
  return odd;
}

describe.each(SHAPES)('a %s dog', (_, row) => {
  const outline = dogOutline(row);
  const drawn = [
    ...zoneShapes(outline).map((z) => z.zone),
    ...lensesOf(outline).flatMap((l) => l.zones.map((z) => z.zone)),
    ...(['above', 'beneath'] as const).flatMap((s) => planView(row, s).zones.map((z) => z.zone)),
  ];

  it('has every zone in some picture', () => {
    expect(ZONE_IDS.filter((z) => !drawn.includes(z))).toEqual([]);
  });

  it.each(['above', 'beneath'] as const)('seen from %s has its left where it belongs, mirrored beneath', (side) => {
    const view = planView(row, side);
    for (const zone of view.zones) {
      if (zone.side === 'middle') continue;
      expect(Math.sign(zone.center[1])).toBe((zone.side === 'left') === (side === 'above') ? 1 : -1);
    }
    const paired = view.zones.filter((z) => z.side === 'left').map((z) => z.zone);
    expect(
      view.zones
        .filter((z) => z.side === 'right')
        .map((z) => z.zone)
        .sort(),
    ).toEqual([...paired].sort());
  });

  it.each(['above', 'beneath'] as const)('leaves no gap along its axis from %s', (side) => {
    const { line, zones, box } = planView(row, side);
    const [x0, x1] = box;
    for (let k = 1; k < 60; k++) {
      const at: Point = [x0 + ((x1 - x0) * k) / 60, 0.001];
      if (inside(at, line)) expect(zones.some((z) => inside(at, z.polygon))).toBe(true);
    }
  });

  it('keeps what is under a lens inside it', () => {
    for (const lens of lensesOf(outline)) {
      for (const zone of lens.zones) {
        const far = Math.hypot(zone.center[0] - lens.center[0], zone.center[1] - lens.center[1]);
        expect(far).toBeLessThan(lens.radius);
      }
    }
  });
});
