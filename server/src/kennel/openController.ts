import { Body, Controller, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { Given } from '../auth/session.js';
import type { Command } from '../auth/session.js';
import { Operation } from '../contract/operation.js';
import { OpenKennelDto, OpenedDto } from './dto.js';
import { OpenService } from './openService.js';

/** The route that opens a kennel file in an empty kennel. */
@ApiTags('kennel')
@Controller('api/kennel')
export class OpenController {
  constructor(private readonly service: OpenService) {}

  @Post('open')
  @Operation('Puts a whole kennel file into a kennel that is still empty.', OpenedDto, ['notNow', 'otherCommand'])
  open(@Given() given: Command, @Body() body: OpenKennelDto): Promise<OpenedDto> {
    return this.service.open(given, body.kennel, body.becomes);
  }
}
