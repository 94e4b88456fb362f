import { Module } from '@nestjs/common';
import { PlanDataModule } from '../plan/planDataModule.js';
import { AdjustmentController } from './adjustmentController.js';
import { AdjustmentService } from './adjustmentService.js';
import { ChangeController } from './changeController.js';
import { ChangeService } from './changeService.js';
import { KennelController } from './kennelController.js';
import { KennelDataModule } from './kennelDataModule.js';
import { OpenController } from './openController.js';
import { OpenService } from './openService.js';
import { RecordsController } from './recordsController.js';
import { RecordsService } from './recordsService.js';
import { TrailService } from './trailService.js';

/** Everything that a kennel keeps: its rows, changes and their trail, records of dogs, breeds of its own. */
@Module({
  imports: [KennelDataModule, PlanDataModule],
  controllers: [KennelController, OpenController, ChangeController, AdjustmentController, RecordsController],
  providers: [OpenService, ChangeService, TrailService, AdjustmentService, RecordsService],
})
export class KennelModule {}
