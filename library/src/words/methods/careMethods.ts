/*
 * Words of the steps of keep-up, inspection and mats. Common practice of the trade.
 */
import { words } from './stepWords.js';

/** One entry a step. */
export const CARE_METHODS = {
  inspection: words(
    'Inspection',
    'inspection',
    'soft',
    ['found', 'infection'],
    'Hands have been over the whole dog, and what was found is written down.',
  ),
  keepUpBrush: words(
    'Keep-up brushing',
    'line-brush',
    'moss',
    ['table', 'solidMats'],
    'Skin visible along every part; brushed hair shows separate strands, not clumps.',
  ),
  dressing: words('Dressing', 'comb', 'moss', ['spray'], 'Fringes part to the tips, and nothing feels sticky.'),
  knots: words(
    'Knots out',
    'mat-work',
    'plum',
    ['solidMats', 'pull', 'table'],
    'The comb goes through to the skin at that place.',
  ),
  practice: words(
    'First practice',
    'rough-trim',
    'plum',
    ['blades', 'earRule', 'consent', 'table'],
    'The trim is finished far from any show, and how it came out is written down.',
  ),
  lesson: words(
    'First lesson',
    'inspection',
    'moss',
    ['table', 'found'],
    'It ended while the dog was still content, and what it accepted is noted.',
  ),
  skinLook: words(
    'Skin look',
    'inspection',
    'soft',
    ['found'],
    'The skin was looked at wherever product and bands were.',
  ),
  takedown: words(
    'After-show',
    'after-show',
    'tarn',
    ['table', 'solidMats', 'wash'],
    'Products, bands and kept tangles are out, and the comb passes.',
  ),
  spotWash: words(
    'Spot wash',
    'bath',
    'tarn',
    ['wash', 'crusts'],
    'The soiled zone is clean, rinsed and dry, and the rest has stayed dry.',
  ),
  preTreat: words(
    'Stain pre-treat',
    'pre-treat',
    'tarn',
    ['crusts', 'wash'],
    'Every stain is wet with the pre-treat, about 30 minutes before the bath.',
  ),
  brushOut2: words(
    'Brush-out, second flank',
    'brush-out',
    'moss',
    ['table', 'solidMats'],
    'No mats are left anywhere: water sets them.',
  ),
  mittClean: words('Mitt clean, curry', 'tidy', 'tarn', ['table'], 'A white cloth wiped to the root stays white.'),
};
