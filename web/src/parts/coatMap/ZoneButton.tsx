/*
 * One zone of a coat picture as a button: by pointer, by Enter or space, and by arrows to the neighbor that lies there. Tab
 * goes from region to region.
 */
import type { KeyboardEvent } from 'react';
import type { ZoneId } from '@loyal-mane/core';
import { ZONES, ZONE_NAMES } from '@loyal-mane/library';
import './coatMap.css';

/** How a zone is shown: its color, a short mark that says the same without color, and words. */
export interface ZoneTint {
  readonly fill: string;
  readonly mark: string;
  readonly words: string;
}

/** Which of a paired zone; null where the picture shows both or the zone has no sides. */
export type MapSide = 'left' | 'right' | null;

/** Properties of every picture of a coat map. */
export interface MapProps {
  readonly tintOf: (zone: ZoneId, side: MapSide) => ZoneTint;
  readonly chosen: ZoneId | null;
  /** Which of a paired zone is chosen; null or absent = either. */
  readonly chosenSide?: MapSide;
  readonly onChoose: (zone: ZoneId, side: MapSide) => void;
}

const PAIRED = new Set(ZONES.filter((z) => z.paired).map((z) => z.id));
const REGION = new Map(ZONES.map((z) => [z.id, z.region]));

/** The side that a zone has in a picture of one side. */
export function sideOf(zone: ZoneId, side: 'left' | 'right'): MapSide {
  return PAIRED.has(zone) ? side : null;
}

/** Zones of a picture that Tab stops at: the first of each region. */
export function tabStops(zones: readonly ZoneId[]): ReadonlySet<ZoneId> {
  const first = new Map<string, ZoneId>();
  for (const zone of zones) {
    const region = REGION.get(zone) ?? '';
    if (!first.has(region)) first.set(region, zone);
  }
  return new Set(first.values());
}

interface ButtonProps extends MapProps {
  readonly zone: ZoneId;
  readonly side: MapSide;
  readonly d: string;
  /** Place of its mark, pixels of the picture: what arrows go by. */
  readonly at: readonly [x: number, y: number];
  readonly stop: boolean;
}

/** Whether a zone of a picture is the chosen one. */
export function isChosen(map: Pick<MapProps, 'chosen' | 'chosenSide'>, zone: ZoneId, side: MapSide): boolean {
  const other = side !== null && map.chosenSide != null && map.chosenSide !== side;
  return zone === map.chosen && !other;
}

/** A zone that can be chosen by touch or keyboard. */
export function ZoneButton({ zone, side, d, at, stop, tintOf, onChoose, ...map }: ButtonProps) {
  const tint = tintOf(zone, side);
  const name = side === null ? ZONE_NAMES[zone] : `${ZONE_NAMES[zone]}, ${side}`;
  return (
    <path
      d={d}
      fill={tint.fill}
      stroke="var(--sheet)"
      strokeWidth={1.6}
      role="button"
      tabIndex={stop ? 0 : -1}
      aria-label={`${name}: ${tint.words}`}
      aria-pressed={isChosen(map, zone, side)}
      className="zone"
      data-x={at[0]}
      data-y={at[1]}
      onClick={() => onChoose(zone, side)}
      onKeyDown={(e) => {
        if (e.key === 'Enter' || e.key === ' ') {
          e.preventDefault();
          onChoose(zone, side);
        } else if (ARROWS[e.key] !== undefined) {
          e.preventDefault();
          neighbor(e)?.focus();
        }
      }}
    />
  );
}

const ARROWS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/** The nearest zone of the same picture in the direction of an arrow; sideways distance counts double. */
function neighbor(e: KeyboardEvent<SVGPathElement>): SVGPathElement | null {
  const here = e.currentTarget;
  const [dx, dy] = ARROWS[e.key] ?? [0, 0];
  const place = (p: SVGPathElement): readonly [number, number] => [Number(p.dataset['x']), Number(p.dataset['y'])];
  const [x, y] = place(here);
  let best: SVGPathElement | null = null;
  let least = Infinity;
  for (const other of here.ownerSVGElement?.querySelectorAll<SVGPathElement>('path.zone') ?? []) {
    const [ox, oy] = place(other);
    const along = (ox - x) * dx + (oy - y) * dy;
    const off = Math.abs((ox - x) * dy) + Math.abs((oy - y) * dx);
    if (other === here || along <= 0.5) continue;
    const far = along + 2 * off;
    if (far < least) [best, least] = [other, far];
  }
  return best;
}

/** A zone's short mark, ringed when it is chosen. */
export function ZoneMark({ at, tint, chosen }: { at: readonly [number, number]; tint: ZoneTint; chosen: boolean }) {
  return (
    <g pointerEvents="none">
      {chosen && <circle cx={at[0]} cy={at[1]} r={9} fill="none" stroke="var(--ink)" strokeWidth={2.2} />}
      <text x={at[0]} y={at[1] + 4} textAnchor="middle" fontSize={11.5} fontWeight={650} fill="var(--ink)">
        {tint.mark}
      </text>
    </g>
  );
}
