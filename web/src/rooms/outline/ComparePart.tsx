/*
 * Earlier outlines of the dog, kept by name and day; any two are compared by zone.
 */
import { useMutation } from '@tanstack/react-query';
import { Button, Input, Select } from 'antd';
import { useState } from 'react';
import { v7 } from 'uuid';
import {
  MOST_OUTLINES,
  coatDepthsOn,
  coatRings,
  outlineProportions,
  solveOutline,
  zoneDifferences,
} from '@loyal-mane/core';
import type { BodySide, CutAsk, LocalDay, OutlineAsk, OutlineAnswer } from '@loyal-mane/core';
import { ZONE_NAMES } from '@loyal-mane/library';
import { mmWords, monthDay } from '@loyal-mane/library/words';
import { recordOf, useDogRecord } from '../../parts/dogRecord';
import type { Dog } from '../../parts/dogRecord';
import { useRooms } from '../../parts/useRooms';
import { fitOf } from '../../workers/photoClient';
import { fitWords } from './PhotoPart';
import type { SolvedOutline } from './outlineOf';
import { lengthOn } from './outlineOf';

const SEEN_MM = 1;

interface Props {
  readonly dog: Dog;
  readonly today: LocalDay;
  readonly ask: OutlineAsk;
  readonly solved: SolvedOutline;
  /** Hair of both sides. */
  readonly both: Readonly<Record<BodySide, readonly CutAsk[]>>;
}

/** Depths of coat by name. */
type Shown = Readonly<Record<string, { readonly label: string; readonly depths: readonly number[] }>>;

