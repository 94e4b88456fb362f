/*
 * One step on one page, readable in twenty seconds: how, what shows that it is finished, what it needs, minutes by coat.
 */
import { useQuery } from '@tanstack/react-query';
import { Button, Select } from 'antd';
import { useState } from 'react';
import { COAT_CLASSES, STEP_IDS, coatClassOf, columnOf, localDayOf } from '@loyal-mane/core';
import type { CoatClass, ProductId, Products, StepId } from '@loyal-mane/core';
import { CARE_LIBRARY, TRIM_PARTS } from '@loyal-mane/library';
import { stepPage } from '@loyal-mane/library/pages';
import { methodsQuery } from '../../api/queries';
import type { Kennel } from '../../api/queries';
import { serverNowMs } from '../../api/serverClock';
import { productsOf } from '../../parts/kennelProducts';
import {
  COAT_WORDS,
  GOES_WRONG,
  METHODS,
  PRODUCT_NAMES,
  SKILL_WORDS,
  STATION_NAMES,
  TOOL_NOTES,
  TOOL_WORDS,
  productWords,
} from '@loyal-mane/library/words';
import { StepGlyph } from '../../parts/Glyph';
import { PageText } from '../../parts/HowTo';
import { libraryOf } from '../../parts/dogRecord';
import { useRooms } from '../../parts/useRooms';
import { LineEditor } from './LineEditor';
import { askFor } from './askFor';
import type { MethodsDraft } from './useMethodsDraft';

const STEPS: readonly StepId[] = [...STEP_IDS].sort((x, y) => METHODS[x].name.localeCompare(METHODS[y].name));

interface PagesProps {
  readonly step: StepId;
  /** Whose page: a dog's id, or the name of a breed. */
  readonly whose: string;
  readonly draft: MethodsDraft;
  readonly mayChange: boolean;
  readonly onStep: (step: StepId) => void;
  readonly onWhose: (whose: string) => void;
}

/** All steps by name, and the page of one. */
export function StepPages(props: PagesProps) {
  const { step, onStep } = props;
  return (
    <div className="step-pages">
      <ul aria-label="Steps">
        {STEPS.map((id) => (
          <li key={id}>
            <button className="plain" aria-current={id === step ? 'page' : undefined} onClick={() => onStep(id)}>
              <StepGlyph step={id} size={17} /> {METHODS[id].name}
            </button>
          </li>
        ))}
      </ul>
      <StepPage {...props} />
    </div>
  );
}

