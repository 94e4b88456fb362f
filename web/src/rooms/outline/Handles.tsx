/*
 * Places of the body that are dragged: each is a measure. Arrows move it by a millimeter, with Shift by ten.
 */
import { frameOf, measureOf } from '@loyal-mane/core';
import type { BodyRow, OutlineAsk, OutlineMeasure, Point } from '@loyal-mane/core';
import { MEASURE_WORDS } from '@loyal-mane/library/words';
import { useRef } from 'react';
import type { KeyboardEvent, PointerEvent } from 'react';
import type { PictureView } from './OutlinePicture';

/** A measure that a handle moves along an axis: mm of the measure for one of the drawing. */
interface Pull {
  readonly measure: OutlineMeasure;
  readonly axis: 0 | 1;
  readonly sign: 1 | -1;
}

interface Handle {
  readonly id: string;
  readonly at: (m: BodyRow) => Point;
  readonly pulls: readonly Pull[];
}

const pull = (measure: OutlineMeasure, axis: 0 | 1, sign: 1 | -1): Pull => ({ measure, axis, sign });

const HANDLES: readonly Handle[] = [
  {
    id: 'forechest',
    at: (m) => [m.forechest, 1 - m.depth + 0.2],
    // The rump stays where it is: the body grows by as much.
    pulls: [pull('forechest', 0, 1), pull('bodyLength', 0, 1)],
  },
  { id: 'rump', at: (m) => [frameOf(m).rumpX, m.rump], pulls: [pull('bodyLength', 0, -1), pull('rumpHeight', 1, 1)] },
  { id: 'brisket', at: (m) => [m.forechest - 0.26, 1 - m.depth], pulls: [pull('chestDepth', 1, -1)] },
  { id: 'dip', at: (m) => [-0.12, 0.985 - m.dip], pulls: [pull('dipDepth', 1, -1)] },
  { id: 'croup', at: (m) => [frameOf(m).rumpX + 0.3, m.croup], pulls: [pull('croupHeight', 1, 1)] },
  { id: 'tailSet', at: (m) => [frameOf(m).rumpX + 0.045, m.tailSet], pulls: [pull('tailSetHeight', 1, 1)] },
  { id: 'tuckUp', at: (m) => [frameOf(m).rumpX + 0.36, m.tuckUp], pulls: [pull('tuckUpHeight', 1, 1)] },
  {
    id: 'hock',
    at: (m) => [frameOf(m).rumpX - m.rearAngle, m.hockHeight],
    pulls: [pull('hockBehind', 0, -1), pull('hockHeight', 1, 1)],
  },
  { id: 'occiput', at: (m) => frameOf(m).occiput, pulls: [pull('neckLength', 1, 1)] },
  {
    id: 'nose',
    at: (m) => frameOf(m).head(m.skull + m.muzzle, -m.muzzleDepth * 0.3),
    pulls: [pull('muzzleLength', 0, 1)],
  },
];

interface Props {
  readonly ask: OutlineAsk;
  readonly view: PictureView;
  readonly onMove: (change: Partial<Record<OutlineMeasure, number>>, hold: string) => void;
  readonly onRelease: () => void;
}

/** All handles of a dog. */
export function Handles(props: Props) {
  return (
    <g className="handles">
      {HANDLES.map((handle) => (
        <OneHandle key={handle.id} handle={handle} {...props} />
      ))}
    </g>
  );
}

function OneHandle({ handle, ask, view, onMove, onRelease }: Props & { readonly handle: Handle }) {
  const from = useRef<{ x: number; y: number; mm: readonly number[] } | null>(null);
  const { body, heightMm } = ask;
  const mmOf = (p: Pull): number => measureOf(body, heightMm, p.measure);
  const [hx, hy] = handle.at(body);
  const sign = view.mirrored ? -1 : 1;
  const [x, y] = [view.x + sign * hx * heightMm * view.scale, view.y - hy * heightMm * view.scale];
  const moveBy = (dx: number, dy: number, mm: readonly number[]): void => {
    const change = handle.pulls.map((p, i) => [
      p.measure,
      Math.max(0, Math.round((mm[i] ?? 0) + p.sign * (p.axis === 0 ? dx : dy))),
    ]);
    onMove(Object.fromEntries(change) as Partial<Record<OutlineMeasure, number>>, handle.id);
  };
  const down = (e: PointerEvent<SVGGElement>): void => {
    e.currentTarget.setPointerCapture(e.pointerId);
    from.current = { x: e.clientX, y: e.clientY, mm: handle.pulls.map(mmOf) };
  };
  const drag = (e: PointerEvent<SVGGElement>): void => {
    const start = from.current;
    const perPx = e.currentTarget.ownerSVGElement?.getScreenCTM()?.a;
    if (start === null || perPx === undefined) return;
    const mmPerPx = 1 / (perPx * view.scale);
    moveBy(sign * (e.clientX - start.x) * mmPerPx, -(e.clientY - start.y) * mmPerPx, start.mm);
  };
  const up = (): void => {
    from.current = null;
    onRelease();
  };
  const key = (e: KeyboardEvent<SVGGElement>): void => {
    const step = e.shiftKey ? 10 : 1;
    const by = { ArrowLeft: [-sign, 0], ArrowRight: [sign, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[e.key];
    if (by === undefined) return;
    e.preventDefault();
    moveBy((by[0] ?? 0) * step, (by[1] ?? 0) * step, handle.pulls.map(mmOf));
  };
  const words = handle.pulls.map((p) => `${MEASURE_WORDS[p.measure]} ${String(Math.round(mmOf(p)))} mm`).join(', ');
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={handle.pulls.map((p) => MEASURE_WORDS[p.measure]).join(' and ')}
      aria-valuenow={Math.round(mmOf(handle.pulls[0] as Pull))}
      aria-valuetext={words}
      transform={`translate(${x.toFixed(1)} ${y.toFixed(1)})`}
      onPointerDown={down}
      onPointerMove={drag}
      onPointerUp={up}
      onPointerCancel={up}
      onKeyDown={key}
      onKeyUp={onRelease}
    >
      <title>{words}</title>
      <circle className="touch" r={17} />
      <circle className="knob" r={5.5} />
    </g>
  );
}
