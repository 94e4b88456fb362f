/*
 * A lens over either side: head, feet or rear, larger, with the zones that side view is too small for. What is under it is
 * named beside it, so that it can be chosen by its name as well.
 */
import { useId, useState } from 'react';
import { pathOf } from '@loyal-mane/core';
import type { DogOutline, Lens, LensPlace, View, ZoneShape } from '@loyal-mane/core';
import { ZONE_NAMES } from '@loyal-mane/library';
import { SideZones, inView } from './SideFigure';
import { ZoneButton, ZoneMark, isChosen, sideOf } from './ZoneButton';
import type { MapProps } from './ZoneButton';

const SIZE = 176;
const RADIUS = 84;
const NAMES: Readonly<Record<LensPlace, string>> = { head: 'Head', feet: 'Feet', rear: 'Rear' };

interface Props extends MapProps {
  readonly outline: DogOutline;
  readonly shapes: readonly ZoneShape[];
  readonly lenses: readonly Lens[];
}

/** A part of a dog, enlarged. */
export function LensFigure({ outline, shapes, lenses, ...map }: Props) {
  const id = useId();
  const [place, setPlace] = useState<LensPlace>('head');
  const [side, setSide] = useState<'left' | 'right'>('left');
  const lens = lenses.find((l) => l.place === place);
  if (lens === undefined) return null;
  const scale = RADIUS / lens.radius;
  const view: View = {
    scale,
    x: SIZE / 2 + (side === 'left' ? 1 : -1) * lens.center[0] * scale,
    y: SIZE / 2 + lens.center[1] * scale,
    mirrored: side === 'left',
  };
  return (
    <figure className="lens">
      <LensChoice lenses={lenses} place={place} side={side} onPlace={setPlace} onSide={setSide} />
      <div>
        <svg
          viewBox={`0 0 ${String(SIZE)} ${String(SIZE)}`}
          role="group"
          aria-label={`${NAMES[place]} under the lens, on the ${side}`}
        >
          <clipPath id={id}>
            <circle cx={SIZE / 2} cy={SIZE / 2} r={RADIUS} />
          </clipPath>
          <circle cx={SIZE / 2} cy={SIZE / 2} r={RADIUS} fill="var(--sheet)" />
          <g clipPath={`url(#${id})`}>
            <SideZones side={side} outline={outline} shapes={shapes} view={{ ...view, scale }} {...map} />
            {lens.zones.map((z) => (
              <ZoneButton
                key={z.zone}
                zone={z.zone}
                side={sideOf(z.zone, side)}
                d={pathOf(z.polygon, view)}
                at={inView(z.center, view)}
                stop={false}
                {...map}
              />
            ))}
            {lens.zones.map((z) => (
              <ZoneMark
                key={z.zone}
                at={inView(z.center, view)}
                tint={map.tintOf(z.zone, sideOf(z.zone, side))}
                chosen={isChosen(map, z.zone, sideOf(z.zone, side))}
              />
            ))}
          </g>
          <circle cx={SIZE / 2} cy={SIZE / 2} r={RADIUS} fill="none" stroke="var(--ink)" strokeWidth={2.2} />
        </svg>
        <LensList lens={lens} side={side} {...map} />
      </div>
    </figure>
  );
}

interface ChoiceProps {
  readonly lenses: readonly Lens[];
  readonly place: LensPlace;
  readonly side: 'left' | 'right';
  readonly onPlace: (place: LensPlace) => void;
  readonly onSide: (side: 'left' | 'right') => void;
}

/** Which side the lens lies on, and over which place. */
function LensChoice({ lenses, place, side, onPlace, onSide }: ChoiceProps) {
  return (
    <figcaption role="group" aria-label="Lens over">
      <b>Lens</b>
      {(['left', 'right'] as const).map((s) => (
        <button key={s} type="button" className="plain" aria-pressed={s === side} onClick={() => onSide(s)}>
          {s === 'left' ? 'Left' : 'Right'}
        </button>
      ))}
      <i aria-hidden className="gap" />
      {lenses.map((l) => (
        <button
          key={l.place}
          type="button"
          className="plain"
          aria-pressed={l.place === place}
          onClick={() => onPlace(l.place)}
        >
          {NAMES[l.place]}
        </button>
      ))}
    </figcaption>
  );
}

/** The zones under the lens by name. */
function LensList({ lens, side, ...map }: MapProps & { readonly lens: Lens; readonly side: 'left' | 'right' }) {
  return (
    <ul>
      {lens.zones.map((z) => {
        const tint = map.tintOf(z.zone, sideOf(z.zone, side));
        return (
          <li key={z.zone}>
            <button
              type="button"
              className="plain"
              aria-pressed={isChosen(map, z.zone, sideOf(z.zone, side))}
              title={tint.words}
              onClick={() => map.onChoose(z.zone, sideOf(z.zone, side))}
            >
              <i style={{ background: tint.fill }}>{tint.mark}</i> {ZONE_NAMES[z.zone]}
            </button>
          </li>
        );
      })}
    </ul>
  );
}
