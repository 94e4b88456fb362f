import { Body, Controller, Get, Header, Param, ParseUUIDPipe, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { TaskKey } from '@loyal-mane/core';
import { ownStoredPlan } from '../auth/ownView.js';
import { Given, Me } from '../auth/session.js';
import type { Command, SignedIn } from '../auth/session.js';
import { CommandDto } from '../contract/commandDto.js';
import { Operation } from '../contract/operation.js';
import { JSON_TYPE } from '../events/freshAnswers.js';
import { KennelRepository } from '../kennel/kennelRepository.js';
import { Problem } from '../problem/problem.js';
import {
  ChainWhyDto,
  PlanBreaksDto,
  PlanJobDto,
  PlanViewDto,
  PublishedDto,
  SetTaskDto,
  StartPlanDto,
  TaskKeyDto,
  TaskSlackDto,
} from './dto.js';
import { BreakService, ownBreaks } from './breakService.js';
import { CheckRepository } from './checkRepository.js';
import { CheckService } from './checkService.js';
import { PinService } from './pinService.js';
import { PlanInForce, storedJson } from './planInForce.js';
import { PlanQuestions } from './planQuestions.js';
import { PlanRepository, jobDto, previousDto } from './planRepository.js';
import { PlanService } from './planService.js';

/** Routes of plans, planning jobs and questions about tasks. */
@ApiTags('plan')
@Controller('api')
export class PlanController {
  constructor(
    private readonly service: PlanService,
    private readonly plans: PlanRepository,
    private readonly inForce: PlanInForce,
    private readonly questions: PlanQuestions,
    private readonly breaks: BreakService,
    private readonly checks: CheckService,
    private readonly checked: CheckRepository,
    private readonly pins: PinService,
    private readonly kennels: KennelRepository,
  ) {}

  @Get('plan')
  @Operation('Reads the published plan; a lead also reads the draft and the planning that is under way.', PlanViewDto)
  @Header('Content-Type', JSON_TYPE)
  async read(@Me() me: SignedIn): Promise<string> {
    const published = await this.inForce.read();
    if (me.role === 'owner') {
      const own = published === null ? null : ownStoredPlan(published, await this.kennels.dogsOf(me.ownerId));
      return JSON.stringify({
        published: own,
        draft: null,
        job: null,
        previous: null,
        checks: [],
      } satisfies PlanViewDto);
    }
    const lead = me.role === 'lead';
    const [draft, job, before] = lead
      ? await Promise.all([this.plans.draft(), this.plans.openJob(), this.plans.previous()])
      : [null, null, null];
    const open = JSON.stringify(job === null ? null : jobDto(job));
    const previous = JSON.stringify(before === null ? null : previousDto(before));
    const plans = `"published":${published?.json ?? 'null'},"draft":${draft === null ? 'null' : storedJson(draft)}`;
    const ids = lead ? [published?.id, draft?.id].filter((id) => id !== undefined) : [];
    const checks = (await Promise.all(ids.map((id) => this.checked.read(id)))).filter((c) => c !== null);
    return `{${plans},"job":${open},"previous":${previous},"checks":${JSON.stringify(checks)}}`;
  }

  @Get('plan/breaks')
  @Operation('Tells what of the published plan no longer holds, and since which change.', PlanBreaksDto, ['busy'])
  async whatBroke(@Me() me: SignedIn): Promise<PlanBreaksDto> {
    const told = await this.breaks.read();
    return me.role === 'owner' ? ownBreaks(told, await this.kennels.dogsOf(me.ownerId)) : told;
  }

  @Get('tasks/:key/slack')
  @Operation('Tells how early and how late a task could start, everything else as it is.', TaskSlackDto, ['busy'])
  slack(@Param() { key }: TaskKeyDto): Promise<TaskSlackDto> {
    return this.questions.slack(key as TaskKey);
  }

  @Get('chains/:key/why')
  @Operation('Tells why an entry or a round of keep-up work has no place, and what would help.', ChainWhyDto, [
    'notFound',
    'busy',
  ])
  why(@Param() { key }: TaskKeyDto): Promise<ChainWhyDto> {
    return this.questions.why(key);
  }

  @Post('tasks/:key/set')
  @Operation('Sets a task at a time: planning goes around it.', null, ['notFound', 'notNow', 'otherCommand'])
  async set(@Given() given: Command, @Param() { key }: TaskKeyDto, @Body() body: SetTaskDto): Promise<void> {
    await this.pins.set(key as TaskKey, given, body);
  }

  @Post('tasks/:key/let-go')
  @Operation('Lets a task go that was set.', null, ['notNow', 'otherCommand'])
  async letGo(@Given() given: Command, @Param() { key }: TaskKeyDto, @Body() _body: CommandDto): Promise<void> {
    await this.pins.letGo(key as TaskKey, given);
  }

  @Post('plan-jobs')
  @Operation('Asks for a plan; the newest request wins.', PlanJobDto, ['otherCommand'])
  async start(@Given() given: Command, @Body() body: StartPlanDto): Promise<PlanJobDto> {
    return this.job(await this.service.request(given, body.mode));
  }

  @Get('plan-jobs/:id')
  @Operation('Reads how far a planning is.', PlanJobDto, ['notFound'])
  async job(@Param('id', ParseUUIDPipe) id: string): Promise<PlanJobDto> {
    const job = await this.plans.job(id);
    if (job === null) throw new Problem('notFound', 'This planning run is not there any more.');
    return jobDto(job);
  }

  @Post('plan-jobs/:id/cancel')
  @Operation('Stops a planning; nothing is kept of it.', null, ['notNow', 'otherCommand'])
  async cancel(
    @Given() given: Command,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() _body: CommandDto,
  ): Promise<void> {
    await this.service.cancel(given, id);
  }

  @Post('plan-jobs/:id/enough')
  @Operation('Ends the search of a planning; the draft is the plan that it has.', null, ['notNow', 'otherCommand'])
  async enough(
    @Given() given: Command,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() _body: CommandDto,
  ): Promise<void> {
    await this.service.enough(given, id);
  }

  @Post('plans/:id/publish')
  @Operation('Publishes a draft: people work by it from now on.', PublishedDto, ['stale', 'otherCommand'])
  publish(
    @Given() given: Command,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() _body: CommandDto,
  ): Promise<PublishedDto> {
    return this.service.endDraft(given, id, 'published');
  }

  @Post('plans/:id/look-into')
  @Operation('Looks for what would help the dogs without a place, where nobody has yet.', null, ['notFound'])
  async lookInto(@Param('id', ParseUUIDPipe) id: string, @Body() _body: CommandDto): Promise<void> {
    await this.checks.want(id);
  }

  @Post('plans/:id/stop-looking')
  @Operation('Stops looking for what would help the dogs without a place.', null, ['notNow', 'otherCommand'])
  async stopLooking(
    @Given() given: Command,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() _body: CommandDto,
  ): Promise<void> {
    await this.checks.stop(given, id);
  }

  @Post('plans/:id/take-back')
  @Operation('Goes back to the plan that the published one took the place of.', PublishedDto, ['stale', 'otherCommand'])
  takeBack(
    @Given() given: Command,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() _body: CommandDto,
  ): Promise<PublishedDto> {
    return this.service.takeBack(given, id);
  }

  @Post('plans/:id/discard')
  @Operation('Throws a draft away.', PublishedDto, ['stale', 'otherCommand'])
  discard(
    @Given() given: Command,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() _body: CommandDto,
  ): Promise<PublishedDto> {
    return this.service.endDraft(given, id, 'discarded');
  }
}
