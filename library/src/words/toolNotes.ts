/*
 * Which shears, blades, brushes and dryers by coat, beyond their kind. Common practice; one entry a step.
 */
import type { StepId } from '@loyal-mane/core';

/** Notes on a step's tools, a line each. */
export const TOOL_NOTES: Readonly<Partial<Record<StepId, readonly string[]>>> = {
  brushOut1: ['Slicker with long teeth for thick coats, pin brush on long ones; a wide comb to prove it.'],
  brushOut2: ['As the first flank.'],
  knots: ['Fingers first; slicker’s corner; a splitting tool sparingly.'],
  blowOut: ['Force dryer, narrow nozzle near the skin; mask, eye and ear protection.'],
  forceDry: ['Force dryer, wide nozzle on long hair, narrow near the skin of thick coats.'],
  heatDry: [
    'Curl: a short rigid slicker under heat. Drop and sheepdog: pin brush, bristle brush on head and face.',
    'Jacketed: slicker on the lower legs, brass bristles on feathered ears and skull.',
  ],
  undercoat: ['Rake, then slicker, then comb, always in that order.'],
  lineBrush: ['Pin brush on long bodies, slicker on lower legs and feet.'],
  clip: ['Pads: blade 30. Throat: blade 10 on a thin coat, 12 on a thick one. The vent clip stays unseen.'],
  throat: ['Thinners of about 46 teeth; by clipper: blade 10 on a thin coat, 12 on a thick one, up to the cheekbone.'],
  upperEars: ['Clipper with blade 10, along the hair; thinners for the line beneath.'],
  ears: ['Retrievers: thinners only, about 46 teeth. Double coats: the edge with short straight shears (about 5 in).'],
  whiskers: ['Short straight shears (about 5 in), or a small quiet trimmer without pressure.'],
  naturalTrim: ['Thinners are the main tool; a full blade only for the foot’s edge and around nails, last.'],
  roughTrim: [
    'Scissored: long straight (8.5 to 9 in; 7 to 10 are in use) for the body, long curved for legs. Jacketed: about 7 in.',
    'A first pair to buy: 7.5 to 8.5 in.',
  ],
  fineTrim: [
    'Scissored: as the rough pass, arched outlines wholly curved. Drop: the longest straight blade (8.5 to 9 in) for the floor line.',
    'Double: thinners first; what was set straight is softened with them.',
  ],
  shapeTrim: ['As the rough pass.'],
  strip: ['Knives by fineness: coarse on the back, fine on head and throat.'],
  nails: ['Grinder for a rounded end; hair at the nail is tidied after it.'],
  mittClean: ['Rubber curry, mitt; never a slicker on short hair.'],
  tidies: ['Thinners; nothing with a full blade.'],
};
