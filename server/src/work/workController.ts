import { Body, Controller, Get, Header, Param, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { TaskKey, WorkCommand } from '@loyal-mane/core';
import { Given, Me } from '../auth/session.js';
import type { Command, SignedIn } from '../auth/session.js';
import { CommandDto } from '../contract/commandDto.js';
import { Operation } from '../contract/operation.js';
import { FreshAnswers, JSON_TYPE } from '../events/freshAnswers.js';
import { KennelRepository } from '../kennel/kennelRepository.js';
import { TaskKeyDto } from '../plan/dto.js';
import type { ProblemCode } from '../problem/problem.js';
import { PauseCauseDto, SoakEndDto, SoakStartDto, TaskAnswerDto, TaskCommandDto, TickDto, WorkListDto } from './dto.js';
import { WorkService } from './workService.js';

const REFUSALS: readonly ProblemCode[] = ['notFound', 'stale', 'alreadyOver', 'notNow', 'notAsPlanned', 'otherCommand'];

/** Routes of tasks at the bench. */
@ApiTags('work')
@Controller('api')
export class WorkController {
  constructor(
    private readonly service: WorkService,
    private readonly kennels: KennelRepository,
    private readonly answers: FreshAnswers,
  ) {}

  @Get('work')
  @Operation('Lists open work and the work of the last five weeks; an owner reads that of their own dogs.', WorkListDto)
  @Header('Content-Type', JSON_TYPE)
  async list(@Me() me: SignedIn): Promise<string> {
    if (me.role !== 'owner') return this.answers.of('work', 'crew', async () => ({ work: await this.service.list() }));
    const [work, own] = await Promise.all([this.service.list(), this.kennels.dogsOf(me.ownerId)]);
    return JSON.stringify({ work: work.filter((w) => own.has(w.dogId)) } satisfies WorkListDto);
  }

  @Post('tasks/:key/start')
  @Operation('Starts a task.', TaskAnswerDto, [...REFUSALS, 'askFirst'])
  start(@Given() given: Command, @Param() { key }: TaskKeyDto, @Body() body: TaskCommandDto): Promise<TaskAnswerDto> {
    return this.run(key, 'start', given, body);
  }

  @Post('tasks/:key/pause')
  @Operation('Pauses a running task.', TaskAnswerDto, REFUSALS)
  pause(@Given() given: Command, @Param() { key }: TaskKeyDto, @Body() body: TaskCommandDto): Promise<TaskAnswerDto> {
    return this.run(key, 'pause', given, body);
  }

  @Post('tasks/:key/resume')
  @Operation('Goes on with a paused task.', TaskAnswerDto, [...REFUSALS, 'askFirst'])
  resume(@Given() given: Command, @Param() { key }: TaskKeyDto, @Body() body: TaskCommandDto): Promise<TaskAnswerDto> {
    return this.run(key, 'resume', given, body);
  }

  @Post('tasks/:key/finish')
  @Operation('Finishes a task.', TaskAnswerDto, REFUSALS)
  finish(@Given() given: Command, @Param() { key }: TaskKeyDto, @Body() body: TaskCommandDto): Promise<TaskAnswerDto> {
    return this.run(key, 'finish', given, body);
  }

  @Post('tasks/:key/skip')
  @Operation('Skips a task, with the reason.', TaskAnswerDto, REFUSALS)
  skip(@Given() given: Command, @Param() { key }: TaskKeyDto, @Body() body: TaskCommandDto): Promise<TaskAnswerDto> {
    return this.run(key, 'skip', given, body);
  }

  @Post('tasks/:key/tick')
  @Operation('Ticks a line of a task’s page, or takes the tick off.', TaskAnswerDto, ['notNow', 'otherCommand'])
  async tick(@Given() given: Command, @Param() { key }: TaskKeyDto, @Body() body: TickDto): Promise<TaskAnswerDto> {
    return { work: await this.service.tick(key as TaskKey, given, body) };
  }

  @Post('tasks/:key/pause-cause')
  @Operation('Says why a task was paused last.', TaskAnswerDto, ['notNow', 'otherCommand'])
  async pauseCause(
    @Given() given: Command,
    @Param() { key }: TaskKeyDto,
    @Body() body: PauseCauseDto,
  ): Promise<TaskAnswerDto> {
    return { work: await this.service.pauseCause(key as TaskKey, given, body) };
  }

  @Post('tasks/:key/soak')
  @Operation('Begins a soak: a product works in the coat.', TaskAnswerDto, ['badInput', 'notNow', 'otherCommand'])
  async soak(
    @Given() given: Command,
    @Param() { key }: TaskKeyDto,
    @Body() body: SoakStartDto,
  ): Promise<TaskAnswerDto> {
    return { work: await this.service.soak(key as TaskKey, given, body) };
  }

  @Post('tasks/:key/soak-end')
  @Operation('Ends a soak: the product is out.', TaskAnswerDto, ['badInput', 'notNow', 'otherCommand'])
  async soakEnd(
    @Given() given: Command,
    @Param() { key }: TaskKeyDto,
    @Body() body: SoakEndDto,
  ): Promise<TaskAnswerDto> {
    return { work: await this.service.soakEnd(key as TaskKey, given, body) };
  }

  @Post('tasks/:key/undo')
  @Operation('Takes the last command on a task back.', TaskAnswerDto, ['notNow', 'otherCommand'])
  async undo(@Given() given: Command, @Param() { key }: TaskKeyDto, @Body() _body: CommandDto): Promise<TaskAnswerDto> {
    return { work: await this.service.undo(key as TaskKey, given) };
  }

  private async run(key: string, command: WorkCommand, given: Command, body: TaskCommandDto): Promise<TaskAnswerDto> {
    return { work: await this.service.command(key as TaskKey, command, given, body) };
  }
}
