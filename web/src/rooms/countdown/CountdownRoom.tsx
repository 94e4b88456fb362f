/*
 * Countdown: will every dog be ready, what is in the way? One strand a dog on the count-back scale.
 */
import { Suspense, lazy, useCallback, useMemo, useState } from 'react';
import { Button } from 'antd';
import { useSearchParams } from 'react-router';
import { REACHES_D, countBackScale, countdown, localDayOf } from '@loyal-mane/core';
import type { LocalDay, Plan } from '@loyal-mane/core';
import { monthDay, tightestWords, weekdayWords, whyNotWords } from '@loyal-mane/library/words';
import type { Names } from '@loyal-mane/library/words';
import type { Kennel } from '../../api/queries';
import { useBreaks } from '../../parts/useBreaks';
import { useChecks } from '../../parts/useChecks';
import { useNow } from '../../parts/useNow';
import { useRooms } from '../../parts/useRooms';
import { useWidth } from '../../parts/useWidth';
import { useWork } from '../../parts/useWork';
import { countWords } from '../../parts/countWords';
import { Gaps } from './Gaps';
import { nightsOf } from './nights';
import { useShortHair } from './useShortHair';
import { NoLongerHolds } from './NoLongerHolds';
import { PhoneRows } from './PhoneRows';
import { FirstSteps } from './FirstSteps';
import { DraftBar, PlanButton, usePlanning } from './PlanBar';
import { Plot } from './Plot';
import { byWords } from './rowWords';
import { FirstRemedy, Looking, known } from './Remedies';
import { useRemedy } from './useRemedy';
import './countdown.css';

/** Asked for now and then. */
const WhatIfDrawer = lazy(() => import('./WhatIf').then((m) => ({ default: m.WhatIfDrawer })));
/** Needed when a dog is opened. */
const DogDrawer = lazy(() => import('./DogDrawer').then((m) => ({ default: m.DogDrawer })));
/** Needed once in a kennel's life. */
const OpenKennel = lazy(() => import('./OpenKennel').then((m) => ({ default: m.OpenKennel })));

const NUMBERS = ['None', 'One', 'Two', 'Three', 'Four', 'Five', 'Six', 'Seven', 'Eight', 'Nine'];
const PHONE_PX = 640;
/** An entry that is less likely than this to be ready is named. */
const SURE = 0.95;

/** The room that answers whether every dog will be ready. */
export default function CountdownRoom() {
  const { kennel, view, plan, names, lead, crew, looksAtDraft } = useRooms();
  const now = useNow(10_000);
  const [params, setParams] = useSearchParams();
  const [ref, width] = useWidth(1224);
  const planning = usePlanning(view);
  const [supposing, setSupposing] = useState(false);
  const breaks = useBreaks();
  const read = useWork(useCallback((work) => countdown(kennel, plan, work, now, breaks), [kennel, plan, now, breaks]));
  const reach = REACHES_D.find((r) => String(r) === params.get('reach')) ?? 7;
  const scale = useMemo(() => countBackScale(reach * 24), [reach]);
  const set = (key: string, value: string | null): void =>
    setParams((p) => {
      if (value === null) p.delete(key);
      else p.set(key, value);
      return p;
    });
  const open = useCallback(
    (dogId: string) =>
      setParams((p) => {
        p.set('dog', dogId);
        return p;
      }),
    [setParams],
  );
  const openDog = kennel.dogs.find((d) => d.id === params.get('dog')) ?? null;
  const today = localDayOf(now, names.zone);
  const nights = useMemo(() => nightsOf(kennel, today), [kennel, today]);
  const short = useShortHair(today);

  if (read.show === null) return <NoShow today={today} />;
  const plotted = { names, kennel, now, width, nights, short, onOpen: open };
  return (
    <div className={looksAtDraft ? 'room looks-at-draft' : 'room'} ref={ref}>
      <section className="answer" aria-label="Answer">
        <div>
          <h1>
            <b>
              {read.ready} of {read.of}
            </b>{' '}
            will be ready
          </h1>
          <p>
            {answerWords(read, plan, names)}
            {crew && !lead && read.withoutRide.length > 0 && (
              <> {rideWords(read.withoutRide.map((id) => names.dog(id)))}</>
            )}
          </p>
        </div>
        <div className="in-the-way">
          <div className="causes">
            {lead && <Gaps today={today} planning={planning} />}
            <NoLongerHolds breaks={breaks} planning={planning} onOpen={open} />
            <InTheWay problems={read.problems} now={now} planning={planning} onOpen={open} />
          </div>
          {lead && view.published !== null && <Button onClick={() => setSupposing(true)}>What if</Button>}
          {lead && <PlanButton planning={planning} />}
        </div>
      </section>
      {lead && view.draft !== null && <DraftBar draft={view.draft} published={view.published?.plan ?? null} />}
      {width < PHONE_PX ? (
        <PhoneRows days={read.days} {...plotted} />
      ) : (
        <Plot
          read={read}
          reach={reach}
          scale={scale}
          onReach={(r) => set('reach', r === 7 ? null : String(r))}
          {...plotted}
        />
      )}
      {read.later.map((l) => (
        <p className="later" key={l.show.id}>
          <b>
            {weekdayWords(l.show.firstDay)} {monthDay(l.show.firstDay)}, {l.show.name}
          </b>{' '}
          {countWords(l.dogs, 'dog')}, {laterWords(l)}
        </p>
      ))}
      {supposing && (
        <Suspense>
          <WhatIfDrawer onClose={() => setSupposing(false)} planAgain={() => planning.plan('keep')} />
        </Suspense>
      )}
      {openDog !== null && (
        <Suspense>
          <DogDrawer
            dog={openDog}
            today={today}
            onClose={() => set('dog', null)}
            planAgain={() => planning.plan('keep')}
          />
        </Suspense>
      )}
    </div>
  );
}

