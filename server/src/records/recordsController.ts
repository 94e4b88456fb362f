import { Body, Controller, HttpCode, Param, ParseUUIDPipe, Post } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { Me } from '../auth/session.js';
import type { SignedIn } from '../auth/session.js';
import { RowVersionDto } from '../people/dto.js';
import { BreedCommandDto, BreedRemoveDto, CoatLogDto, RecordCommandDto } from './dto.js';
import { RecordsService } from './recordsService.js';

@ApiTags('records')
@Controller('api')
export class RecordsController {
  constructor(private readonly service: RecordsService) {}

  @Post('dogs/:id/record')
  @HttpCode(200)
  @ApiOkResponse({ type: RowVersionDto })
  dog(
    @Me() me: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() body: RecordCommandDto,
  ): Promise<RowVersionDto> {
    return this.service.changeDog(id, me.personId, body);
  }

  @Post('dogs/:id/log')
  @HttpCode(200)
  @ApiOkResponse({ type: RowVersionDto })
  log(@Me() me: SignedIn, @Param('id', ParseUUIDPipe) id: string, @Body() body: CoatLogDto): Promise<RowVersionDto> {
    return this.service.log(id, me.personId, body);
  }

  @Post('people/:id/record')
  @HttpCode(200)
  @ApiOkResponse({ type: RowVersionDto })
  person(
    @Me() me: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() body: RecordCommandDto,
  ): Promise<RowVersionDto> {
    return this.service.changePerson(id, me.personId, body);
  }

  @Post('breeds')
  @HttpCode(200)
  @ApiOkResponse({ type: RowVersionDto })
  breed(@Me() me: SignedIn, @Body() body: BreedCommandDto): Promise<RowVersionDto> {
    return this.service.saveBreed(me.personId, body);
  }

  @Post('breeds/remove')
  @HttpCode(200)
  @ApiOkResponse({ type: RowVersionDto })
  removeBreed(@Me() me: SignedIn, @Body() body: BreedRemoveDto): Promise<RowVersionDto> {
    return this.service.removeBreed(me.personId, body);
  }
}
