/*
 * Setting a task at a time, and letting it go. Only a start with which the dog can still be ready is taken; then the rest
 * is planned around it, as a draft.
 */
import { App as AntApp, Button, Input, Select } from 'antd';
import { useState } from 'react';
import { instantToMs, localDayOf, msToInstant, wallToMs } from '@loyal-mane/core';
import type { LocalDay, PlannedActivity, StartStretch, WallTime } from '@loyal-mane/core';
import { clockWords, dayWords } from '@loyal-mane/library/words';
import { newCommandId } from '../api/client';
import { serverNowMs } from '../api/serverClock';
import { command, letTaskGo, setTask, startPlan, useCommand } from '../api/commands';
import { problemWords } from './ProblemNote';
import { useRooms } from './useRooms';

const FIVE_MIN = /^([01]\d|2[0-3]):[0-5][05]$/;

interface Props {
  readonly activity: PlannedActivity;
  /** Starts with which the dog can still be ready. */
  readonly open: readonly StartStretch[];
}

/** Sets a task's start, or lets it go again. */
export function SetTask({ activity: a, open }: Props) {
  const { kennel, names } = useRooms();
  const { message } = AntApp.useApp();
  const startMs = instantToMs(a.start);
  const days = [...new Set(open.map((s) => localDayOf(instantToMs(s.from), names.zone)))];
  const [day, setDay] = useState<LocalDay>(localDayOf(startMs, names.zone));
  const [time, setTime] = useState('');
  // Planning is asked for in the same breath: this form is gone when the answer changes what it stands on.
  const set = useCommand(async (start: string, commandId: string) => {
    await setTask({ key: a.key, start }, commandId);
    void message.success('Set. The rest is planned around it.');
    await startPlan('keep', newCommandId());
  });
  const letGo = useCommand(async (key: string, commandId: string) => {
    await letTaskGo(key, commandId);
    await startPlan('keep', newCommandId());
  });
  const onError = (error: unknown): void => void message.error(problemWords(error), 8);
  const pin = kennel.pins.find((p) => p.taskKey === a.key);
  const written = FIVE_MIN.test(time);
  const wantedMs = written ? wallToMs(day, time as WallTime, names.zone) : null;
  const fits = wantedMs !== null && open.some((s) => instantToMs(s.from) <= wantedMs && wantedMs <= instantToMs(s.to));
  const setAt = (ms: number): void => set.mutate(command(msToInstant(ms)), { onError });
  if (pin !== undefined) {
    const at = instantToMs(pin.start as typeof a.start);
    return (
      <p className="set-task">
        Set for {dayWords(at, names.zone)} {clockWords(at, names.zone, names.clock)}.{' '}
        <Button size="small" loading={letGo.isPending} onClick={() => letGo.mutate(command(a.key), { onError })}>
          Let the task move again
        </Button>
      </p>
    );
  }
  if (open.length === 0) return null;
  return (
    <div className="set-task">
      <Select
        aria-label="Move to which day"
        value={day}
        options={days.map((d) => ({
          value: d,
          label: dayWords(wallToMs(d, '12:00' as WallTime, names.zone), names.zone),
        }))}
        onChange={setDay}
        style={{ width: 130 }}
      />
      <Input
        aria-label="Move to which time"
        placeholder={clockWords(startMs, names.zone, '24h')}
        value={time}
        status={time !== '' && !fits ? 'error' : ''}
        onChange={(e) => setTime(e.target.value)}
        style={{ width: 80 }}
      />
      <Button disabled={!fits} loading={set.isPending} onClick={() => wantedMs !== null && setAt(wantedMs)}>
        Move task
      </Button>
      {startMs >= serverNowMs() && (
        <Button loading={set.isPending} onClick={() => setAt(startMs)}>
          Keep this time
        </Button>
      )}
      {time !== '' && !fits && (
        <span className="bad">
          {written
            ? 'With that start the dog would not be ready, or somebody is not free.'
            : 'Write a time on the five minutes, like 14:35.'}
        </span>
      )}
    </div>
  );
}