/** Before the first show is entered: the way there. */
function NoShow({ today }: { today: LocalDay }) {
  const { kennel, lead } = useRooms();
  return (
    <div className="room no-show">
      <h1>No show is ahead.</h1>
      <p className="soft">
        {lead
          ? 'A few things are needed before a dog can be counted back from its ring time.'
          : 'As soon as a lead enters a show, every dog is counted back from its ring time.'}
      </p>
      {lead && <FirstSteps kennel={kennel} today={today} />}
      {lead && kennel.dogs.length === 0 && kennel.shows.length === 0 && (
        <Suspense>
          <OpenKennel />
        </Suspense>
      )}
    </div>
  );
}

type Read = ReturnType<typeof countdown<Kennel>>;

/** Whether something stands in the way, is not planned yet, or is tight. */
function answerWords(read: Read, plan: Plan | null, names: Names): string {
  const problems = read.problems.length;
  const shown = new Map(
    read.days.flatMap((d) => d.rows.flatMap((r) => [r.entry, ...r.also].map((e) => [e.id, r.dogId]))),
  );
  const least = (plan?.odds ?? []).filter((o) => shown.has(o.entryId)).sort((x, y) => x.ready - y.ready)[0];
  const sentences = [
    `for ${read.show?.name ?? ''}.`,
    ...(problems === 0 && read.unplanned === 0 && read.broken === 0 ? ['Nothing is in the way.'] : []),
    ...(problems === 0 ? [] : [`${numberWords(problems)} ${problems === 1 ? 'needs' : 'need'} a decision.`]),
    ...(read.readyWithout.length === 0 ? [] : [withoutWords(read.readyWithout.map((id) => names.dog(id)))]),
    ...(read.broken === 0
      ? []
      : [`The plan no longer holds for ${numberWords(read.broken).toLowerCase()}: plan again.`]),
    ...(read.unplanned === 0
      ? []
      : [`${numberWords(read.unplanned)} ${read.unplanned === 1 ? 'is' : 'are'} not planned yet: plan again.`]),
    ...(least !== undefined && least.ready < SURE
      ? [tightestWords(least, names.dog(shown.get(least.entryId) ?? ''))]
      : []),
  ];
  return sentences.join(' ');
}

/** "Fenn will be ready, but with steps left out." */
function withoutWords(dogs: readonly string[]): string {
  const few = dogs.length <= 3 ? dogs.join(', ') : `${String(dogs.length)} dogs`;
  return `${few} will be ready, but with steps left out.`;
}

function numberWords(n: number): string {
  return NUMBERS[n] ?? String(n);
}

interface WayProps {
  readonly problems: Read['problems'];
  readonly now: number;
  readonly planning: ReturnType<typeof usePlanning>;
  readonly onOpen: (dogId: string) => void;
}

/** Dogs that will not be ready: why, what would help, and until when to decide. */
function InTheWay({ problems, now, planning, onOpen }: WayProps) {
  const { names, lead } = useRooms();
  const checks = useChecks();
  const remedy = useRemedy(() => planning.plan('keep'));
  return (
    <>
      <ol className="way" aria-label="In the way">
        {problems.map(({ row, byMs }) => (
          <li key={row.dogId}>
            <button className="plain" onClick={() => onOpen(row.dogId)}>
              <b>{names.dog(row.dogId)}</b>
            </button>
            <span>
              {row.problem === null ? '' : whyNotWords(known(row.problem, checks), names)}
              {lead && row.problem !== null && <FirstRemedy chain={row.problem} checks={checks} remedy={remedy} />}
            </span>
            <em>{byWords(byMs, now, names)}</em>
          </li>
        ))}
      </ol>
      <Looking checks={checks} />
    </>
  );
}

/** Dogs that nothing takes to the show; a few by name. */
function rideWords(dogs: readonly string[]): string {
  const few = dogs.length <= 3 ? dogs.join(' or ') : `${String(dogs.length)} dogs`;
  return `Nothing takes ${few} there yet.`;
}

function laterWords({ notReady, unplanned, broken }: Read['later'][number]): string {
  const words = [
    ...(notReady > 0 ? [`${String(notReady)} without a place`] : []),
    ...(unplanned > 0 ? [`${String(unplanned)} not planned yet`] : []),
    ...(broken > 0 ? [`the plan no longer holds for ${String(broken)}`] : []),
  ];
  return words.length === 0 ? 'all on course.' : `${words.join(', ')}.`;
}
