/*
 * The questions on which good practitioners disagree: both sides with their reasons, which one holds, which dogs differ.
 */
import { COAT_CLASSES, usualSide } from '@loyal-mane/core';
import type { CoatClass, Condition, School, SchoolId, Side } from '@loyal-mane/core';
import { SCHOOLS } from '@loyal-mane/library';
import { COAT_WORDS, SCHOOL_WORDS } from '@loyal-mane/library/words';
import type { Names } from '@loyal-mane/library/words';
import type { Methods } from '../../api/queries';
import type { Choices } from '../../api/commands';
import type { MethodsDraft } from './useMethodsDraft';

interface Props {
  readonly methods: Methods;
  readonly draft: MethodsDraft;
  readonly names: Names;
  readonly mayChange: boolean;
  /** The dog whose own ways are shown; null = the kennel's. */
  readonly dog: Methods['dogs'][number] | null;
  /** The dog that is asked about: some questions have another usual answer then. */
  readonly isMetBy: (condition: Condition) => boolean;
}

/** The schools that concern the coats here. */
export function SchoolList({ methods, draft, names, mayChange, dog, isMetBy }: Props) {
  const asked = SCHOOLS.filter((s) => dog === null || s.coats === undefined || s.coats.includes(dog.coat));
  return (
    <ol className="schools">
      {asked.map((school) => (
        <Question key={school.id} school={school} {...{ methods, draft, names, mayChange, dog, isMetBy }} />
      ))}
    </ol>
  );
}

function Question({ school, methods, draft, names, mayChange, dog, isMetBy }: Props & { school: School }) {
  const words = SCHOOL_WORDS[school.id];
  const chosen = draft.choices[school.id];
  const usual = usualSides(school);
  const kennel = methods.schools[school.id];
  const inForce: Side | null = chosen ?? (dog === null ? null : (kennel ?? usualSide(school, dog.coat, isMetBy)));
  const differ = methods.dogs.filter((d) => d.schools[school.id] !== undefined && dog === null);
  const moved = chosen !== draft.saved.schools[school.id];
  return (
    <li className={moved ? 'moved' : ''} id={`school-${school.id}`}>
      <h3>{words.question}</h3>
      <div className="sides" role="radiogroup" aria-label={words.question}>
        {(['a', 'b'] as const).map((side) => {
          const coats = usual[side];
          const isInForce = inForce === side || (inForce === null && coats !== '');
          return (
            <button
              key={side}
              type="button"
              role="radio"
              aria-checked={chosen === side}
              disabled={!mayChange}
              className={`plain side${isInForce ? ' in-force' : ''}`}
              onClick={() => draft.choose(school.id, chosen === side ? null : side)}
            >
              <b>{words[side].name}</b>
              <span className="soft">{words[side].reason}</span>
              {inForce === null && coats !== '' && <em>{coats}</em>}
              {chosen === side && <em className="mark">{dog === null ? 'how we do it' : 'for this dog'}</em>}
            </button>
          );
        })}
        <button
          type="button"
          role="radio"
          aria-checked={chosen === undefined}
          disabled={!mayChange}
          className="plain side as-usual"
          onClick={() => draft.choose(school.id, null)}
        >
          <b>{dog === null ? 'Standard' : 'As the house does it'}</b>
          <span className="soft">{dog === null ? 'by coat' : 'no exception for this dog'}</span>
        </button>
      </div>
      <p className="soft usual">
        {words.usual}
        {differ.length > 0 && (
          <b>
            {' '}
            {differ
              .map((d) => `${names.dog(d.dogId)}: ${words[d.schools[school.id] ?? 'a'].name.toLowerCase()}`)
              .join('; ')}
            .
          </b>
        )}
      </p>
    </li>
  );
}

/** Where each side is usual, in words; empty where it is not. */
function usualSides(school: School): Readonly<Record<Side, string>> {
  const coats = school.coats ?? COAT_CLASSES;
  const of = (side: Side): string => {
    const mine = coats.filter((c) => usualSide(school, c, () => false) === side);
    if (mine.length === 0) return '';
    return mine.length === coats.length ? 'usual' : `usual on ${listOf(mine, coats)}`;
  };
  return { a: of('a'), b: of('b') };
}

/** "drop and scissored coats", or "all others" where that is shorter. */
function listOf(mine: readonly CoatClass[], asked: readonly CoatClass[]): string {
  if (mine.length * 2 > asked.length) return 'all others';
  const names = mine.map((c) => COAT_WORDS[c].toLowerCase());
  return `${names.length === 1 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names.at(-1) ?? ''}`} coats`;
}

/** How many questions a kennel has decided away from what is usual or against it. */
export function ownWays(choices: Choices): SchoolId[] {
  return SCHOOLS.map((s) => s.id).filter((id) => choices[id] !== undefined);
}
