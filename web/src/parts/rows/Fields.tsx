/*
 * The fields of a row's form. Complaints of the server stand under the field that they are about.
 */
import DeleteOutlined from '@ant-design/icons/DeleteOutlined';
import PlusOutlined from '@ant-design/icons/PlusOutlined';
import { Button, Form, Input, Select, Switch } from 'antd';
import type { ReactElement } from 'react';
import { DayField } from '../DayField';
import { NumberField } from '../NumberField';
import { WallInput } from '../WallInput';
import type { FieldSpec } from './fieldSpec';

/** Complaints by path of the field within the row. */
export type Complaints = ReadonlyMap<string, string>;

/** Fields of a form by their specs, with what is wrong at each. */
export function Fields({ specs, complaints }: { specs: readonly FieldSpec[]; complaints: Complaints }) {
  return specs.map((spec) => <Field key={spec.name} spec={spec} complaints={complaints} at={[]} />);
}

interface Props {
  readonly spec: FieldSpec;
  readonly complaints: Complaints;
  /** Where the field stands in the form: empty, or a list's name and place. */
  readonly at: readonly (string | number)[];
}

function Field({ spec, complaints, at }: Props) {
  const path = pathOf([...at, spec.name]);
  if (spec.kind === 'list') return <FieldList spec={spec} complaints={complaints} />;
  const complaint = complaintAt(complaints, path);
  const name = at.length === 0 ? spec.name : [at[at.length - 1] as number, spec.name];
  return (
    <Form.Item
      name={name}
      label={spec.label}
      required={spec.required === true}
      {...(spec.kind === 'switch' ? { valuePropName: 'checked' } : {})}
      {...(complaint === null ? {} : { validateStatus: 'error' as const, help: complaint })}
      {...(spec.hint === undefined ? {} : { extra: spec.hint })}
      className={spec.wide === true ? 'wide' : ''}
    >
      {inputOf(spec)}
    </Form.Item>
  );
}

function inputOf(spec: FieldSpec): ReactElement {
  switch (spec.kind) {
    case 'text':
      return <Input maxLength={200} />;
    case 'lines':
      return <Input.TextArea rows={2} maxLength={500} />;
    case 'day':
      return <DayField />;
    case 'wall':
      return <WallInput />;
    case 'switch':
      return <Switch />;
    case 'number':
      return (
        <NumberField
          {...(spec.step === undefined ? {} : { step: spec.step })}
          {...(spec.unit === undefined ? {} : { suffix: spec.unit })}
        />
      );
    case 'one':
      return (
        <Select
          showSearch={{ optionFilterProp: 'label' }}
          allowClear={spec.mayClear === true}
          options={[...spec.choices]}
        />
      );
    case 'some':
      return <Select mode="multiple" showSearch={{ optionFilterProp: 'label' }} options={[...spec.choices]} />;
    case 'list':
      return <span />;
  }
}

function FieldList({ spec, complaints }: { spec: FieldSpec & { kind: 'list' }; complaints: Complaints }) {
  const whole = complaints.get(spec.name) ?? null;
  return (
    <Form.List name={spec.name}>
      {(rows, { add, remove }) => (
        <section className="wide field-list" aria-label={spec.label}>
          <h3 className="serif">{spec.label}</h3>
          {rows.map((row, k) => (
            <div key={row.key} className="row-form">
              {spec.fields.map((f) => (
                <Field key={f.name} spec={f} complaints={atRow(complaints, spec.name, k)} at={[spec.name, row.name]} />
              ))}
              <Button
                type="text"
                aria-label="Remove this line"
                icon={<DeleteOutlined />}
                onClick={() => remove(row.name)}
              />
              {complaints.get(`${spec.name}[${String(k)}]`) !== undefined && (
                <span className="bad">{complaints.get(`${spec.name}[${String(k)}]`)}</span>
              )}
            </div>
          ))}
          {whole !== null && <p className="bad">{whole}</p>}
          <Button icon={<PlusOutlined />} onClick={() => add(spec.fresh)}>
            {spec.add}
          </Button>
        </section>
      )}
    </Form.List>
  );
}

function pathOf(at: readonly (string | number)[]): string {
  return at.map((p, k) => (typeof p === 'number' ? `[${String(p)}]` : k === 0 ? p : `.${p}`)).join('');
}

/** Complaints of a list's rows stand under their place in the list, which may differ from the form's own number. */
function atRow(complaints: Complaints, list: string, place: number): Complaints {
  const prefix = `${list}[${String(place)}].`;
  return new Map([...complaints].flatMap(([path, words]) => (path.startsWith(prefix) ? [[path, words] as const] : [])));
}

/** Messages about a field or about something inside it. */
function complaintAt(complaints: Complaints, path: string): string | null {
  for (const [at, words] of complaints) if (at === path || at.startsWith(`${path}[`) || at.endsWith(path)) return words;
  return null;
}
