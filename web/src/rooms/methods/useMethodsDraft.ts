/*
 * A change to the kennel's methods, or to one dog's, before it is saved: what was touched, what would go wrong with it, and
 * what the planner says it would move.
 */
import { useQuery } from '@tanstack/react-query';
import { App as AntApp } from 'antd';
import { useState } from 'react';
import { COAT_CLASSES, productFaults, programFaults } from '@loyal-mane/core';
import { PRODUCTS } from '@loyal-mane/library';
import { faultWords, productFaultWords } from '@loyal-mane/library/words';
import type {
  KennelIntervalChange,
  KennelLineChange,
  KennelMethods,
  KennelProductChange,
  KennelStepChange,
  SchoolId,
  Side,
} from '@loyal-mane/core';
import { changeDogSchools, changeMethods, command, previewMethods, useCommand } from '../../api/commands';
import type { Choices, MethodsBody } from '../../api/commands';
import type { Kennel, Methods } from '../../api/queries';
import { libraryOf } from '../../parts/dogRecord';
import { problemWords } from '../../parts/ProblemNote';

const sorted = (x: object): [string, unknown][] => Object.entries(x).sort(([a], [b]) => a.localeCompare(b));
const text = (list: readonly object[]): string => JSON.stringify(list.map((row) => JSON.stringify(sorted(row))).sort());

/** Whether two sets of decisions say the same, in whatever order they were made. Lines of pages are in an order. */
export function sameMethods(x: MethodsBody, y: MethodsBody): boolean {
  return sameWork(x, y) && JSON.stringify(x.lines.map(sorted)) === JSON.stringify(y.lines.map(sorted));
}

/** Whether they ask for the same work: lines of pages move nothing in a plan. */
export function sameWork(x: Omit<MethodsBody, 'lines'>, y: Omit<MethodsBody, 'lines'>): boolean {
  return (
    JSON.stringify(sorted(x.schools)) === JSON.stringify(sorted(y.schools)) &&
    text(x.steps) === text(y.steps) &&
    text(x.intervals) === text(y.intervals) &&
    text(x.products) === text(y.products)
  );
}

/** The methods of a version as they are edited. */
export function bodyOf(m: Pick<Methods, 'schools' | 'steps' | 'intervals' | 'products' | 'lines'>): MethodsBody {
  const { schools, steps, intervals, products, lines } = m;
  return { schools, steps, intervals, products, lines };
}

/** The same in the core's terms. */
export function methodsOf(body: MethodsBody): Pick<KennelMethods, 'schools' | 'steps' | 'intervals' | 'products'> {
  const { schools, steps, intervals, products } = body;
  return { schools, steps: [...steps], intervals: [...intervals], products: [...products] };
}

/** Nothing decided. */
export const NO_METHODS: MethodsBody = { schools: {}, steps: [], intervals: [], products: [], lines: [] };

/** Coat, part, step and its number name a step; what more there is, is the change. */
const NAMES_A_STEP = 4;

const stepKey = (c: Pick<KennelStepChange, 'coat' | 'part' | 'step' | 'nth'>): string =>
  `${c.coat} ${c.part} ${c.step} ${String(c.nth)}`;

/** A line of a page and for whom it is changed. */
export type LineName = Pick<KennelLineChange, 'step' | 'line' | 'of' | 'which'>;

const lineKey = (c: LineName): string => `${c.step} ${c.line} ${c.of} ${c.which ?? ''}`;

