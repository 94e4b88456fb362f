/*
 * Injection tokens for what is not a class.
 */
export const KNEX = Symbol('knex');
export const CONFIG = Symbol('config');
export const LOGGER = Symbol('logger');
