/*
 * Mistakes that are common at each step, as people should read it before it happens. Common practice of the trade; one
 * entry a step.
 */
import type { StepId } from '@loyal-mane/core';

const BATH: readonly string[] = [
  'Feet, vent, belly or tail are missed, and the dog is bathed again.',
  'Soap is left in: it makes scurf, and the coat does not stand.',
  'The first water after a pause is too hot.',
];
const BRUSH: readonly string[] = [
  'Only the top is brushed: the comb stops near the skin, and the bath sets what is left.',
  'The coat is brushed dry: hair breaks and flies.',
];
const TRIM: readonly string[] = [
  'A damp or kinked coat is cut: the line moves later.',
  'The trimmer jumps about instead of going around: left and right differ.',
  'One deep bite of the thinners makes a hole that only time fills.',
];

/** Common mistakes of each step, a line each. */
export const GOES_WRONG: Readonly<Record<StepId, readonly string[]>> = {
  inspection: ['A sore spot is found and not written down: later nobody knows since when.'],
  keepUpBrush: BRUSH,
  dressing: ['Too much dressing is used at once: it draws dirt and clumps.'],
  knots: [
    'The mat is fought instead of opened: the hair is gone, and the dog remembers.',
    'The mat is wetted before it is out: it sets hard.',
  ],
  lesson: ['The lesson is too long: the dog learns to dread the table.'],
  practice: ['It is practiced too late: the mistake shows in the ring.'],
  shapeCheck: ['The dog is looked at while it is not in its stance.'],
  shapeTrim: TRIM,
  strip: [
    'The knife cuts instead of plucking: the color goes pale.',
    'One place is bare before anybody steps back and looks.',
  ],
  trimBath: BATH,
  blowOut: ['The nozzle is held too far off: tips snarl.', 'The filter is full: the air is warm and weak.'],
  brushOut1: [...BRUSH, 'The inner sides of the legs are forgotten.'],
  preTreat: ['It dries on before the bath.', 'It gets too near the eye.'],
  brushOut2: [...BRUSH, 'The dog lies on the finished flank.'],
  glands: ['It is done without need, or by somebody who was not shown how: it hurts.'],
  mittClean: ['The skin under the collar and between the toes is forgotten.'],
  bath: BATH,
  bathWhites: ['The harsh body coat gets wet and softens.', 'The whitener stays longer than its label says.'],
  condition: [
    'Zones that should stand are conditioned before a show: they lie flat.',
    'It is judged by feel: only time tells that conditioner is out.',
  ],
  towel: ['Long hair is rubbed: it felts.'],
  forceDry: [
    'The surface is dry and the root damp: the coat waves by the evening.',
    'The air is blown into a mat: it tightens.',
  ],
  heatDry: [
    'One side cools before it lies as it should.',
    'The heat is held on one spot: the skin burns before your hand notices.',
  ],
  dryCheck: [
    'The tips are felt instead of the root, which is still damp.',
    'A kinked zone is taken for a mat and worked with a slicker.',
  ],
  undercoat: ['The rake goes over one place again and again: it makes a hole.', 'It is done on a damp coat.'],
  lineBrush: ['The lines are too wide: the comb stops between them.'],
  combThrough: ['Armpits, behind the ears and under the tail are left out.'],
  clip: [
    'The blade is hot.',
    'It is clipped too near the show: redness and lines show.',
    'The clipped vent shows from the side.',
  ],
  nails: ['The quick is cut, and the dog will not give its foot again.'],
  upperEars: ['The clipped part runs too low: the ear looks small.', 'The line to the fringe is left as a step.'],
  ears: ['The leather is nicked: the dog will not stand for it again.', 'Half-dry ears are cut: the edge is choppy.'],
  throat: ['The line of the clipper shows in the ring.', 'The feather of the chest is cut into.'],
  whiskers: ['They are cut where a law or the show forbids it.', 'One spot at the jaw is left.'],
  naturalTrim: ['It looks cut: there is a blunt edge on ear, tail or feather.', ...TRIM],
  roughTrim: ['No reserve is left for the fine trim.', ...TRIM],
  towelSoak: ['Only the surface is wet: the jacket dries as it stood.'],
  towelSet: ['The towel comes off before the jacket is dry: it stands again.', 'The towel is laid against the growth.'],
  towelRelease: ['The jacket is cut at once, before it has lain.'],
  fineTrim: ['Zones that grow on are cut, or the other side is cut to match a slip.', ...TRIM],
  outlineCheck: ['The dog is not in its stance, and the line is corrected where the leg was wrong.'],
  wraps: ['A band lies on skin or ear leather.', 'Damp hair is wrapped: it waves.'],
  bag: ['There is no spare clean comb.', 'The sticky comb goes in with the clean ones.'],
  load: ['The dog lies on a finished coat.'],
  spotWash: ['It is dried from outside only: a wave stays where the zone was wet.'],
  touchUp: ['Product is put on product: the coat gums.'],
  revive: [
    'It is blown from afar: the tips snarl and the root stays flat.',
    'It is wet beneath at the gate: it falls.',
  ],
  finish: [
    'Hair that is still to be combed is sprayed: it gums the comb.',
    'It is finished too early: it sags before the ring.',
  ],
  tidies: ['A new line is cut on the show morning: nothing grows back by noon.'],
  gate: ['The coat is handled until the hold is gone.', 'The dog cannot see when it moves.'],
  ring: ['The comb stays at the table.'],
  winnersHold: ['The dog gets no water and no shade: it is flat in the later round.'],
  skinLook: ['It is put off to the next day: a rubbed spot is sore by then.'],
  takedown: ['Backcombing is brushed out instead of picked: hair breaks.', 'Product is left in: it draws dirt.'],
};
