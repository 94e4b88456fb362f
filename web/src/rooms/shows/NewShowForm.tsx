/*
 * A show of one or several days in one go: name, where, when, how many rings, whose rules.
 */
import { App as AntApp, AutoComplete, Button, Form, Input, InputNumber, Select } from 'antd';
import { useState } from 'react';
import { v7 } from 'uuid';
import { addDays } from '@loyal-mane/core';
import type { KennelFile, KennelRow, LocalDay, RowChange } from '@loyal-mane/core';
import { RULE_SETS, RULE_SET_IDS } from '@loyal-mane/library';
import { DayField, dayRule } from '../../parts/DayField';
import { command, useCommand } from '../../api/commands';
import { saveChanges } from '../../api/rows';
import { ruleSetOptions } from '../methods/ShowRules';
import { problemWords } from '../../parts/ProblemNote';
import { draftOf, dropDraft, keepDraft } from '../../parts/rows/draft';

const DRAFT = 'show:quick';

interface Values {
  readonly name: string;
  readonly site: string;
  readonly firstDay: LocalDay;
  readonly days: number;
  readonly rings: number;
  readonly rulesOf?: string;
}

/** The changes that enter a show: its site where that is new, itself, its rings. */
export function showChanges(
  kennel: KennelFile,
  values: Values,
  newId: () => string,
): { readonly id: string; readonly changes: RowChange[] } {
  const add = (list: RowChange['list'], row: object): RowChange => {
    const to = { id: newId(), ...row } as KennelRow;
    return { list, id: to.id, from: null, to };
  };
  const known = kennel.sites.find((s) => s.name.toLowerCase() === values.site.trim().toLowerCase());
  const site = known === undefined ? add('sites', { name: values.site.trim(), home: false }) : null;
  const example = RULE_SET_IDS.find((id) => id === values.rulesOf);
  const rules = example === undefined ? kennel.shows.find((s) => s.id === values.rulesOf)?.rules : RULE_SETS[example];
  const show = add('shows', {
    name: values.name.trim(),
    siteId: known?.id ?? site?.id,
    firstDay: values.firstDay,
    lastDay: addDays(values.firstDay, values.days - 1),
    ...(rules === undefined ? {} : { rules }),
  });
  const rings = Array.from({ length: values.rings }, (_, k) =>
    add('rings', { showId: show.id, name: `Ring ${String(k + 1)}` }),
  );
  return { id: show.id, changes: [...(site === null ? [] : [site]), show, ...rings] };
}

/** A new show as a form. */
export function NewShowForm({ kennel, onDone }: { kennel: KennelFile; onDone: (showId: string) => void }) {
  const { message } = AntApp.useApp();
  const send = useCommand(saveChanges);
  const [form] = Form.useForm<Values>();
  const [start] = useState(() => ({ days: 2, rings: 2, ...draftOf(DRAFT) }));
  const enter = (values: Values): void => {
    const { id, changes } = showChanges(kennel, values, v7);
    send.mutate(command(changes), {
      onSuccess: () => {
        dropDraft(DRAFT);
        onDone(id);
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
      initialValues={start}
      onValuesChange={(_, all) => keepDraft(DRAFT, all)}
      onFinish={enter}
    >
      <Form.Item
        name="name"
        label="Name"
        className="wide"
        rules={[{ required: true, max: 80, message: 'What is it called?' }]}
      >
        <Input autoFocus />
      </Form.Item>
      <Form.Item
        name="site"
        label="Where"
        className="wide"
        rules={[{ required: true, message: 'Where is it?' }]}
        extra="a site you know, or the name of a new one"
      >
        <AutoComplete options={kennel.sites.filter((s) => !s.home).map((s) => ({ value: s.name }))} />
      </Form.Item>
      <Form.Item name="firstDay" label="First day" rules={[dayRule('When does it begin?')]}>
        <DayField />
      </Form.Item>
      <Form.Item
        name="days"
        label="Days"
        rules={[{ required: true, type: 'integer', min: 1, max: 14, message: '1 to 14.' }]}
      >
        <InputNumber style={{ width: '100%' }} />
      </Form.Item>
      <Form.Item
        name="rings"
        label="Rings"
        rules={[{ required: true, type: 'integer', min: 1, max: 40, message: '1 to 40.' }]}
      >
        <InputNumber style={{ width: '100%' }} />
      </Form.Item>
      <Form.Item name="rulesOf" label="Copy rules from" extra="not known yet when left empty; check the show’s own">
        <Select
          allowClear
          options={[
            { label: 'Examples', options: ruleSetOptions() },
            { label: 'Shows of this kennel', options: kennel.shows.map((s) => ({ value: s.id, label: s.name })) },
          ]}
        />
      </Form.Item>
      <div className="wide form-end">
        <Button type="primary" htmlType="submit" loading={send.isPending}>
          Enter the show
        </Button>
      </div>
    </Form>
  );
}
