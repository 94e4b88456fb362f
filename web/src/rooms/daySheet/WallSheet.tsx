/*
 * The day on paper, for the wall: a list a person, each run of work on one dog as a line, ring times in bold, and who takes the
 * dog next.
 */
import type { ReactNode } from 'react';
import type { Block, Bundle, DaySheet, Lane } from '@loyal-mane/core';
import { bundlesOf } from '@loyal-mane/core';
import { METHODS, clockWords, roundWords } from '@loyal-mane/library/words';
import type { Names } from '@loyal-mane/library/words';

interface Props {
  readonly sheet: DaySheet;
  readonly names: Names;
  readonly title: string;
  /** Rides, rings, mixes, cautions. */
  readonly facts: ReactNode;
}

/** The whole day by person, in black and white. */
export function WallSheet({ sheet, names, title, facts }: Props) {
  const lanes = sheet.lanes.filter((l) => l.blocks.length > 0 || l.rounds.length > 0 || l.absent !== null);
  return (
    <section className="wall-sheet" aria-label="The day on paper">
      <h1>{title}</h1>
      {facts}
      <div className="wall-people">
        {lanes.map((lane) => (
          <PersonList key={lane.personId} lane={lane} sheet={sheet} names={names} />
        ))}
      </div>
    </section>
  );
}

function PersonList({ lane, sheet, names }: { lane: Lane; sheet: DaySheet; names: Names }) {
  const at = (ms: number): string => clockWords(ms, names.zone, names.clock);
  const shift = lane.shift === null ? '' : `, ${at(lane.shift.fromMs)} to ${at(lane.shift.toMs)}`;
  return (
    <table className="wall-list">
      <caption>
        <b>{names.person(lane.personId)}</b>
        {lane.absent === null ? shift : `, ${lane.absent}`}
      </caption>
      <tbody>
        {bundlesOf(lane.blocks).map((bundle) => (
          <tr key={bundle.startMs} className={bundle.blocks.some((b) => b.step === 'ring') ? 'to-ring' : ''}>
            <td className="when">{at(bundle.startMs)}</td>
            <td>
              <b>{dogsOf(bundle, names)}</b>: {stepsOf(bundle)}
            </td>
            <td>{placesOf(bundle, names)}</td>
            <td>{nextWords(bundle, lane, sheet, names)}</td>
          </tr>
        ))}
        {lane.rounds.map((r) => (
          <tr key={`${r.round.kind} ${String(r.fromMs)}`} className="round">
            <td className="when">{at(r.fromMs)}</td>
            <td colSpan={3}>{roundWords(r.round)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function dogsOf(bundle: Bundle, names: Names): string {
  return unique(bundle.blocks.map((b) => names.dog(b.dogId))).join(', ');
}

function stepsOf(bundle: Bundle): string {
  return unique(bundle.blocks.map((b) => METHODS[b.step].name.toLowerCase())).join(', ');
}

function placesOf(bundle: Bundle, names: Names): string {
  return unique(bundle.blocks.flatMap((b) => (b.stationId === null ? [] : [names.station(b.stationId)]))).join(', ');
}

/** "then Asta, 10:40" where somebody else has the dog next on this day. */
function nextWords(bundle: Bundle, lane: Lane, sheet: DaySheet, names: Names): string {
  const dogs = unique(bundle.blocks.map((b) => b.dogId));
  if (dogs.length !== 1) return '';
  const after = (b: Block): boolean => b.dogId === dogs[0] && b.startMs >= bundle.endMs;
  const next = sheet.lanes
    .flatMap((l) => l.blocks.filter(after).map((b) => ({ who: l.personId, at: b.startMs })))
    .sort((x, y) => x.at - y.at)[0];
  if (next === undefined || next.who === lane.personId) return '';
  return `then ${names.first(next.who)}, ${clockWords(next.at, names.zone, names.clock)}`;
}

function unique<T>(list: readonly T[]): T[] {
  return [...new Set(list)];
}
