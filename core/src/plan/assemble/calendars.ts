/*
 * Who and what is where and when, as arrays by slot: shifts without breaks, absences, transports, closures, circuits.
 */
import { addDays } from '../../time/localDay.js';
import type { WallTime } from '../../time/localDay.js';
import { slotsOf } from '../../time/slotGrid.js';
import type { KennelDog } from '../../kennel/dogRecord.js';
import type { KennelShift, KennelStation, KennelTransport } from '../../kennel/kennelFile.js';
import type { StationKind } from '../../kennel/vocabulary.js';
import { isPuppy } from '../../programs/dogFacts.js';
import { standMinutesOf } from '../../programs/dogProgram.js';
import { dryerHours, rulesOf } from '../../programs/ruleSet.js';
import { DEFAULT_SCISSOR_MIN } from '../../kennel/limits.js';
import type { PlanInput } from './planInput.js';
import type { Problem, ProblemDog, ProblemPerson, ProblemStation } from '../problem.js';
import { demandOf } from '../problem.js';

/** A whole day's noise dose, in hundredths of a percent. */
const NOISE_DAY = 100 * 100;
const DRYERS: readonly StationKind[] = ['forceDryer', 'standDryer'];
const MIDNIGHT = '00:00' as WallTime;
const DAY_END = '24:00' as WallTime;

type Calendars = Pick<Problem, 'workers' | 'machines' | 'supplies' | 'jobs'>;

/** Fixed calendars of people, dogs, stations and circuits. */
export function makeCalendars(input: PlanInput): Calendars {
  const { kennel } = input;
  return {
    workers: kennel.people.map((person) => personCalendar(input, person.id)),
    jobs: kennel.dogs.map((dog) => dogCalendar(input, dog.id)),
    machines: stationCalendars(input),
    supplies: kennel.circuits.map((c) => demandOf(c.amps)),
  };
}

/** Site by slot of somebody who rides some transports, from where they begin; -1 on the road. */
function whereabouts(
  input: PlanInput,
  rides: (t: KennelTransport) => boolean,
  from: Int8Array = new Int8Array(input.grid.horizon + 1).fill(input.homeSite),
): Int8Array {
  const { grid, kennel } = input;
  const sites = from;
  const mine = kennel.transports
    .filter(rides)
    .sort((x, y) => `${x.day}${x.depart}`.localeCompare(`${y.day}${y.depart}`));
  for (const t of mine) {
    const depart = grid.slotAt(t.day, t.depart, 'floor');
    const arrive = grid.slotAt(t.day, t.arrive, 'ceil');
    sites.fill(-1, depart, arrive);
    sites.fill(input.siteIndex.get(t.toSiteId) ?? input.homeSite, arrive);
  }
  return sites;
}

function personCalendar(input: PlanInput, id: string): ProblemPerson {
  const { grid, kennel } = input;
  const person = kennel.people.find((p) => p.id === id);
  if (person === undefined) throw new Error(`personCalendar: no person ${id}`);
  const where = whereabouts(input, (t) => t.people.includes(person.id));
  const site = new Int8Array(grid.horizon + 1).fill(-1);
  const over = new Uint8Array(grid.horizon + 1);
  const away = new Set(kennel.absences.filter((a) => a.personId === id).map((a) => a.day));
  const absent = new Int8Array(away.size === 0 ? 0 : grid.horizon + 1).fill(-1);
  for (const shift of kennel.shifts) {
    if (shift.personId !== id) continue;
    if (!away.has(shift.day)) layShift(input, shift, where, site, over);
    // No overtime is asked of somebody who has only just been asked to come at all.
    else layShift(input, { ...shift, overtimeEnd: shift.end }, where, absent, over);
  }
  const index = input.personIndex.get(person.id);
  for (const rest of input.rests) if (rest.person === index) site.fill(-1, rest.from, rest.to);
  return {
    name: person.name,
    skills: new Set(person.skills),
    site,
    over,
    seams: [],
    ...(away.size === 0 ? {} : { absent }),
    ...(kennel.transports.some((t) => t.people.includes(person.id)) ? { whereabouts: where } : {}),
    precisionCap: slotsOf(person.scissorMinPerDay ?? DEFAULT_SCISSOR_MIN),
    exposureCap: NOISE_DAY,
  };
}

