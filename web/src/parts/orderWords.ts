/*
 * Commands that wait on a device, or were refused, in words.
 */
import { instantToMs } from '@loyal-mane/core';
import { METHODS, clockWords } from '@loyal-mane/library/words';
import type { Names } from '@loyal-mane/library/words';
import type { TaskOrder } from '../api/taskOrder';
import { countWords } from './countWords';

/** Commands as they are listed. */
export const COMMAND_WORDS: Readonly<Record<TaskOrder['command'], string>> = {
  start: 'start',
  pause: 'pause',
  resume: 'go on',
  finish: 'finish',
  skip: 'skip',
  tick: 'ticked',
  pauseCause: 'given its cause',
  soak: 'soak begun',
  soakEnd: 'rinsed',
  coatLog: 'note on the coat',
  mark: 'mark in the coat',
  stationFailed: 'station closed',
  undo: 'take back',
};

/** "Seraph, bath: finish 10:42". */
export function orderWords(order: TaskOrder, names: Names): string {
  const at = clockWords(instantToMs(order.at), names.zone, names.clock);
  const step = METHODS[order.step].name.toLowerCase();
  return `${names.dog(order.dogId)}, ${step}: ${COMMAND_WORDS[order.command]} ${at}`;
}

/** "2 records wait on this device". */
export function waitingWords(count: number): string {
  return `${countWords(count, 'record')} ${count === 1 ? 'waits' : 'wait'} on this device`;
}
