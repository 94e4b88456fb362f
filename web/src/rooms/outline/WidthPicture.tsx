/*
 * The dog from ahead, from behind, or its head from above: body light, coat that stays, what comes off, what is missing, on both sides.
 * From ahead the V of the throat; its tip is dragged lower for more neck.
 */
import { TIP_LOWERED, closedSpline, widthMarks, widthSide } from '@loyal-mane/core';
import type { OutlineAsk, Point, ThroatV, WidthPlace, WidthView, ZoneId } from '@loyal-mane/core';
import { ZONE_NAMES } from '@loyal-mane/library';
import { mmWords } from '@loyal-mane/library/words';
import { Knob } from './Knob';
import { PICTURE, Patterns } from './OutlinePicture';
import type { PictureView } from './OutlinePicture';
import type { SolvedOutline } from './outlineOf';

interface Props {
  readonly view: WidthView;
  /** The asks of both sides: they differ where only one was measured otherwise. */
  readonly sides: Readonly<Record<'left' | 'right', OutlineAsk>>;
  readonly solved: SolvedOutline;
  readonly chosen: ZoneId | null;
  readonly onChoose: (zone: ZoneId) => void;
  /** Shows more neck, 0 to 1; null where the viewer may not. */
  readonly onMoreNeck: ((amount: number) => void) | null;
  readonly onRelease: () => void;
}

/** Where millimeters lie, and whether the nose is up: then places count from it downward. */
interface WidthFrame extends PictureView {
  readonly isHead: boolean;
}

const HEIGHT = 470;
const LABEL_MM = 22;

/** The drawing. */
export function WidthPicture({ view, sides, solved, chosen, onChoose, onMoreNeck, onRelease }: Props) {
  const { answer } = solved;
  const left = widthSide(sides.left, answer, view);
  const right = widthSide(sides.right, answer, view);
  const frame = viewOf([...left.places, ...right.places], view);
  // From ahead the dog's left is at the viewer's right; from behind and from above it is the other way about.
  const sign = view === 'front' ? 1 : -1;
  const parts = [
    { name: 'left', sign, places: left.places },
    { name: 'right', sign: -sign, places: right.places },
  ] as const;
  const path = (of: (p: WidthPlace) => number): string => aroundPath(parts, of, frame);
  return (
    <svg
      className="outline-picture width"
      viewBox={`0 0 ${String(PICTURE.width)} ${String(HEIGHT)}`}
      role="group"
      aria-label={VIEW_WORDS[view]}
    >
      <Patterns />
      {!frame.isHead && <line className="ground" x1={0} x2={PICTURE.width} y1={frame.y} y2={frame.y} />}
      <path className="missing" d={path((p) => p.bodyMm + Math.max(p.targetDepth, p.onDayDepth ?? 0))} />
      <path className="off" d={path((p) => p.bodyMm + (p.onDayDepth ?? p.depth))} />
      <path className="coat" d={path((p) => p.bodyMm + p.depth)} />
      <path className="body" d={path((p) => p.bodyMm)} />
      <Marks ask={sides.left} view={view} frame={frame} />
      {parts.map((part) => (
        <g key={part.name}>
          <Numbers {...part} frame={frame} chosen={chosen} onChoose={onChoose} />
          <text
            className="side-name"
            x={PICTURE.width / 2 + part.sign * (PICTURE.width / 2 - 40)}
            y={HEIGHT - 8}
            textAnchor="middle"
          >
            {part.name}
          </text>
        </g>
      ))}
      {left.isWedge && <Wedge places={left.places} frame={frame} />}
      {left.throat !== null && (
        <Throat
          throat={left.throat}
          frame={frame}
          amount={sides.left.corrections.moreNeck ?? 0}
          heightMm={sides.left.heightMm}
          {...{ onMoreNeck, onRelease }}
        />
      )}
    </svg>
  );
}

const VIEW_WORDS: Readonly<Record<WidthView, string>> = {
  front: 'The dog from ahead',
  rear: 'The dog from behind',
  head: 'The head from above, nose up',
};

