/*
 * A kennel's days played against the real server: people work through the plan in force by a simulated clock, with a mat
 * that is found, work that overruns, a dryer that fails, a soak that is forgotten, and tablets that are cut off. Seeded: the same
 * seed plays the same days.
 */
import { v7 } from 'uuid';
import { BATHS, EXIT_CHECKS, instantToMs, makeRng, msToInstant } from '@loyal-mane/core';
import type { Plan, PlannedActivity, StepId } from '@loyal-mane/core';
import type { BenchDevice } from './benchDevice.js';
import { inWords } from './daySimulatorWords.js';
import type { Hand, World } from './world.js';

const MINUTE_MS = 60_000;
/** Work takes so much less or more than the plan's middle, evenly spread. */
const SPREAD = 0.25;
const OVERRUN = 1.7;

/** A command as it was given; one that was kept on a cut-off tablet is sent later with its moment. */
interface Given {
  readonly by: Hand;
  readonly path: string;
  readonly body: Record<string, unknown>;
}

/** Record of the days that were played. */
export interface Diary {
  readonly finished: string[];
  readonly refused: { readonly key: string; readonly step: StepId; readonly words: string }[];
  /** Commands that were tapped at a real bench in a browser. */
  tapped: number;
  /** Commands that were sent twice, as a tablet does that heard no answer. */
  resent: number;
  sentLate: number;
  replanned: number;
  /** Milliseconds from a finish to the answer what no longer holds in the plan, one in ten finishes. */
  readonly followedMs: number[];
}

interface Turn {
  readonly atMs: number;
  readonly order: number;
  readonly run: () => Promise<void>;
}

/** Plays days; one object a kennel. */
export class DaySimulator {
  readonly diary: Diary = {
    finished: [],
    refused: [],
    tapped: 0,
    resent: 0,
    sentLate: 0,
    replanned: 0,
    followedMs: [],
  };
  private readonly rng;
  private turns: Turn[] = [];
  private order = 0;
  private plan: Plan;
  private readonly versions = new Map<string, number>();
  private readonly begun = new Set<string>();
  private readonly busyUntil = new Map<string, number>();
  /** People and dogs whose task is not finished. */
  private readonly atWork = new Set<string>();
  /** Whose tablet is cut off until when, and what waits on it. */
  private readonly away = new Map<string, { untilMs: number; waiting: Given[] }>();

  constructor(
    private readonly world: World,
    private lead: Hand,
    private readonly hands: Map<string, Hand>,
    private readonly nameOf: (dogId: string) => string,
    seed: number,
  ) {
    this.rng = makeRng(seed);
    this.plan = world.plan;
  }

  /** Benches in real browsers, by person; everybody else's commands go to the API. */
  private devices: ReadonlyMap<string, BenchDevice> = new Map();

  /** From now on these people work at a bench in a browser. */
  workAt(devices: ReadonlyMap<string, BenchDevice>): void {
    this.devices = devices;
  }

  /** The plan that is followed now. */
  get inForce(): Plan {
    return this.plan;
  }

  /** Something that happens at a moment of the day. */
  at(atMs: number, run: () => Promise<void>): void {
    this.turns.push({ atMs, order: this.order++, run });
  }

  /** Lets everything happen until a moment; what is planned from now on is worked at. */
  async playUntil(endMs: number): Promise<void> {
    this.lay();
    for (;;) {
      this.turns.sort((x, y) => x.atMs - y.atMs || x.order - y.order);
      const next = this.turns[0];
      if (next === undefined || next.atMs > endMs) break;
      this.turns.shift();
      this.passTo(next.atMs);
      await this.sendLate();
      await next.run();
    }
    this.passTo(endMs);
    await this.sendLate(true);
  }

  /** Mats of a dog, as they were marked: whoever works on its knots takes them out. */
  hasMats(dogId: string, mats: readonly object[]): void {
    this.mats.set(dogId, mats);
  }

