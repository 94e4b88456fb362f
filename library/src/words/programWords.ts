/*
 * Dropped steps and cautions, in whole sentences.
 */
import type {
  CoatStage,
  ConsentKind,
  DogStateKind,
  DropReason,
  LocalDay,
  ProgramNote,
  WayNote,
  RuleValue,
  ShowRule,
  StepId,
} from '@loyal-mane/core';
import { strippingArea } from '@loyal-mane/core';
import { STRIPPING_EVERY_DAYS } from '../stripping.js';
import { ZONE_NAMES } from '../zones/zones.js';
import { lowerFirst } from './lowerFirst.js';
import { METHODS } from './methods.js';
import { REFUSAL_WORDS, SCHOOL_WORDS } from './schoolWords.js';
import { monthDay } from './timeWords.js';

/** Rules of shows in words. */
export const RULE_WORDS: Readonly<Record<ShowRule, string>> = {
  productsLeft: 'products left in the coat',
  whiskersRemoved: 'removing whiskers',
  alteredShown: 'altered tails or ears',
  scissoringNatural: 'scissoring breeds shown natural',
  dryersOnGround: 'dryers on the ground',
};

/** States of a dog in words: name, then what follows from it. */
export const STATE_WORDS: Readonly<Record<DogStateKind, string>> = {
  season: 'In season: no entry where the show forbids it; no blade at vent and mammary line.',
  falsePregnancy: 'False pregnancy: belly left alone, the underline trimmed sideways, only what hangs.',
  afterWhelping: 'After whelping: the coat drops two to four months later; belly and what is thin are left alone.',
  injury: 'Injured: no scissors, no hard air, no tub until a vet has looked.',
  medicine: 'On medicine: label and vet decide what may touch the skin; mild wash, nothing neat.',
  allergy: 'Allergic: only products that are known to suit.',
  treatment: 'Treated against parasites: baths keep their distance.',
  outOfCoat: 'Veteran or out of coat: volume comes from drying and brushing, and thin zones are left alone.',
};

/** Stages of a coat in words. */
export const STAGE_WORDS: Readonly<Record<CoatStage, string>> = {
  puppy: 'puppy',
  coatChange: 'in coat change',
  outOfCoat: 'veteran or out of coat',
  adult: 'adult',
};

/** Consents of an owner, in words. */
export const CONSENT_WORDS: Readonly<Record<ConsentKind, string>> = {
  shaveOut: 'shaving out',
  strip: 'stripping',
  firstEars: 'a first ear trim',
  whiskers: 'removing whiskers',
};

/** Why a step is left out: "Whiskers: the show’s rules forbid it. Check the show’s own rules." */
export function dropWords(step: StepId, why: DropReason): string {
  const name = METHODS[step].name;
  switch (why.code) {
    case 'past':
      return `${name}: its days had passed.`;
    case 'passedOver':
      return `${name}: what follows it was done first, so it counts as done with it.`;
    case 'showRules':
      return `${name}: the show’s rules say “${why.value}” of ${RULE_WORDS[why.rule]}. Check the show’s own rules.`;
    case 'tooYoung':
      return `${name}: whiskers stay on dogs under nine months here.`;
    case 'state':
      return `${name}: ${lowerFirst(STATE_WORDS[why.state])}`;
    case 'allLocked':
      return `${name}: every zone that it would cut is left alone for now, locked or left to grow.`;
    case 'sharedTrim':
      return `${name}: the trim for the show on ${monthDay(why.day)} holds for this one as well.`;
    case 'noConsent':
      return `${name}: the owner’s consent to ${CONSENT_WORDS[why.what]} is not recorded.`;
  }
}

/** Steps that are left out, those of one reason on one line: "Trim bath; towel; rough trim: injured ..." */
export function leftOutLines(left: readonly { readonly step: StepId; readonly why: DropReason }[]): string[] {
  const byReason = new Map<string, Set<string>>();
  for (const { step, why } of left) {
    const { name } = METHODS[step];
    const reason = dropWords(step, why).slice(name.length);
    byReason.set(reason, (byReason.get(reason) ?? new Set()).add(name));
  }
  return [...byReason].map(([reason, names]) => {
    const [first = '', ...more] = names;
    return `${[first, ...more.map(lowerFirst)].join('; ')}${reason}`;
  });
}

