import { Module } from '@nestjs/common';
import { KennelDataModule } from '../kennel/kennelDataModule.js';
import { PlanDataModule } from '../plan/planDataModule.js';
import { MethodsController } from './methodsController.js';
import { MethodsService } from './methodsService.js';

/** How the kennel works. */
@Module({
  imports: [KennelDataModule, PlanDataModule],
  controllers: [MethodsController],
  providers: [MethodsService],
})
export class MethodsModule {}
