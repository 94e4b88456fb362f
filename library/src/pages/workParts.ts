/*
 * Parts of the dog that a step goes over, in the order of work: whoever stands at the dog ticks them, and whoever takes over sees
 * where to go on. Common practice.
 */
import type { PageFacts, StepId, TrimBeginning } from '@loyal-mane/core';
import { STEP_ZONES } from '../zones/stepZones.js';
import { DOG_PARTS } from '../zones/zones.js';
import type { DogPart, DogPartId } from '../zones/zones.js';

/** Down the dog and back to the head, which is wet last: the dog shakes. */
const WASHED: readonly DogPartId[] = [
  ...(['trunk', 'front', 'neck', 'forelegs', 'hindLegs', 'rear', 'tail', 'underside', 'ears', 'head'] as const),
];
const WASHED_HEAD_FIRST: readonly DogPartId[] = ['head', 'ears', ...WASHED.slice(0, -2)];
/** Head, collar, legs, feet and tail tip. */
const WHITES: readonly DogPartId[] = ['neck', 'forelegs', 'hindLegs', 'tail', 'head'];
/** From the tail toward the head along the body. */
const BRUSHED: readonly DogPartId[] = [
  ...(['tail', 'rear', 'trunk', 'front', 'neck', 'underside', 'hindLegs', 'forelegs', 'ears', 'head'] as const),
];
/** Leg by leg from the hock upward, the body last. */
const BRUSHED_LEGS_FIRST: readonly DogPartId[] = [
  ...(['hindLegs', 'forelegs', 'underside', 'rear', 'tail', 'trunk', 'front', 'neck', 'ears', 'head'] as const),
];
/** The underside stays wet longest. */
const DRIED: readonly DogPartId[] = [
  ...(['front', 'neck', 'trunk', 'rear', 'tail', 'hindLegs', 'forelegs', 'ears', 'head', 'underside'] as const),
];
const TRIMMED: readonly DogPartId[] = [
  ...(['trunk', 'neck', 'front', 'underside', 'rear', 'tail', 'hindLegs', 'forelegs', 'ears', 'head'] as const),
];
const LOOKED_OVER: readonly DogPartId[] = DOG_PARTS.map((p) => p.id);

/** Parts with which a trim begins. */
const BEGINS: Readonly<Record<TrimBeginning, readonly DogPartId[]>> = {
  feet: ['hindLegs', 'forelegs'],
  head: ['head', 'ears'],
  rear: ['rear', 'hindLegs'],
  topline: ['trunk'],
};

/** Order of a step's parts; null = it is not gone through part by part. */
function orderOf(step: StepId, facts: PageFacts): readonly DogPartId[] | null {
  switch (step) {
    case 'bath':
    case 'trimBath':
      return facts.has('school:headInBath:b') ? WASHED_HEAD_FIRST : WASHED;
    case 'condition':
    case 'towel':
    case 'mittClean':
      return WASHED;
    case 'bathWhites':
      return WHITES;
    case 'keepUpBrush':
    case 'dressing':
    case 'brushOut1':
    case 'brushOut2':
    case 'undercoat':
    case 'lineBrush':
      return facts.has('school:brushingRoute:b') ? BRUSHED_LEGS_FIRST : BRUSHED;
    case 'blowOut':
    case 'forceDry':
    case 'heatDry':
      return DRIED;
    case 'combThrough':
    case 'dryCheck':
    case 'inspection':
    case 'skinLook':
    case 'takedown':
      return LOOKED_OVER;
    case 'roughTrim':
    case 'fineTrim':
    case 'naturalTrim':
    case 'shapeTrim':
    case 'strip':
      return trimmedFrom(facts);
    case 'nails':
      return ['forelegs', 'hindLegs'];
    case 'clip':
    case 'ears':
    case 'throat':
    case 'tidies':
      return partsOf(step);
    default:
      return null;
  }
}

function trimmedFrom(facts: PageFacts): readonly DogPartId[] {
  const begin = (Object.keys(BEGINS) as TrimBeginning[]).find((b) => facts.has(`begin:${b}`));
  const first = begin === undefined ? [] : BEGINS[begin];
  return [...first, ...TRIMMED.filter((p) => !first.includes(p))];
}

/** Parts that hold a zone of a step that cuts a few zones. */
function partsOf(step: StepId): readonly DogPartId[] {
  const zones = STEP_ZONES[step];
  if (zones === undefined || zones === 'all') return TRIMMED;
  return TRIMMED.filter((id) => DOG_PARTS.some((p) => p.id === id && p.zones.some((z) => zones.includes(z))));
}

/** Parts of a step in the order of work; empty where it is not gone through part by part. */
export function workParts(step: StepId, facts: PageFacts): readonly DogPart[] {
  return (orderOf(step, facts) ?? []).flatMap((id) => DOG_PARTS.filter((p) => p.id === id));
}
