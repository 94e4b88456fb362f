/*
 * The outline at work: solved as soon as anything moves, drawn, and told in the parts beside it.
 */
import { Button, Tabs } from 'antd';
import { useHotkeys } from 'react-hotkeys-hook';
import type { ReactNode } from 'react';
import { useEffect, useMemo, useRef, useState } from 'react';
import { WIDTH_VIEWS } from '@loyal-mane/core';
import type { BodySide, LocalDay, OutlineMeasure, WidthView, ZoneCut, ZoneId } from '@loyal-mane/core';
import { MEASURE_WORDS } from '@loyal-mane/library/words';
import { recordOf, useDogRecord } from '../../parts/dogRecord';
import type { Dog } from '../../parts/dogRecord';
import { useRooms } from '../../parts/useRooms';
import { ComparePart } from './ComparePart';
import { CorrectionsPart } from './CorrectionsPart';
import { Handles } from './Handles';
import { MeasuresPart } from './MeasuresPart';
import { OutlineFiles } from './OutlineFiles';
import { OutlinePicture } from './OutlinePicture';
import { PhotoPart } from './PhotoPart';
import type { LaidPhoto } from './PhotoPart';
import { LineHandles } from './LineHandles';
import { WhatMoves } from './WhatMoves';
import { WidthPicture } from './WidthPicture';
import { ZoneMap } from './ZoneMap';
import { ZoneCuts } from './ZoneCuts';
import { cutAsks, outlineAskOf, solvedOutline } from './outlineOf';
import type { WayToShow } from './outlineOf';
import { draftOf, keptRecord, useOutlineDraft } from './useOutlineDraft';

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
  if (asked === null || solved === null)
    return (
      <p className="room">The breed of {dog.name} has no outline yet: choose a breed with one in its coat file.</p>
    );
  return (
    <div className="room outline">
      {head(solved.cuts)}
      <div className="outline-main">
        <div>
          {isAcross(view) ? (
            <WidthPicture
              {...{ view, solved, chosen, onChoose }}
              sides={{ left: { ...asked.ask, zones: both.left }, right: { ...asked.ask, zones: both.right } }}
              onMoreNeck={
                lead
                  ? (moreNeck) => draft.set({ corrections: { ...draft.draft.corrections, moreNeck } }, 'moreNeck')
                  : null
              }
              onRelease={draft.release}
            />
          ) : view === 'map' ? (
            <ZoneMap {...{ ask: asked.ask, zones, cuts: solved.cuts, shownDay, chosen, onChoose }} />
          ) : (
            <OutlinePicture
              {...{ ask: asked.ask, solved, shownDay, isLeft: view === 'left', chosen, onChoose, photo }}
              isMoving={draft.isHeld}
            >
              {(at) => {
                if (part === 'measures' && lead)
                  return <Handles ask={asked.ask} view={at} onMove={draft.measure} onRelease={draft.release} />;
                if (part !== 'corrections' || !lead) return null;
                return (
                  <LineHandles
                    {...{ ask: asked.ask, answer: solved.answer, lines: draft.draft.lines, view: at }}
                    onMove={draft.line}
                    onRelease={draft.release}
                  />
                );
              }}
            </OutlinePicture>
          )}
          {foot}
          <Legend isList={shownDay === null} />
          <OutlineFiles source={{ dog, zones, side, draft: draft.draft, sessionDay, showDay }} {...{ solved, draft }} />
        </div>
        <aside>
          {lead && (part === 'measures' || part === 'corrections' || draft.isChanged) && (
            <DraftBar dog={dog} today={today} draft={draft} leftAside={asked.leftAside} />
          )}
          <Tabs
            destroyOnHidden
            activeKey={part}
            onChange={setPart}
            items={[
              {
                key: 'cuts',
                label: 'Cut list',
                children: <ZoneCuts {...{ dog, asks: zones, cuts: solved.cuts, way, chosen, onChoose }} />,
              },
              {
                key: 'measures',
                label: 'Measures',
                children: (
                  <MeasuresPart
                    {...{
                      dog,
                      ask: asked.ask,
                      tried: draft.draft.measures,
                      leftAside: asked.leftAside,
                      onMove: draft.measure,
                    }}
                  />
                ),
              },
              {
                key: 'corrections',
                label: 'For the eye',
                children: <CorrectionsPart {...{ ask: asked.ask, solved, draft, way }} />,
              },
              {
                key: 'compare',
                label: 'Compare',
                children: (
                  <>
                    <ComparePart {...{ dog, today, ask: asked.ask, solved, both }} />
                    <PhotoPart {...{ dog, ask: asked.ask, answer: solved.answer, today }} onLay={setPhoto} />
                  </>
                ),
              },
            ]}
          />
        </aside>
      </div>
    </div>
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

/** Steps back and forward, and keeping what was tried. */
function DraftBar({
  dog,
  today,
  draft,
  leftAside,
}: {
  readonly dog: Dog;
  readonly today: LocalDay;
  readonly draft: ReturnType<typeof useOutlineDraft>;
  readonly leftAside: readonly OutlineMeasure[];
}) {
  const { save, busy } = useDogRecord(dog);
  useUndoKeys(draft);
  const { measures } = draft.draft;
  const record = keptRecord(dog, today, draft.draft, leftAside);
  const keep = (): void => save(record, () => draft.clear({ ...draft.draft, measures: {} }));
  const isDoubtful = Object.keys(measures).some((what) => leftAside.includes(what as OutlineMeasure));
  return (
    <div className="outline-draft">
      <Button onClick={draft.undo} disabled={!draft.canUndo}>
        Back a step
      </Button>
      <Button onClick={draft.redo} disabled={!draft.canRedo}>
        Forward
      </Button>
      <Button onClick={() => draft.clear(draftOf(dog))} disabled={!draft.isChanged}>
        Leave it
      </Button>
      <Button type="primary" onClick={keep} disabled={!draft.isChanged || busy}>
        Keep
      </Button>
      {draft.isChanged && <WhatMoves key={JSON.stringify(record)} dog={dog} record={record} />}
      {isDoubtful && (
        <span className="soft">
          Not kept:{' '}
          {leftAside
            .filter((m) => m in measures)
            .map((m) => MEASURE_WORDS[m])
            .join(', ')}
          , too far from the breed.
        </span>
      )}
    </div>
  );
}

/** Ctrl+Z takes a step back, Ctrl+Shift+Z or Ctrl+Y goes forward; fields keep theirs. */
function useUndoKeys({ undo, redo }: Pick<ReturnType<typeof useOutlineDraft>, 'undo' | 'redo'>): void {
  // A place of the drawing that was just moved still has the focus, and is a slider.
  const ways = { preventDefault: true, enableOnFormTags: ['slider'] } as const;
  useHotkeys('mod+z', undo, ways, [undo]);
  useHotkeys(['mod+shift+z', 'mod+y'], redo, ways, [redo]);
}
