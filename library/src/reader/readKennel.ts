/*
 * Text to kennel, or a list of everything that is wrong with it. First the schema, then what a schema cannot say:
 * ids that point nowhere, shifts that end before they begin, a dog twice in one ring, work that nobody can do.
 */
import type { CareLibrary, KennelFile } from '@loyal-mane/core';
import {
  COAT_CLASSES,
  KennelFileSchema,
  isZone,
  productFaults,
  programFaults,
  withKennelBreeds,
} from '@loyal-mane/core';
import { PRODUCTS } from '../products.js';
import { BODY_SHAPES } from '../outline/bodyShapes.js';
import type { KennelIssue, ReadResult } from './kennelIssue.js';
import { chipIssues } from './chipIssues.js';
import { peopleIssues } from './peopleIssues.js';
import { MOST_ISSUES, compileSchema, schemaIssues } from './schemaIssues.js';
import { showIssues } from './showIssues.js';

const validate = compileSchema<KennelFile>(KennelFileSchema);

/** Reads and checks a kennel file. Never throws on bad input. */
export function readKennel(text: string, shipped: CareLibrary): ReadResult {
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch (error) {
    return { ok: false, issues: [{ code: 'json', path: 'file', detail: error instanceof Error ? error.message : '' }] };
  }
  if (!validate(data)) return { ok: false, issues: schemaIssues(validate.errors ?? []) };
  const kennel = data;
  const issues = [...kennelIssues(kennel, shipped), ...workIssues(kennel)];
  return issues.length === 0 ? { ok: true, kennel } : { ok: false, issues: issues.slice(0, MOST_ISSUES) };
}

/** Faults that a schema cannot find in a kennel, its work records left aside. */
export function kennelIssues(kennel: KennelFile, shipped: CareLibrary): KennelIssue[] {
  const library = withKennelBreeds(shipped, kennel.breeds);
  return [
    ...idIssues(kennel),
    ...siteIssues(kennel),
    ...peopleIssues(kennel),
    ...breedIssues(kennel, library),
    ...methodIssues(kennel, library),
    ...showIssues(kennel, library),
    ...chipIssues(kennel),
    ...bottleIssues(kennel),
  ];
}

/** No bottle holds more than when it was full. */
function bottleIssues({ bottles = [] }: KennelFile): KennelIssue[] {
  return bottles.flatMap((b, i): KennelIssue[] =>
    b.leftMl > b.sizeMl ? [{ code: 'overfull', path: `bottles[${String(i)}].leftMl`, sizeMl: b.sizeMl }] : [],
  );
}

const LISTS = [
  'sites',
  'circuits',
  'stations',
  'people',
  'shifts',
  'absences',
  'transports',
  'owners',
  'dogs',
  'shows',
  'rings',
  'entries',
  'bottles',
] as const;

function idIssues(kennel: KennelFile): KennelIssue[] {
  const seen = new Set<string>();
  const issues: KennelIssue[] = [];
  for (const list of LISTS) {
    (kennel[list] ?? []).forEach((row, i) => {
      if (seen.has(row.id)) issues.push({ code: 'duplicateId', path: `${list}[${String(i)}].id`, id: row.id });
      seen.add(row.id);
    });
  }
  return [...issues, ...referenceIssues(kennel)];
}

