/*
 * A person's practice and kit: the plan gives nobody an irreversible trim without the one, nor a step
 * without the other.
 */
import { App as AntApp, Button, Form, Input, InputNumber, Select, Switch } from 'antd';
import type { FormItemProps } from 'antd';
import { useState } from 'react';
import { IRREVERSIBLE_TRIMS, PRACTICE_OUTCOMES, TOOL_KINDS } from '@loyal-mane/core';
import type { PersonParts, Side, TrimBeginning } from '@loyal-mane/core';
import { METHODS, SCHOOL_WORDS, TOOL_WORDS } from '@loyal-mane/library/words';
import { DayField, dayRule } from './DayField';
import { FormRows } from './FormRows';
import { command, setPersonRecord, useCommand } from '../api/commands';
import type { Kennel } from '../api/queries';
import { personRecordOf } from './dogRecord';
import { problemWords } from './ProblemNote';

type Learning = NonNullable<PersonParts['learning']>[number];
type Practice = Learning['practiced'][number];
type FlatPractice = Pick<Learning, 'trim'> & Partial<Practice>;
interface Values {
  readonly practice?: readonly FlatPractice[];
  readonly keepsKit?: boolean;
  readonly kit?: NonNullable<PersonParts['kit']>;
  readonly route?: Side | 'kennel';
  readonly begin?: TrimBeginning | 'kennel';
}

type FormRule = NonNullable<FormItemProps['rules']>[number];

const ROUTE = SCHOOL_WORDS.brushingRoute;
const BEGIN = SCHOOL_WORDS.trimBegin;
const ROUTES = [
  { value: 'kennel', label: 'as the kennel has it' },
  { value: 'a', label: ROUTE.a.name },
  { value: 'b', label: ROUTE.b.name },
];

const BEGINNINGS = [
  { value: 'kennel', label: 'as the kennel has it for the coat' },
  { value: 'feet', label: 'Feet' },
  { value: 'head', label: 'Whiskers and head' },
  { value: 'rear', label: 'Rear' },
  { value: 'topline', label: 'Topline' },
] as const satisfies readonly { readonly value: TrimBeginning | 'kennel'; readonly label: string }[];

/** One row a practice; a trim that is learned and not practiced yet is a row without a day. */
function flat(learning: PersonParts['learning']): FlatPractice[] {
  return (learning ?? []).flatMap((l): FlatPractice[] =>
    l.practiced.length === 0
      ? [{ trim: l.trim }]
      : l.practiced.map((p) => ({
          trim: l.trim,
          day: p.day,
          outcome: p.outcome,
          ...(p.dogId === undefined ? {} : { dogId: p.dogId }),
        })),
  );
}

function learningOf(rows: readonly FlatPractice[]): Learning[] {
  const trims = [...new Set(rows.map((r) => r.trim))];
  return trims.map((trim) => ({
    trim,
    practiced: rows
      .flatMap((r): Learning['practiced'] => {
        if (r.trim !== trim || r.day === undefined || r.outcome === undefined) return [];
        return [{ day: r.day, outcome: r.outcome, ...(r.dogId === undefined ? {} : { dogId: r.dogId }) }];
      })
      .sort((x, y) => x.day.localeCompare(y.day)),
  }));
}

/** A row without the fields that were left empty. */
const filled = <T extends object>(row: T): T =>
  Object.fromEntries(Object.entries(row).filter(([, v]) => v !== undefined && v !== null && v !== '')) as T;

/** Null where a person does as the kennel does. */
const ownOf = <T extends string>(value: T | 'kennel'): T | null => (value === 'kennel' ? null : value);

