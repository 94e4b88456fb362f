/*
 * Injection tokens for what is not a class.
 */

/** Key by which the database is injected. */
export const KNEX = Symbol('knex');
/** Key by which the configuration is injected. */
export const CONFIG = Symbol('config');
/** Key by which the log is injected. */
export const LOGGER = Symbol('logger');
