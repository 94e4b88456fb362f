import { Body, Controller, Get, Header, HttpCode, Param, ParseUUIDPipe, Post } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import type { Plan, TaskKey } from '@loyal-mane/core';
import { ownPlan } from '../auth/ownView.js';
import { Me } from '../auth/session.js';
import type { SignedIn } from '../auth/session.js';
import { Problem } from '../problem/problem.js';
import { TaskKeyDto } from '../work/dto.js';
import { JSON_TYPE } from '../events/freshAnswers.js';
import { KennelRepository } from '../kennel/kennelRepository.js';
import { PinService } from './pinService.js';
import {
  CommandDto,
  PlanJobDto,
  PlanViewDto,
  PublishedDto,
  SetTaskDto,
  StartPlanDto,
  StoredPlanDto,
  TaskRoomDto,
} from './dto.js';
import { PlanRepository, jobDto } from './planRepository.js';
import type { StoredPlan } from './planRepository.js';
import { PlanService } from './planService.js';
import { PublishedAnswer, storedJson } from './publishedAnswer.js';

function storedDto(stored: StoredPlan | null): StoredPlanDto | null {
  if (stored === null) return null;
  const plan = JSON.parse(stored.body) as StoredPlanDto['plan'];
  return {
    id: stored.id,
    madeAt: stored.madeAt.toISOString(),
    summary: stored.summary as StoredPlanDto['summary'],
    plan,
  };
}

/** The published plan as far as it concerns an owner's dogs. */
function ownStored(stored: StoredPlan | null, own: ReadonlySet<string>): StoredPlanDto | null {
  const dto = storedDto(stored);
  if (dto === null) return null;
  const plan = ownPlan(dto.plan as unknown as Plan, own);
  const out = plan.unplaced.filter((u) => u.kind === 'show').length;
  const inPlan = new Set(plan.activities.flatMap((a) => (a.entryId === null ? [] : [a.entryId]))).size;
  const summary = { ...dto.summary, ready: inPlan, of: inPlan + out, moves: [], tasks: plan.activities.length };
  return { ...dto, plan: plan as unknown as StoredPlanDto['plan'], summary };
}

@ApiTags('plan')
@Controller('api')
export class PlanController {
  constructor(
    private readonly service: PlanService,
    private readonly plans: PlanRepository,
    private readonly pins: PinService,
    private readonly kennels: KennelRepository,
    private readonly published: PublishedAnswer,
  ) {}

  @Get('plan')
  @ApiOkResponse({ type: PlanViewDto })
  @Header('Content-Type', JSON_TYPE)
  async read(@Me() me: SignedIn): Promise<string> {
    if (me.role === 'owner') {
      const own = ownStored(await this.plans.published(), await this.kennels.dogsOf(me.ownerId));
      return JSON.stringify({ published: own, draft: null, job: null } satisfies PlanViewDto);
    }
    const lead = me.role === 'lead';
    const [published, draft, job] = await Promise.all([
      this.published.json(),
      lead ? this.plans.draft() : null,
      lead ? this.plans.openJob() : null,
    ]);
    const open = JSON.stringify(job === null ? null : jobDto(job));
    return `{"published":${published},"draft":${draft === null ? 'null' : storedJson(draft)},"job":${open}}`;
  }

  @Get('tasks/:key/room')
  @ApiOkResponse({ type: TaskRoomDto })
  async room(@Param('key') key: string): Promise<TaskRoomDto> {
    const room = await this.service.room(key as TaskKey);
    return room === null ? { earliest: null, latest: null, waits: [] } : { ...room, waits: [...room.waits] };
  }

  @Post('tasks/:key/set')
  @HttpCode(204)
  async set(@Me() me: SignedIn, @Param() key: TaskKeyDto, @Body() body: SetTaskDto): Promise<void> {
    await this.pins.set(key.key as TaskKey, me.personId, body);
  }

  @Post('tasks/:key/let-go')
  @HttpCode(204)
  async letGo(@Me() me: SignedIn, @Param() key: TaskKeyDto, @Body() body: CommandDto): Promise<void> {
    await this.pins.letGo(key.key as TaskKey, me.personId, body.commandId);
  }

  @Post('plan-jobs')
  @HttpCode(200)
  @ApiOkResponse({ type: PlanJobDto })
  async start(@Me() me: SignedIn, @Body() body: StartPlanDto): Promise<PlanJobDto> {
    return this.job(await this.service.request(body.commandId, me.personId, body.mode));
  }

  @Get('plan-jobs/:id')
  @ApiOkResponse({ type: PlanJobDto })
  async job(@Param('id', ParseUUIDPipe) id: string): Promise<PlanJobDto> {
    const job = await this.plans.job(id);
    if (job === null) throw new Problem('notFound', 'There is no such planning.');
    return jobDto(job);
  }

  @Post('plan-jobs/:id/cancel')
  @HttpCode(204)
  async cancel(@Me() me: SignedIn, @Param('id', ParseUUIDPipe) id: string, @Body() body: CommandDto): Promise<void> {
    await this.service.cancel(body.commandId, me.personId, id);
  }

  @Post('plans/:id/publish')
  @HttpCode(200)
  @ApiOkResponse({ type: PublishedDto })
  publish(@Me() me: SignedIn, @Param('id', ParseUUIDPipe) id: string, @Body() body: CommandDto): Promise<PublishedDto> {
    return this.service.settle(body.commandId, me.personId, id, 'published');
  }

  @Post('plans/:id/discard')
  @HttpCode(200)
  @ApiOkResponse({ type: PublishedDto })
  discard(@Me() me: SignedIn, @Param('id', ParseUUIDPipe) id: string, @Body() body: CommandDto): Promise<PublishedDto> {
    return this.service.settle(body.commandId, me.personId, id, 'discarded');
  }
}
