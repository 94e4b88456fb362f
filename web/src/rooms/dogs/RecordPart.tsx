/*
 * A dog's record as a form: coat, ways, dates, states, the owner's consents. Checked while it is typed, and again by
 * the server against the same schema.
 */
import { App as AntApp, Button, Form, Input, InputNumber, Select, Switch } from 'antd';
import type { FormItemProps } from 'antd';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { GROUNDS, WEAK_LEGS, ZONE_IDS, sameValue } from '@loyal-mane/core';
import type { DogParts, RecordFields, WeakLeg } from '@loyal-mane/core';
import { ZONE_NAMES } from '@loyal-mane/library';
import { CONSENT_WORDS, METHODS, STATE_WORDS } from '@loyal-mane/library/words';
import { DayField, dayRule } from '../../parts/DayField';
import { FormRows } from '../../parts/FormRows';
import { recordOf, useDogRecord } from '../../parts/dogRecord';
import type { Dog } from '../../parts/dogRecord';
import { draftOf, dropDraft, keepDraft } from '../../parts/rows/draft';
import { useRooms } from '../../parts/useRooms';
import { OwnPeople, Stays } from './CareFields';
import { BorneWorkOf } from './BorneWork';
import { fieldsOf } from './dogFields';

const WEAK_WORDS: Readonly<Record<WeakLeg, string>> = { pastern: 'weak pasterns', hock: 'sinking hocks' };

type FormRule = NonNullable<FormItemProps['rules']>[number];

const options = (values: readonly string[], words: (v: string) => string = (v) => v) =>
  values.map((value) => ({ value, label: words(value) }));

const SWITCHES: readonly (readonly [keyof DogParts, string])[] = [
  ['coatChange', 'in coat change'],
  ['jacketLies', 'the jacket lies by itself'],
  ['towelAfterBath', 'Towel-set the jacket again after the show bath'],
  ['liesForWork', 'lies for work'],
  ['fringed', 'fringes dressed daily, washed weekly'],
  ['wrapped', 'kept in wraps or bands'],
  ['growsCoat', 'grows coat: the breed’s zones are locked'],
  ['wholeBath', 'harsh coat bathed whole on request'],
  ['bathSkippedWhenClean', 'bath skipped when mitt-cleaned and clean'],
  ['paleRoots', 'dark over paler roots'],
  ['buildUp', 'product has built up'],
];
const DAYS: readonly (readonly [keyof DogParts, string])[] = [
  ['lastTrim', 'Last full trim'],
  ['lastBrush', 'Last full brushing'],
  ['lastBath', 'Last bath'],
  ['lastUndercoat', 'Undercoat last out'],
];
/** Fields that a form clears by leaving them empty: sent as null, which takes them away. */
const CLEARABLE: readonly (keyof DogParts)[] = [
  ...DAYS.map(([field]) => field),
  'ground',
  'weakLegs',
  'towelSets',
  'standMinPerDay',
  'finisherId',
  'batherId',
  'note',
];

type Fields = DogParts & Readonly<Record<string, unknown>>;

/** Forms leave empty fields undefined, null or empty. */
function empty(value: unknown): unknown {
  return value === undefined || value === '' ? null : value;
}

function isClearable(field: string): boolean {
  return CLEARABLE.some((f) => f === field);
}

/** The record as it is typed: kept on the device until it is saved, merged with what others change beside it. */
function useRecordForm(dog: Dog) {
  const [form] = Form.useForm<Fields>();
  const { message } = AntApp.useApp();
  const { save, busy } = useDogRecord(dog);
  const record: Fields = recordOf(dog);
  const draftKey = `record:${dog.id}`;
  const [draft, setDraft] = useState(() => draftOf(draftKey));
  // The record as it was when typing began, field by field: what others change beside it is shown and left alone.
  const base = useRef(record);
  const typedFields = useCallback((): string[] => {
    const values = form.getFieldsValue();
    return Object.keys(values).filter((f) => !sameValue(empty(values[f]), empty(base.current[f])));
  }, [form]);

  useEffect(() => {
    const mine = new Set(typedFields());
    const names = Object.keys(form.getFieldsValue()).filter((f) => !mine.has(f));
    form.setFieldsValue(Object.fromEntries(names.map((f) => [f, record[f]])));
    base.current = { ...record, ...Object.fromEntries([...mine].map((f) => [f, base.current[f]])) };
  }, [form, record, typedFields]);

  const typed = (): void => {
    const values = form.getFieldsValue();
    const mine = typedFields();
    if (mine.length === 0) dropDraft(draftKey);
    else keepDraft(draftKey, Object.fromEntries(mine.map((f) => [f, values[f]])));
  };
  const send = (values: Fields): void => {
    const mine = typedFields();
    const both = mine.filter((f) => !sameValue(empty(base.current[f]), empty(record[f])));
    if (both.length > 0) {
      base.current = { ...base.current, ...Object.fromEntries(both.map((f) => [f, record[f]])) };
      void message.warning(
        'Somebody changed the same field while you were editing. Save again to replace it with yours.',
        8,
      );
      return;
    }
    const changes = mine.map((f) => [f, empty(values[f])] as const).filter(([f, v]) => v !== null || isClearable(f));
    save(Object.fromEntries(changes), () => {
      dropDraft(draftKey);
      setDraft(null);
      base.current = { ...base.current, ...Object.fromEntries(mine.map((f) => [f, values[f]])) };
    });
  };
  const giveUp = (): void => {
    dropDraft(draftKey);
    setDraft(null);
    base.current = record;
    form.setFieldsValue(Object.fromEntries(Object.keys(form.getFieldsValue()).map((f) => [f, record[f]])));
  };
  return { form, record, draft, busy, typed, send, giveUp };
}

