/*
 * The application's modules, one a feature, put together so that tests can hand in a clock and a database of their own.
 */
import { Module } from '@nestjs/common';
import type { DynamicModule } from '@nestjs/common';
import { APP_FILTER, APP_GUARD } from '@nestjs/core';
import { AirModule } from './air/airModule.js';
import { AuthModule } from './auth/authModule.js';
import { RoleGuard } from './auth/roleGuard.js';
import { FeedsModule } from './feeds/feedsModule.js';
import { HealthController } from './health/healthController.js';
import { KennelModule } from './kennel/kennelModule.js';
import { LabelsModule } from './labels/labelsModule.js';
import { MethodsModule } from './methods/methodsModule.js';
import type { Outside } from './outsideModule.js';
import { OutsideModule } from './outsideModule.js';
import { PeopleModule } from './people/peopleModule.js';
import { PhotosModule } from './photos/photosModule.js';
import { PlanModule } from './plan/planModule.js';
import { ProblemFilter } from './problem/problemFilter.js';
import { StockModule } from './stock/stockModule.js';
import { ToolsModule } from './tools/toolsModule.js';
import { WorkModule } from './work/workModule.js';

/** The whole application: one module a feature. */
@Module({})
export class AppModule {
  static with(outside: Outside): DynamicModule {
    return {
      module: AppModule,
      imports: [
        OutsideModule.with(outside),
        AuthModule,
        KennelModule,
        PlanModule,
        WorkModule,
        PeopleModule,
        MethodsModule,
        FeedsModule,
        StockModule,
        AirModule,
        ToolsModule,
        LabelsModule,
        PhotosModule,
      ],
      controllers: [HealthController],
      providers: [
        { provide: APP_FILTER, useClass: ProblemFilter },
        { provide: APP_GUARD, useClass: RoleGuard },
      ],
    };
  }
}