function referenceIssues(kennel: KennelFile): KennelIssue[] {
  const issues: KennelIssue[] = [];
  const ids = (rows: readonly { id: string }[]): Set<string> => new Set(rows.map((r) => r.id));
  const sites = ids(kennel.sites);
  const people = ids(kennel.people);
  const dogs = ids(kennel.dogs);
  const need = (known: Set<string>, what: string, id: string | undefined, path: string): void => {
    if (id !== undefined && !known.has(id)) issues.push({ code: 'unknownId', path, what, id });
  };
  const circuits = ids(kennel.circuits);
  const shows = ids(kennel.shows);
  const rings = ids(kennel.rings);
  const owners = ids(kennel.owners);
  kennel.circuits.forEach((c, i) => need(sites, 'site', c.siteId, `circuits[${String(i)}].siteId`));
  kennel.stations.forEach((s, i) => {
    need(sites, 'site', s.siteId, `stations[${String(i)}].siteId`);
    need(circuits, 'circuit', s.circuitId, `stations[${String(i)}].circuitId`);
  });
  kennel.shifts.forEach((s, i) => need(people, 'person', s.personId, `shifts[${String(i)}].personId`));
  kennel.absences.forEach((a, i) => need(people, 'person', a.personId, `absences[${String(i)}].personId`));
  kennel.transports.forEach((t, i) => {
    const path = `transports[${String(i)}]`;
    need(sites, 'site', t.fromSiteId, `${path}.fromSiteId`);
    need(sites, 'site', t.toSiteId, `${path}.toSiteId`);
    t.people.forEach((id, k) => need(people, 'person', id, `${path}.people[${String(k)}]`));
    t.dogs.forEach((id, k) => need(dogs, 'dog', id, `${path}.dogs[${String(k)}]`));
  });
  kennel.people.forEach((p, i) => need(owners, 'owner', p.ownerId, `people[${String(i)}].ownerId`));
  kennel.dogs.forEach((d, i) => {
    const path = `dogs[${String(i)}]`;
    need(owners, 'owner', d.ownerId, `${path}.ownerId`);
    need(people, 'person', d.finisherId, `${path}.finisherId`);
    need(people, 'person', d.batherId, `${path}.batherId`);
    d.stays?.forEach((s, k) => need(sites, 'site', s.broughtTo, `${path}.stays[${String(k)}].broughtTo`));
  });
  kennel.shows.forEach((s, i) => need(sites, 'site', s.siteId, `shows[${String(i)}].siteId`));
  kennel.rings.forEach((r, i) => need(shows, 'show', r.showId, `rings[${String(i)}].showId`));
  kennel.entries.forEach((e, i) => {
    const path = `entries[${String(i)}]`;
    need(dogs, 'dog', e.dogId, `${path}.dogId`);
    need(shows, 'show', e.showId, `${path}.showId`);
    need(rings, 'ring', e.ringId, `${path}.ringId`);
    need(people, 'person', e.handlerId, `${path}.handlerId`);
  });
  const stations = ids(kennel.stations);
  kennel.toolCare?.forEach((c, i) => need(people, 'person', c.by, `toolCare[${String(i)}].by`));
  kennel.pins?.forEach((p, i) => {
    need(people, 'person', p.personId, `pins[${String(i)}].personId`);
    need(stations, 'station', p.stationId, `pins[${String(i)}].stationId`);
  });
  return issues;
}

function workIssues(kennel: KennelFile): KennelIssue[] {
  const dogs = new Set<string>(kennel.dogs.map((d) => d.id));
  return kennel.work.flatMap((w, i): KennelIssue[] =>
    dogs.has(w.dogId) ? [] : [{ code: 'unknownId', path: `work[${String(i)}].dogId`, what: 'dog', id: w.dogId }],
  );
}

function siteIssues(kennel: KennelFile): KennelIssue[] {
  const issues: KennelIssue[] = [];
  if (!isZone(kennel.settings.timeZone)) {
    issues.push({ code: 'unknownZone', path: 'settings.timeZone', zone: kennel.settings.timeZone });
  }
  if (kennel.sites.filter((s) => s.home).length !== 1) issues.push({ code: 'noHome', path: 'sites' });
  kennel.stations.forEach((s, i) => {
    s.closures.forEach((c, k) => {
      const path = `stations[${String(i)}].closures[${String(k)}]`;
      if (c.end <= c.start) issues.push({ code: 'endsBeforeStart', path, start: c.start, end: c.end });
    });
  });
  return issues;
}

function breedIssues(kennel: KennelFile, library: CareLibrary): KennelIssue[] {
  return kennel.dogs.flatMap((d, i): KennelIssue[] => {
    if (library.breeds.has(d.breed)) return [];
    const wanted = d.breed.toLowerCase();
    const nearest = [...library.breeds.keys()].find(
      (b) => b.toLowerCase().includes(wanted) || wanted.includes(b.toLowerCase()),
    );
    return [{ code: 'unknownBreed', path: `dogs[${String(i)}].breed`, breed: d.breed, nearest: nearest ?? null }];
  });
}

/** Own breeds drawn by a silhouette that there is, programs that can be worked. */
function methodIssues(kennel: KennelFile, library: CareLibrary): KennelIssue[] {
  const shapes = (kennel.breeds ?? []).flatMap((b, i): KennelIssue[] =>
    b.badge in BODY_SHAPES ? [] : [{ code: 'unknownBadge', path: `breeds[${String(i)}].badge`, badge: b.badge }],
  );
  const changes = kennel.methods?.steps ?? [];
  const touched = COAT_CLASSES.filter((coat) => changes.some((c) => c.coat === coat));
  const faults = touched.flatMap((coat) => programFaults(library, library.programs[coat], changes, kennel.people));
  const products = productFaults(PRODUCTS, kennel.methods?.products ?? []);
  return [
    ...shapes,
    ...faults.map((fault): KennelIssue => ({ code: 'programFault', path: 'methods.steps', fault })),
    ...products.map((fault): KennelIssue => ({ code: 'productFault', path: 'methods.products', fault })),
  ];
}
