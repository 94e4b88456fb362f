/*
 * Planning from the Countdown: ask for it, watch it, cancel it; then the draft with what it would change, to publish or to
 * discard.
 */
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { App as AntApp, Button, Dropdown, Space } from 'antd';
import { useEffect, useState } from 'react';
import { useSearchParams } from 'react-router';
import type { UnplacedChain } from '@loyal-mane/core';
import { instantToMs } from '@loyal-mane/core';
import type { Instant } from '@loyal-mane/core';
import { METHODS, boundDetailWords, boundWords, clockWords, dayWords, whyNotWords } from '@loyal-mane/library/words';
import type { Names } from '@loyal-mane/library/words';
import { cancelPlan, command, answerDraft, startPlan, useCommand } from '../../api/commands';
import { jobQuery, planQuery } from '../../api/queries';
import type { PlanJob, PlanView, StoredPlan } from '../../api/queries';
import { problemWords } from '../../parts/ProblemNote';
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
  const plan = (mode: 'keep' | 'fresh'): void =>
    start.mutate(command(mode), { onSuccess: (j) => follow(j.id), onError });
  return { job, plan, stop: (id: string): void => cancel.mutate(command(id), { onError }), asking: start.isPending };
}

/** Asks for a plan. */
export function PlanButton({ planning }: { planning: ReturnType<typeof usePlanning> }) {
  const { job, plan, stop, asking } = planning;
  if (job !== null) {
    return (
      <span role="status" style={{ display: 'inline-flex', gap: 12, alignItems: 'center' }}>
        {progressWords(job)}
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
      <Dropdown menu={{ items: [{ key: 'fresh', label: 'Plan everything afresh' }], onClick: () => plan('fresh') }}>
        <Button type="primary" aria-label="More ways to plan">
          ▾
        </Button>
      </Dropdown>
    </Space.Compact>
  );
}

function moveLine(m: StoredPlan['summary']['moves'][number], names: Names): string {
  const at = (iso: string): string => {
    const ms = instantToMs(iso as Instant);
    return `${dayWords(ms, names.zone).slice(0, 3)} ${clockWords(ms, names.zone, names.clock)}`;
  };
  const place = m.from === m.to ? `stays at ${at(m.from)}, other person or station` : `${at(m.from)} to ${at(m.to)}`;
  return `${names.dog(m.dogId)}, ${METHODS[m.step].name.toLowerCase()}: ${place}`;
}

function unplacedLines(chains: readonly UnplacedChain[], names: Names): string[] {
  return chains.map((u) => `${names.dog(u.dogId)}${u.kind === 'keepUp' ? ' (keep-up)' : ''}: ${whyNotWords(u, names)}`);
}

/** The draft, with what has no place and what moved. */
export function DraftBar({ draft, names }: { draft: StoredPlan; names: Names }) {
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
        {open && (
          <ul>
            {unplacedLines(draft.plan.unplaced, names).map((line) => (
              <li key={line} className="bad">
                {line}
              </li>
            ))}
            {s.moves.slice(0, 6).map((m) => (
              <li key={m.key}>{moveLine(m, names)}</li>
            ))}
            {s.moved > 6 && <li>{`and ${String(s.moved - 6)} more`}</li>}
            {draft.plan.bound !== undefined && <li className="soft">{boundWords(draft.plan.bound, draft.plan)}</li>}
          </ul>
        )}
        {open && draft.plan.bound !== undefined && (
          <details className="soft">
            <summary>Details</summary>
            {boundDetailWords(draft.plan.bound, draft.plan)}
          </details>
        )}
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
