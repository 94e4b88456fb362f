import { Body, Controller, Get, Header, HttpCode, Param, ParseUUIDPipe, Post } from '@nestjs/common';
import { ApiExcludeEndpoint, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { Me } from '../auth/session.js';
import type { SignedIn } from '../auth/session.js';
import { FeedAddressDto, FeedsDto, NewFeedDto } from './dto.js';
import { FeedService } from './feedService.js';

@ApiTags('feeds')
@Controller()
export class FeedController {
  constructor(private readonly service: FeedService) {}

  @Get('api/feeds')
  @ApiOkResponse({ type: FeedsDto })
  async list(@Me() me: SignedIn): Promise<FeedsDto> {
    return { feeds: await this.service.list(me) };
  }

  @Post('api/feeds')
  @HttpCode(200)
  @ApiOkResponse({ type: FeedAddressDto })
  async make(@Me() me: SignedIn, @Body() body: NewFeedDto): Promise<FeedAddressDto> {
    return { path: await this.service.make(me, body) };
  }

  @Post('api/feeds/:id/revoke')
  @HttpCode(204)
  async revoke(@Me() me: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<void> {
    await this.service.revoke(me, id);
  }

  /** Outside /api: its address is a secret and must not stand in the request log. */
  @Get('calendar/:secret.ics')
  @ApiExcludeEndpoint()
  @Header('Content-Type', 'text/calendar; charset=utf-8')
  @Header('Cache-Control', 'private, no-cache')
  read(@Param('secret') secret: string): Promise<string> {
    return this.service.read(secret);
  }
}
