import { Body, Controller, Param, ParseUUIDPipe, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { Given } from '../auth/session.js';
import type { Command } from '../auth/session.js';
import { RowVersionDto } from '../contract/commandDto.js';
import { Operation } from '../contract/operation.js';
import { BreedCommandDto, BreedRemoveDto, CoatLogDto, RecordCommandDto } from './recordDto.js';
import { RecordsService } from './recordsService.js';

/** Routes of dogs' records, logs and own breeds. */
@ApiTags('records')
@Controller('api')
export class RecordsController {
  constructor(private readonly service: RecordsService) {}

  @Post('dogs/:id/record')
  @Operation('Changes what is kept of a dog.', RowVersionDto, ['notFound', 'stale', 'otherCommand'])
  dog(
    @Given() given: Command,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() body: RecordCommandDto,
  ): Promise<RowVersionDto> {
    return this.service.changeDog(id, given, body);
  }

  @Post('dogs/:id/log')
  @Operation('Notes what was used or seen on a dog today.', RowVersionDto, ['notFound', 'notNow', 'otherCommand'])
  log(
    @Given() given: Command,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() body: CoatLogDto,
  ): Promise<RowVersionDto> {
    return this.service.log(id, given, body);
  }

  @Post('breeds')
  @Operation('Adds or changes a breed of the kennel’s own.', RowVersionDto, ['stale', 'otherCommand'])
  breed(@Given() given: Command, @Body() body: BreedCommandDto): Promise<RowVersionDto> {
    return this.service.saveBreed(given, body);
  }

  @Post('breeds/remove')
  @Operation('Removes a breed of the kennel’s own.', RowVersionDto, ['notFound', 'stale', 'notNow', 'otherCommand'])
  removeBreed(@Given() given: Command, @Body() body: BreedRemoveDto): Promise<RowVersionDto> {
    return this.service.removeBreed(given, body);
  }
}
