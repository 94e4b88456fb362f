/*
 * Pages of steps, composed for one dog on one day. Loaded by the rooms that show them.
 */
export { stepPage } from './stepPage.js';
export type { StepPage } from './stepPage.js';
export { bathAdvice, washesOf } from './bathAdvice.js';
export { soakChoices } from './soakChoices.js';
export { PRODUCTS_LINE } from './ownLines.js';
export { BATH_PRODUCTS, stepProducts, takesProducts } from './stepProducts.js';
export type { UsedProduct } from './stepProducts.js';
export { workParts } from './workParts.js';
export type { SoakChoice } from './soakChoices.js';
export type { OwnAsk } from './ownAsk.js';
export { STEP_LINES } from './stepLines.js';
export { usualDog } from './usualDog.js';
