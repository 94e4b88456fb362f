/*
 * The coat map of one dog, tinted by what is asked: what was found, what may be cut and what is locked, load of undercoat,
 * color. Touching a zone says what holds there, and lets it be changed.
 */
import { Button, Select } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { DEFAULT_LEAST_TRIM_SHARE } from '@loyal-mane/core';
import type { CoatColor, LocalDay, ZoneId } from '@loyal-mane/core';
import { BODY_SHAPES, HAIR_SHARES, ZONES, ZONE_NAMES } from '@loyal-mane/library';
import { COLOR_WORDS, SCHOOL_WORDS } from '@loyal-mane/library/words';
import { CoatMap } from '../../parts/coatMap/CoatMap';
import type { MapSide, ZoneTint } from '../../parts/coatMap/ZoneButton';
import { FoundChoice } from '../../parts/CoatMarks';
import { MatGuide } from '../../parts/MatGuide';
import { Notes } from './Notes';
import { FOUND_TINTS } from '../../parts/foundWords';
import { useKnots } from '../../parts/useKnots';
import { COLORS, CUT_TINTS, TINTS, answerOf, cutTint, tintsOf } from './coatTints';
import type { TintId } from './coatTints';
import { coatOf, recordOf, useDogRecord } from '../../parts/dogRecord';
import type { Dog } from '../../parts/dogRecord';
import { useRooms } from '../../parts/useRooms';
import { WhatWeDid } from './WorkPart';
import { ZoneLength } from './ZoneLength';
import { useQuery } from '@tanstack/react-query';
import { methodsQuery } from '../../api/queries';

/** Tints whose words the zone's own lines say anyway. */
const SAID_ANYWAY: readonly TintId[] = ['found', 'cut'];

/** Finished tasks beside the coat; all of them stand under Work. */
const SHOWN_WORK = 6;

interface Props {
  readonly dog: Dog;
  readonly today: LocalDay;
  readonly lead: boolean;
}

/** The coat by zone: what holds there, what was found, what is logged. */
export function CoatPart({ dog, today, lead }: Props) {
  const { kennel, crew } = useRooms();
  const [tint, setTint] = useState<TintId>('found');
  const [at, setAt] = useState<{ zone: ZoneId; side: MapSide } | null>(null);
  const shape = BODY_SHAPES[dog.badge];
  const knots = useKnots(dog, today);
  if (shape === undefined) return null;
  const tints = tintsOf(dog, today, kennel, knots);
  const tintOf = (zone: ZoneId, side: MapSide): ZoneTint => tints[tint](zone, side);
  return (
    <>
      <div className="coats" role="group" aria-label="Show">
        {TINTS.filter((t) => knots !== null || (t.id !== 'brushed' && t.id !== 'knots')).map((t) => (
          <button key={t.id} className="plain" aria-pressed={t.id === tint} onClick={() => setTint(t.id)}>
            {t.name}
          </button>
        ))}
        <Legend tint={tint} />
      </div>
      <div className="zone-page">
        <CoatMap
          shape={shape}
          tintOf={tintOf}
          chosen={at?.zone ?? null}
          chosenSide={at?.side ?? null}
          onChoose={(zone, side) => setAt({ zone, side })}
        />
        <aside>
          {at === null ? (
            <p className="soft">Touch a zone to see what holds there{crew ? ' and to mark what you find' : ''}.</p>
          ) : (
            <ZonePanel
              dog={dog}
              zone={at.zone}
              side={at.side}
              told={SAID_ANYWAY.includes(tint) ? null : tintOf(at.zone, at.side).words}
              today={today}
              lead={lead}
            />
          )}
          {crew && <Notes dog={dog} />}
          {crew && <MatGuide dog={dog} />}
          <WhatWeDid dog={dog} most={SHOWN_WORK} />
          {crew && <Settings dog={dog} />}
        </aside>
      </div>
    </>
  );
}

