/*
 * Care of tools, due from real use: brushes cleared after a dog, shears oiled and sharpened, blades serviced by the hours they
 * ran, filters and cords of dryers looked at. A tool is somebody's of the kit, or a station.
 */
import type { CareRecord, WorkRecord } from '../kennel/kennelFile.js';
import type { KennelPerson } from '../kennel/personRecord.js';
import { TOOL_KINDS } from '../kennel/vocabulary.js';
import type { CareJob, StationKind, ToolKind } from '../kennel/vocabulary.js';
import type { LocalDay, WallTime } from '../time/localDay.js';
import { instantToMs, wallToMs } from '../time/zone.js';

const DAY_MS = 86_400_000;
/** A day on which shears came back sharpened counts from its noon. */
const NOON = '12:00' as WallTime;

/** Kinds of things that are cared for. */
export type CaredKind = ToolKind | Extract<StationKind, 'forceDryer' | 'standDryer' | 'tub'>;

/** One job on some kinds of tools: after every use, after so many minutes of use, or every so many days. */
export interface CareRule {
  readonly job: CareJob;
  readonly kinds: readonly CaredKind[];
  readonly after: 'use' | { readonly minutes: number } | { readonly days: number };
}

/** Something that is cared for. */
export interface CaredTool {
  readonly key: string;
  readonly kind: CaredKind;
  /** Whose it is; null for a station, which is everybody's. */
  readonly personId: string | null;
  readonly stationId: string | null;
  /** Last sharpened, as the kit says. */
  readonly sharpened?: LocalDay;
}

/** Work that wears tools: the minutes of some tasks of one kind, up to the last of them. */
export interface ToolWork extends Pick<WorkRecord, 'personId' | 'stationId'> {
  readonly minutes: number;
  readonly untilMs: number;
  /** Kinds of tools of its step on this coat. */
  readonly tools: readonly ToolKind[];
}

/** One job on one tool as it stands now. */
export interface ToolJob {
  readonly tool: CaredTool;
  readonly job: CareJob;
  readonly isDue: boolean;
  /** Minutes of use since it was done last. */
  readonly usedMin: number;
  /** When it was done last, Unix milliseconds; null = not on record. */
  readonly lastMs: number | null;
  /** Minutes of use until it is due; null where use does not count in minutes. */
  readonly leftMin: number | null;
}

/** The key of somebody's tool. */
export const toolKey = (personId: string, kind: ToolKind): string => `${personId}.${kind}`;

interface CaredKennel {
  readonly people: readonly (Pick<KennelPerson, 'id' | 'role'> & { readonly kit?: KennelPerson['kit'] })[];
  readonly stations: readonly { readonly id: string; readonly kind: StationKind }[];
}

/** Stations whose care is told. */
const CARED_STATIONS: readonly StationKind[] = ['forceDryer', 'standDryer', 'tub'];

/** Everything that is cared for: kits as they are written down, else the tools that somebody has worked with; stations. */
export function caredTools({ people, stations }: CaredKennel, work: readonly ToolWork[]): CaredTool[] {
  const kits = people
    .filter((p) => p.role !== 'owner')
    .flatMap(({ id, kit }) => {
      const used = new Set(work.filter((w) => w.personId === id).flatMap((w) => w.tools));
      const kinds = kit === undefined ? used : new Set(kit.map((t) => t.tool));
      return TOOL_KINDS.filter((k) => kinds.has(k)).map((kind): CaredTool => {
        const sharpened = (kit ?? []).flatMap((t) =>
          t.tool === kind && t.sharpened !== undefined ? [t.sharpened] : [],
        );
        const last = sharpened.sort().at(-1);
        return {
          ...{ key: toolKey(id, kind), kind, personId: id, stationId: null },
          ...(last === undefined ? {} : { sharpened: last }),
        };
      });
    });
  const shared = stations.flatMap(({ id, kind }): CaredTool[] =>
    CARED_STATIONS.includes(kind) ? [{ key: id, kind: kind as CaredKind, personId: null, stationId: id }] : [],
  );
  return [...kits, ...shared];
}

/** All jobs on all tools, those that are due first. `zone`: the kennel's time zone, for days on which shears were sharpened. */
export function toolJobs(
  tools: readonly CaredTool[],
  rules: readonly CareRule[],
  work: readonly ToolWork[],
  done: readonly CareRecord[],
  { nowMs, zone }: { readonly nowMs: number; readonly zone: string },
): ToolJob[] {
  const worn = wearByTool(work);
  const jobs = tools.flatMap((tool) =>
    rules
      .filter((r) => r.kinds.includes(tool.kind))
      .map(({ job, after }): ToolJob => {
        const lastMs = lastOf(tool, job, done, zone);
        const since = (worn.get(tool.key) ?? []).filter((w) => lastMs === null || w.untilMs > lastMs);
        const usedMin = since.reduce((sum, w) => sum + w.minutes, 0);
        const leftMin = typeof after === 'object' && 'minutes' in after ? Math.max(0, after.minutes - usedMin) : null;
        const isDue =
          after === 'use'
            ? since.length > 0
            : 'days' in after
              ? (tool.stationId !== null || since.length > 0) &&
                (lastMs === null || nowMs - lastMs >= after.days * DAY_MS)
              : leftMin === 0;
        return { tool, job, isDue, usedMin, lastMs, leftMin };
      }),
  );
  return jobs.sort((x, y) => Number(y.isDue) - Number(x.isDue));
}

/** Work that wears each tool, by its key. */
function wearByTool(work: readonly ToolWork[]): Map<string, ToolWork[]> {
  const worn = new Map<string, ToolWork[]>();
  const add = (key: string, w: ToolWork): void => void worn.set(key, [...(worn.get(key) ?? []), w]);
  for (const w of work) {
    const { personId, stationId } = w;
    if (stationId !== undefined) add(stationId, w);
    if (personId !== undefined) for (const kind of new Set(w.tools)) add(toolKey(personId, kind), w);
  }
  return worn;
}

function lastOf({ key, sharpened }: CaredTool, job: CareJob, done: readonly CareRecord[], zone: string): number | null {
  const times = done.filter((d) => d.tool === key && d.job === job).map((d) => instantToMs(d.at));
  if (job === 'sharpen' && sharpened !== undefined) times.push(wallToMs(sharpened, NOON, zone));
  return times.length === 0 ? null : Math.max(...times);
}
