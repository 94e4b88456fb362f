/*
 * One dog's strand: a lock of hair, thick where work is done, thin ahead, a hairline at night, ending in the ring bracket.
 */
import { Fragment, memo } from 'react';
import { layoutCapsules } from '@loyal-mane/core';
import type { CountBackScale, CountdownRow, MarkState, StrandStep } from '@loyal-mane/core';
import { METHODS } from '@loyal-mane/library/words';

const HOUR_MS = 3_600_000;
const SOLO: ReadonlySet<MarkState> = new Set(['running', 'paused', 'noPlace', 'late', 'travel']);
/** Done glyphs nearer than this to the next are dropped: the thick strand says enough. */
const DONE_APART_PX = 15;

/** A night, Unix milliseconds. */
export interface Night {
  readonly fromMs: number;
  readonly toMs: number;
}

interface Props {
  readonly row: CountdownRow;
  readonly scale: CountBackScale;
  readonly left: number;
  readonly width: number;
  readonly nowMs: number;
  readonly nights: readonly Night[];
}

function glyphOf(s: StrandStep): string {
  return s.state === 'travel' ? 'travel' : METHODS[s.step].glyph;
}

function toneOf(s: StrandStep): string {
  if (s.state === 'noPlace') return 'var(--clay)';
  if (s.state === 'waiting') return 'var(--worn)';
  if (s.state === 'travel') return 'var(--soft)';
  return `var(--${METHODS[s.step].tone})`;
}

function Use({ glyph, x, y, size, color }: { glyph: string; x: number; y: number; size: number; color: string }) {
  return (
    <svg x={x - size / 2} y={y - size / 2} width={size} height={size} viewBox="0 0 24 24" style={{ color }}>
      <use href={`/sprites/glyphs.svg#g-${glyph}`} />
    </svg>
  );
}

function Mark({ s, x, y }: { s: StrandStep; x: number; y: number }) {
  const glyph = glyphOf(s);
  switch (s.state) {
    case 'running':
    case 'paused':
      return (
        <>
          <circle cx={x} cy={y} r={11} fill="var(--ink)" />
          <Use glyph={glyph} x={x} y={y} size={15} color="var(--sheet)" />
        </>
      );
    case 'noPlace':
      return (
        <>
          <rect
            x={x - 10}
            y={y - 10}
            width={20}
            height={20}
            rx={2}
            fill="var(--paper)"
            stroke="var(--clay)"
            strokeWidth={2}
            strokeDasharray="4 3"
          />
          <Use glyph={glyph} x={x} y={y} size={15} color="var(--clay)" />
        </>
      );
    case 'late':
      return (
        <>
          <circle cx={x} cy={y} r={9} fill="var(--paper)" />
          <path
            d={`M${String(x - 10)} ${String(y - 8)}v16M${String(x - 10)} ${String(y)}h4`}
            stroke="var(--brass)"
            strokeWidth={2}
          />
          <Use glyph={glyph} x={x + 2} y={y} size={15} color={toneOf(s)} />
        </>
      );
    case 'travel':
      return (
        <>
          <circle cx={x} cy={y} r={9} fill="var(--paper)" />
          <Use glyph={glyph} x={x} y={y - 1} size={15} color={toneOf(s)} />
          <path d={`M${String(x - 7)} ${String(y + 9)}h14`} stroke="var(--soft)" strokeWidth={2} />
        </>
      );
    default:
      return (
        <>
          <circle cx={x} cy={y} r={9} fill="var(--paper)" />
          <Use glyph={glyph} x={x} y={y} size={15} color={toneOf(s)} />
        </>
      );
  }
}

