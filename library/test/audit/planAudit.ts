/*
 * A plan held against the kennel by the two files alone: nothing of the product is used here, so that a fault of its own cannot
 * hide itself. It reads the published formats (plan and kennel as JSON) and the trade's rules (common practice).
 */
export interface AuditKennel {
  readonly settings: { readonly timeZone: string; readonly keepUpDaysAhead: number };
  readonly sites: readonly { readonly id: string; readonly home: boolean }[];
  readonly stations: readonly {
    readonly id: string;
    readonly siteId: string;
    readonly kind: string;
    readonly places?: number;
  }[];
  readonly people: readonly { readonly id: string; readonly skills: readonly string[] }[];
  readonly dogs: readonly {
    readonly id: string;
    readonly breed: string;
    readonly wrapped?: boolean;
    readonly leftOn?: string;
  }[];
  readonly transports: readonly { readonly day: string; readonly dogs: readonly string[] }[];
}

export interface AuditTask {
  readonly dogId: string;
  readonly entryId: string | null;
  readonly step: string;
  readonly state: string;
  readonly start: string;
  readonly end: string;
  readonly attendedUntil: string;
  readonly people: readonly string[];
  readonly stationId: string | null;
  readonly handedOver?: unknown;
}

export interface AuditPlan {
  readonly firstDay: string;
  readonly activities: readonly AuditTask[];
}

/** Names of what can be wrong, and where it is. */
export type Findings = Readonly<Record<string, readonly string[]>>;

const MIN = 60_000;
const is =
  (...steps: string[]) =>
  (a: AuditTask) =>
    steps.includes(a.step);
const isTrim = is('roughTrim', 'naturalTrim', 'fineTrim', 'ears', 'throat');
const isWash = is('bath', 'bathWhites', 'trimBath');
const isWet = is('bath', 'bathWhites', 'trimBath', 'condition', 'towel', 'forceDry', 'heatDry');
const isTest = is('dryCheck', 'towelRelease');
const isBrushOut = is('brushOut1', 'brushOut2', 'blowOut');
const isThrough = is('brushOut1', 'brushOut2', 'blowOut', 'lineBrush', 'combThrough');
/** A look, a bag, a ride, a walk to the ring: no work on a coat, and none that tires a dog. */
const isNoWork = is('inspection', 'skinLook', 'load', 'bag', 'towelSet', 'gate', 'ring', 'winnersHold');

const at = (moment: string): number => Date.parse(moment);

/** Everything that a lead handler would hand the plan back for, and everything that cannot be. */
export function audit(kennel: AuditKennel, plan: AuditPlan): Findings {
  const dayOf = (a: AuditTask): string =>
    new Intl.DateTimeFormat('sv-SE', { timeZone: kennel.settings.timeZone }).format(new Date(a.start));
  const tasks = [...plan.activities].sort((x, y) => at(x.start) - at(y.start));
  const ahead = tasks.filter((a) => a.state === 'planned');
  const dogDays = grouped(ahead, (a) => `${a.dogId} ${dayOf(a)}`);
  return {
    ...impossible(kennel, ahead),
    handsOnEntry: [
      ...grouped(
        ahead.filter((a) => a.entryId !== null && (isTrim(a) || is('finish', 'tidies')(a))),
        (a) => a.entryId ?? '',
      ),
    ]
      .filter(([, list]) => distinct(list.filter((a) => a.handedOver === undefined).map((a) => a.people[0])) > 1)
      .map(([key]) => key),
    handsInTub: [...dogDays]
      .filter(
        ([, list]) => distinct(list.filter((a) => isWet(a) && a.handedOver === undefined).map((a) => a.people[0])) > 1,
      )
      .map(([key]) => key),
    crowds: [...dogDays]
      .filter(([, list]) => distinct(list.filter((a) => !isNoWork(a)).flatMap((a) => a.people)) > 3)
      .map(([key]) => key),
    tables: [...dogDays].filter(([, list]) => tablesOf(kennel, list) > 2).map(([key]) => key),
    withoutCare: withoutCare(kennel, plan, new Set(tasks.map((a) => `${a.dogId} ${dayOf(a)}`))),
    noWalk: [...dogDays].filter(([, list]) => worksTooLong(list)).map(([key]) => key),
    noRest: [
      ...grouped(
        ahead.flatMap((a) => a.people.map((p) => ({ ...a, p }))),
        (a) => `${a.p} ${dayOf(a)}`,
      ),
    ]
      .filter(([, list]) => longestStretch(list) > 270)
      .map(([key]) => key),
    untested: untested(ahead, tasks, dayOf),
    brushedTooEarly: [...dogDays].flatMap(([key, list]) => {
      const bath = list.find(isWash);
      const before =
        bath === undefined ? undefined : list.filter((a) => isBrushOut(a) && at(a.start) < at(bath.start)).at(-1);
      return bath !== undefined && before !== undefined && at(bath.start) - at(before.end) > 150 * MIN ? [key] : [];
    }),
    trimsOnDeparture: ahead
      .filter(
        (a) =>
          isTrim(a) &&
          atHome(kennel, a) &&
          kennel.transports.some((t) => t.day === dayOf(a) && t.dogs.includes(a.dogId)),
      )
      .map((a) => `${a.dogId} ${dayOf(a)}`),
    brushedTwice: [...dogDays]
      .filter(([, list]) => list.some(isThrough) && list.some(is('keepUpBrush')))
      .map(([key]) => key),
    wrapsForNothing: ahead
      .filter((a) => a.step === 'wraps' && kennel.dogs.find((d) => d.id === a.dogId)?.wrapped !== true)
      .map((a) => `${a.dogId} ${dayOf(a)}`),
  };
}