function StepPage({ step, whose, draft, mayChange, onWhose }: PagesProps) {
  const { kennel, names } = useRooms();
  const [isChanging, setChanging] = useState(false);
  const asked = askFor(whose, step, kennel, draft.body.schools, localDayOf(serverNowMs(), names.zone));
  return (
    <article aria-label={METHODS[step].name}>
      <h2 className="serif">
        <StepGlyph step={step} size={30} /> {METHODS[step].name}
      </h2>
      <div className="page-of">
        <span className="soft">As it reads for</span>
        <Select
          aria-label="Page of"
          className="w-step"
          showSearch={{ optionFilterProp: 'label' }}
          value={whose}
          onChange={onWhose}
          options={whoseOptions(kennel)}
        />
        {mayChange && asked !== null && (
          <Button onClick={() => setChanging(!isChanging)} aria-pressed={isChanging}>
            {isChanging ? 'Show the page' : 'Change lines'}
          </Button>
        )}
      </div>
      <div className="step-columns">
        <div>
          {asked === null ? (
            <p className="soft">No such dog or breed.</p>
          ) : isChanging && mayChange ? (
            <LineEditor ask={asked} draft={draft} />
          ) : (
            <>
              {rowOf(step, coatClassOf(asked.dog, asked.library)) === undefined && (
                <p className="soft" role="note">
                  {COAT_WORDS[coatClassOf(asked.dog, asked.library)]} coats have no {METHODS[step].name.toLowerCase()}{' '}
                  in their work. If somebody does it all the same, this holds.
                </p>
              )}
              <PageText page={stepPage(asked, draft.body.lines)} />
            </>
          )}
          <h3>What commonly goes wrong</h3>
          <ul className="how">
            {GOES_WRONG[step].map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        </div>
        <StepFacts step={step} coat={asked === null ? null : coatClassOf(asked.dog, asked.library)} />
      </div>
    </article>
  );
}

function whoseOptions(kennel: Kennel) {
  return [
    { label: 'Dogs', options: kennel.dogs.map((d) => ({ value: d.id, label: `${d.name}, ${d.breed}` })) },
    {
      label: 'Usual dogs of a breed',
      options: [...libraryOf(kennel).breeds.keys()].sort().map((name) => ({ value: name, label: name })),
    },
  ];
}

/** One fact of a step and its lines; nothing where there are none. */
function Fact({ name, lines, notes = [] }: { name: string; lines: readonly string[]; notes?: readonly string[] }) {
  if (lines.length === 0) return null;
  return (
    <>
      <dt>{name}</dt>
      <dd>
        {lines.map((line) => (
          <div key={line}>{line}</div>
        ))}
        {notes.map((line) => (
          <div key={line} className="soft">
            {line}
          </div>
        ))}
      </dd>
    </>
  );
}

/** People, place, tools and minutes of a step; on one coat where the page is of one. */
function StepFacts({ step, coat }: { step: StepId; coat: CoatClass | null }) {
  const coats = coat === null ? COAT_CLASSES : [coat];
  const needs = CARE_LIBRARY.steps[step];
  const second = needs.second === null ? '' : `, and ${SKILL_WORDS[needs.second]} beside`;
  const clean = needs.cleanMin === 0 ? '' : `, ${String(needs.cleanMin)} min clean-down after`;
  const products = productsOf(useQuery(methodsQuery).data);
  return (
    <dl className="fact">
      <Fact name="Who" lines={[`${needs.skill === null ? 'nobody' : SKILL_WORDS[needs.skill]}${second}`]} />
      <Fact name="Where" lines={[`${needs.station === null ? 'anywhere' : STATION_NAMES[needs.station]}${clean}`]} />
      <Fact name="Power" lines={needs.amps > 0 ? [`${String(needs.amps)} A at 230 V`] : []} />
      <Fact
        name="Noise"
        lines={needs.noiseDba > 0 ? [`${String(needs.noiseDba)} dBA at the ear, protection worn where it is loud`] : []}
      />
      <Fact name="The dog" lines={[dogLine(needs)]} />
      <Fact name="Works" lines={soakLines(step, products)} />
      <Fact name="Tools" lines={toolLines(step, coats)} notes={TOOL_NOTES[step] ?? []} />
      <Fact name="Minutes at 20 kg" lines={minuteLines(step, coats)} />
      <Fact name="Of these" lines={partLines(step, coats)} />
    </dl>
  );
}

/** How the dog stands in a step, and whether it may be left. */
function dogLine(needs: (typeof CARE_LIBRARY)['steps'][StepId]): string {
  return [
    needs.stands ? 'stands: counts to its minutes of the day' : 'need not stand all the time',
    needs.lifts ? ', lifted or walked in by the ramp' : '',
    needs.wholeLength ? ', on a table that it fits on at its whole length' : '',
    needs.station === 'pen' ? '. May be left in the pen' : '. Never left alone',
  ].join('');
}

/** Products that work for some minutes in a step. */
const SOAKS: Readonly<Partial<Record<StepId, readonly ProductId[]>>> = {
  preTreat: ['stainPreTreat'],
  bath: ['whiteningWash'],
  bathWhites: ['whiteningWash'],
  condition: ['richConditioner', 'lightConditioner'],
  knots: ['loosening'],
  takedown: ['loosening'],
};

function soakLines(step: StepId, products: Products): string[] {
  return (SOAKS[step] ?? []).map((id) => `${PRODUCT_NAMES[id].toLowerCase()}: ${productWords(products[id])}`);
}

/** Coats of which the same is said, together. */
function alike(lines: readonly (readonly [words: string, coat: CoatClass])[]): [string, string[]][] {
  const coats = new Map<string, string[]>();
  for (const [words, coat] of lines) coats.set(words, [...(coats.get(words) ?? []), COAT_WORDS[coat].toLowerCase()]);
  return [...coats];
}

/** Tools by coat; coats with the same tools on one line. */
function toolLines(step: StepId, of: readonly CoatClass[]): string[] {
  const found = of.flatMap((coat): [string, CoatClass][] => {
    const words = CARE_LIBRARY.tools(step, coat)
      .map((n) => (n.blade === undefined ? TOOL_WORDS[n.tool] : `${TOOL_WORDS[n.tool]}, blade ${String(n.blade)}`))
      .join(', ');
    return words === '' ? [] : [[words, coat]];
  });
  const lines = alike(found);
  return lines.length === 1
    ? lines.map(([tools]) => tools)
    : lines.map(([tools, coats]) => `${tools}: ${coats.join(', ')}`);
}

/** A coat's row of the table of minutes for a step, as its programs use it. */
function rowOf(step: StepId, coat: CoatClass): { readonly row: string; readonly share: number } | undefined {
  const program = CARE_LIBRARY.programs[coat];
  const all = [...program.preparation, ...program.showMorning, ...program.after, ...program.between];
  return [...all, ...program.keepUp.flatMap((r) => r.steps)].find((s) => s.step === step);
}

/** Minutes of the reference dog by coat, as the programs use them. */
function minuteLines(step: StepId, of: readonly CoatClass[]): string[] {
  return of.flatMap((coat) => {
    const found = rowOf(step, coat);
    const base = found === undefined ? undefined : CARE_LIBRARY.minutes[found.row]?.by[columnOf(coat)];
    if (found === undefined || base === undefined) return [];
    return [`${COAT_WORDS[coat].toLowerCase()} ${String(Math.round(base * found.share))}`];
  });
}

/** Where the minutes of a trim go, by coat; coats with the same parts on one line. */
function partLines(step: StepId, of: readonly CoatClass[]): string[] {
  const lines = of.flatMap((coat): [string, CoatClass][] => {
    const found = rowOf(step, coat);
    const parts = TRIM_PARTS[(found?.row ?? '') as keyof typeof TRIM_PARTS]?.[columnOf(coat)];
    if (found === undefined || parts === undefined) return [];
    // A share below 1 is a row whose whiskers are a step of their own.
    const mine = Object.entries(parts).filter(([name]) => name !== 'whiskers' || found.share === 1);
    const words = mine.map(([name, minutes]) => `${name} ${String(minutes)}`);
    return [[words.join(', '), coat]];
  });
  return alike(lines).map(([words, coats]) => `${coats.join(', ')}: ${words}`);
}
