/*
 * The effect of a change of methods, in one sentence and a list.
 */
import {
  COAT_WORDS,
  METHODS,
  PRODUCT_NAMES,
  REFUSAL_WORDS,
  SCHOOL_WORDS,
  durationWords,
  productChangeWords,
} from '@loyal-mane/library/words';
import type { Names } from '@loyal-mane/library/words';
import { CARE_LIBRARY } from '@loyal-mane/library';
import { STEP_LINES } from '@loyal-mane/library/pages';
import type { CoatClass, KennelLineChange, KennelStepChange, SchoolRefusal } from '@loyal-mane/core';
import type { Choices, MethodsBody } from '../../api/commands';
import type { MethodsEffect } from '../../api/queries';

const count = (n: number, one: string): string => `${String(n)} ${one}${n === 1 ? '' : 's'}`;

/** "Moves 6 tasks of 3 dogs, adds 1 h 40 of crew time." */
export function effectWords(e: MethodsEffect): string {
  if (e.moved + e.added + e.removed === 0) return 'Moves nothing in the present plan.';
  const parts = [`moves ${count(e.moved, 'task')} of ${count(e.dogs.length, 'dog')}`];
  if (e.added > 0) parts.push(`${String(e.added)} new`);
  if (e.removed > 0) parts.push(`${String(e.removed)} gone`);
  const minutes = Math.round(Math.abs(e.crewMin));
  if (minutes > 0) parts.push(`${e.crewMin > 0 ? 'adds' : 'saves'} ${durationWords(minutes * 60_000)} of crew time`);
  const line = parts.join(', ');
  return `${line.charAt(0).toUpperCase()}${line.slice(1)}.`;
}

/** Dogs that gain or lose their place, and dogs for which the choice is refused. */
export function effectLines(e: MethodsEffect, names: Names): { readonly words: string; readonly bad: boolean }[] {
  return [
    ...e.lost.map((id) => ({ words: `${names.dog(id)} would no longer be ready.`, bad: true })),
    ...e.gained.map((id) => ({ words: `${names.dog(id)} would be ready.`, bad: false })),
    ...e.refused.map((r) => ({
      words: `${names.dog(r.dogId)}, ${SCHOOL_WORDS[r.school].question.toLowerCase()}. ${REFUSAL_WORDS[r.why as SchoolRefusal]}`,
      bad: true,
    })),
  ];
}

/** "Drying curl: drip-damp, then stretched under heat." for each decision that differs. */
export function changeWords(before: MethodsBody, after: MethodsBody): string {
  return [
    ...schoolChanges(before.schools, after.schools),
    ...stepChanges(before, after),
    ...intervalChanges(before, after),
    ...productChanges(before, after),
    ...lineChanges(before, after),
  ].join(' ');
}

function schoolChanges(before: Choices, after: Choices): string[] {
  const ids = [...new Set([...Object.keys(before), ...Object.keys(after)])] as (keyof typeof SCHOOL_WORDS)[];
  return ids
    .filter((id) => before[id] !== after[id])
    .map((id) => {
      const side = after[id];
      return `${SCHOOL_WORDS[id].question}: ${side === undefined ? 'standard' : SCHOOL_WORDS[id][side].name.toLowerCase()}.`;
    });
}

function stepChanges(before: MethodsBody, after: MethodsBody): string[] {
  const key = (c: KennelStepChange): string => `${c.coat} ${c.part} ${c.step} ${String(c.nth)}`;
  const [was, is] = [new Map(before.steps.map((c) => [key(c), c])), new Map(after.steps.map((c) => [key(c), c]))];
  return [...new Set([...was.keys(), ...is.keys()])].flatMap((k) => {
    const [x, y] = [was.get(k), is.get(k)];
    const named = y ?? x;
    if (named === undefined || JSON.stringify(x) === JSON.stringify(y)) return [];
    const head = `${COAT_WORDS[named.coat]}, ${METHODS[named.step].name.toLowerCase()}`;
    return [`${head}: ${y === undefined ? 'as the library has it' : stepChangeWords(y)}.`];
  });
}

