import { Body, Controller, Get, Header, HttpCode, Param, Post } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import type { TaskKey, WorkCommand } from '@loyal-mane/core';
import { Me } from '../auth/session.js';
import type { SignedIn } from '../auth/session.js';
import { FreshAnswers, JSON_TYPE } from '../events/freshAnswers.js';
import { KennelRepository } from '../kennel/kennelRepository.js';
import { CommandDto } from '../plan/dto.js';
import { TaskAnswerDto, TaskCommandDto, TaskKeyDto, WorkListDto } from './dto.js';
import { WorkService } from './workService.js';

@ApiTags('work')
@Controller('api')
export class WorkController {
  constructor(
    private readonly service: WorkService,
    private readonly kennels: KennelRepository,
    private readonly answers: FreshAnswers,
  ) {}

  @Get('work')
  @ApiOkResponse({ type: WorkListDto })
  @Header('Content-Type', JSON_TYPE)
  async list(@Me() me: SignedIn): Promise<string> {
    if (me.role !== 'owner') return this.answers.of('work', 'crew', async () => ({ work: await this.service.list() }));
    const [work, own] = await Promise.all([this.service.list(), this.kennels.dogsOf(me.ownerId)]);
    return JSON.stringify({ work: work.filter((w) => own.has(w.dogId)) } satisfies WorkListDto);
  }

  @Post('tasks/:key/start')
  @HttpCode(200)
  @ApiOkResponse({ type: TaskAnswerDto })
  start(@Me() me: SignedIn, @Param() key: TaskKeyDto, @Body() body: TaskCommandDto): Promise<TaskAnswerDto> {
    return this.run(key, 'start', me, body);
  }

  @Post('tasks/:key/pause')
  @HttpCode(200)
  @ApiOkResponse({ type: TaskAnswerDto })
  pause(@Me() me: SignedIn, @Param() key: TaskKeyDto, @Body() body: TaskCommandDto): Promise<TaskAnswerDto> {
    return this.run(key, 'pause', me, body);
  }

  @Post('tasks/:key/resume')
  @HttpCode(200)
  @ApiOkResponse({ type: TaskAnswerDto })
  resume(@Me() me: SignedIn, @Param() key: TaskKeyDto, @Body() body: TaskCommandDto): Promise<TaskAnswerDto> {
    return this.run(key, 'resume', me, body);
  }

  @Post('tasks/:key/finish')
  @HttpCode(200)
  @ApiOkResponse({ type: TaskAnswerDto })
  finish(@Me() me: SignedIn, @Param() key: TaskKeyDto, @Body() body: TaskCommandDto): Promise<TaskAnswerDto> {
    return this.run(key, 'finish', me, body);
  }

  @Post('tasks/:key/skip')
  @HttpCode(200)
  @ApiOkResponse({ type: TaskAnswerDto })
  skip(@Me() me: SignedIn, @Param() key: TaskKeyDto, @Body() body: TaskCommandDto): Promise<TaskAnswerDto> {
    return this.run(key, 'skip', me, body);
  }

  @Post('tasks/:key/undo')
  @HttpCode(200)
  @ApiOkResponse({ type: TaskAnswerDto })
  async undo(@Me() me: SignedIn, @Param() key: TaskKeyDto, @Body() body: CommandDto): Promise<TaskAnswerDto> {
    return { work: await this.service.undo(key.key as TaskKey, me.personId, body.commandId) };
  }

  private async run(key: TaskKeyDto, command: WorkCommand, me: SignedIn, body: TaskCommandDto): Promise<TaskAnswerDto> {
    return { work: await this.service.command(key.key as TaskKey, command, me.personId, body) };
  }
}
