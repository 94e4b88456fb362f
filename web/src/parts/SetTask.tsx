/*
 * Setting a task at a time and with a person, and letting it go. Only a start with which the dog can still be ready is taken,
 * and only somebody who is free then; the rest is planned around it, as a draft.
 */
import { useQuery } from '@tanstack/react-query';
import { App as AntApp, Button, Input, Select } from 'antd';
import { useState } from 'react';
import { instantToMs, localDayOf, msToInstant, wallToMs } from '@loyal-mane/core';
import type { Doer, LocalDay, PlannedActivity, StartStretch, WallTime } from '@loyal-mane/core';
import { clockWords, dayWords, weekdayWords } from '@loyal-mane/library/words';
import type { Names } from '@loyal-mane/library/words';
import { newCommandId } from '../api/client';
import { serverNowMs } from '../api/serverClock';
import { command, letTaskGo, setTask, startPlan, useCommand } from '../api/commands';
import type { SetTaskInput } from '../api/commands';
import { planner } from '../workers/plannerClient';
import type { AskedPlan } from '../workers/plannerClient';
import { problemWords } from './ProblemNote';
import { useRooms } from './useRooms';

const FIVE_MIN = /^([01]\d|2[0-3]):[0-5][05]$/;
/** Nobody is named: whoever can. */
const ANYBODY = '';

interface Props {
  readonly activity: PlannedActivity;
  /** Starts with which the dog can still be ready. */
  readonly open: readonly StartStretch[];
  readonly plan: AskedPlan;
}

/** Who could do a task at a moment; undefined while it is asked. */
function useDoers(plan: AskedPlan, { key }: PlannedActivity, startMs: number | null): readonly Doer[] | undefined {
  const asked = useQuery({
    queryKey: ['doers', plan.id, key, startMs],
    queryFn: () => planner.whoAt(plan, key, msToInstant(startMs ?? 0)),
    enabled: startMs !== null,
    staleTime: Infinity,
  });
  return asked.data;
}

/** "Pia, 40 min overtime". */
function doerWords({ personId, overtimeMin }: Doer, names: Names): string {
  const name = names.first(personId);
  return overtimeMin === 0 ? name : `${name}, ${String(overtimeMin)} min overtime`;
}

/** Sets a task's start and person, or lets it go again. */
export function SetTask({ activity: a, open, plan }: Props) {
  const { kennel, names } = useRooms();
  const { message } = AntApp.useApp();
  const startMs = instantToMs(a.start);
  const days = [...new Set(open.map((s) => localDayOf(instantToMs(s.from), names.zone)))];
  const [day, setDay] = useState<LocalDay>(localDayOf(startMs, names.zone));
  const [time, setTime] = useState('');
  const [chosen, setChosen] = useState<string | null>(null);
  // Planning is asked for in the same breath: this form is gone when the answer changes what it stands on.
  const set = useCommand(async (input: SetTaskInput, commandId: string) => {
    await setTask(input, commandId);
    void message.success('Set. The rest is planned around it.');
    await startPlan('keep', newCommandId());
  });
  const letGo = useCommand(async (key: string, commandId: string) => {
    await letTaskGo(key, commandId);
    await startPlan('keep', newCommandId());
  });
  const onError = (error: unknown): void => void message.error(problemWords(error), 8);
  const pin = kennel.pins.find((p) => p.taskKey === a.key);
  const isMoved = time !== '' || day !== localDayOf(startMs, names.zone);
  const wall = time === '' ? clockWords(startMs, names.zone, '24h') : time;
  const written = FIVE_MIN.test(wall);
  const wantedMs = written ? wallToMs(day, wall as WallTime, names.zone) : null;
  const isNow = !isMoved && startMs >= serverNowMs();
  const fits = wantedMs !== null && open.some((s) => instantToMs(s.from) <= wantedMs && wantedMs <= instantToMs(s.to));
  const doers = useDoers(plan, a, pin === undefined && (isNow || fits) ? wantedMs : null);
  const may = (id: string): boolean => doers?.some((d) => d.personId === id) === true;
  const [first] = a.people;
  const usual = first !== undefined && may(first) ? first : (doers?.[0]?.personId ?? ANYBODY);
  const who = chosen !== null && (chosen === ANYBODY || may(chosen)) ? chosen : usual;
  if (pin !== undefined) {
    const at = instantToMs(pin.start as typeof a.start);
    const by = pin.personId === undefined ? '' : `, ${names.first(pin.personId)}`;
    return (
      <p className="set-task">
        Set for {dayWords(at, names.zone)} {clockWords(at, names.zone, names.clock)}
        {by}.{' '}
        <Button size="small" loading={letGo.isPending} onClick={() => letGo.mutate(command(a.key), { onError })}>
          Unlock task
        </Button>
      </p>
    );
  }
  if (open.length === 0) return null;
  const save = (): void => {
    if (wantedMs === null) return;
    const named = who === ANYBODY ? {} : { personId: who };
    set.mutate(command({ key: a.key, start: msToInstant(wantedMs), ...named }), { onError });
  };
  const isOther = isMoved || who !== (first ?? ANYBODY);
  return (
    <div className="set-task">
      <Select
        aria-label="Move to which day"
        value={day}
        options={days.map((d) => ({
          value: d,
          label: weekdayWords(d),
        }))}
        onChange={setDay}
        style={{ width: 130 }}
      />
      <Input
        aria-label="Move to which time"
        placeholder={clockWords(startMs, names.zone, '24h')}
        value={time}
        status={isMoved && !fits ? 'error' : ''}
        onChange={(e) => setTime(e.target.value)}
        style={{ width: 80 }}
      />
      {a.people.length > 0 && (
        <Select
          aria-label="By whom"
          value={who}
          loading={doers === undefined && wantedMs !== null && fits}
          options={[
            ...(doers ?? []).map((d) => ({ value: d.personId, label: doerWords(d, names) })),
            { value: ANYBODY, label: 'Whoever can' },
          ]}
          onChange={setChosen}
          style={{ width: 190 }}
        />
      )}
      <Button disabled={!(fits || isNow)} loading={set.isPending} onClick={save}>
        {isOther ? 'Set task and plan again' : 'Keep time and person'}
      </Button>
      {isMoved && !fits && (
        <span className="bad">
          {written
            ? 'With that start the dog would not be ready, or somebody is not free.'
            : 'Write a time on the five minutes, like 14:35.'}
        </span>
      )}
      {isMoved && fits && first !== undefined && doers !== undefined && !may(first) && (
        <span className="bad">{`${names.first(first)} is not free then.`}</span>
      )}
    </div>
  );
}
