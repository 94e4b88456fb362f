/*
 * Questions about the plan in force that are computed anew: how early and how late a task could be, why a chain has no place.
 * The same question at one state of the kennel is computed once, however many ask; more questions than a crew can have open
 * are sent away, so that they do not keep the machine from planning.
 */
import { Injectable } from '@nestjs/common';
import type { PlanBreak, TaskKey } from '@loyal-mane/core';
import { Clock } from '../clock.js';
import { EventStore } from '../events/eventStore.js';
import { KennelRepository } from '../kennel/kennelRepository.js';
import { Problem } from '../problem/problem.js';
import { PlannerPool } from '../workers/plannerPool.js';
import type { ChainWhyDto, TaskSlackDto } from './dto.js';
import type { PublishedPlan } from './planInForce.js';
import { PlanInForce } from './planInForce.js';

/** Different questions that may wait at once, and answers that are kept (engineering defaults). */
const MOST_WAITING = 24;
const MOST_KEPT = 200;
/** Windows are told from the present five minutes on: an answer is good for as long. */
const KEPT_MS = 60_000;

interface Kept {
  readonly answer: Promise<unknown>;
  readonly atMs: number;
}

/** Answers questions about the published plan in a planner thread. */
@Injectable()
export class PlanQuestions {
  private readonly kept = new Map<string, Kept>();
  private waiting = 0;

  constructor(
    private readonly inForce: PlanInForce,
    private readonly kennels: KennelRepository,
    private readonly events: EventStore,
    private readonly pool: PlannerPool,
    private readonly clock: Clock,
  ) {}

  /** How early and how late a task could start; nulls where it cannot be moved. */
  async slack(key: TaskKey): Promise<TaskSlackDto> {
    const published = await this.inForce.read();
    if (published === null || !published.tasks.has(key)) return { earliest: null, latest: null, waits: [] };
    const room = await this.once(`room ${key}`, published, async () =>
      this.pool.slack(await this.kennels.read(), this.clock.nowMs(), published.stored.body, key),
    );
    return room === null ? { earliest: null, latest: null, waits: [] } : { ...room, waits: [...room.waits] };
  }

  /** Breaks of the published plan, with the plan; null where none is published. */
  async breaks(): Promise<{ readonly published: PublishedPlan; readonly breaks: readonly PlanBreak[] } | null> {
    const published = await this.inForce.read();
    if (published === null) return null;
    const breaks = await this.once('breaks', published, async () =>
      this.pool.breaks(await this.kennels.read(), this.clock.nowMs(), published.stored.body),
    );
    return { published, breaks };
  }

  /** Why a chain has no place. @throws Problem `notFound` when the plan leaves no such chain out */
  async why(key: string): Promise<ChainWhyDto> {
    const published = await this.inForce.read();
    const isOut = published?.plan.unplaced.some((u) => u.key === key) === true;
    const why = !isOut
      ? null
      : await this.once(`why ${key}`, published, async () =>
          this.pool.why(await this.kennels.read(), this.clock.nowMs(), published.stored.body, key),
        );
    if (why === null) throw new Problem('notFound', 'Everything of this has its place in the published plan.');
    return { step: why.step, reason: { code: why.reason.code, remedies: [...why.reason.remedies] } };
  }

  private async once<T>(question: string, published: PublishedPlan, ask: () => Promise<T>): Promise<T> {
    const key = `${published.id} ${String(await this.events.head())} ${question}`;
    const nowMs = this.clock.nowMs();
    const known = this.kept.get(key);
    if (known !== undefined && nowMs - known.atMs < KEPT_MS) return known.answer as Promise<T>;
    if (this.waiting >= MOST_WAITING)
      throw new Problem('busy', 'Too many questions at once. Nothing is lost: ask again in a moment.');
    this.waiting++;
    const answer = ask().finally(() => this.waiting--);
    this.keep(key, { answer, atMs: nowMs });
    answer.catch(() => this.kept.delete(key));
    return answer;
  }

  private keep(key: string, kept: Kept): void {
    this.kept.delete(key);
    this.kept.set(key, kept);
    const [oldest] = this.kept.keys();
    if (this.kept.size > MOST_KEPT && oldest !== undefined) this.kept.delete(oldest);
  }
}
