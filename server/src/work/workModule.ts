import { Module } from '@nestjs/common';
import { KennelDataModule } from '../kennel/kennelDataModule.js';
import { PlanDataModule } from '../plan/planDataModule.js';
import { TaskCoats } from './taskCoats.js';
import { TaskGates } from './taskGates.js';
import { WorkController } from './workController.js';
import { WorkService } from './workService.js';

/** Tasks at the bench. */
@Module({
  imports: [KennelDataModule, PlanDataModule],
  controllers: [WorkController],
  providers: [TaskCoats, TaskGates, WorkService],
})
export class WorkModule {}
