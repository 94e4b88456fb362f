/*
 * Outlines as files: the open file that anybody can check, the picture that carries it, and the bench card on paper.
 */
import { outlineDataOf, outlineMeasures, outlineSvg } from '@loyal-mane/core';
import type {
  BodySide,
  CorrectionAmounts,
  CutAsk,
  LocalDay,
  OutlineFile,
  OutlineLine,
  OutlineMeasure,
  ZoneCut,
} from '@loyal-mane/core';
import { ZONE_NAMES, readOutline } from '@loyal-mane/library';
import type { CutKit } from '@loyal-mane/library';
import { monthDay, zoneCutWords } from '@loyal-mane/library/words';
import { recordOf } from '../../parts/dogRecord';
import type { Dog } from '../../parts/dogRecord';
import { shownCuts } from './outlineOf';
import type { SolvedOutline } from './outlineOf';
import type { OutlineDraft } from './useOutlineDraft';
import { zoneToolWords } from './zoneTool';

/** Sources of an outline. */
export interface OutlineSource {
  readonly dog: Dog;
  readonly zones: readonly CutAsk[];
  readonly side: BodySide;
  readonly draft: OutlineDraft;
  readonly sessionDay: LocalDay;
  readonly showDay: LocalDay;
}

/** The open file of a dog's outline. */
export function outlineFileOf({ dog, zones, side, draft, sessionDay, showDay }: OutlineSource): OutlineFile {
  const { lengths = [], wanted = [] } = recordOf(dog);
  const measures = { ...outlineMeasures(recordOf(dog)), ...draft.measures };
  const locked = zones.filter(({ answer }) => !answer.ok && answer.why !== 'notInMap' && answer.why !== 'fringe');
  return {
    format: 'loyal-mane-outline',
    version: 1,
    dog: dog.name,
    breed: dog.breed,
    measures: Object.entries(measures).map(([what, mm]) => ({ what: what as OutlineMeasure, mm })),
    lengths: lengths
      .filter((l) => l.day <= sessionDay)
      .map(({ zone, day, mm, side }) => ({ zone, day, mm, ...(side === undefined ? {} : { side }) })),
    wanted: [...wanted],
    locked: locked.map((z) => z.zone),
    corrections: Object.entries(draft.corrections).map(([what, amount]) => ({ what: what as never, amount })),
    lines: Object.entries(draft.lines).map(([what, ends]) => ({ what: what as OutlineLine, ...ends })),
    side,
    lengthPull: draft.lengthPull,
    sessionDay,
    showDay,
  };
}

/** The picture that carries its file. */
export function outlinePictureOf(source: OutlineSource, solved: SolvedOutline): string {
  return outlineSvg(solved.answer, solved.cuts, titleOf(source), JSON.stringify(outlineFileOf(source)));
}

function titleOf({ dog, sessionDay, showDay }: OutlineSource): string {
  return `${dog.name}, ${dog.breed}: cut on ${monthDay(sessionDay)} for ${monthDay(showDay)}`;
}

/** Draft that a file brings back: measures, corrections, how hard the length is kept; or its first fault. */
export function draftOfFile(text: string): { readonly draft: OutlineDraft } | { readonly wrong: string } {
  const data = text.trimStart().startsWith('<') ? outlineDataOf(text) : text;
  if (data === null) return { wrong: 'The picture carries no outline of ours.' };
  const read = readOutline(data);
  if (!read.ok) {
    const [first] = read.faults;
    return { wrong: first === undefined ? 'No outline.' : `${first.path}: ${first.detail}` };
  }
  const { measures, corrections = [], lines = [], lengthPull = 0.2 } = read.file;
  const amounts: CorrectionAmounts = Object.fromEntries(corrections.map((c) => [c.what, c.amount]));
  return {
    draft: {
      measures: Object.fromEntries(measures.map((m) => [m.what, m.mm])),
      corrections: amounts,
      lines: Object.fromEntries(lines.map(({ what, near, far }) => [what, { near, far }])),
      lengthPull,
    },
  };
}

/** Offers a file to be saved. */
export function saveFile(name: string, type: string, data: BlobPart): void {
  const url = URL.createObjectURL(new Blob([data], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}

/** Millimeters of an A4 page, lying. */
const PAGE = { width: 297, height: 210, margin: 12, picture: 165 } as const;
const LINE_MM = 5;

/** The bench card: picture and cut list on one page to hang at the table; tools are those of whoever cuts. */
export async function benchCard(source: OutlineSource, solved: SolvedOutline, kit: CutKit): Promise<ArrayBuffer> {
  const [{ jsPDF }, { svg2pdf }] = await Promise.all([import('jspdf'), import('svg2pdf.js')]);
  const page = new jsPDF({ orientation: 'landscape', unit: 'mm', format: 'a4' });
  const picture = outlinePictureOf(source, solved).replace(/<metadata>.*<\/metadata>/s, '');
  const svg = new DOMParser().parseFromString(plain(picture), 'image/svg+xml').documentElement;
  await svg2pdf(svg, page, { x: PAGE.margin, y: PAGE.margin, width: PAGE.picture, height: (PAGE.picture * 660) / 900 });
  const left = PAGE.margin + PAGE.picture + 6;
  const width = PAGE.width - PAGE.margin - left;
  let y: number = PAGE.margin + LINE_MM;
  page.setFontSize(14);
  page.text(plain(titleOf(source)), left, y, { maxWidth: width });
  y += 3 * LINE_MM;
  page.setFontSize(10);
  for (const cut of shownCuts(solved.cuts).shown.filter((c) => c.row.state !== 'locked')) {
    const lines = page.splitTextToSize(
      plain(`${cutLine(cut)} ${zoneToolWords(source.dog, cut, kit)}`.trim()),
      width,
    ) as string[];
    if (y + lines.length * LINE_MM > PAGE.height - PAGE.margin) {
      page.addPage();
      y = PAGE.margin + LINE_MM;
    }
    page.text(lines, left, y);
    y += lines.length * LINE_MM + 1.5;
  }
  return page.output('arraybuffer');
}

function cutLine(cut: ZoneCut): string {
  return `[  ] ${ZONE_NAMES[cut.row.zone]}: ${zoneCutWords(cut)}`;
}

/** The page's font has no such signs. */
function plain(text: string): string {
  return text.replaceAll('−', '-').replaceAll('’', "'");
}
