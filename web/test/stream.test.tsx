/* Changes by the live stream, what is asked for early, and what a gap leads to. */
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, fireEvent, render, screen } from '@testing-library/react';
import { fetchOnce, askEarly } from '../src/api/early';
import { command, useCommand } from '../src/api/commands';
import { useLiveStream } from '../src/api/liveStream';
import { kennelFileQuery, kennelQuery, methodsQuery, planQuery, sessionQuery, workQuery } from '../src/api/queries';
import type { Session, Work } from '../src/api/queries';

/** A stream that the test speaks on. */
class SpokenStream extends EventTarget {
  static readonly CLOSED = 2;
  static readonly opened: SpokenStream[] = [];
  readonly url: string;
  readyState = 1;

  constructor(url: string) {
    super();
    this.url = url;
    SpokenStream.opened.push(this);
  }

  close(): void {
    this.readyState = SpokenStream.CLOSED;
  }

  say(type: string, lastEventId: number, data: object = {}): void {
    this.dispatchEvent(new MessageEvent(type, { lastEventId: String(lastEventId), data: JSON.stringify(data) }));
  }

  static get last(): SpokenStream {
    const stream = SpokenStream.opened.at(-1);
    if (stream === undefined) throw new Error('no stream was opened');
    return stream;
  }
}

function State() {
  return <p>{useLiveStream()}</p>;
}

const work = (taskKey: string, version: number, state: Work['state'] = 'running'): Work =>
  ({ taskKey, version, state, dogId: 'd', step: 'bath', workedMs: 0 }) as unknown as Work;

function openRoom() {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false, staleTime: Infinity } } });
  client.setQueryData(sessionQuery.queryKey, { personId: 'me', head: 7 } as unknown as Session);
  for (const query of [kennelQuery, planQuery, methodsQuery, kennelFileQuery])
    client.setQueryData(query.queryKey, {} as never);
  client.setQueryData(workQuery.queryKey, [work('a', 3)]);
  const stale = (query: { readonly queryKey: readonly unknown[] }): boolean =>
    client.getQueryState(query.queryKey)?.isInvalidated === true;
  const page = render(
    <QueryClientProvider client={client}>
      <State />
    </QueryClientProvider>,
  );
  return { client, stale, page };
}

const change = (kind: string, subject: string, more: object = {}) => ({
  kind,
  subject,
  others: [],
  actorId: 'other',
  ...more,
});

beforeAll(() => Object.assign(globalThis, { EventSource: SpokenStream }));
afterEach(() => jest.useRealTimers());

describe('the live stream', () => {
  it('goes on from where the session was read, and reads nothing twice at first', () => {
    const { stale, page } = openRoom();
    expect(SpokenStream.last.url).toBe('/api/stream?after=7');
    act(() => SpokenStream.last.say('hello', 7));
    for (const query of [kennelQuery, planQuery, workQuery, methodsQuery]) expect(stale(query)).toBe(false);
    page.unmount();
    expect(SpokenStream.last.readyState).toBe(SpokenStream.CLOSED);
  });

  it.each([
    ['plan.published', [planQuery], [kennelQuery, workQuery]],
    ['dog.marks', [kennelQuery], [planQuery, workQuery, methodsQuery]],
    ['dog.record', [kennelQuery, methodsQuery], [planQuery, workQuery]],
    ['methods.changed', [methodsQuery, kennelQuery], [planQuery]],
    ['dog.schools', [methodsQuery, kennelQuery], [planQuery]],
    ['task.finishCoat', [kennelQuery, kennelFileQuery], [planQuery]],
  ] as const)('%s asks for what it touched and for nothing else', (kind, asked, left) => {
    const { stale, page } = openRoom();
    act(() => SpokenStream.last.say('change', 8, change(kind, 'a', { work: work('a', 4) })));
    expect(asked.map((q) => stale(q))).toEqual(asked.map(() => true));
    expect(left.map((q) => stale(q))).toEqual(left.map(() => false));
    page.unmount();
  });

  it('takes the record of a task as it comes: a newer one replaces, an older one does not, none takes it away', () => {
    const { client, page } = openRoom();
    const list = (): readonly string[] =>
      (client.getQueryData<Work[]>(workQuery.queryKey) ?? []).map((w) => `${w.taskKey}${String(w.version)} ${w.state}`);
    const say = (n: number, subject: string, record: Work | null): void =>
      act(() => SpokenStream.last.say('change', n, change('task.start', subject, { work: record })));
    say(9, 'b', work('b', 1));
    expect(list()).toEqual(['a3 running', 'b1 running']);
    say(10, 'a', work('a', 2, 'paused'));
    expect(list()).toEqual(['a3 running', 'b1 running']);
    say(11, 'a', work('a', 4, 'done'));
    expect(list()).toEqual(['b1 running', 'a4 done']);
    say(12, 'b', null);
    expect(list()).toEqual(['a4 done']);
    page.unmount();
  });

  it('says that it is away, comes back by itself after a refusal, from the last number, and reads all once', () => {
    jest.useFakeTimers();
    const { stale, page } = openRoom();
    const first = SpokenStream.last;
    act(() => first.say('hello', 12));
    act(() => first.say('change', 13, change('dog.record', 'x')));
    first.readyState = SpokenStream.CLOSED;
    act(() => void first.dispatchEvent(new Event('error')));
    expect(screen.getByText('away')).toBeInTheDocument();
    act(() => {
      jest.advanceTimersByTime(1000);
    });
    expect(SpokenStream.last).not.toBe(first);
    expect(SpokenStream.last.url).toBe('/api/stream?after=13');
    act(() => SpokenStream.last.say('hello', 20));
    expect(screen.getByText('there')).toBeInTheDocument();
    for (const query of [kennelQuery, planQuery, workQuery, methodsQuery]) expect(stale(query)).toBe(true);
    page.unmount();
  });

  it('leaves a broken connection to the browser, which tries again itself', () => {
    jest.useFakeTimers();
    const { page } = openRoom();
    const first = SpokenStream.last;
    first.readyState = 0;
    act(() => void first.dispatchEvent(new Event('error')));
    act(() => {
      jest.advanceTimersByTime(5000);
    });
    expect(SpokenStream.last).toBe(first);
    page.unmount();
  });
});