/** A dog's record; leads change it, others read it. */
export function RecordPart({ dog, lead }: { dog: Dog; lead: boolean }) {
  const { form, record, draft, busy, typed, send, giveUp } = useRecordForm(dog);
  const fields = useFieldsOf(dog);
  return (
    <Form
      form={form}
      layout="vertical"
      initialValues={{ ...record, ...(draft ?? {}) }}
      onValuesChange={typed}
      onFinish={send}
      disabled={!lead || busy}
      className="record"
    >
      {draft !== null && (
        <p className="soft" role="status">
          What you typed here before is back, and is not saved yet.{' '}
          <button type="button" className="plain link" onClick={giveUp}>
            Give it up
          </button>
        </p>
      )}
      <CoatFields fields={fields} />
      <div className="switches">
        {SWITCHES.filter(([field]) => fields.has(field)).map(([field, label]) => (
          <label key={field}>
            <Form.Item name={field} valuePropName="checked" noStyle>
              <Switch size="small" aria-label={label} />
            </Form.Item>{' '}
            {label}
          </label>
        ))}
      </div>
      <div className="two-columns">
        <States fields={fields} />
        <div>
          <Consents fields={fields} />
          <Cooperation fields={fields} />
          <BorneWorkOf dogId={dog.id} />
        </div>
      </div>
      <div className="two-columns">
        <Stays />
        <OwnPeople />
      </div>
      <Form.Item name="note" label="Of note" rules={[{ max: 500, message: 'At most 500 characters.' }]}>
        <Input.TextArea rows={2} />
      </Form.Item>
      {lead && (
        <Button type="primary" htmlType="submit" loading={busy}>
          Save the record
        </Button>
      )}
    </Form>
  );
}

/** Fields of the record that concern this dog: other fields are not on its page. */
function useFieldsOf(dog: Dog): RecordFields {
  const { kennel } = useRooms();
  return useMemo(() => fieldsOf(dog, kennel), [kennel, dog]);
}

interface OfDog {
  readonly fields: RecordFields;
}

function CoatFields({ fields }: OfDog) {
  return (
    <div className="record-grid">
      <Form.Item name="density" label="Density">
        <Select options={options(['light', 'normal', 'heavy'])} />
      </Form.Item>
      {fields.has('undercoat') && (
        <Form.Item name="undercoat" label="Loose undercoat, as seen">
          <Select options={options(['light', 'heavy'])} />
        </Form.Item>
      )}
      <Form.Item
        name="cooperation"
        label="Cooperation (0.8 easy, 1.6 hard)"
        rules={[{ type: 'number', min: 0.8, max: 1.6, message: 'Between 0.8 and 1.6.' }]}
      >
        <InputNumber step={0.1} className="w-all" />
      </Form.Item>
      <Form.Item
        name="standMinPerDay"
        label="Stands for trims, minutes a day"
        rules={[{ type: 'integer', min: 5, max: 120, message: 'Whole minutes from 5 to 120, or nothing.' }]}
      >
        <InputNumber className="w-all" />
      </Form.Item>
      {fields.has('towelSets') && (
        <Form.Item name="towelSets" label="Towel sets that the jacket needs">
          <Select allowClear options={[1, 2].map((value) => ({ value, label: String(value) }))} />
        </Form.Item>
      )}
      {fields.has('ground') && (
        <Form.Item name="ground" label="Ground of the run">
          <Select allowClear options={options(GROUNDS)} />
        </Form.Item>
      )}
      {fields.has('weakLegs') && (
        <Form.Item name="weakLegs" label="Weak legs: their hair is left">
          <Select
            mode="multiple"
            allowClear
            options={WEAK_LEGS.map((value) => ({ value, label: WEAK_WORDS[value] }))}
          />
        </Form.Item>
      )}
      {DAYS.filter(([field]) => fields.has(field)).map(([field, label]) => (
        <Form.Item key={field} name={field} label={label} rules={[dayRule()]}>
          <DayField />
        </Form.Item>
      ))}
    </div>
  );
}

