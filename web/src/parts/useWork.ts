/*
 * Records of work. A room says what it makes of them: it is drawn again only when that has changed, and parts of
 * it that have not changed stay the same objects, so that their rows are left alone.
 */
import { useCallback } from 'react';
import { useSuspenseQuery } from '@tanstack/react-query';
import type { Work } from '../api/queries';
import { useOutbox } from '../api/outbox';
import { workQuery } from '../api/queries';
import { withWaiting } from '../api/taskOrder';

/**
 * Reads the records of work, with those that wait on this device, with a function of them; keep the function (`useCallback`), or it
 * is read at every turn.
 */
export function useWork<T>(select: (work: readonly Work[]) => T): T {
  const { waiting } = useOutbox();
  const read = useCallback((work: readonly Work[]) => select(withWaiting(work, waiting)), [select, waiting]);
  return useSuspenseQuery({ ...workQuery, select: waiting.length === 0 ? select : read }).data;
}

/** Records of one dog. */
export function useDogWork(dogId: string): readonly Work[] {
  return useWork(useCallback((work) => work.filter((w) => w.dogId === dogId), [dogId]));
}

/** Dogs that somebody has finished work on. */
export const workedDogs = (work: readonly Work[]): readonly string[] =>
  [...new Set(work.filter((w) => w.state === 'done').map((w) => w.dogId))].sort();

/** State of every task that was begun, by key. */
export const taskStates = (work: readonly Work[]): Readonly<Record<string, Work['state'] | undefined>> =>
  Object.fromEntries(work.map((w) => [w.taskKey, w.state]));

/** All records, for those who need them whole. */
export const allWork = (work: readonly Work[]): readonly Work[] => work;