/** Two things at once: a person, a dog, a station with more dogs than places. */
function impossible(kennel: AuditKennel, ahead: readonly AuditTask[]): Findings {
  const overlaps = (x: AuditTask, y: AuditTask, end: (a: AuditTask) => number): boolean =>
    at(x.start) < end(y) && at(y.start) < end(x);
  const pairs = (list: readonly AuditTask[], end: (a: AuditTask) => number): string[] =>
    list.flatMap((x, k) =>
      list.slice(k + 1).flatMap((y) => (overlaps(x, y, end) ? [`${x.step} and ${y.step} ${x.start}`] : [])),
    );
  const attended = (a: AuditTask): number => at(a.attendedUntil);
  const ended = (a: AuditTask): number => at(a.end);
  return {
    personTwice: kennel.people.flatMap((p) =>
      pairs(
        ahead.filter((a) => a.people.includes(p.id)),
        attended,
      ),
    ),
    dogTwice: kennel.dogs.flatMap((d) =>
      pairs(
        ahead.filter((a) => a.dogId === d.id),
        ended,
      ),
    ),
    stationTwice: kennel.stations
      .filter((s) => (s.places ?? 1) === 1)
      .flatMap((s) =>
        pairs(
          ahead.filter((a) => a.stationId === s.id),
          ended,
        ),
      ),
  };
}

function withoutCare(kennel: AuditKennel, plan: AuditPlan, seen: ReadonlySet<string>): string[] {
  const first = Date.parse(`${plan.firstDay}T12:00:00Z`);
  return Array.from({ length: kennel.settings.keepUpDaysAhead }, (_, k) =>
    new Date(first + k * 24 * 60 * MIN).toISOString().slice(0, 10),
  ).flatMap((day) =>
    kennel.dogs.filter((d) => (d.leftOn ?? '9999') > day && !seen.has(`${d.id} ${day}`)).map((d) => `${d.id} ${day}`),
  );
}

/** More than two hours without a quarter of an hour; the run from tub to dry coat cannot be interrupted. */
function worksTooLong(list: readonly AuditTask[]): boolean {
  const work = list.filter((a) => !isNoWork(a));
  let since = 0;
  return work.some((a, k) => {
    const before = work[k - 1];
    const gap = before === undefined ? Infinity : at(a.start) - at(before.attendedUntil);
    if (gap >= 15 * MIN) since = at(a.start);
    const wet = isWet(a) || a.step === 'dryCheck' || (before !== undefined && isWet(before));
    const alone = at(a.attendedUntil) - at(a.start);
    return !wet && at(a.attendedUntil) - since > Math.max(120 * MIN, alone);
  });
}

function longestStretch(list: readonly AuditTask[]): number {
  let from = 0;
  let until = -Infinity;
  let longest = 0;
  for (const a of list) {
    if (at(a.start) - until >= 15 * MIN) from = at(a.start);
    until = Math.max(until, at(a.attendedUntil));
    longest = Math.max(longest, until - from);
  }
  return longest / MIN;
}

/** A wash so long ago is another show's. */
const LATEST_WASH_DAYS = 10;

/** Blades on a day without a test before; coats that are never tested (smooth, wire before its bath) have none to come before. */
function untested(ahead: readonly AuditTask[], tasks: readonly AuditTask[], dayOf: (a: AuditTask) => string): string[] {
  return ahead.filter(isTrim).flatMap((a) => {
    const since = at(a.start) - LATEST_WASH_DAYS * 24 * 60 * MIN;
    const tests = tasks.filter(
      (b) => b.dogId === a.dogId && isTest(b) && at(b.start) < at(a.start) && at(b.start) > since,
    );
    return tests.length === 0 || tests.some((b) => dayOf(b) === dayOf(a)) ? [] : [`${a.dogId} ${a.step} ${dayOf(a)}`];
  });
}

const atHome = (kennel: AuditKennel, a: AuditTask): boolean => {
  const site = kennel.stations.find((s) => s.id === a.stationId)?.siteId;
  return kennel.sites.some((s) => s.id === site && s.home);
};

function tablesOf(kennel: AuditKennel, list: readonly AuditTask[]): number {
  const kinds = new Map(kennel.stations.map((s) => [s.id, s.kind]));
  return distinct(list.map((a) => a.stationId).filter((id) => id !== null && kinds.get(id) === 'table'));
}

function distinct(list: readonly unknown[]): number {
  return new Set(list.filter((x) => x !== undefined)).size;
}

function grouped<T>(list: readonly T[], key: (x: T) => string): Map<string, T[]> {
  const groups = new Map<string, T[]>();
  for (const x of list) groups.set(key(x), [...(groups.get(key(x)) ?? []), x]);
  return groups;
}
