/*
 * The ends of the lines that a groomer sets: each is dragged outward or inward along the hair that grows there; the floor up and down.
 */
import { MOST_LINE_MM, OUTLINE_LINES, lineStations, tipAt } from '@loyal-mane/core';
import type { LineEnds, OutlineAnswer, OutlineAsk, OutlineLine, Point, SetLines, Station } from '@loyal-mane/core';
import { LINE_WORDS } from '@loyal-mane/library/words';
import { Knob } from './Knob';
import type { PictureView } from './OutlinePicture';

interface Props {
  readonly ask: OutlineAsk;
  readonly answer: OutlineAnswer;
  readonly lines: SetLines;
  readonly view: PictureView;
  readonly onMove: (line: OutlineLine, ends: LineEnds, hold: string) => void;
  readonly onRelease: () => void;
}

interface End {
  readonly line: OutlineLine;
  readonly end: 'near' | 'far';
  readonly at: Point;
  /** Direction in which the line moves outward. */
  readonly out: Point;
}

/** Two handles a line, one for the floor. */
export function LineHandles({ ask, answer, lines, view, onMove, onRelease }: Props) {
  return (
    <g className="handles lines">
      {OUTLINE_LINES.flatMap((line) => endsOf(line, ask, answer)).map(({ line, end, at, out }) => {
        const ends = lines[line] ?? { near: 0, far: 0 };
        const label = `${LINE_WORDS[line].name} ${LINE_WORDS[line][end]}`.trim();
        return (
          <Knob
            key={`${line} ${end}`}
            label={label}
            now={ends[end]}
            words={`${label}: ${signedMm(ends[end])}`}
            at={at}
            view={view}
            values={() => [ends[end]]}
            onMove={(dx, dy, [from = 0]) => {
              const mm = Math.round(from + dx * out[0] + dy * out[1]);
              onMove(line, { ...ends, [end]: boundedMm(mm) }, `${line} ${end}`);
            }}
            onRelease={onRelease}
          />
        );
      })}
    </g>
  );
}

function endsOf(
  line: OutlineLine,
  { body, breed, heightMm }: OutlineAsk,
  { target, targetTips }: OutlineAnswer,
): End[] {
  if (line === 'floor')
    return [{ line, end: 'near', at: [(body.forechest - 0.6) * heightMm, breed.floor * heightMm], out: [0, 1] }];
  const run = lineStations(target, line);
  const [near, far] = [run[0], run.at(-1)];
  if (near === undefined || far === undefined) return [];
  return (
    [
      ['near', near.index],
      ['far', far.index],
    ] as const
  ).map(([end, index]) => {
    const s = target[index] as Station;
    return { line, end, at: tipAt(s, targetTips[index] ?? 0), out: s.lie };
  });
}

/** A line's end within what it may be moved, mm. */
export function boundedMm(mm: number): number {
  return Math.min(MOST_LINE_MM, Math.max(-MOST_LINE_MM, mm));
}

/** "+4 mm", "as the breed". */
export function signedMm(mm: number): string {
  return mm === 0 ? 'as the breed' : `${mm > 0 ? '+' : '−'}${String(Math.abs(Math.round(mm)))} mm`;
}
