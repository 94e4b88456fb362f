import { Module } from '@nestjs/common';
import { KennelDataModule } from '../kennel/kennelDataModule.js';
import { BreakService } from './breakService.js';
import { CheckRepository } from './checkRepository.js';
import { CheckService } from './checkService.js';
import { PinService } from './pinService.js';
import { PlanController } from './planController.js';
import { PlanDataModule } from './planDataModule.js';
import { PlanQuestions } from './planQuestions.js';
import { PlanService } from './planService.js';

/** Planning: jobs, drafts, publishing, tasks that are set, questions about the plan in force. */
@Module({
  imports: [KennelDataModule, PlanDataModule],
  controllers: [PlanController],
  providers: [PlanService, PinService, PlanQuestions, BreakService, CheckRepository, CheckService],
})
export class PlanModule {}
