/*
 * One task, opened: what, why there, how early and how late it could be with everything else as it is, what waits for it,
 * how it is done, what to mind.
 */
import { useQuery } from '@tanstack/react-query';
import { Drawer } from 'antd';
import { Suspense, lazy } from 'react';
import { Link } from 'react-router';
import { instantToMs, localDayOf } from '@loyal-mane/core';
import type { Instant, PlannedActivity, StepId } from '@loyal-mane/core';
import { METHODS, clockWords, dayWords, durationWords, reasonWords, restsOnWords } from '@loyal-mane/library/words';
import { methodsQuery, slackQuery } from '../api/queries';
import { serverNowMs } from '../api/serverClock';
import { StartWindows } from './StartWindows';
import { StepGlyph } from './Glyph';
import { stepName } from './stepName';
import { useReturnFocus } from './useReturnFocus';
import { useRooms } from './useRooms';

/* Pages come with the first drawer that is opened, not with the application. */
const HowTo = lazy(() => import('./HowTo'));

/** Whether a task waits or runs today, so that a bench has it. */
function isOfToday({ state, start }: PlannedActivity, zone: string): boolean {
  const isOpen = state === 'planned' || state === 'running';
  return isOpen && localDayOf(instantToMs(start), zone) === localDayOf(serverNowMs(), zone);
}

/** The bench at a task: of whoever does it. */
function benchOf({ key, people }: PlannedActivity, me: string): string {
  const [who] = people;
  const person = who === undefined || who === me ? '' : `&person=${who}`;
  return `/bench?task=${encodeURIComponent(key)}${person}`;
}

function stepOfKey(key: string): StepId {
  return key.split(':').at(-3) as StepId;
}

/** A task, opened. */
export function TaskDrawer({ activity, onClose }: { activity: PlannedActivity | null; onClose: () => void }) {
  const { session, kennel, names, stored, looksAtDraft, lead, crew } = useRooms();
  useReturnFocus(activity !== null);
  const methods = useQuery({ ...methodsQuery, enabled: crew && activity !== null }).data;
  const ask = crew && activity !== null && activity.state === 'planned' && !looksAtDraft;
  const slack = useQuery({ ...slackQuery(activity?.key ?? '', stored?.id ?? ''), enabled: ask });
  if (activity === null) return null;
  const a = activity;
  const at = (iso: string): string => {
    const ms = instantToMs(iso as Instant);
    return `${dayWords(ms, names.zone)} ${clockWords(ms, names.zone, names.clock)}`;
  };
  const rest = instantToMs(a.end) - instantToMs(a.attendedUntil);
  return (
    <Drawer open onClose={onClose} size={480} title={`${names.dog(a.dogId)}: ${stepName(a).toLowerCase()}`}>
      <p style={{ display: 'flex', gap: 10, alignItems: 'center', margin: 0 }}>
        <StepGlyph step={a.step} size={28} />
        <span>
          <b>{at(a.start)}</b> to {clockWords(instantToMs(a.attendedUntil), names.zone, names.clock)}
          {a.people.length > 0 && `, ${a.people.map((p) => names.person(p)).join(' and ')}`}
          {a.stationId !== null && `, ${names.station(a.stationId)}`}
          {rest > 0 && `. Then ${durationWords(rest)} alone in the pen.`}
        </span>
      </p>
      {crew && isOfToday(a, names.zone) && (
        <p style={{ margin: '8px 0 0' }}>
          <Link className="link" to={benchOf(a, session.personId)}>
            At the bench
          </Link>
        </p>
      )}
      <dl className="fact">
        <dt>Minutes</dt>
        <dd>
          about {Math.round(a.minutes.middle)}, usually {Math.round(a.minutes.p20)} to {Math.round(a.minutes.p80)}
          <div className="soft">{restsOnWords(a.minutes)}</div>
        </dd>
        <dt>Why then</dt>
        <dd>{reasonWords(a, names)}</dd>
        {ask && !lead && (
          <>
            <dt>Earliest</dt>
            <dd>
              {slack.data?.earliest == null ? (slack.isPending ? 'computing' : 'as planned') : at(slack.data.earliest)}
            </dd>
            <dt>Latest</dt>
            <dd>
              {slack.data?.latest == null ? (slack.isPending ? 'computing' : 'as planned') : at(slack.data.latest)}
            </dd>
          </>
        )}
        {ask && lead && (
          <>
            <dt>Could start</dt>
            <dd>
              <StartWindows activity={a} />
            </dd>
          </>
        )}
        {ask && (
          <>
            <dt>Then come</dt>
            <dd>
              {slack.data === undefined
                ? 'computing'
                : slack.data.waits.length === 0
                  ? 'nothing'
                  : slack.data.waits.map((k) => METHODS[stepOfKey(k)].name.toLowerCase()).join(', ')}
            </dd>
          </>
        )}
      </dl>
      <Suspense fallback={<p className="soft">Loading.</p>}>
        <HowTo task={a} kennel={kennel} zone={names.zone} methods={methods} />
      </Suspense>
    </Drawer>
  );
}
