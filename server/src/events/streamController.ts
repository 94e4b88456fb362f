import { Controller, Get, Headers, Query, Res } from '@nestjs/common';
import { ApiHeader, ApiQuery, ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import { Me } from '../auth/session.js';
import type { SignedIn } from '../auth/session.js';
import { Operation } from '../contract/operation.js';
import { StreamHub } from './streamHub.js';

const STREAM = {
  contentType: 'text/event-stream',
  schema: {
    type: 'string',
    description:
      'Events: `hello` (what follows is new), `again` (too much was missed: read everything again), `change` with data as in ChangeEventDto.',
  },
} as const;

/** The live stream as server-sent events. */
@ApiTags('stream')
@Controller('api/stream')
export class StreamController {
  constructor(private readonly hub: StreamHub) {}

  @Get()
  @ApiHeader({ name: 'last-event-id', required: false, description: 'number of the last change that was heard' })
  @ApiQuery({ name: 'after', required: false, description: 'the same, for a first connection' })
  @Operation('Opens the live stream of changes.', STREAM, ['tooManyStreams'])
  async open(
    @Me() me: SignedIn,
    @Headers('last-event-id') lastSeen: string | undefined,
    @Query('after') after: string | undefined,
    @Res() response: Response,
  ): Promise<void> {
    const number = Number(lastSeen ?? after);
    const mayResume = (lastSeen ?? after) !== undefined && Number.isSafeInteger(number) && number >= 0;
    await this.hub.open(response, me, mayResume ? number : null);
  }
}
