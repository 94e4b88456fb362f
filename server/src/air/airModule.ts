import { Module } from '@nestjs/common';
import { AirController } from './airController.js';
import { AirService } from './airService.js';

/** Air of the wet room. */
@Module({ controllers: [AirController], providers: [AirService] })
export class AirModule {}
