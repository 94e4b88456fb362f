import { Module } from '@nestjs/common';
import { KennelDataModule } from '../kennel/kennelDataModule.js';
import { ToolsController } from './toolsController.js';
import { ToolsService } from './toolsService.js';

/** Care of tools. */
@Module({ imports: [KennelDataModule], controllers: [ToolsController], providers: [ToolsService] })
export class ToolsModule {}