/** The drawing itself; rooms use `Strand`. */
export function StrandDrawing({ row, scale, left, width, nowMs, nights }: Props) {
  const y = 11.5;
  const xOf = (ms: number): number => left + scale.x((row.ringMs - ms) / HOUR_MS) * width;
  const start = left;
  const end = left + width;
  const now = Math.max(start, Math.min(end, xOf(nowMs)));
  const inside = row.steps.filter((s) => xOf(s.atMs) >= start + 6);
  const done = dropClose(
    inside.filter((s) => s.state === 'done'),
    xOf,
    now,
  );
  const ahead = inside
    .filter((s) => s.state !== 'done' && s.state !== 'skipped' && xOf(s.atMs) < end + 30)
    .map((s) => ({ x: Math.min(end - 12, xOf(s.atMs)), solo: SOLO.has(s.state), item: s }));
  return (
    <g aria-hidden>
      <path d={`M${String(start)} ${String(y)}H${String(end)}`} stroke="var(--line)" />
      {daylight(start, now, xOf, nights).map(([a, b]) => (
        <path key={a} d={`M${String(a)} ${String(y)}H${String(b)}`} stroke="var(--worn)" strokeWidth={3} />
      ))}
      {daylight(now, end, xOf, nights).map(([a, b]) => (
        <path key={a} d={`M${String(a)} ${String(y)}H${String(b)}`} stroke="var(--soft)" strokeWidth={1.6} />
      ))}
      {done.map((s) => (
        <Fragment key={s.key}>
          <circle cx={xOf(s.atMs)} cy={y} r={7.5} fill="var(--sunk)" />
          <Use glyph={glyphOf(s)} x={xOf(s.atMs)} y={y} size={12} color="var(--soft)" />
        </Fragment>
      ))}
      {layoutCapsules(ahead, Math.min(now + 3, end - 60), end - 11).map((c) => {
        const first = c.items[0] as StrandStep;
        if (c.items.length === 1) return <Mark key={first.key} s={first} x={c.x} y={y} />;
        const x0 = c.x - c.widthPx / 2;
        const pale = c.items.every((s) => s.state === 'waiting');
        return (
          <g key={first.key} opacity={pale ? 0.55 : 1}>
            <rect x={x0} y={y - 8.5} width={c.widthPx} height={17} rx={8.5} fill="var(--sheet)" stroke="var(--edge)" />
            {c.items.slice(0, c.shown).map((s, k) => (
              <Use key={s.key} glyph={glyphOf(s)} x={x0 + 5 + 7.5 + k * 15} y={y} size={13} color={toneOf(s)} />
            ))}
            {c.shown < c.items.length && (
              <text x={x0 + c.widthPx - 6} y={y + 4} fontSize={12} textAnchor="end" fill="var(--ink)">
                +{c.items.length - c.shown}
              </text>
            )}
          </g>
        );
      })}
      <path d={`M${String(end - 6)} 5h6v13h-6`} fill="none" stroke="var(--ink)" strokeWidth={1.6} />
    </g>
  );
}

/** Drawn again only when its own dog's row, the scale or the moment has changed. */
export const Strand = memo(StrandDrawing);

/** Parts of [from, to] in px that are not night. */
function daylight(from: number, to: number, xOf: (ms: number) => number, nights: readonly Night[]): [number, number][] {
  const parts: [number, number][] = [];
  let at = from;
  for (const n of nights) {
    const a = Math.max(from, Math.min(to, xOf(n.fromMs)));
    const b = Math.max(from, Math.min(to, xOf(n.toMs)));
    if (a > at) parts.push([at, a]);
    at = Math.max(at, b);
  }
  if (to > at) parts.push([at, to]);
  return parts;
}

/** Done steps far enough apart to be read, the newest kept, none under the now-front. */
function dropClose(steps: readonly StrandStep[], xOf: (ms: number) => number, now: number): StrandStep[] {
  const kept: StrandStep[] = [];
  let right = now - 4;
  for (const s of [...steps].reverse()) {
    const x = xOf(s.atMs);
    if (right - x < DONE_APART_PX) continue;
    kept.push(s);
    right = x;
  }
  return kept;
}
