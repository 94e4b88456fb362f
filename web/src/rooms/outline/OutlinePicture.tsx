/*
 * The dog's outline as it is reckoned: body light, coat filled, what comes off hatched, what is missing dotted, the wanted line bold.
 * Zones are touched along their line; the numbers are millimeters of hair.
 */
import {
  areasBetween,
  bodyRings,
  coatDepthsOn,
  coatRings,
  dogOutline,
  ringPath,
  roughRings,
  tipAt,
  tipLines,
} from '@loyal-mane/core';
import type { LocalDay, OutlineAsk, Point, ZoneCut, ZoneId } from '@loyal-mane/core';
import { ZONE_NAMES } from '@loyal-mane/library';
import type { ReactNode } from 'react';
import { useMemo } from 'react';
import type { SolvedOutline } from './outlineOf';
import type { LaidPhoto, LaidPicture } from './PhotoPart';

/** Size of the drawing, in its own pixels. */
export const PICTURE = { width: 640, height: 470, margin: 34, ground: 440 } as const;

/** Where millimeters lie in the drawing. */
export interface PictureView {
  readonly scale: number;
  readonly x: number;
  readonly y: number;
  readonly mirrored: boolean;
}

interface Props {
  readonly ask: OutlineAsk;
  readonly solved: SolvedOutline;
  /** The coat as it will be on a day if it is left alone; null for the cut list. */
  readonly shownDay: LocalDay | null;
  readonly isLeft: boolean;
  readonly chosen: ZoneId | null;
  readonly onChoose: (zone: ZoneId) => void;
  /** Drawn more coarsely while something moves, without what a hand that drags does not look at. */
  readonly isMoving: boolean;
  /** A photo under the drawing, with its line. */
  readonly photo?: LaidPhoto | null;
  /** Handles over the drawing. */
  readonly children?: (view: PictureView) => ReactNode;
}

/** The view that shows the whole dog with its coat, standing on the ground. */
export function pictureView({ answer }: SolvedOutline, isLeft: boolean): PictureView {
  const points = answer.stations.flatMap((s): Point[] => [s.root, tipAt(s, Math.max(s.onDayDepth, s.targetDepth))]);
  const [xs, ys] = [points.map((p) => p[0]), points.map((p) => Math.max(0, p[1]))];
  const [left, right, top] = [Math.min(...xs), Math.max(...xs), Math.max(...ys)];
  const { width, margin, ground } = PICTURE;
  const scale = Math.min((width - 2 * margin) / (right - left), (ground - margin) / top);
  const middle = ((left + right) / 2) * scale;
  return { scale, x: width / 2 + (isLeft ? middle : -middle), y: ground, mirrored: isLeft };
}

/** The drawing. */
export function OutlinePicture({ ask, solved, shownDay, isLeft, chosen, onChoose, isMoving, photo, children }: Props) {
  const { answer } = solved;
  const { stations } = answer;
  const view = pictureView(solved, isLeft);
  const depths = useMemo(
    () => ({
      left: coatDepthsOn(stations, shownDay ?? ask.showDay, ask.breed.floor * ask.heightMm),
      wanted: stations.map((s) => s.depth),
      target: stations.map((s) => s.targetDepth),
    }),
    [stations, shownDay, ask],
  );
  const path = (rings: readonly (readonly Point[])[]): string => ringPath(rings, view);
  // Through a coat that a photo shines through, the pieces of the fine drawing would show.
  const rings = isMoving || photo != null ? roughRings : coatRings;
  const wanted = path(rings(stations, depths.wanted));
  const left = path(rings(stations, depths.left));
  return (
    <svg
      className={`outline-picture${isMoving ? ' moving' : ''}${photo == null ? '' : ' over-photo'}`}
      viewBox={`0 0 ${String(PICTURE.width)} ${String(PICTURE.height)}`}
      role="group"
      aria-label="Outline of the dog"
    >
      <Patterns />
      {photo != null && <Photo picture={photo.picture} view={view} />}
      <line className="ground" x1={0} x2={PICTURE.width} y1={view.y} y2={view.y} />
      {!isMoving && <path className="far" d={farLegs(ask, view)} />}
      <path className="left-line" d={left} />
      <path className={shownDay === null ? 'off' : 'coat'} d={left} />
      <path className="wanted-line" d={wanted} />
      {shownDay === null && <path className="coat" d={wanted} />}
      {shownDay === null && (
        <path className="missing" d={path(areasBetween(stations, depths.target, depths.left, 0.5))} />
      )}
      <path className="body" d={path(bodyRings(stations, isMoving ? 1 : 3))} />
      {!isMoving && (
        <ZoneLines solved={solved} depths={depths.wanted} view={view} chosen={chosen} onChoose={onChoose} />
      )}
      {shownDay === null && <Numbers solved={solved} view={view} />}
      {photo != null && <path className="photo-line" d={path([photo.ring])} />}
      {photo != null && <MarkLine atMm={photo.markMm} view={view} />}
      {children?.(view)}
    </svg>
  );
}

