/*
 * Breaks of the published plan, as the server found it last; empty while a draft is looked at.
 */
import { useQuery } from '@tanstack/react-query';
import type { ToldBreak } from '@loyal-mane/core';
import { breaksQuery } from '../api/queries';
import { useRooms } from './useRooms';

const NONE: readonly ToldBreak[] = [];

/** Breaks of the published plan; those of another plan are not told. */
export function useBreaks(): readonly ToldBreak[] {
  const { stored, looksAtDraft } = useRooms();
  const asked = useQuery({ ...breaksQuery, enabled: stored !== null && !looksAtDraft });
  return asked.data === undefined || asked.data.planId !== stored?.id ? NONE : asked.data.breaks;
}
