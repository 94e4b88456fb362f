/*
 * Day sheet: who does what, where, in which order. A rope a person, the day's stations below; on a phone "my day".
 */
import { Button } from 'antd';
import { Suspense, lazy, useCallback, useMemo, useState } from 'react';
import { flushSync } from 'react-dom';
import { useSearchParams } from 'react-router';
import { addDays, careRounds, dayFacts, daySheet, localDayOf } from '@loyal-mane/core';
import type { DaySheet, PlannedActivity } from '@loyal-mane/core';
import { monthDay, weekdayWords } from '@loyal-mane/library/words';
import { SignKey } from '../../parts/SignKey';
import { TaskDrawer } from '../../parts/TaskDrawer';
import { useDay } from '../../parts/useDay';
import { useNow } from '../../parts/useNow';
import { usePrinting } from '../../parts/usePrinting';
import { useRooms } from '../../parts/useRooms';
import { useShortcut } from '../../parts/useShortcut';
import { useWidth } from '../../parts/useWidth';
import { useWork } from '../../parts/useWork';
import { DraftBar, PlanButton, usePlanning } from '../countdown/PlanBar';
import { CrateCards } from './CrateCards';
import { DayFactsView } from './DayFactsView';
import { MyAnswer, MyDay } from './MyDay';
import { PersonDrawer } from './PersonDrawer';
import { Ropes } from './Ropes';
import { WallSheet } from './WallSheet';
import './daySheet.css';

/** Looked at now and then; its charts are large. */
const LoadView = lazy(() => import('./LoadView').then((m) => ({ default: m.LoadView })));

/** Kinds of paper: the day for the wall, or a card a dog. */
type Paper = 'wall' | 'cards';

/** The room of one day: who does what, where, in which order. */
export default function DaySheetRoom() {
  const { session, kennel, view, plan, names, lead, looksAtDraft } = useRooms();
  const now = useNow(10_000);
  const today = localDayOf(now, names.zone);
  const [day, setDay] = useDay(today);
  const [task, setTask] = useState<PlannedActivity | null>(null);
  const [personId, setPersonId] = useState<string | null>(null);
  const [ref, width] = useWidth(1224);
  const planning = usePlanning(view);
  const rounds = useMemo(() => careRounds(kennel, plan, day), [kennel, plan, day]);
  const sheet = useWork(
    useCallback((work) => daySheet(kennel, plan, work, day, now, rounds), [kennel, plan, day, now, rounds]),
  );
  const mine = sheet.lanes.find((l) => l.personId === session.personId);
  const isPrinting = usePrinting();
  const [paper, setPaper] = useState<Paper>('wall');
  const [params, setParams] = useSearchParams();
  const isLoad = params.get('view') === 'load';
  const facts = useMemo(() => dayFacts(kennel, plan, day), [kennel, plan, day]);
  const around = (
    <DayFactsView facts={facts} rounds={rounds} kennel={kennel} names={names} notes={plan?.notes ?? []} day={day} />
  );
  const print = (what: Paper): void => {
    // The page that is printed is made when the browser asks for it: it must know by then what it is of.
    flushSync(() => setPaper(what));
    window.print();
  };
  const toggleLoad = (): void =>
    setParams((p) => {
      if (isLoad) p.delete('view');
      else p.set('view', 'load');
      return p;
    });
  const person = kennel.people.find((p) => p.id === personId) ?? null;
  useShortcut('[', () => setDay(addDays(day, -1)));
  useShortcut(']', () => setDay(addDays(day, 1)));
  return (
    <div className={looksAtDraft ? 'room looks-at-draft' : 'room'} ref={ref}>
      <div className="sheet-head">
        <h1>
          {weekdayWords(day)} {monthDay(day)}:{' '}
          <span className="wide-only">
            <Answer sheet={sheet} />
          </span>
          <span className="narrow-only">
            <MyAnswer lane={mine} names={names} />
          </span>
        </h1>
        <div className="days">
          <span className="wide-only">
            <SignKey />
          </span>
          <Button size="small" onClick={() => setDay(addDays(day, -1))} aria-label="Previous day">
            ‹
          </Button>
          <Button size="small" onClick={() => setDay(today)} disabled={day === today}>
            Today
          </Button>
          <Button size="small" onClick={() => setDay(addDays(day, 1))} aria-label="Next day">
            ›
          </Button>
          <span className="wide-only">
            <Button size="small" aria-pressed={isLoad} onClick={toggleLoad}>
              {isLoad ? 'Hours' : 'Load'}
            </Button>{' '}
            <Button size="small" onClick={() => print('wall')}>
              Print
            </Button>{' '}
            <Button size="small" onClick={() => print('cards')}>
              Crate cards
            </Button>
          </span>
          {lead && (
            <span className="plan">
              <PlanButton planning={planning} />
            </span>
          )}
        </div>
      </div>
      {lead && view.draft !== null && <DraftBar draft={view.draft} published={view.published?.plan ?? null} />}
      {isLoad ? (
        <Suspense fallback={<p className="soft">Loading.</p>}>
          <LoadView kennel={kennel} plan={plan} names={names} from={day} width={width} />
        </Suspense>
      ) : (
        <Ropes
          sheet={sheet}
          kennel={kennel}
          names={names}
          now={now}
          width={width}
          lead={lead}
          onTask={setTask}
          onPerson={setPersonId}
        />
      )}
      <MyDay lane={mine} names={names} onTask={setTask} />
      {!isLoad && around}
      {isPrinting && paper === 'cards' && <CrateCards kennel={kennel} plan={plan} names={names} day={day} />}
      {isPrinting && paper === 'wall' && (
        <WallSheet
          sheet={sheet}
          facts={around}
          names={names}
          title={`${weekdayWords(day)} ${monthDay(day)}, ${kennel.name}`}
        />
      )}
      <TaskDrawer activity={task} onClose={() => setTask(null)} />
      <PersonDrawer
        dogs={kennel.dogs}
        person={person}
        absent={kennel.absences.some((a) => a.personId === personId && a.day === day)}
        day={day}
        dayName={weekdayWords(day)}
        onClose={() => setPersonId(null)}
        onPlan={() => planning.plan('keep')}
      />
    </div>
  );
}

function Answer({ sheet }: { sheet: DaySheet }) {
  if (sheet.tasks === 0 && sheet.withoutPlace === 0) return <>nothing is planned</>;
  if (sheet.withoutPlace === 0) {
    return (
      <>
        <b>all {sheet.tasks} tasks</b> have a place
      </>
    );
  }
  return (
    <>
      <b>{sheet.tasks} tasks</b> have a place,{' '}
      <b className="bad">
        {sheet.withoutPlace} {sheet.withoutPlace === 1 ? 'has' : 'have'} none
      </b>
    </>
  );
}
