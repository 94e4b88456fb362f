import { Controller, Get, Inject } from '@nestjs/common';
import { ApiProperty, ApiTags } from '@nestjs/swagger';
import type { Knex } from 'knex';
import { Operation } from '../contract/operation.js';
import { KNEX } from '../tokens.js';

/** Whether the server is up, or ready. */
export class HealthDto {
  @ApiProperty({ enum: ['ok'] }) status!: 'ok';
}

/** Liveness and readiness. */
@ApiTags('health')
@Controller('api/health')
export class HealthController {
  constructor(@Inject(KNEX) private readonly knex: Knex) {}

  /** The process lives. */
  @Get()
  @Operation('Tells that the process lives.', HealthDto)
  live(): HealthDto {
    return { status: 'ok' };
  }

  /** The process can work: its database answers. */
  @Get('ready')
  @Operation('Tells that the process can work: its database answers.', HealthDto)
  async ready(): Promise<HealthDto> {
    await this.knex.raw('select 1');
    return { status: 'ok' };
  }
}
