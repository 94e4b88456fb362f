/*
 * Search and go: a dog opens its strand, a person that person's bench list, a room itself.
 */
import { AutoComplete, Input, Modal } from 'antd';
import { useNavigate } from 'react-router';
import { STEP_IDS } from '@loyal-mane/core';
import { METHODS } from '@loyal-mane/library/words';
import type { Kennel } from '../api/queries';

export function FindAndGo({
  open,
  onClose,
  kennel,
  today,
}: {
  open: boolean;
  onClose: () => void;
  kennel: Kennel;
  today: string;
}) {
  const navigate = useNavigate();
  const options = [
    { value: '/', label: 'Countdown' },
    { value: `/day?day=${today}`, label: 'Day sheet, today' },
    { value: '/bench', label: 'Bench' },
    { value: '/dogs', label: 'Dogs' },
    { value: '/shows', label: 'Shows' },
    { value: '/methods', label: 'Methods' },
    { value: '/yard', label: 'Yard' },
    ...STEP_IDS.map((id) => ({
      value: `/methods?part=steps&step=${id}`,
      label: `${METHODS[id].name}, how it is done`,
    })),
    ...kennel.dogs.map((d) => ({ value: `/?dog=${d.id}`, label: `${d.name}, ${d.breed}` })),
    ...kennel.dogs.map((d) => ({ value: `/dogs/${d.id}`, label: `${d.name}’s coat file` })),
    ...kennel.people.map((p) => ({ value: `/bench?person=${p.id}`, label: `${p.name}, at the bench` })),
    ...kennel.shows.map((s) => ({ value: `/shows/${s.id}`, label: `${s.name}, ${s.firstDay}` })),
  ];
  return (
    <Modal open={open} onCancel={onClose} footer={null} title="Search and go" destroyOnHidden>
      <AutoComplete
        autoFocus
        defaultOpen
        defaultActiveFirstOption
        style={{ width: '100%' }}
        options={options}
        showSearch={{
          filterOption: (typed, option) => (option?.label ?? '').toLowerCase().includes(typed.toLowerCase()),
        }}
        onSelect={(to: string) => {
          onClose();
          void navigate(to);
        }}
      >
        <Input aria-label="A dog, a person, a room, a show" placeholder="A dog, a person, a room, a show" />
      </AutoComplete>
    </Modal>
  );
}
