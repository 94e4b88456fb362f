/*
 * Signing in, and choosing a password of one's own after a one-time one.
 */
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Button, Form, Input } from 'antd';
import { api, dataOf } from '../../api/client';
import { keepSession, sessionQuery } from '../../api/queries';
import type { Session } from '../../api/queries';
import { ProblemNote } from '../../parts/ProblemNote';

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

export function SignInPage() {
  const client = useQueryClient();
  const signIn = useMutation({
    mutationFn: (body: { signIn: string; password: string }) => dataOf(api.POST('/api/session', { body })),
    onSuccess: (session: Session) => {
      // What somebody else read on this device is not for the next one.
      client.removeQueries({ predicate: (q) => q.queryKey[0] !== sessionQuery.queryKey[0] });
      client.setQueryData(sessionQuery.queryKey, keepSession(session));
    },
  });
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

export function OwnPasswordPage() {
  const client = useQueryClient();
  const change = useMutation({
    mutationFn: (body: { old: string; fresh: string }) => dataOf(api.POST('/api/session/password', { body })),
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
