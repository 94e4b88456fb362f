/*
 * A person's practice and kit: the plan gives nobody an irreversible trim without the one, nor a step
 * without the other.
 */
import DeleteOutlined from '@ant-design/icons/DeleteOutlined';
import PlusOutlined from '@ant-design/icons/PlusOutlined';
import { App as AntApp, Button, Form, Input, InputNumber, Select, Switch } from 'antd';
import dayjs from 'dayjs';
import { useState } from 'react';
import { IRREVERSIBLE_TRIMS, PRACTICE_OUTCOMES, TOOL_KINDS } from '@loyal-mane/core';
import type { PersonParts, Side } from '@loyal-mane/core';
import { METHODS, SCHOOL_WORDS, TOOL_WORDS } from '@loyal-mane/library/words';
import { DayField } from './DayField';
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
}

const asDay = {
  getValueProps: (value: string | undefined) => ({ value: value === undefined ? null : dayjs(value) }),
  getValueFromEvent: (value: dayjs.Dayjs | null) => value?.format('YYYY-MM-DD'),
};

const ROUTE = SCHOOL_WORDS.brushingRoute;
const ROUTES = [
  { value: 'kennel', label: 'as the kennel has it' },
  { value: 'a', label: ROUTE.a.name },
  { value: 'b', label: ROUTE.b.name },
];

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

export default function PersonRecord({ person, dogs }: { person: Kennel['people'][number]; dogs: Kennel['dogs'] }) {
  const { message } = AntApp.useApp();
  const send = useCommand(setPersonRecord);
  const record = personRecordOf(person);
  const [keepsKit, setKeepsKit] = useState(record.kit !== undefined);
  const save = (values: Values): void => {
    const changes = {
      learning: learningOf((values.practice ?? []).map(filled)),
      kit: keepsKit ? (values.kit ?? []).map(filled) : null,
      ...(values.route === undefined ? {} : { brushingRoute: values.route === 'kennel' ? null : values.route }),
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
      }}
      disabled={send.isPending}
      onFinish={save}
    >
      <h3 style={{ fontSize: 16, marginTop: 24 }}>Practice</h3>
      <p className="soft">
        Trims that are being learned: for a show only after a practice about 60 days before. A trim without a row is one
        that {person.name.split(' ')[0]} has long done.
      </p>
      <Form.List name="practice">
        {(rows, { add, remove }) => (
          <>
            {rows.map((row) => (
              <div key={row.key} className="row-form">
                <Form.Item name={[row.name, 'trim']} rules={[{ required: true, message: 'Which trim?' }]}>
                  <Select
                    aria-label="Trim"
                    style={{ width: 120 }}
                    options={IRREVERSIBLE_TRIMS.map((value) => ({ value, label: METHODS[value].name }))}
                  />
                </Form.Item>
                <Form.Item name={[row.name, 'day']} {...asDay}>
                  <DayField placeholder="practiced" style={{ width: 112 }} />
                </Form.Item>
                <Form.Item
                  name={[row.name, 'outcome']}
                  dependencies={[['practice', row.name, 'day']]}
                  rules={[
                    ({ getFieldValue }) => ({
                      validator: (_, outcome: string | undefined) =>
                        getFieldValue(['practice', row.name, 'day']) !== undefined && outcome === undefined
                          ? Promise.reject(new Error('How did it come out?'))
                          : Promise.resolve(),
                    }),
                  ]}
                >
                  <Select
                    aria-label="How it came out"
                    placeholder="came out"
                    style={{ width: 88 }}
                    options={PRACTICE_OUTCOMES.map((value) => ({ value, label: value }))}
                  />
                </Form.Item>
                <Form.Item name={[row.name, 'dogId']}>
                  <Select
                    aria-label="On which dog"
                    placeholder="on"
                    allowClear
                    style={{ width: 88 }}
                    options={dogs.map((d) => ({ value: d.id, label: d.name }))}
                  />
                </Form.Item>
                <Button type="text" aria-label="Away" icon={<DeleteOutlined />} onClick={() => remove(row.name)} />
              </div>
            ))}
            <Button icon={<PlusOutlined />} onClick={() => add({})}>
              A trim that is learned
            </Button>
          </>
        )}
      </Form.List>
      <h3 style={{ fontSize: 16, marginTop: 24 }}>Kit</h3>
      <p>
        <Switch size="small" checked={keepsKit} onChange={setKeepsKit} aria-label="The plan asks for the kit" />{' '}
        {keepsKit ? 'Only steps whose tools are here.' : 'Has whatever the work needs.'}
      </p>
      {keepsKit && (
        <Form.List name="kit">
          {(rows, { add, remove }) => (
            <>
              {rows.map((row) => (
                <div key={row.key} className="row-form">
                  <Form.Item name={[row.name, 'tool']} rules={[{ required: true, message: 'Which tool?' }]}>
                    <Select
                      aria-label="Tool"
                      style={{ width: 170 }}
                      options={TOOL_KINDS.map((value) => ({ value, label: TOOL_WORDS[value] }))}
                    />
                  </Form.Item>
                  <ToolSize at={row.name} />
                  <Form.Item name={[row.name, 'sharpened']} {...asDay}>
                    <DayField placeholder="sharpened" style={{ width: 125 }} />
                  </Form.Item>
                  <Button type="text" aria-label="Away" icon={<DeleteOutlined />} onClick={() => remove(row.name)} />
                </div>
              ))}
              <Button icon={<PlusOutlined />} onClick={() => add({})}>
                Add tool
              </Button>
            </>
          )}
        </Form.List>
      )}
      <h3 style={{ fontSize: 16, marginTop: 24, marginBottom: 8 }}>{ROUTE.question}</h3>
      <Form.Item name="route" extra="Told at the bench with each brushing. What is set for one dog comes first.">
        <Select aria-label={ROUTE.question} options={ROUTES} />
      </Form.Item>
      <p style={{ marginTop: 16 }}>
        <Button type="primary" htmlType="submit" loading={send.isPending}>
          Save practice, kit and route
        </Button>
      </p>
    </Form>
  );
}

/** The size that tells one tool from another of its kind: length of shears, teeth of thinners, blades of a clipper. */
function ToolSize({ at }: { at: number }) {
  const tool = Form.useWatch<string | undefined>(['kit', at, 'tool']);
  if (tool === 'clipper') {
    return (
      <Form.Item name={[at, 'blade']} rules={[{ max: 40, message: 'At most 40 letters.' }]}>
        <Input aria-label="Blades" placeholder="blades 10, 30" style={{ width: 124 }} />
      </Form.Item>
    );
  }
  if (tool === 'thinners') {
    return (
      <Form.Item name={[at, 'teeth']} rules={[{ type: 'integer', min: 5, max: 120, message: '5 to 120.' }]}>
        <InputNumber aria-label="Teeth" suffix="teeth" style={{ width: 124 }} />
      </Form.Item>
    );
  }
  return (
    <Form.Item name={[at, 'lengthIn']} rules={[{ type: 'number', min: 2, max: 14, message: '2 to 14 in.' }]}>
      <InputNumber aria-label="Length, inches" suffix="in" style={{ width: 124 }} />
    </Form.Item>
  );
}
