/*
 * Marks of a dog's coat, entered where they were found: touch a zone, say what it is. Mats come out before the bath;
 * dirt asks for a spot wash; damp or kinked zones go back to heat and keep scissors waiting.
 */
import { App as AntApp, Radio } from 'antd';
import { useState } from 'react';
import type { LocalDay, SkinState, ZoneId } from '@loyal-mane/core';
import { DEFAULT_MAT_CM, SKIN_STATES, keptUntil, localDayOf } from '@loyal-mane/core';
import { BODY_SHAPES, ZONE_NAMES } from '@loyal-mane/library';
import { SKIN_WORDS, monthDay } from '@loyal-mane/library/words';
import { useQuery } from '@tanstack/react-query';
import { command, setMarks, useCommand } from '../api/commands';
import { useOutbox } from '../api/outbox';
import { overOthers } from '../api/overOthers';
import { withWaitingMarks } from '../api/taskOrder';
import { methodsQuery } from '../api/queries';
import type { Kennel } from '../api/queries';
import { CoatMap } from './coatMap/CoatMap';
import type { MapSide } from './coatMap/ZoneButton';
import { FOUND_TINTS, foundAt, foundWords, isClear, onSide } from './foundWords';
import type { Found } from './foundWords';
import { kennelDogOf, libraryOf } from './dogRecord';
import { useKeep } from './keepContext';
import { marksWith } from './marksWith';
import type { ZoneFound } from './marksWith';
import { problemWords } from './ProblemNote';
import { useNow } from './useNow';
import { useRooms } from './useRooms';

type Dog = Kennel['dogs'][number];
const CHOICES: readonly { readonly value: Found; readonly label: string }[] = [
  { value: 'clear', label: 'Clear' },
  { value: 'soiled', label: 'Soiled' },
  { value: 'damp', label: 'Damp' },
  { value: 'kinked', label: 'Kinked' },
  { value: 'loose', label: 'Loose mat' },
  { value: 'tight', label: 'Tight mat' },
  { value: 'solid', label: 'Solid mat' },
];

/** Sizes of a mat that hands tell apart: its longest side in centimeters. */
const SIZES = [
  { value: 2, label: 'Fingertip, 2 cm' },
  { value: DEFAULT_MAT_CM, label: 'Two fingers, 3 cm' },
  { value: 6, label: 'Egg, 6 cm' },
  { value: 12, label: 'Hand, 12 cm' },
] as const;

/** Whether a finger passes between a mat and the skin. */
const DEPTHS = [
  { value: 'off', label: 'A finger passes beneath' },
  { value: 'at', label: 'At the skin' },
] as const;

const SKINS = SKIN_STATES.map((value) => ({ value, label: `Skin ${SKIN_WORDS[value]}` }));

/** The map with what was found, and the choice for the zone that was touched. */
export default function CoatMarks({ dog: known }: { dog: Dog }) {
  const dog = withWaitingMarks(known, useOutbox().waiting);
  const { crew } = useRooms();
  const [at, setAt] = useState<{ zone: ZoneId; side: MapSide } | null>(null);
  const shape = BODY_SHAPES[dog.badge];
  if (shape === undefined) return null;
  return (
    <section aria-label="Found in the coat">
      <h3 style={{ fontSize: 15, margin: '14px 0 2px' }}>Found in the coat</h3>
      <p className="soft" style={{ margin: '2px 0 6px' }}>
        {isClear(dog) && crew ? 'Nothing is marked. Touch a zone to mark what you find.' : foundWords(dog)}
      </p>
      <CoatMap
        shape={shape}
        tintOf={(z, side) => FOUND_TINTS[foundAt(dog, z, side)]}
        chosen={at?.zone ?? null}
        chosenSide={at?.side ?? null}
        onChoose={(zone, side) => setAt({ zone, side })}
      />
      {crew && at !== null && <FoundChoice dog={dog} zone={at.zone} side={at.side} />}
    </section>
  );
}

