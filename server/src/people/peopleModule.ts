import { Module } from '@nestjs/common';
import { AuthModule } from '../auth/authModule.js';
import { KennelDataModule } from '../kennel/kennelDataModule.js';
import { PeopleController } from './peopleController.js';
import { PeopleService } from './peopleService.js';

/** The crew: who is away, how people sign in, what is kept of them. */
@Module({
  imports: [AuthModule, KennelDataModule],
  controllers: [PeopleController],
  providers: [PeopleService],
})
export class PeopleModule {}
