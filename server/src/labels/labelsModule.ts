import { Module } from '@nestjs/common';
import { LabelsController } from './labelsController.js';

/** Labels of bottles. */
@Module({ controllers: [LabelsController] })
export class LabelsModule {}