/** Keeping today's outline, and two of them compared. */
export function ComparePart({ dog, today, ask, solved, both }: Props) {
  const { lead } = useRooms();
  const shown = shownOutlines(dog, today, ask, solved.answer, both);
  const names = Object.keys(shown);
  const [a, setA] = useState('today');
  const [b, setB] = useState('wanted');
  const [first, second] = [shown[a] ?? shown['today'], shown[b] ?? shown['wanted']];
  if (first === undefined || second === undefined) return null;
  const { stations } = solved.answer;
  const gaps = zoneDifferences(stations, first.depths, second.depths, SEEN_MM);
  const [p, q] = [outlineProportions(stations, first.depths), outlineProportions(stations, second.depths)];
  const choices = names.map((value) => ({ value, label: shown[value]?.label }));
  return (
    <section aria-label="Compare">
      {lead && <KeepOne dog={dog} today={today} zones={both.left} />}
      <div>
        <Select aria-label="From" value={a} options={choices} onChange={setA} style={{ width: 210 }} /> to{' '}
        <Select aria-label="To" value={b} options={choices} onChange={setB} style={{ width: 210 }} />
      </div>
      {gaps.length === 0 ? (
        <p>No zone differs by a millimeter.</p>
      ) : (
        <table className="outline-proportions">
          <thead>
            <tr>
              <th scope="col">Zone</th>
              <th scope="col">most</th>
              <th scope="col">mean</th>
            </tr>
          </thead>
          <tbody>
            {gaps.map((d) => (
              <tr key={d.zone}>
                <th scope="row">{ZONE_NAMES[d.zone]}</th>
                <td>{signed(d.mostMm)}</td>
                <td>{signed(d.meanMm)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {lead && <WantAgain dog={dog} ids={[a, b]} />}
      <Areas key={`${a} ${b}`} stations={stations} first={first.depths} second={second.depths} />
      <p className="soft">
        Millimeters of outline, + where the second is fuller. Length to height {p.lengthToHeight.toFixed(2)} and{' '}
        {q.lengthToHeight.toFixed(2)}. Both on the body as it is measured now.
      </p>
    </section>
  );
}

/** A kept outline as the target: its lengths become those that are wanted. */
function WantAgain({ dog, ids }: { readonly dog: Dog; readonly ids: readonly string[] }) {
  const { save, busy } = useDogRecord(dog);
  const record = recordOf(dog);
  return (record.outline?.kept ?? [])
    .filter((k) => ids.includes(k.id) && k.lengths.length > 0)
    .map((k) => {
      const zones = new Set(k.lengths.map((l) => l.zone));
      const wanted = [...(record.wanted ?? []).filter((w) => !zones.has(w.zone)), ...k.lengths];
      return (
        <p key={k.id}>
          <Button size="small" disabled={busy} onClick={() => save({ wanted })}>
            Want it as “{k.name}”
          </Button>{' '}
          <span className="soft">its {k.lengths.length} lengths become those that are wanted on the day</span>
        </p>
      );
    });
}

/** The two as areas: asked for, since a drawing that moves has no time for it. */
function Areas({
  stations,
  first,
  second,
}: {
  readonly stations: OutlineAnswer['stations'];
  readonly first: readonly number[];
  readonly second: readonly number[];
}) {
  const fit = useMutation({ mutationFn: () => fitOf(coatRings(stations, first), coatRings(stations, second), 0) });
  return (
    <p>
      <Button size="small" loading={fit.isPending} onClick={() => fit.mutate()}>
        Compare the areas
      </Button>{' '}
      {fit.data != null && (
        <span role="status">
          {fitWords(fit.data)} Area between: {Math.round(fit.data.betweenMm2 / 100)} cm².
        </span>
      )}
    </p>
  );
}

function signed(mm: number): string {
  return `${mm > 0 ? '+' : '−'}${mmWords(Math.abs(mm))}`;
}

/** Outlines that can be compared: now, on the day if left, as cut, wanted, and those that were kept. */
function shownOutlines(
  dog: Dog,
  today: LocalDay,
  ask: OutlineAsk,
  { stations }: OutlineAnswer,
  both: Props['both'],
): Shown {
  const floorMm = ask.breed.floor * ask.heightMm;
  const kept = (recordOf(dog).outline?.kept ?? []).map((k) => {
    const lengths = new Map(k.lengths.map((l) => [l.zone, l.mm]));
    const then = both.left.map((z) => {
      const mm = lengths.get(z.zone);
      return { ...z, measured: mm === undefined ? null : { day: k.day, mm } };
    });
    const answer = solveOutline({ ...ask, zones: then, showDay: k.day });
    return [
      k.id,
      { label: `${k.name}, ${monthDay(k.day)}`, depths: answer.stations.map((s) => s.onDayDepth) },
    ] as const;
  });
  const sideToday = (side: BodySide): readonly number[] =>
    coatDepthsOn(solveOutline({ ...ask, zones: both[side] }).stations, today, floorMm);
  const isSided = (recordOf(dog).lengths ?? []).some((l) => l.side !== undefined);
  const sides = isSided
    ? {
        leftSide: { label: 'left side today', depths: sideToday('left') },
        rightSide: { label: 'right side today', depths: sideToday('right') },
      }
    : {};
  return {
    ...sides,
    today: { label: 'today', depths: coatDepthsOn(stations, today, floorMm) },
    left: { label: 'on the day if left', depths: stations.map((s) => s.onDayDepth) },
    cut: { label: 'on the day as cut', depths: stations.map((s) => s.depth) },
    wanted: { label: 'wanted', depths: stations.map((s) => Math.max(0, s.targetDepth)) },
    ...Object.fromEntries(kept),
  };
}

function KeepOne({
  dog,
  today,
  zones,
}: {
  readonly dog: Dog;
  readonly today: LocalDay;
  readonly zones: readonly CutAsk[];
}) {
  const { save, busy } = useDogRecord(dog);
  const [name, setName] = useState('');
  const { outline } = recordOf(dog);
  const keep = (): void => {
    const measured = zones.flatMap((z) => {
      const mm = lengthOn(z, today);
      return mm === null || mm < 0.5 ? [] : [{ zone: z.zone, mm: Math.round(mm * 2) / 2 }];
    });
    const one = {
      id: v7(),
      day: today,
      name: name.trim(),
      lengths: measured,
      wanted: recordOf(dog).wanted ?? [],
      corrections: outline?.corrections ?? [],
    };
    save({ outline: { ...outline, kept: [...(outline?.kept ?? []), one].slice(-MOST_OUTLINES) } }, () => setName(''));
  };
  return (
    <div>
      <Input
        aria-label="Name of today’s outline"
        placeholder="before the trim"
        maxLength={60}
        value={name}
        onChange={(e) => setName(e.target.value)}
        style={{ width: 210 }}
      />{' '}
      <Button disabled={name.trim() === '' || busy} onClick={keep}>
        Keep today’s outline
      </Button>
    </div>
  );
}
