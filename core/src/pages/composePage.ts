/*
 * The page of a step for one dog on one day: of all lines those that are true for it, in working order, as the kennel has
 * changed them for all its dogs, for a coat, for a breed and for the dog, in that order.
 */
import type { CoatClass } from '../coat/coatClass.js';
import type { KennelLineChange } from '../kennel/methodsRecord.js';
import type { StepId } from '../kennel/vocabulary.js';
import type { PageFacts } from './pageFact.js';
import type { PageLine, PageWhen, StepLines } from './pageLine.js';

/** Whose page it is, as far as a kennel's changes ask. */
export interface PageOwner {
  readonly coat: CoatClass;
  readonly breed: string;
  /** Null on a page of a breed, not of a dog. */
  readonly dogId: string | null;
}

/** Whether a line is told where these facts hold. */
export function isTold({ all = [], any = [], none = [] }: PageWhen, facts: PageFacts): boolean {
  return (
    all.every((f) => facts.has(f)) &&
    (any.length === 0 || any.some((f) => facts.has(f))) &&
    !none.some((f) => facts.has(f))
  );
}

/** Lines of a step's page, in working order. */
export function composePage(
  step: StepId,
  lines: StepLines,
  facts: PageFacts,
  changes: readonly KennelLineChange[] = [],
  owner: PageOwner | null = null,
): PageLine[] {
  const told = fromItsBeginning(
    lines[step].filter((line) => isTold(line.when, facts)),
    facts,
  );
  if (owner === null) return told;
  const mine = changes.filter((c) => c.step === step && concerns(c, owner));
  return SCOPES.reduce(
    (page, scope) =>
      changed(
        page,
        mine.filter((c) => c.of === scope),
      ),
    told,
  );
}

/** A trim in the order of whoever does it: its beginning directly after the line that says so, which falls away without one. */
function fromItsBeginning(page: PageLine[], facts: PageFacts): PageLine[] {
  const isFirst = ({ begins }: PageLine): boolean => begins !== undefined && facts.has(`begin:${begins}`);
  if (!page.some((l) => l.topic === 'trimBegin')) return page;
  const first = page.filter(isFirst);
  const others = page.filter((l) => !isFirst(l));
  const at = others.findIndex((l) => l.topic === 'trimBegin');
  return first.length === 0
    ? others.filter((_, i) => i !== at)
    : [...others.slice(0, at + 1), ...first, ...others.slice(at + 1)];
}

/** Where a kennel's change of a line holds, the widest first: what is said of one dog has the last word. */
export const SCOPES = ['kennel', 'coat', 'breed', 'dog'] as const;

/** Whether a kennel's change of a line holds on somebody's page. */
export function concerns(change: Pick<KennelLineChange, 'of' | 'which'>, owner: PageOwner): boolean {
  switch (change.of) {
    case 'kennel':
      return true;
    case 'coat':
      return change.which === owner.coat;
    case 'breed':
      return change.which === owner.breed;
    case 'dog':
      return change.which === owner.dogId;
  }
}

function changed(page: readonly PageLine[], changes: readonly KennelLineChange[]): PageLine[] {
  let now = [...page];
  for (const change of changes) {
    const at = now.findIndex((l) => l.id === change.line);
    const line = at < 0 ? ownLine(change) : now[at];
    if (line === undefined) continue;
    now = now.filter((l) => l.id !== change.line);
    if (change.hidden !== true) now = placed(now, line, change.after, at);
  }
  return now;
}

function ownLine({ line, text }: KennelLineChange): PageLine | undefined {
  return text === undefined ? undefined : { id: line, text, when: {}, own: true };
}

/** The page with a line after another ("" = first of all); where it was, or last, when that one is not on the page. */
function placed(page: readonly PageLine[], line: PageLine, after: string | undefined, before: number): PageLine[] {
  const found = after === undefined ? -1 : page.findIndex((l) => l.id === after);
  const at = after === '' ? 0 : found >= 0 ? found + 1 : before >= 0 ? before : page.length;
  return [...page.slice(0, at), line, ...page.slice(at)];
}
