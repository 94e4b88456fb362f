/*
 * A weekly pattern: the same shift for some people on some weekdays, over some weeks. Days that have a shift keep it unless
 * it is to be replaced.
 */
import { App as AntApp, Button, Checkbox, Form, Input, InputNumber, Select } from 'antd';
import { v7 } from 'uuid';
import { addDays, weekday } from '@loyal-mane/core';
import type { KennelFile, KennelRow, LocalDay, RowChange } from '@loyal-mane/core';
import { DayField, dayRule } from '../../parts/DayField';
import { command, useCommand } from '../../api/commands';
import { saveChanges } from '../../api/rows';
import { countWords } from '../../parts/countWords';
import { crewOf } from '../../parts/crewOf';
import { problemWords } from '../../parts/ProblemNote';
import { isWallTime, wallTyped } from '../../parts/rows/fieldSpec';

const WEEKDAYS = [
  [1, 'Mon'],
  [2, 'Tue'],
  [3, 'Wed'],
  [4, 'Thu'],
  [5, 'Fri'],
  [6, 'Sat'],
  [0, 'Sun'],
] as const;

interface Pattern {
  readonly people: readonly string[];
  readonly weekdays: readonly number[];
  readonly start: string;
  readonly end: string;
  readonly overtimeEnd: string;
  readonly breakFrom: string;
  readonly breakTo: string;
  readonly from: LocalDay;
  readonly weeks: number;
  readonly replace: boolean;
}

/** The changes that lay a pattern; days with a shift of their own are left out unless they are replaced. */
export function patternChanges(kennel: KennelFile, pattern: Pattern, newId: () => string): RowChange[] {
  const { people, weekdays, from, weeks, replace } = pattern;
  const [start, end, overtimeEnd] = [pattern.start, pattern.end, pattern.overtimeEnd].map(wallTyped);
  const pauses =
    pattern.breakFrom === ''
      ? []
      : [{ start: wallTyped(pattern.breakFrom), end: wallTyped(pattern.breakTo), what: 'break' }];
  const there = new Map(kennel.shifts.map((s) => [`${s.personId} ${s.day}`, s]));
  return people.flatMap((personId) =>
    Array.from({ length: weeks * 7 }, (_, k) => addDays(from, k)).flatMap((day): RowChange[] => {
      if (!weekdays.includes(weekday(day))) return [];
      const old = there.get(`${personId} ${day}`) ?? null;
      if (old !== null && !replace) return [];
      const id = old?.id ?? newId();
      const to: KennelRow = { id, personId, day, start, end, overtimeEnd, pauses };
      return [{ list: 'shifts', id, from: old, to }];
    }),
  );
}

interface Props {
  readonly kennel: KennelFile;
  readonly from: LocalDay;
  /** Told the first day of the pattern once it is laid. */
  readonly onDone: (from: LocalDay) => void;
}

const USUAL: Omit<Pattern, 'from' | 'people'> = {
  weekdays: [1, 2, 3, 4, 5],
  start: '08:00',
  end: '16:00',
  overtimeEnd: '17:00',
  breakFrom: '12:00',
  breakTo: '12:30',
  weeks: 8,
  replace: false,
};
const TIME_RULES = [
  {
    validator: (_: unknown, typed: string | undefined) =>
      typed === undefined || typed === '' || isWallTime(wallTyped(typed))
        ? Promise.resolve()
        : Promise.reject(new Error('Write it like 08:00.')),
  },
];

/** Crew who have no shift from a day on: a pattern is mostly laid for them. */
export function withoutShifts(kennel: KennelFile, from: LocalDay): string[] {
  const have = new Set(kennel.shifts.flatMap((s) => (s.day >= from ? [s.personId as string] : [])));
  return crewOf(kennel).flatMap((p) => (have.has(p.id) ? [] : [p.id]));
}

/** Lays the same shift over some weeks. */
export function PatternForm({ kennel, from, onDone }: Props) {
  const { message } = AntApp.useApp();
  const send = useCommand(saveChanges);
  const [form] = Form.useForm<Pattern>();
  const lay = (values: Pattern): void => {
    const changes = patternChanges(kennel, values, v7);
    if (changes.length === 0) {
      void message.info('Every one of these days has a shift already.');
      return;
    }
    send.mutate(command(changes), {
      onSuccess: () => {
        void message.success(`${countWords(changes.length, 'shift')} laid. The trail can take them back.`);
        onDone(values.from);
      },
      onError: (error) => void message.error(problemWords(error), 10),
    });
  };
  return (
    <Form
      form={form}
      layout="vertical"
      className="row-fields"
      requiredMark={false}
      initialValues={{ ...USUAL, from, people: withoutShifts(kennel, from) }}
      onFinish={lay}
    >
      <Form.Item name="people" label="For" className="wide" rules={[{ required: true, message: 'For whom?' }]}>
        <Select
          mode="multiple"
          showSearch={{ optionFilterProp: 'label' }}
          options={crewOf(kennel).map((p) => ({ value: p.id, label: p.name }))}
        />
      </Form.Item>
      <Form.Item name="weekdays" label="On" className="wide" rules={[{ required: true, message: 'On which days?' }]}>
        <Checkbox.Group options={WEEKDAYS.map(([value, label]) => ({ value, label }))} />
      </Form.Item>
      <PatternTimes />
      <Form.Item name="replace" valuePropName="checked" className="wide">
        <Checkbox>Replace shifts that are there</Checkbox>
      </Form.Item>
      <div className="wide form-end">
        <Button type="primary" htmlType="submit" loading={send.isPending}>
          Lay shifts
        </Button>
      </div>
    </Form>
  );
}

function PatternTimes() {
  return (
    <>
      <Form.Item name="start" label="Begins" rules={TIME_RULES}>
        <Input />
      </Form.Item>
      <Form.Item name="end" label="Ends" rules={TIME_RULES}>
        <Input />
      </Form.Item>
      <Form.Item name="overtimeEnd" label="Can stay until" rules={TIME_RULES}>
        <Input />
      </Form.Item>
      <Form.Item name="breakFrom" label="Break from" rules={TIME_RULES}>
        <Input />
      </Form.Item>
      <Form.Item name="breakTo" label="Break until" rules={TIME_RULES}>
        <Input />
      </Form.Item>
      <Form.Item name="from" label="From" rules={[dayRule('From which day?')]}>
        <DayField />
      </Form.Item>
      <Form.Item
        name="weeks"
        label="For so many weeks"
        rules={[{ required: true, type: 'integer', min: 1, max: 60, message: '1 to 60.' }]}
      >
        <InputNumber className="w-all" />
      </Form.Item>
    </>
  );
}
