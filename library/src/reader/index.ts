/*
 * Reading kennel files: the one gate through which a kennel comes in, from a file, an import or a test.
 */
export { readKennel } from './readKennel.js';
export { changeIssues } from './changeIssues.js';
export type { KennelIssue, ReadResult } from './kennelIssue.js';
export { readBreed, readDogParts, readMethodParts, readPersonParts } from './readRecord.js';
export type { RecordResult } from './readRecord.js';
