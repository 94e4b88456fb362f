/*
 * Jackets under their towels, whoever set them: how long still, and a touch for whoever has looked in.
 */
import type { OpenTowel } from '@loyal-mane/core';
import type { Names } from '@loyal-mane/library/words';
import { StepGlyph } from '../../parts/Glyph';
import { towelWords } from '../../parts/towels';
import { ClockCard } from './ClockCard';

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
          <ClockCard
            key={open.work.taskKey}
            phase={isDue ? 'over' : 'early'}
            picture={<StepGlyph step="towelSet" size={44} />}
            name={`${names.dog(open.work.dogId)}: towel set`}
            words={words}
            live={isDue ? 'polite' : 'off'}
            answer="Looked in"
            onAnswer={() => onLook(open)}
          />
        );
      })}
    </section>
  );
}
