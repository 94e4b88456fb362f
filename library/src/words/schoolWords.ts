/*
 * The schools in words: the question, each side and why people hold it, what is usual and why, and why a side is refused.
 */
import type { SchoolId, SchoolRefusal } from '@loyal-mane/core';

/** A school's question with both answers, in words. */
export interface SchoolWords {
  readonly question: string;
  readonly a: SideWords;
  readonly b: SideWords;
  /** The usual answer here, and for which dogs. */
  readonly usual: string;
}

/** One answer: its name and its reason. */
export interface SideWords {
  readonly name: string;
  readonly reason: string;
}

function words(question: string, a: SideWords, b: SideWords, usual: string): SchoolWords {
  return { question, a, b, usual };
}

function by(name: string, reason: string): SideWords {
  return { name, reason };
}

/** All schools in words. */
export const SCHOOL_WORDS: Readonly<Record<SchoolId, SchoolWords>> = {
  matsAndWater: words(
    'Mats and water',
    by('Brush everything out, then bathe', 'Water sets mats hard.'),
    by(
      'Wash twice, then work mats outward with the force dryer',
      'Air works loose mats out of curl faster than a brush.',
    ),
    'Brush first; air only on curls with loose mats.',
  ),
  matsAndTime: words(
    'Mats and time',
    by('All mats out on the same day', 'A mat that is left sets and grows.'),
    by(
      'A few minutes a day with rewards',
      'A dog that cannot bear more learns to. Until then no bath, and always mist before brushing.',
    ),
    'The same day; a few minutes by the dog’s tolerance, never for tight mats.',
  ),
  doubleBeforeBath: words(
    'Double coats before the bath',
    by('Loosened by the dryer only', 'Full removal comes after, when the coat is clean and dry.'),
    by('Brushed until skin shows, then bathed', 'A brushed-out coat washes and dries faster.'),
    'The dryer for a heavy load, brushing for a light one.',
  ),
  whenToBathe: words(
    'When to bathe',
    by('One or two days before', 'Most coats need a night to settle.'),
    by('On the show morning', 'Some coats are right straight from the dryer; learned per dog.'),
    'The days before.',
  ),
  clusterDays: words(
    'Several show days in a row',
    by('Touch-ups between', 'One preparation lasts, and nobody is up at midnight.'),
    by(
      'A bath every day',
      'Small fringed and silky coats show every trace; whole-coat whitener only on the first day.',
    ),
    'Touch-ups; a daily bath where the site has a tub and the coat is small and silky.',
  ),
  ringDryness: words(
    'How dry at the ring',
    by('Dry to the skin', 'A damp patch kinks and flips.'),
    by('Outer coat dry, undercoat slightly damp', 'It lifts a double coat a little more.'),
    'Dry to the skin; damp only under double coats on the show morning.',
  ),
  sheepdogForceDryer: words(
    'Heavy sheepdog coats and the force dryer',
    by('Avoid it', 'It pulls hair out of a coat that must keep every one.'),
    by('With great care, in trained hands', 'It saves hours on a whole bath.'),
    'Avoid it.',
  ),
  bathScope: words(
    'How much is bathed',
    by('The whole dog', 'Clean through is clean.'),
    by('Only the whites', 'Water softens a harsh coat.'),
    'Whites only on harsh sheepdog coats.',
  ),
  shampooOn: words(
    'Shampoo on',
    by('A wet coat', 'It spreads and rinses evenly.'),
    by('A dry coat, mixed beforehand', 'It goes to the skin before the water does, and one pass is saved.'),
    'A wet coat.',
  ),
  headInBath: words(
    'The head in the bath',
    by('Last', 'The dog shakes when its head is wet.'),
    by('First', 'After a pre-treat, or with pinned ears, the face soaks longest.'),
    'Last.',
  ),
  tubShaking: words(
    'Shaking in the tub',
    by('Let them', 'Shaking lays the hair; always for old or injured dogs.'),
    by('Steady the head', 'The room and the next dog stay dry.'),
    'Let them.',
  ),
  glands: words(
    'Glands',
    by('At baths, by the trained, not weekly', 'It is washed away at once.'),
    by('Only when needed, by a vet or somebody trained', 'Healthy glands empty themselves.'),
    'Only when needed.',
  ),
  sideOrder: words(
    'Which side first',
    by('Show side first, once around', 'The judge’s side is done with fresh eyes.'),
    by('Off side first', 'The finished side is not lain on.'),
    'Show side for trimming, off side for volume and lying work.',
  ),
  productAndScissors: words(
    'Product and scissors',
    by('Lift spray before scissoring', 'The line is cut as it will stand.'),
    by('Nothing with product is cut', 'Product dulls blades and hides the line; a few stray ends at most.'),
    'Lift first on scissored coats, nothing cut after product on all others.',
  ),
  throat: words(
    'Throat',
    by('Clipper', 'Fast, but it leaves a line that needs about a week to settle.'),
    by('Thinners', 'Slow, and it blends from the first day.'),
    'Thinners; the clipper when minutes are short and days enough.',
  ),
  earTop: words(
    'Top of ear and shoulder roll',
    by('Thinners on lifted hair', 'Bulk goes, nothing looks cut.'),
    by('Undercoat tool', 'Dead hair goes, live hair stays.'),
    'Thinners.',
  ),
  bodyShears: words(
    'Shears for a scissored body',
    by('Straight for the body, curved for rounds', 'Flat planes stay flat.'),
    by('Curved for all', 'Reversed, they cut a straight line as well.'),
    'Straight for the body.',
  ),
  footEdge: words(
    'Edge of the foot',
    by('Straight shears', 'Control around nails and pads.'),
    by('Curved shears', 'The round is in the blade.'),
    'Straight on natural feet, curved on drop and scissored coats.',
  ),
  brushingRoute: words(
    'Route of the brush',
    by('Tail to head along the body', 'Each line falls over the next.'),
    by('Leg by leg from the hock', 'No leg is left for last.'),
    'As each person works best.',
  ),
  tanglesAtShow: words(
    'Soft tangles at a show',
    by('All out', 'Tangles only grow.'),
    by('Kept for body until home', 'They hold volume; out within two days.'),
    'All out; kept on heavy sheepdog coats, with the removal planned.',
  ),
  preTreat: words(
    'Stain pre-treat',
    by('About 30 minutes while the other side is brushed', 'It works while you work.'),
    by('A few minutes, renewed after wetting', 'Less time on the skin.'),
    'About 30 minutes.',
  ),
  smallTrimsBy: words(
    'Vent, belly, tufts and whiskers by',
    by('Shears', 'Quiet, for dogs that mind a motor.'),
    by('Trimmer', 'Quick and clean.'),
    'As the dog bears it.',
  ),
  puppyWhiskers: words(
    'Whiskers of puppies',
    by('Not under nine months', 'They still learn the world with them.'),
    by('With the first table lessons', 'The sooner a dog knows it, the steadier it stands.'),
    'Not under nine months. Law and breed custom come first.',
  ),
  whiskers: words(
    'Whiskers',
    by('Off', 'A clean outline of the muzzle.'),
    by('Left', 'A dog feels with them; some shows and countries forbid removing them.'),
    'As the show’s own rules allow.',
  ),
  curlDrying: words(
    'Drying curl',
    by('Force, brush, heat', 'Straight at the root before the line is cut.'),
    by('Drip-damp, then stretched under heat', 'Less noise for the dog, more time under the brush.'),
    'Force, brush, heat.',
  ),
  soakLength: words(
    'How long conditioner stays',
    by('About five minutes', 'It needs time to enter the hair.'),
    by('Two or three, working in counted', 'More does not go in.'),
    'Five minutes; the label is the floor.',
  ),
  coloredBulk: words(
    'Bulk in colored jackets',
    by('From beneath', 'Roots are paler; a cut surface shows a patch.'),
    by('From the surface', 'Quicker, where the color runs to the root.'),
    'From beneath.',
  ),
  tableTime: words(
    'Standing table time a day',
    by('Up to 45 minutes for a trained dog', 'Then it is done for that day.'),
    by('By the dog’s own tolerance', 'Some bear more, many less.'),
    'The cap for jacketed and scissored trims, the dog’s own elsewhere.',
  ),
  posture: words(
    'Posture while it is worked',
    by('Stays put, lies when trained', 'Steady hands, even lines.'),
    by('Moves freely', 'A dog that may turn stays longer.'),
    'As the dog is used to.',
  ),
  gate: words(
    'At the gate',
    by('Hands off', 'Handling undoes the hold.'),
    by('Keep misting and brushing', 'Some coats fall before the class is called.'),
    'Hands off; coats that stand up are kept up.',
  ),
  thickWashes: words(
    'Washes of thick coats',
    by('Two washes', 'The first takes the dirt, the second cleans.'),
    by('One wash, left on about five minutes', 'Shampoo that works needs no second round.'),
    'Two.',
  ),
  trimBegin: words(
    'Where a trim begins',
    by('Small work: feet, or whiskers and head', 'It is done while the dog is fresh.'),
    by('Large lines: rear, or topline', 'They set the rest.'),
    'Small work first, the large lines first on scissored coats; each person may have a beginning of their own.',
  ),
  sprayOnLayer: words(
    'Spray on a layer of hair',
    by('From root to tip', 'The whole layer stands, as a body needs it.'),
    by('The root third only', 'Tips stay soft, as a spray-up needs them.'),
    'Root to tip on the body.',
  ),
  sprayUpAfter: words(
    'A soft spray-up after the show',
    by('Out the same day', 'Nothing stays that breaks hair.'),
    by('Left for a few days', 'A soft hold can be brushed, and saves a wash in a series of shows.'),
    'Out the same day.',
  ),
  eyelashes: words(
    'Eyelashes',
    by('Shortened', 'A clean eye.'),
    by('Left', 'They guard the eye; some shows forbid removing them.'),
    'Left.',
  ),
  nailTool: words(
    'Nails',
    by('Grinder alone', 'No pinch, and a round edge at once.'),
    by('Cut first, then ground', 'Long nails are short sooner.'),
    'Grinder alone.',
  ),
};

/** Why a choice is refused because it would hurt. */
export const REFUSAL_WORDS: Readonly<Record<SchoolRefusal, string>> = {
  tightMats: 'Refused: this dog has tight mats. They come out or off before water and before any fight with them.',
  noBathUntilClear: 'Refused: its mats come out a few minutes a day, and until then it is not bathed.',
  notDouble: 'Refused: damp undercoat flattens or waves a coat that should lie.',
  nobodyTrained: 'Refused: nobody here is trained for it.',
  noTubThere: 'Refused: the dog travels, and the show has no tub.',
  scissorsNeedCleanCoat: 'Refused: this coat is trimmed clean and dry the day before; a morning bath comes too late.',
  paleRoots: 'Refused: the roots are paler, and a cut surface would show.',
};
