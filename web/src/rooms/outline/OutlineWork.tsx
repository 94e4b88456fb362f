/*
 * The outline at work: solved as soon as anything moves, drawn, and told in the parts beside it.
 */
import { Button, Tabs } from 'antd';
import type { ReactNode } from 'react';
import { useEffect, useMemo, useRef, useState } from 'react';
import type { LocalDay, OutlineMeasure, Point, ZoneCut, ZoneId } from '@loyal-mane/core';
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
import { ZoneMap } from './ZoneMap';
import { ZoneCuts } from './ZoneCuts';
import { cutAsks, outlineAskOf, solvedOutline } from './outlineOf';
import type { WayToShow } from './outlineOf';
import { draftOf, useOutlineDraft } from './useOutlineDraft';

/** The view: a side with its line, or the map of all zones. */
export type OutlineView = 'left' | 'right' | 'map';

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
  const [photo, setPhoto] = useState<readonly Point[] | null>(null);
  const draft = useOutlineDraft(dog);
  const zones = useMemo(() => cutAsks(dog, kennel, today), [dog, kennel, today]);
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
          {view === 'map' ? (
            <ZoneMap {...{ ask: asked.ask, zones, cuts: solved.cuts, shownDay, chosen, onChoose }} />
          ) : (
            <OutlinePicture
              {...{ ask: asked.ask, solved, shownDay, isLeft: view === 'left', chosen, onChoose, photo }}
              isMoving={draft.isHeld}
            >
              {(at) =>
                part === 'measures' && lead ? (
                  <Handles ask={asked.ask} view={at} onMove={draft.measure} onRelease={draft.release} />
                ) : null
              }
            </OutlinePicture>
          )}
          {foot}
          <Legend isList={shownDay === null} />
          <OutlineFiles source={{ dog, zones, draft: draft.draft, sessionDay, showDay }} {...{ solved, draft }} />
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
                children: <CorrectionsPart {...{ ask: asked.ask, solved, draft }} />,
              },
              {
                key: 'compare',
                label: 'Compare',
                children: (
                  <>
                    <ComparePart {...{ dog, today, ask: asked.ask, solved, zones }} />
                    <PhotoPart heightMm={asked.ask.heightMm} onLay={(laid) => setPhoto(laid?.ring ?? null)} />
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
  const record = recordOf(dog);
  const { measures, corrections, lengthPull } = draft.draft;
  const keep = (): void => {
    const measured = Object.entries(measures).filter(([what]) => !leftAside.includes(what as OutlineMeasure));
    const others = (record.measures ?? []).filter(
      (m) => m.day !== today || !measured.some(([what]) => what === m.what),
    );
    const mine = measured.map(([what, mm]) => ({ day: today, what, cm: Math.round(mm) / 10 }));
    const asked = Object.entries(corrections).flatMap(([what, amount]) => (amount > 0 ? [{ what, amount }] : []));
    save({ measures: [...others, ...mine], outline: { ...record.outline, corrections: asked, lengthPull } }, () =>
      draft.clear({ ...draft.draft, measures: {} }),
    );
  };
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
  useEffect(() => {
    const key = (e: KeyboardEvent): void => {
      if (!(e.ctrlKey || e.metaKey) || (e.target as HTMLElement).closest('input, textarea') !== null) return;
      const pressed = e.key.toLowerCase();
      if (pressed !== 'z' && pressed !== 'y') return;
      e.preventDefault();
      if (pressed === 'y' || e.shiftKey) redo();
      else undo();
    };
    window.addEventListener('keydown', key);
    return () => window.removeEventListener('keydown', key);
  }, [undo, redo]);
}
