/*
 * Corrections by name for the eye of the judge with what each changes, how hard the length is kept, and the proportions.
 */
import { Button, Slider } from 'antd';
import { CORRECTION_IDS, bodyFaults, outlineProportions, solveOutline } from '@loyal-mane/core';
import type { CorrectionId, OutlineAsk } from '@loyal-mane/core';
import { ZONE_NAMES } from '@loyal-mane/library';
import { CORRECTION_WORDS, FAULT_NAMES, mmWords } from '@loyal-mane/library/words';
import { useRooms } from '../../parts/useRooms';
import { LinesPart } from './LinesPart';
import type { SolvedOutline, WayToShow } from './outlineOf';
import type { useOutlineDraft } from './useOutlineDraft';

interface Props {
  readonly ask: OutlineAsk;
  readonly solved: SolvedOutline;
  readonly draft: ReturnType<typeof useOutlineDraft>;
  readonly way: WayToShow | null;
}

/** Corrections, balance and proportions. */
export function CorrectionsPart({ ask, solved, draft, way }: Props) {
  const { lead } = useRooms();
  const { corrections, lengthPull } = draft.draft;
  return (
    <section aria-label="For the eye">
      <Proportions ask={ask} solved={solved} />
      <Faults ask={ask} draft={draft} flattery={way?.flattery ?? 1} />
      {CORRECTION_IDS.map((id) => (
        <div key={id} className="outline-correction">
          <span>
            <b>{CORRECTION_WORDS[id].name}</b>
            <span className="soft">{effectWords(ask, solved, id, corrections[id] ?? 0)}</span>
          </span>
          <Slider
            ariaLabelForHandle={CORRECTION_WORDS[id].name}
            min={0}
            max={1}
            step={0.05}
            disabled={!lead}
            value={corrections[id] ?? 0}
            tooltip={{ formatter: (v) => `${String(Math.round((v ?? 0) * 100))} %` }}
            onChange={(v) => draft.set({ corrections: { ...corrections, [id]: v } }, id)}
            onChangeComplete={draft.release}
          />
        </div>
      ))}
      <div className="outline-correction">
        <span>
          <b>Keep length to height</b>
          <span className="soft">a long back may raise the whole topline to keep the ratio: more keeps it harder</span>
        </span>
        <Slider
          ariaLabelForHandle="Keep length to height"
          min={0}
          max={1}
          step={0.05}
          disabled={!lead}
          value={lengthPull}
          onChange={(v) => draft.set({ lengthPull: v }, 'pull')}
          onChangeComplete={draft.release}
        />
      </div>
      <LinesPart lines={draft.draft.lines} isLead={lead} onMove={draft.line} />
      <Lifts solved={solved} />
      <p className="soft">
        Hair shows or hides; movement and hands on the dog tell the rest. Whoever sees the dog move has the last word.
      </p>
    </section>
  );
}

/** Lift on the morning of the ring, where cutting and growing cannot help. */
function Lifts({ solved: { lifts } }: Pick<Props, 'solved'>) {
  if (lifts.length === 0) return null;
  return (
    <section aria-label="Lift">
      <h2 className="serif">Lift on the ring morning</h2>
      <ul className="outline-faults">
        {lifts.map(({ zone, liftMm, leftMm }) => (
          <li key={zone}>
            {ZONE_NAMES[zone].charAt(0).toUpperCase() + ZONE_NAMES[zone].slice(1)}: {mmWords(liftMm)} by product at the
            root, dried into place
            {leftMm >= 0.5 ? `; ${mmWords(leftMm)} are missing still` : ''}.
          </li>
        ))}
      </ul>
      <p className="soft">It holds some hours. The show’s own rules on product come first.</p>
    </section>
  );
}

/** The body against its breed's, and what flatters it at a touch. */
function Faults({ ask, draft, flattery }: Pick<Props, 'ask' | 'draft'> & { readonly flattery: number }) {
  const { lead } = useRooms();
  const { corrections } = draft.draft;
  const faults = bodyFaults(ask.body, ask.breed, ask.heightMm, flattery);
  if (faults.length === 0)
    return <p className="soft">By its measures the body is the breed’s: nothing that the coat has to hide.</p>;
  return (
    <ul className="outline-faults" aria-label="Against the standard">
      {faults.map(({ fault, offMm, correction, amount }) => (
        <li key={fault}>
          {mmWords(offMm)} {FAULT_NAMES[fault]}.{' '}
          {lead && (corrections[correction] ?? 0) < amount - 0.01 && (
            <Button
              size="small"
              onClick={() => draft.set({ corrections: { ...corrections, [correction]: Math.round(amount * 20) / 20 } })}
            >
              {CORRECTION_WORDS[correction].name}, {Math.round(amount * 100)} %
            </Button>
          )}
        </li>
      ))}
    </ul>
  );
}

/** Less than this is no effect, mm. */
const SEEN_MM = 0.5;

/** Effect of a correction at this amount, or why it has none. */
function effectWords(ask: OutlineAsk, solved: SolvedOutline, id: CorrectionId, amount: number): string {
  const { does } = CORRECTION_WORDS[id];
  if (amount === 0) return does;
  const without = solveOutline({ ...ask, corrections: { ...ask.corrections, [id]: 0 } });
  let most = 0;
  let wanted = 0;
  solved.answer.stations.forEach((s, i) => {
    const before = without.stations[i];
    if (before === undefined || s.isHidden) return;
    wanted = Math.max(wanted, Math.abs(s.targetDepth - before.targetDepth));
    most = Math.max(most, Math.abs(s.depth - before.depth));
  });
  if (most >= SEEN_MM) return `${does}: up to ${mmWords(most)} of outline`;
  if (wanted >= SEEN_MM) return 'no effect: the hair there is locked, not measured, or too short on the day';
  return 'no effect: the zones have lengths of their own in the cut list';
}

function Proportions({ ask, solved: { answer } }: { readonly ask: OutlineAsk; readonly solved: SolvedOutline }) {
  const { stations, target, targetTips } = answer;
  const rows = [
    [
      'bare body',
      outlineProportions(
        stations,
        stations.map(() => 0),
      ),
    ],
    [
      'if left',
      outlineProportions(
        stations,
        stations.map((s) => s.onDayDepth),
      ),
    ],
    [
      'as cut',
      outlineProportions(
        stations,
        stations.map((s) => s.depth),
      ),
    ],
    ['wanted', outlineProportions(target, targetTips)],
  ] as const;
  return (
    <table className="outline-proportions">
      <caption className="soft">
        Standard, bare: length to height {ask.breed.length.toFixed(2)}. The coat adds to both.
      </caption>
      <thead>
        <tr>
          <th scope="col">With the coat</th>
          <th scope="col">length : height</th>
          <th scope="col">leg</th>
          <th scope="col">croup below withers</th>
        </tr>
      </thead>
      <tbody>
        {rows.map(([name, p]) => (
          <tr key={name}>
            <th scope="row">{name}</th>
            <td>{p.lengthToHeight.toFixed(2)}</td>
            <td>{Math.round(p.legShare * 100)} %</td>
            <td>{mmWords(p.slopeMm)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
