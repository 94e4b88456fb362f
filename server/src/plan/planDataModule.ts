import { Module } from '@nestjs/common';
import { PlannerPool } from '../workers/plannerPool.js';
import { PlanInForce } from './planInForce.js';
import { PlanRepository } from './planRepository.js';

/** Stored plans, the one in force, and the planner's threads, for every feature that asks them. */
@Module({
  providers: [PlanRepository, PlanInForce, PlannerPool],
  exports: [PlanRepository, PlanInForce, PlannerPool],
})
export class PlanDataModule {}
