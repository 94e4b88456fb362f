/*
 * The kennel's own handbook: how each breed is done here, from the same lines as at the bench, to be read and printed.
 */
import { Button, Select } from 'antd';
import { useMemo } from 'react';
import { coatProgram, localDayOf } from '@loyal-mane/core';
import type { CareProgram, StepId } from '@loyal-mane/core';
import { stepPage } from '@loyal-mane/library/pages';
import { CAUTIONS, COAT_WORDS, DEFER, METHODS } from '@loyal-mane/library/words';
import type { MethodsBody } from '../../api/commands';
import type { Kennel } from '../../api/queries';
import { serverNowMs } from '../../api/serverClock';
import { DogBadge, StepGlyph } from '../../parts/Glyph';
import { PageLines } from '../../parts/PageLines';
import { libraryOf } from '../../parts/dogRecord';
import { useRooms } from '../../parts/useRooms';
import { askFor } from './askFor';
import { methodsOf } from './useMethodsDraft';
import type { MethodsDraft } from './useMethodsDraft';
import './handbook.css';

/** Every breed of the library, and the kennel's own. */
const ALL = 'all';

interface Props {
  /** A breed, or `all`; "" = the breeds of the kennel's dogs. */
  readonly whose: string;
  readonly draft: MethodsDraft;
  readonly onWhose: (whose: string) => void;
}

/** How we do our breeds. */
export function Handbook({ whose, draft, onWhose }: Props) {
  const { kennel, names } = useRooms();
  const day = localDayOf(serverNowMs(), names.zone);
  const known = useMemo(() => [...libraryOf(kennel).breeds.keys()].sort(), [kennel]);
  const ours = useMemo(() => [...new Set(kennel.dogs.map((d) => d.breed))].sort(), [kennel]);
  const breeds = whose === ALL ? known : known.includes(whose) ? [whose] : ours;
  return (
    <div className="handbook">
      <div className="page-of">
        <Select
          aria-label="Breeds"
          className="w-step"
          showSearch={{ optionFilterProp: 'label' }}
          value={known.includes(whose) || whose === ALL ? whose : ''}
          onChange={onWhose}
          options={[
            { value: '', label: `Our ${String(ours.length)} breeds` },
            { value: ALL, label: `All ${String(known.length)} breeds` },
            ...known.map((name) => ({ value: name, label: name })),
          ]}
        />
        <Button onClick={() => window.print()}>Print</Button>
        <span className="soft">{DEFER}</span>
      </div>
      {breeds.map((breed) => (
        <BreedPages key={breed} breed={breed} kennel={kennel} body={draft.body} day={day} />
      ))}
    </div>
  );
}

interface BreedProps {
  readonly breed: string;
  readonly kennel: Kennel;
  readonly body: MethodsBody;
  readonly day: ReturnType<typeof localDayOf>;
}

function BreedPages({ breed, kennel, body, day }: BreedProps) {
  const library = libraryOf(kennel);
  const facts = library.breeds.get(breed);
  if (facts === undefined) return null;
  const parts = partsOf(coatProgram(facts.coat, library, methodsOf(body), kennel.people));
  return (
    <article className="breed-pages" aria-label={breed}>
      <header>
        <DogBadge badge={facts.badge} width={96} />
        <h2 className="serif">How we do {withArticle(breed)}</h2>
        <p className="soft">{COAT_WORDS[facts.coat]} coat</p>
      </header>
      {parts.map(({ name, steps }) => (
        <section key={name}>
          <h3 className="serif">{name}</h3>
          <div className="breed-steps">
            {steps.map((step) => {
              const ask = askFor(breed, step, kennel, body.schools, day);
              if (ask === null) return null;
              const page = stepPage(ask, body.lines);
              return (
                <div key={step} className="breed-step">
                  <h4>
                    <StepGlyph step={step} size={18} /> {METHODS[step].name}
                  </h4>
                  <PageLines page={page} />
                  <p>
                    <b>Finished when:</b> {page.done}
                  </p>
                  {page.cautions.length > 0 && (
                    <p className="caution">{page.cautions.map((c) => CAUTIONS[c]).join(' ')}</p>
                  )}
                </div>
              );
            })}
          </div>
        </section>
      ))}
    </article>
  );
}

/** "a Samoyed", "an Irish Setter". */
function withArticle(breed: string): string {
  return `${['A', 'E', 'I', 'O', 'U'].includes(breed.charAt(0).toUpperCase()) ? 'an' : 'a'} ${breed}`;
}

/** Steps of a program by part, each once: a step that comes twice reads the same both times. */
function partsOf(program: CareProgram): { readonly name: string; readonly steps: readonly StepId[] }[] {
  const seen = new Set<StepId>();
  const fresh = (steps: readonly { readonly step: StepId }[]): StepId[] =>
    steps.flatMap(({ step }) => {
      if (seen.has(step)) return [];
      seen.add(step);
      return [step];
    });
  return [
    { name: 'Before a show', steps: fresh(program.preparation) },
    { name: 'At the show', steps: fresh([...program.between, ...program.showMorning]) },
    { name: 'After it', steps: fresh(program.after) },
    { name: 'Between shows', steps: fresh(program.keepUp.flatMap((rule) => rule.steps)) },
  ].filter((part) => part.steps.length > 0);
}
