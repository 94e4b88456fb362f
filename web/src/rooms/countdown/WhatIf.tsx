/*
 * The what-if drawer: suppose some changes, see what they would do, and make them so or leave everything as it is. Computed in the
 * browser's own planning thread; nothing is saved until somebody says so.
 */
import { useMutation } from '@tanstack/react-query';
import { App as AntApp, Button, Drawer, Input, Select } from 'antd';
import { useState } from 'react';
import { addDays, localDayOf } from '@loyal-mane/core';
import type { EntryId, LocalDay, PersonId, StationId, WallTime, WhatIfChange } from '@loyal-mane/core';
import {
  monthDay,
  oddsInsteadWords,
  overtimeInsteadWords,
  readyInsteadWords,
  shortWeekday,
  supposedWords,
} from '@loyal-mane/library/words';
import type { EntryName, Names } from '@loyal-mane/library/words';
import type { Kennel } from '../../api/queries';
import { command } from '../../api/commands';
import { useAskedPlan } from '../../parts/useAskedPlan';
import { useReturnFocus } from '../../parts/useReturnFocus';
import { useRooms } from '../../parts/useRooms';
import { useNow } from '../../parts/useNow';
import { problemWords } from '../../parts/ProblemNote';
import { planner } from '../../workers/plannerClient';
import type { AskedPlan } from '../../workers/plannerClient';
import type { WhatIfAnswer } from '../../workers/planAnswers';
import { isWallTime } from '../../parts/rows/fieldSpec';
import { effectWords } from '../methods/effectWords';
import { useApplySupposed } from './useApplySupposed';

const DAYS_AHEAD = 28;

const KINDS: readonly (readonly [WhatIfChange['kind'], string])[] = [
  ['personAway', 'somebody is away'],
  ['personStays', 'somebody stays longer'],
  ['stationClosed', 'a station is closed'],
  ['stationOpen', 'a station is open again'],
  ['otherHandler', 'somebody else shows a dog'],
  ['ringTime', 'a ring time moves'],
  ['entryPulled', 'a dog is not shown'],
];

interface Draft {
  readonly kind: WhatIfChange['kind'];
  readonly who: string;
  readonly what: string;
  readonly day: string;
  readonly time: string;
}

const EMPTY: Draft = { kind: 'personAway', who: '', what: '', day: '', time: '' };

/** Which fields a kind asks for. */
const ASKS: Readonly<Record<WhatIfChange['kind'], readonly (keyof Draft)[]>> = {
  personAway: ['who', 'day'],
  personStays: ['who', 'day', 'time'],
  stationClosed: ['what', 'day'],
  stationOpen: ['what'],
  otherHandler: ['what', 'who'],
  ringTime: ['what', 'time'],
  entryPulled: ['what'],
};

function changeOf(d: Draft): WhatIfChange | null {
  if (ASKS[d.kind].some((field) => d[field] === '')) return null;
  if (ASKS[d.kind].includes('time') && !isWallTime(d.time)) return null;
  const personId = d.who as PersonId;
  const entryId = d.what as EntryId;
  const stationId = d.what as StationId;
  const day = d.day as LocalDay;
  const time = d.time as WallTime;
  switch (d.kind) {
    case 'personAway':
      return { kind: d.kind, personId, day };
    case 'personStays':
      return { kind: d.kind, personId, day, until: time };
    case 'stationClosed':
      return { kind: d.kind, stationId, day };
    case 'stationOpen':
      return { kind: d.kind, stationId };
    case 'otherHandler':
      return { kind: d.kind, entryId, personId };
    case 'ringTime':
      return { kind: d.kind, entryId, ringTime: time };
    case 'entryPulled':
      return { kind: d.kind, entryId };
  }
}

/** Changes that are supposed, and what they would do; asked of the planning thread whenever they change. */
function useSupposed(plan: AskedPlan | null) {
  const [changes, setChanges] = useState<readonly WhatIfChange[]>([]);
  const compare = useMutation({
    mutationFn: (list: readonly WhatIfChange[]) => planner.whatIf(plan as AskedPlan, list),
  });
  const suppose = (list: readonly WhatIfChange[]): void => {
    setChanges(list);
    compare.reset();
    if (list.length > 0 && plan !== null) compare.mutate(list);
  };
  const cancel = (): void => {
    planner.stop();
    compare.reset();
  };
  return { changes, suppose, cancel, compare };
}

interface DrawerProps {
  readonly onClose: () => void;
  readonly planAgain: () => void;
}

/** Supposes changes while it is mounted. */
export function WhatIfDrawer({ onClose, planAgain }: DrawerProps) {
  const { kennel, names } = useRooms();
  const plan = useAskedPlan(true);
  const [draft, setDraft] = useState<Draft>(EMPTY);
  const { changes, suppose, cancel, compare } = useSupposed(plan);
  useReturnFocus(true);
  const entry = (id: string): EntryName => {
    const e = kennel.entries.find((x) => x.id === id);
    return { dog: names.dog(e?.dogId ?? ''), day: e?.day ?? '' };
  };
  const ready = changeOf(draft);
  const add = (): void => {
    if (ready === null) return;
    suppose([...changes, ready]);
    setDraft(EMPTY);
  };
  return (
    <Drawer open onClose={onClose} size={560} title="What if">
      <p className="soft first">
        Suppose something, and see what it would do to the published plan. Nothing is changed.
      </p>
      <ul className="supposed" aria-label="Supposed">
        {changes.map((c, k) => (
          <li key={JSON.stringify(c)}>
            {supposedWords(c, names, entry)}{' '}
            <Button size="small" type="link" onClick={() => suppose(changes.filter((_, j) => j !== k))}>
              Take out
            </Button>
          </li>
        ))}
      </ul>
      <ChangeForm draft={draft} onDraft={setDraft} />
      <Button type="primary" disabled={ready === null || plan === null} onClick={add}>
        {changes.length === 0 ? 'Suppose this' : 'Suppose this as well'}
      </Button>
      {compare.isPending && (
        <p role="status">
          Planning both ways.{' '}
          <Button size="small" onClick={cancel}>
            Cancel
          </Button>
        </p>
      )}
      {compare.isError && <p className="bad">It could not be computed here. The published plan is unchanged.</p>}
      {compare.data !== undefined && <Compared answer={compare.data} entry={entry} />}
      {compare.data !== undefined && changes.length > 0 && (
        <SaveSupposed
          changes={changes}
          onSaved={() => {
            suppose([]);
            onClose();
            planAgain();
          }}
        />
      )}
    </Drawer>
  );
}

