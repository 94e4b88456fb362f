/*
 * Methods: how do we do it here? Schools with both sides' reasons, programs as chains, a page a step; a change shows what
 * it would move before it is saved, and every version can be taken up again.
 */
import { useSuspenseQuery } from '@tanstack/react-query';
import { Select } from 'antd';
import { useSearchParams } from 'react-router';
import { COAT_CLASSES, STEP_IDS, ZONE_IDS, isMet, localDayOf, noEntry } from '@loyal-mane/core';
import type { CoatClass, Condition, LocalDay, StepId } from '@loyal-mane/core';
import { methodsQuery } from '../../api/queries';
import type { Kennel } from '../../api/queries';
import { serverNowMs } from '../../api/serverClock';
import { kennelDogOf } from '../../parts/dogRecord';
import { useRooms } from '../../parts/useRooms';
import { useWidth } from '../../parts/useWidth';
import { EffectBar } from './EffectBar';
import { History } from './History';
import { changeWords } from './effectWords';
import { ProgramView } from './ProgramView';
import { SchoolList, ownWays } from './SchoolList';
import { ProductsPage } from './ProductsPage';
import { ShowRules } from './ShowRules';
import { StepPages } from './StepPage';
import { useMethodsDraft } from './useMethodsDraft';
import { TINTS, ZonePage } from './ZonePage';
import './methods.css';

const PARTS = [
  { id: 'schools', name: 'Schools' },
  { id: 'programs', name: 'Programs' },
  { id: 'steps', name: 'Steps' },
  { id: 'products', name: 'Products' },
  { id: 'zones', name: 'Breeds by zone' },
  { id: 'rules', name: 'Show rules' },
] as const;

/** The methods of a dog before its next show. */
function holdsOf(kennel: Kennel, dogId: string | null, condition: Condition, day: LocalDay): boolean {
  const dog = kennel.dogs.find((d) => d.id === dogId);
  return dog !== undefined && isMet(condition, kennelDogOf(dog), { ...noEntry(day, false), nextShow: true });
}

export default function MethodsRoom() {
  const { kennel, names, lead, plan } = useRooms();
  const methods = useSuspenseQuery(methodsQuery).data;
  const [params, setParams] = useSearchParams();
  const [ref, width] = useWidth(1224);
  const part = PARTS.find((p) => p.id === params.get('part'))?.id ?? 'schools';
  const dogId = methods.dogs.find((d) => d.dogId === params.get('dog'))?.dogId ?? null;
  const draft = useMethodsDraft(methods, dogId, kennel);
  const coat = COAT_CLASSES.find((c) => c === params.get('coat')) ?? 'scissored';
  const step = STEP_IDS.find((s) => s === params.get('step')) ?? 'bath';
  const go = (changes: Readonly<Record<string, string | null>>): void =>
    setParams((p) => {
      for (const [key, value] of Object.entries(changes)) {
        if (value === null) p.delete(key);
        else p.set(key, value);
      }
      return p;
    });
  const dog = methods.dogs.find((d) => d.dogId === dogId) ?? null;
  const own = ownWays(draft.saved.schools).length;
  const changed = draft.saved.steps.length + draft.saved.intervals.length;
  const bottles = draft.saved.products.length;
  const who = dog === null ? null : names.dog(dog.dogId);
  return (
    <div className="room" ref={ref}>
      <div className="sheet-head">
        <h1>
          {who === null ? 'Methods of the house:' : `Methods for ${who}:`}{' '}
          <b>{answerWords(own, changed, bottles, who !== null)}</b>
        </h1>
        <div className="days">
          <Select
            aria-label="For whom"
            style={{ width: 190 }}
            value={dogId ?? ''}
            onChange={(id: string) => go({ dog: id === '' ? null : id, part: null })}
            options={[
              { value: '', label: 'The whole kennel' },
              ...methods.dogs.map((d) => ({ value: d.dogId, label: `Only ${names.dog(d.dogId)}` })),
            ]}
          />
          <History
            methods={methods}
            names={names}
            lead={lead}
            plannedWith={plan?.methods ?? null}
            onTake={draft.take}
          />
        </div>
      </div>
      <nav className="parts" aria-label="Parts of Methods">
        {PARTS.map((p) => (
          <button
            key={p.id}
            className="plain"
            aria-current={p.id === part ? 'page' : undefined}
            onClick={() => go({ part: p.id === 'schools' ? null : p.id })}
          >
            {p.name}
          </button>
        ))}
      </nav>
      {plan !== null && plan.methods !== methods.number && (
        <p className="soft" role="note">
          The plan in force was made with {plan.methods === 0 ? 'no changes' : `version ${String(plan.methods)}`}. Plan
          again on the Countdown to work by version {methods.number}.
        </p>
      )}
      <EffectBar draft={draft} names={names} what={changeWords(draft.saved, draft.body)} />
      {part === 'schools' && (
        <SchoolList
          methods={methods}
          draft={draft}
          names={names}
          mayChange={lead}
          dog={dog}
          holdsFor={(condition) => holdsOf(kennel, dogId, condition, localDayOf(serverNowMs(), names.zone))}
        />
      )}
      {part === 'programs' && (
        <ProgramView
          coat={coat}
          draft={draft}
          mayChange={lead && dogId === null}
          people={kennel.people}
          width={width}
          onCoat={(c: CoatClass) => go({ coat: c })}
          onStep={(s: StepId) => go({ part: 'steps', step: s })}
        />
      )}
      {part === 'zones' && (
        <ZonePage
          breed={params.get('breed') ?? kennel.dogs[0]?.breed ?? ''}
          mayChange={lead}
          tint={TINTS.find((t) => t.id === params.get('tint'))?.id ?? 'cut'}
          zone={ZONE_IDS.find((z) => z === params.get('zone')) ?? null}
          onGo={go}
        />
      )}
      {part === 'products' && <ProductsPage draft={draft} mayChange={lead && dogId === null} />}
      {part === 'rules' && <ShowRules shows={kennel.shows} mayChange={lead} />}
      {part === 'steps' && <StepPages step={step} onStep={(s) => go({ step: s })} />}
    </div>
  );
}

function answerWords(own: number, changed: number, bottles: number, dog: boolean): string {
  const parts = [
    ...(own === 0 ? [] : [`${String(own)} ${own === 1 ? 'question' : 'questions'}`]),
    ...(changed === 0 ? [] : [`${String(changed)} ${changed === 1 ? 'step' : 'steps'}`]),
    ...(bottles === 0 ? [] : [`${String(bottles)} ${bottles === 1 ? 'product' : 'products'}`]),
  ];
  const usual = dog ? 'those of the house' : 'all standard';
  return parts.length === 0 ? usual : `${usual}, but for ${parts.join(' and ')}`;
}
