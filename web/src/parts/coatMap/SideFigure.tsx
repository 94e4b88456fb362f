/*
 * A dog in side view with its zones; far legs behind, parts over each other as they are painted.
 */
import { useId } from 'react';
import { PART_IDS, pathOf, viewIn } from '@loyal-mane/core';
import type { DogOutline, PartId, Point, View, ZoneShape } from '@loyal-mane/core';
import { ZoneButton, ZoneMark, isChosen, sideOf, tabStops } from './ZoneButton';
import type { MapProps } from './ZoneButton';

const WIDTH = 400;
const HEIGHT = 238;
const SMALLEST_MARK_PX = 30;

/** A point of the dog in pixels of a view. */
export function inView([x, y]: Point, view: View): readonly [number, number] {
  return [view.x + (view.mirrored ? -1 : 1) * x * view.scale, view.y - y * view.scale];
}

interface Props extends MapProps {
  readonly side: 'left' | 'right';
  readonly outline: DogOutline;
  readonly shapes: readonly ZoneShape[];
}

/** A dog from one side. */
export function SideFigure({ side, outline, shapes, ...map }: Props) {
  const left = side === 'left';
  const view = viewIn(outline, WIDTH - 16, HEIGHT - 12, left);
  const at: View = { ...view, x: view.x + 8, y: view.y + 8 };
  const name = left ? 'Left side' : 'Right side';
  return (
    <figure>
      <figcaption>
        <b>{name}</b>
        {left ? ', seen by the judge' : ''}
      </figcaption>
      <svg viewBox={`0 0 ${String(WIDTH)} ${String(HEIGHT)}`} role="group" aria-label={name}>
        <SideZones side={side} outline={outline} shapes={shapes} view={at} {...map} />
        <path d={`M8 ${String(at.y)}H${String(WIDTH - 8)}`} stroke="var(--edge)" />
      </svg>
    </figure>
  );
}

/** The zones alone, in any view: the lens shows the same ones larger. */
export function SideZones({ side, outline, shapes, view, ...map }: Props & { readonly view: View }) {
  const id = useId();
  const stops = tabStops(shapes.map((s) => s.zone));
  const part = (p: PartId): string => {
    const line = outline.coat.get(p);
    return line === undefined ? '' : pathOf(line, view);
  };
  return (
    <>
      <path d={part('farHind') + part('farFore')} fill="var(--worn)" opacity={0.7} />
      {PART_IDS.filter((p) => p !== 'farHind' && p !== 'farFore' && outline.coat.has(p)).map((p) => (
        <g key={p}>
          <clipPath id={`${id}${p}`}>
            <path d={part(p)} />
          </clipPath>
          <g clipPath={`url(#${id}${p})`}>
            {shapes
              .filter((s) => s.part === p)
              .map((s) => (
                <ZoneButton
                  key={s.zone}
                  zone={s.zone}
                  side={sideOf(s.zone, side)}
                  d={pathOf(s.polygon, view)}
                  at={inView(s.center, view)}
                  stop={stops.has(s.zone)}
                  {...map}
                />
              ))}
          </g>
          <path
            d={part(p)}
            fill="none"
            stroke={p === 'trunk' || p === 'ear' ? 'var(--sheet)' : 'none'}
            strokeWidth={1.6}
            pointerEvents="none"
          />
        </g>
      ))}
      {view.scale >= SMALLEST_MARK_PX &&
        shapes.map((s) => (
          <ZoneMark
            key={s.zone}
            at={inView(s.center, view)}
            tint={map.tintOf(s.zone, sideOf(s.zone, side))}
            chosen={isChosen(map, s.zone, sideOf(s.zone, side))}
          />
        ))}
    </>
  );
}
