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
import type { Kennel, Methods } from '../../api/queries';
import { serverNowMs } from '../../api/serverClock';
import { kennelDogOf } from '../../parts/dogRecord';
import { useRooms } from '../../parts/useRooms';
import { useWidth } from '../../parts/useWidth';
import { EffectBar } from './EffectBar';
import { Handbook } from './Handbook';
import { History } from './History';
import { changeWords } from './effectWords';
import { ProgramView } from './ProgramView';
import { SchoolList, ownWays } from './SchoolList';
import { ProductsPage } from './ProductsPage';
import { ShowRules } from './ShowRules';
import { StepPages } from './StepPage';
import { NO_METHODS, bodyOf, sameWork, useMethodsDraft } from './useMethodsDraft';
import type { MethodsDraft } from './useMethodsDraft';
import { TINTS, ZonePage } from './ZonePage';
import './methods.css';

const PARTS = [
  { id: 'schools', name: 'Schools' },
  { id: 'programs', name: 'Programs' },
  { id: 'steps', name: 'Steps' },
  { id: 'handbook', name: 'Handbook' },
  { id: 'products', name: 'Products' },
  { id: 'zones', name: 'Breeds by zone' },
  { id: 'rules', name: 'Show rules' },
] as const;

/** The methods of a dog before its next show. */
function isMetByDog(kennel: Kennel, dogId: string | null, condition: Condition, day: LocalDay): boolean {
  const dog = kennel.dogs.find((d) => d.id === dogId);
  return dog !== undefined && isMet(condition, kennelDogOf(dog), { ...noEntry(day, undefined), nextShow: true });
}

type PartId = (typeof PARTS)[number]['id'];
type Go = (changes: Readonly<Record<string, string | null>>) => void;

/** Sets places of the room in its address; null takes one away. */
function useGo(): readonly [URLSearchParams, Go] {
  const [params, setParams] = useSearchParams();
  const go: Go = (changes) =>
    setParams((p) => {
      for (const [key, value] of Object.entries(changes)) {
        if (value === null) p.delete(key);
        else p.set(key, value);
      }
      return p;
    });
  return [params, go];
}

/** The room of methods: for the whole kennel, or for one dog. */
export default function MethodsRoom() {
  const { kennel, names, plan } = useRooms();
  const methods = useSuspenseQuery(methodsQuery).data;
  const [params, go] = useGo();
  const [ref, width] = useWidth(1224);
  const part = PARTS.find((p) => p.id === params.get('part'))?.id ?? 'schools';
  const dogId = methods.dogs.find((d) => d.dogId === params.get('dog'))?.dogId ?? null;
  const draft = useMethodsDraft(methods, dogId, kennel);
  return (
    <div className="room" ref={ref}>
      <MethodsHead methods={methods} dogId={dogId} draft={draft} go={go} />
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
      {plan !== null && isOtherWork(methods, plan.methods) && (
        <p className="soft" role="note">
          The plan in force was made with {plan.methods === 0 ? 'no changes' : `version ${String(plan.methods)}`}. Plan
          again on the Countdown to work by version {methods.number}.
        </p>
      )}
      <EffectBar draft={draft} names={names} what={changeWords(draft.saved, draft.body)} />
      <MethodsPart part={part} methods={methods} dogId={dogId} draft={draft} width={width} params={params} go={go} />
    </div>
  );
}

interface HeadProps {
  readonly methods: Methods;
  readonly dogId: string | null;
  readonly draft: MethodsDraft;
  readonly go: Go;
}

function MethodsHead({ methods, dogId, draft, go }: HeadProps) {
  const { names, lead, plan } = useRooms();
  const own = ownWays(draft.saved.schools).length;
  const changed = draft.saved.steps.length + draft.saved.intervals.length;
  const bottles = draft.saved.products.length;
  return (
    <div className="sheet-head">
      <h1>
        {dogId === null ? 'Methods of the house:' : `Methods for ${names.dog(dogId)}:`}{' '}
        <b>{answerWords({ own, changed, bottles, lines: draft.saved.lines.length }, dogId !== null)}</b>
      </h1>
      <div className="days">
        <Select
          aria-label="For whom"
          className="w-step"
          value={dogId ?? ''}
          onChange={(id: string) => go({ dog: id === '' ? null : id, part: null })}
          options={[
            { value: '', label: 'The whole kennel' },
            ...methods.dogs.map((d) => ({ value: d.dogId, label: `Only ${names.dog(d.dogId)}` })),
          ]}
        />
        <History methods={methods} names={names} lead={lead} plannedWith={plan?.methods ?? null} onTake={draft.take} />
      </div>
    </div>
  );
}

