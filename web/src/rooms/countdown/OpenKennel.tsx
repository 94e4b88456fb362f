/*
 * A whole kennel out of a file into this one, which is still empty: who am I in it, and what becomes of the others' sign-ins?
 */
import type { KennelFile } from '@loyal-mane/core';
import { Alert, App as AntApp, Button, Modal, Radio, Select, Upload } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { newLink } from '../../api/accounts';
import { newCommandId } from '../../api/client';
import { command, useCommand } from '../../api/commands';
import { openKennel } from '../../api/rows';
import { countWords } from '../../parts/countWords';
import { problemWords } from '../../parts/ProblemNote';
import { ShownOnce } from '../../parts/ShownOnce';

const MOST_BYTES = 60_000_000;

interface FilePerson {
  readonly id: string;
  readonly name: string;
  readonly signIn: string;
  readonly role: string;
}

interface Chosen {
  readonly fileName: string;
  /** As it was read; the server checks all of it. */
  readonly kennel: KennelFile;
  readonly name: string;
  readonly people: readonly FilePerson[];
  readonly dogs: number;
}

/** Opens a whole kennel out of a file. */
export function OpenKennel() {
  const [chosen, setChosen] = useState<Chosen | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const take = async (file: File): Promise<void> => {
    const read =
      file.size > MOST_BYTES ? 'The file is too large to be a kennel.' : kennelIn(file.name, await file.text());
    setTrouble(typeof read === 'string' ? read : null);
    setChosen(typeof read === 'string' ? null : read);
  };
  return (
    <section aria-label="Open a kennel file" className="open-kennel">
      <p className="soft">Or bring a whole kennel with you, from a file that was exported there.</p>
      <Upload
        accept=".json,application/json"
        showUploadList={false}
        beforeUpload={(file) => {
          void take(file);
          return false;
        }}
      >
        <Button>Open a kennel file</Button>
      </Upload>
      {trouble !== null && <Alert type="error" showIcon title={trouble} role="alert" style={{ marginTop: 12 }} />}
      {chosen !== null && <Ask chosen={chosen} onDone={() => setChosen(null)} />}
    </section>
  );
}

/** The part of a file that the questions need; the server reads all of it. */
function kennelIn(fileName: string, text: string): Chosen | string {
  let kennel: Partial<KennelFile>;
  try {
    kennel = JSON.parse(text) as Partial<KennelFile>;
  } catch {
    return `${fileName} is no kennel file: it is not JSON.`;
  }
  const { people, dogs } = kennel;
  if (!Array.isArray(people) || !Array.isArray(dogs))
    return `${fileName} is no kennel file: it has no people or no dogs.`;
  const name = kennel.name ?? fileName;
  return { fileName, kennel: kennel as KennelFile, name, people, dogs: dogs.length };
}

const LATER = 'later';
const LINKS = 'links';
type SignIns = typeof LATER | typeof LINKS;

/** A link for each, made one after the other; a line each. */
async function linksFor(people: readonly FilePerson[]): Promise<string> {
  const lines: string[] = [];
  for (const p of people) {
    const made = await newLink(p.id, newCommandId());
    lines.push(`${p.name} (${p.signIn}): ${window.location.origin}/welcome#${made.link}`);
  }
  return lines.join('\n');
}

function Ask({ chosen, onDone }: { readonly chosen: Chosen; readonly onDone: () => void }) {
  const { message, modal } = AntApp.useApp();
  const open = useCommand(openKennel);
  const isMounted = useRef(true);
  useEffect(() => () => void (isMounted.current = false), []);
  const leads = chosen.people.filter((p) => p.role === 'lead');
  const [becomes, setBecomes] = useState(leads[0]?.id ?? null);
  const [signIns, setSignIns] = useState<SignIns>(LINKS);
  const others = chosen.people.filter((p) => p.id !== becomes && p.role !== 'owner');

  // The room changes under this as soon as the kennel is there; what is told after that stands by itself.
  const tell = async (words: string): Promise<void> => {
    void message.success(words);
    onDone();
    if (signIns === LATER || others.length === 0) return;
    const links = await linksFor(others);
    modal.info({
      title: 'One link each',
      width: 720,
      okText: 'I have them',
      content: (
        <>
          <p>Each lets one person choose a password, once, within three days. They are shown only now.</p>
          <ShownOnce label="Links, shown once" text={links} />
        </>
      ),
    });
  };
  const confirm = (): void => {
    if (becomes === null) return;
    // A promise, not a callback: the room is gone by the time the kennel is there. What is refused stands in the dialog.
    open
      .mutateAsync(command({ kennel: chosen.kennel, becomes }))
      .then((opened) =>
        tell(
          `${countWords(opened.dogs, 'dog')} and ${opened.people === 1 ? 'one person' : `${String(opened.people)} people`} are here now.`,
        ),
      )
      .catch((error: unknown) => {
        if (!isMounted.current) void message.error(problemWords(error), 10);
      });
  };
  return (
    <Modal
      open
      title={`Open ${chosen.name}`}
      okText="Open it here"
      okButtonProps={{ loading: open.isPending, disabled: becomes === null }}
      mask={{ closable: false }}
      onOk={confirm}
      onCancel={onDone}
    >
      <p>
        {countWords(chosen.dogs, 'dog')} and {chosen.people.length} people come in. What was set up here in the room
        Kennel is replaced.
      </p>
      <p>
        <b>Who are you in it?</b> You stay signed in, with the password that you have here.
      </p>
      <Select
        aria-label="Who are you in it"
        style={{ width: '100%' }}
        value={becomes}
        placeholder="no lead is in the file"
        options={leads.map((p) => ({ value: p.id, label: `${p.name} (${p.signIn})` }))}
        onChange={(id: string) => setBecomes(id)}
      />
      <p style={{ marginTop: 16 }}>
        <b>And the others’ sign-ins?</b> Passwords are in no file.
      </p>
      <Radio.Group
        aria-label="The others’ sign-ins"
        value={signIns}
        onChange={(e) => setSignIns(e.target.value as SignIns)}
        options={[
          { value: LINKS, label: 'a one-time link for each, now' },
          { value: LATER, label: 'nobody else signs in until I let them (Kennel, People)' },
        ]}
      />
      {open.error !== null && (
        <Alert type="error" showIcon title={problemWords(open.error)} role="alert" style={{ marginTop: 12 }} />
      )}
    </Modal>
  );
}
