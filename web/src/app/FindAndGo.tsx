/*
 * Search and go: a dog opens its strand, a person that person's bench list, a room itself.
 */
import { AutoComplete, Input, Modal } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { STEP_IDS } from '@loyal-mane/core';
import { METHODS } from '@loyal-mane/library/words';
import type { Kennel } from '../api/queries';
import { crewOf } from '../parts/crewOf';
import { nearest } from '../parts/nearest';
import { useReturnFocus } from '../parts/useReturnFocus';

/** Search over dogs, shows, rooms and steps; Enter goes to the first. */
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
  const [typed, setTyped] = useState('');
  useReturnFocus(open);
  const options = [
    { value: '/', label: 'Countdown' },
    { value: `/day?day=${today}`, label: 'Day sheet, today' },
    { value: '/bench', label: 'Bench' },
    { value: '/dogs', label: 'Dogs' },
    { value: '/outline', label: 'Outline' },
    { value: '/shows', label: 'Shows' },
    { value: '/mixing', label: 'Mixing room' },
    { value: '/walk', label: 'Inspection walk' },
    { value: '/methods', label: 'Methods' },
    { value: '/kennel', label: 'Kennel' },
    ...STEP_IDS.map((id) => ({
      value: `/methods?part=steps&step=${id}`,
      label: `${METHODS[id].name}, how it is done`,
    })),
    ...kennel.dogs.map((d) => ({ value: `/?dog=${d.id}`, label: `${d.name}, ${d.breed}` })),
    ...kennel.dogs.map((d) => ({ value: `/dogs/${d.id}`, label: `${d.name}’s coat file` })),
    ...crewOf(kennel).map((p) => ({ value: `/bench?person=${p.id}`, label: `${p.name}, at the bench` })),
    ...kennel.shows.map((s) => ({ value: `/shows/${s.id}`, label: `${s.name}, ${s.firstDay}` })),
  ];
  const exact = options.filter((o) => o.label.toLowerCase().includes(typed.trim().toLowerCase()));
  // A typing mistake still leads somewhere.
  const near =
    exact.length > 0
      ? []
      : nearest(
          typed,
          options.map((o) => o.label),
        );
  const shown = exact.length > 0 ? exact : options.filter((o) => near.includes(o.label));
  return (
    <Modal open={open} onCancel={onClose} footer={null} title="Search and go" destroyOnHidden>
      <AutoComplete
        autoFocus
        defaultOpen
        defaultActiveFirstOption
        style={{ width: '100%' }}
        options={shown}
        showSearch={{ filterOption: false, onSearch: setTyped }}
        notFoundContent={`Nothing is called “${typed}”.`}
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
