/* The live stream under attack: far behind, ahead of the table, too many, unread, and of people who are gone. */
import { connect } from 'node:net';
import type { Socket } from 'node:net';
import type { AddressInfo } from 'node:net';
import { v7 } from 'uuid';
import { StreamHub } from '../src/events/streamHub.js';
import { componentTrouble } from './watched.js';
import type { Hand, World } from './world.js';
import { DEMO, openWorld, ownerOf, signInAs } from './world.js';

let world: World;
let lead: Hand;
let port = 0;

beforeAll(async () => {
  world = await openWorld('streams');
  lead = await signInAs(world, 'maren');
  await world.app.listen(0, '127.0.0.1');
  port = (world.app.getHttpServer().address() as AddressInfo).port;
}, 120_000);
afterAll(() => world.close());

interface Heard {
  readonly event: string;
  readonly id: number;
  readonly data: Record<string, unknown>;
}

/** One open stream with everything that it has heard. */
class Listener {
  readonly heard: Heard[] = [];
  isOver = false;
  private readonly stop = new AbortController();
  private woken: () => void = () => undefined;

  async open(hand: Hand, after: number | null = null): Promise<number> {
    const response = await fetch(`http://127.0.0.1:${String(port)}/api/stream`, {
      headers: { Cookie: hand.cookie, ...(after === null ? {} : { 'Last-Event-ID': String(after) }) },
      signal: this.stop.signal,
    });
    if (response.status === 200) void this.read(response);
    return response.status;
  }

  private async read(response: Response): Promise<void> {
    const decoder = new TextDecoder();
    let text = '';
    try {
      for await (const chunk of response.body as unknown as AsyncIterable<Uint8Array>) {
        text += decoder.decode(chunk, { stream: true });
        for (let end = text.indexOf('\n\n'); end >= 0; end = text.indexOf('\n\n')) {
          this.take(text.slice(0, end));
          text = text.slice(end + 2);
        }
        this.woken();
      }
    } catch {
      // Ended by the server, or by the test.
    }
    this.isOver = true;
    this.woken();
  }

  private take(block: string): void {
    const event = /^event: (\w+)$/m.exec(block)?.[1];
    const data = /^data: (.*)$/m.exec(block)?.[1];
    if (event === undefined || data === undefined) return;
    this.heard.push({ event, id: Number(/^id: (\d+)$/m.exec(block)?.[1]), data: JSON.parse(data) as Heard['data'] });
  }

  /** Waits until something holds; the test's own time limit ends it. */
  async until(holds: () => boolean): Promise<void> {
    while (!holds()) await new Promise<void>((wake) => (this.woken = wake));
  }

  close(): void {
    this.stop.abort();
  }
}

const change = async (): Promise<string> => {
  const id = v7();
  const to = { id, name: `Owner ${id.slice(-4)}`, contact: '' };
  const changes = [{ list: 'owners', id, from: null, to }];
  await lead.post('/api/changes', { commandId: v7(), changes }).expect(200);
  return id;
};
const head = async (): Promise<number> => (await world.knex('stream_head').first('number'))?.number ?? 0;

/** Puts so many events into the table, each of these other subjects too. */
async function fill(count: number, others: readonly string[] = []): Promise<void> {
  const from = await head();
  const numbers = Array.from({ length: count }, (_, k) => from + k + 1);
  const plain = { at: new Date(), kind: 'kennel.changed', subject: 'x', change: '{}', result: '{}' };
  await world.knex.batchInsert(
    'events',
    numbers.map((number) => ({ number, ...plain })),
    1000,
  );
  const subjects = numbers.flatMap((number) => others.map((subject) => ({ number, subject })));
  await world.knex.batchInsert('event_subjects', subjects, 2000);
  await world.knex('stream_head').update({ number: from + count });
}

it('tells each change as its document says, and owners nothing of whom', async () => {
  const [crew, theirs] = [new Listener(), new Listener()];
  await crew.open(lead);
  await theirs.open(await ownerOf(world, lead, 'listener'));
  const id = await change();
  await crew.until(() => crew.heard.some((h) => h.data['subject'] === id));
  await theirs.until(() => theirs.heard.some((h) => h.data['kind'] === 'kennel.changed'));
  for (const { data } of [...crew.heard, ...theirs.heard].filter((h) => h.event === 'change'))
    expect(componentTrouble('ChangeEventDto', data)).toBeNull();
  const told = JSON.stringify(theirs.heard);
  expect(told).not.toContain(id);
  expect(told).not.toContain(lead.personId);
  crew.close();
  theirs.close();
});

