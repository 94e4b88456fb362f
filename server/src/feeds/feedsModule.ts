import { Module } from '@nestjs/common';
import { KennelDataModule } from '../kennel/kennelDataModule.js';
import { PlanDataModule } from '../plan/planDataModule.js';
import { FeedController } from './feedController.js';
import { FeedService } from './feedService.js';

/** Calendars that phones subscribe to. */
@Module({
  imports: [KennelDataModule, PlanDataModule],
  controllers: [FeedController],
  providers: [FeedService],
})
export class FeedsModule {}
