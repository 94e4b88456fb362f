/*
 * Signing in by password, PIN or welcome link, and choosing a password of one's own after a one-time one.
 */
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Form, Input } from 'antd';
import { useState } from 'react';
import { thisDeviceQuery } from '../../api/accounts';
import { post } from '../../api/client';
import { keepSession, sessionQuery } from '../../api/queries';
import type { Session } from '../../api/queries';
import { ProblemNote } from '../../parts/ProblemNote';
import './signIn.css';

function Page({ title, line, children }: { title: string; line: string; children: React.ReactNode }) {
  return (
    <main style={{ maxWidth: 380, margin: '12vh auto 0', padding: '0 16px' }}>
      <div className="brand" style={{ marginBottom: 28 }}>
        <img src="/sprites/mark.svg" width={30} height={30} alt="" />
        <b className="serif">Loyal Mane</b>
      </div>
      <h1 style={{ fontSize: 27, lineHeight: '34px', marginBottom: 6 }}>{title}</h1>
      <p className="soft" style={{ margin: '0 0 20px' }}>
        {line}
      </p>
      {children}
    </main>
  );
}

/** Signing in by any way: what somebody else read on this device is not for the next one. */
function useSignIn<B>(send: (body: B) => Promise<Session>) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: send,
    onSuccess: (session: Session) => {
      client.removeQueries({ predicate: (q) => q.queryKey[0] !== sessionQuery.queryKey[0] });
      client.setQueryData(sessionQuery.queryKey, keepSession(session));
    },
  });
}

/** Signing in, by password or by PIN. */
export function SignInPage() {
  const device = useQuery(thisDeviceQuery).data;
  const [byPassword, setByPassword] = useState(false);
  if (device?.trusted === true && device.people.length > 0 && !byPassword)
    return <PinPage people={device.people} onPassword={() => setByPassword(true)} />;
  return <PasswordPage />;
}

/** The shared tablet: press a name, then the PIN. */
function PinPage({
  people,
  onPassword,
}: {
  people: readonly { readonly signIn: string; readonly name: string }[];
  onPassword: () => void;
}) {
  const [who, setWho] = useState<string | null>(null);
  const [pin, setPin] = useState('');
  const signIn = useSignIn((body: { signIn: string; pin: string }) => post('/api/session/pin', { body }));
  const send = (): void => {
    if (who !== null) signIn.mutate({ signIn: who, pin }, { onSettled: () => setPin('') });
  };
  return (
    <Page title="Who is at work?" line={who === null ? 'Press your name.' : 'Your PIN.'}>
      <div className="names">
        {people.map((p) => (
          <Button
            key={p.signIn}
            size="large"
            type={p.signIn === who ? 'primary' : 'default'}
            onClick={() => setWho(p.signIn)}
          >
            {p.name}
          </Button>
        ))}
      </div>
      {who !== null && (
        <>
          <Input.Password
            autoFocus
            size="large"
            aria-label="PIN"
            inputMode="numeric"
            autoComplete="off"
            maxLength={8}
            value={pin}
            onChange={(e) => setPin(e.target.value.replace(/\D/g, ''))}
            onPressEnter={send}
          />
          <div className="pad" aria-label="Digits">
            {['1', '2', '3', '4', '5', '6', '7', '8', '9', '0'].map((d) => (
              <Button key={d} size="large" onClick={() => setPin((typed) => (typed + d).slice(0, 8))}>
                {d}
              </Button>
            ))}
          </div>
          <ProblemNote error={signIn.error} />
          <Button type="primary" size="large" block disabled={pin.length < 4} loading={signIn.isPending} onClick={send}>
            Sign in
          </Button>
        </>
      )}
      <p>
        <button className="plain link" onClick={onPassword}>
          Sign in with a password
        </button>
      </p>
    </Page>
  );
}

/** Behind a welcome link: choose a password, and be in. */
export function WelcomePage({ link }: { link: string }) {
  const signIn = useSignIn((body: { link: string; password: string }) => post('/api/session/link', { body }));
  return (
    <Page title="Welcome" line="Choose a password of at least ten characters. The link works once.">
      <Form
        layout="vertical"
        size="large"
        requiredMark={false}
        onFinish={(v: { password: string }) =>
          signIn.mutate({ link, password: v.password }, { onSuccess: () => window.history.replaceState(null, '', '/') })
        }
      >
        <Form.Item
          name="password"
          label="Password"
          rules={[{ required: true, min: 10, message: 'At least ten characters.' }]}
        >
          <Input.Password autoFocus autoComplete="new-password" />
        </Form.Item>
        <ProblemNote error={signIn.error} />
        <Button type="primary" htmlType="submit" block loading={signIn.isPending} style={{ marginTop: 12 }}>
          Keep it and sign in
        </Button>
      </Form>
    </Page>
  );
}

function PasswordPage() {
  const signIn = useSignIn((body: { signIn: string; password: string }) => post('/api/session', { body }));
  return (
    <Page title="Who is at work?" line="Sign in with your short name.">
      <Form
        layout="vertical"
        size="large"
        requiredMark={false}
        onFinish={(v: { signIn: string; password: string }) => signIn.mutate(v)}
      >
        <Form.Item name="signIn" label="Name" rules={[{ required: true, message: 'Your short name, like "tuva".' }]}>
          <Input autoFocus autoCapitalize="none" autoComplete="username" />
        </Form.Item>
        <Form.Item name="password" label="Password" rules={[{ required: true, message: 'Your password.' }]}>
          <Input.Password autoComplete="current-password" />
        </Form.Item>
        <ProblemNote error={signIn.error} />
        <Button type="primary" htmlType="submit" block loading={signIn.isPending} style={{ marginTop: 12 }}>
          Sign in
        </Button>
      </Form>
    </Page>
  );
}

/** Choosing a password of one's own. */
export function OwnPasswordPage() {
  const client = useQueryClient();
  const change = useMutation({
    mutationFn: (body: { old: string; fresh: string }) => post('/api/session/password', { body }),
    onSuccess: (session: Session) => client.setQueryData(sessionQuery.queryKey, keepSession(session)),
  });
  return (
    <Page title="A password of your own" line="The one you used was for once. Choose one with at least ten characters.">
      <Form
        layout="vertical"
        size="large"
        requiredMark={false}
        onFinish={(v: { old: string; fresh: string }) => change.mutate(v)}
      >
        <Form.Item
          name="old"
          label="One-time password"
          rules={[{ required: true, message: 'The password you signed in with.' }]}
        >
          <Input.Password autoComplete="current-password" />
        </Form.Item>
        <Form.Item
          name="fresh"
          label="New password"
          rules={[{ required: true, min: 10, message: 'At least ten characters.' }]}
        >
          <Input.Password autoComplete="new-password" />
        </Form.Item>
        <ProblemNote error={change.error} />
        <Button type="primary" htmlType="submit" block loading={change.isPending} style={{ marginTop: 12 }}>
          Keep it
        </Button>
      </Form>
    </Page>
  );
}
