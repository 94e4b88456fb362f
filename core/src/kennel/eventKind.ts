/*
 * Kinds of events: one for each command that writes. Streams tell them, the trail words them, screens know by them what to
 * read again.
 */

/** Events of a task; `finishCoat` is a finish that also changed what was found in the dog's coat. */
export const TASK_EVENTS = [
  'task.start',
  'task.pause',
  'task.resume',
  'task.finish',
  'task.skip',
  'task.undo',
  'task.tick',
  'task.pauseCause',
  'task.soak',
  'task.soakEnd',
  'task.finishCoat',
  'task.undoCoat',
] as const;

/** Kinds of events in the trail, named `subject.verb`. */
export const EVENT_KINDS = [
  ...TASK_EVENTS,
  'plan.asked',
  'plan.cancelAsked',
  'plan.enoughAsked',
  'plan.cancelled',
  'plan.failed',
  'plan.drafted',
  'plan.published',
  'plan.discarded',
  'plan.takenBack',
  'plan.checked',
  'pin.set',
  'pin.removed',
  'kennel.changed',
  'kennel.undone',
  'kennel.opened',
  'dog.marks',
  'dog.record',
  'dog.log',
  'dog.schools',
  'breed.saved',
  'breed.removed',
  'entry.handler',
  'show.rules',
  'shift.overtime',
  'station.reopened',
  'station.failed',
  'methods.changed',
  'bottle.taken',
  'tool.cared',
  'photo.added',
  'photo.removed',
  'person.away',
  'person.back',
  'person.record',
  'person.password',
  'person.link',
  'person.closed',
] as const;
/** One of `EVENT_KINDS`. */
export type EventKind = (typeof EVENT_KINDS)[number];
