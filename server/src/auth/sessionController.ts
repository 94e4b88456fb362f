import { Body, Controller, Delete, Get, HttpCode, Inject, Param, ParseUUIDPipe, Post, Req, Res } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import type { Request, Response } from 'express';
import type { Knex } from 'knex';
import { Clock } from '../clock.js';
import { EventStore } from '../events/eventStore.js';
import type { Config } from '../config.js';
import { CONFIG, KNEX } from '../tokens.js';
import type { Caller, OpenedSession } from './accountService.js';
import { AccountService } from './accountService.js';
import { DeviceService } from './deviceService.js';
import {
  ChangePasswordDto,
  DevicesDto,
  LinkDto,
  OwnPinDto,
  PinSignInDto,
  SessionDto,
  SessionsDto,
  SignInDto,
  ThisDeviceDto,
  TrustDto,
} from './dto.js';
import { Me } from './session.js';
import type { SignedIn } from './session.js';
import { cookieName } from './sessionMiddleware.js';

const COOKIE = { httpOnly: true, sameSite: 'strict', path: '/' } as const;
const DEVICE_MS = 2 * 365 * 24 * 3_600_000;

function callerOf(request: Request): Caller {
  return { address: request.ip ?? '', device: request.headers['user-agent'] ?? '' };
}

@ApiTags('session')
@Controller('api')
export class SessionController {
  constructor(
    private readonly accounts: AccountService,
    private readonly devices: DeviceService,
    private readonly events: EventStore,
    private readonly clock: Clock,
    @Inject(CONFIG) private readonly config: Config,
    @Inject(KNEX) private readonly knex: Knex,
  ) {}

  @Post('session')
  @HttpCode(200)
  @ApiOkResponse({ type: SessionDto })
  async signIn(
    @Body() body: SignInDto,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<SessionDto> {
    return this.answer(await this.accounts.signIn(nameOf(body.signIn), body.password, callerOf(request)), response);
  }

  @Post('session/link')
  @HttpCode(200)
  @ApiOkResponse({ type: SessionDto })
  async useLink(
    @Body() body: LinkDto,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<SessionDto> {
    return this.answer(await this.accounts.useLink(body.link, body.password, callerOf(request)), response);
  }

  @Post('session/pin')
  @HttpCode(200)
  @ApiOkResponse({ type: SessionDto })
  async signInByPin(
    @Body() body: PinSignInDto,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<SessionDto> {
    await this.devices.mustBeTrusted(this.deviceSecret(request));
    return this.answer(await this.accounts.signInByPin(nameOf(body.signIn), body.pin, callerOf(request)), response);
  }

  @Get('session')
  @ApiOkResponse({ type: SessionDto })
  async read(@Me() me: SignedIn): Promise<SessionDto> {
    return this.describe(me);
  }

  @Delete('session')
  @HttpCode(204)
  async signOut(@Me() me: SignedIn, @Res({ passthrough: true }) response: Response): Promise<void> {
    await this.accounts.signOut(me.tokenHash);
    response.clearCookie(cookieName(this.config.kennel));
  }

  @Post('session/password')
  @HttpCode(200)
  @ApiOkResponse({ type: SessionDto })
  async changePassword(
    @Me() me: SignedIn,
    @Body() body: ChangePasswordDto,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<SessionDto> {
    return this.answer(await this.accounts.changePassword(me, body.old, body.fresh, callerOf(request)), response);
  }

  @Post('session/own-pin')
  @HttpCode(204)
  async setPin(@Me() me: SignedIn, @Body() body: OwnPinDto): Promise<void> {
    await this.accounts.setPin(me, body.password, body.pin);
  }

  @Get('sessions')
  @ApiOkResponse({ type: SessionsDto })
  async sessions(@Me() me: SignedIn): Promise<SessionsDto> {
    return { sessions: await this.accounts.sessionsOf(me) };
  }

  @Post('sessions/end-others')
  @HttpCode(204)
  async endOthers(@Me() me: SignedIn): Promise<void> {
    await this.accounts.endOthers(me);
  }

  @Post('sessions/:id/end')
  @HttpCode(204)
  async end(@Me() me: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<void> {
    await this.accounts.endSession(me, id);
  }

  @Get('this-device')
  @ApiOkResponse({ type: ThisDeviceDto })
  async thisDevice(@Req() request: Request): Promise<ThisDeviceDto> {
    return this.devices.about(this.deviceSecret(request));
  }

  @Get('devices')
  @ApiOkResponse({ type: DevicesDto })
  async trusted(): Promise<DevicesDto> {
    return { devices: await this.devices.list() };
  }

  @Post('devices')
  @HttpCode(204)
  async trust(
    @Me() me: SignedIn,
    @Body() body: TrustDto,
    @Res({ passthrough: true }) response: Response,
  ): Promise<void> {
    const secret = await this.devices.trust(me, body.commandId, body.name);
    response.cookie(this.deviceCookie(), secret, { ...COOKIE, maxAge: DEVICE_MS });
  }

  @Post('devices/:id/forget')
  @HttpCode(204)
  async forget(@Param('id', ParseUUIDPipe) id: string): Promise<void> {
    await this.devices.forget(id);
  }

  private deviceCookie(): string {
    return `${cookieName(this.config.kennel)}_device`;
  }

  private deviceSecret(request: Request): string | undefined {
    return (request.cookies as Record<string, string | undefined>)[this.deviceCookie()];
  }

  private async answer(opened: OpenedSession, response: Response): Promise<SessionDto> {
    response.cookie(cookieName(this.config.kennel), opened.token, COOKIE);
    return this.describe(opened.signedIn);
  }

  private async describe(me: SignedIn): Promise<SessionDto> {
    const settings = await this.knex('settings').first<{ name: string } | undefined>('name');
    return {
      personId: me.personId,
      name: me.name,
      role: me.role,
      csrf: me.csrf,
      mustChange: me.mustChange,
      head: await this.events.head(),
      kennel: settings?.name ?? '',
      now: new Date(this.clock.nowMs()).toISOString(),
    };
  }
}

function nameOf(typed: string): string {
  return typed.trim().toLowerCase();
}
