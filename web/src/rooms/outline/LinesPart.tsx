/*
 * The lines that a groomer sets, in numbers: off the breed's own at both ends, in mm or inches.
 */
import { InputNumber, Segmented } from 'antd';
import { useState } from 'react';
import { OUTLINE_LINES } from '@loyal-mane/core';
import type { LineEnds, OutlineLine, SetLines } from '@loyal-mane/core';
import { LINE_WORDS } from '@loyal-mane/library/words';
import { boundedMm } from './LineHandles';

const MM_PER_INCH = 25.4;

interface Props {
  readonly lines: SetLines;
  readonly isLead: boolean;
  readonly onMove: (line: OutlineLine, ends: LineEnds, hold: string) => void;
}

/** A row a line. */
export function LinesPart({ lines, isLead, onMove }: Props) {
  const [unit, setUnit] = useState<'mm' | 'in'>('mm');
  return (
    <section aria-label="Lines">
      <h2 className="serif">Lines set by hand</h2>
      <div className="soft">
        Off the breed’s own line, + outward. Drag their ends in the drawing, or type.{' '}
        <Segmented
          aria-label="Unit of the lines"
          value={unit}
          options={['mm', 'in']}
          onChange={(u) => setUnit(u as 'mm' | 'in')}
        />
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
                      <EndField
                        label={`${LINE_WORDS[line].name} ${LINE_WORDS[line][end]}`}
                        hint={LINE_WORDS[line][end]}
                        mm={ends[end]}
                        unit={unit}
                        isLead={isLead}
                        onMm={(mm) => onMove(line, { ...ends, [end]: mm }, `typed ${line} ${end}`)}
                      />
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

interface FieldProps {
  readonly label: string;
  readonly hint: string;
  readonly mm: number;
  readonly unit: 'mm' | 'in';
  readonly isLead: boolean;
  readonly onMm: (mm: number) => void;
}

function EndField({ label, hint, mm, unit, isLead, onMm }: FieldProps) {
  const shown = unit === 'mm' ? mm : Math.round((mm / MM_PER_INCH) * 100) / 100;
  return (
    <>
      <InputNumber
        key={`${unit}-${String(shown)}`}
        aria-label={`${label}, ${unit}`}
        disabled={!isLead}
        step={unit === 'mm' ? 1 : 0.05}
        defaultValue={shown}
        style={{ width: 84 }}
        onPressEnter={(e) => (e.target as HTMLInputElement).blur()}
        onBlur={(e) => {
          const typed = Number(e.target.value.replace(',', '.'));
          if (e.target.value.trim() === '' || !Number.isFinite(typed) || typed === shown) return;
          onMm(boundedMm(unit === 'mm' ? typed : typed * MM_PER_INCH));
        }}
      />{' '}
      <span className="soft">{hint}</span>
    </>
  );
}
