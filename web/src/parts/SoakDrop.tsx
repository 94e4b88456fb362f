/*
 * A soak as a drop that fills: the dashed line is the label's least, its tip the most. Nothing blinks.
 */
import { useId } from 'react';
import type { SoakNow, SoakRecord } from '@loyal-mane/core';

const SIZE = 40;
/** A drop with its tip at the top. */
const SHAPE = 'M20 2 C26 12 35 18 35 26 A15 13 0 0 1 5 26 C5 18 14 12 20 2 Z';
const BOTTOM = 39;
const HEIGHT = BOTTOM - 2;

/** How full a drop is drawn, in its own units from the top. */
export function fillTop(share: number): number {
  return BOTTOM - Math.min(1, Math.max(0, share)) * HEIGHT;
}

/** The drop; decoration beside its words. */
export function SoakDrop({ soak, now, size }: { soak: SoakRecord; now: SoakNow; size: number }) {
  const id = useId();
  const least = soak.mostMin === 0 ? 0 : soak.leastMin / soak.mostMin;
  const tone = now.phase === 'over' ? 'var(--clay)' : now.phase === 'ready' ? 'var(--moss)' : 'var(--tarn)';
  return (
    <svg width={size} height={size} viewBox={`0 0 ${String(SIZE)} ${String(SIZE)}`} aria-hidden className="soak-drop">
      <clipPath id={id}>
        <path d={SHAPE} />
      </clipPath>
      <g clipPath={`url(#${id})`}>
        <rect x={0} y={fillTop(now.share)} width={SIZE} height={SIZE} fill={tone} fillOpacity={0.85} />
        <line
          x1={0}
          x2={SIZE}
          y1={fillTop(least)}
          y2={fillTop(least)}
          stroke="var(--ink)"
          strokeWidth={1.4}
          strokeDasharray="4 3"
        />
      </g>
      <path d={SHAPE} fill="none" stroke={tone} strokeWidth={now.phase === 'over' ? 4 : 2} />
    </svg>
  );
}