function Legend({ tint }: { tint: TintId }) {
  const rows: readonly ZoneTint[] =
    tint === 'found'
      ? Object.values(FOUND_TINTS)
      : tint === 'cut'
        ? Object.values(CUT_TINTS)
        : tint === 'color'
          ? Object.values(COLORS)
          : [];
  return (
    <span className="legend">
      {rows.map((t) => (
        <span key={t.words}>
          <i style={{ background: t.fill }}>{t.mark}</i> {t.words.split(':')[0]}
        </span>
      ))}
      {tint === 'undercoat' && <span>percent loaded again since the last full removal</span>}
      {tint === 'brushed' && <span>days since it was brushed</span>}
      {tint === 'knots' && (
        <span>of 100 such places, so many will have a knot by tomorrow; no number: fewer than 2</span>
      )}
      {tint === 'length' && <span>millimeters when last measured</span>}
    </span>
  );
}

function ZonePanel({
  dog,
  zone,
  side,
  told,
  today,
  lead,
}: Props & { zone: ZoneId; side: MapSide; told: string | null }) {
  const { kennel, crew } = useRooms();
  const record = recordOf(dog);
  const { save, busy } = useDogRecord(dog);
  const answer = answerOf(dog, zone, today, kennel);
  const locked = (record.locked ?? []).includes(zone);
  const color = record.colors?.find((c) => c.zone === zone)?.color;
  const share = (HAIR_SHARES[coatOf(dog)].get(zone) ?? 0) * 100;
  const others = (record.colors ?? []).filter((c) => c.zone !== zone);
  const name = ZONE_NAMES[zone];
  return (
    <section aria-label="Zone">
      <h2 className="serif">
        {name.charAt(0).toUpperCase() + name.slice(1)}
        {side === null ? '' : `, ${side}`}
      </h2>
      {told !== null && (
        <p>
          {told.charAt(0).toUpperCase()}
          {told.slice(1)}.
        </p>
      )}
      <p className="soft">
        {cutTint(answer).words}; {share.toFixed(1)} % of the hair
        {ZONES.find((z) => z.id === zone)?.friction === true ? '; rubbed: knots start here' : ''}.
      </p>
      {crew && <FoundChoice dog={dog} zone={zone} side={side} />}
      {lead && (
        <div className="zone-tools">
          <Select
            aria-label={`Color: ${name}`}
            placeholder="Color"
            style={{ width: 180 }}
            allowClear
            disabled={busy}
            value={color ?? null}
            options={Object.entries(COLOR_WORDS).map(([value, label]) => ({ value, label }))}
            onChange={(value: CoatColor | null | undefined) =>
              save({ colors: value == null ? others : [...others, { zone, color: value }] })
            }
          />
          {(answer?.ok === true || locked) && (
            <Button
              disabled={busy}
              onClick={() => {
                const rest = (record.locked ?? []).filter((z) => z !== zone);
                save({ locked: locked ? rest : [...rest, zone] });
              }}
            >
              {locked ? 'Unlock: it may be cut' : 'Lock: leave it to grow'}
            </Button>
          )}
          {(dog.coat === 'double' || dog.coat === 'heavySheepdog') && (
            <Button
              disabled={busy}
              onClick={() => {
                const rest = (record.undercoatDone ?? []).filter((u) => u.zone !== zone);
                save({ undercoatDone: [...rest, { zone, day: today }] });
              }}
            >
              Undercoat out today
            </Button>
          )}
        </div>
      )}
      <ZoneLength key={zone} dog={dog} zone={zone} />
      {locked && (
        <p className="soft">
          Every trim goes around it; a trim that is mostly locked is planned shorter, never under{' '}
          {Math.round(DEFAULT_LEAST_TRIM_SHARE * 100)} % of its minutes.
        </p>
      )}
    </section>
  );
}

function Settings({ dog }: { dog: Dog }) {
  const methods = useQuery(methodsQuery).data;
  const own = Object.entries(methods?.dogs.find((d) => d.dogId === dog.id)?.schools ?? {});
  return (
    <section aria-label="Own ways">
      <h2 className="serif">{dog.sex === 'bitch' ? 'Her' : 'His'} ways</h2>
      {own.length === 0 && <p className="soft">Worked as the kennel does.</p>}
      {own.map(([school, side]) => {
        const words = SCHOOL_WORDS[school as keyof typeof SCHOOL_WORDS];
        return (
          <p key={school}>
            <b>{words.question}:</b> {words[side].name.toLowerCase()}.
          </p>
        );
      })}
      <Link to={`/methods?dog=${dog.id}`}>Schools for {dog.name}</Link>
    </section>
  );
}
