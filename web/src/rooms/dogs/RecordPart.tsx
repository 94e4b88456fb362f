/*
 * A dog's record as a form: coat, ways, dates, states, the owner's consents. Checked while it is typed, and again by
 * the server against the same schema.
 */
import DeleteOutlined from '@ant-design/icons/DeleteOutlined';
import PlusOutlined from '@ant-design/icons/PlusOutlined';
import { App as AntApp, Button, Form, Input, InputNumber, Select, Switch } from 'antd';
import dayjs from 'dayjs';
import { useCallback, useEffect, useRef, useState } from 'react';
import { CONSENTS, DOG_STATES, GROUNDS, STEP_IDS, ZONE_IDS, sameValue } from '@loyal-mane/core';
import type { DogParts } from '@loyal-mane/core';
import { ZONE_NAMES } from '@loyal-mane/library';
import { CONSENT_WORDS, METHODS, STATE_WORDS } from '@loyal-mane/library/words';
import { DayField } from '../../parts/DayField';
import { recordOf, useDogRecord } from '../../parts/dogRecord';
import type { Dog } from '../../parts/dogRecord';
import { draftOf, dropDraft, keepDraft } from '../../parts/rows/draft';

const asDay = {
  getValueProps: (value: string | undefined) => ({ value: value === undefined ? null : dayjs(value) }),
  getValueFromEvent: (value: dayjs.Dayjs | null) => value?.format('YYYY-MM-DD'),
};
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
  'towelSets',
  'standMinPerDay',
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

