/*
 * A room in a test: the demo kennel as the server would answer it, already in the cache, with somebody signed in. What
 * the room computes from it is real; nothing is fetched.
 */
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react';
import type { RenderResult } from '@testing-library/react';
import { StyleProvider, createCache } from '@ant-design/cssinjs';
import { App as AntApp } from 'antd';
import { Suspense } from 'react';
import type { ReactElement } from 'react';
import { MemoryRouter } from 'react-router';
import { UNKNOWN_RULES, coatClassOf, instantToMs, localDayOf, wallToMs } from '@loyal-mane/core';
import type { Instant, KennelFile, Plan, ToldBreak, WallTime } from '@loyal-mane/core';
import { BREEDS, CARE_LIBRARY } from '@loyal-mane/library';
import { namesOf } from '@loyal-mane/library/words';
import {
  airQuery,
  breaksQuery,
  jobQuery,
  kennelFileQuery,
  kennelQuery,
  methodsQuery,
  planQuery,
  sessionQuery,
  workQuery,
} from '../src/api/queries';
import type { Air, Kennel, Methods, PlanView, Session, StoredPlan, Work } from '../src/api/queries';
import { setServerTime } from '../src/api/serverClock';
import { sharedPlan } from '../../library/test/sharedPlan';

const file = JSON.parse(
  readFileSync(path.join(__dirname, '../../library/demo/demo-kennel.json'), 'utf8'),
) as KennelFile;

export const DAWN_MS = wallToMs(file.startDay, '07:00' as WallTime, file.settings.timeZone);
export const PLAN: Plan = sharedPlan(file, { nowMs: DAWN_MS, rounds: 4 });
export const FILE = file;
export const NAMES = namesOf(file);

/** Id of a person by sign-in name. */
export const idOf = (signIn: string): string => file.people.find((p) => p.signIn === signIn)?.id ?? '';
/** Whether something begins on the file's first day. */
export const isToday = (start: string): boolean =>
  localDayOf(instantToMs(start as Instant), file.settings.timeZone) === file.startDay;

const versioned = <T extends object>(rows: readonly T[]) => rows.map((row) => ({ ...row, version: 1 }));

/** The kennel in the API's shape: the file's rows with the versions and badges that the server adds. */
export const KENNEL = {
  ...file,
  settings: { ...file.settings, zoneChecked: true },
  people: versioned(file.people).map((p) => ({ ...p, record: {} })),
  breeds: [],
  pins: [],
  shifts: versioned(file.shifts),
  stations: versioned(file.stations),
  entries: versioned(file.entries),
  shows: versioned(file.shows).map((s) => ({ ...s, rules: { ...UNKNOWN_RULES, leastAgeMonths: 0 } })),
  dogs: versioned(file.dogs).map((d) => ({
    ...d,
    badge: BREEDS.get(d.breed)?.badge ?? 'samoyed',
    coat: BREEDS.get(d.breed)?.coat ?? '',
    marks: { soiled: [], mats: [], unready: [] },
    knotsFound: d.knotsFound ?? [],
    dampFound: d.dampFound ?? [],
    record: d,
  })),
} as unknown as Kennel;

/** Remedies as the server would find them: every change that the plan names, at no cost to others. */
export const CHECKS: PlanView['checks'][number] = {
  planId: 'p1',
  of: PLAN.unplaced.length,
  isStopped: false,
  chains: PLAN.unplaced.map(({ key, step, reason, dogId }) => ({
    ...{ key, step, reason },
    remedies: reason.remedies.map((r) => ({
      ...{ changes: [r], gained: [dogId], lost: [], costsMore: false, moved: 3, overtimeMin: 0 },
    })),
  })),
};

/** The methods of the house as the server answers them, nothing changed but what is given. */
export const houseMethods = (schools: Record<string, 'a' | 'b'> = {}, history: object[] = []) => ({
  number: history.length,
  schools,
  steps: [],
  intervals: [],
  products: [],
  lines: [],
  dogs: file.dogs.map((d) => ({ dogId: d.id, version: 1, coat: coatClassOf(d, CARE_LIBRARY), schools: {} })),
  history,
});

export function stored(plan: Plan, more: Partial<StoredPlan['summary']> = {}): StoredPlan {
  const summary = { ready: 16, of: 18, tasks: 100, moved: 0, added: 0, removed: 0, ...more };
  return { id: 'p1', madeAt: plan.now, summary, plan };
}

export interface Seen {
  readonly signIn?: string;
  readonly view?: Partial<PlanView>;
  readonly work?: readonly Work[];
  /** Breaks of the plan, as the server would tell them. */
  readonly breaks?: readonly ToldBreak[];
  readonly methods?: object;
  /** The kennel as its rooms read it; else the demo's. */
  readonly kennel?: Kennel;
  /** The whole kennel as the planning thread is given it; else the demo's. */
  readonly kennelFile?: KennelFile;
  readonly at?: string;
  readonly nowMs?: number;
  /** Air that the wet room's sensor tells; there is no sensor when absent. */
  readonly air?: Air['latest'];
}

/**
 * Styles of the component library, kept out of the page: whether something is visible is asked thousands of times, and
 * jsdom weighs every rule each time. What is hidden in a test is hidden by its markup.
 */
const ASIDE = document.createElement('div');

type Shown = RenderResult & { readonly client: QueryClient };

/** Renders a room at an address for somebody. */
export function show(room: ReactElement, seen: Seen = {}): Shown {
  return showAround(<MemoryRouter initialEntries={[seen.at ?? '/']}>{room}</MemoryRouter>, seen);
}

/** Renders something that brings its own router. */
export function showAround(inside: ReactElement, seen: Seen): Shown {
  const person = file.people.find((p) => p.signIn === (seen.signIn ?? 'maren'));
  if (person === undefined) throw new Error(`nobody is called ${seen.signIn ?? ''}`);
  const nowMs = seen.nowMs ?? DAWN_MS;
  setServerTime(new Date(nowMs).toISOString());
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  const session = { personId: person.id, name: person.name, role: person.role, csrf: '', mustChange: false };
  client.setQueryData(sessionQuery.queryKey, session as unknown as Session);
  client.setQueryData(kennelQuery.queryKey, seen.kennel ?? KENNEL);
  client.setQueryData(kennelFileQuery.queryKey, seen.kennelFile ?? file);
  client.setQueryData(planQuery.queryKey, {
    published: stored(PLAN),
    draft: null,
    job: null,
    previous: null,
    checks: [CHECKS],
    ...seen.view,
  });
  if (seen.methods !== undefined) client.setQueryData(methodsQuery.queryKey, seen.methods as Methods);
  client.setQueryData(airQuery.queryKey, { latest: seen.air ?? null, lastDay: [] });
  const job = seen.view?.job;
  if (job != null) client.setQueryData(jobQuery(job.id).queryKey, job);
  client.setQueryData(breaksQuery.queryKey, { planId: 'p1', breaks: [...(seen.breaks ?? [])] });
  client.setQueryData(workQuery.queryKey, [...(seen.work ?? [])]);
  const shown = render(
    <QueryClientProvider client={client}>
      <StyleProvider cache={createCache()} container={ASIDE}>
        <AntApp>
          <Suspense fallback="loading">{inside}</Suspense>
        </AntApp>
      </StyleProvider>
    </QueryClientProvider>,
  );
  return { ...shown, client };
}
