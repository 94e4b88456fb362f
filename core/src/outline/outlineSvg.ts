/*
 * An outline as an SVG picture that carries what it was reckoned from, so that it comes back in without loss: the file's own text in a
 * metadata element of our namespace, escaped as XML asks.
 */
import { areasBetween, bodyRings, coatRings, ringPath } from './outlineDrawing.js';
import type { OutlineAnswer } from './outlineModel.js';
import type { ZoneCut } from './outlineCuts.js';
import type { Point } from './spline.js';
import { tipAt } from './stations.js';

/** Namespace of the model's data in a picture. */
export const OUTLINE_NAMESPACE = 'urn:loyal-mane:outline:1';

const WIDTH = 900;
const HEIGHT = 660;
const MARGIN = 40;
const GROUND = 600;

/** Colors of the picture; print is black on white. */
const COLORS = { coat: '#cdba9c', body: '#ffffff', off: '#a63c26', missing: '#23597a', ink: '#1f2a2e' };

/** Picture of a solved outline with its numbers; `title` is read by people, `data` comes back from `outlineDataOf`. */
export function outlineSvg(answer: OutlineAnswer, cuts: readonly ZoneCut[], title: string, data: string): string {
  const { stations } = answer;
  const outer = stations.map((s) => Math.max(s.onDayDepth, s.targetDepth, 0));
  const view = fitted(stations.flatMap((s, i): Point[] => [s.root, tipAt(s, outer[i] as number)]));
  const [left, wanted] = [stations.map((s) => s.onDayDepth), stations.map((s) => s.depth)];
  const path = (rings: readonly (readonly Point[])[], style: string): string =>
    `<path d="${ringPath(rings, view)}" fill-rule="nonzero" ${style}/>`;
  const target = stations.map((s) => s.targetDepth);
  const numbers = cuts.flatMap(({ row, worst }) => {
    const s = worst === null ? undefined : stations[worst];
    const mm = Math.round((row.missingMm - row.takeOffMm) * 2) / 2;
    if (s === undefined || mm === 0) return [];
    const [x, y] = tipAt(s, (outer[worst as number] as number) + 14 / view.scale);
    const at = `x="${(view.x + x * view.scale).toFixed(1)}" y="${(view.y - y * view.scale).toFixed(1)}"`;
    return [
      `<text ${at} fill="${mm > 0 ? COLORS.missing : COLORS.off}">${mm > 0 ? '+' : '−'}${String(Math.abs(mm))}</text>`,
    ];
  });
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${String(WIDTH)} ${String(HEIGHT)}" width="${String(WIDTH)}" height="${String(HEIGHT)}">`,
    `<title>${escaped(title)}</title>`,
    `<metadata><data xmlns="${OUTLINE_NAMESPACE}">${escaped(data)}</data></metadata>`,
    `<rect width="${String(WIDTH)}" height="${String(HEIGHT)}" fill="#ffffff"/>`,
    path(coatRings(stations, left), `fill="#f7dfd6" stroke="${COLORS.off}" stroke-dasharray="4 3"`),
    path(coatRings(stations, wanted), `fill="none" stroke="${COLORS.ink}" stroke-width="4"`),
    path(coatRings(stations, wanted), `fill="${COLORS.coat}"`),
    path(areasBetween(stations, target, left, 0.5), `fill="#d9e7ee" stroke="${COLORS.missing}"`),
    path(bodyRings(stations), `fill="${COLORS.body}" stroke="#8a8371" stroke-width="0.7"`),
    `<g font-family="sans-serif" font-size="15" font-weight="bold" text-anchor="middle">${numbers.join('')}</g>`,
    `<text x="${String(MARGIN)}" y="${String(HEIGHT - 18)}" font-family="sans-serif" font-size="16">${escaped(title)}</text>`,
    '</svg>',
    '',
  ].join('\n');
}

function fitted(points: readonly Point[]): { scale: number; x: number; y: number; mirrored: boolean } {
  const [xs, ys] = [points.map((p) => p[0]), points.map((p) => p[1])];
  const [from, to, top] = [Math.min(...xs), Math.max(...xs), Math.max(...ys)];
  const scale = Math.min((WIDTH - 2 * MARGIN) / (to - from), (GROUND - MARGIN) / top);
  return { scale, x: WIDTH / 2 - ((from + to) / 2) * scale, y: GROUND, mirrored: false };
}

function escaped(text: string): string {
  return text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;').replaceAll('"', '&quot;');
}

/** The data that a picture carries; null for a picture that is not one of ours. */
export function outlineDataOf(svg: string): string | null {
  const found = new RegExp(`<data xmlns="${OUTLINE_NAMESPACE}">([^<]*)</data>`).exec(svg);
  if (found === null) return null;
  return (found[1] as string)
    .replaceAll('&quot;', '"')
    .replaceAll('&gt;', '>')
    .replaceAll('&lt;', '<')
    .replaceAll('&amp;', '&');
}