/** Marks of one zone; a mat is marked on the side that was touched. */
export function FoundChoice({ dog, zone, side }: { dog: Dog; zone: ZoneId; side: MapSide }) {
  const { message } = AntApp.useApp();
  const keep = useKeep();
  const send = useCommand((is: ZoneFound, commandId) =>
    overOthers({
      seen: dog,
      touched: (d) => [foundAt(d, zone, side), matAt(d, zone, side)?.cm, matAt(d, zone, side)?.keptUntil],
      send: (d) => setMarks({ dogId: d.id, version: d.version, marks: marksWith(d, { zone, side, is }) }, commandId),
    }),
  );
  const mat = matAt(dog, zone, side);
  const until = useKeptUntil(dog);
  const mark = (is: ZoneFound): void => {
    if (keep === null) send.mutate(command(is), { onError: (error) => void message.error(problemWords(error), 8) });
    else keep({ command: 'mark', mark: { zone, side, is } });
  };
  return (
    <div className="found">
      <b>
        {ZONE_NAMES[zone]}
        {side === null ? '' : `, ${side}`}
      </b>
      <Radio.Group
        aria-label={`Found: ${ZONE_NAMES[zone]}`}
        value={foundAt(dog, zone, side)}
        disabled={send.isPending}
        options={[...CHOICES]}
        optionType="button"
        onChange={(e) => mark({ ...(mat === undefined ? {} : matFound(mat)), found: e.target.value as Found })}
      />
      {mat !== undefined && (
        <>
          <Radio.Group
            aria-label={`Size of the mat: ${ZONE_NAMES[zone]}`}
            value={mat.cm ?? DEFAULT_MAT_CM}
            disabled={send.isPending}
            options={[...SIZES]}
            optionType="button"
            onChange={(e) => mark({ ...matFound(mat), cm: e.target.value as number })}
          />
          <Radio.Group
            aria-label={`How deep the mat lies: ${ZONE_NAMES[zone]}`}
            value={mat.atSkin === undefined ? null : mat.atSkin ? 'at' : 'off'}
            disabled={send.isPending}
            options={[...DEPTHS]}
            optionType="button"
            onChange={(e) => mark({ ...matFound(mat), atSkin: e.target.value === 'at' })}
          />
          <Radio.Group
            aria-label={`Skin under the mat: ${ZONE_NAMES[zone]}`}
            value={mat.skin ?? null}
            disabled={send.isPending}
            options={[...SKINS]}
            optionType="button"
            onChange={(e) => mark({ ...matFound(mat), skin: e.target.value as SkinState })}
          />
          {mat.tightness === 'loose' && until !== null && (
            <Radio.Group
              aria-label={`When it comes out: ${ZONE_NAMES[zone]}`}
              value={mat.keptUntil === undefined ? 'now' : 'kept'}
              disabled={send.isPending}
              options={[
                { value: 'now', label: 'Out now' },
                { value: 'kept', label: `Kept for the ring, out by ${monthDay(until)}` },
              ]}
              optionType="button"
              onChange={(e) => {
                const { keptUntil: _, ...of } = matFound(mat);
                mark(e.target.value === 'kept' ? { ...of, keptUntil: until } : of);
              }}
            />
          )}
        </>
      )}
    </div>
  );
}

/** The day by which light webs of a dog would be out; null where none is kept. */
function useKeptUntil(dog: Dog): LocalDay | null {
  const { kennel, names } = useRooms();
  const methods = useQuery(methodsQuery).data;
  const today = localDayOf(useNow(60_000), names.zone);
  if (methods === undefined) return null;
  const schools = methods.dogs.find((d) => d.dogId === dog.id)?.schools ?? {};
  const house = { people: kennel.people, entries: kennel.entries, methods: { number: 1, schools: methods.schools } };
  return keptUntil({ ...kennelDogOf(dog), schools }, house, libraryOf(kennel), today);
}

/** The mat of a zone, on the side that was touched. */
function matAt(dog: Dog, zone: ZoneId, side: MapSide): Dog['marks']['mats'][number] | undefined {
  return dog.marks.mats.find((m) => m.zone === zone && onSide(m.side, side));
}

/** A mat as its zone's mark. */
function matFound({ tightness, cm, atSkin, skin, keptUntil: kept }: Dog['marks']['mats'][number]): ZoneFound {
  return {
    found: tightness,
    ...(cm === undefined ? {} : { cm }),
    ...(atSkin === undefined ? {} : { atSkin }),
    ...(skin === undefined ? {} : { skin }),
    ...(kept === undefined ? {} : { keptUntil: kept as LocalDay }),
  };
}
