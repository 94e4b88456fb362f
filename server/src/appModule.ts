/*
 * The application's parts, put together by hand so that tests can hand in a clock and a database of their own.
 */
import { Module } from '@nestjs/common';
import type { DynamicModule } from '@nestjs/common';
import { APP_FILTER, APP_GUARD } from '@nestjs/core';
import type { Knex } from 'knex';
import type { Logger } from 'pino';
import { AccountService } from './auth/accountService.js';
import { DeviceService } from './auth/deviceService.js';
import { RoleGuard } from './auth/roleGuard.js';
import { SessionController } from './auth/sessionController.js';
import { ChangeController } from './changes/changeController.js';
import { ChangeService } from './changes/changeService.js';
import { RowCommands } from './changes/rowCommands.js';
import { TrailService } from './changes/trailService.js';
import { Clock } from './clock.js';
import type { Config } from './config.js';
import { EventStore } from './events/eventStore.js';
import { FreshAnswers } from './events/freshAnswers.js';
import { StreamController } from './events/streamController.js';
import { StreamHub } from './events/streamHub.js';
import { FeedController } from './feeds/feedController.js';
import { FeedService } from './feeds/feedService.js';
import { HealthController } from './health/healthController.js';
import { KennelController } from './kennel/kennelController.js';
import { KennelRepository } from './kennel/kennelRepository.js';
import { OpenController } from './kennel/openController.js';
import { OpenService } from './kennel/openService.js';
import { MethodsController } from './methods/methodsController.js';
import { MethodsService } from './methods/methodsService.js';
import { YardController } from './people/yardController.js';
import { YardService } from './people/yardService.js';
import { PlanController } from './plan/planController.js';
import { PlanRepository } from './plan/planRepository.js';
import { PinService } from './plan/pinService.js';
import { PlanService } from './plan/planService.js';
import { PublishedAnswer } from './plan/publishedAnswer.js';
import { ProblemFilter } from './problem/problemFilter.js';
import { RecordsController } from './records/recordsController.js';
import { RecordsService } from './records/recordsService.js';
import { CONFIG, KNEX, LOGGER } from './tokens.js';
import { WorkController } from './work/workController.js';
import { WorkService } from './work/workService.js';
import { PlannerPool } from './workers/plannerPool.js';

export interface Outside {
  readonly config: Config;
  readonly clock: Clock;
  readonly knex: Knex;
  readonly logger: Logger;
}

@Module({})
export class AppModule {
  static with(outside: Outside): DynamicModule {
    return {
      module: AppModule,
      controllers: [
        HealthController,
        SessionController,
        KennelController,
        OpenController,
        PlanController,
        WorkController,
        YardController,
        MethodsController,
        RecordsController,
        ChangeController,
        FeedController,
        StreamController,
      ],
      providers: [
        { provide: CONFIG, useValue: outside.config },
        { provide: Clock, useValue: outside.clock },
        { provide: KNEX, useValue: outside.knex },
        { provide: LOGGER, useValue: outside.logger },
        { provide: APP_FILTER, useClass: ProblemFilter },
        { provide: APP_GUARD, useClass: RoleGuard },
        AccountService,
        DeviceService,
        FeedService,
        EventStore,
        FreshAnswers,
        StreamHub,
        KennelRepository,
        OpenService,
        PlanRepository,
        PinService,
        PlanService,
        PublishedAnswer,
        PlannerPool,
        WorkService,
        YardService,
        MethodsService,
        RecordsService,
        ChangeService,
        RowCommands,
        TrailService,
      ],
    };
  }
}