it('a stream that is thirty thousand behind is told to read again, and nobody waits for it', async () => {
  const live = new Listener();
  await live.open(lead);
  await live.until(() => live.heard.length > 0);
  await fill(30_000);
  const far = new Listener();
  await far.open(lead, 0);
  await far.until(() => far.heard.length > 0);
  expect(far.heard[0]).toMatchObject({ event: 'again', id: await head() });
  const near = new Listener();
  await near.open(lead, (await head()) - 900);
  const id = await change();
  for (const listener of [live, near, far])
    await listener.until(() => listener.heard.some((h) => h.data['subject'] === id));
  // Of all that it had missed it hears nothing but what came after it was told to read again.
  expect(far.heard.filter((h) => h.event === 'change').map((h) => h.data['subject'])).toEqual([id]);
  const numbers = near.heard.filter((h) => h.event === 'change').map((h) => h.id);
  expect(numbers).toHaveLength(901);
  expect(numbers).toEqual(numbers.map((_, k) => (numbers[0] ?? 0) + k));
  for (const listener of [live, near, far]) listener.close();
}, 60_000);

it('a stream that is ahead of the table is reset, when it opens and while it is open', async () => {
  const ahead = new Listener();
  await ahead.open(lead, (await head()) + 500);
  await ahead.until(() => ahead.heard.length > 0);
  expect(ahead.heard[0]).toMatchObject({ event: 'again', id: await head() });
  // An older backup takes the table's place.
  const older = (await head()) - 100;
  await world.knex('events').where('number', '>', older).delete();
  await world.knex('stream_head').update({ number: older });
  await ahead.until(() => ahead.heard.some((h) => h.event === 'again' && h.id === older));
  const id = await change();
  await ahead.until(() => ahead.heard.some((h) => h.data['subject'] === id));
  ahead.close();
}, 30_000);

it.each([
  ['signs out', (hand: Hand) => hand.post('/api/session', {}), true],
  ['is closed', (hand: Hand) => lead.post(`/api/people/${hand.personId}/close-sign-in`, { commandId: v7() }), false],
])('ends when its person %s', async (_, act, isSignOut) => {
  const name = isSignOut ? 'ivo' : 'asta';
  const hand = await signInAs(world, name);
  const listener = new Listener();
  await listener.open(hand);
  await listener.until(() => listener.heard.length > 0);
  if (isSignOut)
    await fetch(`http://127.0.0.1:${String(port)}/api/session`, {
      method: 'DELETE',
      headers: { Cookie: hand.cookie, 'x-csrf-token': hand.csrf },
    });
  else await act(hand);
  await listener.until(() => listener.isOver);
});

it('ends when its person gets another role', async () => {
  const jonas = DEMO.people.find((p) => p.signIn === 'jonas');
  const listener = new Listener();
  await listener.open(await signInAs(world, 'jonas'));
  await listener.until(() => listener.heard.length > 0);
  const changes = [{ list: 'people', id: jonas?.id, from: jonas, to: { ...jonas, role: 'finisher' } }];
  await lead.post('/api/changes', { commandId: v7(), changes }).expect(200);
  await listener.until(() => listener.isOver);
});

it('one person has twelve streams at most', async () => {
  const pia = await signInAs(world, 'pia');
  const listeners = Array.from({ length: 12 }, () => new Listener());
  for (const listener of listeners) expect(await listener.open(pia)).toBe(200);
  expect(await new Listener().open(pia)).toBe(429);
  for (const listener of listeners) listener.close();
});

it('drops a reader that does not read, and keeps no more than a megabyte for it', async () => {
  const hub = world.app.get(StreamHub);
  const tuva = await signInAs(world, 'tuva');
  const before = hub.size;
  const sockets: Socket[] = [];
  for (let k = 0; k < 8; k++) {
    const socket = connect(port, '127.0.0.1');
    socket.on('error', () => undefined);
    socket.pause();
    socket.write(`GET /api/stream HTTP/1.1\r\nHost: x\r\nCookie: ${tuva.cookie}\r\n\r\n`);
    sockets.push(socket);
  }
  while (hub.size < before + 8) await new Promise((wake) => setImmediate(wake));
  const others = Array.from({ length: 60 }, (_, k) => `${String(k)}${'x'.repeat(150)}`);
  // Each event names sixty others: a few hundred of them are more than a socket and a megabyte hold.
  for (let round = 0; round < 40 && hub.size > before; round++) {
    await fill(200, others);
    await change();
  }
  expect(hub.size).toBe(before);
  for (const socket of sockets) socket.destroy();
}, 90_000);
