/*
 * The outline at work: solved as soon as anything moves, drawn, and told in the parts beside it.
 */
import type { ReactNode } from 'react';
import { useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import { WIDTH_VIEWS } from '@loyal-mane/core';
import type { BodySide, LocalDay, OutlineAsk, WidthView, ZoneCut, ZoneId } from '@loyal-mane/core';
import { recordOf } from '../../parts/dogRecord';
import type { Dog } from '../../parts/dogRecord';
import { useRooms } from '../../parts/useRooms';
import { Handles } from './Handles';
import { LineHandles } from './LineHandles';
import { OutlineFiles } from './OutlineFiles';
import { OutlineParts } from './OutlineParts';
import { OutlinePicture } from './OutlinePicture';
import type { PictureView } from './OutlinePicture';
import type { LaidPhoto } from './PhotoPart';
import { WidthPicture } from './WidthPicture';
import { ZoneMap } from './ZoneMap';
import { cutAsks, outlineAskOf, solvedOutline } from './outlineOf';
import type { SolvedOutline, WayToShow } from './outlineOf';
import { useOutlineDraft } from './useOutlineDraft';

/** The view: a side with its line, across the body, or the map of all zones. */
export type OutlineView = BodySide | WidthView | 'map';

function isAcross(view: OutlineView): view is WidthView {
  return (WIDTH_VIEWS as readonly string[]).includes(view);
}

interface Props {
  readonly dog: Dog;
  readonly way: WayToShow | null;
  readonly today: LocalDay;
  readonly shownDay: LocalDay | null;
  readonly view: OutlineView;
  readonly chosen: ZoneId | null;
  readonly onChoose: (zone: ZoneId) => void;
  readonly head: (cuts: readonly ZoneCut[]) => ReactNode;
  readonly foot: ReactNode;
}

/** Drawing and parts of one dog. */
export function OutlineWork({ dog, way, today, shownDay, view, chosen, onChoose, head, foot }: Props) {
  const { kennel, lead } = useRooms();
  const [part, setPart] = useState('cuts');
  const [photo, setPhoto] = useState<LaidPhoto | null>(null);
  const draft = useOutlineDraft(dog);
  const both = useMemo(
    () => ({ left: cutAsks(dog, kennel, today, 'left'), right: cutAsks(dog, kennel, today, 'right') }),
    [dog, kennel, today],
  );
  const side = view === 'right' ? 'right' : 'left';
  const zones = both[side];
  const showDay = way?.showDay ?? today;
  const asked = useMemo(
    () => outlineAskOf(dog, kennel, zones, showDay, draft.draft),
    [dog, kennel, zones, showDay, draft.draft],
  );
  const warm = useRef<readonly number[]>(undefined);
  const sessionDay = way?.sessionDay ?? today;
  const movingTail = recordOf(dog).outline?.movingTail ?? null;
  const solved = useMemo(
    () => (asked === null ? null : solvedOutline(asked.ask, sessionDay, movingTail, warm.current)),
    [asked, sessionDay, movingTail],
  );
  useEffect(() => {
    warm.current = solved?.answer.stations.map((s) => s.depth);
  }, [solved]);
  // The drawing follows the hand at once; what stands beside it is drawn when the hand rests for a frame.
  const now = useMemo(() => ({ asked, solved, draft }), [asked, solved, draft]);
  const calm = useDeferredValue(now);
  const top = useMemo(() => (calm.solved === null ? null : head(calm.solved.cuts)), [head, calm.solved]);
  if (asked === null || solved === null || calm.asked === null || calm.solved === null)
    return (
      <p className="room">The breed of {dog.name} has no outline yet: choose a breed with one in its coat file.</p>
    );
  const { ask } = asked;
  return (
    <div className="room outline">
      {top}
      <div className="outline-main">
        <div>
          {isAcross(view) ? (
            <WidthPicture
              {...{ view, solved, chosen, onChoose }}
              sides={{ left: { ...ask, zones: both.left }, right: { ...ask, zones: both.right } }}
              onMoreNeck={
                lead
                  ? (moreNeck) => draft.set({ corrections: { ...draft.draft.corrections, moreNeck } }, 'moreNeck')
                  : null
              }
              onRelease={draft.release}
            />
          ) : view === 'map' ? (
            <ZoneMap {...{ ask, zones, cuts: solved.cuts, shownDay, chosen, onChoose }} />
          ) : (
            <OutlinePicture
              {...{ ask, solved, shownDay, isLeft: view === 'left', chosen, onChoose, photo }}
              isMoving={draft.isHeld}
            >
              {(at) => lead && <PartHandles {...{ part, ask, solved, draft }} view={at} />}
            </OutlinePicture>
          )}
          {!isAcross(view) && foot}
          <Legend isList={shownDay === null} />
          <OutlineFiles
            {...{ dog, zones, side, sessionDay, showDay, solved: calm.solved, draft: calm.draft }}
            cutterId={way?.session?.people[0] ?? null}
          />
        </div>
        <OutlineParts
          {...{ dog, way, today, zones, both, chosen, onChoose, part }}
          asked={calm.asked}
          solved={calm.solved}
          draft={calm.draft}
          onPart={setPart}
          onPhoto={setPhoto}
        />
      </div>
    </div>
  );
}

interface HandlesProps {
  readonly part: string;
  readonly ask: OutlineAsk;
  readonly solved: SolvedOutline;
  readonly draft: ReturnType<typeof useOutlineDraft>;
  readonly view: PictureView;
}

/** Handles of the part that is open: measures, or lines. */
function PartHandles({ part, ask, solved, draft, view }: HandlesProps) {
  if (part === 'measures') return <Handles {...{ ask, view }} onMove={draft.measure} onRelease={draft.release} />;
  if (part !== 'corrections') return null;
  return (
    <LineHandles
      {...{ ask, answer: solved.answer, lines: draft.draft.lines, view }}
      onMove={draft.line}
      onRelease={draft.release}
    />
  );
}

function Legend({ isList }: { readonly isList: boolean }) {
  return (
    <p className="outline-legend soft">
      <span className="swatch body" /> body <span className="swatch coat" /> {isList ? 'coat that stays' : 'coat then'}{' '}
      {isList && (
        <>
          <span className="swatch off" /> comes off <span className="swatch missing" /> missing{' '}
        </>
      )}
      <span className="swatch wanted" /> wanted on the day
    </p>
  );
}
