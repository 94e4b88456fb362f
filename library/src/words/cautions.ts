/*
 * Cautions, shown where the work happens, short, once per step. Common practice of the trade; the product never
 * replaces a vet, local codes, a kennel club's rules or licensed practice, and every sheet says so.
 */

/** Who decides where advice here ends: the vet, local codes, the show's rules. */
export const DEFER = 'A vet, local codes and the show’s own rules come before anything written here.';

/** Cautions in words. */
export const CAUTIONS = {
  table:
    'Never leave a dog alone on a table or in a noose. Quick-release loop, non-slip mat. Stop at stress and split the step.',
  tub: 'Never leave a dog alone in the tub. Test the water away from the dog, and again after every pause.',
  wash: 'No shampoo or jet into the eyes, no water into the ear canals. Dilute shampoo; rinse it out fully.',
  cotton: 'Take the cotton out of both ears before you say that the bath is finished.',
  crusts: 'Soften crusts at the eyes with warm water. Never pull them off dry.',
  heat: 'Keep the heat no warmer than your own hand bears at that spot. Ears and thin skin burn first.',
  heatedPen:
    'No heated air on a dog in a closed pen without a person in the room. Short-nosed, old, very young, sick or pregnant dogs: more breaks.',
  noise:
    'Cover the dog’s ears, and wear hearing protection. Never blow into the face; wear a mask and eye protection for a blow-out.',
  power:
    'Keep your hands dry at the plug, and use dryers only on a protected circuit. The plan keeps each circuit below its limit. A dryer plugged in besides them is not counted.',
  solidMats:
    'Never bathe solid mats. Shield the skin with your hand. If it is red, wet or smells under a mat, stop and ask a vet.',
  blades:
    'Watch eyes, ear leather, tongue, pads, skin folds, nipples and vent. Find the edge of the ear by finger before each cut.',
  clipper:
    'Feel the clipper on your own hand every few minutes: a hot blade burns. If a pad is cut, press on it; it may need a vet.',
  quick: 'Stop at the quick, and keep styptic at hand.',
  earRule: 'No full ear trim on the show day or the evening before. One nick, and the dog will not stand for it again.',
  spray:
    'Shield the eyes, air the room, read the label. Rules on products left in a coat differ: check the show’s own rules.',
  powder: 'No loose powder near the eyes.',
  lifting:
    'Lift by chest and hind end. A heavy dog goes in by the ramp or with two people; a moving dog weighs more than the scale says.',
  infection: 'Clean tools between kennels of different clients. Work on dogs with skin disease last, then disinfect.',
  found: 'Write down what you find: zone, how bad, who was told. Pain, blood, swelling or smell need a vet.',
  alone: 'The dog may be left only in the pen, and somebody looks in.',
  travel: 'Never leave dogs in a hot vehicle. Water and a walk at every stop.',
  consent:
    'Only those allowed to decide do stripping, first ear trims and shaving out, and only with the owner’s consent.',
  lead: 'Hold the lead, not the loop. A strange ring frightens: stop when the dog pants, trembles or refuses.',
  paleSkin: 'Pale skin burns under the brush: a few strokes at one place, then come back later.',
  thinners: 'Never stab with thinners: it pulls, and leaves marks.',
  earClip: 'A clip at the ear grips hair, never leather, and for a short time.',
  chill: 'Only in a warm room, pins covered, looked at every few hours; never a chilled or a young dog.',
  pull: 'Hold the skin taut, never stretch it. Do not fight tight mats: it bruises and pulls out hair.',
  bands: 'Keep bands clear of skin and ear leather; a tight band cuts off the tip.',
  showRules: 'Some shows and countries forbid removing whiskers. Check the show’s own rules first.',
  vetWork:
    'Only those trained for it may do this; some places reserve it to vets. At pain, blood, swelling or smell stop and ask a vet.',
  water: 'A dog that is held needs water, shade and rest before its looks.',
} as const;

/** Id of a caution. */
export type CautionId = keyof typeof CAUTIONS;
