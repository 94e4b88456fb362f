/*
 * A whole kennel day played against the real server: nothing is lost or doubled, no blade touches a damp or matted
 * zone, every soak ends, the plan follows, and every dog that could be ready is ready. SIMULATED_DAYS plays more days;
 * SIMULATED_DEVICES has two people work the first of them at benches in real browsers.
 */
import path from 'node:path';
import { chromium } from '@playwright/test';
import type { Browser } from '@playwright/test';
import { EXIT_CHECKS, instantToMs, localDayOf, wallToMs, addDays } from '@loyal-mane/core';
import type { KennelStation, LocalDay, Plan, WallTime, WorkRecord } from '@loyal-mane/core';
import { v7 } from 'uuid';
import { PlannerPool } from '../src/workers/plannerPool.js';
import { CHROMIUM_OPTIONS } from '../../scripts/chromiumOptions.mjs';
import { BenchDevice } from './benchDevice.js';
import { DaySimulator } from './daySimulator.js';
import type { Diary } from './daySimulator.js';
import type { Hand, World } from './world.js';
import { DEMO, openWorld, signInAs } from './world.js';

const DAYS = Number(process.env['SIMULATED_DAYS'] ?? 1);
/** Who works at a bench in a browser on the first day: the one whose tablet is cut off, and one who bathes. */
const AT_DEVICES = process.env['SIMULATED_DEVICES'] === undefined ? [] : ['ivo', 'tuva'];
const ZONE = DEMO.settings.timeZone;
const SEED = 11;
const ROOT = path.resolve(__dirname, '../..');
let world: World;
let lead: Hand;
let play: DaySimulator;
let browser: Browser | null = null;
const hands = new Map<string, Hand>();
/** Refusals of the server to start, for a tight mat and a damp zone, in its words. */
const kept: string[] = [];

const at = (day: LocalDay, wall: string): number => wallToMs(day, wall as WallTime, ZONE);
const showsOut = (plan: Plan): string[] =>
  plan.unplaced
    .filter((u) => u.kind === 'show')
    .map((u) => u.dogId)
    .sort();

beforeAll(async () => {
  world = await openWorld('days', DEMO, AT_DEVICES.length === 0 ? {} : { webDist: path.join(ROOT, 'web/dist') });
  world.clock.stand();
  // As the server does when it starts.
  await world.app.get(PlannerPool).warmUp(DEMO, world.clock.nowMs());
  for (const { signIn, role } of DEMO.people)
    if (role !== 'owner') {
      const hand = await signInAs(world, signIn);
      hands.set(hand.personId, hand);
      if (role === 'lead') lead = hand;
    }
  play = new DaySimulator(world, lead, hands, (id) => DEMO.dogs.find((d) => d.id === id)?.name ?? '', SEED);
  troubles(DEMO.startDay);
  await workAtDevices();
  for (let n = 0; n < DAYS; n++) {
    if (n > 0) await nextDay(n);
    await play.playUntil(at(addDays(DEMO.startDay, n), '23:00'));
    if (n === 0) await leaveDevices();
  }
}, 3_600_000);
afterAll(async () => {
  // For whoever plays more days than the suite does: what went on, and how soon the plan followed.
  if (process.env['SIMULATED_DAYS'] !== undefined) process.stdout.write(`${diaryWords(play.diary)}\n`);
  await leaveDevices();
  await world.close();
});

function diaryWords({ finished, refused, tapped, resent, sentLate, replanned, followedMs }: Diary): string {
  const ms = [...followedMs].sort((x, y) => x - y);
  const [middle, worst] = [ms[Math.floor(ms.length / 2)] ?? 0, ms.at(-1) ?? 0].map((x) => String(Math.round(x)));
  const lines = refused.map((r) => `  refused: ${r.step}, ${r.words}`);
  return [
    `${String(DAYS)} days: ${String(finished.length)} finished, ${String(replanned)} plans, ${String(tapped)} tapped in browsers, ${String(resent)} sent twice, ${String(sentLate)} sent late;`,
    `the plan followed within ${middle ?? ''} ms (median), ${worst ?? ''} ms (longest)`,
    ...lines,
  ].join('\n');
}