/** `dogId` null: the kennel's own methods. */
export function useMethodsDraft(methods: Methods, dogId: string | null, kennel: Kennel) {
  const { message } = AntApp.useApp();
  const dog = methods.dogs.find((d) => d.dogId === dogId);
  const saved: MethodsBody = dogId === null ? bodyOf(methods) : { ...NO_METHODS, schools: dog?.schools ?? {} };
  const [draft, setDraft] = useState<{ readonly of: string | null; readonly body: MethodsBody } | null>(null);
  const body = draft !== null && draft.of === dogId ? draft.body : saved;
  const touched = !sameMethods(body, saved);
  const moves = !sameWork(body, saved);
  const faults = faultsOf(body, kennel);
  const effect = useQuery({
    queryKey: ['methods-preview', dogId, methods.number, dog?.version, body],
    queryFn: () => previewMethods(dogId, body),
    enabled: moves && faults.length === 0,
    staleTime: 60_000,
    retry: false,
  });
  const saveKennel = useCommand(changeMethods);
  const saveDog = useCommand(changeDogSchools);
  const busy = saveKennel.isPending || saveDog.isPending;
  const answers = {
    onSuccess: () => {
      // Answers that were changed during the save are kept.
      setDraft((d) => (d !== null && sameMethods(d.body, body) ? null : d));
      void message.success(moves ? 'Saved. Plan again to work by it.' : 'Saved.');
    },
    onError: (error: unknown) => void message.error(problemWords(error), 8),
  };
  const set = (changes: Partial<MethodsBody>): void => setDraft({ of: dogId, body: { ...body, ...changes } });
  return {
    body,
    choices: body.schools,
    saved,
    touched,
    /** Whether the change asks for other work, so that its effect on the plan is worth knowing. */
    moves,
    faults,
    effect,
    busy,
    /** Chooses a side; null goes back to what is usual (or, for a dog, to the kennel's). */
    choose: (id: SchoolId, side: Side | null): void => {
      const rest: Choices = Object.fromEntries(Object.entries(body.schools).filter(([k]) => k !== id));
      set({ schools: side === null ? rest : { ...rest, [id]: side } });
    },
    /** Changes one step of a program; a change that says nothing goes back to the library's own. */
    changeStep: (change: KennelStepChange): void => {
      const rest = body.steps.filter((c) => stepKey(c) !== stepKey(change));
      const said = compact(change);
      set({ steps: Object.keys(said).length > NAMES_A_STEP ? [...rest, said] : rest });
    },
    changeInterval: (change: KennelIntervalChange | null, coat: string, rule: string): void => {
      const rest = body.intervals.filter((c) => c.coat !== coat || c.rule !== rule);
      set({ intervals: change === null ? rest : [...rest, change] });
    },
    /** Changes one product; a change that says nothing goes back to the library's own. */
    changeProduct: (change: KennelProductChange): void => {
      const rest = body.products.filter((c) => c.product !== change.product);
      const said = compact(change);
      set({ products: Object.keys(said).length > 1 ? [...rest, said] : rest });
    },
    /** Changes one line of a page for some dogs; null goes back to the library's own. */
    changeLine: (name: LineName, change: KennelLineChange | null): void => {
      const rest = body.lines.filter((c) => lineKey(c) !== lineKey(name));
      set({ lines: change === null ? rest : [...rest, compact(change)] });
    },
    take: (all: MethodsBody): void => setDraft({ of: dogId, body: all }),
    drop: (): void => setDraft(null),
    save: (): void => {
      if (dogId === null) saveKennel.mutate(command({ number: methods.number, ...body }), answers);
      else if (dog !== undefined)
        saveDog.mutate(command({ dogId, version: dog.version, schools: body.schools }), answers);
    },
  };
}

function compact<T extends object>(change: T): T {
  return Object.fromEntries(Object.entries(change).filter(([, v]: [string, unknown]) => v !== undefined)) as T;
}

/** Faults, in words. */
function faultsOf({ steps, products }: MethodsBody, kennel: Kennel): string[] {
  const library = libraryOf(kennel);
  const programs = COAT_CLASSES.filter((coat) => steps.some((c) => c.coat === coat)).flatMap((coat) =>
    programFaults(library, library.programs[coat], steps, kennel.people),
  );
  return [...programs.map(faultWords), ...productFaults(PRODUCTS, products).map(productFaultWords)];
}

/** Methods that are being changed, and what saves or discards them. */
export type MethodsDraft = ReturnType<typeof useMethodsDraft>;
