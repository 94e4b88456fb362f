import { Body, Controller, Param, ParseUUIDPipe, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { Given } from '../auth/session.js';
import type { Command } from '../auth/session.js';
import { CommandDto, RowVersionDto } from '../contract/commandDto.js';
import { Operation } from '../contract/operation.js';
import { AbsenceCommandDto, AbsenceRemoveDto, OneTimePasswordDto, PersonRecordDto, WelcomeLinkDto } from './dto.js';
import { PeopleService } from './peopleService.js';

/** Routes of absences, records and sign-ins of people. */
@ApiTags('people')
@Controller('api/people')
export class PeopleController {
  constructor(private readonly service: PeopleService) {}

  @Post(':id/absences')
  @Operation('Marks a person ill or away for a day.', RowVersionDto, ['otherCommand'])
  absent(
    @Given() given: Command,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() body: AbsenceCommandDto,
  ): Promise<RowVersionDto> {
    return this.service.addAbsence(id, given, body);
  }

  @Post(':id/absences/remove')
  @Operation('Marks a person back for a day.', RowVersionDto, ['notFound', 'otherCommand'])
  back(
    @Given() given: Command,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() body: AbsenceRemoveDto,
  ): Promise<RowVersionDto> {
    return this.service.removeAbsence(id, given, body);
  }

  @Post(':id/one-time-password')
  @Operation('Gives a person a password that must be changed at the first sign-in.', OneTimePasswordDto, [
    'notFound',
    'otherCommand',
  ])
  password(
    @Given() given: Command,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() _body: CommandDto,
  ): Promise<OneTimePasswordDto> {
    return this.service.newPassword(id, given);
  }

  @Post(':id/link')
  @Operation('Makes a link with which a person chooses a password, once, within three days.', WelcomeLinkDto, [
    'notFound',
    'otherCommand',
  ])
  link(
    @Given() given: Command,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() _body: CommandDto,
  ): Promise<WelcomeLinkDto> {
    return this.service.newLink(id, given);
  }

  @Post(':id/close-sign-in')
  @Operation('Closes a sign-in: sessions, password, PIN and calendar addresses end.', null, [
    'notFound',
    'notNow',
    'otherCommand',
  ])
  async close(
    @Given() given: Command,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() _body: CommandDto,
  ): Promise<void> {
    await this.service.closeSignIn(id, given);
  }

  @Post(':id/record')
  @Operation('Changes what is kept of a person: what is learned, the kit, the brushing route.', RowVersionDto, [
    'notFound',
    'stale',
    'otherCommand',
  ])
  record(
    @Given() given: Command,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() body: PersonRecordDto,
  ): Promise<RowVersionDto> {
    return this.service.changeRecord(id, given, body);
  }
}