  /** Everybody signs in anew: a sign-in lasts two weeks. */
  async signInAgain(signIn: (hand: Hand) => Promise<Hand>): Promise<void> {
    for (const [personId, hand] of this.hands) this.hands.set(personId, await signIn(hand));
    this.lead = this.hands.get(this.lead.personId) ?? this.lead;
  }

  /** Tablets of somebody cut off for so many minutes. */
  async cutOff(personId: string, minutes: number): Promise<void> {
    await this.devices.get(personId)?.cutOff();
    this.away.set(personId, { untilMs: this.nowMs + minutes * MINUTE_MS, waiting: [] });
  }

  /** Plans again for everything that is not begun, publishes, and works by the new plan. */
  async replan(): Promise<void> {
    const asked = await this.lead.post('/api/plan-jobs', { commandId: v7(), mode: 'keep' }).expect(200);
    const { id } = asked.body as { id: string };
    let planId: string | undefined;
    while (planId === undefined) {
      const job = (await this.lead.get(`/api/plan-jobs/${id}`).expect(200)).body as { state: string; planId?: string };
      if (job.state === 'failed' || job.state === 'cancelled') throw new Error(`replan: the job is ${job.state}`);
      planId = job.planId;
      await new Promise((done) => setTimeout(done, 100));
    }
    await this.lead.post(`/api/plans/${planId}/publish`, { commandId: v7() }).expect(200);
    const { published } = (await this.lead.get('/api/plan').expect(200)).body as { published: { plan: Plan } };
    this.plan = published.plan;
    this.diary.replanned++;
    this.lay();
  }

  private handOf(personId: string): Hand {
    return this.hands.get(personId) ?? this.lead;
  }

  private get nowMs(): number {
    return this.world.clock.nowMs();
  }

  private passTo(atMs: number): void {
    if (atMs > this.nowMs) this.world.clock.pass(atMs - this.nowMs);
  }

  private readonly mats = new Map<string, readonly object[]>();
  private planned = new Set<Turn>();

  /** Lays the starts of all tasks that are planned and not begun; those of the plan before are dropped. */
  private lay(): void {
    this.turns = this.turns.filter((t) => !this.planned.has(t));
    this.planned = new Set();
    for (const a of this.plan.activities)
      if (a.state === 'planned' && !this.begun.has(a.key)) this.planStart(a, instantToMs(a.start));
  }

  private planStart(a: PlannedActivity, atMs: number): void {
    const turn: Turn = { atMs: Math.max(atMs, this.nowMs), order: this.order++, run: () => this.start(a) };
    this.planned.add(turn);
    this.turns.push(turn);
  }

  /** Somebody who is not free yet, or whose dog is not, begins a little later. */
  private async start(a: PlannedActivity): Promise<void> {
    const person = a.people[0] ?? this.lead.personId;
    const freeMs = Math.max(this.busyUntil.get(person) ?? 0, this.busyUntil.get(a.dogId) ?? 0);
    // A task that ends at this moment is finished first.
    if (freeMs > this.nowMs || this.atWork.has(person) || this.atWork.has(a.dogId)) {
      this.planStart(a, freeMs);
      return;
    }
    const by = this.handOf(person);
    this.begun.add(a.key);
    if (!(await this.give(by, a, 'start', {}))) return;
    const overrun = this.rng.below(20) === 0 ? OVERRUN : 1;
    const spread = 1 - SPREAD + (2 * SPREAD * this.rng.below(1000)) / 1000;
    const minutes = Math.max(1, Math.round(a.minutes.middle * spread * overrun));
    const endMs = this.nowMs + minutes * MINUTE_MS;
    this.busyUntil.set(a.dogId, endMs);
    this.busyUntil.set(person, endMs);
    this.atWork.add(a.dogId).add(person);
    if (BATHS.has(a.step)) await this.soak(person, a);
    this.at(endMs, () => this.finish(a, person));
  }

