/*
 * Remedies for dogs without a place, as the server has planned with them so far; asked for once where nobody has.
 */
import { useEffect } from 'react';
import type { ChainCheck } from '@loyal-mane/core';
import { newCommandId } from '../api/client';
import { lookInto } from '../api/commands';
import { useRooms } from './useRooms';

/** Plans that this page has asked about: an answer that is slow is not asked for twice. */
const asked = new Set<string>();

/** Checks of the plan that is looked at. */
export interface Checks {
  readonly byKey: ReadonlyMap<string, ChainCheck>;
  /** Whether more is being looked for, and how far it is. */
  readonly isLooking: boolean;
  readonly done: number;
  readonly of: number;
}

/** Checks of the plan that is looked at, for leads; empty for others. */
export function useChecks(): Checks {
  const { view, stored, lead } = useRooms();
  const id = stored?.id ?? '';
  const mine = view.checks.find((c) => c.planId === id);
  // One that was left for a newer plan is taken up again; one that runs is left alone by the server.
  const isOpen = mine === undefined || (!mine.isStopped && mine.chains.length < mine.of);
  const wanted = lead && stored !== null && isOpen && hasOpenQuestion(stored.plan.unplaced);
  useEffect(() => {
    if (!wanted || asked.has(id)) return;
    asked.add(id);
    // Findings come by the live stream; a question that was lost is asked again by the next look.
    lookInto(id, newCommandId()).catch(() => asked.delete(id));
  }, [wanted, id]);
  const chains = mine?.chains ?? [];
  return {
    byKey: new Map(chains.map((c) => [c.key, c])),
    isLooking: lead && mine !== undefined && !mine.isStopped && chains.length < mine.of,
    done: chains.length,
    of: mine?.of ?? 0,
  };
}

function hasOpenQuestion(
  unplaced: readonly { readonly kind: string; readonly reason: { readonly code: string } }[],
): boolean {
  return unplaced.some((u) => u.kind === 'show' && u.reason.code !== 'needsOther');
}
