/*
 * Neutral instances and job shops in the scheduler's form, and the independent checker of plans for them.
 */
export { modelOfJobShop, rowsOfJobShop } from './jobShop.js';
export { KennelInstanceSchema, instanceFaults, modelOfInstance, rowsOfSchedule } from './kennelInstance.js';
export type { InstanceActivity, InstanceFault, KennelInstance } from './kennelInstance.js';
export { checkInstancePlan } from './checkInstance.js';
export type { CheckedPlan, InstancePlan } from './checkInstance.js';