/** The whole view, the middle of the dog in the middle of the drawing; a head has its nose up. */
function viewOf(places: readonly WidthPlace[], view: WidthView): WidthFrame {
  const tall = Math.max(...places.map((p) => p.at)) * (view === 'rear' ? ROOM_FOR_TAIL : ROOM_FOR_EARS);
  const wide = Math.max(...places.map((p) => p.bodyMm + Math.max(p.targetDepth, p.onDayDepth ?? 0, p.depth)));
  const scale = Math.min((HEIGHT - 80) / tall, (PICTURE.width / 2 - 70) / wide);
  const y = view === 'head' ? 36 + tall * scale : HEIGHT - 34;
  return { scale, x: PICTURE.width / 2, y, mirrored: false, isHead: view === 'head' };
}

/** Height in the drawing of a place: above the ground, or behind the nose. */
function drawnY(p: Pick<WidthPlace, 'at'>, frame: WidthFrame, isHead: boolean): number {
  return isHead ? 36 + p.at * frame.scale : frame.y - p.at * frame.scale;
}

/** A tail that is carried high, and ears, stand above the line. */
const ROOM_FOR_TAIL = 1.3;
const ROOM_FOR_EARS = 1.06;

/** Points drawn from one place to the next. */
const DRAWN = 6;

/** The line around both sides. */
function aroundPath(
  parts: readonly { readonly sign: number; readonly places: readonly WidthPlace[] }[],
  of: (p: WidthPlace) => number,
  frame: WidthFrame,
): string {
  const [one = [], other = []] = parts.map(({ sign, places }) =>
    places.map((p): Point => [frame.x + sign * of(p) * frame.scale, drawnY(p, frame, frame.isHead)]),
  );
  const ring = closedSpline([...one, ...[...other].reverse()], DRAWN);
  const floor = frame.isHead ? Infinity : frame.y;
  return `M${ring.map(([x, y]) => `${x.toFixed(1)} ${Math.min(floor, y).toFixed(1)}`).join('L')}Z`;
}

/** Legs apart, ears, eyes, nose: for the eye to know the view by. */
function Marks({
  ask,
  view,
  frame,
}: {
  readonly ask: OutlineAsk;
  readonly view: WidthView;
  readonly frame: WidthFrame;
}) {
  const { gap, tail, ear, eye, nose } = widthMarks({ ...ask.body, hair: ask.breed.hair }, ask.heightMm, view);
  const x = (mm: number, sign: number): number => frame.x + sign * mm * frame.scale;
  const y = (mm: number): number => drawnY({ at: mm }, frame, frame.isHead);
  return (
    <g aria-hidden>
      {gap !== null && (
        <path
          className="gap"
          d={`M${String(x(gap.half, -1))} ${String(frame.y)}C${String(x(gap.half * 0.9, -1))} ${String(y(gap.top * 1.12))} ${String(x(gap.half * 0.9, 1))} ${String(y(gap.top * 1.12))} ${String(x(gap.half, 1))} ${String(frame.y)}Z`}
        />
      )}
      {tail !== null && (
        <rect
          className="ear"
          x={x(tail.half, -1)}
          y={y(Math.max(tail.from, tail.to))}
          width={2 * tail.half * frame.scale}
          height={Math.max(1, Math.abs(tail.to - tail.from) * frame.scale)}
          rx={tail.half * frame.scale}
        />
      )}
      {[-1, 1].map((sign) => (
        <g key={sign}>
          {ear.length > 0 && (
            <path
              className="ear"
              d={`M${closedSpline(
                ear.map(([ex, ey]): Point => [x(ex, sign), y(ey)]),
                DRAWN,
              )
                .map((p) => p.map((v) => v.toFixed(1)).join(' '))
                .join('L')}Z`}
            />
          )}
          {eye !== null && <circle className="eye" cx={x(eye[0], sign)} cy={y(eye[1])} r={4} />}
        </g>
      ))}
      {nose !== null && <ellipse className="eye" cx={frame.x} cy={y(nose[1])} rx={7} ry={5} />}
    </g>
  );
}

