/*
 * Gaps in the kennel before its next show, a line a cause with the button that fills it; or all of it at once, and a plan.
 */
import { useQueryClient } from '@tanstack/react-query';
import { App as AntApp, Button } from 'antd';
import { useMemo } from 'react';
import { kennelGaps, withGapFilled, withGapsFilled } from '@loyal-mane/core';
import type { KennelGap, LocalDay, Plan, StepId } from '@loyal-mane/core';
import { STEP_NEEDS } from '@loyal-mane/library';
import { gapButtons, gapWords } from '@loyal-mane/library/words';
import { v7 } from 'uuid';
import { command, useCommand } from '../../api/commands';
import { saveKennel } from '../../api/saveKennel';
import { problemWords } from '../../parts/ProblemNote';
import { useRooms } from '../../parts/useRooms';
import type { usePlanning } from './PlanBar';

/** Steps that every show dog has, whatever its coat. */
const ALWAYS: readonly StepId[] = ['load', 'ring', 'bath', 'brushOut1', 'finish', 'outlineCheck', 'dryCheck'];

/** One gap, and who is given a skill; null = all of them. */
type Filling = { readonly gap: KennelGap; readonly personId?: string } | null;

/** Steps that somebody must be able to do: those of every dog, and those that found nobody. */
function wantedSteps(plan: Plan | null): readonly StepId[] {
  const without = (plan?.unplaced ?? []).flatMap((u) =>
    u.reason.code === 'noSkill' && u.step !== null ? [u.step] : [],
  );
  return [...new Set([...ALWAYS, ...without])];
}

/** Gaps of the next show, for a lead; nothing where there are none. */
export function Gaps({ today, planning }: { today: LocalDay; planning: ReturnType<typeof usePlanning> }) {
  const { kennel, names, plan } = useRooms();
  const { message } = AntApp.useApp();
  const client = useQueryClient();
  const fill = useCommand((filling: Filling, commandId: string) =>
    saveKennel(
      client,
      (file) =>
        filling === null
          ? withGapsFilled(file, (k) => kennelGaps(k, STEP_NEEDS, wantedSteps(plan), today), v7)
          : withGapFilled(file, filling.gap, v7, filling.personId),
      commandId,
    ),
  );
  const gaps = useMemo(() => kennelGaps(kennel, STEP_NEEDS, wantedSteps(plan), today), [kennel, plan, today]);
  if (gaps.length === 0) return null;
  const take = (filling: Filling, then: () => void): void =>
    fill.mutate(command(filling), {
      onSuccess: () => {
        void message.success('Added, as a start. Change it in the room Kennel to what is true.');
        then();
      },
      onError: (error) => void message.error(problemWords(error), 8),
    });
  const site = (id: string): string => kennel.sites.find((s) => s.id === id)?.name ?? 'the show';
  return (
    <section className="gaps" aria-label="Missing for the next show">
      <ul>
        {gaps.map((gap) => (
          <li key={`${gap.code} ${'skill' in gap ? gap.skill : 'day' in gap ? gap.day : ''}`}>
            {gapWords(gap, names, site)}
            {gapButtons(gap, names).map(({ label, ...who }) => (
              <Button
                key={label}
                size="small"
                loading={fill.isPending}
                onClick={() => take({ gap, ...who }, () => undefined)}
              >
                {label}
              </Button>
            ))}
          </li>
        ))}
      </ul>
      <Button type="primary" loading={fill.isPending} onClick={() => take(null, () => planning.plan('keep'))}>
        Add what is missing, and plan
      </Button>
    </section>
  );
}
