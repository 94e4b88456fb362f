import { Body, Controller, Get, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { Given } from '../auth/session.js';
import type { Command } from '../auth/session.js';
import { Operation } from '../contract/operation.js';
import { CareDto, ToolJobsDto } from './dto.js';
import { ToolsService } from './toolsService.js';

/** Routes of the care of tools. */
@ApiTags('tools')
@Controller('api')
export class ToolsController {
  constructor(private readonly service: ToolsService) {}

  @Get('tools')
  @Operation('Lists what the tools need, by the work that was done with them.', ToolJobsDto)
  async list(): Promise<ToolJobsDto> {
    return { jobs: await this.service.jobs() };
  }

  @Post('tools/care')
  @Operation('Notes that a tool was cared for.', null, ['badInput', 'otherCommand'])
  async care(@Given() given: Command, @Body() body: CareDto): Promise<void> {
    await this.service.care(given, body);
  }
}
