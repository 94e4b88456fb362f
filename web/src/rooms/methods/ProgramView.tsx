/*
 * A care program as a chain on the count-back scale: each step's window as a line, its place as its sign, ring at the right.
 * Drawn for a grown dog, a puppy or a coat in change; the keep-up work between shows stands below it.
 */
import { Select } from 'antd';
import { useMemo, useState } from 'react';
import {
  COAT_CLASSES,
  REFERENCE_KG,
  coatProgram,
  countBackScale,
  keepUpRows,
  programChain,
  ticksOf,
} from '@loyal-mane/core';
import type { ChainStep, CoatClass, CoatStage, KeepUpRow } from '@loyal-mane/core';
import { CARE_LIBRARY } from '@loyal-mane/library';
import { COAT_WORDS, CONDITION_WORDS, METHODS } from '@loyal-mane/library/words';
import type { Kennel } from '../../api/queries';
import { StepGlyph } from '../../parts/Glyph';
import { ProgramChanges } from './ProgramChanges';
import { methodsOf } from './useMethodsDraft';
import type { MethodsDraft } from './useMethodsDraft';

const LEFT = 232;
const RIGHT = 218;
const ROW = 22;
const TOP = 26;
const REACH_D = 14;
const BEYOND_H = -8;

const STAGES: readonly { readonly value: CoatStage; readonly label: string }[] = [
  { value: 'adult', label: 'a grown dog' },
  { value: 'puppy', label: 'a puppy' },
  { value: 'coatChange', label: 'a dog in coat change' },
];

interface Props {
  readonly coat: CoatClass;
  readonly draft: MethodsDraft;
  readonly mayChange: boolean;
  readonly people: Kennel['people'];
  readonly width: number;
  readonly onCoat: (coat: CoatClass) => void;
  readonly onStep: (step: ChainStep['step']) => void;
}

/** One coat's program, and what of it the kennel has changed. */
export function ProgramView({ coat, draft, mayChange, people, width, onCoat, onStep }: Props) {
  const { body } = draft;
  const [stage, setStage] = useState<CoatStage>('adult');
  const program = useMemo(() => coatProgram(coat, CARE_LIBRARY, methodsOf(body), people), [coat, body, people]);
  const chain = useMemo(() => programChain(program, CARE_LIBRARY, stage), [program, stage]);
  return (
    <>
      <div className="coats" role="group" aria-label="Coat">
        {COAT_CLASSES.map((c) => (
          <button key={c} className="plain" aria-pressed={c === coat} onClick={() => onCoat(c)}>
            {COAT_WORDS[c]}
          </button>
        ))}
        <label className="drawn-for">
          Drawn for{' '}
          <Select aria-label="Drawn for" className="w-stage" value={stage} options={[...STAGES]} onChange={setStage} />
        </label>
      </div>
      <ProgramChanges key={coat} coat={coat} draft={draft} mayChange={mayChange} />
      <ChainDrawing chain={chain} width={width} onStep={onStep} />
      <p className="soft">
        Minutes for a dog of about {Math.round(REFERENCE_KG)} kg with the coat kept at its interval, undercoat loaded.
        Lines show when a step is allowed, signs where it is wanted; the ring is at 0.
      </p>
      <h2 className="serif">Between shows</h2>
      <ul className="keep-up">
        {keepUpRows(program, CARE_LIBRARY, stage).map((row) => (
          <li key={row.id}>
            <span className="soft">{everyWords(row)}</span>
            <span>
              {row.steps.map((s, i) => (
                <button key={`${s.step}${String(i)}`} className="plain" onClick={() => onStep(s.step)}>
                  <StepGlyph step={s.step} size={15} /> {METHODS[s.step].name}{' '}
                  <span className="soft">{Math.max(1, Math.round(s.minutes))} min</span>
                </button>
              ))}
            </span>
          </li>
        ))}
      </ul>
    </>
  );
}

interface DrawingProps extends Pick<Props, 'width' | 'onStep'> {
  readonly chain: readonly ChainStep[];
}

/** The program's steps on the count-back scale: lines where they are allowed, signs where they are wanted. */
function ChainDrawing({ chain, width, onStep }: DrawingProps) {
  const scale = useMemo(() => countBackScale(REACH_D * 24), []);
  const strand = Math.max(320, width - LEFT - RIGHT);
  const room = strand * 0.94;
  const x = (hours: number): number => LEFT + Math.min(strand, Math.max(0, scale.x(Math.max(BEYOND_H, hours)) * room));
  const height = TOP + chain.length * ROW;
  return (
    <div className="wide-scroll">
      <div className="chain" style={{ height, width: LEFT + strand + RIGHT }}>
        <svg width={LEFT + strand + RIGHT} height={height} aria-hidden>
          {ticksOf(scale, room).map((t) => (
            <g key={t.label}>
              <text x={x(t.hours)} y={14} textAnchor="middle" fontSize={13} fill="var(--soft)">
                {t.label}
              </text>
              <path
                d={`M${String(x(t.hours))} 22V${String(height)}`}
                stroke={t.hours === 0 ? 'var(--ink)' : 'var(--line)'}
                strokeDasharray={t.hours === 0 ? undefined : '1.5 4'}
              />
            </g>
          ))}
          {chain.map((s, i) => (
            <StepMark key={`${s.step}${String(i)}`} s={s} y={TOP + i * ROW + ROW / 2} x={x} />
          ))}
        </svg>
        {chain.map((s, i) => (
          <div key={`${s.step}${String(i)}`} className="chain-row" style={{ top: TOP + i * ROW, height: ROW }}>
            <button className="plain" onClick={() => onStep(s.step)} style={{ width: LEFT - 14 }}>
              <StepGlyph step={s.step} size={15} /> {METHODS[s.step].name}
            </button>
            <span className="soft" title={sideWords(s)} style={{ left: LEFT + strand + 14, width: RIGHT - 14 }}>
              {sideWords(s)}
            </span>
          </div>
        ))}
      </div>
    </div>
  );
}

function StepMark({ s, y, x }: { s: ChainStep; y: number; x: (hours: number) => number }) {
  return (
    <g>
      <path d={`M${String(x(s.fromH))} ${String(y)}H${String(x(s.toH))}`} stroke="var(--worn)" strokeWidth={3} />
      <circle cx={x(s.aimH)} cy={y} r={9} fill="var(--paper)" />
      <svg
        x={x(s.aimH) - 8}
        y={y - 8}
        width={16}
        height={16}
        viewBox="0 0 24 24"
        color={`var(--${METHODS[s.step].tone})`}
      >
        <use href={`/sprites/glyphs.svg#g-${METHODS[s.step].glyph}`} />
      </svg>
    </g>
  );
}

/** "every 10 days, over 4 days, if fringed" */
function everyWords(row: KeepUpRow): string {
  const every = row.everyDays === 1 ? 'daily' : `every ${String(row.everyDays)} days`;
  const over = row.spreadDays > 1 ? `, over up to ${String(row.spreadDays)} days` : '';
  return `${every}${over}${row.when.map((c) => `, if ${CONDITION_WORDS[c]}`).join('')}`;
}

function sideWords(s: ChainStep): string {
  const when = [...s.when.map((c) => CONDITION_WORDS[c]), ...(s.part === 'between' ? ['shown again'] : [])].join(', ');
  const lag = s.lag === null ? '' : s.lag[1] === 0 ? ', at once' : `, within ${String(s.lag[1])} min`;
  return `${String(Math.round(s.minutes))} min${lag}${when === '' ? '' : `, if ${when}`}`;
}
