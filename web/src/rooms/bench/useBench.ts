/*
 * Who stands at the bench, what is theirs today, and what they give: records go through the outbox, so that the bench goes on
 * while the server is away.
 */
import { App as AntApp } from 'antd';
import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { useSearchParams } from 'react-router';
import { instantToMs, lookTick, msToInstant, workedMs } from '@loyal-mane/core';
import type { OpenSoak, OpenTowel, PauseCause, PersonId, WorkCommand, WorkRecord, ZoneId } from '@loyal-mane/core';
import type { SoakChoice } from '@loyal-mane/library/pages';
import { METHODS } from '@loyal-mane/library/words';
import { newCommandId } from '../../api/client';
import { give, rest, send, takeBack, useOutbox } from '../../api/outbox';
import { serverNowMs } from '../../api/serverClock';
import type { NoteCommand, TaskOrder } from '../../api/taskOrder';
import type { Kept } from '../../parts/keepContext';
import { useNow } from '../../parts/useNow';
import { useRooms } from '../../parts/useRooms';
import { allWork, useWork } from '../../parts/useWork';
import type { BenchTask } from './myTasks';
import { currentTask, myTasks } from './myTasks';

const UNDO_MS = 10_000;
/** A second touch of a wet hand within this is not meant. */
const DOUBLE_TOUCH_MS = 1000;
/** A task that is finished sooner was probably done before it was started here. */
const TOO_SOON_MS = 60_000;

/** Who stands at the bench, and what is theirs today. */
export function useBench() {
  const { session, kennel, plan, names } = useRooms();
  const work = useWork(allWork);
  const [params] = useSearchParams();
  const now = useNow(500);
  const asked = params.get('person') ?? '';
  const personId = asked === '' ? session.personId : asked;
  const tasks = myTasks(plan, work, personId, names.zone, now);
  // A link to the bench may name its task.
  const [chosen, setChosen] = useState<string | null>(params.get('task'));
  const picked = tasks.find(
    (t) => t.activity.key === chosen && t.work?.state !== 'done' && t.work?.state !== 'skipped',
  );
  return {
    session,
    kennel,
    plan,
    names,
    now,
    personId,
    tasks,
    work,
    task: picked ?? currentTask(tasks),
    choose: setChosen,
  };
}

const CLOSED_NOW = 'Closed for today. The Countdown shows which tasks need another station; a lead can open it again.';
const CANNOT_KEEP = 'This device cannot keep records (its storage is full or closed). Nothing was recorded.';

/** A bar that offers to take the last command back. */
export interface UndoOffer {
  readonly task: BenchTask;
  readonly words: string;
  readonly until: number;
}

type More = Pick<
  TaskOrder,
  | 'reason'
  | 'anyway'
  | 'doneBefore'
  | 'matsOut'
  | 'confirmed'
  | 'used'
  | 'tick'
  | 'pause'
  | 'soak'
  | 'soakId'
  | 'log'
  | 'mark'
>;

/** A finish that came too soon is asked about before it is given. */
export function isTooSoon(task: BenchTask, nowMs: number): boolean {
  return task.work !== null && workedMs(task.work, nowMs) < TOO_SOON_MS;
}

/** The buttons rest for a second after each touch; what is drawn follows, what decides is asked at once. */
function useRest() {
  const [isResting, setResting] = useState(false);
  const until = useRef(0);
  const timer = useRef(0);
  useEffect(() => () => window.clearTimeout(timer.current), []);
  const restAfterTouch = (): void => {
    until.current = Date.now() + DOUBLE_TOUCH_MS;
    setResting(true);
    window.clearTimeout(timer.current);
    timer.current = window.setTimeout(() => setResting(false), DOUBLE_TOUCH_MS);
  };
  return { isResting, isRestingNow: () => Date.now() < until.current, restAfterTouch };
}

