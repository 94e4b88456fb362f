/*
 * Pace, learned from finished work: how much slower or faster one dog is in one kind of work, and one person.
 * Both are learned on the log scale and shrunk toward "as usual", so that a few logs say little and many say much; a
 * single odd day is clipped, kept and flagged.
 *
 * Model: ln(actual / expected) = dog + person + noise, each effect normal around 0. The shrunken effect of n logs is
 * sum / (n + noise variance / effect variance): the posterior mean of a normal effect (any textbook on Bayesian
 * statistics; engineering defaults for the three spreads).
 */
import type { StepId } from '../kennel/vocabulary.js';

/** Spread of a dog's and a person's factor, and of one day, on the log scale (engineering defaults). */
export const DEFAULT_DOG_SPREAD = 0.15;
/** Standard deviation of log pace between people (engineering default). */
export const DEFAULT_PERSON_SPREAD = 0.12;
/** Standard deviation of log pace between days of one person and dog (engineering default). */
export const DEFAULT_DAY_SPREAD = 0.18;
/** A day further from what was expected than so many spreads counts only as far as this, and is flagged. */
export const DEFAULT_ODD_SPREADS = 2.5;

/** One finished task: what it took against what was expected of any dog and person. */
export interface PaceLog {
  readonly dogId: string;
  readonly personId: string | null;
  readonly step: StepId;
  readonly actualMin: number;
  readonly expectedMin: number;
  /** The second flank of work that goes flank by flank: it may go faster where the first has warmed the dog. */
  readonly isSecondFlank?: boolean;
}

/** A learned factor on minutes, and what it rests on. */
export interface Pace {
  readonly factor: number;
  readonly logs: number;
}

/** Paces learned from finished tasks; a factor above 1 is slower than usual. */
export interface LearnedPace {
  readonly dog: (dogId: string, step: StepId) => Pace;
  readonly person: (personId: string, step: StepId) => Pace;
  /** Factor of a dog's second flank beside its first, by kind of work. */
  readonly secondFlank: (dogId: string, step: StepId) => Pace;
  /** Logs that were clipped, by index. */
  readonly odd: readonly number[];
}

/** Standard deviations of log pace that learning rests on. */
export interface PaceSpreads {
  readonly dog: number;
  readonly person: number;
  readonly day: number;
}

/** The usual spreads. */
export const DEFAULT_SPREADS: PaceSpreads = {
  dog: DEFAULT_DOG_SPREAD,
  person: DEFAULT_PERSON_SPREAD,
  day: DEFAULT_DAY_SPREAD,
};

/** Work that goes at the same pace: a dog that is slow to brush is slow in every brushing. */
const KINDS: Readonly<Partial<Record<StepId, string>>> = {
  keepUpBrush: 'brush',
  brushOut1: 'brush',
  brushOut2: 'brush',
  lineBrush: 'brush',
  combThrough: 'brush',
  undercoat: 'brush',
  trimBath: 'bath',
  bath: 'bath',
  bathWhites: 'bath',
  condition: 'bath',
  forceDry: 'dry',
  heatDry: 'dry',
  blowOut: 'dry',
  roughTrim: 'trim',
  fineTrim: 'trim',
  naturalTrim: 'trim',
  shapeTrim: 'trim',
};

const AS_USUAL: Pace = { factor: 1, logs: 0 };
/** Passes of fitting dogs against people and people against dogs; more change nothing that can be seen. */
const PASSES = 12;

/** The kind of work that a step is: work of one kind goes at one pace. */
export function workKind(step: StepId): string {
  return KINDS[step] ?? step;
}

/** Learns from finished work. Logs without positive minutes are left aside. */
export function learnPace(logs: readonly PaceLog[], spreads: PaceSpreads = DEFAULT_SPREADS): LearnedPace {
  const used = logs.map((l) => l.actualMin > 0 && l.expectedMin > 0);
  const raw = logs.map((l) => Math.log(l.actualMin / l.expectedMin));
  const most = DEFAULT_ODD_SPREADS * Math.hypot(spreads.day, spreads.dog, spreads.person);
  const clipped = raw.map((r) => Math.max(-most, Math.min(most, r)));
  const dogKeys = logs.map((l) => `${l.dogId} ${workKind(l.step)}`);
  const personKeys = logs.map((l) => (l.personId === null ? null : `${l.personId} ${workKind(l.step)}`));
  let dogs = new Map<string, Effect>();
  let people = new Map<string, Effect>();
  for (let pass = 0; pass < PASSES; pass++) {
    const lessPeople = clipped.map((r, i) => r - effectOf(people, personKeys[i] ?? null));
    dogs = shrunken(dogKeys, lessPeople, used, (spreads.day / spreads.dog) ** 2);
    const lessDogs = clipped.map((r, i) => r - effectOf(dogs, dogKeys[i] ?? null));
    people = shrunken(personKeys, lessDogs, used, (spreads.day / spreads.person) ** 2);
  }
  const left = clipped.map((r, i) => r - effectOf(dogs, dogKeys[i] ?? null) - effectOf(people, personKeys[i] ?? null));
  const isSecond = logs.map((l, i) => used[i] === true && l.isSecondFlank === true);
  const flanks = shrunken(dogKeys, left, isSecond, (spreads.day / spreads.dog) ** 2);
  const pace = (effects: ReadonlyMap<string, Effect>, key: string): Pace => {
    const e = effects.get(key);
    return e === undefined ? AS_USUAL : { factor: Math.exp(e.value), logs: e.logs };
  };
  return {
    dog: (dogId, step) => pace(dogs, `${dogId} ${workKind(step)}`),
    person: (personId, step) => pace(people, `${personId} ${workKind(step)}`),
    secondFlank: (dogId, step) => pace(flanks, `${dogId} ${workKind(step)}`),
    odd: raw.flatMap((r, i) => (used[i] === true && Math.abs(r) > most ? [i] : [])),
  };
}

interface Effect {
  readonly value: number;
  readonly logs: number;
}

function effectOf(effects: ReadonlyMap<string, Effect>, key: string | null): number {
  return key === null ? 0 : (effects.get(key)?.value ?? 0);
}

/** Posterior means of normal effects: sum / (n + ratio), `ratio` the noise variance over the effect's. */
function shrunken(
  keys: readonly (string | null)[],
  values: readonly number[],
  used: readonly boolean[],
  ratio: number,
): Map<string, Effect> {
  const sums = new Map<string, { sum: number; n: number }>();
  keys.forEach((key, i) => {
    if (key === null || used[i] !== true) return;
    const s = sums.get(key) ?? { sum: 0, n: 0 };
    sums.set(key, { sum: s.sum + (values[i] ?? 0), n: s.n + 1 });
  });
  return new Map([...sums].map(([key, s]) => [key, { value: s.sum / (s.n + ratio), logs: s.n }]));
}
