/*
 * Changing a care program: one step at a time, its days, its wait, its minutes, its place in the order; and how often keep-up
 * work comes back. What would go wrong is said above, beside what the planner says it would move.
 */
import { Button, InputNumber, Select, Switch, TimePicker } from 'antd';
import dayjs from 'dayjs';
import { useState } from 'react';
import { CHANGED_PARTS, countsDays } from '@loyal-mane/core';
import type { ChangedPart, CoatClass, KennelStepChange, ProgramStep, StepId, WallTime } from '@loyal-mane/core';
import { CARE_LIBRARY } from '@loyal-mane/library';
import { METHODS } from '@loyal-mane/library/words';
import { keepUpName, stepChangeWords } from './effectWords';
import type { MethodsDraft } from './useMethodsDraft';

interface Props {
  readonly coat: CoatClass;
  readonly draft: MethodsDraft;
  readonly mayChange: boolean;
}

interface Named {
  readonly id: string;
  readonly part: ChangedPart;
  readonly step: ProgramStep;
  readonly nth: number;
}

const PART_NAMES: Readonly<Record<ChangedPart, string>> = {
  preparation: 'Preparation',
  between: 'Between show days',
  showMorning: 'Show morning',
  after: 'After the show',
};

/** Every step of a coat's program as the library has it, with its place among those of its name. */
function stepsOf(coat: CoatClass): Named[] {
  return CHANGED_PARTS.flatMap((part) => {
    const seen = new Map<StepId, number>();
    return CARE_LIBRARY.programs[coat][part].map((step): Named => {
      const nth = (seen.get(step.step) ?? 0) + 1;
      seen.set(step.step, nth);
      return { id: `${part} ${step.step} ${String(nth)}`, part, step, nth };
    });
  });
}

/** Changes to a coat's program. */
export function ProgramChanges({ coat, draft, mayChange }: Props) {
  const steps = stepsOf(coat);
  const [chosen, setChosen] = useState<string | null>(null);
  const named = steps.find((s) => s.id === chosen);
  const mine = draft.body.steps.filter((c) => c.coat === coat);
  return (
    <section className="program-changes" aria-label="Changes to this program">
      {mine.length > 0 && (
        <p>
          Changed here:{' '}
          {mine.map((c) => (
            <button
              key={`${c.part}${c.step}${String(c.nth)}`}
              className="plain link"
              disabled={!mayChange}
              onClick={() => setChosen(`${c.part} ${c.step} ${String(c.nth)}`)}
            >
              {METHODS[c.step].name.toLowerCase()} ({stepChangeWords(c)}){' '}
            </button>
          ))}
        </p>
      )}
      {mayChange && (
        <Select
          aria-label="Change a step"
          placeholder="Change a step"
          showSearch={{ optionFilterProp: 'label' }}
          allowClear
          className="w-step"
          value={chosen}
          onChange={(id: string | undefined) => setChosen(id ?? null)}
          options={CHANGED_PARTS.map((part) => ({
            label: PART_NAMES[part],
            options: steps
              .filter((s) => s.part === part)
              .map((s) => ({
                value: s.id,
                label: `${METHODS[s.step.step].name}${s.nth > 1 ? ` (${String(s.nth)})` : ''}`,
              })),
          }))}
        />
      )}
      {named !== undefined && (
        <StepFields
          key={named.id}
          coat={coat}
          named={named}
          change={mine.find((c) => c.part === named.part && c.step === named.step.step && c.nth === named.nth)}
          others={steps.filter((s) => s.part === named.part && s.step.step !== named.step.step)}
          onChange={draft.changeStep}
        />
      )}
      {mayChange && <Intervals coat={coat} draft={draft} />}
    </section>
  );
}

interface FieldsProps {
  readonly coat: CoatClass;
  readonly named: Named;
  readonly change: KennelStepChange | undefined;
  readonly others: readonly Named[];
  readonly onChange: (change: KennelStepChange) => void;
}

/** Days count back from the ring; in the form they are written as days before it. */
const before = (value: number | null): number | undefined => (value === null ? undefined : -value);
const ago = (day: number | undefined): number | null => (day === undefined ? null : -day);
const dayOf = (mark: ProgramStep['from']): string =>
  mark.of === 'prepDay' || mark.of === 'prepEnd' ? String(-mark.day) : '';

type SetFields = (fields: Partial<KennelStepChange>) => void;

function StepFields({ coat, named, change, others, onChange }: FieldsProps) {
  const base = { coat, part: named.part, step: named.step.step, nth: named.nth };
  const set: SetFields = (fields) => onChange({ ...base, ...change, ...fields });
  return (
    <div className="step-fields">
      <label>
        <span>Left out</span>
        <Switch
          aria-label="Left out"
          checked={change?.leftOut === true}
          onChange={(on) => set({ leftOut: on ? true : (undefined as never) })}
        />
      </label>
      {countsDays(named.step) && <DayFields step={named.step} change={change} set={set} />}
      <MinuteFields step={named.step} change={change} set={set} />
      <label>
        <span>Comes before</span>
        <Select
          aria-label="Comes before"
          allowClear
          placeholder="where it is"
          className="w-choice"
          value={change?.before ?? null}
          options={others
            .filter((o) => o.nth === 1)
            .map((o) => ({ value: o.step.step, label: METHODS[o.step.step].name }))}
          onChange={(step: StepId | undefined) => set(optional('before', step))}
        />
      </label>
      {change !== undefined && <Button onClick={() => onChange(base)}>As the library has it</Button>}
    </div>
  );
}

