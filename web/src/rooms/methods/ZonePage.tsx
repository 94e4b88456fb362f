/*
 * A breed by zone: what is cut at all and how, what is left to grow, where knots start, how the hair is shared out.
 */
import { Button, Select } from 'antd';
import { useState } from 'react';
import { mayCut } from '@loyal-mane/core';
import type { CutKind, ZoneId } from '@loyal-mane/core';
import { BODY_SHAPES, HAIR_SHARES, TRIM_MAPS, ZONES, ZONE_NAMES } from '@loyal-mane/library';
import { CoatMap } from '../../parts/coatMap/CoatMap';
import type { ZoneTint } from '../../parts/coatMap/ZoneButton';
import { useRooms } from '../../parts/useRooms';
import { BreedForm } from './BreedForm';
import { breedViews, draftOf } from './breedView';
import type { BreedView } from './breedView';

/** Tints that the map of zones can show. */
export const TINTS = [
  { id: 'cut', name: 'What is cut' },
  { id: 'grow', name: 'Left to grow' },
  { id: 'hair', name: 'Share of the hair' },
  { id: 'friction', name: 'Where knots start' },
] as const;
/** One of `TINTS`. */
export type TintId = (typeof TINTS)[number]['id'];

const CUT: Readonly<Record<CutKind, ZoneTint>> = {
  shaped: { fill: 'var(--plum-tint)', mark: 'S', words: 'shaped by any tool' },
  thinned: { fill: 'var(--tarn-tint)', mark: 'T', words: 'thinned only' },
  strays: { fill: 'var(--moss-tint)', mark: '~', words: 'stray hairs only' },
  byHand: { fill: 'var(--brass-tint)', mark: 'H', words: 'by hand, on the stripping calendar' },
};
const NEVER: ZoneTint = { fill: 'var(--sunk)', mark: '', words: 'never cut' };
const GROWS: ZoneTint = {
  fill: 'var(--moss-tint)',
  mark: 'G',
  words: 'left to grow on puppies and on dogs that grow coat',
};
const PLAIN: ZoneTint = { fill: 'var(--sunk)', mark: '', words: 'nothing special' };
const RUBBED: ZoneTint = { fill: 'var(--brass-tint)', mark: '#', words: 'rubbed: knots start here' };

const LEGEND: Readonly<Record<TintId, readonly ZoneTint[]>> = {
  cut: [...Object.values(CUT), NEVER],
  grow: [GROWS],
  hair: [],
  friction: [RUBBED],
};

interface Props {
  readonly breed: string;
  readonly tint: TintId;
  readonly zone: ZoneId | null;
  readonly mayChange: boolean;
  readonly onGo: (changes: Readonly<Record<string, string>>) => void;
}

/** A breed by zone: cut, thinned, left, locked. */
export function ZonePage({ breed, tint, zone, mayChange, onGo }: Props) {
  const { kennel } = useRooms();
  const [form, setForm] = useState<'new' | 'change' | null>(null);
  const views = breedViews(kennel);
  const row = views.find((b) => b.name === breed) ?? views[0];
  const shape = BODY_SHAPES[row?.badge ?? ''];
  if (row === undefined || shape === undefined) throw new Error('ZonePage: there is no breed to draw');
  return (
    <>
      <div className="coats">
        <Select
          aria-label="Breed"
          showSearch={{ optionFilterProp: 'label' }}
          style={{ width: 240, marginBottom: 6 }}
          value={row.name}
          onChange={(name: string) => onGo({ breed: name })}
          options={views.map((b) => ({ value: b.name, label: b.own === null ? b.name : `${b.name} (ours)` }))}
        />
        {mayChange && (
          <>
            <Button onClick={() => setForm('change')}>Change it here</Button>
            <Button onClick={() => setForm('new')}>Add own breed</Button>
          </>
        )}
        {TINTS.map((t) => (
          <button key={t.id} className="plain" aria-pressed={t.id === tint} onClick={() => onGo({ tint: t.id })}>
            {t.name}
          </button>
        ))}
        <span className="legend">
          {LEGEND[tint].map((t) => (
            <span key={t.words}>
              <i style={{ background: t.fill }}>{t.mark}</i> {t.words}
            </span>
          ))}
        </span>
      </div>
      <div className="zone-page">
        <CoatMap shape={shape} tintOf={(z) => tintOf(row, tint, z)} chosen={zone} onChoose={(z) => onGo({ zone: z })} />
        <BreedFacts row={row} zone={zone} />
      </div>
      {form !== null && (
        <BreedForm
          start={form === 'new' ? null : draftOf(row)}
          version={form === 'new' ? 0 : (row.own?.version ?? 0)}
          taken={views.map((v) => v.name)}
          onClose={(saved) => {
            setForm(null);
            if (saved !== null) onGo({ breed: saved });
          }}
        />
      )}
    </>
  );
}

function tintOf(row: BreedView, tint: TintId, zone: ZoneId): ZoneTint {
  switch (tint) {
    case 'cut': {
      const how = TRIM_MAPS[row.trimMap].cut.get(zone);
      return how === undefined ? NEVER : CUT[how];
    }
    case 'grow':
      return row.growOn.has(zone) ? GROWS : PLAIN;
    case 'friction':
      return ZONES.find((z) => z.id === zone)?.friction === true ? RUBBED : PLAIN;
    case 'hair':
      return hairTint(HAIR_SHARES[row.coat].get(zone) ?? 0);
  }
}

/** Share at which the tint is full. */
const FULL_SHARE = 0.12;

function hairTint(share: number): ZoneTint {
  const percent = share * 100;
  const strength = Math.round(Math.min(1, share / FULL_SHARE) * 70);
  return {
    fill: `color-mix(in srgb, var(--tarn) ${String(strength)}%, var(--sheet))`,
    mark: percent >= 1 ? String(Math.round(percent)) : '',
    words: `${percent.toFixed(1)} % of the hair, both sides`,
  };
}

function BreedFacts({ row, zone }: { row: BreedView; zone: ZoneId | null }) {
  const answer =
    zone === null
      ? null
      : mayCut(TRIM_MAPS[row.trimMap], zone, {
          growsCoat: true,
          growOn: row.growOn,
          fringes: row.fringes,
          locked: new Set(),
        });
  return (
    <aside>
      {zone !== null && answer !== null && (
        <section aria-label="Zone">
          <h2 className="serif">{ZONE_NAMES[zone].charAt(0).toUpperCase() + ZONE_NAMES[zone].slice(1)}</h2>
          <p>
            {answer.ok ? `May be cut: ${CUT[answer.how].words}.` : null}
            {!answer.ok && answer.why === 'notInMap' && 'Never cut on this trim.'}
            {!answer.ok && answer.why === 'fringe' && 'A fringe that is never cut, and never meets a slicker.'}
            {!answer.ok && answer.why === 'growingOn' && 'Left to grow on puppies and on dogs that grow coat.'}{' '}
            {tintOf(row, 'hair', zone).words}.
          </p>
        </section>
      )}
      <h2 className="serif">{row.name}</h2>
      <dl className="fact">
        {row.lines.map(([label, words]) => (
          <div key={label} style={{ display: 'contents' }}>
            <dt>{label}</dt>
            <dd>{words}</dd>
          </div>
        ))}
      </dl>
      <p className="soft">{row.foot}</p>
    </aside>
  );
}
