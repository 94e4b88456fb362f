/*
 * The planner's thread: pure computation on what it is sent, so that the server's own thread stays free.
 */
import { chainWhy, checkChain, comparePlans, planBreaks, planEffect, planKennel, taskSlack } from '@loyal-mane/core';
import type { KennelFile, Plan } from '@loyal-mane/core';
import { CARE_LIBRARY } from '@loyal-mane/library';
import type {
  PlanAnswer,
  PlanProgress,
  PlanRequest,
  PlannerAnswer,
  PlannerRequest,
  PreviewAnswer,
  PreviewRequest,
  RefusedChoice,
} from './protocol.js';
import { isEnough } from './enoughFlag.js';
import { readyDogs } from './protocol.js';

/** Computes what a request asks for. */
export default function answer(request: PlannerRequest): PlannerAnswer {
  if (request.kind === 'plan') return makePlan(request);
  if (request.kind === 'preview') return preview(request);
  const { kennel, nowMs } = request;
  const plan = JSON.parse(request.plan) as Plan;
  if (request.kind === 'check') return checkChain(kennel, CARE_LIBRARY, plan, request.key, { nowMs });
  if (request.kind === 'breaks') return planBreaks(kennel, CARE_LIBRARY, plan, nowMs);
  return request.kind === 'why'
    ? chainWhy(kennel, CARE_LIBRARY, plan, nowMs, request.key)
    : taskSlack(kennel, CARE_LIBRARY, plan, nowMs, request.key);
}

function makePlan(request: PlanRequest): PlanAnswer {
  let last: PlanProgress = { phase: 'search', round: 0, rounds: 0, placed: 0, of: 0 };
  const tell = (progress: PlanProgress): void => {
    last = progress;
    request.progress.postMessage(progress);
  };
  const previous = request.previous === null ? null : (JSON.parse(request.previous) as Plan);
  const published = request.published === null ? null : (JSON.parse(request.published) as Plan);
  const plan = planKennel(request.kennel, CARE_LIBRARY, {
    nowMs: request.nowMs,
    seed: request.seed,
    previous,
    odds: true,
    bound: true,
    shouldStop: () => isEnough(request.enough),
    onProgress: ({ round, rounds, placed, of }) => tell({ phase: 'search', round, rounds, placed, of }),
    onExplained: (round, rounds) => tell({ ...last, phase: 'explain', round, rounds }),
  });
  const change = comparePlans(published, plan);
  return {
    body: JSON.stringify(plan),
    inputHash: plan.inputHash,
    summary: {
      ...readyDogs(plan, request.kennel),
      tasks: plan.activities.filter((a) => a.state === 'planned').length,
      moved: change.updated.length,
      added: change.added.length,
      removed: change.removed.length,
    },
  };
}

function preview(request: PreviewRequest): PreviewAnswer {
  const published = request.published === null ? null : (JSON.parse(request.published) as Plan);
  const make = (kennel: KennelFile): Plan =>
    planKennel(kennel, CARE_LIBRARY, { nowMs: request.nowMs, previous: published });
  const [before, after] = [make(request.kennel), make(request.changed)];
  return { effect: planEffect(before, after), refused: refusedIn(before, after) };
}

/** Refusals that the change brings. */
function refusedIn(before: Plan, after: Plan): RefusedChoice[] {
  const of = (plan: Plan): RefusedChoice[] =>
    plan.notes.flatMap(({ dogId, note }) =>
      note.code === 'schoolRefused' ? [{ dogId, school: note.school, why: note.why }] : [],
    );
  const old = new Set(of(before).map((r) => `${r.dogId} ${r.school}`));
  const fresh = of(after).filter((r) => !old.has(`${r.dogId} ${r.school}`));
  return [...new Map(fresh.map((r) => [`${r.dogId} ${r.school}`, r])).values()];
}
