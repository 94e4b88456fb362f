import { Body, Controller, Param, ParseUUIDPipe, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { localDayOf } from '@loyal-mane/core';
import { Given } from '../auth/session.js';
import type { Command } from '../auth/session.js';
import { Clock } from '../clock.js';
import { RowVersionDto } from '../contract/commandDto.js';
import { Operation } from '../contract/operation.js';
import { KennelRepository } from '../kennel/kennelRepository.js';
import { RowCommands } from '../kennel/rowCommands.js';
import { Problem } from '../problem/problem.js';
import { TakeDto } from './dto.js';

/** Routes of the stock. Bottles are entered as rows of the kennel; here a mix takes from one. */
@ApiTags('stock')
@Controller('api')
export class StockController {
  constructor(
    private readonly rows: RowCommands,
    private readonly kennels: KennelRepository,
    private readonly clock: Clock,
  ) {}

  @Post('bottles/:id/take')
  @Operation('Takes product from a bottle, or puts it back.', RowVersionDto, ['notFound', 'notNow', 'otherCommand'])
  async take(
    @Given() given: Command,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() { ml, version }: TakeDto,
  ): Promise<RowVersionDto> {
    const today = localDayOf(this.clock.nowMs(), await this.kennels.timeZone());
    return this.rows.change({ list: 'bottles', id, given, version: null, kind: 'bottle.taken' }, (row) => {
      if (version !== undefined && row.version !== version)
        throw new Problem('notNow', 'Somebody has just taken from this bottle. Nothing more was taken; look again.');
      const left = Number(row['left_ml']) - ml;
      if (left < 0) throw new Problem('notNow', `Only ${String(row['left_ml'])} ml are left in it. Nothing was taken.`);
      const at = new Date(this.clock.nowMs()).toISOString();
      return {
        left_ml: Math.min(left, Number(row['size_ml'])),
        opened_on: row['opened_on'] ?? today,
        // Product that is put back was not mixed.
        taken: ml > 0 ? JSON.stringify({ ml, at, by: given.actorId }) : null,
      };
    });
  }
}
