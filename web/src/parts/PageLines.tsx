/*
 * The lines of a step's page in working order; sequences that are guided stand as blocks of their own, ticked one by one
 * where somebody works.
 */
import { useEffect, useRef } from 'react';
import type { PageLine, SequenceId } from '@loyal-mane/core';
import type { StepPage } from '@loyal-mane/library/pages';
import { SEQUENCE_NAMES, zonesWords } from '@loyal-mane/library/words';
import './pageLines.css';

/** Ticking: what is ticked, and who is told; `null` where nobody works. */
export interface Ticking {
  readonly ticked: ReadonlySet<string>;
  readonly onTick: (line: string, isTicked: boolean) => void;
}

/** A run of ordinary lines, or one guided sequence. */
interface Part {
  readonly sequence: SequenceId | null;
  readonly lines: readonly PageLine[];
}

/** Lines of a page as blocks, in their order. */
export function partsOf(lines: readonly PageLine[]): Part[] {
  const parts: { sequence: SequenceId | null; lines: PageLine[] }[] = [];
  for (const line of lines) {
    const sequence = line.sequence ?? null;
    const last = parts.at(-1);
    if (last?.sequence === sequence) last.lines.push(line);
    else parts.push({ sequence, lines: [line] });
  }
  return parts;
}

/** All lines of a page. */
export function PageLines({ page, ticking = null }: { page: StepPage; ticking?: Ticking | null }) {
  return (
    <div className="page-lines">
      {partsOf(page.lines).map(({ sequence, lines }) =>
        sequence === null ? (
          <ol className="how" key={lines[0]?.id}>
            {lines.map((line) => (
              <li key={line.id} className={line.own === true ? 'own' : undefined}>
                {line.text}
              </li>
            ))}
          </ol>
        ) : (
          <Sequence key={lines[0]?.id} sequence={sequence} lines={lines} ticking={ticking} />
        ),
      )}
    </div>
  );
}

interface SequenceProps {
  readonly sequence: SequenceId;
  readonly lines: readonly PageLine[];
  readonly ticking: Ticking | null;
}

function Sequence({ sequence, lines, ticking }: SequenceProps) {
  const name = SEQUENCE_NAMES[sequence];
  const done = lines.filter((l) => ticking?.ticked.has(l.id) === true).length;
  const now = ticking === null ? undefined : lines.find((l) => !ticking.ticked.has(l.id));
  const current = useRef<HTMLLIElement>(null);
  // The line that comes next stays in sight while those before it are ticked.
  useEffect(() => {
    if (done > 0) current.current?.scrollIntoView({ block: 'nearest' });
  }, [done]);
  return (
    <section className="sequence" aria-label={name}>
      <h3>
        {name}
        {ticking !== null && <span className="soft">{` ${String(done)} of ${String(lines.length)}`}</span>}
      </h3>
      <ol>
        {lines.map((line) => (
          <li key={line.id} ref={line === now ? current : undefined} aria-current={line === now ? 'step' : undefined}>
            {ticking === null ? (
              <LineText line={line} />
            ) : (
              <button
                type="button"
                role="checkbox"
                aria-checked={ticking.ticked.has(line.id)}
                onClick={() => ticking.onTick(line.id, !ticking.ticked.has(line.id))}
              >
                <i aria-hidden>{ticking.ticked.has(line.id) ? '✓' : ''}</i>
                <LineText line={line} />
              </button>
            )}
          </li>
        ))}
      </ol>
    </section>
  );
}

function LineText({ line }: { line: PageLine }) {
  const zones = zonesWords(line.zones ?? [], 4);
  return (
    <span>
      {line.text}
      {line.look !== undefined && <small>{line.look}</small>}
      {zones !== '' && <small className="zones">{zones}</small>}
    </span>
  );
}