  /** One soak in eight is forgotten: its finish has to end it. */
  private async soak(person: string, a: PlannedActivity): Promise<void> {
    const id = v7();
    await this.give(this.handOf(person), a, 'soak', {
      commandId: id,
      product: 'whiteningWash',
      leastMin: 3,
      mostMin: 8,
    });
    if (this.rng.below(8) === 0) return;
    this.at(this.nowMs + 4 * MINUTE_MS, async () => {
      await this.give(this.handOf(person), a, 'soak-end', { soak: id });
    });
  }

  private async finish(a: PlannedActivity, person: string): Promise<void> {
    this.atWork.delete(a.dogId);
    this.atWork.delete(person);
    const matsOut = a.step === 'knots' ? { matsOut: this.mats.get(a.dogId) ?? [] } : {};
    if (!(await this.give(this.handOf(person), a, 'finish', { confirmed: [...EXIT_CHECKS], ...matsOut }))) return;
    this.diary.finished.push(a.key);
    if (this.diary.finished.length % 10 > 0) return;
    const sinceMs = performance.now();
    await this.lead.get('/api/plan/breaks').expect(200);
    this.diary.followedMs.push(performance.now() - sinceMs);
  }

  /** Gives a command: at once, or kept on a tablet that is cut off. False where the server refused it. */
  private async give(by: Hand, a: PlannedActivity, command: string, more: object): Promise<boolean> {
    const isState = command === 'start' || command === 'finish';
    const version = this.versions.get(a.key) ?? 0;
    const facts = isState ? { version, anyway: true, dogId: a.dogId, step: a.step, stationId: a.stationId } : {};
    const body = { commandId: v7(), at: msToInstant(this.nowMs), ...facts, ...more };
    if (isState) this.versions.set(a.key, version + 1);
    const device = this.devices.get(by.personId);
    if (device !== undefined) return this.tap(device, a, command);
    const path = `/api/tasks/${encodeURIComponent(a.key)}/${command}`;
    const cut = this.away.get(by.personId);
    if (cut !== undefined) {
      cut.waiting.push({ by, path, body });
      return true;
    }
    return this.send({ by, path, body }, a);
  }

  /** The same at a bench in a browser. */
  private async tap(device: BenchDevice, a: PlannedActivity, command: string): Promise<boolean> {
    this.diary.tapped++;
    const taps: Readonly<Record<string, () => Promise<unknown>>> = {
      start: () => device.start(a.key, this.nowMs),
      finish: () => device.finish(this.nowMs),
      soak: () => device.soak(this.nowMs),
      'soak-end': () => device.rinse(this.nameOf(a.dogId), this.nowMs),
    };
    await taps[command]?.().catch(async (error: unknown) => {
      const when = msToInstant(this.nowMs);
      throw new Error(`${command} ${a.key} at ${when}: ${String(error)}\nThe tablet shows: ${await device.shown()}`);
    });
    const refused = await device.refusals();
    this.diary.refused.push(...refused.map((words) => ({ key: a.key, step: a.step, words })));
    return refused.length === 0;
  }

  private async send({ by, path, body }: Given, a: PlannedActivity | null): Promise<boolean> {
    const answer = await by.post(path, body);
    // One command in twelve is sent again, as a tablet does that heard no answer: it must count once.
    if (this.rng.below(12) === 0) {
      this.diary.resent++;
      await by.post(path, body).expect(answer.status);
    }
    if (answer.status === 200) return true;
    if (answer.status !== 409 || a === null) throw new Error(inWords(path, body, answer));
    this.versions.set(a.key, (this.versions.get(a.key) ?? 1) - 1);
    this.diary.refused.push({ key: a.key, step: a.step, words: (answer.body as { detail: string }).detail });
    return false;
  }

  /** Sends what waited on tablets that are back, in the order in which it was tapped. */
  private async sendLate(all = false): Promise<void> {
    for (const [person, { untilMs, waiting }] of [...this.away]) {
      if (!all && untilMs > this.nowMs) continue;
      this.away.delete(person);
      this.diary.sentLate += (await this.devices.get(person)?.back()) ?? 0;
      for (const given of waiting) {
        this.diary.sentLate++;
        await this.send(given, null);
      }
    }
  }
}