function SaveSupposed({ changes, onSaved }: { changes: readonly WhatIfChange[]; onSaved: () => void }) {
  const { message } = AntApp.useApp();
  const apply = useApplySupposed();
  return (
    <Button
      className="after-field"
      loading={apply.isPending}
      onClick={() =>
        apply.mutate(command(changes), {
          onSuccess: onSaved,
          onError: (error) => void message.error(problemWords(error), 8),
        })
      }
    >
      Save these changes and plan again
    </Button>
  );
}

function Compared({ answer, entry }: { answer: WhatIfAnswer; entry: (id: string) => EntryName }) {
  const { names } = useRooms();
  const { effect } = answer;
  return (
    <section aria-label="What it would do" className="compared">
      <p>
        <b className={answer.after.ready < answer.before.ready ? 'bad' : undefined}>{readyInsteadWords(answer)}</b>
      </p>
      <p>{overtimeInsteadWords(answer)}</p>
      <p>
        {effectWords({
          ...effect,
          dogs: [...effect.dogs],
          gained: [...effect.gained],
          lost: [...effect.lost],
          refused: [],
        })}
      </p>
      {effect.lost.map((id) => (
        <p key={id} className="bad">
          {names.dog(id)} would no longer be ready.
        </p>
      ))}
      {effect.gained.map((id) => (
        <p key={id}>{names.dog(id)} would be ready.</p>
      ))}
      {answer.odds.map((o) => (
        <p key={o.entryId} className="soft">
          {oddsInsteadWords(o, entry(o.entryId))}
        </p>
      ))}
    </section>
  );
}

function ChangeForm({ draft, onDraft }: { draft: Draft; onDraft: (d: Draft) => void }) {
  const { kennel, names } = useRooms();
  const today = localDayOf(useNow(60_000), names.zone);
  const asks = ASKS[draft.kind];
  const days = Array.from({ length: DAYS_AHEAD }, (_, k) => addDays(today, k)).map((day) => ({
    value: day,
    label: dayLabel(day),
  }));
  const isStation = draft.kind === 'stationClosed' || draft.kind === 'stationOpen';
  const handlers = kennel.people.filter((p) => draft.kind !== 'otherHandler' || p.skills.includes('ring'));
  const badTime = draft.time !== '' && !isWallTime(draft.time);
  return (
    <div className="suppose">
      <Select
        aria-label="What if"
        value={draft.kind}
        options={KINDS.map(([value, label]) => ({ value, label }))}
        onChange={(kind) => onDraft({ ...EMPTY, kind })}
      />
      {asks.includes('what') && (
        <Select
          aria-label={isStation ? 'Which station' : 'Which dog'}
          placeholder={isStation ? 'which station' : 'which dog'}
          showSearch={{ optionFilterProp: 'label' }}
          value={draft.what === '' ? null : draft.what}
          options={isStation ? namedOptions(kennel.stations) : entryOptions(kennel, names, today)}
          onChange={(what) => onDraft({ ...draft, what })}
        />
      )}
      {asks.includes('who') && (
        <Select
          aria-label="Who"
          placeholder="who"
          value={draft.who === '' ? null : draft.who}
          options={namedOptions(handlers)}
          onChange={(who) => onDraft({ ...draft, who })}
        />
      )}
      {asks.includes('day') && (
        <Select
          aria-label="Day"
          placeholder="which day"
          value={draft.day === '' ? null : draft.day}
          options={days}
          onChange={(day) => onDraft({ ...draft, day })}
        />
      )}
      {asks.includes('time') && (
        <Input
          aria-label="Time"
          placeholder="14:30"
          value={draft.time}
          status={badTime ? 'error' : ''}
          onChange={(e) => onDraft({ ...draft, time: e.target.value })}
          className="w-short"
        />
      )}
      {badTime && <span className="bad">Write the time as 14:30.</span>}
    </div>
  );
}

function namedOptions(rows: readonly { readonly id: string; readonly name: string }[]) {
  return rows.map((r) => ({ value: r.id, label: r.name }));
}

/** Entries that are ahead, by their ring times. */
function entryOptions(kennel: Kennel, names: Names, today: LocalDay) {
  return kennel.entries
    .filter((e) => e.day >= today)
    .sort((x, y) => `${x.day}${x.ringTime}`.localeCompare(`${y.day}${y.ringTime}`))
    .map((e) => ({
      value: e.id,
      label: `${names.dog(e.dogId)}, ${dayLabel(e.day)} ${e.ringTime}`,
    }));
}

function dayLabel(day: string): string {
  return `${shortWeekday(day)} ${monthDay(day)}`;
}