/** A change of a step, in words: "left out", "from 5 days before until 2 days before, 10 min longer". */
export function stepChangeWords(c: KennelStepChange): string {
  const parts: string[] = [];
  if (c.leftOut === true) parts.push('left out');
  if (c.fromDay !== undefined || c.toDay !== undefined) {
    const from = c.fromDay === undefined ? [] : [`from ${count(-c.fromDay, 'day')} before`];
    const to = c.toDay === undefined ? [] : [`until ${count(-c.toDay, 'day')} before`];
    parts.push([...from, ...to].join(' '));
  }
  if (c.aimDay !== undefined) parts.push(`wanted ${count(-c.aimDay, 'day')} before`);
  if (c.aimTime !== undefined) parts.push(`wanted at ${c.aimTime}`);
  if (c.waitMin !== undefined) parts.push(`at least ${String(c.waitMin)} min after the step before`);
  if (c.waitMaxMin !== undefined) parts.push(`at most ${String(c.waitMaxMin)} min after the step before`);
  if (c.plusMin !== undefined) parts.push(`${String(Math.abs(c.plusMin))} min ${c.plusMin < 0 ? 'shorter' : 'longer'}`);
  if (c.perDayMin !== undefined) parts.push(`at most ${String(c.perDayMin)} min a day`);
  if (c.before !== undefined) parts.push(`before ${METHODS[c.before].name.toLowerCase()}`);
  return parts.join(', ');
}

function productChanges(before: MethodsBody, after: MethodsBody): string[] {
  const words = (m: MethodsBody): Map<string, string> =>
    new Map(m.products.map((c) => [PRODUCT_NAMES[c.product], productChangeWords(c)]));
  return differences(words(before), words(after));
}

function lineChanges(before: MethodsBody, after: MethodsBody): string[] {
  const words = (m: MethodsBody): Map<string, string> =>
    new Map(m.lines.map((c) => [`${METHODS[c.step].name}, “${lineText(c)}”`, lineChangeWords(c)]));
  return differences(words(before), words(after));
}

/** The text of a line that is changed: the kennel's own, or the library's. */
export function lineText({ step, line, text }: KennelLineChange): string {
  return text ?? STEP_LINES[step].find((l) => l.id === line)?.text ?? 'a line that is gone';
}

function lineChangeWords(c: KennelLineChange): string {
  const what = c.hidden === true ? 'hidden' : c.text === undefined ? 'moved' : 'added';
  return c.of === 'kennel' ? what : `${what} for ${FOR_WORDS[c.of]}`;
}

/** For whom a line is changed. */
export const FOR_WORDS = { kennel: 'all dogs', coat: 'this coat', breed: 'this breed', dog: 'this dog' } as const;

/** The difference between two lists of own figures; a figure that is gone is the library's again. */
function differences(was: ReadonlyMap<string, string>, is: ReadonlyMap<string, string>): string[] {
  return [...new Set([...was.keys(), ...is.keys()])]
    .filter((k) => was.get(k) !== is.get(k))
    .map((k) => `${k}: ${is.get(k) ?? 'as the library has it'}.`);
}

function intervalChanges(before: MethodsBody, after: MethodsBody): string[] {
  const words = (m: MethodsBody): Map<string, string> =>
    new Map(
      m.intervals.map((c) => [
        `${COAT_WORDS[c.coat]}, ${keepUpName(c.coat, c.rule).toLowerCase()}`,
        `every ${count(c.everyDays, 'day')}`,
      ]),
    );
  return differences(words(before), words(after));
}

/** Rounds that are more than their last step says. */
const ROUND_NAMES: Readonly<Record<string, string>> = {
  bath: 'Keep-up bath',
  firstTrims: 'First trims',
  mats: 'Mats out',
};

/** The name of a round of keep-up work: "Keep-up brushing", "First trims". */
export function keepUpName(coat: CoatClass, rule: string): string {
  const step = CARE_LIBRARY.programs[coat].keepUp.find((r) => r.id === rule)?.steps.at(-1)?.step;
  return ROUND_NAMES[rule] ?? (step === undefined ? rule : METHODS[step].name);
}
