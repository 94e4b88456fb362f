/*
 * The parts beside the drawing: cut list, measures, what the eye is to see, what it is compared with; and keeping what was tried.
 */
import { Button, Tabs } from 'antd';
import { memo } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import type { BodySide, CutAsk, LocalDay, OutlineMeasure, OutlineOfDog, ZoneId } from '@loyal-mane/core';
import { MEASURE_WORDS } from '@loyal-mane/library/words';
import { useDogRecord } from '../../parts/dogRecord';
import type { Dog } from '../../parts/dogRecord';
import { useRooms } from '../../parts/useRooms';
import { ComparePart } from './ComparePart';
import { CorrectionsPart } from './CorrectionsPart';
import { MeasuresPart } from './MeasuresPart';
import { PhotoPart } from './PhotoPart';
import type { LaidPhoto } from './PhotoPart';
import { WhatMoves } from './WhatMoves';
import { ZoneCuts } from './ZoneCuts';
import type { SolvedOutline, WayToShow } from './outlineOf';
import { draftOf, keptRecord } from './useOutlineDraft';
import type { useOutlineDraft } from './useOutlineDraft';

interface Props {
  readonly dog: Dog;
  readonly way: WayToShow | null;
  readonly today: LocalDay;
  readonly zones: readonly CutAsk[];
  readonly both: Readonly<Record<BodySide, readonly CutAsk[]>>;
  readonly chosen: ZoneId | null;
  readonly onChoose: (zone: ZoneId) => void;
  readonly part: string;
  readonly onPart: (part: string) => void;
  readonly asked: OutlineOfDog;
  readonly solved: SolvedOutline;
  readonly draft: ReturnType<typeof useOutlineDraft>;
  readonly onPhoto: (photo: LaidPhoto | null) => void;
}

/** All parts; drawn anew only when what they show has changed, since a drag changes the drawing many times a second. */
export const OutlineParts = memo(function OutlineParts(props: Props) {
  const { dog, way, today, zones, both, chosen, onChoose, part, onPart, asked, solved, draft, onPhoto } = props;
  const { lead } = useRooms();
  return (
    <aside>
      {lead && (part === 'measures' || part === 'corrections' || draft.isChanged) && (
        <DraftBar dog={dog} today={today} draft={draft} leftAside={asked.leftAside} />
      )}
      <Tabs
        destroyOnHidden
        activeKey={part}
        onChange={onPart}
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
                {...{ dog, ask: asked.ask, tried: draft.draft.measures, leftAside: asked.leftAside }}
                onMove={draft.measure}
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
                <PhotoPart {...{ dog, ask: asked.ask, answer: solved.answer, today }} onLay={onPhoto} />
              </>
            ),
          },
        ]}
      />
    </aside>
  );
});

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
