/*
 * Words of the steps of packing, travel, ring morning and ring. Common practice of the trade.
 */
import { words } from './stepWords.js';

/** One entry a step. */
export const SHOW_METHODS = {
  wraps: words(
    'Wraps and bands',
    'wraps',
    'moss',
    ['bands', 'table'],
    'No wrap pulls, and the dog shakes and walks easily.',
  ),
  bag: words('Pack the bag', 'comb', 'soft', ['travel'], 'Everything on the dog’s list is in the bag.'),
  load: words('Load', 'travel', 'soft', ['travel', 'lifting'], 'The dog is in its own crate, with air and water.'),
  touchUp: words(
    'Touch-up',
    'tidy',
    'moss',
    ['table', 'spray', 'heat', 'noise', 'power'],
    'The coat looks as on the first day; nothing new was cut.',
  ),
  revive: words(
    'Water and air',
    'force-dry',
    'brass',
    ['noise', 'power', 'table', 'heat'],
    'The coat stands from the root again; the outer coat is dry.',
  ),
  finish: words(
    'Show-morning finish',
    'finish',
    'ink',
    ['spray', 'powder', 'table', 'heat', 'noise', 'power'],
    'Fingers still pass through, the coat falls back when the head moves, and it is dry to the touch.',
  ),
  tidies: words('Tidies', 'tidy', 'plum', ['blades', 'earRule'], 'A few stray ends are gone, and nothing more.'),
  gate: words('At the gate', 'comb', 'ink', ['lead', 'spray'], 'The dog can see when it moves, and the lead is on.'),
  ring: words('In the ring', 'ring', 'ink', ['lead'], 'The dog has been judged, and you know what comes next.'),
  winnersHold: words(
    'Hold for a later round',
    'rest',
    'ink',
    ['water', 'travel'],
    'The dog has rested and drunk, and the coat is as it was.',
  ),
};
