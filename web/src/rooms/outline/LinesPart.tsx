/*
 * The lines that a groomer sets, in numbers: off the breed's own at both ends, in mm or inches.
 */
import { OUTLINE_LINES } from '@loyal-mane/core';
import type { LineEnds, OutlineLine, SetLines } from '@loyal-mane/core';
import { LINE_WORDS } from '@loyal-mane/library/words';
import { LengthField, UnitChoice, lengthIn, useLengthUnit } from './LengthField';
import { boundedMm } from './LineHandles';

const STEPS = { mm: 1, in: 0.05 } as const;

interface Props {
  readonly lines: SetLines;
  readonly isLead: boolean;
  readonly onMove: (line: OutlineLine, ends: LineEnds, hold: string) => void;
}

/** A row a line. */
export function LinesPart({ lines, isLead, onMove }: Props) {
  const [unit, setUnit] = useLengthUnit();
  return (
    <section aria-label="Lines">
      <h2 className="serif">Lines set by hand</h2>
      <div className="soft">
        Off the breed’s own line, + outward. Drag their ends in the drawing, or type.{' '}
        <UnitChoice label="Unit of the lines" unit={unit} onUnit={setUnit} />
      </div>
      <table className="outline-measures">
        <tbody>
          {OUTLINE_LINES.map((line) => {
            const ends = lines[line] ?? { near: 0, far: 0 };
            return (
              <tr key={line}>
                <th scope="row">{LINE_WORDS[line].name}</th>
                {(['near', 'far'] as const).map((end) => (
                  <td key={end}>
                    {LINE_WORDS[line][end] !== '' && (
                      <>
                        <LengthField
                          label={`${LINE_WORDS[line].name} ${LINE_WORDS[line][end]}`}
                          shown={lengthIn(unit, ends[end])}
                          {...{ unit, isLead, steps: STEPS }}
                          onMm={(mm) => onMove(line, { ...ends, [end]: boundedMm(mm) }, `typed ${line} ${end}`)}
                        />{' '}
                        <span className="soft">{LINE_WORDS[line][end]}</span>
                      </>
                    )}
                  </td>
                ))}
              </tr>
            );
          })}
        </tbody>
      </table>
    </section>
  );
}
