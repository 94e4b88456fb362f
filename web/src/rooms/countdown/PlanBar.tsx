/*
 * Planning from the Countdown: ask for it, watch it, cancel it; then the draft with what it would change, to publish or to
 * discard.
 */
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { App as AntApp, Button, Dropdown, Space } from 'antd';
import { useEffect, useState } from 'react';
import { useSearchParams } from 'react-router';
import { instantToMs, localDayOf } from '@loyal-mane/core';
import type { Instant, Plan } from '@loyal-mane/core';
import { clockWords, dayWords } from '@loyal-mane/library/words';
import type { Names } from '@loyal-mane/library/words';
import {
  answerDraft,
  cancelPlan,
  command,
  enoughOfPlan,
  startPlan,
  takePlanBack,
  useCommand,
} from '../../api/commands';
import { jobQuery, planQuery } from '../../api/queries';
import type { PlanJob, PlanView, StoredPlan } from '../../api/queries';
import { serverNowMs } from '../../api/serverClock';
import { problemWords } from '../../parts/ProblemNote';
import { useRooms } from '../../parts/useRooms';
import { DraftList } from './DraftList';
import './countdown.css';

const OVER: readonly PlanJob['state'][] = ['done', 'cancelled', 'failed'];

function useJob(view: PlanView): { job: PlanJob | null; follow: (id: string) => void } {
  const client = useQueryClient();
  const [id, setId] = useState<string | null>(null);
  const { message } = AntApp.useApp();
  const followed = id ?? view.job?.id ?? null;
  const query = useQuery({ ...jobQuery(followed ?? ''), enabled: followed !== null });
  const job = query.data ?? null;
  const state = job?.state;
  useEffect(() => {
    if (state === undefined || !OVER.includes(state)) return;
    setId(null);
    void client.invalidateQueries({ queryKey: planQuery.queryKey });
    if (state === 'cancelled') void message.info('Planning was canceled. The published plan is unchanged.');
    if (state === 'failed') void message.error(job?.trouble ?? 'Planning failed. The published plan is unchanged.');
  }, [state, client, message, job?.trouble]);
  return { job: state !== undefined && !OVER.includes(state) ? job : null, follow: setId };
}

function progressWords(job: PlanJob): string {
  const p = job.progress;
  return p === undefined ? 'Planning' : `Planning, ${String(p.placed)} of ${String(p.of)} entries placed`;
}

/** Asks for plans and follows the job that runs. */
export function usePlanning(view: PlanView) {
  const { message } = AntApp.useApp();
  const { job, follow } = useJob(view);
  const onError = (error: unknown): void => void message.error(problemWords(error), 8);
  const start = useCommand(startPlan);
  const cancel = useCommand(cancelPlan);
  const enough = useCommand(enoughOfPlan);
  const back = useCommand(takePlanBack);
  const plan = (mode: 'keep' | 'fresh'): void =>
    start.mutate(command(mode), { onSuccess: (j) => follow(j.id), onError });
  const takeBack = (id: string): void =>
    back.mutate(command(id), {
      onSuccess: () => void message.success('The plan before is in force again. Everybody’s list follows.'),
      onError,
    });
  return {
    job,
    plan,
    takeBack,
    stop: (id: string): void => cancel.mutate(command(id), { onError }),
    take: (id: string): void =>
      enough.mutate(command(id), {
        onSuccess: () =>
          void message.info('The search ends with the plan that it has. Plan again to let it look further.', 6),
        onError,
      }),
    asking: start.isPending,
  };
}

/** When a plan was published: "10:34", or with its day where that is not today. */
function planTime({ publishedAt }: { publishedAt: string }, names: Names): string {
  const ms = instantToMs(publishedAt as Instant);
  const time = clockWords(ms, names.zone, names.clock);
  const isToday = localDayOf(ms, names.zone) === localDayOf(serverNowMs(), names.zone);
  return isToday ? time : `${dayWords(ms, names.zone)} ${time}`;
}

/** Asks for a plan, or goes back to the one before. */
export function PlanButton({ planning }: { planning: ReturnType<typeof usePlanning> }) {
  const { job, plan, takeBack, stop, take, asking } = planning;
  const { view, names } = useRooms();
  const before = view.previous;
  if (job !== null) {
    return (
      <span className="planning-now">
        <span role="status">{progressWords(job)}</span>
        {job.progress?.phase === 'search' && job.progress.placed > 0 && (
          <Button size="small" onClick={() => take(job.id)}>
            Take it as it is
          </Button>
        )}
        <Button size="small" onClick={() => stop(job.id)}>
          Cancel
        </Button>
      </span>
    );
  }
  return (
    <Space.Compact style={{ flex: 'none' }}>
      <Button type="primary" loading={asking} onClick={() => plan('keep')}>
        Plan
      </Button>
      <Dropdown
        menu={{
          items: [
            { key: 'fresh', label: 'Plan everything afresh' },
            ...(before === null ? [] : [{ key: 'back', label: `Back to the plan of ${planTime(before, names)}` }]),
          ],
          onClick: ({ key }) => (key === 'back' && before !== null ? takeBack(before.id) : plan('fresh')),
        }}
      >
        <Button type="primary" aria-label="More ways to plan">
          ▾
        </Button>
      </Dropdown>
    </Space.Compact>
  );
}

/** The draft, with what has no place and what moved. */
export function DraftBar({ draft, published }: { draft: StoredPlan; published: Plan | null }) {
  const { message } = AntApp.useApp();
  const [params, setParams] = useSearchParams();
  const [open, setOpen] = useState(true);
  const answer = useCommand(answerDraft);
  const looking = params.get('plan') === 'draft';
  const finish = (how: 'publish' | 'discard'): void =>
    answer.mutate(command({ id: draft.id, how }), {
      onSuccess: () => {
        setParams((p) => {
          p.delete('plan');
          return p;
        });
        void message.success(
          how === 'publish' ? 'Published. Everybody’s list follows.' : 'Discarded. The published plan stays.',
        );
      },
      onError: (error) => void message.error(problemWords(error), 8),
    });
  const s = draft.summary;
  const look = (): void =>
    setParams((p) => {
      if (looking) p.delete('plan');
      else p.set('plan', 'draft');
      return p;
    });
  return (
    <section className="draft" aria-label="Draft plan">
      <div className="grow">
        <b>{`Draft: ${String(s.ready)} of ${String(s.of)} ready, ${String(s.moved)} ${s.moved === 1 ? 'task' : 'tasks'} moved`}</b>
        {`, ${String(s.added)} new, ${String(s.removed)} gone. `}
        <Button type="link" size="small" aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? 'Less' : 'What moved, what has no place'}
        </Button>
        {open && <DraftList draft={draft.plan} published={published} />}
      </div>
      <Button onClick={look} aria-pressed={looking}>
        {looking ? 'Show the published plan' : 'Show this draft'}
      </Button>
      <Button onClick={() => finish('discard')} disabled={answer.isPending}>
        Discard
      </Button>
      <Button type="primary" onClick={() => finish('publish')} loading={answer.isPending}>
        Publish
      </Button>
    </section>
  );
}
