/*
 * Words of the steps of bath, drying and the gate after it. Common practice of the trade.
 */
import { words } from './stepWords.js';

/** One entry a step. */
export const WASH_METHODS = {
  trimBath: words(
    'Trim bath',
    'bath',
    'tarn',
    ['tub', 'wash', 'solidMats', 'lifting', 'cotton'],
    'Feet, vent, belly, tail and ears are checked, and the rinse water runs clear.',
  ),
  blowOut: words(
    'Dry blow-out',
    'force-dry',
    'brass',
    ['noise', 'power', 'table'],
    'Loose undercoat has flown. The coat is loose, not finished.',
  ),
  brushOut1: words(
    'Brush-out',
    'brush-out',
    'moss',
    ['table', 'solidMats', 'paleSkin'],
    'The skin shows along every part, and the comb meets nothing.',
  ),
  bath: words(
    'Bath',
    'bath',
    'tarn',
    ['tub', 'wash', 'solidMats', 'lifting', 'cotton', 'crusts'],
    'Feet, vent, belly, tail and ears are checked, cotton is out, and no shampoo can be felt.',
  ),
  bathWhites: words(
    'Bath, whites only',
    'bath',
    'tarn',
    ['tub', 'wash', 'solidMats', 'lifting', 'cotton', 'crusts'],
    'White zones are rinsed clear, and the harsh body coat has stayed dry.',
  ),
  condition: words(
    'Condition, soak',
    'soak',
    'tarn',
    ['tub', 'wash'],
    'The label’s minutes are over and it is rinsed out. Go by time: conditioner cannot be felt.',
  ),
  glands: words(
    'Glands',
    'inspection',
    'tarn',
    ['tub', 'vetWork'],
    'The glands are empty; hands, dog and tub were washed at once.',
  ),
  towel: words('Towel', 'towel', 'tarn', ['tub'], 'Feet and belly do not drip, and the coat lies as it should dry.'),
  forceDry: words(
    'Force dry',
    'force-dry',
    'brass',
    ['noise', 'power', 'table', 'heat'],
    'The hair is straight at the root and only damp. Heat follows within 15 minutes.',
  ),
  heatDry: words(
    'Heat dry with brush',
    'heat-dry',
    'brass',
    ['heat', 'heatedPen', 'power', 'table'],
    'Every zone is warm, dry and lies as it should.',
  ),
  dryCheck: words(
    'Dry and straight check',
    'dry-check',
    'brass',
    ['table'],
    'Every zone passes both tests: dry at the root, and no kink.',
  ),
  undercoat: words(
    'Undercoat out',
    'line-brush',
    'moss',
    ['table', 'pull'],
    'The skin shows in every zone when the coat is parted.',
  ),
};
