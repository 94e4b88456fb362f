/*
 * A note for whoever is at the dog next: what, where, and why where a word helps. It comes up at the next step that concerns it.
 */
import { App as AntApp, Button, Input, Modal } from 'antd';
import { useState } from 'react';
import { NOTE_KINDS } from '@loyal-mane/core';
import type { NoteKind } from '@loyal-mane/core';
import { DOG_PARTS } from '@loyal-mane/library';
import type { DogPart, DogPartId } from '@loyal-mane/library';
import { NOTE_WORDS } from '@loyal-mane/library/words';
import { command, logCoat, useCommand } from '../../api/commands';
import { useKeep } from '../../parts/keepContext';
import { problemWords } from '../../parts/ProblemNote';

const PLACEHOLDERS: Readonly<Partial<Record<NoteKind, string>>> = {
  leftLonger: 'because ...',
  trimIdea: 'shorter here, fuller there ...',
};

interface Props {
  readonly dogId: string;
  readonly dogName: string;
  /** Parts of the step; all where it goes over none. */
  readonly parts: readonly DogPart[];
  /** Subject of the note, where the touch that opened it has said so. */
  readonly about: NoteKind | null;
  readonly onClose: () => void;
}

/** Two touches, and a word where it helps. */
export function NoteDialog({ dogId, dogName, parts, about: said, onClose }: Props) {
  const { message } = AntApp.useApp();
  const send = useCommand(logCoat);
  const keep = useKeep();
  const [about, setAbout] = useState<NoteKind | null>(said);
  const [where, setWhere] = useState<readonly DogPartId[]>([]);
  const [text, setText] = useState('');
  const offered = parts.length === 0 ? DOG_PARTS : parts;
  const toggle = (id: DogPartId): void => setWhere(where.includes(id) ? where.filter((w) => w !== id) : [...where, id]);
  const save = (): void => {
    if (about === null) return;
    const zones = DOG_PARTS.filter((p) => where.includes(p.id)).flatMap((p) => [...p.zones]);
    const log = { what: 'note' as const, about, zones, ...(text.trim() === '' ? {} : { text: text.trim() }) };
    const done = (): void => {
      void message.success('Noted.');
      onClose();
    };
    if (keep !== null) {
      if (keep({ command: 'coatLog', log })) done();
      return;
    }
    // The typed words stay in the dialog until the server has it.
    send.mutate(command({ dogId, log }), {
      onSuccess: done,
      onError: (error) => void message.error(problemWords(error), 8),
    });
  };
  return (
    <Modal open title={`A note on ${dogName}`} footer={null} width={720} onCancel={onClose}>
      <div className="note-choices" role="group" aria-label="What">
        {NOTE_KINDS.map((kind) => (
          <button key={kind} type="button" aria-pressed={kind === about} onClick={() => setAbout(kind)}>
            {NOTE_WORDS[kind]}
          </button>
        ))}
      </div>
      <div className="note-choices" role="group" aria-label="Where">
        {offered.map(({ id, name }) => (
          <button key={id} type="button" aria-pressed={where.includes(id)} onClick={() => toggle(id)}>
            {name}
          </button>
        ))}
      </div>
      <Input
        aria-label="Why, or what to do"
        placeholder={PLACEHOLDERS[about ?? 'careful'] ?? 'a word, where it helps'}
        maxLength={200}
        value={text}
        onChange={(e) => setText(e.target.value)}
      />
      <div className="finish-row">
        <Button type="primary" size="large" disabled={about === null || send.isPending} onClick={save}>
          {where.length === 0 ? 'Note it of the whole dog' : 'Note it'}
        </Button>
      </div>
    </Modal>
  );
}
