/*
 * Functions of Math, and infinity, bound once for the innermost loops: looked up as globals each time they cost a
 * multiple where code runs in a context of its own, as tests do.
 */

/** Functions of Math. */
export const { ceil, clz32, exp, floor, imul, log, max, min } = Math;
/** More than any cost or slot. */
export const INFINITY = Number.POSITIVE_INFINITY;
