import { Controller, Get, Inject } from '@nestjs/common';
import { ApiOkResponse, ApiProperty, ApiTags } from '@nestjs/swagger';
import type { Knex } from 'knex';
import { KNEX } from '../tokens.js';

export class HealthDto {
  @ApiProperty({ enum: ['ok'] }) status!: 'ok';
}

@ApiTags('health')
@Controller('api/health')
export class HealthController {
  constructor(@Inject(KNEX) private readonly knex: Knex) {}

  /** The process lives. */
  @Get()
  @ApiOkResponse({ type: HealthDto })
  live(): HealthDto {
    return { status: 'ok' };
  }

  /** The process can work: its database answers. */
  @Get('ready')
  @ApiOkResponse({ type: HealthDto })
  async ready(): Promise<HealthDto> {
    await this.knex.raw('select 1');
    return { status: 'ok' };
  }
}
