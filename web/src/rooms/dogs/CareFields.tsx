/*
 * Who knows a dog, and when it is here: fields of its record.
 */
import { Form, Select } from 'antd';
import type { Skill } from '@loyal-mane/core';
import { crewOf } from '../../parts/crewOf';
import { DayField, dayRule } from '../../parts/DayField';
import { FormRows } from '../../parts/FormRows';
import { isWallTime } from '../../parts/rows/fieldSpec';
import { useRooms } from '../../parts/useRooms';
import { WallInput } from '../../parts/WallInput';

const timeRule = {
  validator: (_: unknown, time: string | null | undefined) =>
    (time ?? '') === '' || isWallTime(time ?? '')
      ? Promise.resolve()
      : Promise.reject(new Error('A time, such as 09:30.')),
};

/** Whoever finishes and bathes the dog where they can. */
export function OwnPeople() {
  const { kennel } = useRooms();
  const having = (skill: Skill) =>
    crewOf(kennel)
      .filter((p) => p.skills.includes(skill))
      .map((p) => ({ value: p.id, label: p.name }));
  return (
    <section aria-label="Who knows it">
      <h2 className="serif">Who knows it</h2>
      <p className="soft">
        The plan gives this dog to them where they have time, and to others before it stays undone.
      </p>
      <div className="two-columns">
        <Form.Item name="finisherId" label="Scissors and finishes it">
          <Select allowClear options={having('scissor')} placeholder="anybody" />
        </Form.Item>
        <Form.Item name="batherId" label="Bathes and dries it">
          <Select allowClear options={having('bath')} placeholder="anybody" />
        </Form.Item>
      </div>
    </section>
  );
}

/** When the dog is in the kennel's care: nothing is planned for it at other times. */
export function Stays() {
  const { kennel } = useRooms();
  return (
    <section aria-label="Stays">
      <h2 className="serif">When it is here</h2>
      <p className="soft">
        For dogs that live with their owners: nothing is planned while they are away. Without any line it is always
        here.
      </p>
      <FormRows name="stays" addWords="Add stay">
        {(at) => (
          <>
            <Form.Item name={[at, 'from']} rules={[dayRule('From which day?')]}>
              <DayField placeholder="from" className="w-day" />
            </Form.Item>
            <Form.Item name={[at, 'arrives']} rules={[timeRule]}>
              <WallInput aria-label="Brought at" placeholder="brought at" className="w-day" />
            </Form.Item>
            <Form.Item name={[at, 'until']} rules={[dayRule()]}>
              <DayField placeholder="until" className="w-day" />
            </Form.Item>
            <Form.Item name={[at, 'leaves']} rules={[timeRule]}>
              <WallInput aria-label="Fetched at" placeholder="fetched at" className="w-day" />
            </Form.Item>
            <Form.Item name={[at, 'broughtTo']}>
              <Select
                allowClear
                aria-label="Brought to"
                placeholder="to the kennel"
                className="w-choice"
                options={kennel.sites.map((s) => ({ value: s.id, label: s.name }))}
              />
            </Form.Item>
          </>
        )}
      </FormRows>
    </section>
  );
}
