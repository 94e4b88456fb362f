import { Module } from '@nestjs/common';
import { EventsModule } from '../events/eventsModule.js';
import { AccountService } from './accountService.js';
import { DeviceService } from './deviceService.js';
import { SessionController } from './sessionController.js';
import { SignInLimits } from './signInLimits.js';

/** Who somebody is: passwords, PINs, links, sessions, trusted devices. */
@Module({
  imports: [EventsModule],
  controllers: [SessionController],
  providers: [AccountService, DeviceService, SignInLimits],
  exports: [AccountService],
})
export class AuthModule {}
