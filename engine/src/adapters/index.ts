/*
 * Neutral instances and job shops in the scheduler's form, and the independent checker of plans for them.
 */
export { modelOfJobShop, rowsOfJobShop } from './jobShop.js';
export { modelOfInstance, rowsOfSchedule } from './kennelInstance.js';
export type { InstanceActivity, KennelInstance } from './kennelInstance.js';
export { readInstance } from './readInstance.js';
export type { InstanceResult } from './readInstance.js';
export { checkInstancePlan } from './checkInstance.js';
export type { CheckedPlan, InstancePlan } from './checkInstance.js';
