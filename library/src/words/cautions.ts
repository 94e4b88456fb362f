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
  cotton: 'Cotton in the ears? It is not finished before it is out: left, right.',
  crusts: 'Soften crusts at the eyes with warm water. Never pull them off dry.',
  heat: 'Heat only as warm as your own hand bears at that spot. Ears and thin skin burn first.',
  heatedPen:
    'No heated air on a dog in a closed pen without a person in the room. Short-nosed, old, very young, sick or pregnant dogs: more breaks.',
  noise: 'Ears of the dog covered, hearing protection for you. Not into faces; mask and eye protection for a blow-out.',
  power:
    'Dry hands at the plug. Dryers only on a protected circuit; the plan keeps each circuit below its limit. A dryer plugged in besides them is not counted.',
  solidMats:
    'Never bathe solid mats. Shield the skin with your hand; skin red, wet or smelling under a mat: stop, vet.',
  blades:
    'Mind eyes, ear leather, tongue, pads, skin folds, nipples and vent. Find the ear’s edge by finger before each cut.',
  clipper: 'Clipper on your own hand every few minutes: a hot blade burns. Pad cut: pressure; it may need a vet.',
  quick: 'Stop at the quick; styptic at hand.',
  earRule: 'No full ear trim on the show day or the evening before. One nick, and the dog will not stand for it again.',
  spray:
    'Shield the eyes, air the room, read the label. Rules on products left in a coat differ: check the show’s own rules.',
  powder: 'No loose powder near the eyes.',
  lifting: 'A heavy dog goes in by the ramp or with two people; a moving dog weighs more than the scale says.',
  infection: 'Clean tools between kennels of different clients. Skin disease goes last, then disinfect.',
  found: 'Anything found is written down: zone, how bad, who was told. Pain, blood, swelling, smell: vet.',
  alone: 'Only in the pen may the dog be left, and somebody looks in.',
  travel: 'Never leave dogs in a hot vehicle. Water and a walk at every stop.',
  consent: 'Stripping, first ear trims and shaving out: only by those allowed to decide, with the owner’s consent.',
  lead: 'Hold the lead, not the loop. A strange ring frightens: stop when the dog pants, trembles or refuses.',
  pull: 'Drawn taut means held, never stretched. Tight mats bruise and pull out hair: do not fight them.',
  bands: 'Bands clear of skin and ear leather; a tight band cuts off the tip.',
  showRules: 'Some shows and countries forbid removing whiskers. Check the show’s own rules first.',
  vetWork: 'Only by those trained for it; some places reserve it to vets. Pain, blood, swelling, smell: stop, vet.',
  water: 'A held dog needs water, shade and rest first, looks second.',
} as const;

/** Id of a caution. */
export type CautionId = keyof typeof CAUTIONS;