/** Opens a browser at the bench for each who works at one. */
async function workAtDevices(): Promise<void> {
  if (AT_DEVICES.length === 0) return;
  await world.app.listen(0, '127.0.0.1');
  browser = await chromium.launch(CHROMIUM_OPTIONS);
  const devices = new Map<string, BenchDevice>();
  for (const signIn of AT_DEVICES) {
    const person = DEMO.people.find((p) => p.signIn === signIn)?.id ?? '';
    const who = { signIn, timeZone: ZONE, nowMs: world.clock.nowMs() };
    devices.set(person, await BenchDevice.open(browser, await world.app.getUrl(), who));
  }
  play.workAt(devices);
}

async function leaveDevices(): Promise<void> {
  play.workAt(new Map());
  await browser?.close();
  browser = null;
}

/** A new day: planned again, and now and then signed in again. */
async function nextDay(n: number): Promise<void> {
  if (n % 7 === 0)
    await play.signInAgain(async ({ personId }) => {
      const person = DEMO.people.find((p) => p.id === personId);
      const hand = await signInAs(world, person?.signIn ?? '');
      if (personId === lead.personId) lead = hand;
      return hand;
    });
  await play.replan();
}

interface Dog {
  readonly id: string;
  readonly version: number;
  readonly marks: { soiled: unknown[]; mats: unknown[]; unready: unknown[] };
}

/** Marks in a dog's coat, beside what is there. */
async function mark(by: Hand, dogId: string, more: object): Promise<void> {
  const { dogs } = (await by.get('/api/kennel').expect(200)).body as { dogs: Dog[] };
  const dog = dogs.find((d) => d.id === dogId);
  const marks = { ...dog?.marks, ...more };
  await by.post(`/api/dogs/${dogId}/marks`, { commandId: v7(), version: dog?.version, marks }).expect(200);
}

/** Tries to begin a task that must not be begun now. */
async function tryToBegin(step: 'bath' | 'trim', dogId: string): Promise<void> {
  const next = play.inForce.activities.find(
    (a) =>
      a.dogId === dogId &&
      a.state === 'planned' &&
      (step === 'trim' ? a.step.endsWith('Trim') : /[bB]ath$/.test(a.step)),
  );
  if (next === undefined) throw new Error(`nothing of ${step} is planned for this dog`);
  const { key, stationId, step: is } = next;
  const body = { commandId: v7(), version: 0, anyway: true, dogId, step: is, stationId };
  const answer = await lead.post(`/api/tasks/${encodeURIComponent(key)}/start`, body).expect(409);
  kept.push((answer.body as { detail: string }).detail);
}

/** The troubles of the first day. */
function troubles(day: LocalDay): void {
  const later = play.inForce.activities.filter((a) => a.state === 'planned' && a.start > `${day}T12`);
  const washed = later.find((a) => /[bB]ath$/.test(a.step))?.dogId ?? '';
  const cut = later.find((a) => /(fine|rough)Trim/.test(a.step) && a.dogId !== washed)?.dogId ?? '';
  const [cutOff] = [...hands.values()].filter((h) => h !== lead);
  play.at(at(day, '08:10'), async () => {
    await mark(lead, washed, { mats: [{ zone: 'armpit', side: 'left', tightness: 'tight', cm: 3 }] });
    play.hasMats(washed, [{ zone: 'armpit', side: 'left' }]);
    await tryToBegin('bath', washed);
    await mark(lead, cut, { unready: [{ zone: 'stifle', test: 'damp' }] });
    await tryToBegin('trim', cut);
    await mark(lead, cut, { unready: [] });
    await play.replan();
  });
  play.at(at(day, '10:00'), () => play.cutOff(cutOff?.personId ?? '', 45));
  play.at(at(day, '11:30'), async () => {
    const stations = DEMO.stations as readonly KennelStation[];
    const dryer = stations.find((s) => s.kind === 'standDryer' && s.closures.length === 0);
    await lead.post(`/api/stations/${dryer?.id ?? ''}/failed`, { commandId: v7() }).expect(200);
    await play.replan();
  });
}