describe('what every room reads', () => {
  const answer = (body: object, ok = true) =>
    ({ ok, clone: () => ({ json: () => Promise.resolve(body) }), body }) as unknown as Response;
  const get = (path: string) => fetchOnce({ method: 'GET', url: `http://h${path}` } as Request);

  it('is asked for after the session, and each answer is used once', async () => {
    const asked: string[] = [];
    globalThis.fetch = ((path: string | Request) => {
      asked.push(typeof path === 'string' ? path : new URL(path.url).pathname);
      return Promise.resolve(answer({ session: { mustChange: false } }));
    }) as typeof fetch;
    askEarly();
    await get('/api/kennel');
    await get('/api/session/now');
    expect(asked).toEqual(['/api/session/now', '/api/kennel', '/api/plan', '/api/work']);
    await get('/api/kennel');
    expect(asked).toEqual(['/api/session/now', '/api/kennel', '/api/plan', '/api/work', '/api/kennel']);
  });

  it.each([
    ['nobody is signed in', answer({ session: null })],
    ['a password has to be changed first', answer({ session: { mustChange: true } })],
  ])('is left alone while %s', async (_, session) => {
    const asked: string[] = [];
    globalThis.fetch = ((path: string | Request) => {
      asked.push(typeof path === 'string' ? path : new URL(path.url).pathname);
      return Promise.resolve(session);
    }) as typeof fetch;
    askEarly();
    await get('/api/session/now');
    expect(asked).toEqual(['/api/session/now']);
    await get('/api/kennel');
    expect(asked).toEqual(['/api/session/now', '/api/kennel']);
  });

  it('is asked again where it failed early', async () => {
    let times = 0;
    globalThis.fetch = () => {
      times++;
      return times === 1 ? Promise.reject(new Error('away')) : Promise.resolve(answer({}));
    };
    askEarly();
    await expect(get('/api/session/now')).resolves.toMatchObject({ ok: true });
    expect(times).toBe(2);
  });
});

describe('a command of this page', () => {
  const OTHERS = [kennelQuery, methodsQuery];

  /** A page with a live stream and a button that asks for a plan. */
  function Page() {
    useLiveStream();
    const ask = useCommand((_input: null) => Promise.resolve('asked'));
    return <button onClick={() => ask.mutate(command(null))}>{ask.isPending ? 'asking' : ask.status}</button>;
  }

  function openPage() {
    const client = new QueryClient({ defaultOptions: { queries: { retry: false, staleTime: Infinity } } });
    client.setQueryData(sessionQuery.queryKey, { personId: 'me', head: 7 } as unknown as Session);
    for (const query of [kennelQuery, planQuery, methodsQuery]) client.setQueryData(query.queryKey, {} as never);
    render(
      <QueryClientProvider client={client}>
        <Page />
      </QueryClientProvider>,
    );
    act(() => SpokenStream.last.say('hello', 7));
    return (query: { readonly queryKey: readonly unknown[] }) =>
      client.getQueryState(query.queryKey)?.isInvalidated === true;
  }

  beforeEach(() => jest.useFakeTimers());

  it('is over when its own event is read, and nothing else is read again', async () => {
    const stale = openPage();
    fireEvent.click(screen.getByRole('button'));
    await act(() => jest.advanceTimersByTimeAsync(100));
    expect(screen.getByRole('button')).toHaveTextContent('asking');
    act(() => SpokenStream.last.say('change', 8, change('plan.asked', 'j', { actorId: 'me' })));
    await act(() => jest.advanceTimersByTimeAsync(10));
    expect(screen.getByRole('button')).toHaveTextContent('success');
    expect(stale(planQuery)).toBe(true);
    expect(OTHERS.map((q) => stale(q))).toEqual([false, false]);
  });

  it('whose event does not come reads everything again', async () => {
    const stale = openPage();
    fireEvent.click(screen.getByRole('button'));
    await act(() => jest.advanceTimersByTimeAsync(1100));
    expect(screen.getByRole('button')).toHaveTextContent('success');
    expect([planQuery, ...OTHERS].map((q) => stale(q))).toEqual([true, true, true]);
  });

  it('without a stream reads everything again at once', async () => {
    const stale = openPage();
    act(() => SpokenStream.last.say('error', 7));
    fireEvent.click(screen.getByRole('button'));
    await act(() => jest.advanceTimersByTimeAsync(10));
    expect([planQuery, ...OTHERS].map((q) => stale(q))).toEqual([true, true, true]);
  });
});