interface NumberProps {
  readonly label: string;
  readonly value: number | null;
  /** The library's own, shown while the kennel has none. */
  readonly usual: string;
  readonly range: readonly [number, number];
  readonly onChange: (value: number | null) => void;
}

function WholeNumber({ label, value, usual, range, onChange }: NumberProps) {
  return (
    <label>
      <span>{label}</span>
      <InputNumber
        aria-label={label}
        min={range[0]}
        max={range[1]}
        precision={0}
        placeholder={usual}
        value={value}
        onChange={onChange}
        className="w-word"
      />
    </label>
  );
}

type ChangeProps = Pick<FieldsProps, 'change'> & { readonly step: ProgramStep; readonly set: SetFields };

const MOST_DAYS_BEFORE = 60;

function DayFields({ step, change, set }: ChangeProps) {
  const { aim } = step;
  const range = [0, MOST_DAYS_BEFORE] as const;
  return (
    <>
      <WholeNumber
        label="First day before"
        value={ago(change?.fromDay)}
        usual={dayOf(step.from)}
        range={range}
        onChange={(v) => set(optional('fromDay', before(v)))}
      />
      <WholeNumber
        label="Last day before"
        value={ago(change?.toDay)}
        usual={dayOf(step.to)}
        range={range}
        onChange={(v) => set(optional('toDay', before(v)))}
      />
      <WholeNumber
        label="Wanted, days before"
        value={ago(change?.aimDay)}
        usual={aim.of === 'prepDay' ? String(-aim.day) : ''}
        range={range}
        onChange={(v) => set(optional('aimDay', before(v)))}
      />
      <label>
        <span>Wanted at</span>
        <TimePicker
          aria-label="Wanted at"
          format="HH:mm"
          minuteStep={5}
          placeholder={aim.of === 'prepDay' ? aim.time : ''}
          value={change?.aimTime === undefined ? null : dayjs(change.aimTime, 'HH:mm')}
          onChange={(t) => set(optional('aimTime', t === null ? undefined : (t.format('HH:mm') as WallTime)))}
          className="w-time"
        />
      </label>
    </>
  );
}

function MinuteFields({ step, change, set }: ChangeProps) {
  const wait = [0, 2880] as const;
  return (
    <>
      <WholeNumber
        label="Wait at least, min"
        value={change?.waitMin ?? null}
        usual={String(step.lagMin)}
        range={wait}
        onChange={(v) => set(optional('waitMin', v ?? undefined))}
      />
      <WholeNumber
        label="Wait at most, min"
        value={change?.waitMaxMin ?? null}
        usual={step.lagMaxMin === null ? 'any' : String(step.lagMaxMin)}
        range={wait}
        onChange={(v) => set(optional('waitMaxMin', v ?? undefined))}
      />
      <WholeNumber
        label="Minutes more"
        value={change?.plusMin ?? null}
        usual="0"
        range={[-120, 240]}
        onChange={(v) => set(optional('plusMin', v === 0 ? undefined : (v ?? undefined)))}
      />
      <WholeNumber
        label="Most minutes a day"
        value={change?.perDayMin ?? null}
        usual="any"
        range={[5, 600]}
        onChange={(v) => set(optional('perDayMin', v ?? undefined))}
      />
    </>
  );
}

/** A field with a value, or explicitly without one. */
function optional<K extends keyof KennelStepChange>(
  key: K,
  value: KennelStepChange[K] | undefined,
): Partial<KennelStepChange> {
  return { [key]: value };
}

const MOST_DAYS = 180;

function Intervals({ coat, draft }: { coat: CoatClass; draft: MethodsDraft }) {
  return (
    <div className="step-fields" role="group" aria-label="Keep-up intervals">
      {CARE_LIBRARY.programs[coat].keepUp
        .filter((rule) => rule.everyDays > 1)
        .map((rule) => {
          const own = draft.body.intervals.find((c) => c.coat === coat && c.rule === rule.id);
          const label = keepUpName(coat, rule.id);
          const set = (value: number | null): void =>
            draft.changeInterval(
              value === null || value === rule.everyDays
                ? null
                : {
                    coat,
                    rule: rule.id,
                    everyDays: value,
                    everyDaysInChange: Math.min(value, rule.everyDaysInChange),
                  },
              coat,
              rule.id,
            );
          return (
            <label key={rule.id}>
              <span>{label}, every</span>
              <InputNumber
                aria-label={`${label}, days`}
                min={1}
                max={MOST_DAYS}
                precision={0}
                placeholder={String(rule.everyDays)}
                value={own?.everyDays ?? null}
                suffix="d"
                onChange={set}
                className="w-word"
              />
            </label>
          );
        })}
    </div>
  );
}
