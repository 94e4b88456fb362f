/*
 * A breed of the kennel's own, added or changed: what the programs, trims and tables read of it.
 */
import { App as AntApp, Button, Drawer, Form, Input, InputNumber, Select } from 'antd';
import { COAT_CLASSES, TRIM_MAP_IDS, ZONE_IDS } from '@loyal-mane/core';
import type { KennelBreed } from '@loyal-mane/core';
import { BODY_SHAPES, BREED_ROWS, ZONE_NAMES } from '@loyal-mane/library';
import { COAT_WORDS } from '@loyal-mane/library/words';
import { command, removeBreed, saveBreed, useCommand } from '../../api/commands';
import { problemWords } from '../../parts/ProblemNote';

const MAP_NAMES: Readonly<Record<KennelBreed['trimMap'], string>> = {
  naturalJacketed: 'natural, jacketed',
  trimmedJacketed: 'trimmed, jacketed',
  naturalDouble: 'natural, double',
  doubleShaped: 'double, shaped',
  heavySheepdog: 'heavy sheepdog',
  drop: 'drop',
  scissored: 'scissored',
  wire: 'wire',
  smooth: 'smooth',
};
const TEXTS: readonly (readonly [keyof KennelBreed, string])[] = [
  ['variant', 'Kind of trim'],
  ['registry', 'Registry that sizes go by'],
  ['earStyle', 'Ears'],
  ['footStyle', 'Feet'],
  ['throatStyle', 'Throat'],
  ['headPlan', 'Head'],
  ['tailKind', 'Tail'],
  ['stance', 'Stance'],
  ['showFirst', 'Shown first'],
];
const HEIGHTS: readonly (readonly [keyof KennelBreed, string])[] = [
  ['dogFromIn', 'Dog from, in'],
  ['dogToIn', 'Dog to, in'],
  ['bitchFromIn', 'Bitch from, in'],
  ['bitchToIn', 'Bitch to, in'],
];

/** Silhouettes by the breed that they were drawn for. */
const SHAPES = Object.keys(BODY_SHAPES).map((badge) => ({
  value: badge,
  label: BREED_ROWS.find((b) => b.badge === badge)?.name ?? badge,
}));

interface Props {
  readonly start: KennelBreed | null;
  /** Version of the kennel's own row; 0 for a new one. */
  readonly version: number;
  readonly taken: readonly string[];
  readonly onClose: (saved: string | null) => void;
}

/** A breed as a form. */
export function BreedForm({ start, version, taken, onClose }: Props) {
  const { message } = AntApp.useApp();
  const send = useCommand(saveBreed);
  const remove = useCommand(removeBreed);
  const busy = send.isPending || remove.isPending;
  const onError = (error: unknown): void => void message.error(problemWords(error), 8);
  const save = (values: KennelBreed): void => {
    // Forms leave empty fields undefined, null or empty.
    const filled = Object.entries({ variant: '', growOn: [], ...(values as Partial<KennelBreed>) }).filter(
      ([field, v]: [string, unknown]) => field === 'variant' || (v !== undefined && v !== null && v !== ''),
    );
    const breed = Object.fromEntries(filled) as KennelBreed;
    send.mutate(command({ version, breed }), {
      onSuccess: () => {
        void message.success('Saved. Plan again to work by it.');
        onClose(breed.name);
      },
      onError,
    });
  };
  return (
    <Drawer
      open
      onClose={() => onClose(null)}
      size={560}
      title={start === null ? 'Add a breed' : `${start.name}, as this kennel has it`}
    >
      <Form<KennelBreed>
        layout="vertical"
        disabled={busy}
        initialValues={start ?? { variant: '', growOn: [], lengthToHeight: 1 }}
        onFinish={save}
      >
        <BuildFields start={start} taken={taken} />
        <Form.Item name="growOn" label="Left to grow on puppies and dogs that grow coat">
          <Select mode="multiple" options={ZONE_IDS.map((value) => ({ value, label: ZONE_NAMES[value] }))} />
        </Form.Item>
        <div className="record-grid">
          {TEXTS.map(([field, label]) => (
            <Form.Item
              key={field}
              name={field}
              label={label}
              rules={[{ max: 120, message: 'At most 120 characters.' }]}
            >
              <Input />
            </Form.Item>
          ))}
        </div>
        <div className="found">
          <Button type="primary" htmlType="submit" loading={send.isPending}>
            Save the breed
          </Button>
          {version > 0 && start !== null && (
            <Button
              danger
              loading={remove.isPending}
              onClick={() =>
                remove.mutate(command({ version, name: start.name }), { onSuccess: () => onClose(null), onError })
              }
            >
              Remove our own row
            </Button>
          )}
        </div>
      </Form>
    </Drawer>
  );
}

/** A new breed needs a name that no other has. */
const freeName = (taken: readonly string[]) => ({
  validator: (_: unknown, name: string | undefined) =>
    taken.some((t) => t.toLowerCase() === (name ?? '').trim().toLowerCase())
      ? Promise.reject(new Error('A breed of this name is there already. Choose it, then change it.'))
      : Promise.resolve(),
});

function BuildFields({ start, taken }: Pick<Props, 'start' | 'taken'>) {
  return (
    <div className="record-grid">
      <Form.Item
        name="name"
        label="Breed"
        rules={[
          { required: true, whitespace: true, message: 'Give it a name.' },
          { max: 80, message: 'At most 80 characters.' },
          ...(start === null ? [freeName(taken)] : []),
        ]}
      >
        <Input disabled={start !== null} />
      </Form.Item>
      <Form.Item name="coat" label="Coat" rules={[{ required: true, message: 'Which coat?' }]}>
        <Select options={COAT_CLASSES.map((value) => ({ value, label: COAT_WORDS[value] }))} />
      </Form.Item>
      <Form.Item name="trimMap" label="What the trim cuts" rules={[{ required: true, message: 'Which trim?' }]}>
        <Select options={TRIM_MAP_IDS.map((value) => ({ value, label: MAP_NAMES[value] }))} />
      </Form.Item>
      <Form.Item name="badge" label="Silhouette" rules={[{ required: true, message: 'Which silhouette?' }]}>
        <Select showSearch={{ optionFilterProp: 'label' }} options={SHAPES} />
      </Form.Item>
      <Form.Item
        name="typicalKg"
        label="Weight of a usual dog, kg"
        rules={[{ required: true, type: 'number', min: 0.5, max: 120, message: '0.5 to 120 kg.' }]}
      >
        <InputNumber className="w-all" />
      </Form.Item>
      <Form.Item
        name="lengthToHeight"
        label="Length over height"
        rules={[{ required: true, type: 'number', min: 0.8, max: 2.5, message: '0.8 to 2.5.' }]}
      >
        <InputNumber step={0.05} className="w-all" />
      </Form.Item>
      {HEIGHTS.map(([field, label]) => (
        <Form.Item
          key={field}
          name={field}
          label={label}
          rules={[{ type: 'number', min: 3, max: 45, message: '3 to 45 inches.' }]}
        >
          <InputNumber className="w-all" />
        </Form.Item>
      ))}
    </div>
  );
}
