/*
 * Places of the body that are dragged: each is a measure. Arrows move it by a millimeter, with Shift by ten.
 */
import { frameOf, measureOf } from '@loyal-mane/core';
import type { BodyRow, OutlineAsk, OutlineMeasure, Point } from '@loyal-mane/core';
import { MEASURE_WORDS } from '@loyal-mane/library/words';
import { Knob } from './Knob';
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
  /** Whether the place lies above its root, so that it grows upward. */
  readonly isUp?: (m: BodyRow) => boolean;
}

/** The tip of the ear: it stands, falls forward over the skull, or hangs from its root. */
function earTip(m: BodyRow): Point {
  const { head } = frameOf(m);
  if (m.ear === 'prick') return head(m.skull * 0.21, m.stop + m.earLength);
  if (m.ear === 'fold') return head(m.skull * 0.85, -m.earLength * 0.42);
  const [x, y] = head(m.skull * m.earPosition, m.skullDepth * 0.08);
  return [x + m.earWidth / 8, y - m.earLength];
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
    id: 'stifle',
    at: (m) => [frameOf(m).rumpX + 0.305, m.stifleHeight + 0.02],
    pulls: [pull('stifleHeight', 1, 1)],
  },
  { id: 'jaw', at: (m) => frameOf(m).head(m.skull, -m.skullDepth * 0.8), pulls: [pull('skullDepth', 1, -1)] },
  {
    id: 'lip',
    at: (m) => frameOf(m).head(m.skull + m.muzzle * 0.75, -m.muzzleDepth),
    pulls: [pull('muzzleDepth', 1, -1)],
  },
  { id: 'ear', at: earTip, pulls: [pull('earLength', 1, -1)], isUp: (m) => m.ear === 'prick' },
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
  const { body, heightMm } = ask;
  const mmOf = (p: Pull): number => measureOf(body, heightMm, p.measure);
  const [x, y] = handle.at(body);
  const turn = handle.isUp?.(body) === true ? -1 : 1;
  const moveBy = (dx: number, dy: number, mm: readonly number[]): void => {
    const change = handle.pulls.map((p, i) => [
      p.measure,
      Math.max(0, Math.round((mm[i] ?? 0) + turn * p.sign * (p.axis === 0 ? dx : dy))),
    ]);
    onMove(Object.fromEntries(change) as Partial<Record<OutlineMeasure, number>>, handle.id);
  };
  return (
    <Knob
      label={handle.pulls.map((p) => MEASURE_WORDS[p.measure]).join(' and ')}
      now={Math.round(mmOf(handle.pulls[0] as Pull))}
      words={handle.pulls.map((p) => `${MEASURE_WORDS[p.measure]} ${String(Math.round(mmOf(p)))} mm`).join(', ')}
      at={[x * heightMm, y * heightMm]}
      view={view}
      values={() => handle.pulls.map(mmOf)}
      onMove={moveBy}
      onRelease={onRelease}
    />
  );
}
