import { Module } from '@nestjs/common';
import { KennelDataModule } from '../kennel/kennelDataModule.js';
import { PlanDataModule } from '../plan/planDataModule.js';
import { WorkController } from './workController.js';
import { WorkService } from './workService.js';

/** Tasks at the bench. */
@Module({
  imports: [KennelDataModule, PlanDataModule],
  controllers: [WorkController],
  providers: [WorkService],
})
export class WorkModule {}
