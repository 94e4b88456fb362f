/*
 * Jackets under their towels, whoever set them: how long still, and a touch for whoever has looked in.
 */
import type { OpenTowel } from '@loyal-mane/core';
import type { Names } from '@loyal-mane/library/words';
import { StepGlyph } from '../../parts/Glyph';
import { towelWords } from '../../parts/towels';

interface Props {
  readonly towels: readonly OpenTowel[];
  readonly names: Names;
  readonly now: number;
  readonly onLook: (open: OpenTowel) => void;
}

/** All towel sets of the kennel; nothing where there is none. */
export function TowelClocks({ towels, names, now, onLook }: Props) {
  if (towels.length === 0) return null;
  return (
    <section className="soak-clocks" aria-label="Under the towel now">
      {towels.map((open) => {
        const { words, isDue } = towelWords(open, now);
        return (
          <div key={open.work.taskKey} className={isDue ? 'over' : 'early'}>
            <StepGlyph step="towelSet" size={44} />
            <span>
              <b>{names.dog(open.work.dogId)}: towel set</b>
              <span role="timer" aria-live={isDue ? 'polite' : 'off'}>
                {words}
              </span>
            </span>
            <button type="button" onClick={() => onLook(open)}>
              Looked in
            </button>
          </div>
        );
      })}
    </section>
  );
}
