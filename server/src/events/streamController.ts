import { Controller, Get, Headers, Query, Res } from '@nestjs/common';
import { ApiExcludeController } from '@nestjs/swagger';
import type { Response } from 'express';
import { Me } from '../auth/session.js';
import type { SignedIn } from '../auth/session.js';
import { StreamHub } from './streamHub.js';

@ApiExcludeController()
@Controller('api/stream')
export class StreamController {
  constructor(private readonly hub: StreamHub) {}

  @Get()
  async open(
    @Me() me: SignedIn,
    @Headers('last-event-id') lastSeen: string | undefined,
    @Query('after') after: string | undefined,
    @Res() response: Response,
  ): Promise<void> {
    const number = Number(lastSeen ?? after);
    await this.hub.open(
      response,
      me.role !== 'owner',
      (lastSeen ?? after) !== undefined && Number.isSafeInteger(number) && number >= 0 ? number : null,
    );
  }
}
