/*
 * The library: the trade's knowledge as typed data, checked when it is loaded.
 */
export { CARE_LIBRARY } from './careLibrary.js';
export { believableWork, liveDemo } from './demo/liveDemo.js';
export { BREEDS } from './breedTable.js';
export type { BreedRow, Span } from './breeds/breed.js';
export { zonesOfWords } from './breeds/breed.js';
export { BREED_ROWS, readBreeds } from './breeds/breedRows.js';
export { DOG_PARTS, HAIR_SHARES, ZONES, ZONE_NAMES } from './zones/zones.js';
export type { DogPart, DogPartId } from './zones/zones.js';
export { BODY_SHAPES } from './outline/bodyShapes.js';
export { silhouetteSprite } from './outline/silhouettes.js';
export { TRIM_MAPS } from './zones/trimMaps.js';
export { MINUTES } from './minutes.js';
export type { MinutesKey } from './minutes.js';
export { PROGRAMS, WHEN_FOUND } from './programs.js';
export { TRIM_PARTS } from './trimParts.js';
export type { TrimParts } from './trimParts.js';
export { RULE_SETS, RULE_SET_IDS } from './ruleSets.js';
export type { RuleSetId } from './ruleSets.js';
export { SCHOOLS } from './schools.js';
export { BLADES_MM, COMB_TOOTH_MM, cutKitOf } from './blades.js';
export type { CutKit } from './blades.js';
export { growthPrior } from './growth.js';
export { CARE_RULES } from './toolCare.js';
export { toolsFor } from './tools.js';
export { STEP_NEEDS } from './steps.js';
export { METHODS } from './words/methods.js';
export { libraryFaults } from './libraryFaults.js';
export { LITERS_PER_M2, PRODUCTS, productZones } from './products.js';
export { bagList } from './bag.js';
export { STEP_ZONES } from './zones/stepZones.js';
export { PLAIN_DOG } from './plainDog.js';
export { emptyKennel } from './emptyKennel.js';
export type { FirstDay } from './emptyKennel.js';
export { readOutline, reckonOutline } from './reader/readOutline.js';
export type { OutlineOut, OutlineRead } from './reader/readOutline.js';
