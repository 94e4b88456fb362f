import { Body, Controller, HttpCode, Post } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { Me } from '../auth/session.js';
import type { SignedIn } from '../auth/session.js';
import { OpenKennelDto, OpenedDto } from './dto.js';
import { OpenService } from './openService.js';

@ApiTags('kennel')
@Controller('api/kennel')
export class OpenController {
  constructor(private readonly service: OpenService) {}

  @Post('open')
  @HttpCode(200)
  @ApiOkResponse({ type: OpenedDto })
  open(@Me() me: SignedIn, @Body() body: OpenKennelDto): Promise<OpenedDto> {
    return this.service.open(me.personId, body.commandId, body.kennel, body.becomes);
  }
}