const records = async (): Promise<WorkRecord[]> =>
  ((await lead.get('/api/work').expect(200)).body as { work: WorkRecord[] }).work;

it('the mat kept its dog out of the tub and the damp zone the shears off it, until they were dealt with', () => {
  expect(kept).toEqual([
    expect.stringMatching(/tight or solid mats \(armpit\). Nothing was started/),
    expect.stringMatching(/still damp or kinked/),
  ]);
});

it('no record is lost or doubled: each finish that was given is one done task and one event', async () => {
  const { finished, refused, tapped, resent, sentLate } = play.diary;
  expect(refused).toEqual([]);
  expect(finished.length).toBeGreaterThan(30 * DAYS);
  expect(new Set(finished).size).toBe(finished.length);
  expect(resent).toBeGreaterThan(5);
  expect(sentLate).toBeGreaterThan(0);
  expect(tapped > 20).toBe(AT_DEVICES.length > 0);
  const all = await records();
  const done = new Map(all.map((w) => [w.taskKey as string, w]));
  expect(all).toHaveLength(done.size);
  expect(finished.filter((key) => done.get(key)?.state !== 'done')).toEqual([]);
  const events = await world.knex('events').where('kind', 'like', 'task.finish%').select('subject');
  expect(events.map((e) => e.subject).sort()).toEqual([...finished].sort());
});

it('nothing is left running, every soak has ended, every bath was looked over', async () => {
  const all = (await records()).filter((w) => play.diary.finished.includes(w.taskKey));
  expect(all.filter((w) => w.state === 'running')).toEqual([]);
  const soaks = all.flatMap((w) => w.soaks ?? []);
  expect(soaks.length).toBeGreaterThan(0);
  expect(soaks.filter((s) => s.endedAt === undefined)).toEqual([]);
  for (const bath of all.filter((w) => /[bB]ath$/.test(w.step) && (w.soaks ?? []).length > 0))
    expect(bath.ticked?.filter((t) => t.startsWith('exit.')).length).toBeGreaterThanOrEqual(EXIT_CHECKS.length - 3);
});

it('nobody worked on two dogs at once, no dog was worked on by two', async () => {
  const all = (await records()).filter((w) => play.diary.finished.includes(w.taskKey));
  for (const who of ['personId', 'dogId'] as const) {
    const spans = all
      .flatMap((w) =>
        w.startedAt === undefined || w.finishedAt === undefined
          ? []
          : [{ who: String(w[who]), fromMs: instantToMs(w.startedAt), toMs: instantToMs(w.finishedAt) }],
      )
      .sort((x, y) => x.who.localeCompare(y.who) || x.fromMs - y.fromMs);
    const over = spans.filter((s, i) => spans[i - 1]?.who === s.who && (spans[i - 1]?.toMs ?? 0) > s.fromMs + 60_000);
    expect(over).toEqual([]);
  }
});

it('every dog that could be ready is ready: no entry lost its place that had one before the troubles', async () => {
  await play.replan();
  const before = new Set(showsOut(world.plan));
  const today = localDayOf(world.clock.nowMs(), ZONE);
  const lost = showsOut(play.inForce).filter((dogId) => !before.has(dogId));
  expect(lost.map((id) => DEMO.dogs.find((d) => d.id === id)?.name)).toEqual([]);
  expect(today >= DEMO.startDay).toBe(true);
}, 900_000);
