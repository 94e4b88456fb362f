/*
 * One's own sign-in: where one is signed in, password, PIN, calendar; for leads also the devices that are trusted.
 */
import { monthDay } from '@loyal-mane/library/words';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { App as AntApp, Button, Form, Input } from 'antd';
import { useRef } from 'react';
import {
  devicesQuery,
  endOtherSessions,
  endSession,
  forgetDevice,
  sessionsQuery,
  setPin,
  trustDevice,
} from '../../api/accounts';
import { newCommandId, post } from '../../api/client';
import { keepSession, sessionQuery } from '../../api/queries';
import { Feeds } from '../../parts/Feeds';
import { problemWords } from '../../parts/ProblemNote';
import { useRooms } from '../../parts/useRooms';
import './account.css';

/** One's own sign-in: password, PIN, devices, calendar addresses. */
export default function AccountRoom() {
  const { session, lead } = useRooms();
  return (
    <div className="room">
      <div className="sheet-head">
        <h1>
          {session.name}, <span className="soft">{session.role}</span>
        </h1>
      </div>
      <div className="two-columns">
        <div>
          <Sessions />
          {session.role !== 'owner' && <Feeds of="person" id={session.personId} />}
        </div>
        <div>
          <Password />
          {session.role !== 'owner' && <Pin />}
          {lead && <Devices />}
        </div>
      </div>
    </div>
  );
}

/** Something done to one's account: what goes wrong is said, and the lists are read again. */
function useAct<V>(act: (input: V) => Promise<unknown>, done: string) {
  const { message } = AntApp.useApp();
  const client = useQueryClient();
  return useMutation({
    mutationFn: act,
    onSuccess: () => void message.success(done),
    onError: (error) => void message.error(problemWords(error), 8),
    onSettled: () => client.invalidateQueries({ queryKey: ['account'] }),
  });
}

function Sessions() {
  const sessions = useQuery(sessionsQuery).data ?? [];
  const end = useAct(endSession, 'Ended.');
  const others = useAct(endOtherSessions, 'Every other session has ended.');
  return (
    <section aria-label="Where you are signed in">
      <h2 className="serif">Where you are signed in</h2>
      <ul className="plain-list">
        {sessions.map((s) => (
          <li key={s.id}>
            <span>
              {deviceWords(s.device)} {s.isThis && <b>this one</b>}
              <br />
              <span className="soft">{s.madeAt === null ? '' : `since ${monthDay(s.madeAt.slice(0, 10))}`}</span>
            </span>
            {!s.isThis && (
              <Button size="small" loading={end.isPending} onClick={() => end.mutate(s.id)}>
                End it
              </Button>
            )}
          </li>
        ))}
      </ul>
      {sessions.length > 1 && (
        <Button loading={others.isPending} onClick={() => others.mutate(undefined)}>
          Sign out everywhere else
        </Button>
      )}
    </section>
  );
}

/** A browser's long name of itself, shortened. */
function deviceWords(agent: string): string {
  const system = /(Android|iPhone|iPad|Windows|Mac OS|Linux)/.exec(agent)?.[1] ?? 'a device';
  const browser = /(Firefox|Edg|Chrome|Safari)/.exec(agent)?.[1]?.replace('Edg', 'Edge') ?? '';
  return browser === '' ? system : `${browser} on ${system}`;
}

function Password() {
  const { message } = AntApp.useApp();
  const client = useQueryClient();
  const [form] = Form.useForm<{ old: string; fresh: string }>();
  const change = useMutation({
    mutationFn: (body: { old: string; fresh: string }) => post('/api/session/password', { body }),
    onSuccess: (session) => {
      client.setQueryData(sessionQuery.queryKey, keepSession(session));
      form.resetFields();
      void message.success('Changed. Every other session has ended.');
    },
    onError: (error) => void message.error(problemWords(error), 8),
  });
  return (
    <section aria-label="Password">
      <h2 className="serif">Password</h2>
      <Form form={form} layout="vertical" onFinish={(v) => change.mutate(v)}>
        <Form.Item name="old" label="Present password" rules={[{ required: true, message: 'The one you have now.' }]}>
          <Input.Password autoComplete="current-password" />
        </Form.Item>
        <Form.Item
          name="fresh"
          label="New password"
          rules={[{ required: true, min: 10, message: 'At least ten characters.' }]}
        >
          <Input.Password autoComplete="new-password" />
        </Form.Item>
        <Button htmlType="submit" loading={change.isPending}>
          Change it
        </Button>
      </Form>
    </section>
  );
}

function Pin() {
  const [form] = Form.useForm<{ password: string; pin: string }>();
  const set = useAct(async (body: { password: string; pin: string }) => {
    await setPin(body);
    form.resetFields();
  }, 'Kept. It works on devices that a lead has trusted.');
  return (
    <section aria-label="PIN">
      <h2 className="serif">PIN for the shared tablet</h2>
      <Form form={form} layout="vertical" onFinish={(v) => set.mutate(v)}>
        <Form.Item name="password" label="Your password" rules={[{ required: true, message: 'Your password.' }]}>
          <Input.Password autoComplete="current-password" />
        </Form.Item>
        <Form.Item
          name="pin"
          label="PIN"
          rules={[{ required: true, pattern: /^\d{4,8}$/, message: 'Four to eight digits.' }]}
        >
          <Input.Password inputMode="numeric" autoComplete="off" maxLength={8} style={{ width: 160 }} />
        </Form.Item>
        <Button htmlType="submit" loading={set.isPending}>
          Keep the PIN
        </Button>
      </Form>
    </section>
  );
}

function Devices() {
  const devices = useQuery(devicesQuery).data ?? [];
  const [form] = Form.useForm<{ name: string }>();
  const intent = useRef(newCommandId());
  const trust = useAct(async ({ name }: { name: string }) => {
    // One intention, one id: sent again after a lost answer, the device is trusted once.
    await trustDevice(name, intent.current);
    intent.current = newCommandId();
    form.resetFields();
  }, 'This device is trusted: people with a PIN sign in on it.');
  const forget = useAct(forgetDevice, 'Not trusted any more.');
  return (
    <section aria-label="Trusted devices">
      <h2 className="serif">Trusted devices</h2>
      <ul className="plain-list">
        {devices.map((d) => (
          <li key={d.id}>
            <span>
              {d.name} <span className="soft">since {monthDay(d.madeAt.slice(0, 10))}</span>
            </span>
            <Button size="small" loading={forget.isPending} onClick={() => forget.mutate(d.id)}>
              Trust it no more
            </Button>
          </li>
        ))}
        {devices.length === 0 && <li className="soft">None. Open this page on the shared tablet to trust it.</li>}
      </ul>
      <Form form={form} layout="inline" onFinish={(v) => trust.mutate(v)}>
        <Form.Item name="name" rules={[{ required: true, message: 'What is it called?' }]}>
          <Input placeholder="Wall tablet" aria-label="Name of this device" maxLength={80} />
        </Form.Item>
        <Button htmlType="submit" loading={trust.isPending}>
          Trust this device
        </Button>
      </Form>
    </section>
  );
}
