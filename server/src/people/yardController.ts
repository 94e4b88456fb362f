import { Body, Controller, HttpCode, Param, ParseUUIDPipe, Post } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { Me } from '../auth/session.js';
import type { SignedIn } from '../auth/session.js';
import { CommandDto } from '../plan/dto.js';
import {
  CoatMarksCommandDto,
  AbsenceCommandDto,
  AbsenceRemoveDto,
  HandlerDto,
  OneTimePasswordDto,
  OvertimeDto,
  ReopenDto,
  RowVersionDto,
  ShowRulesCommandDto,
  WelcomeLinkDto,
} from './dto.js';
import { YardService } from './yardService.js';

@ApiTags('yard')
@Controller('api')
export class YardController {
  constructor(private readonly service: YardService) {}

  @Post('people/:id/absences')
  @HttpCode(200)
  @ApiOkResponse({ type: RowVersionDto })
  absent(
    @Me() me: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() body: AbsenceCommandDto,
  ): Promise<RowVersionDto> {
    return this.service.addAbsence(id, me.personId, body);
  }

  @Post('people/:id/absences/remove')
  @HttpCode(200)
  @ApiOkResponse({ type: RowVersionDto })
  back(
    @Me() me: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() body: AbsenceRemoveDto,
  ): Promise<RowVersionDto> {
    return this.service.removeAbsence(id, me.personId, body);
  }

  @Post('people/:id/one-time-password')
  @HttpCode(200)
  @ApiOkResponse({ type: OneTimePasswordDto })
  password(
    @Me() me: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() body: CommandDto,
  ): Promise<OneTimePasswordDto> {
    return this.service.newPassword(id, me.personId, body.commandId);
  }

  @Post('people/:id/link')
  @HttpCode(200)
  @ApiOkResponse({ type: WelcomeLinkDto })
  link(@Me() me: SignedIn, @Param('id', ParseUUIDPipe) id: string, @Body() body: CommandDto): Promise<WelcomeLinkDto> {
    return this.service.newLink(id, me.personId, body.commandId);
  }

  @Post('people/:id/close-sign-in')
  @HttpCode(204)
  async close(@Me() me: SignedIn, @Param('id', ParseUUIDPipe) id: string, @Body() body: CommandDto): Promise<void> {
    await this.service.closeSignIn(id, me.personId, body.commandId);
  }

  @Post('entries/:id/handler')
  @HttpCode(200)
  @ApiOkResponse({ type: RowVersionDto })
  handler(
    @Me() me: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() body: HandlerDto,
  ): Promise<RowVersionDto> {
    return this.service.setHandler(id, me.personId, body);
  }

  @Post('shows/:id/rules')
  @HttpCode(200)
  @ApiOkResponse({ type: RowVersionDto })
  rules(
    @Me() me: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() body: ShowRulesCommandDto,
  ): Promise<RowVersionDto> {
    return this.service.setRules(id, me.personId, body);
  }

  @Post('dogs/:id/marks')
  @HttpCode(200)
  @ApiOkResponse({ type: RowVersionDto })
  marks(
    @Me() me: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() body: CoatMarksCommandDto,
  ): Promise<RowVersionDto> {
    return this.service.setMarks(id, me.personId, body);
  }

  @Post('shifts/:id/overtime')
  @HttpCode(200)
  @ApiOkResponse({ type: RowVersionDto })
  overtime(
    @Me() me: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() body: OvertimeDto,
  ): Promise<RowVersionDto> {
    return this.service.setOvertime(id, me.personId, body);
  }

  @Post('stations/:id/reopen')
  @HttpCode(200)
  @ApiOkResponse({ type: RowVersionDto })
  reopen(@Me() me: SignedIn, @Param('id', ParseUUIDPipe) id: string, @Body() body: ReopenDto): Promise<RowVersionDto> {
    return this.service.reopen(id, me.personId, body);
  }
}