interface SideProps {
  readonly sign: number;
  readonly places: readonly WidthPlace[];
  readonly frame: WidthFrame;
  readonly chosen: ZoneId | null;
  readonly onChoose: (zone: ZoneId) => void;
}

/** Zones by their place and, where something is to be done, the millimeters of outline. */
function Numbers({ sign, places, frame, chosen, onChoose }: SideProps) {
  return (
    <>
      {places.map((p) => {
        const y = drawnY(p, frame, frame.isHead);
        const outer = p.bodyMm + Math.max(p.targetDepth, p.onDayDepth ?? 0, p.depth);
        const x = frame.x + sign * (outer * frame.scale + LABEL_MM);
        const mm = changeOf(p);
        return (
          <g key={`${p.zone} ${String(p.at)}`} onClick={() => onChoose(p.zone)} className="width-place">
            <title>{`${ZONE_NAMES[p.zone]}: ${p.onDayDepth === null ? 'not measured' : wordsOf(p)}`}</title>
            <circle className={p.zone === chosen ? 'chosen' : ''} cx={x} cy={y} r={13} />
            {mm !== 0 && (
              <text className={mm > 0 ? 'mm missing-mm' : 'mm off-mm'} x={x} y={y + 4}>
                {mm > 0 ? `+${String(mm)}` : `−${String(-mm)}`}
              </text>
            )}
          </g>
        );
      })}
    </>
  );
}

/** Millimeters of outline that are missing (above 0) or come off. */
function changeOf(p: WidthPlace): number {
  if (p.onDayDepth === null || p.isLocked) return 0;
  const missing = p.targetDepth - p.onDayDepth;
  return Math.round(missing > 0 ? missing : p.depth - p.onDayDepth);
}

function wordsOf(p: WidthPlace): string {
  const mm = changeOf(p);
  if (mm === 0) return 'right';
  return mm > 0 ? `${mmWords(mm)} of outline missing` : `${mmWords(-mm)} of outline off`;
}

function Wedge({ places, frame }: { readonly places: readonly WidthPlace[]; readonly frame: WidthFrame }) {
  const [nose, back] = [places[0], places.at(-1)];
  if (nose === undefined || back === undefined) return null;
  const at = (p: WidthPlace, sign: number): string =>
    `${(frame.x + sign * (p.bodyMm + p.targetDepth) * frame.scale).toFixed(1)} ${drawnY(p, frame, true).toFixed(1)}`;
  return <path className="set-line" d={`M${at(nose, -1)}L${at(back, -1)}M${at(nose, 1)}L${at(back, 1)}`} />;
}

interface ThroatProps {
  readonly throat: ThroatV;
  readonly frame: WidthFrame;
  readonly amount: number;
  readonly heightMm: number;
  readonly onMoreNeck: ((amount: number) => void) | null;
  readonly onRelease: () => void;
}

function Throat({ throat, frame, amount, heightMm, onMoreNeck, onRelease }: ThroatProps) {
  const { half, top, tip } = throat;
  const [x, y] = [(mm: number) => frame.x + mm * frame.scale, (mm: number) => frame.y - mm * frame.scale];
  return (
    <g className="handles lines">
      <path
        className="set-line"
        d={`M${String(x(-half))} ${String(y(top))}L${String(x(0))} ${String(y(tip))}L${String(x(half))} ${String(y(top))}`}
      />
      {onMoreNeck !== null && (
        <Knob
          label="Tip of the throat’s V"
          now={Math.round(amount * 100)}
          words={`Tip of the V ${mmWords(tip)} above the ground: ${String(Math.round(amount * 100))} % more neck`}
          at={[0, tip]}
          view={frame}
          values={() => [amount]}
          onMove={(_dx, dy, [from = 0]) =>
            onMoreNeck(Math.min(1, Math.max(0, Math.round((from - dy / (TIP_LOWERED * heightMm)) * 20) / 20)))
          }
          onRelease={onRelease}
        />
      )}
    </g>
  );
}
