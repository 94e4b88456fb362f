/*
 * Calendars in: shows that somebody else keeps in theirs.
 */
export { changesOfShows, showsOf } from './showsOf.js';
export type { CalendarResult, CalendarShow, CalendarWorld, EventFault } from './showsOf.js';
