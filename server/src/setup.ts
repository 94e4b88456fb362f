/*
 * Before a server starts: makes the database, migrates it, and puts a kennel in when it is empty. Prints one line of JSON
 * with what it did, for the start command.
 */
import 'reflect-metadata';
import { readFileSync } from 'node:fs';
import { localDayOf, planKennel } from '@loyal-mane/core';
import type { KennelFile } from '@loyal-mane/core';
import { CARE_LIBRARY, emptyKennel, libraryFaults, liveDemo } from '@loyal-mane/library';
import { readKennel } from '@loyal-mane/library/reader';
import { issueWords } from '@loyal-mane/library/words';
import type { Knex } from 'knex';
import { v7 } from 'uuid';
import { oneTimePassword } from './auth/passwords.js';
import type { Clock } from './clock.js';
import { ShiftedClock, SystemClock } from './clock.js';
import { readConfig } from './config.js';
import { createDatabase, openDatabase } from './db/connect.js';
import { reachDatabase } from './db/reachDatabase.js';
import { migrate } from './db/migrations.js';
import { KennelRepository } from './kennel/kennelRepository.js';
import { DEMO_PASSWORD, insertKennel } from './kennel/insertKennel.js';
import { UserError, runCommand } from './userError.js';

/** Result of the set-up; passwords of a kennel that was put in just now, shown once. */
export interface SetUp {
  /** Whether a kennel was put in just now. */
  readonly fresh: boolean;
  readonly kennel: string;
  readonly signIns: readonly { readonly signIn: string; readonly role: string; readonly password: string | null }[];
}

async function setUp(): Promise<SetUp> {
  const config = readConfig(process.env);
  const clock = config.clockStartMs === null ? new SystemClock() : new ShiftedClock(config.clockStartMs);
  const faults = libraryFaults(CARE_LIBRARY);
  if (faults.length > 0) throw new Error(`The library contradicts itself: ${faults.join('; ')}`);
  const from = process.env['KENNEL_FILE'];
  const file = from === undefined ? null : readFile(from);
  await reachDatabase(config.databaseUrl, () => createDatabase(config));
  const knex = openDatabase(config);
  try {
    await migrate(knex);
    const kennels = new KennelRepository(knex);
    const empty = await kennels.isEmpty();
    if (!empty && file !== null) {
      throw new UserError([
        `There is a kennel "${config.kennel}" already. Nothing was changed; start it without --from.`,
      ]);
    }
    if (!empty) return await describe(kennels, new Map());
    if (file !== null) return await fillOwn(knex, clock, kennels, file);
    if (config.kennel === 'demo') return await fillDemo(knex, clock, kennels);
    return await fillOwn(knex, clock, kennels, firstDay(config.kennel, clock));
  } finally {
    await knex.destroy();
  }
}

function readFile(path: string): KennelFile {
  let text: string;
  try {
    text = readFileSync(path, 'utf8');
  } catch (error) {
    throw new UserError([`${path}: cannot be read (${(error as { code?: string }).code ?? 'unknown'})`]);
  }
  const read = readKennel(text, CARE_LIBRARY);
  if (!read.ok) throw new UserError(read.issues.map((issue) => `${issue.path}: ${issueWords(issue)}`));
  return read.kennel;
}

/** A kennel with nothing in it but its lead; the first five minutes are in the Countdown. */
function firstDay(slug: string, clock: Clock): KennelFile {
  const { timeZone } = Intl.DateTimeFormat().resolvedOptions();
  const name = slug.replace(
    /(^|-)([a-z])/g,
    (_, dash: string, letter: string) => (dash === '' ? '' : ' ') + letter.toUpperCase(),
  );
  return emptyKennel({ name, timeZone, today: localDayOf(clock.nowMs(), timeZone), newId: v7 });
}

async function fillOwn(knex: Knex, clock: Clock, kennels: KennelRepository, kennel: KennelFile): Promise<SetUp> {
  const plan = planKennel(kennel, CARE_LIBRARY, { nowMs: clock.nowMs(), odds: true, bound: true });
  let lead = false;
  const given = await insertKennel(knex, clock, kennel, plan, (role) => {
    // One password for the first lead; it is changed at the first sign-in, and the lead makes the others.
    if (role !== 'lead' || lead) return null;
    lead = true;
    return { password: oneTimePassword(), mustChange: true };
  });
  return describe(kennels, given, true);
}

/** The demo at a moment, or as it was planned for that moment before: tests start many, and plan it once. */
function demoAt(nowMs: number): ReturnType<typeof liveDemo> {
  const planned = process.env['LIVE_DEMO'];
  if (planned !== undefined) return JSON.parse(readFileSync(planned, 'utf8')) as ReturnType<typeof liveDemo>;
  const text = readFileSync(new URL('../../library/demo/demo-kennel.json', import.meta.url), 'utf8');
  const read = readKennel(text, CARE_LIBRARY);
  if (!read.ok) throw new Error(`The demo kennel is not valid: ${JSON.stringify(read.issues[0])}`);
  return liveDemo(read.kennel, nowMs);
}

async function fillDemo(knex: Knex, clock: Clock, kennels: KennelRepository): Promise<SetUp> {
  const { kennel, plan } = demoAt(clock.nowMs());
  await insertKennel(knex, clock, kennel, plan, () => ({ password: DEMO_PASSWORD, mustChange: false }));
  return describe(kennels, new Map(), true);
}

async function describe(kennels: KennelRepository, given: Map<string, string>, fresh = false): Promise<SetUp> {
  const kennel = await kennels.read();
  const signIns = kennel.people.map((p) => ({ signIn: p.signIn, role: p.role, password: given.get(p.signIn) ?? null }));
  return { fresh, kennel: kennel.name, signIns };
}

await runCommand(async () => console.log(JSON.stringify(await setUp())));
