/*
 * Rounds that every dog needs every day, wherever it is: out, fed, watered, walked, unloaded and let settle. They are laid into
 * the minutes that the plan leaves to people who are there; what nobody has time for is said. A pure reading of kennel and plan.
 */
import type { Plan } from '../plan/plan.js';
import { isHere } from '../programs/dogFacts.js';
import type { LocalDay, WallTime } from '../time/localDay.js';
import { instantToMs, wallToMs } from '../time/zone.js';
import type { FactsKennel } from './dayFacts.js';

/** Kinds of rounds. */
export const ROUND_KINDS = ['morning', 'midday', 'evening', 'unload'] as const;
/** One of `ROUND_KINDS`. */
export type RoundKind = (typeof ROUND_KINDS)[number];

/** The part of a kennel that rounds are laid by; the API's shape and the kennel file both fit. */
export interface RoundsKennel extends Omit<FactsKennel, 'rings' | 'entries'> {
  readonly dogs: readonly (FactsKennel['dogs'][number] & {
    readonly stays?: readonly { readonly from: LocalDay; readonly until?: LocalDay }[];
    readonly record?: { readonly stays?: readonly { readonly from: LocalDay; readonly until?: LocalDay }[] };
  })[];
  readonly people: readonly { readonly id: string; readonly role: string }[];
  readonly shifts: readonly {
    readonly personId: string;
    readonly day: string;
    readonly start: string;
    readonly end: string;
    readonly pauses: readonly { readonly start: string; readonly end: string; readonly what: 'break' | 'care' }[];
  }[];
  readonly absences: readonly { readonly personId: string; readonly day: string }[];
}

/** Somebody's part of a round; times in Unix milliseconds. */
export interface RoundPart {
  readonly personId: string;
  readonly fromMs: number;
  readonly toMs: number;
}

/** One round of the dogs of one site. */
export interface CareRound {
  readonly kind: RoundKind;
  readonly siteId: string;
  readonly dogs: readonly string[];
  readonly minutes: number;
  readonly parts: readonly RoundPart[];
  /** Minutes that nobody has. */
  readonly lackingMin: number;
}

/** Minutes a dog in a group, and when a round may be (engineering defaults; feeding and walks by common practice). */
export const DEFAULT_ROUNDS_A_DAY: Readonly<
  Record<Exclude<RoundKind, 'unload'>, { readonly minADog: number; readonly from: string; readonly until: string }>
> = {
  morning: { minADog: 4, from: '05:30', until: '10:00' },
  midday: { minADog: 3, from: '11:00', until: '15:00' },
  evening: { minADog: 4, from: '16:00', until: '21:00' },
};
/** Unloading, water and a first walk, within an hour of arriving. */
export const DEFAULT_UNLOAD = { minADog: 4, withinMin: 60 } as const;
/** Whose work rounds are, first to last. */
const BY_ROLE = ['hand', 'bather', 'finisher', 'lead'];
/** No part of a round is shorter. */
const LEAST_PART_MIN = 10;
const MINUTE_MS = 60_000;

interface Span {
  readonly fromMs: number;
  readonly toMs: number;
}

/** Somebody's free time: what their shift keeps for care, and what no task takes. */
interface Free {
  readonly kept: Span[];
  readonly idle: Span[];
}

/** The rounds of a local day, in order of time. */
export function careRounds(kennel: RoundsKennel, plan: Plan | null, day: LocalDay): CareRound[] {
  const laying = new Laying(kennel, plan, day);
  const ms = (wall: string): number => wallToMs(day, wall as WallTime, kennel.settings.timeZone);
  const rounds: CareRound[] = [];
  for (const [kind, r] of Object.entries(DEFAULT_ROUNDS_A_DAY) as [
    Exclude<RoundKind, 'unload'>,
    (typeof DEFAULT_ROUNDS_A_DAY)['morning'],
  ][]) {
    const window = { fromMs: ms(r.from), toMs: ms(r.until) };
    for (const [siteId, dogs] of laying.dogsAt((window.fromMs + window.toMs) / 2))
      rounds.push(laying.lay(kind, siteId, dogs, r.minADog, window));
  }
  for (const t of kennel.transports.filter((x) => x.day === day && x.dogs.length > 0)) {
    const window = { fromMs: ms(t.arrive), toMs: ms(t.arrive) + DEFAULT_UNLOAD.withinMin * MINUTE_MS };
    rounds.push(laying.lay('unload', t.toSiteId, t.dogs, DEFAULT_UNLOAD.minADog, window));
  }
  return rounds.sort((x, y) => (x.parts[0]?.fromMs ?? Infinity) - (y.parts[0]?.fromMs ?? Infinity));
}

/** Lays rounds one after the other, each into what is left of people's time. */
class Laying {
  private readonly kennel: RoundsKennel;
  private readonly day: LocalDay;
  private readonly free = new Map<string, Free>();

  constructor(kennel: RoundsKennel, plan: Plan | null, day: LocalDay) {
    this.kennel = kennel;
    this.day = day;
    for (const p of kennel.people) this.free.set(p.id, this.freeOf(p.id, plan));
  }

