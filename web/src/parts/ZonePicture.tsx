/*
 * A dog's own picture with some of its zones lit: where the next line of a guided sequence is done.
 */
import { useId, useMemo } from 'react';
import { PART_IDS, dogOutline, pathOf, viewIn, zoneShapes } from '@loyal-mane/core';
import type { View, ZoneId } from '@loyal-mane/core';
import { BODY_SHAPES } from '@loyal-mane/library';
import { zonesWords } from '@loyal-mane/library/words';

/** Zones that a side view does not show, and the one around each that it does. */
const SEEN_AS: Readonly<Partial<Record<ZoneId, ZoneId>>> = {
  stop: 'brow',
  eyeCorner: 'brow',
  earFront: 'earSurface',
  earBack: 'earSurface',
  earUnder: 'earSurface',
  earFringe: 'earSurface',
  behindEar: 'earSurface',
  collarSeat: 'neckSide',
  armpit: 'upperArm',
  innerForeleg: 'foreleg',
  foreToes: 'forefoot',
  forePads: 'forefoot',
  mammaryLine: 'belly',
  loinSkirt: 'flank',
  innerThigh: 'outerThigh',
  hindToes: 'hindfoot',
  hindPads: 'hindfoot',
  vent: 'breeches',
  tailSet: 'croup',
  tailTip: 'tail',
};

const WIDTH = 300;
const HEIGHT = 190;

/** A dog from its left side; `zones` are lit. */
export default function ZonePicture({ badge, zones }: { badge: string; zones: readonly ZoneId[] }) {
  const id = useId();
  const shape = BODY_SHAPES[badge];
  const dog = useMemo(() => {
    if (shape === undefined) return null;
    const outline = dogOutline(shape);
    return { outline, shapes: zoneShapes(outline) };
  }, [shape]);
  if (dog === null) return null;
  const { outline, shapes } = dog;
  const fitted = viewIn(outline, WIDTH - 12, HEIGHT - 12, true);
  const view: View = { ...fitted, x: fitted.x + 6, y: fitted.y + 6 };
  const lit = new Set(zones.map((z) => SEEN_AS[z] ?? z));
  return (
    <svg
      className="zone-picture"
      viewBox={`0 0 ${String(WIDTH)} ${String(HEIGHT)}`}
      role="img"
      aria-label={zones.length === 0 ? 'The dog' : `Where: ${zonesWords(zones)}`}
    >
      {PART_IDS.filter((p) => outline.coat.has(p)).map((p) => {
        const line = pathOf(outline.coat.get(p) ?? [], view);
        return (
          <g key={p}>
            <clipPath id={`${id}${p}`}>
              <path d={line} />
            </clipPath>
            <path d={line} fill="var(--worn)" stroke="var(--edge)" strokeWidth={1} />
            <g clipPath={`url(#${id}${p})`}>
              {shapes
                .filter((s) => s.part === p && lit.has(s.zone))
                .map((s) => (
                  <path key={s.zone} d={pathOf(s.polygon, view)} fill="var(--tarn)" />
                ))}
            </g>
          </g>
        );
      })}
    </svg>
  );
}