interface PartProps extends HeadProps {
  readonly part: PartId;
  readonly width: number;
  readonly params: URLSearchParams;
}

function MethodsPart({ part, methods, dogId, draft, width, params, go }: PartProps) {
  const { kennel, names, lead } = useRooms();
  const ofKennel = lead && dogId === null;
  switch (part) {
    case 'schools':
      return (
        <SchoolList
          methods={methods}
          draft={draft}
          names={names}
          mayChange={lead}
          dog={methods.dogs.find((d) => d.dogId === dogId) ?? null}
          isMetBy={(condition) => isMetByDog(kennel, dogId, condition, localDayOf(serverNowMs(), names.zone))}
        />
      );
    case 'programs':
      return (
        <ProgramView
          coat={COAT_CLASSES.find((c) => c === params.get('coat')) ?? 'scissored'}
          draft={draft}
          mayChange={ofKennel}
          people={kennel.people}
          width={width}
          onCoat={(c: CoatClass) => go({ coat: c })}
          onStep={(s: StepId) => go({ part: 'steps', step: s })}
        />
      );
    case 'steps':
      return (
        <StepPages
          step={STEP_IDS.find((s) => s === params.get('step')) ?? 'bath'}
          whose={dogId ?? params.get('whose') ?? kennel.dogs[0]?.id ?? 'Samoyed'}
          draft={draft}
          mayChange={ofKennel}
          onStep={(s) => go({ step: s })}
          onWhose={(whose) => go({ whose, dog: null })}
        />
      );
    case 'handbook':
      return <Handbook whose={params.get('whose') ?? ''} draft={draft} onWhose={(whose) => go({ whose })} />;
    case 'products':
      return <ProductsPage draft={draft} mayChange={ofKennel} />;
    case 'zones':
      return (
        <ZonePage
          breed={params.get('breed') ?? kennel.dogs[0]?.breed ?? ''}
          mayChange={lead}
          tint={TINTS.find((t) => t.id === params.get('tint'))?.id ?? 'cut'}
          zone={ZONE_IDS.find((z) => z === params.get('zone')) ?? null}
          onGo={go}
        />
      );
    case 'rules':
      return <ShowRules shows={kennel.shows} mayChange={lead} />;
  }
}

/** How many things a kennel decides for itself. */
interface Counts {
  readonly own: number;
  readonly changed: number;
  readonly bottles: number;
  readonly lines: number;
}

/** Whether the methods of now ask for other work than those that a plan was made with; lines of pages do not. */
function isOtherWork(methods: Methods, plannedWith: number): boolean {
  if (plannedWith === methods.number) return false;
  const then = methods.history.find((h) => h.number === plannedWith);
  return !sameWork(bodyOf(methods), then === undefined ? NO_METHODS : bodyOf(then));
}

function answerWords({ own, changed, bottles, lines }: Counts, dog: boolean): string {
  const parts = [
    ...(own === 0 ? [] : [`${String(own)} ${own === 1 ? 'question' : 'questions'}`]),
    ...(changed === 0 ? [] : [`${String(changed)} ${changed === 1 ? 'step' : 'steps'}`]),
    ...(bottles === 0 ? [] : [`${String(bottles)} ${bottles === 1 ? 'product' : 'products'}`]),
    ...(lines === 0 ? [] : [`${String(lines)} ${lines === 1 ? 'line' : 'lines'} of pages`]),
  ];
  const usual = dog ? 'those of the house' : 'all standard';
  return parts.length === 0 ? usual : `${usual}, but for ${parts.join(' and ')}`;
}