  /** Dogs that are in the kennel's care, by the site where they are at a moment; none on the road. */
  dogsAt(atMs: number): Map<string, string[]> {
    const sites = new Map<string, string[]>();
    for (const dog of this.kennel.dogs) {
      const stays = dog.stays ?? dog.record?.stays ?? [];
      const site = isHere({ stays: [...stays] }, this.day) ? this.siteOf((t) => t.dogs.includes(dog.id), atMs) : null;
      if (site !== null) sites.set(site, [...(sites.get(site) ?? []), dog.id]);
    }
    return sites;
  }

  lay(kind: RoundKind, siteId: string, dogs: readonly string[], minADog: number, window: Span): CareRound {
    const minutes = dogs.length * minADog;
    const parts: RoundPart[] = [];
    let open = minutes;
    while (open > 0) {
      const part = this.longest(siteId, window, open, 'kept') ?? this.longest(siteId, window, open, 'idle');
      if (part === null) break;
      parts.push(part);
      open -= (part.toMs - part.fromMs) / MINUTE_MS;
    }
    parts.sort((x, y) => x.fromMs - y.fromMs);
    return { kind, siteId, dogs, minutes, parts, lackingMin: Math.max(0, Math.round(open)) };
  }

  /** The most that one person can take of a round, hands first and leads last; taken from their time. */
  private longest(siteId: string, window: Span, minutes: number, of: keyof Free): RoundPart | null {
    const offers = this.kennel.people
      .filter((p) => BY_ROLE.includes(p.role))
      .flatMap((p) => {
        const free = this.free.get(p.id);
        const spans = (free?.[of] ?? []).flatMap((s): Span[] => {
          const fromMs = Math.max(s.fromMs, window.fromMs);
          const toMs = Math.min(s.toMs, window.toMs, fromMs + minutes * MINUTE_MS);
          const isThere = this.siteOf((t) => t.people.includes(p.id), fromMs) === siteId;
          const least = Math.min(LEAST_PART_MIN, minutes) * MINUTE_MS;
          return isThere && toMs - fromMs >= least ? [{ fromMs, toMs }] : [];
        });
        const best = spans.sort((x, y) => y.toMs - y.fromMs - (x.toMs - x.fromMs))[0];
        return best === undefined ? [] : [{ personId: p.id, ...best, rank: BY_ROLE.indexOf(p.role) }];
      });
    const best = offers.sort((x, y) => x.rank - y.rank || y.toMs - y.fromMs - (x.toMs - x.fromMs))[0];
    if (best === undefined) return null;
    const { personId, fromMs, toMs } = best;
    const free = this.free.get(personId);
    if (free !== undefined) this.free.set(personId, { kept: without(free.kept, best), idle: without(free.idle, best) });
    return { personId, fromMs, toMs };
  }

  private freeOf(personId: string, plan: Plan | null): Free {
    const { kennel, day } = this;
    const ms = (wall: string): number => wallToMs(day, wall as WallTime, kennel.settings.timeZone);
    const isAway = kennel.absences.some((a) => a.personId === personId && a.day === day);
    const shifts = isAway ? [] : kennel.shifts.filter((s) => s.personId === personId && s.day === day);
    const pauses = shifts.flatMap((s) => s.pauses.map((p) => ({ ...p, fromMs: ms(p.start), toMs: ms(p.end) })));
    const tasks = (plan?.activities ?? []).filter((a) => (a.people as readonly string[]).includes(personId));
    const taken = tasks.map((a) => ({ fromMs: instantToMs(a.start), toMs: instantToMs(a.attendedUntil) }));
    const whole = shifts.map((s) => ({ fromMs: ms(s.start), toMs: ms(s.end) }));
    const idle = [...pauses, ...taken].reduce<Span[]>(without, whole);
    return {
      kept: taken.reduce<Span[]>(
        without,
        pauses.filter((p) => p.what === 'care'),
      ),
      idle,
    };
  }

  /** Site of whoever rides some transports at a moment; null on the road. */
  private siteOf(rides: (t: RoundsKennel['transports'][number]) => boolean, atMs: number): string | null {
    const zone = this.kennel.settings.timeZone;
    const mine = this.kennel.transports
      .filter(rides)
      .sort((x, y) => `${x.day}${x.depart}`.localeCompare(`${y.day}${y.depart}`));
    let site = this.kennel.sites.find((s) => s.home)?.id ?? null;
    for (const t of mine) {
      if (wallToMs(t.day as LocalDay, t.depart as WallTime, zone) > atMs) break;
      site = wallToMs(t.day as LocalDay, t.arrive as WallTime, zone) > atMs ? null : t.toSiteId;
    }
    return site;
  }
}

/** Spans with one cut out of them. */
function without(spans: readonly Span[], cut: Span): Span[] {
  return spans.flatMap((s): Span[] => {
    if (cut.toMs <= s.fromMs || cut.fromMs >= s.toMs) return [s];
    return [
      ...(cut.fromMs > s.fromMs ? [{ fromMs: s.fromMs, toMs: cut.fromMs }] : []),
      ...(cut.toMs < s.toMs ? [{ fromMs: cut.toMs, toMs: s.toMs }] : []),
    ];
  });
}
