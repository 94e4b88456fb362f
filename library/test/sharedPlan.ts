/*
 * Plans that several tests look at, made once for all of them: kept in `.cache/plans` under a hash of the planner's own
 * sources and of what was asked, so that a changed planner makes them anew. A test of the planning itself calls it itself.
 */
import { createHash, randomUUID } from 'node:crypto';
import { mkdirSync, readFileSync, readdirSync, renameSync, rmSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { planKennel, wallToMs } from '@loyal-mane/core';
import type { KennelFile, Plan, PlanOptions, WallTime } from '@loyal-mane/core';
import { CARE_LIBRARY, liveDemo } from '@loyal-mane/library';

const ROOT = path.resolve(__dirname, '../..');
const FOLDER = path.join(ROOT, '.cache/plans');
let sources: string | null = null;

/** Options of a plan that can be written down. */
export type SharedOptions = Pick<PlanOptions, 'nowMs' | 'rounds' | 'seed' | 'odds' | 'bound' | 'previous'>;

/** The plan that `planKennel` makes with the shipped library. */
export function sharedPlan(kennel: KennelFile, options: SharedOptions): Plan {
  return shared(JSON.stringify([kennel, options]), () => planKennel(kennel, CARE_LIBRARY, options));
}

/** The plan of an invented kennel with its odds and bound, as of six in the morning of its first day. */
export function sharedFixture(kennel: KennelFile): Plan {
  const nowMs = wallToMs(kennel.startDay, '06:00' as WallTime, kennel.settings.timeZone);
  return sharedPlan(kennel, { nowMs, odds: true, bound: true });
}

/** A kennel brought to life at a moment, after few rounds of search. */
export function sharedLiveDemo(kennel: KennelFile, nowMs: number): ReturnType<typeof liveDemo> {
  return shared(JSON.stringify(['live', kennel, nowMs]), () => liveDemo(kennel, nowMs, LIVE_ROUNDS));
}

const LIVE_ROUNDS = 2;

/** An answer that is made once for all tests, kept by its question. */
function shared<T>(asked: string, make: () => T): T {
  const key = hashOf([sourcesHash(), asked]);
  const file = path.join(FOLDER, `${key}.json`);
  mkdirSync(FOLDER, { recursive: true });
  const mark = `${file}.being-made`;
  for (;;) {
    const kept = readKept(file);
    if (kept !== null) return kept as T;
    if (begins(mark)) break;
    Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, LOOK_AGAIN_MS);
  }
  try {
    // Whoever made it may have ended between the look and the mark.
    return (readKept(file) ?? keep(file, JSON.stringify(make()))) as T;
  } finally {
    rmSync(mark, { recursive: true, force: true });
  }
}

/** Another worker that makes the same plan is waited for: two would only take each other's core. */
const LOOK_AGAIN_MS = 200;
/** Nobody makes one plan for longer: whoever began was stopped. */
const STOPPED_MS = 120_000;

/** Whether this worker makes the plan; false while another does. */
function begins(mark: string): boolean {
  try {
    mkdirSync(mark);
    return true;
  } catch {
    const since = statSync(mark, { throwIfNoEntry: false })?.mtimeMs ?? 0;
    if (since > 0 && Date.now() - since > STOPPED_MS) rmSync(mark, { recursive: true, force: true });
    return false;
  }
}

function readKept(file: string): unknown {
  try {
    return JSON.parse(readFileSync(file, 'utf8'));
  } catch {
    return null;
  }
}

/** Written aside and moved: another worker reads the whole file or none. */
function keep(file: string, text: string): unknown {
  const aside = `${file}.${randomUUID()}`;
  writeFileSync(aside, text);
  renameSync(aside, file);
  return JSON.parse(text);
}

function sourcesHash(): string {
  sources ??= hashOf(
    ['engine/src', 'core/src', 'library/src'].flatMap((folder) =>
      readdirSync(path.join(ROOT, folder), { recursive: true, withFileTypes: true })
        .filter((entry) => entry.isFile())
        .map((entry) => path.join(entry.parentPath, entry.name))
        .sort()
        .flatMap((file) => [path.relative(ROOT, file), readFileSync(file, 'utf8')]),
    ),
  );
  return sources;
}

function hashOf(texts: readonly string[]): string {
  const hash = createHash('sha256');
  for (const text of texts) hash.update(text).update('\0');
  return hash.digest('hex');
}