/** The height that withers or stick of a photo have to reach. */
function MarkLine({ atMm, view }: { readonly atMm: number; readonly view: PictureView }) {
  const y = view.y - atMm * view.scale;
  return <line className="photo-mark" x1={0} x2={PICTURE.width} y1={y} y2={y} />;
}

/** The picture itself, turned with the view. */
function Photo({ picture, view }: { readonly picture: LaidPicture; readonly view: PictureView }) {
  const { href, left, top, width, height, isTurned } = picture;
  const sign = view.mirrored ? -1 : 1;
  const x = view.x + sign * (view.mirrored ? left + width : left) * view.scale;
  const isFlipped = isTurned !== view.mirrored;
  const [w, h] = [width * view.scale, height * view.scale];
  const turn = isFlipped ? `translate(${String(2 * x + w)} 0) scale(-1 1)` : undefined;
  return <image {...{ href, x, y: view.y - top * view.scale, width: w, height: h }} transform={turn} />;
}

/** Hatching of what comes off, dots of what is missing. */
export function Patterns() {
  return (
    <defs>
      <pattern id="outline-off" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="5" height="5" fill="var(--clay-tint)" />
        <line x1="0" y1="0" x2="0" y2="5" stroke="var(--clay)" strokeWidth="2" />
      </pattern>
      <pattern id="outline-missing" width="5" height="5" patternUnits="userSpaceOnUse">
        <rect width="5" height="5" fill="var(--tarn-tint)" />
        <circle cx="2.5" cy="2.5" r="1.2" fill="var(--tarn)" />
      </pattern>
    </defs>
  );
}

/** Legs of the far side, painted only: nobody cuts by them. */
function farLegs({ body, breed, heightMm }: OutlineAsk, view: PictureView): string {
  const { coat } = dogOutline({ ...body, hair: breed.hair, floor: breed.floor });
  return (['farHind', 'farFore'] as const)
    .map((part) => coat.get(part) ?? [])
    .map((line) => ringPath([line.map(([x, y]): Point => [x * heightMm, Math.max(0, y * heightMm)])], view))
    .join('');
}

/** Zones by their lines: wide enough for a finger; the list beside has the same zones as buttons. */
function ZoneLines({
  solved,
  depths,
  view,
  chosen,
  onChoose,
}: {
  readonly solved: SolvedOutline;
  readonly depths: readonly number[];
  readonly view: PictureView;
  readonly chosen: ZoneId | null;
  readonly onChoose: (zone: ZoneId) => void;
}) {
  const { stations } = solved.answer;
  const zones = [...new Set(stations.filter((s) => !s.isHidden).map((s) => s.zone))];
  return (
    <g>
      {zones.map((zone) => {
        const line = ringPath(tipLines(stations, depths, zone), view, false);
        return (
          // The table beside has a button for each zone, so that the keyboard does not need this one.

          <path
            key={zone}
            className={zone === chosen ? 'zone-line chosen' : 'zone-line'}
            d={line}
            onClick={() => onChoose(zone)}
          >
            <title>{ZONE_NAMES[zone]}</title>
          </path>
        );
      })}
    </g>
  );
}

const LABEL_GAP = 15;
const LABEL_ROOM = 24;

/** Millimeters of hair at the worst place of each zone; a number that has no room is left to the list. */
function Numbers({ solved: { answer, cuts }, view }: { readonly solved: SolvedOutline; readonly view: PictureView }) {
  const placed: { x: number; y: number; mm: number; zone: ZoneId }[] = [];
  const byWeight = [...cuts].sort((x, y) => weightOf(y) - weightOf(x));
  for (const cut of byWeight) {
    const station = cut.worst === null ? undefined : answer.stations[cut.worst];
    const mm = Math.round(cut.row.missingMm - cut.row.takeOffMm);
    if (station === undefined || mm === 0) continue;
    const tip = tipAt(station, Math.max(station.onDayDepth, station.targetDepth));
    const sign = view.mirrored ? -1 : 1;
    const x = view.x + sign * tip[0] * view.scale + sign * station.normal[0] * LABEL_GAP;
    const y = Math.min(PICTURE.height - 6, view.y - tip[1] * view.scale - station.normal[1] * LABEL_GAP + 4);
    if (placed.some((p) => Math.abs(p.x - x) < LABEL_ROOM && Math.abs(p.y - y) < LABEL_ROOM * 0.6)) continue;
    placed.push({ x, y, mm, zone: cut.row.zone });
  }
  return (
    <g aria-hidden>
      {placed.map(({ x, y, mm, zone }) => (
        <text key={zone} className={mm > 0 ? 'mm missing-mm' : 'mm off-mm'} x={x} y={y}>
          {mm > 0 ? `+${String(mm)}` : `−${String(-mm)}`}
        </text>
      ))}
    </g>
  );
}

function weightOf({ row }: ZoneCut): number {
  return row.missingMm + row.takeOffMm;
}
