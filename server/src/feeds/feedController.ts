import { Body, Controller, Get, Header, Param, ParseUUIDPipe, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { Me } from '../auth/session.js';
import type { SignedIn } from '../auth/session.js';
import { Operation } from '../contract/operation.js';
import { FeedAddressDto, FeedsDto, NewFeedDto } from './dto.js';
import { FeedService } from './feedService.js';

const CALENDAR = {
  contentType: 'text/calendar',
  schema: { type: 'string', description: 'iCalendar, RFC 5545' },
} as const;

/** Routes of calendar addresses, and the calendars behind them. */
@ApiTags('feeds')
@Controller()
export class FeedController {
  constructor(private readonly service: FeedService) {}

  @Get('api/feeds')
  @Operation('Lists calendar addresses: a lead’s all, everybody else’s their own.', FeedsDto)
  async list(@Me() me: SignedIn): Promise<FeedsDto> {
    return { feeds: await this.service.list(me) };
  }

  @Post('api/feeds')
  @Operation('Makes a calendar address for a person or a dog.', FeedAddressDto, ['notFound'])
  async make(@Me() me: SignedIn, @Body() body: NewFeedDto): Promise<FeedAddressDto> {
    return { path: await this.service.make(me, body) };
  }

  @Post('api/feeds/:id/revoke')
  @Operation('Revokes a calendar address.', null, ['notFound'])
  async revoke(@Me() me: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<void> {
    await this.service.revoke(me, id);
  }

  /** Outside /api: its address is a secret and must not stand in the request log. */
  @Get('calendar/:secret.ics')
  @Operation('Reads a calendar at its secret address.', CALENDAR, ['notFound'])
  @Header('Content-Type', 'text/calendar; charset=utf-8')
  @Header('Cache-Control', 'private, no-cache')
  read(@Param('secret') secret: string): Promise<string> {
    return this.service.read(secret);
  }
}
