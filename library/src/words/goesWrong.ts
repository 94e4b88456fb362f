/*
 * Mistakes that are common at each step, as people should read it before it happens. Common practice of the trade; one
 * entry a step.
 */
import type { StepId } from '@loyal-mane/core';

const BATH: readonly string[] = [
  'Feet, vent, belly or tail missed: the dog is bathed again.',
  'Soap left in: scurf, and the coat does not stand.',
  'The first water after a pause comes hot.',
];
const BRUSH: readonly string[] = [
  'Brushed over the top: the comb stops at the skin, and the bath sets what is left.',
  'Brushed dry: hair breaks and flies.',
];
const TRIM: readonly string[] = [
  'Cut on a damp or kinked coat: the line moves later.',
  'Jumping about instead of going around: left and right differ.',
  'One deep bite of the thinners makes a hole that only time fills.',
];

/** What commonly goes wrong in each step, a line each. */
export const GOES_WRONG: Readonly<Record<StepId, readonly string[]>> = {
  inspection: ['A sore spot found and not written down: nobody knows since when.'],
  keepUpBrush: BRUSH,
  dressing: ['Too much at once: it draws dirt and clumps.'],
  knots: [
    'Fought instead of opened: the hair is gone, and the dog remembers.',
    'Wetted before it is out: it sets hard.',
  ],
  lesson: ['Too long: the dog learns to dread the table.'],
  practice: ['Practiced too late: the mistake is in the ring.'],
  shapeCheck: ['Looked at on a dog that is not in its stance.'],
  shapeTrim: TRIM,
  strip: [
    'A knife that cuts instead of plucks: the color goes pale.',
    'One place worked bare before the eye steps back.',
  ],
  trimBath: BATH,
  blowOut: ['The nozzle held far off: tips snarl.', 'The filter is full, and the air only warm.'],
  brushOut1: [...BRUSH, 'The inner sides of the legs forgotten.'],
  preTreat: ['Dried on before the bath.', 'Too near the eye.'],
  brushOut2: [...BRUSH, 'The finished flank lain on.'],
  glands: ['Done without need, or by hands that were not shown how: it hurts.'],
  mittClean: ['Skin under the collar and between the toes forgotten.'],
  bath: BATH,
  bathWhites: ['The harsh body coat gets wet and softens.', 'Whitener left longer than its label says.'],
  condition: [
    'Body zones conditioned before a show: they lie flat.',
    'Judged by feel: only time tells that it is out.',
  ],
  towel: ['Rubbed: long hair felts.'],
  forceDry: ['Surface dry, root damp: it waves by the evening.', 'Blown into a mat: it tightens.'],
  heatDry: ['One side cools before it lies.', 'Held on one spot: the skin burns before the hand notices.'],
  dryCheck: ['Felt at the tips: the root is still damp.', 'A kinked zone taken for a mat and worked with a slicker.'],
  undercoat: ['The rake taken to one place again and again: a hole.', 'Done on a damp coat.'],
  lineBrush: ['Lines too wide: the comb stops between them.'],
  combThrough: ['Armpits, behind the ears, under the tail left out.'],
  clip: ['A hot blade.', 'Clipped too near the show: redness and lines.', 'The vent clip shows.'],
  nails: ['The quick is cut, and the dog will not give its foot again.'],
  ears: ['A nick in the leather: the dog will not stand for it again.', 'Half-dry ears cut choppy.'],
  throat: ['The clipper’s line shows in the ring.', 'Into the feather of the chest.'],
  whiskers: ['Cut where law or show forbids it.', 'One spot left at the jaw.'],
  naturalTrim: ['It looks cut: a blunt edge on ear, tail or feather.', ...TRIM],
  roughTrim: ['No reserve left for the fine pass.', ...TRIM],
  towelSoak: ['Only the surface is wet: the jacket dries as it stood.'],
  towelSet: ['Taken off before it is dry: the jacket stands again.', 'Laid against the growth.'],
  towelRelease: ['Cut at once, before it has lain.'],
  fineTrim: ['Growing-on zones or a slip deepened to match.', ...TRIM],
  outlineCheck: ['The dog is not in its stance, and the line is corrected where the leg was wrong.'],
  wraps: ['A band on skin or ear leather.', 'Damp hair wrapped: it waves.'],
  bag: ['No spare clean comb.', 'The sticky comb goes in with the clean ones.'],
  load: ['A finished coat is lain on.'],
  spotWash: ['Dried from outside: a wave where the zone was wet.'],
  touchUp: ['Product on product: the coat gums.'],
  finish: ['Sprayed on coming hair: it gums the comb.', 'Finished too early: it sags before the ring.'],
  tidies: ['A new line on the show morning: nothing grows back by noon.'],
  gate: ['Handled until the hold is gone.', 'The dog cannot see when it moves.'],
  ring: ['The comb stays at the table.'],
  winnersHold: ['No water, no shade: the dog is flat for the group.'],
  skinLook: ['Put off to the next day: a rubbed spot is a sore by then.'],
  takedown: ['Backcombing brushed out instead of picked: hair breaks.', 'Product left in: it draws dirt.'],
};