/** Their commands: through the outbox, with an offer to undo. */
export function useBenchCommands(choose: (key: string | null) => void) {
  const { session, plan } = useRooms();
  const { message } = AntApp.useApp();
  const client = useQueryClient();
  const outbox = useOutbox();
  const [undo, setUndo] = useState<UndoOffer | null>(null);
  const { isResting, isRestingNow, restAfterTouch } = useRest();
  const me = session.personId as PersonId;

  // Records that an earlier visit left waiting go out as soon as the bench is open.
  useEffect(() => {
    void send(client, me);
    const again = (): void => void send(client, me);
    window.addEventListener('online', again);
    return () => {
      rest();
      window.removeEventListener('online', again);
    };
  }, [client, me]);

  const order = (task: BenchTask, command: TaskOrder['command'], more: More): TaskOrder => {
    const { key, dogId, step, stationId } = task.activity;
    const common = { commandId: newCommandId(), personId: me, at: msToInstant(serverNowMs()) };
    return { ...common, key, command, version: task.work?.version ?? 0, dogId, step, stationId, ...more };
  };

  /** Ticks and causes stand beside a task's states; many lines may be ticked in a second, so that the buttons do not rest. */
  const note = (task: BenchTask, command: NoteCommand, more: More): boolean => {
    try {
      give(order(task, command, more), client);
      return true;
    } catch {
      void message.error(CANNOT_KEEP, 10);
      return false;
    }
  };
  /** Keeps a find or a measure at a task. */
  const keep = (task: BenchTask, { command, ...facts }: Kept): boolean => note(task, command, facts);
  const tick = (task: BenchTask, line: string, ticked: boolean): boolean =>
    note(task, 'tick', { tick: { line, ticked } });
  const sayWhy = (task: BenchTask, cause: PauseCause, zones: readonly ZoneId[]): boolean =>
    note(task, 'pauseCause', { pause: { cause, zones } });

  /** Closes the station of a task for the rest of the day: it fails. */
  const failed = (task: BenchTask): void => {
    if (task.activity.stationId !== null && note(task, 'stationFailed', {})) void message.success(CLOSED_NOW, 8);
  };

  const soak = (task: BenchTask, { product, leastMin, mostMin }: SoakChoice): boolean =>
    note(task, 'soak', { soak: { product, leastMin, mostMin } });
  /** Gives something beside a record, whosever task it is. */
  const beside = (
    { taskKey: key, dogId, step }: WorkRecord,
    command: NoteCommand,
    more: More,
    atMs = serverNowMs(),
  ): void => {
    const common = { commandId: newCommandId(), personId: me, at: msToInstant(atMs) };
    try {
      give({ ...common, key, dogId, step, command, version: 0, stationId: null, ...more }, client);
    } catch {
      void message.error(CANNOT_KEEP, 10);
    }
  };
  /** Ends a soak, whoever began it at whichever task. */
  const endSoak = ({ soak, work }: OpenSoak): void => beside(work, 'soakEnd', { soakId: soak.id });
  /** Somebody has looked at a jacket under its towel, whoever set it. */
  const lookIn = ({ work }: OpenTowel): void => {
    const now = serverNowMs();
    beside(work, 'tick', { tick: { line: lookTick(now), ticked: true } }, now);
  };

  const tap = (task: BenchTask, command: WorkCommand | 'undo', more: More = {}): void => {
    // A second touch on the big button would start what comes next; skipping and undoing are asked for elsewhere.
    const isBig = command === 'start' || command === 'finish';
    if (isBig && isRestingNow()) return;
    restAfterTouch();
    try {
      if (command !== 'undo' || !takeBack(task.activity.key)) give(order(task, command, more), client);
    } catch {
      void message.error(CANNOT_KEEP, 10);
      return;
    }
    const isOver = command === 'finish' || command === 'skip';
    choose(isOver ? null : task.activity.key);
    if (isOver) window.scrollTo({ top: 0 });
    const words = `${METHODS[task.activity.step].name} ${command === 'finish' ? 'finished' : 'skipped'}`;
    setUndo(isOver ? { task, words, until: Date.now() + UNDO_MS } : null);
  };

  /** Gives a refused start again although something speaks against it. */
  const startAnyway = (refused: TaskOrder): void => {
    const activity = plan?.activities.find((a) => a.key === refused.key);
    if (activity === undefined) return;
    tap({ activity, work: null, startMs: instantToMs(activity.start) }, 'start', { anyway: true });
  };

  useEffect(() => {
    if (undo === null) return undefined;
    const timer = window.setTimeout(() => setUndo(null), undo.until - Date.now());
    return () => window.clearTimeout(timer);
  }, [undo]);
  return { tap, tick, sayWhy, keep, failed, soak, endSoak, lookIn, startAnyway, undo, outbox, isResting };
}
