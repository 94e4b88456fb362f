/*
 * A block on a rope: one task, or short neighbors that belong together (one dog's small steps, one step on many dogs).
 */
import { Popover } from 'antd';
import type { Block, Bundle, PlannedActivity } from '@loyal-mane/core';
import { METHODS, clockWords } from '@loyal-mane/library/words';
import type { Names } from '@loyal-mane/library/words';
import type { Kennel } from '../../api/queries';
import { DogBadge, StepGlyph } from '../../parts/Glyph';
import { UNDER_ROW_PX, UNDER_TOP_PX, nameOf, nameSize } from './underLabels';
import type { UnderLabel } from './underLabels';

const GLYPH_PX = 19;

interface Props {
  readonly bundle: Bundle;
  readonly kennel: Kennel;
  readonly names: Names;
  readonly x: number;
  readonly width: number;
  /** The words under it, and in which row; null where all is said in the block. */
  readonly under: UnderLabel | null;
  readonly onTask: (a: PlannedActivity) => void;
}

function labelOf(b: Block, names: Names): string {
  const at = clockWords(b.startMs, names.zone, names.clock);
  const where = b.stationId === null ? '' : `, ${names.station(b.stationId)}`;
  return `${METHODS[b.step].name} ${names.dog(b.dogId)}, ${at}${where}, ${b.state}`;
}

/** Steps in order, each sign once. */
function signsOf(bundle: Bundle): Block[] {
  return bundle.blocks.filter(
    (b, i) => bundle.blocks.findIndex((o) => METHODS[o.step].glyph === METHODS[b.step].glyph) === i,
  );
}

/** Tasks of one person that follow each other, as one block. */
export function BundleView({ bundle, kennel, names, x, width, under, onTask }: Props) {
  const first = bundle.blocks[0];
  if (first === undefined) return null;
  const open = (b: Block): void => {
    if (b.activity !== null) onTask(b.activity);
  };
  const many = bundle.blocks.length > 1;
  const label = many
    ? `${nameOf(bundle, names)}, ${clockWords(bundle.startMs, names.zone, names.clock)}, ${String(bundle.blocks.length)} steps, ${first.state}`
    : labelOf(first, names);
  const pins = new Set(kennel.pins.map((p) => p.taskKey));
  const isSet = bundle.blocks.some((b) => b.state === 'planned' && pins.has(b.key));
  const list = (
    <ul className="bundle-list">
      {bundle.blocks.map((b) => (
        <li key={b.key}>
          <button className="plain" onClick={() => open(b)}>
            <StepGlyph step={b.step} size={16} />
            {labelOf(b, names)}
          </button>
        </li>
      ))}
    </ul>
  );
  const button = (
    <button
      className={`plain block ${first.state}${isSet ? ' set' : ''}`}
      style={{ left: x, width, ...(width < 30 ? { padding: '3px 0', textAlign: 'center' } : {}) }}
      title={label}
      aria-label={isSet ? `${label}, set` : label}
      {...(many ? { 'aria-haspopup': 'dialog' as const } : { onClick: () => open(first) })}
    >
      <Face bundle={bundle} kennel={kennel} names={names} width={width} first={first} />
    </button>
  );
  return (
    <>
      {many ? (
        <Popover trigger="click" content={list}>
          {button}
        </Popover>
      ) : (
        button
      )}
      {under !== null && (
        <span
          className={`block-place${under.isName ? ' name' : ''}`}
          style={{ left: x + 1, top: UNDER_TOP_PX + under.row * UNDER_ROW_PX }}
        >
          {under.words}
        </span>
      )}
    </>
  );
}

function Face({
  bundle,
  kennel,
  names,
  width,
  first,
}: {
  bundle: Bundle;
  kennel: Kennel;
  names: Names;
  width: number;
  first: Block;
}) {
  const dog = kennel.dogs.find((d) => d.id === first.dogId);
  const oneDog = bundle.blocks.every((b) => b.dogId === first.dogId);
  const badge = oneDog && width >= 62 && bundle.blocks.length === 1;
  const fit = Math.max(1, Math.floor((width - 8) / GLYPH_PX));
  const signs = signsOf(bundle).slice(0, fit);
  const name = nameOf(bundle, names);
  const size = nameSize(name, width);
  return (
    <>
      <span className="row" style={size === 'below' ? { justifyContent: 'center', height: '100%' } : undefined}>
        {signs.map((b) => (
          <StepGlyph key={b.key} step={b.step} size={15} {...(b.state === 'done' ? { tone: 'soft' } : {})} />
        ))}
        {bundle.blocks.length === 1 && width >= 120 && METHODS[first.step].name}
        {badge && (
          <span style={{ marginLeft: 'auto' }}>
            <DogBadge badge={dog?.badge ?? 'samoyed'} width={22} />
          </span>
        )}
      </span>{' '}
      {size !== 'below' && <span className={`dog ${size}`}>{name}</span>}
    </>
  );
}