function States({ fields }: OfDog) {
  return (
    <section aria-label="States">
      <h2 className="serif">States</h2>
      <p className="soft">A state changes or stops work on the dog for a while. A vet comes before anything here.</p>
      <FormRows name="states" addWords="Add state">
        {(at) => (
          <>
            <Form.Item name={[at, 'kind']} rules={[{ required: true, message: 'Which state?' }]}>
              <Select
                aria-label="State"
                className="w-choice"
                options={options(
                  fields.states,
                  (v) => STATE_WORDS[v as keyof typeof STATE_WORDS].split(/[:.]/)[0] ?? v,
                )}
              />
            </Form.Item>
            <Form.Item name={[at, 'from']} rules={[dayRule('Since when?')]}>
              <DayField placeholder="since" className="w-day" />
            </Form.Item>
            <Form.Item name={[at, 'until']} dependencies={[['states', at, 'from']]} rules={[dayRule(), untilRule(at)]}>
              <DayField placeholder="until" className="w-day" />
            </Form.Item>
          </>
        )}
      </FormRows>
    </section>
  );
}

/** A state cannot end before it begins. */
const untilRule =
  (at: number): FormRule =>
  ({ getFieldValue }) => ({
    validator: (_, until: string | undefined) => {
      const from = getFieldValue(['states', at, 'from']) as string | undefined;
      return until !== undefined && from !== undefined && until < from
        ? Promise.reject(new Error('Ends before it begins.'))
        : Promise.resolve();
    },
  });

function Consents({ fields }: OfDog) {
  return (
    <section aria-label="Consents">
      <h2 className="serif">The owner agreed to</h2>
      <p className="soft">
        Work that cannot be undone, such as taking coat off, waits until the owner has agreed to it.
      </p>
      <FormRows name="consents" addWords="Add consent">
        {(at) => (
          <>
            <Form.Item name={[at, 'what']} rules={[{ required: true, message: 'To what?' }]}>
              <Select
                aria-label="Consent"
                className="w-choice"
                options={options(fields.consents, (v) => CONSENT_WORDS[v as keyof typeof CONSENT_WORDS])}
              />
            </Form.Item>
            <Form.Item name={[at, 'given']} rules={[dayRule('When?')]}>
              <DayField placeholder="when" className="w-day" />
            </Form.Item>
          </>
        )}
      </FormRows>
    </section>
  );
}

function Cooperation({ fields }: OfDog) {
  return (
    <section aria-label="Cooperation by body area">
      <h2 className="serif">Cooperation by body area</h2>
      <FormRows name="cooperationAt" addWords="Add step" blank={{ factor: 1.2 }}>
        {(at) => (
          <FactorFields
            at={at}
            field="step"
            label="Step"
            ask="Which step?"
            choices={options(fields.steps, (v) => METHODS[v as keyof typeof METHODS].name)}
          />
        )}
      </FormRows>
      <FormRows name="cooperationZones" addWords="Add zone" blank={{ factor: 1.2 }}>
        {(at) => (
          <FactorFields
            at={at}
            field="zone"
            label="Zone"
            ask="Which zone?"
            choices={options(ZONE_IDS, (v) => ZONE_NAMES[v as keyof typeof ZONE_NAMES])}
          />
        )}
      </FormRows>
    </section>
  );
}

interface FactorProps {
  readonly at: number;
  readonly field: string;
  readonly label: string;
  readonly ask: string;
  readonly choices: readonly { readonly value: string; readonly label: string }[];
}

/** One step or zone, and how its minutes change with this dog. */
function FactorFields({ at, field, label, ask, choices }: FactorProps) {
  return (
    <>
      <Form.Item name={[at, field]} rules={[{ required: true, message: ask }]}>
        <Select
          aria-label={label}
          showSearch={{ optionFilterProp: 'label' }}
          className="w-choice"
          options={[...choices]}
        />
      </Form.Item>
      <Form.Item
        name={[at, 'factor']}
        rules={[{ required: true, type: 'number', min: 0.8, max: 1.6, message: 'From 0.8 to 1.6.' }]}
      >
        <InputNumber aria-label={`Factor on minutes, ${label.toLowerCase()}`} step={0.1} className="w-day" />
      </Form.Item>
    </>
  );
}
