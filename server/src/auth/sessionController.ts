import { Body, Controller, Delete, Get, HttpCode, Inject, Post, Res } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import type { Knex } from 'knex';
import { Clock } from '../clock.js';
import type { Config } from '../config.js';
import { CONFIG, KNEX } from '../tokens.js';
import type { OpenedSession } from './accountService.js';
import { AccountService } from './accountService.js';
import { ChangePasswordDto, SessionDto, SignInDto } from './dto.js';
import { Me } from './session.js';
import type { SignedIn } from './session.js';
import { cookieName } from './sessionMiddleware.js';

@ApiTags('session')
@Controller('api/session')
export class SessionController {
  constructor(
    private readonly accounts: AccountService,
    private readonly clock: Clock,
    @Inject(CONFIG) private readonly config: Config,
    @Inject(KNEX) private readonly knex: Knex,
  ) {}

  @Post()
  @HttpCode(200)
  @ApiOkResponse({ type: SessionDto })
  async signIn(@Body() body: SignInDto, @Res({ passthrough: true }) response: Response): Promise<SessionDto> {
    return this.answer(await this.accounts.signIn(body.signIn.trim().toLowerCase(), body.password), response);
  }

  @Get()
  @ApiOkResponse({ type: SessionDto })
  async read(@Me() me: SignedIn): Promise<SessionDto> {
    return this.describe(me);
  }

  @Delete()
  @HttpCode(204)
  async signOut(@Me() me: SignedIn, @Res({ passthrough: true }) response: Response): Promise<void> {
    await this.accounts.signOut(me.tokenHash);
    response.clearCookie(cookieName(this.config.kennel));
  }

  @Post('password')
  @HttpCode(200)
  @ApiOkResponse({ type: SessionDto })
  async changePassword(
    @Me() me: SignedIn,
    @Body() body: ChangePasswordDto,
    @Res({ passthrough: true }) response: Response,
  ): Promise<SessionDto> {
    return this.answer(await this.accounts.changePassword(me, body.old, body.fresh), response);
  }

  private async answer(opened: OpenedSession, response: Response): Promise<SessionDto> {
    response.cookie(cookieName(this.config.kennel), opened.token, { httpOnly: true, sameSite: 'strict', path: '/' });
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
      kennel: settings?.name ?? '',
      now: new Date(this.clock.nowMs()).toISOString(),
    };
  }
}