function layShift(input: PlanInput, shift: KennelShift, where: Int8Array, site: Int8Array, over: Uint8Array): void {
  const { grid } = input;
  // Real times are rounded inward here: a person is not at work before the shift begins.
  const start = grid.slotAt(shift.day, shift.start, 'ceil');
  const end = grid.slotAt(shift.day, shift.end, 'floor');
  const last = Math.max(end, grid.slotAt(shift.day, shift.overtimeEnd, 'floor'));
  for (let t = start; t < last; t++) site[t] = where[t] ?? -1;
  over.fill(1, end, last);
  for (const pause of shift.pauses) {
    site.fill(-1, grid.slotAt(shift.day, pause.start, 'floor'), grid.slotAt(shift.day, pause.end, 'ceil'));
  }
}

function dogCalendar(input: PlanInput, id: string): ProblemDog {
  const dog = input.kennel.dogs.find((d) => d.id === id);
  if (dog === undefined) throw new Error(`dogCalendar: no dog ${id}`);
  const standMin = standMinutesOf(dog, input.kennel, input.library, isPuppy(dog, input));
  return {
    name: dog.name,
    ...dogSites(input, dog),
    strainCap: Math.max(1, Math.floor(standMin / 5)),
  };
}

/** Site by slot of a dog: only while it is in the kennel's care; where it is brought, and where it rides. */
function dogSites(input: PlanInput, dog: KennelDog): Pick<ProblemDog, 'site' | 'always'> {
  const { grid } = input;
  const rides = (t: KennelTransport): boolean => t.dogs.includes(dog.id);
  const stays = dog.stays ?? [];
  if (stays.length === 0) return { site: whereabouts(input, rides) };
  const begins = new Int8Array(grid.horizon + 1).fill(input.homeSite);
  const here = new Uint8Array(grid.horizon + 1);
  for (const s of [...stays].sort((x, y) => x.from.localeCompare(y.from))) {
    const first = s.from < grid.firstDay ? 0 : grid.slotAt(s.from, s.arrives ?? MIDNIGHT, 'ceil');
    const end = s.until === undefined ? grid.horizon : grid.slotAt(s.until, s.leaves ?? DAY_END, 'floor');
    here.fill(1, first, Math.max(first, end));
    begins.fill(s.broughtTo === undefined ? input.homeSite : (input.siteIndex.get(s.broughtTo) ?? -1), first);
  }
  const site = whereabouts(input, rides, begins).map((at, t) => (here[t] === 1 ? at : -1));
  return { site, always: whereabouts(input, rides) };
}

function stationCalendars(input: PlanInput): ProblemStation[] {
  const byId = new Map(input.kennel.stations.map((s) => [s.id, s]));
  const circuits = new Map(input.kennel.circuits.map((c, i) => [c.id as string, i]));
  return input.units.map((unit) => {
    const s = byId.get(unit.id) as KennelStation;
    const barred = barredSlots(input, s);
    return {
      name: s.name,
      kind: s.kind,
      site: input.siteIndex.get(s.siteId) ?? -1,
      supply: s.circuitId === undefined ? -1 : (circuits.get(s.circuitId) ?? -1),
      ramp: s.ramp === true,
      lengthCm: s.lengthCm ?? Infinity,
      closed: closedSlots(input, s, barred),
      barred,
    };
  });
}

/** Dryers on a show's ground keep its hours, from the evening before its first day to the end of its last. */
function barredSlots({ grid, kennel }: PlanInput, s: KennelStation): Uint8Array {
  const barred = new Uint8Array(grid.horizon + 1);
  if (!DRYERS.includes(s.kind)) return barred;
  for (const show of kennel.shows.filter((x) => x.siteId === s.siteId)) {
    const hours = dryerHours(rulesOf(show));
    if (hours === null) continue;
    const before = addDays(show.firstDay, -1);
    for (let day = before; day <= show.lastDay; day = addDays(day, 1)) {
      if (day > before) barred.fill(1, grid.slotAt(day, MIDNIGHT, 'floor'), grid.slotAt(day, hours.from, 'ceil'));
      barred.fill(1, grid.slotAt(day, hours.until, 'floor'), grid.slotAt(day, DAY_END, 'ceil'));
    }
  }
  return barred;
}

function closedSlots(input: PlanInput, s: KennelStation, barred: Uint8Array): Uint8Array {
  const { grid } = input;
  const closed = barred.slice();
  for (const c of s.closures) {
    const first = grid.slotAt(c.day, c.start, 'floor');
    closed.fill(1, first, Math.max(first, grid.slotAt(c.day, c.end, 'ceil')));
  }
  return closed;
}