export function RecordPart({ dog, lead }: { dog: Dog; lead: boolean }) {
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
      <div className="record-grid">
        <Form.Item name="density" label="Density">
          <Select options={options(['light', 'normal', 'heavy'])} />
        </Form.Item>
        <Form.Item name="undercoat" label="Loose undercoat, as seen">
          <Select options={options(['light', 'heavy'])} />
        </Form.Item>
        <Form.Item
          name="cooperation"
          label="Cooperation (0.8 easy, 1.6 hard)"
          rules={[{ type: 'number', min: 0.8, max: 1.6, message: 'Between 0.8 and 1.6.' }]}
        >
          <InputNumber step={0.1} style={{ width: '100%' }} />
        </Form.Item>
        <Form.Item
          name="standMinPerDay"
          label="Stands for trims, minutes a day"
          rules={[{ type: 'integer', min: 5, max: 120, message: 'Whole minutes from 5 to 120, or nothing.' }]}
        >
          <InputNumber style={{ width: '100%' }} />
        </Form.Item>
        <Form.Item name="towelSets" label="Towel sets that the jacket needs">
          <Select allowClear options={[1, 2].map((value) => ({ value, label: String(value) }))} />
        </Form.Item>
        <Form.Item name="ground" label="Ground of the run">
          <Select allowClear options={options(GROUNDS)} />
        </Form.Item>
        {DAYS.map(([field, label]) => (
          <Form.Item key={field} name={field} label={label} {...asDay}>
            <DayField />
          </Form.Item>
        ))}
      </div>
      <div className="switches">
        {SWITCHES.map(([field, label]) => (
          <label key={field}>
            <Form.Item name={field} valuePropName="checked" noStyle>
              <Switch size="small" aria-label={label} />
            </Form.Item>{' '}
            {label}
          </label>
        ))}
      </div>
      <div className="two-columns">
        <States />
        <div>
          <Consents />
          <Bears />
          <BearsZones />
        </div>
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

function States() {
  return (
    <Form.List name="states">
      {(rows, { add, remove }) => (
        <section aria-label="States">
          <h2 className="serif">States</h2>
          <p className="soft">What changes or blocks work for a while. A vet comes before anything here.</p>
          {rows.map((row) => (
            <div key={row.key} className="row-form">
              <Form.Item name={[row.name, 'kind']} rules={[{ required: true, message: 'Which?' }]}>
                <Select
                  aria-label="State"
                  style={{ width: 170 }}
                  options={options(DOG_STATES, (v) => STATE_WORDS[v as keyof typeof STATE_WORDS].split(/[:.]/)[0] ?? v)}
                />
              </Form.Item>
              <Form.Item name={[row.name, 'from']} rules={[{ required: true, message: 'Since when?' }]} {...asDay}>
                <DayField placeholder="since" style={{ width: 130 }} />
              </Form.Item>
              <Form.Item
                name={[row.name, 'until']}
                dependencies={[['states', row.name, 'from']]}
                rules={[
                  ({ getFieldValue }) => ({
                    validator: (_, until: string | undefined) => {
                      const from = getFieldValue(['states', row.name, 'from']) as string | undefined;
                      return until !== undefined && from !== undefined && until < from
                        ? Promise.reject(new Error('Ends before it begins.'))
                        : Promise.resolve();
                    },
                  }),
                ]}
                {...asDay}
              >
                <DayField placeholder="until" style={{ width: 130 }} />
              </Form.Item>
              <Button type="text" aria-label="Away" icon={<DeleteOutlined />} onClick={() => remove(row.name)} />
            </div>
          ))}
          <Button icon={<PlusOutlined />} onClick={() => add({})}>
            Add state
          </Button>
        </section>
      )}
    </Form.List>
  );
}

function Consents() {
  return (
    <Form.List name="consents">
      {(rows, { add, remove }) => (
        <section aria-label="Consents">
          <h2 className="serif">The owner agreed to</h2>
          <p className="soft">What cannot be undone waits for this.</p>
          {rows.map((row) => (
            <div key={row.key} className="row-form">
              <Form.Item name={[row.name, 'what']} rules={[{ required: true, message: 'To what?' }]}>
                <Select
                  aria-label="Consent"
                  style={{ width: 170 }}
                  options={options(CONSENTS, (v) => CONSENT_WORDS[v as keyof typeof CONSENT_WORDS])}
                />
              </Form.Item>
              <Form.Item name={[row.name, 'given']} rules={[{ required: true, message: 'When?' }]} {...asDay}>
                <DayField placeholder="when" style={{ width: 130 }} />
              </Form.Item>
              <Button type="text" aria-label="Away" icon={<DeleteOutlined />} onClick={() => remove(row.name)} />
            </div>
          ))}
          <Button icon={<PlusOutlined />} onClick={() => add({})}>
            Add consent
          </Button>
        </section>
      )}
    </Form.List>
  );
}

function Bears() {
  return (
    <Form.List name="cooperationAt">
      {(rows, { add, remove }) => (
        <section aria-label="Cooperation by body area">
          <h2 className="serif">Cooperation by body area</h2>
          {rows.map((row) => (
            <div key={row.key} className="row-form">
              <Form.Item name={[row.name, 'step']} rules={[{ required: true, message: 'Which step?' }]}>
                <Select
                  aria-label="Step"
                  showSearch={{ optionFilterProp: 'label' }}
                  style={{ width: 170 }}
                  options={options(STEP_IDS, (v) => METHODS[v as keyof typeof METHODS].name)}
                />
              </Form.Item>
              <Form.Item
                name={[row.name, 'factor']}
                rules={[{ required: true, type: 'number', min: 0.8, max: 1.6, message: '0.8 to 1.6.' }]}
              >
                <InputNumber aria-label="Factor on minutes" step={0.1} style={{ width: 130 }} />
              </Form.Item>
              <Button type="text" aria-label="Away" icon={<DeleteOutlined />} onClick={() => remove(row.name)} />
            </div>
          ))}
          <Button icon={<PlusOutlined />} onClick={() => add({ factor: 1.2 })}>
            Add step
          </Button>
        </section>
      )}
    </Form.List>
  );
}

function BearsZones() {
  return (
    <Form.List name="cooperationZones">
      {(rows, { add, remove }) => (
        <section aria-label="Zones borne better or worse" style={{ marginTop: 10 }}>
          {rows.map((row) => (
            <div key={row.key} className="row-form">
              <Form.Item name={[row.name, 'zone']} rules={[{ required: true, message: 'Which zone?' }]}>
                <Select
                  aria-label="Zone"
                  showSearch={{ optionFilterProp: 'label' }}
                  style={{ width: 170 }}
                  options={options(ZONE_IDS, (v) => ZONE_NAMES[v as keyof typeof ZONE_NAMES])}
                />
              </Form.Item>
              <Form.Item
                name={[row.name, 'factor']}
                rules={[{ required: true, type: 'number', min: 0.8, max: 1.6, message: '0.8 to 1.6.' }]}
              >
                <InputNumber aria-label="Factor on minutes there" step={0.1} style={{ width: 130 }} />
              </Form.Item>
              <Button type="text" aria-label="Away" icon={<DeleteOutlined />} onClick={() => remove(row.name)} />
            </div>
          ))}
          <Button icon={<PlusOutlined />} onClick={() => add({ factor: 1.2 })}>
            Add zone
          </Button>
        </section>
      )}
    </Form.List>
  );
}
