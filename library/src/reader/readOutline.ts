/*
 * An outline file, read and checked, and the answer to it: depths and lengths by station, the balance, the cut list.
 */
import type { CutAsk, KennelDog, LocalDay, OutlineFault, OutlineFile, ZoneCut } from '@loyal-mane/core';
import { outlineFaults, outlineOfDog, outlineSvg, solveOutline, zoneAsks, zoneCuts } from '@loyal-mane/core';
import { CARE_LIBRARY } from '../careLibrary.js';

/** An outline file that was read, or its faults. */
export type OutlineRead =
  { readonly ok: true; readonly file: OutlineFile } | { readonly ok: false; readonly faults: readonly OutlineFault[] };

/** Reads and checks an outline file. Never throws on bad input. */
export function readOutline(text: string): OutlineRead {
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch (error) {
    return {
      ok: false,
      faults: [{ path: 'file', detail: `is no JSON: ${error instanceof Error ? error.message : ''}` }],
    };
  }
  const shape = outlineFaults(data);
  if (shape.length > 0) return { ok: false, faults: shape };
  const file = data as OutlineFile;
  const faults = senseFaults(file);
  return faults.length === 0 ? { ok: true, file } : { ok: false, faults };
}

/** Faults that a schema cannot find. */
function senseFaults(file: OutlineFile): OutlineFault[] {
  const faults: OutlineFault[] = [];
  const wrong = (path: string, detail: string): void => void faults.push({ path, detail });
  const days = [file.sessionDay, file.showDay, ...file.lengths.map((l) => l.day)];
  if (days.some((d) => Number.isNaN(Date.parse(d)))) wrong('file', 'has a day that is none');
  if (!CARE_LIBRARY.breeds.has(file.breed)) wrong('breed', `there is no breed "${file.breed}" in the library`);
  if (file.showDay < file.sessionDay) wrong('showDay', 'is before the cut');
  file.lengths.forEach((l, i) => {
    if (l.day > file.sessionDay) wrong(`lengths[${String(i)}].day`, 'is after the cut');
  });
  for (const list of ['measures', 'wanted', 'corrections', 'lines'] as const) {
    const seen = new Set<string>();
    (file[list] ?? []).forEach((row, i) => {
      const key = 'zone' in row ? row.zone : row.what;
      if (seen.has(key)) wrong(`${list}[${String(i)}]`, `${key} is there twice`);
      seen.add(key);
    });
  }
  return faults;
}

/** One station of the answer; rounded to a thousandth of a millimeter. */
interface StationOut {
  readonly part: string;
  readonly zone: string;
  readonly rootMm: readonly [number, number];
  readonly depthMm: { readonly ifLeft: number; readonly wanted: number; readonly target: number };
  readonly hairMm: { readonly wanted: number; readonly ifLeft: number };
  readonly isHidden: boolean;
  readonly isKnown: boolean;
}

/** The answer to an outline file, and its picture. */
export interface OutlineOut {
  readonly answer: {
    readonly format: 'loyal-mane-outline-answer';
    readonly version: 1;
    readonly heightMm: number;
    readonly leftAside: readonly string[];
    readonly objectiveMm2: number;
    readonly residualMm: number;
    readonly stations: readonly StationOut[];
    readonly cutList: readonly ZoneCut[];
  };
  readonly svg: string;
}

const round = (mm: number): number => Math.round(mm * 1000) / 1000;

/** Reckons an outline file that was read; throws for a breed that the library does not have. */
export function reckonOutline(file: OutlineFile): OutlineOut {
  const breed = CARE_LIBRARY.breeds.get(file.breed);
  if (breed === undefined) throw new Error(`reckonOutline: no breed ${file.breed}`);
  const dog = dogOf(file);
  const zones: CutAsk[] = zoneAsks(dog, breed, CARE_LIBRARY, file.sessionDay, false, file.side);
  const outline = outlineOfDog(dog, breed, CARE_LIBRARY, zones, file.showDay);
  if (outline === null) throw new Error(`reckonOutline: no shape for ${file.breed}`);
  const solved = solveOutline(outline.ask);
  const cuts = zoneCuts(solved, outline.ask, file.sessionDay);
  const title = `${file.dog ?? file.breed}, cut ${file.sessionDay} for ${file.showDay}`;
  return {
    answer: {
      format: 'loyal-mane-outline-answer',
      version: 1,
      heightMm: outline.ask.heightMm,
      leftAside: outline.leftAside,
      objectiveMm2: solved.objective,
      residualMm: solved.residualMm,
      stations: solved.stations.map((s) => ({
        part: s.part,
        zone: s.zone,
        rootMm: [round(s.root[0]), round(s.root[1])],
        depthMm: { ifLeft: round(s.onDayDepth), wanted: round(s.depth), target: round(s.targetDepth) },
        hairMm: { wanted: round(s.depth / s.reach), ifLeft: round(s.onDayDepth / s.reach) },
        isHidden: s.isHidden,
        isKnown: s.hair !== null,
      })),
      cutList: cuts.filter((c) => c.row.atSessionMm !== null || c.row.wantedMm !== null),
    },
    svg: outlineSvg(solved, cuts, title, JSON.stringify(file)),
  };
}

/** The file's dog as a record; what the outline does not ask for is a middling dog's. */
function dogOf(file: OutlineFile): KennelDog {
  return {
    breed: file.breed,
    born: '2000-01-01' as LocalDay,
    growsCoat: file.growsCoat ?? false,
    locked: file.locked ?? [],
    measures: file.measures.map((m) => ({ day: file.sessionDay, what: m.what, cm: m.mm / 10 })),
    lengths: file.lengths,
    wanted: file.wanted ?? [],
    outline: {
      corrections: file.corrections ?? [],
      lines: file.lines ?? [],
      ...(file.lengthPull === undefined ? {} : { lengthPull: file.lengthPull }),
    },
  } as unknown as KennelDog;
}
