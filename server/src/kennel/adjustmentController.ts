import { Body, Controller, Param, ParseUUIDPipe, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { Given } from '../auth/session.js';
import type { Command } from '../auth/session.js';
import { CommandDto, RowVersionDto } from '../contract/commandDto.js';
import { Operation } from '../contract/operation.js';
import type { ProblemCode } from '../problem/problem.js';
import { CoatMarksCommandDto, HandlerDto, OvertimeDto, ReopenDto, ShowRulesCommandDto } from './adjustmentDto.js';
import { AdjustmentService } from './adjustmentService.js';

const REFUSALS: readonly ProblemCode[] = ['notFound', 'stale', 'otherCommand'];

/** Routes of small changes that a decision asks for: handler, overtime, a station that fails or is reopened, rules, marks. */
@ApiTags('kennel')
@Controller('api')
export class AdjustmentController {
  constructor(private readonly service: AdjustmentService) {}

  @Post('entries/:id/handler')
  @Operation('Sets who shows a dog.', RowVersionDto, REFUSALS)
  handler(
    @Given() given: Command,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() body: HandlerDto,
  ): Promise<RowVersionDto> {
    return this.service.setHandler(id, given, body);
  }

  @Post('shows/:id/rules')
  @Operation('Writes down what a show’s own rules say.', RowVersionDto, REFUSALS)
  rules(
    @Given() given: Command,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() body: ShowRulesCommandDto,
  ): Promise<RowVersionDto> {
    return this.service.setRules(id, given, body);
  }

  @Post('dogs/:id/marks')
  @Operation('Writes down what was found in a coat.', RowVersionDto, REFUSALS)
  marks(
    @Given() given: Command,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() body: CoatMarksCommandDto,
  ): Promise<RowVersionDto> {
    return this.service.setMarks(id, given, body);
  }

  @Post('shifts/:id/overtime')
  @Operation('Sets how late a person can stay.', RowVersionDto, REFUSALS)
  overtime(
    @Given() given: Command,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() body: OvertimeDto,
  ): Promise<RowVersionDto> {
    return this.service.setOvertime(id, given, body);
  }

  @Post('stations/:id/reopen')
  @Operation('Opens a station again on a day on which it was closed.', RowVersionDto, [...REFUSALS, 'notNow'])
  reopen(
    @Given() given: Command,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() body: ReopenDto,
  ): Promise<RowVersionDto> {
    return this.service.reopen(id, given, body);
  }

  @Post('stations/:id/failed')
  @Operation('Closes a station for the rest of the day: somebody found at work that it fails.', RowVersionDto, [
    'notFound',
    'otherCommand',
    'notNow',
  ])
  failed(
    @Given() given: Command,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() _body: CommandDto,
  ): Promise<RowVersionDto> {
    return this.service.closeFailed(id, given);
  }
}