/** Which area is stripped on a day: "Today: back, loin, croup, withers." */
export function strippingWords(day: LocalDay, everyDays = STRIPPING_EVERY_DAYS): string {
  return `This time: ${strippingArea(day, everyDays)
    .map((z) => ZONE_NAMES[z])
    .join(', ')}.`;
}

/** Cautions under a show's rule that no step covers; empty where nothing follows. */
const RULE_SAYS: Readonly<Record<ShowRule, Readonly<Record<RuleValue, string>>>> = {
  productsLeft: {
    unknown: '',
    free: '',
    restricted: 'Products: nothing that changes color, and nothing felt by hand. Check the show’s own rules.',
    forbidden: 'Products: none may be left in the coat. Check the show’s own rules.',
  },
  whiskersRemoved: {
    unknown: '',
    free: '',
    restricted: 'Whiskers: the owner’s choice is noted before they come off. Check the show’s own rules.',
    forbidden: '',
  },
  alteredShown: {
    unknown: '',
    free: '',
    restricted: 'Altered tails or ears: shown only under conditions, often before a date. Check the show’s own rules.',
    forbidden: 'Altered tails or ears may not be shown there. Check the show’s own rules.',
  },
  scissoringNatural: { unknown: '', free: '', restricted: '', forbidden: '' },
  dryersOnGround: {
    unknown: '',
    free: '',
    restricted: 'Dryers run on the ground within the show’s hours only. The plan keeps its dryer places to them.',
    forbidden: 'No dryer runs on that ground. Check the show’s own rules.',
  },
};

/** Words for a dryer where heat comes later; `when` is the time that heat is planned for, null where none is. */
export function heatLaterWords(step: 'forceDry' | 'heatDry', when: string | null): string {
  if (step === 'heatDry')
    return 'This coat has dried before: mist each part to the root, then straighten it with heat.';
  const later = when === null ? 'Heat comes later' : `Heat comes ${when}`;
  return `${later}: dry this coat through to the root now, so that the dog does not wait damp.`;
}

/** A note on a dog's work as a sentence. */
export function noteWords(note: ProgramNote | WayNote): string {
  switch (note.code) {
    case 'schoolRefused':
      return `${SCHOOL_WORDS[note.school].question}: “${SCHOOL_WORDS[note.school][note.side].name}”. ${REFUSAL_WORDS[note.why]}`;
    case 'underAge':
      return `Younger than ${String(note.leastMonths)} months on the day: the show does not take it.`;
    case 'regrowth':
      return `The fine trim is at most ${String(note.mostDays)} days before the ring: further ahead nobody knows to a millimeter how its hair grows.`;
    case 'checkRules':
      return `Not known of this show: ${note.rules.map((r) => RULE_WORDS[r]).join(', ')}. Check the show’s own rules.`;
    case 'ruleSays':
      return RULE_SAYS[note.rule][note.value];
    case 'state':
      return STATE_WORDS[note.state];
    case 'bathAtSite':
      return note.when === 'morning'
        ? 'Bathed at the show on the morning of its ring.'
        : 'Bathed at the show, the day before its ring. Pack what its coat needs for the tub.';
    case 'liftedByTwo':
      return 'Two people lift it into the tub: it is too heavy for one, and the tub with a ramp is not free.';
    case 'heatLater':
      return 'No heat dryer is free in time: the force dryer dries the coat through at once, and it is misted and straightened with heat later.';
    case 'windowGave':
      return `${METHODS[note.step].name} ${note.towards} than wanted by ${note.days === 1 ? 'a day' : `${String(note.days)} days`}: else the dog would have no place.`;
    case 'falsePregnancyAbout':
      return `A false pregnancy may show about ${monthDay(note.about)}, two months after the season. Ask the vet if she is unwell.`;
  }
}
