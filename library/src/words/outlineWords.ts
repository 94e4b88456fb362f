/*
 * Words of the outline: what is measured and between which points, what a lead may ask for, what it does.
 */
import type { BodyFault, CorrectionId, DogMeasure, Movement, OutlineLine, OutlineMeasure } from '@loyal-mane/core';

/** Measures of a dog, in a sentence. */
export const MEASURE_WORDS: Readonly<Record<DogMeasure, string>> = {
  height: 'height at the withers',
  bodyLength: 'length of the body',
  chest: 'around the chest',
  neck: 'around the neck',
  foreleg: 'foreleg to the elbow',
  forechest: 'forechest ahead of the withers',
  chestDepth: 'depth of the chest',
  croupHeight: 'height at the croup',
  tailSetHeight: 'height of the tail set',
  rumpHeight: 'height of the point of rump',
  tuckUpHeight: 'height of the tuck-up',
  neckLength: 'length of the neck',
  skullLength: 'length of the skull',
  muzzleLength: 'length of the muzzle',
  hockHeight: 'height of the hock',
  hockBehind: 'hock behind the rump',
  tailLength: 'length of the tail',
  dipDepth: 'dip behind the withers',
  skullWidth: 'width of the skull',
  chestWidth: 'width of the chest',
  thighWidth: 'width of the thighs',
  stifleHeight: 'height of the stifle',
  skullDepth: 'depth of the skull',
  muzzleDepth: 'depth of the muzzle',
  forelegWidth: 'foreleg from the side',
  hindLegWidth: 'hind leg from the side',
  footLength: 'length of the foot',
  earLength: 'length of the ear',
  earWidth: 'width of the ear',
};

/** Points between which each is measured; hair pressed flat, the dog in show stance. */
export const MEASURED_BETWEEN: Readonly<Record<OutlineMeasure, string>> = {
  height: 'ground to the highest point of the withers',
  bodyLength: 'forechest to the point of rump, level',
  forechest: 'plumb line of the withers to the forechest',
  chestDepth: 'withers to the lowest point of the brisket',
  croupHeight: 'ground to the highest point of the croup',
  tailSetHeight: 'ground to the root of the tail',
  rumpHeight: 'ground to the point of rump',
  tuckUpHeight: 'ground to the belly where it is highest',
  neckLength: 'withers to the occiput',
  skullLength: 'occiput to the stop',
  muzzleLength: 'stop to the tip of the nose',
  hockHeight: 'ground to the point of hock',
  hockBehind: 'plumb line of the rump to the point of hock',
  tailLength: 'root to tip, the bone only',
  dipDepth: 'straight edge over withers and loin to the back',
  skullWidth: 'from ahead, over the skull between the ears',
  chestWidth: 'from ahead, over the ribs behind the elbows',
  thighWidth: 'from behind, over both thighs at the stifles',
  stifleHeight: 'ground to the stifle joint',
  skullDepth: 'top of the skull to the corner of the jaw',
  muzzleDepth: 'bridge of the nose to the lower lip',
  forelegWidth: 'front to back of the leg below the elbow',
  hindLegWidth: 'front to back of the leg below the hock',
  footLength: 'heel to the toes',
  earLength: 'root to tip, the leather only',
  earWidth: 'the leather where it is widest',
};

/** Corrections that a lead may ask for. */
export const CORRECTION_WORDS: Readonly<Record<CorrectionId, { readonly name: string; readonly does: string }>> = {
  moreNeck: { name: 'Show more neck', does: 'throat closer, its V lower; crest a little closer' },
  shortBack: { name: 'Shorten the back', does: 'closer behind the rump and in front of the chest' },
  moreLeg: { name: 'Show more leg', does: 'underline higher' },
  moreRear: { name: 'Show more rear angle', does: 'hock further behind, more hair at stifle and hock' },
  levelTop: { name: 'Level the topline', does: 'more hair on loin and croup' },
  hideDip: { name: 'Fill the dip behind the withers', does: 'back left longer' },
  clearHead: { name: 'Clear the head', does: 'skull, brows and beard closer' },
  fullerThigh: { name: 'Fuller thigh', does: 'more hair behind the thigh and at the stifle' },
  fullPastern: { name: 'Full pasterns and hocks', does: 'pasterns and hocks left longer' },
};

/** Faults of a body, said after their millimeters. */
export const FAULT_NAMES: Readonly<Record<BodyFault, string>> = {
  longBack: 'longer in the body than the breed',
  lowOnLeg: 'deeper in the chest, so shorter on leg',
  straightRear: 'straighter behind',
  dip: 'of dip behind the withers',
  shortNeck: 'shorter in the neck',
  lowCroup: 'lower at the croup',
  thinThigh: 'narrower over the thighs',
  sinkingHock: 'lower in the hock, so weak in the pastern',
  narrowHead: 'narrower in the skull',
};

/** Lines that are set by hand, and what their two ends are. */
export const LINE_WORDS: Readonly<
  Record<OutlineLine, { readonly name: string; readonly near: string; readonly far: string }>
> = {
  topline: { name: 'Topline', near: 'at the withers', far: 'at the croup' },
  underline: { name: 'Underline', near: 'at the brisket', far: 'at the tuck-up' },
  front: { name: 'Front', near: 'at the throat', far: 'at the forechest' },
  columnFront: { name: 'Foreleg, front', near: 'above', far: 'at the foot' },
  columnBack: { name: 'Foreleg, back', near: 'at the elbow', far: 'at the pastern' },
  rear: { name: 'Rear angle', near: 'at the rump', far: 'above the hock' },
  bevel: { name: 'Bevel of the feet', near: 'above', far: 'at the table' },
  floor: { name: 'Floor of hanging hair', near: 'above the table', far: '' },
};

/** How an outline was while the dog moved. */
export const MOVEMENT_WORDS: Readonly<Record<Movement, string>> = {
  asWanted: 'as wanted',
  tooLong: 'too long',
  tooShort: 'too short',
  uneven: 'uneven, left and right',
};
