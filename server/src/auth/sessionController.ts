import { Body, Controller, Delete, Get, Inject, Param, ParseUUIDPipe, Post, Req, Res } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { CookieOptions, Request, Response } from 'express';
import type { Knex } from 'knex';
import { Clock } from '../clock.js';
import type { Config } from '../config.js';
import { Operation } from '../contract/operation.js';
import { EventStore } from '../events/eventStore.js';
import { callerAddress } from '../http/callerAddress.js';
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
  SessionNowDto,
  SessionsDto,
  SignInDto,
  ThisDeviceDto,
  TrustDto,
} from './dto.js';
import { Me } from './session.js';
import type { SignedIn } from './session.js';
import { cookieName } from './sessionMiddleware.js';

const DEVICE_MS = 2 * 365 * 24 * 3_600_000;

function callerOf(request: Request): Caller {
  return { address: callerAddress(request), device: request.headers['user-agent'] ?? '' };
}

/** Routes of signing in and out. */
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
  @Operation('Signs a person in by name and password.', SessionDto, ['wrongPassword', 'tooManyAttempts'])
  async signIn(
    @Body() body: SignInDto,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<SessionDto> {
    return this.answer(
      await this.accounts.signIn(nameOf(body.signIn), body.password, callerOf(request)),
      request,
      response,
    );
  }

  @Post('session/link')
  @Operation('Uses a welcome link up: the person has a password and is signed in.', SessionDto, [
    'linkOver',
    'tooManyAttempts',
  ])
  async useLink(
    @Body() body: LinkDto,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<SessionDto> {
    return this.answer(await this.accounts.useLink(body.link, body.password, callerOf(request)), request, response);
  }

  @Post('session/pin')
  @Operation('Signs a person in by PIN on a trusted device.', SessionDto, ['wrongPin', 'notAllowed', 'tooManyAttempts'])
  async signInByPin(
    @Body() body: PinSignInDto,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<SessionDto> {
    await this.devices.mustBeTrusted(this.deviceSecret(request));
    return this.answer(
      await this.accounts.signInByPin(nameOf(body.signIn), body.pin, callerOf(request)),
      request,
      response,
    );
  }

  @Get('session')
  @Operation('Tells who is signed in.', SessionDto)
  async read(@Me() me: SignedIn): Promise<SessionDto> {
    return this.describe(me);
  }

  @Get('session/now')
  @Operation('Tells who is signed in on this device, if anybody: what a page asks first.', SessionNowDto)
  async now(@Req() request: Request): Promise<SessionNowDto> {
    const token = (request.cookies as Record<string, string | undefined>)[cookieName(this.config.kennel)];
    const me = token === undefined ? null : await this.accounts.whoHas(token);
    return { session: me === null ? null : await this.describe(me) };
  }

  @Delete('session')
  @Operation('Signs out.', null)
  async signOut(
    @Me() me: SignedIn,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<void> {
    await this.accounts.signOut(me.tokenHash);
    response.clearCookie(cookieName(this.config.kennel), this.cookieOptions(request));
  }

  @Post('session/password')
  @Operation('Changes one’s own password; other sessions and the PIN end.', SessionDto, [
    'wrongPresentPassword',
    'tooManyAttempts',
  ])
  async changePassword(
    @Me() me: SignedIn,
    @Body() body: ChangePasswordDto,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<SessionDto> {
    return this.answer(
      await this.accounts.changePassword(me, body.old, body.fresh, callerOf(request)),
      request,
      response,
    );
  }

  @Post('session/own-pin')
  @Operation('Sets one’s own PIN.', null, ['wrongPresentPassword', 'tooManyAttempts'])
  async setPin(@Me() me: SignedIn, @Body() body: OwnPinDto): Promise<void> {
    await this.accounts.setPin(me, body.password, body.pin);
  }

  @Get('sessions')
  @Operation('Lists one’s own open sessions.', SessionsDto)
  async sessions(@Me() me: SignedIn): Promise<SessionsDto> {
    return { sessions: await this.accounts.sessionsOf(me) };
  }

  @Post('sessions/end-others')
  @Operation('Ends all of one’s own sessions but this one.', null)
  async endOthers(@Me() me: SignedIn): Promise<void> {
    await this.accounts.endOthers(me);
  }

  @Post('sessions/:id/end')
  @Operation('Ends one of one’s own sessions.', null, ['notFound'])
  async end(@Me() me: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<void> {
    await this.accounts.endSession(me, id);
  }

  @Get('this-device')
  @Operation('Tells whether this device is trusted, and who has a PIN here.', ThisDeviceDto)
  async thisDevice(@Req() request: Request): Promise<ThisDeviceDto> {
    return this.devices.about(this.deviceSecret(request));
  }

  @Get('devices')
  @Operation('Lists trusted devices.', DevicesDto)
  async trusted(): Promise<DevicesDto> {
    return { devices: await this.devices.list() };
  }

  @Post('devices')
  @Operation('Trusts the device that asks.', null)
  async trust(
    @Me() me: SignedIn,
    @Body() body: TrustDto,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<void> {
    const secret = await this.devices.trust(me, body.commandId, body.name);
    response.cookie(this.deviceCookie(), secret, { ...this.cookieOptions(request), maxAge: DEVICE_MS });
  }

  @Post('devices/:id/forget')
  @Operation('Trusts a device no longer.', null, ['notFound'])
  async forget(@Param('id', ParseUUIDPipe) id: string): Promise<void> {
    await this.devices.forget(id);
  }

  private deviceCookie(): string {
    return `${cookieName(this.config.kennel)}_device`;
  }

  private deviceSecret(request: Request): string | undefined {
    return (request.cookies as Record<string, string | undefined>)[this.deviceCookie()];
  }

  /** Over TLS only, wherever people reach the server by it. */
  private cookieOptions(request: Request): CookieOptions {
    const secure = this.config.isPublicSecure ?? request.secure;
    return { httpOnly: true, sameSite: 'strict', path: '/', secure };
  }

  private async answer(opened: OpenedSession, request: Request, response: Response): Promise<SessionDto> {
    response.cookie(cookieName(this.config.kennel), opened.token, this.cookieOptions(request));
    return this.describe(opened.signedIn);
  }

  private async describe(me: SignedIn): Promise<SessionDto> {
    const settings = await this.knex('settings').first('name');
    return {
      personId: me.personId,
      name: me.name,
      role: me.role,
      csrf: me.csrf,
      mustChange: me.mustChange,
      head: await this.events.head(),
      kennel: settings?.name ?? '',
      now: new Date(this.clock.nowMs()).toISOString(),
      demoClock: this.config.isDemoClock,
    };
  }
}

function nameOf(typed: string): string {
  return typed.trim().toLowerCase();
}
