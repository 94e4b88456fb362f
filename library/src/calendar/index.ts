/*
 * Plans as calendars. Apart from the rest of the library: only servers and commands need it.
 */
export { planCalendar, planCalendars } from './planCalendar.js';
export type { CalendarOf } from './planCalendar.js';
