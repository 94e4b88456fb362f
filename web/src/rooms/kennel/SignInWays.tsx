/*
 * How a person signs in: a link for a first password, shown once; closing the sign-in; a calendar for the phone.
 */
import { App as AntApp, Button } from 'antd';
import { useState } from 'react';
import { closeSignIn, newLink } from '../../api/accounts';
import { command, useCommand } from '../../api/commands';
import { Feeds } from '../../parts/Feeds';
import { problemWords } from '../../parts/ProblemNote';
import { ShownOnce } from '../../parts/ShownOnce';

/** How somebody signs in, and how that ends. */
export function SignInWays({ person }: { person: { readonly id: string; readonly name: string } }) {
  const { message, modal } = AntApp.useApp();
  const [link, setLink] = useState<string | null>(null);
  const make = useCommand(newLink);
  const close = useCommand(closeSignIn);
  const onError = (error: unknown): void => void message.error(problemWords(error), 8);
  return (
    <section className="trail" aria-label="Signing in">
      <h3 className="serif">Signing in</h3>
      <p className="soft">A link lets {person.name} choose a password, once, within three days.</p>
      <div className="form-end">
        <Button
          loading={make.isPending}
          onClick={() =>
            make.mutate(command(person.id), {
              onSuccess: (made) => setLink(`${window.location.origin}/welcome#${made.link}`),
              onError,
            })
          }
        >
          Make a link
        </Button>
        <Button
          danger
          type="text"
          loading={close.isPending}
          onClick={() =>
            void modal.confirm({
              title: `Close the sign-in of ${person.name}?`,
              content: 'Open sessions end, and the password and PIN are gone. A new link opens it again.',
              okText: 'Close it',
              onOk: () =>
                close.mutate(command(person.id), { onSuccess: () => void message.success('Closed.'), onError }),
            })
          }
        >
          Close the sign-in
        </Button>
      </div>
      {link !== null && (
        <>
          <ShownOnce label="The link, shown once" text={link} />
          <p className="soft">It is shown once. Hand it over yourself.</p>
        </>
      )}
      <Feeds of="person" id={person.id} />
    </section>
  );
}
