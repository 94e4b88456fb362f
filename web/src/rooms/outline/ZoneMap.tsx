/*
 * All zones of the dog, those too that its side does not show: from above, beneath, under the lens. Tinted by what is done about each.
 */
import type { CutAsk, CutRow, LocalDay, OutlineAsk, ZoneCut, ZoneId } from '@loyal-mane/core';
import { ZONE_NAMES } from '@loyal-mane/library';
import { mmWords, zoneCutWords } from '@loyal-mane/library/words';
import { CoatMap } from '../../parts/coatMap/CoatMap';
import type { ZoneTint } from '../../parts/coatMap/ZoneButton';
import { lengthOn } from './outlineOf';

interface Props {
  readonly ask: OutlineAsk;
  readonly zones: readonly CutAsk[];
  readonly cuts: readonly ZoneCut[];
  readonly shownDay: LocalDay | null;
  readonly chosen: ZoneId | null;
  readonly onChoose: (zone: ZoneId) => void;
}

/** The map. */
export function ZoneMap({ ask, zones, cuts, shownDay, chosen, onChoose }: Props) {
  const tintOf = (zone: ZoneId): ZoneTint =>
    shownDay === null
      ? cutTint(cuts.find((c) => c.row.zone === zone))
      : lengthTint(
          zones.find((z) => z.zone === zone),
          shownDay,
        );
  return (
    <CoatMap
      shape={ask.breed}
      tintOf={tintOf}
      chosen={chosen}
      chosenSide={null}
      onChoose={(zone: ZoneId) => onChoose(zone)}
    />
  );
}

const FILLS: Readonly<Record<CutRow['state'], string>> = {
  takeOff: 'var(--clay-tint)',
  missing: 'var(--tarn-tint)',
  right: 'var(--moss-tint)',
  locked: 'var(--sunk)',
  unknown: 'var(--sheet)',
};

function cutTint(cut: ZoneCut | undefined): ZoneTint {
  if (cut === undefined) return { fill: 'var(--sunk)', mark: '', words: 'not known' };
  const mm = Math.round(cut.row.missingMm - cut.row.takeOffMm);
  return { fill: FILLS[cut.row.state], mark: mm === 0 ? '' : String(mm), words: zoneCutWords(cut) };
}

function lengthTint(ask: CutAsk | undefined, day: LocalDay): ZoneTint {
  const mm = ask === undefined ? null : lengthOn(ask, day);
  if (ask === undefined || mm === null) return { fill: 'var(--sunk)', mark: '', words: 'not measured' };
  return {
    fill: 'var(--moss-tint)',
    mark: String(Math.round(mm)),
    words: `${ZONE_NAMES[ask.zone]}: ${mmWords(mm)}`,
  };
}
