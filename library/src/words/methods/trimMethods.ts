/*
 * Words of the steps of brushing, cutting and everything that shapes. Common practice of the trade.
 */
import { words } from './stepWords.js';

/** One entry a step. */
export const TRIM_METHODS = {
  lineBrush: words(
    'Line brush',
    'line-brush',
    'moss',
    ['table'],
    'Every line parts to the skin and falls as it was brushed.',
  ),
  combThrough: words(
    'Comb-through',
    'comb',
    'moss',
    ['table'],
    'Wide and fine comb pass to the skin, and nothing resists.',
  ),
  clip: words(
    'Clip: pads, vent, face, feet',
    'clip',
    'plum',
    ['clipper', 'blades', 'table'],
    'Pads are clear, the vent is clipped clean, the clip does not show from the side, and lines are even.',
  ),
  nails: words('Nails', 'nails', 'plum', ['quick', 'table'], 'Nails are rounded, even and clear of the ground.'),
  upperEars: words(
    'Upper ears',
    'clip',
    'plum',
    ['clipper', 'blades', 'earRule', 'table', 'earClip'],
    'Both ears are clipped to the same height, and no step shows where the fringe begins.',
  ),
  ears: words(
    'Ears',
    'ears',
    'plum',
    ['blades', 'earRule', 'table', 'thinners', 'earClip'],
    'Both sides look alike in stance, and the edge of the leather is clean.',
  ),
  throat: words(
    'Throat and front',
    'clip',
    'plum',
    ['table', 'blades', 'clipper'],
    'Shoulder and chest show, both sides look alike, and no line is left.',
  ),
  whiskers: words(
    'Whiskers',
    'tidy',
    'plum',
    ['table', 'blades', 'showRules', 'consent'],
    'Muzzle, brow, cheek spots and jaw are smooth to the finger.',
  ),
  naturalTrim: words(
    'Natural trim',
    'fine-trim',
    'plum',
    ['blades', 'table'],
    'Nothing looks cut: no blunt edge anywhere.',
  ),
  roughTrim: words(
    'Rough trim',
    'rough-trim',
    'plum',
    ['blades', 'table'],
    'The outline is set with a reserve of length; left and right agree.',
  ),
  towelSoak: words(
    'Soak for the towel set',
    'bath',
    'tarn',
    ['tub', 'lifting'],
    'The jacket is wet to the skin all over and combed into its lie.',
  ),
  towelSet: words(
    'Towel set',
    'towel-set',
    'tarn',
    ['alone', 'heatedPen', 'chill'],
    'The jacket is combed along the growth, covered and pinned. It stays on for about 24 hours.',
  ),
  towelRelease: words(
    'Towel off, flat check',
    'towel-set',
    'brass',
    ['table'],
    'The jacket is dry and flat. If not, soak it and set it again.',
  ),
  fineTrim: words(
    'Fine trim',
    'fine-trim',
    'plum',
    ['blades', 'table'],
    'The line is right from every side, in stance, also after a pause.',
  ),
  outlineCheck: words('Outline check', 'inspection', 'plum', ['table'], 'Two people agree on side, front and rear.'),
  shapeCheck: words(
    'Shape check',
    'inspection',
    'plum',
    ['table'],
    'It is written down by zone what is too short and what is too long.',
  ),
  shapeTrim: words(
    'Shape trim',
    'rough-trim',
    'plum',
    ['blades', 'table'],
    'The shape is kept with a reserve of length everywhere.',
  ),
  strip: words(
    'Stripping, carding',
    'card',
    'plum',
    ['pull', 'consent', 'table'],
    'The area is even against the light, and the skin is calm.',
  ),
};
