/*
 * How lines of pages are written, and the groups of coats and shapes that many of them ask for.
 */
import type { PageFact, PageLine, PageWhen, SequenceId, TrimBeginning } from '@loyal-mane/core';

/** Facts of a line beside its words. */
type More = Pick<PageLine, 'topic' | 'zones' | 'tool' | 'look' | 'begins'>;
/** A line of a sequence may ask for facts of its own. */
type InSequence = More & { readonly when?: PageWhen };

/** A line that is told where its facts hold; always where none are named. */
export function line(id: string, text: string, when: PageWhen = {}, more: More = {}): PageLine {
  return { id, text, when, ...more };
}

/** One of two contrary lines: told on one side of a question. */
export function side(id: string, fact: PageFact, text: string, when: PageWhen = {}): PageLine {
  const question = fact.split(':')[1] ?? fact;
  return { id, text, when: { ...when, all: [...(when.all ?? []), fact] }, topic: question };
}

/** Lines that are gone through one by one. */
export function sequence(
  id: SequenceId,
  when: PageWhen,
  lines: readonly (readonly [string, string, InSequence?])[],
): PageLine[] {
  return lines.map(([text, look, { when: own = {}, ...more } = {}], i) => ({
    id: `${id}.${String(i + 1)}`,
    text,
    look,
    when: both(when, own),
    sequence: id,
    ...more,
  }));
}

function both(x: PageWhen, y: PageWhen): PageWhen {
  return {
    all: [...(x.all ?? []), ...(y.all ?? [])],
    any: y.any ?? x.any ?? [],
    none: [...(x.none ?? []), ...(y.none ?? [])],
  };
}

/** Coats that are told something. */
export const on = (...any: readonly PageFact[]): PageWhen => ({ any });
/** Coats that are not. */
export const not = (...none: readonly PageFact[]): PageWhen => ({ none });
/** All of these facts. */
export const all = (...facts: readonly PageFact[]): PageWhen => ({ all: facts });

/** Coats with hair that parts and mats. */
export const LONG = not('coat:smooth');
/** Both kinds of jacket. */
export const JACKETS: readonly PageFact[] = ['coat:jacketedNatural', 'coat:jacketedTrimmed'];
/** Coats with dense undercoat. */
export const DOUBLES: readonly PageFact[] = ['coat:double', 'coat:heavySheepdog'];

/** Lines of the part that a trim may begin with. */
export const partOf = (begins: TrimBeginning, lines: readonly PageLine[]): PageLine[] =>
  lines.map((l) => ({ ...l, begins }));