/** A person's practice, kit and ways as a form. */
export default function PersonRecord({ person, dogs }: { person: Kennel['people'][number]; dogs: Kennel['dogs'] }) {
  const { message } = AntApp.useApp();
  const send = useCommand(setPersonRecord);
  const record = personRecordOf(person);
  const [keepsKit, setKeepsKit] = useState(record.kit !== undefined);
  const save = (values: Values): void => {
    const changes = {
      learning: learningOf((values.practice ?? []).map(filled)),
      kit: keepsKit ? (values.kit ?? []).map(filled) : null,
      ...(values.route === undefined ? {} : { brushingRoute: ownOf(values.route) }),
      ...(values.begin === undefined ? {} : { trimBegin: ownOf(values.begin) }),
    };
    send.mutate(command({ personId: person.id, version: person.version, record: changes }), {
      onSuccess: () => void message.success('Saved. Plan again to work by it.'),
      onError: (error) => void message.error(problemWords(error), 8),
    });
  };
  return (
    <Form<Values>
      key={person.version}
      initialValues={{
        practice: flat(record.learning),
        kit: record.kit ?? TOOL_KINDS.map((tool) => ({ tool })),
        route: record.brushingRoute ?? 'kennel',
        begin: record.trimBegin ?? 'kennel',
      }}
      disabled={send.isPending}
      onFinish={save}
      className="person-record"
    >
      <h3>Practice</h3>
      <p className="soft">
        Trims that are being learned: for a show only after a practice about 60 days before. A trim without a row is one
        that {person.name.split(' ')[0]} has long done.
      </p>
      <PracticeRows dogs={dogs} />
      <h3>Kit</h3>
      <p>
        <Switch size="small" checked={keepsKit} onChange={setKeepsKit} aria-label="The plan asks for the kit" />{' '}
        {keepsKit ? 'Only steps whose tools are here.' : 'Has whatever the work needs.'}
      </p>
      {keepsKit && <KitRows />}
      <h3>{ROUTE.question}</h3>
      <Form.Item name="route" extra="Told at the bench with each brushing. What is set for one dog comes first.">
        <Select aria-label={ROUTE.question} options={ROUTES} />
      </Form.Item>
      <h3>{BEGIN.question}</h3>
      <Form.Item name="begin" extra="Told at the bench with each trim: what it begins with comes first on the page.">
        <Select aria-label={BEGIN.question} options={[...BEGINNINGS]} />
      </Form.Item>
      <p className="save">
        <Button type="primary" htmlType="submit" loading={send.isPending}>
          Save practice, kit and ways
        </Button>
      </p>
    </Form>
  );
}

/** How a practice came out must be told once it has a day. */
const outcomeRule =
  (at: number): FormRule =>
  ({ getFieldValue }) => ({
    validator: (_, outcome: string | undefined) =>
      getFieldValue(['practice', at, 'day']) !== undefined && outcome === undefined
        ? Promise.reject(new Error('How did it come out?'))
        : Promise.resolve(),
  });

function PracticeRows({ dogs }: { dogs: Kennel['dogs'] }) {
  return (
    <FormRows name="practice" addWords="Add a trim that is being learned">
      {(at) => (
        <>
          <Form.Item name={[at, 'trim']} rules={[{ required: true, message: 'Which trim?' }]}>
            <Select
              aria-label="Trim"
              className="w-trim"
              options={IRREVERSIBLE_TRIMS.map((value) => ({ value, label: METHODS[value].name }))}
            />
          </Form.Item>
          <Form.Item name={[at, 'day']} rules={[dayRule()]}>
            <DayField placeholder="practiced" className="w-day" />
          </Form.Item>
          <Form.Item name={[at, 'outcome']} dependencies={[['practice', at, 'day']]} rules={[outcomeRule(at)]}>
            <Select
              aria-label="How it came out"
              placeholder="came out"
              className="w-word"
              options={PRACTICE_OUTCOMES.map((value) => ({ value, label: value }))}
            />
          </Form.Item>
          <Form.Item name={[at, 'dogId']}>
            <Select
              aria-label="On which dog"
              placeholder="on"
              allowClear
              className="w-word"
              options={dogs.map((d) => ({ value: d.id, label: d.name }))}
            />
          </Form.Item>
        </>
      )}
    </FormRows>
  );
}

function KitRows() {
  return (
    <FormRows name="kit" addWords="Add tool">
      {(at) => (
        <>
          <Form.Item name={[at, 'tool']} rules={[{ required: true, message: 'Which tool?' }]}>
            <Select
              aria-label="Tool"
              className="w-choice"
              options={TOOL_KINDS.map((value) => ({ value, label: TOOL_WORDS[value] }))}
            />
          </Form.Item>
          <ToolSize at={at} />
          <Form.Item name={[at, 'sharpened']} rules={[dayRule()]}>
            <DayField placeholder="sharpened" className="w-size" />
          </Form.Item>
        </>
      )}
    </FormRows>
  );
}

/** The size that tells one tool from another of its kind: length of shears, teeth of thinners, blades of a clipper. */
function ToolSize({ at }: { at: number }) {
  const tool = Form.useWatch<string | undefined>(['kit', at, 'tool']);
  if (tool === 'clipper') {
    return (
      <Form.Item name={[at, 'blade']} rules={[{ max: 40, message: 'At most 40 letters.' }]}>
        <Input aria-label="Blades" placeholder="blades 10, 30" className="w-size" />
      </Form.Item>
    );
  }
  if (tool === 'thinners') {
    return (
      <Form.Item name={[at, 'teeth']} rules={[{ type: 'integer', min: 5, max: 120, message: '5 to 120.' }]}>
        <InputNumber aria-label="Teeth" suffix="teeth" className="w-size" />
      </Form.Item>
    );
  }
  return (
    <Form.Item name={[at, 'lengthIn']} rules={[{ type: 'number', min: 2, max: 14, message: '2 to 14 in.' }]}>
      <InputNumber aria-label="Length, inches" suffix="in" className="w-size" />
    </Form.Item>
  );
}
