/*
 * A person on a day: mark ill or back, and a new one-time password to sign in with. Leads only.
 */
import { App as AntApp, Button, Drawer } from 'antd';
import { Suspense, lazy, useState } from 'react';
import { command, markAbsent, markBack, newPassword, useCommand } from '../../api/commands';
import type { Kennel } from '../../api/queries';
import { GoesHome } from './GoesHome';
import { PersonPace } from './PersonPace';
import { problemWords } from '../../parts/ProblemNote';
import { useReturnFocus } from '../../parts/useReturnFocus';

const PersonRecord = lazy(() => import('../../parts/PersonRecord'));

interface Props {
  readonly dogs: Kennel['dogs'];
  readonly person: Kennel['people'][number] | null;
  readonly absent: boolean;
  readonly day: string;
  readonly dayName: string;
  readonly onClose: () => void;
  readonly onPlan: () => void;
}

/** A person on a day, opened. */
export function PersonDrawer({ dogs, person, absent, day, dayName, onClose, onPlan }: Props) {
  useReturnFocus(person !== null);
  const { message } = AntApp.useApp();
  const [password, setPassword] = useState<string | null>(null);
  const ill = useCommand(markAbsent);
  const back = useCommand(markBack);
  const fresh = useCommand(newPassword);
  if (person === null) return null;
  const onError = (error: unknown): void => void message.error(problemWords(error), 8);
  const first = person.name.split(' ')[0] ?? '';
  const after = (words: string) => () => {
    void message.success(words);
    onPlan();
    onClose();
  };
  return (
    <Drawer open onClose={onClose} size={560} title={person.name}>
      <p className="soft" style={{ marginTop: 0 }}>
        {person.role}: {person.skills.join(', ')}
      </p>
      {absent ? (
        <Button
          type="primary"
          loading={back.isPending}
          onClick={() =>
            back.mutate(command({ personId: person.id, day }), {
              onSuccess: after(`${first} is back on ${dayName}. Planning again.`),
              onError,
            })
          }
        >
          {first} is back on {dayName}
        </Button>
      ) : (
        <Button
          danger
          loading={ill.isPending}
          onClick={() =>
            ill.mutate(command({ personId: person.id, day }), {
              onSuccess: after(`${first} is marked ill on ${dayName}. Planning again.`),
              onError,
            })
          }
        >
          {first} is ill on {dayName}
        </Button>
      )}
      {!absent && <GoesHome person={person} day={day} onDone={(words) => after(`${words} Planning again.`)()} />}
      <p>
        What is done or running stays as it is; the rest is planned again, and you see what moves before it is
        published.
      </p>
      <PersonPace personId={person.id} />
      <Suspense fallback={<p className="soft">Loading.</p>}>
        <PersonRecord person={person} dogs={dogs} />
      </Suspense>
      <h3 style={{ fontSize: 16, marginTop: 24 }}>Sign-in</h3>
      <Button
        onClick={() =>
          fresh.mutate(command(person.id), { onSuccess: (p) => setPassword(`${p.signIn}: ${p.password}`), onError })
        }
      >
        New one-time password
      </Button>
      {password !== null && (
        <p role="status">
          <b>{password}</b>
          <br />
          <span className="soft">It works once; {first} then chooses an own one. The old password has ended.</span>
        </p>
      )}
    </Drawer>
  );
}
