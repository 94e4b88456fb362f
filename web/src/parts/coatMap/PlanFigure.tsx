/*
 * The coat from above or from beneath, the dog facing right; left and right are written beside it.
 */
import { useId } from 'react';
import { pathOf } from '@loyal-mane/core';
import type { PlanView, Point, View } from '@loyal-mane/core';
import { ZoneButton, ZoneMark, isChosen, tabStops } from './ZoneButton';
import type { MapProps } from './ZoneButton';
import { inView } from './SideFigure';

const WIDTH = 400;
const HEIGHT = 86;
const MARGIN = 18;

interface Props extends MapProps {
  readonly title: string;
  readonly view: PlanView;
  /** Which side lies up in the picture. */
  readonly upper: 'L' | 'R';
}

/** A dog from above or beneath. */
export function PlanFigure({ title, view, upper, ...map }: Props) {
  const id = useId();
  const [x0, x1, half] = view.box;
  const scale = Math.min((WIDTH - 2 * MARGIN) / (x1 - x0), (HEIGHT - 8) / (2 * half));
  const at: View = { scale, x: WIDTH / 2 - ((x0 + x1) / 2) * scale, y: HEIGHT / 2, mirrored: false };
  const stops = tabStops(view.zones.map((z) => z.zone));
  const seen = new Set<string>();
  return (
    <figure>
      <figcaption>
        <b>{title}</b>
      </figcaption>
      <svg viewBox={`0 0 ${String(WIDTH)} ${String(HEIGHT)}`} role="group" aria-label={title}>
        <text x={2} y={HEIGHT / 2 - 22} fontSize={13} fill="var(--soft)">
          {upper}
        </text>
        <text x={2} y={HEIGHT / 2 + 30} fontSize={13} fill="var(--soft)">
          {upper === 'L' ? 'R' : 'L'}
        </text>
        <clipPath id={id}>
          <path d={pathOf(view.line, at)} />
        </clipPath>
        <g clipPath={`url(#${id})`}>
          {view.zones.map((z) => {
            const first = !seen.has(z.zone);
            seen.add(z.zone);
            return (
              <ZoneButton
                key={`${z.zone}${z.side}`}
                zone={z.zone}
                side={z.side === 'middle' ? null : z.side}
                d={pathOf(z.polygon, at)}
                at={inView(within(z.center, view), at)}
                stop={first && stops.has(z.zone)}
                {...map}
              />
            );
          })}
        </g>
        {view.zones.map((z) => {
          const tint = map.tintOf(z.zone, z.side === 'middle' ? null : z.side);
          const place = inView(within(z.center, view), at);
          return (
            <ZoneMark
              key={`${z.zone}${z.side}`}
              at={place}
              tint={tint}
              chosen={isChosen(map, z.zone, z.side === 'middle' ? null : z.side)}
            />
          );
        })}
      </svg>
    </figure>
  );
}

/** A mark's place drawn in to where the coat really is. */
function within([x, y]: Point, view: PlanView): Point {
  const near = view.line.filter(([lx]) => Math.abs(lx - x) < 0.06).map(([, ly]) => Math.abs(ly));
  const half = near.length === 0 ? view.box[2] : Math.max(...near);
  return [x, Math.sign(y) * Math.min(Math.abs(y), half * 0.7)];
}
