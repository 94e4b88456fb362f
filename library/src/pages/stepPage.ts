/*
 * The page of a step for one dog on one day: what is its own, how it is done, when it is finished, what can hurt.
 */
import { coatClassOf, composePage, isTold, pageFacts } from '@loyal-mane/core';
import type { KennelLineChange, PageFacts, PageLine, PageWhen, StepId } from '@loyal-mane/core';
import type { CautionId } from '../words/cautions.js';
import { METHODS } from '../words/methods.js';
import { DONE_LINES } from './doneLines.js';
import type { OwnAsk } from './ownAsk.js';
import { ownLines } from './ownLines.js';
import type { DogPart } from '../zones/zones.js';
import { STEP_LINES } from './stepLines.js';
import { workParts } from './workParts.js';

/** A page as people read it. */
export interface StepPage {
  readonly lines: readonly PageLine[];
  /** The sign that it is finished. */
  readonly done: string;
  /** All that can hurt at this step on this dog, in the order in which it is met. */
  readonly cautions: readonly CautionId[];
  /** Parts of the dog that are ticked, in the order of work. */
  readonly parts: readonly DogPart[];
}

/** A dog's page; `changes` are the kennel's own lines and what it hides. */
export function stepPage(ask: OwnAsk, changes: readonly KennelLineChange[] = []): StepPage {
  const { dog, library, chosen, at, step } = ask;
  const breed = library.breeds.get(dog.breed);
  if (breed === undefined) throw new Error(`stepPage: "${dog.breed}" is not in the library`);
  const facts = pageFacts(dog, breed, chosen, at);
  const owner = { coat: coatClassOf(dog, library), breed: dog.breed, dogId: dog.id };
  const lines = composePage(step, STEP_LINES, facts, changes, owner);
  return {
    lines: [...ownLines(ask), ...lines],
    done: doneLine(step, facts),
    cautions: cautionsOf(step, facts),
    parts: workParts(step, facts),
  };
}

function doneLine(step: StepId, facts: PageFacts): string {
  return DONE_LINES.find((d) => d.step === step && isTold(d.when, facts))?.text ?? METHODS[step].done;
}

/** Cautions that concern some dogs only. */
const CAUTION_WHEN: Readonly<Partial<Record<CautionId, PageWhen>>> = {
  paleSkin: { all: ['white'] },
  powder: { all: ['white'] },
  solidMats: { none: ['coat:smooth'] },
  crusts: { none: ['coat:smooth'] },
  thinners: { none: ['coat:scissored', 'coat:smooth'] },
};
/** Steps at which the brush stays long at one place. */
const BRUSHED: ReadonlySet<StepId> = new Set<StepId>(['knots', 'brushOut1', 'brushOut2', 'keepUpBrush', 'lineBrush']);
/** Finish and touch-up blow only on coats that are dried there. */
const BLOWN: ReadonlySet<CautionId> = new Set<CautionId>(['noise', 'power', 'heat']);

function cautionsOf(step: StepId, facts: PageFacts): CautionId[] {
  const { cautions } = METHODS[step];
  const all = BRUSHED.has(step) && !cautions.includes('paleSkin') ? [...cautions, 'paleSkin' as const] : cautions;
  const isBlown = !facts.has('coat:smooth');
  return all.filter(
    (id) =>
      isTold(CAUTION_WHEN[id] ?? {}, facts) && (isBlown || (step !== 'finish' && step !== 'touchUp') || !BLOWN.has(id)),
  );
}
