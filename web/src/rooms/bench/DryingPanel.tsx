/*
 * Drying at the bench: the room's air, how long heat takes in it, what a drier room would save, the curve, and where most of
 * the time goes.
 */
import { useQuery } from '@tanstack/react-query';
import { Suspense, lazy, useMemo } from 'react';
import { dryingIn, dryingShares, minutesByZone } from '@loyal-mane/core';
import type { Drying, LocalDay, PlannedActivity, RoomAir, WetDog } from '@loyal-mane/core';
import { DOG_PARTS, HAIR_SHARES, ZONE_NAMES } from '@loyal-mane/library';
import { airQuery } from '../../api/queries';
import { recordOf } from '../../parts/dogRecord';
import type { Dog } from '../../parts/dogRecord';
import { useRooms } from '../../parts/useRooms';
import { useMeasure } from '../../parts/useMeasure';
import { useDogWork } from '../../parts/useWork';
import { degreesWords } from '../../parts/volumes';

const DryingCurve = lazy(() => import('../../parts/DryingCurve'));

/** A room that is aired and warm: what a better one would save is told against it (common practice). */
const DRY_ROOM: RoomAir = { celsius: 22, humidity: 0.4 };
/** Savings that are worth a word, min. */
const WORTH_MIN = 1;
const LONGEST_PARTS = 3;
/** Finds of damp from which a zone is named. */
const OFTEN = 2;

interface Props {
  readonly dog: Dog;
  readonly activity: PlannedActivity;
  /** Minutes that the running task has taken. */
  readonly workedMin: number;
}

/** Under the meters of steps that dry; nothing without a sensor. */
export function DryingPanel({ dog, activity, workedMin }: Props) {
  const air = useQuery(airQuery).data?.latest ?? null;
  const [measure] = useMeasure();
  const { plan } = useRooms();
  const checks = useDogWork(dog.id).filter((w) => w.step === 'dryCheck' && w.state === 'done').length;
  const wet = useMemo(() => wetDog(dog, activity, plan?.activities ?? []), [dog, activity, plan]);
  const drying = useMemo(() => (air === null ? null : dryingIn(wet, air)), [air, wet]);
  if (air === null || drying === null) return null;
  const isHeat = activity.step === 'heatDry';
  const doneMin = (isHeat ? drying.blowMin : 0) + workedMin;
  const words = dryingWords(wet, air, drying);
  return (
    <section className="drying" aria-label="Drying">
      <p>
        Wet room: {degreesWords(air.celsius, measure)}, {Math.round(air.humidity * 100)} % humidity. {words}
      </p>
      <Suspense fallback={<div className="drying-curve" />}>
        <DryingCurve
          curve={drying.curve}
          turnMin={drying.blowMin > 0 && drying.heatMin > 0 ? drying.blowMin : null}
          doneMin={doneMin}
          label={`Water in the coat: ${String(Math.round(drying.grams))} g after the towel. ${words}`}
        />
      </Suspense>
      <p className="soft">{longestWords(dog, isHeat ? drying.heatMin : drying.blowMin, checks)}</p>
    </section>
  );
}

/** The dog with the plan's minutes of both phases of its drying on the task's day. */
export function wetDog(dog: Dog, activity: PlannedActivity, planned: readonly PlannedActivity[]): WetDog {
  const day = activity.start.slice(0, 10);
  const minutes = (step: PlannedActivity['step']): number =>
    planned
      .filter((a) => a.dogId === dog.id && a.step === step && a.entryId === activity.entryId && a.start.startsWith(day))
      .reduce((sum, a) => sum + a.minutes.middle, 0);
  return {
    weightKg: dog.weightKg,
    coat: dog.coat,
    density: recordOf(dog).density,
    blowMin: minutes('forceDry'),
    heatMin: minutes('heatDry'),
  };
}

/** "Heat about 31 min here; in a dry room 2 min less." */
export function dryingWords(wet: WetDog, air: RoomAir, drying: Drying): string {
  if (drying.heatMin === 0) return 'Blown out only: the air does not change its minutes.';
  const saved = drying.heatMin - dryingIn(wet, DRY_ROOM).heatMin;
  const better = saved >= WORTH_MIN ? `; aired and at 40 % it would be ${String(Math.round(saved))} min less` : '';
  return `Heat takes about ${String(Math.round(drying.heatMin))} min in it${better}.`;
}

/** "Longest: body 9 min, rear 6 min. Often damp: behind the ear." */
function longestWords(dog: Dog, minutes: number, checks: number): string {
  const found = dog.dampFound.map(({ zone, day }) => ({ zone, day: day as LocalDay }));
  const shares = dryingShares(HAIR_SHARES[dog.coat], found, checks);
  const parts = new Map(DOG_PARTS.map((p) => [p.name, p.zones.reduce((sum, z) => sum + (shares.get(z) ?? 0), 0)]));
  const longest = [...minutesByZone(minutes, parts)].sort((x, y) => y[1] - x[1]).slice(0, LONGEST_PARTS);
  const words = longest.map(([name, min]) => `${name.toLowerCase()} ${String(Math.max(1, Math.round(min)))} min`);
  const often = [...new Set(found.map((f) => f.zone))].filter((z) => found.filter((f) => f.zone === z).length >= OFTEN);
  const damp = often.length === 0 ? '' : ` Often still damp: ${often.map((z) => ZONE_NAMES[z]).join(', ')}.`;
  return `Longest: ${words.join(', ')}.${damp}`;
}
