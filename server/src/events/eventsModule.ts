import { Module } from '@nestjs/common';
import { EventStore } from './eventStore.js';
import { FreshAnswers } from './freshAnswers.js';
import { StreamController } from './streamController.js';
import { StreamHub } from './streamHub.js';

/** Commands, their events and the live stream. */
@Module({
  controllers: [StreamController],
  providers: [EventStore, FreshAnswers, StreamHub],
  exports: [EventStore, FreshAnswers],
})
export class EventsModule {}
