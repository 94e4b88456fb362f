import { Module } from '@nestjs/common';
import { EventsModule } from '../events/eventsModule.js';
import { KennelRepository } from './kennelRepository.js';
import { RowCommands } from './rowCommands.js';

/** The kennel's rows, for every feature that reads or changes them. */
@Module({
  imports: [EventsModule],
  providers: [KennelRepository, RowCommands],
  exports: [EventsModule, KennelRepository, RowCommands],
})
export class KennelDataModule {}
