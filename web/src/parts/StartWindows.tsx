/*
 * When a task could start instead: a band for each day that has a start, clear where it may, with the times in words.
 * Where nothing else has to move the band is full, where the rest of the dog's work follows it is pale.
 */
import { useQuery } from '@tanstack/react-query';
import { instantToMs, localDayOf, wallToMs } from '@loyal-mane/core';
import type { LocalDay, PlannedActivity, StartStretch, TaskKey, TaskStarts, WallTime } from '@loyal-mane/core';
import { clockWords, dayWords } from '@loyal-mane/library/words';
import type { Names } from '@loyal-mane/library/words';
import { planner } from '../workers/plannerClient';
import type { AskedPlan } from '../workers/plannerClient';
import { useRooms } from './useRooms';
import { SetTask } from './SetTask';
import { useAskedPlan } from './useAskedPlan';

const DAY_MS = 86_400_000;
const MOST_DAYS = 4;

interface Stretch {
  readonly fromMs: number;
  readonly toMs: number;
}

/** Stretches by the day they begin in. */
function byDay(stretches: readonly StartStretch[], names: Names): Map<LocalDay, Stretch[]> {
  const days = new Map<LocalDay, Stretch[]>();
  for (const s of stretches) {
    const stretch = { fromMs: instantToMs(s.from), toMs: instantToMs(s.to) };
    const day = localDayOf(stretch.fromMs, names.zone);
    days.set(day, [...(days.get(day) ?? []), stretch]);
  }
  return days;
}

function stretchWords(list: readonly Stretch[], names: Names): string {
  const at = (ms: number): string => clockWords(ms, names.zone, names.clock);
  return list.map((s) => (s.fromMs === s.toMs ? at(s.fromMs) : `${at(s.fromMs)} to ${at(s.toMs)}`)).join(', ');
}

function useStarts(plan: AskedPlan | null, key: TaskKey) {
  return useQuery({
    queryKey: ['windows', plan?.id, key],
    queryFn: () => planner.windows(plan as AskedPlan, key),
    enabled: plan !== null,
    staleTime: Infinity,
  });
}

/** When a task could start instead, drawn by day. */
export function StartWindows({ activity }: { activity: PlannedActivity }) {
  const startMs = instantToMs(activity.start);
  const { names } = useRooms();
  const plan = useAskedPlan(true);
  const asked = useStarts(plan, activity.key);
  if (asked.isError) return <p className="soft">Other starts could not be computed here.</p>;
  if (asked.data === undefined) return <p className="soft">Computing.</p>;
  const { starts } = asked.data;
  if (starts === null) return null;
  const open = byDay(starts.open, names);
  const alone = byDay(starts.alone, names);
  const days = [...open.keys()];
  return (
    <div className="starts" data-took-ms={asked.data.tookMs.toFixed(2)}>
      {days.slice(0, MOST_DAYS).map((day) => (
        <DayBand
          key={day}
          day={day}
          open={open.get(day) ?? []}
          alone={alone.get(day) ?? []}
          startMs={startMs}
          names={names}
        />
      ))}
      {days.length > MOST_DAYS && <p className="soft">and on {days.length - MOST_DAYS} more days</p>}
      <p className="soft">{legendWords(starts)}</p>
      {plan !== null && <SetTask activity={activity} open={starts.open} plan={plan} />}
    </div>
  );
}

function legendWords({ open, alone }: TaskStarts): string {
  if (open.length === 0)
    return 'None: with the other dogs where they are, this dog would not be ready from any start. Plan again, and they move.';
  const rest = alone.length > 0 ? 'Dark: only this task moves. Light: the rest' : 'The rest';
  return `${rest} of the dog’s work moves along. Other dogs stay where they are.`;
}

interface BandProps {
  readonly day: LocalDay;
  readonly open: readonly Stretch[];
  readonly alone: readonly Stretch[];
  readonly startMs: number;
  readonly names: Names;
}

function DayBand({ day, open, alone, startMs, names }: BandProps) {
  const midnight = wallToMs(day, '00:00' as WallTime, names.zone);
  const x = (ms: number): number => ((ms - midnight) / DAY_MS) * 300;
  const bar = (s: Stretch, cls: string) => (
    <rect
      key={`${cls}${String(s.fromMs)}`}
      className={cls}
      x={x(s.fromMs)}
      width={Math.max(2, x(s.toMs) - x(s.fromMs))}
      y={3}
      height={12}
      rx={3}
    />
  );
  const here = localDayOf(startMs, names.zone) === day;
  return (
    <div className="start-band">
      <b>{dayWords(midnight, names.zone).slice(0, 3)}</b>
      <svg
        viewBox="0 0 300 18"
        role="img"
        aria-label={`${dayWords(midnight, names.zone)}: ${stretchWords(open, names)}`}
      >
        <line x1={0} x2={300} y1={9} y2={9} className="hair" />
        {open.map((s) => bar(s, 'open'))}
        {alone.map((s) => bar(s, 'alone'))}
        {here && <line x1={x(startMs)} x2={x(startMs)} y1={0} y2={18} className="now" />}
      </svg>
      <span>{stretchWords(open, names)}</span>
    </div>
  );
}
