import { Body, Controller, Get, HttpCode, Param, ParseIntPipe, Post, Query } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { Me } from '../auth/session.js';
import type { SignedIn } from '../auth/session.js';
import { CommandDto } from '../plan/dto.js';
import { ChangeService } from './changeService.js';
import { ChangedDto, ChangesCommandDto, CheckChangesDto, CheckedDto, TrailDto, TrailQueryDto } from './dto.js';
import { TrailService } from './trailService.js';

@ApiTags('changes')
@Controller('api')
export class ChangeController {
  constructor(
    private readonly service: ChangeService,
    private readonly trail: TrailService,
  ) {}

  @Post('changes')
  @HttpCode(200)
  @ApiOkResponse({ type: ChangedDto })
  change(@Me() me: SignedIn, @Body() body: ChangesCommandDto): Promise<ChangedDto> {
    return this.service.change(me.personId, body.commandId, body.changes);
  }

  @Post('changes/check')
  @HttpCode(200)
  @ApiOkResponse({ type: CheckedDto })
  async check(@Body() body: CheckChangesDto): Promise<CheckedDto> {
    return { errors: [...(await this.service.check(body.changes))] };
  }

  @Get('trail')
  @ApiOkResponse({ type: TrailDto })
  async read(@Query() query: TrailQueryDto): Promise<TrailDto> {
    return { entries: await this.trail.read(query) };
  }

  @Post('trail/:number/undo')
  @HttpCode(200)
  @ApiOkResponse({ type: ChangedDto })
  undo(
    @Me() me: SignedIn,
    @Param('number', ParseIntPipe) number: number,
    @Body() body: CommandDto,
  ): Promise<ChangedDto> {
    return this.service.undo(me.personId, body.commandId, number);
  }
}
