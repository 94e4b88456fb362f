/*
 * My day on a phone: what is still mine to do from the top down, what is done folded away beneath.
 */
import { Collapse } from 'antd';
import type { Block, Lane, PlannedActivity } from '@loyal-mane/core';
import { clockWords, durationWords, lowerFirst, METHODS, roundWords } from '@loyal-mane/library/words';
import type { Names } from '@loyal-mane/library/words';
import { StepGlyph } from '../../parts/Glyph';
import { ToolCare } from '../../parts/ToolCare';
import { WalkLine } from '../../parts/WalkLine';

const isOver = (b: Block): boolean => b.state === 'done' || b.state === 'skipped';

/** The phone's headline: how much is left for one person, and what comes next. */
export function MyAnswer({ lane, names }: { lane: Lane | undefined; names: Names }) {
  const left = (lane?.blocks ?? []).filter((b) => !isOver(b));
  const next = left.find((b) => b.state === 'planned' || b.state === 'late');
  if (lane?.absent != null) return <>you are marked {lane.absent}</>;
  if (left.length === 0) return <>nothing is left for you</>;
  return (
    <>
      <b>{left.length} to do</b>
      {next !== undefined && `, next ${names.dog(next.dogId)} at ${clockWords(next.startMs, names.zone, names.clock)}`}
    </>
  );
}

interface Props {
  readonly lane: Lane | undefined;
  readonly names: Names;
  readonly onTask: (a: PlannedActivity) => void;
}

/** One's own tasks as a list, on a phone. */
export function MyDay({ lane, names, onTask }: Props) {
  if (lane === undefined || lane.absent !== null) return null;
  const left = lane.blocks.filter((b) => !isOver(b));
  const over = lane.blocks.filter(isOver);
  const rows = (blocks: readonly Block[], label: string) => (
    <ol className="my-day" aria-label={label}>
      {blocks.map((b) => (
        <Row key={b.key} block={b} names={names} onTask={onTask} />
      ))}
    </ol>
  );
  return (
    <>
      {left.length > 0 && rows(left, 'My day')}
      {lane.rounds.length > 0 && (
        <ul className="my-day my-rounds" aria-label="My rounds">
          {lane.rounds.map((r) => (
            <li key={`${r.round.kind} ${String(r.fromMs)}`}>
              <b className="at">{clockWords(r.fromMs, names.zone, names.clock)}</b> {roundWords(r.round)}{' '}
              <span className="soft">{durationWords(r.toMs - r.fromMs)}</span>
            </li>
          ))}
        </ul>
      )}
      <div className="my-day">
        <WalkLine />
        <ToolCare personId={lane.personId} />
      </div>
      {over.length > 0 && (
        <Collapse
          className="my-day"
          ghost
          items={[{ key: 'over', label: `${String(over.length)} over`, children: rows(over, 'Over') }]}
        />
      )}
    </>
  );
}

function Row({ block, names, onTask }: { block: Block; names: Names; onTask: (a: PlannedActivity) => void }) {
  const { activity } = block;
  return (
    <li>
      <button
        className="plain phone-row mine"
        onClick={() => {
          if (activity !== null) onTask(activity);
        }}
      >
        <b className="at">{clockWords(block.startMs, names.zone, names.clock)}</b>
        <StepGlyph step={block.step} size={22} />
        <span>
          <b>{names.dog(block.dogId)}</b>, {METHODS[block.step].name.toLowerCase()}
          <br />
          <span className="soft">
            {durationWords(block.endMs - block.startMs)}
            {block.stationId !== null && `, ${lowerFirst(names.station(block.stationId))}`}
          </span>
        </span>
        <span className="soft">{block.state === 'planned' ? '' : block.state}</span>
      </button>
    </li>
  );
}
