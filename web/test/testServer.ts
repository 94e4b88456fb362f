/*
 * A server in the test: it answers by path, refuses in the server's own form, and keeps what it was sent. What the pages
 * compute from its answers is real; the API's own behavior is tested against the real server.
 */
import { FILE, KENNEL, PLAN, stored } from './world';

export interface Sent {
  readonly method: string;
  readonly path: string;
  readonly body: Readonly<Record<string, unknown>>;
}

/** One row of a command that changes rows. */
export interface SentChange {
  readonly list: string;
  readonly id: string;
  readonly from: object | null;
  readonly to: object | null;
}

/** An answer, or the promise of one that comes later. */
type Reply = (sent: Sent) => unknown;

/** A refusal as the server sends it. */
export class Refusal {
  readonly status: number;
  readonly body: object;

  constructor(status: number, code: string, title: string, detail: string, errors: readonly object[] = []) {
    this.status = status;
    this.body = { type: 'about:blank', status, code, title, detail, errors };
  }
}

const NOT_THERE = new Refusal(404, 'notFound', 'Not found', 'Nothing is here.');

export class TestServer {
  /** Commands in their order; questions are not kept. */
  readonly sent: Sent[] = [];
  private readonly replies = new Map<string, Reply>();

  constructor() {
    const { work: _work, ...rows } = FILE;
    this.on('GET /api/kennel', () => KENNEL);
    this.on('GET /api/kennel/rows', () => rows);
    this.on('GET /api/plan', () => ({ published: stored(PLAN), draft: null, job: null, previous: null, checks: [] }));
    this.on('GET /api/work', () => ({ work: [] }));
    this.on('GET /api/trail', () => ({ entries: [] }));
    this.on('POST /api/changes/check', () => ({ errors: [] }));
    this.on('POST /api/changes', ({ body }) => ({ rows: body['changes'] }));
    globalThis.fetch = ((input: Request) => this.answer(input)) as typeof fetch;
  }

  /** Answers a route, "POST /api/devices"; a `*` in it stands for one part of the path. */
  on(route: string, reply: Reply): void {
    this.replies.set(route, reply);
  }

  /** Bodies of the commands that were sent to a path. */
  bodies(path: string): Sent['body'][] {
    return this.sent.filter((s) => s.path === path).map((s) => s.body);
  }

  /** Changes of rows in the command of this place, the first = 0; none where it was not sent. */
  changes(command: number): SentChange[] {
    return (this.bodies('/api/changes')[command]?.['changes'] ?? []) as SentChange[];
  }

  private async answer(request: Request): Promise<Response> {
    const path = decodeURIComponent(new URL(request.url).pathname);
    const text = await request.clone().text();
    const sent: Sent = { method: request.method, path, body: text === '' ? {} : (JSON.parse(text) as Sent['body']) };
    if (request.method !== 'GET') this.sent.push(sent);
    const reply = this.replyFor(`${request.method} ${path}`);
    const told = reply === undefined ? NOT_THERE : await reply(sent);
    if (told instanceof Refusal)
      return Response.json(told.body, {
        status: told.status,
        headers: { 'content-type': 'application/problem+json' },
      });
    return told === undefined ? new Response(null, { status: 204 }) : Response.json(told);
  }

  private replyFor(asked: string): Reply | undefined {
    const exact = this.replies.get(asked);
    if (exact !== undefined) return exact;
    for (const [route, reply] of this.replies)
      if (route.includes('*') && new RegExp(`^${route.replace(/\*/g, '[^/]+')}$`).test(asked)) return reply;
    return undefined;
  }
}
