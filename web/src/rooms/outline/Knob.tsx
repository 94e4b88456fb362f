/*
 * A place of the drawing that is dragged, or moved by the arrows: a millimeter a press, ten with Shift.
 */
import { useRef } from 'react';
import type { KeyboardEvent, PointerEvent } from 'react';
import type { Point } from '@loyal-mane/core';
import type { PictureView } from './OutlinePicture';

interface Props {
  readonly label: string;
  /** The value that a reader of the screen hears, and its words. */
  readonly now: number;
  readonly words: string;
  /** Where it lies, mm of the dog. */
  readonly at: Point;
  readonly view: PictureView;
  readonly className?: string;
  /** Values that are moved, as they are now; `onMove` gets those of the beginning of a drag, and the way since, mm. */
  readonly values: () => readonly number[];
  readonly onMove: (dx: number, dy: number, from: readonly number[]) => void;
  readonly onRelease: () => void;
}

/** The knob. */
export function Knob({ label, now, words, at, view, className, values, onMove, onRelease }: Props) {
  const from = useRef<{ x: number; y: number; mm: readonly number[] } | null>(null);
  const sign = view.mirrored ? -1 : 1;
  const [x, y] = [view.x + sign * at[0] * view.scale, view.y - at[1] * view.scale];
  const down = (e: PointerEvent<SVGGElement>): void => {
    e.currentTarget.setPointerCapture(e.pointerId);
    from.current = { x: e.clientX, y: e.clientY, mm: values() };
  };
  const drag = (e: PointerEvent<SVGGElement>): void => {
    const start = from.current;
    const perPx = e.currentTarget.ownerSVGElement?.getScreenCTM()?.a;
    if (start === null || perPx === undefined) return;
    const mmPerPx = 1 / (perPx * view.scale);
    onMove(sign * (e.clientX - start.x) * mmPerPx, -(e.clientY - start.y) * mmPerPx, start.mm);
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
    onMove((by[0] ?? 0) * step, (by[1] ?? 0) * step, values());
  };
  return (
    <g
      className={className}
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-valuenow={now}
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
