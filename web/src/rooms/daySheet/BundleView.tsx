/*
 * A block on a rope: one task, or short neighbors that belong together (one dog's small steps, one step on many dogs).
 */
import { Popover } from 'antd';
import type { Block, Bundle, PlannedActivity } from '@loyal-mane/core';
import { METHODS, clockWords } from '@loyal-mane/library/words';
import type { Names } from '@loyal-mane/library/words';
import type { Kennel } from '../../api/queries';
import { DogBadge, StepGlyph } from '../../parts/Glyph';

const GLYPH_PX = 19;

interface Props {
  readonly bundle: Bundle;
  readonly kennel: Kennel;
  readonly names: Names;
  readonly x: number;
  readonly width: number;
  /** Px from the block's left edge to the next block's. */
  readonly room: number;
  readonly onTask: (a: PlannedActivity) => void;
}

function labelOf(b: Block, names: Names): string {
  const at = clockWords(b.startMs, names.zone, names.clock);
  const where = b.stationId === null ? '' : `, ${names.station(b.stationId)}`;
  return `${METHODS[b.step].name} ${names.dog(b.dogId)}, ${at}${where}, ${b.state}`;
}

/** The dog's name where it is one dog's, else how many dogs. */
function nameOf(bundle: Bundle, names: Names): string {
  const dogs = new Set(bundle.blocks.map((b) => b.dogId));
  return dogs.size === 1 ? names.dog(bundle.blocks[0]?.dogId ?? null) : `${String(dogs.size)} dogs`;
}

/** Steps in order, each sign once. */
function signsOf(bundle: Bundle): Block[] {
  return bundle.blocks.filter(
    (b, i) => bundle.blocks.findIndex((o) => METHODS[o.step].glyph === METHODS[b.step].glyph) === i,
  );
}

const DOG_PX = 8.6;
const SMALL_DOG_PX = 7.4;
const PLACE_PX = 6.6;
const LEAST_LETTERS = 2;

/** How the dog's name is set in a block: large, small, or beneath it. */
function nameSize(name: string, width: number): 'large' | 'small' | 'below' {
  if (name.length * DOG_PX + 12 <= width) return 'large';
  return name.length * SMALL_DOG_PX + 8 <= width ? 'small' : 'below';
}

/** The text under a block, if it fits before the next: the name that found no room in it, or the station. */
function underWords(
  bundle: Bundle,
  names: Names,
  width: number,
  room: number,
): { readonly words: string; readonly name: boolean } | null {
  const name = nameOf(bundle, names);
  if (nameSize(name, width) === 'below') {
    if (name.length * SMALL_DOG_PX <= room) return { words: name, name: true };
    // A block without a name tells nothing: as many letters as there is room for.
    const letters = Math.floor(room / SMALL_DOG_PX) - 1;
    const isOneDog = bundle.blocks.every((b) => b.dogId === bundle.blocks[0]?.dogId);
    return !isOneDog || letters < LEAST_LETTERS ? null : { words: `${name.slice(0, letters)}.`, name: true };
  }
  const stationId = bundle.blocks[0]?.stationId ?? null;
  if (stationId === null || bundle.blocks.some((b) => b.stationId !== stationId)) return null;
  const words = names.station(stationId).toLowerCase();
  return words.length * PLACE_PX <= room ? { words, name: false } : null;
}

/** Tasks of one person that follow each other, as one block. */
export function BundleView({ bundle, kennel, names, x, width, room, onTask }: Props) {
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
  const below = underWords(bundle, names, width, room);
  return (
    <>
      {many ? (
        <Popover trigger="click" content={list}>
          {button}
        </Popover>
      ) : (
        button
      )}
      {below !== null && (
        <span className={`block-place${below.name ? ' name' : ''}`} style={{ left: x + 1 }}>
          {below.words}
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
