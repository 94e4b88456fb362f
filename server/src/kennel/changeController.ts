import { Body, Controller, Get, Param, ParseIntPipe, Post, Query } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { Given } from '../auth/session.js';
import type { Command } from '../auth/session.js';
import { CommandDto } from '../contract/commandDto.js';
import { Operation } from '../contract/operation.js';
import { ChangedDto, ChangesCommandDto, CheckChangesDto, CheckedDto, TrailDto, TrailQueryDto } from './changeDto.js';
import { ChangeService } from './changeService.js';
import { TrailService } from './trailService.js';

/** Routes of changes to the kennel's rows, and of the trail. */
@ApiTags('changes')
@Controller('api')
export class ChangeController {
  constructor(
    private readonly service: ChangeService,
    private readonly trail: TrailService,
  ) {}

  @Post('changes')
  @Operation('Saves changes of rows, all or none.', ChangedDto, ['stale', 'notNow', 'otherCommand'])
  change(@Given() given: Command, @Body() body: ChangesCommandDto): Promise<ChangedDto> {
    return this.service.change(given, body.changes);
  }

  @Post('changes/check')
  @Operation('Tells what would be wrong with changes; nothing is saved.', CheckedDto, ['stale'])
  async check(@Body() body: CheckChangesDto): Promise<CheckedDto> {
    return { errors: [...(await this.service.check(body.changes))] };
  }

  @Get('trail')
  @Operation('Lists what was changed, by whom and when, newest first.', TrailDto)
  async read(@Query() query: TrailQueryDto): Promise<TrailDto> {
    return { entries: await this.trail.read(query) };
  }

  @Post('trail/:number/undo')
  @Operation('Takes a change back, as far as nobody has changed the same since.', ChangedDto, [
    'notFound',
    'stale',
    'notNow',
    'otherCommand',
  ])
  undo(
    @Given() given: Command,
    @Param('number', ParseIntPipe) number: number,
    @Body() _body: CommandDto,
  ): Promise<ChangedDto> {
    return this.service.undo(given, number);
  }
}
