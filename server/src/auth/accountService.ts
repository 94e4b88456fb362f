/*
 * Passwords, sign-in and sessions. Passwords are kept as argon2id hashes, session tokens only as SHA-256; every try is
 * counted before it is tested (see `SignInLimits`).
 */
import { hash, verify } from '@node-rs/argon2';
import { Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import type { Logger } from 'pino';
import { v7 } from 'uuid';
import type { PersonId, Role } from '@loyal-mane/core';
import { Clock } from '../clock.js';
import { Problem } from '../problem/problem.js';
import { KNEX, LOGGER } from '../tokens.js';
import { setPassword } from './passwords.js';
import { newSecret, sha256 } from './secrets.js';
import type { SignedIn } from './session.js';
import { SignInLimits } from './signInLimits.js';

const SESSION_MS = 14 * 24 * 3_600_000;
const LINK_MS = 3 * 24 * 3_600_000;
const DEVICE_CHARS = 120;
/** Letters that a password has at least. */
export const LEAST_PASSWORD = 10;

interface AccountRow {
  readonly person_id: PersonId;
  readonly name: string;
  readonly role: Role;
  readonly owner_id: string | null;
  readonly password_hash: string;
  readonly must_change: number;
}

/** Where a request comes from: its address, and what its browser calls itself. */
export interface Caller {
  readonly address: string;
  readonly device: string;
}

/** A sign-in as its owner sees it. */
export interface SessionLine {
  readonly id: string;
  readonly madeAt: string | null;
  readonly device: string;
  readonly isThis: boolean;
}

/** A new sign-in: its secret for the cookie, and what the page is told. */
export interface OpenedSession {
  readonly token: string;
  readonly signedIn: SignedIn;
}

/** Passwords, welcome links and sign-ins. */
@Injectable()
export class AccountService {
  constructor(
    @Inject(KNEX) private readonly knex: Knex,
    private readonly clock: Clock,
    private readonly limits: SignInLimits,
    @Inject(LOGGER) private readonly logger: Logger,
  ) {}

  /** Checks name and password and opens a session. */
  async signIn(signIn: string, password: string, caller: Caller): Promise<OpenedSession> {
    return this.signInWith('password_hash', signIn, password, caller);
  }

  /** Checks name and PIN on a trusted device and opens a session. */
  async signInByPin(signIn: string, pin: string, caller: Caller): Promise<OpenedSession> {
    return this.signInWith('pin_hash', signIn, pin, caller);
  }

  private async signInWith(
    column: 'password_hash' | 'pin_hash',
    signIn: string,
    secret: string,
    caller: Caller,
  ): Promise<OpenedSession> {
    const reserved = await this.limits.reserveSignIn(
      signIn,
      caller.address,
      column === 'pin_hash' ? 'pin' : 'password',
    );
    const row = await this.knex('people')
      .join('accounts', 'accounts.person_id', 'people.id')
      .where({ sign_in: signIn })
      .first<(AccountRow & { pin_hash: string | null }) | undefined>(
        'person_id',
        'name',
        'role',
        'owner_id',
        'password_hash',
        'pin_hash',
        'must_change',
      );
    const kept = row?.[column] ?? null;
    // A name that nobody has costs as much time as a wrong password.
    const good = kept === null ? (await hash(secret), false) : await verify(kept, secret);
    if (row === undefined || !good) {
      this.logger.info({ by: column === 'pin_hash' ? 'pin' : 'password' }, 'sign-in refused');
      throw column === 'pin_hash'
        ? new Problem('wrongPin', 'Check the name and the PIN and try again.')
        : new Problem('wrongPassword', 'Check the name and the password and try again.');
    }
    await this.limits.release(reserved);
    return this.open(row, caller);
  }

  private async open(row: AccountRow, caller: Caller): Promise<OpenedSession> {
    const now = this.clock.nowMs();
    const token = newSecret();
    const csrf = newSecret();
    const tokenHash = sha256(token);
    await this.knex('sign_in_sessions').where('expires_at', '<', new Date(now)).delete();
    await this.knex('sign_in_sessions').insert({
      token_hash: tokenHash,
      id: v7(),
      person_id: row.person_id,
      csrf,
      device: caller.device.slice(0, DEVICE_CHARS),
      made_at: new Date(now),
      expires_at: new Date(now + SESSION_MS),
    });
    await this.limits.remember(row.person_id, caller.address);
    this.logger.info({ personId: row.person_id }, 'signed in');
    const signedIn = {
      personId: row.person_id,
      name: row.name,
      role: row.role,
      ownerId: row.owner_id,
      csrf,
      mustChange: row.must_change === 1,
      tokenHash,
    };
    return { token, signedIn };
  }

  /** A link with which a person chooses a first password, once, within three days. Earlier ones end. */
  async newLink(trx: Knex, personId: string): Promise<string> {
    const token = newSecret();
    await trx('welcome_links').where({ person_id: personId }).delete();
    await trx('welcome_links').insert({
      token_hash: sha256(token),
      person_id: personId,
      expires_at: new Date(this.clock.nowMs() + LINK_MS),
    });
    return token;
  }

  /** Uses a link up: the person has the password from now on, and is signed in. */
  async useLink(token: string, password: string, caller: Caller): Promise<OpenedSession> {
    const now = this.clock.nowMs();
    const reserved = await this.limits.reserveLink(caller.address);
    const account = await this.knex.transaction(async (trx) => {
      const link = await trx('welcome_links')
        .where({ token_hash: sha256(token) })
        .where('expires_at', '>', new Date(now))
        .forUpdate()
        .first<{ person_id: string } | undefined>('person_id');
      if (link === undefined) throw new Problem('linkOver', 'It was used already, or is too old. Ask for a new one.');
      await trx('welcome_links').where({ person_id: link.person_id }).delete();
      await setPassword(trx, link.person_id, password, false);
      return trx('people')
        .join('accounts', 'accounts.person_id', 'people.id')
        .where({ person_id: link.person_id })
        .first<AccountRow>('person_id', 'name', 'role', 'owner_id', 'password_hash', 'must_change');
    });
    await this.limits.release(reserved);
    return this.open(account, caller);
  }

  /** The person's open sessions, newest first. */
  async sessionsOf(me: SignedIn): Promise<SessionLine[]> {
    const rows = await this.knex('sign_in_sessions')
      .where({ person_id: me.personId })
      .where('expires_at', '>', new Date(this.clock.nowMs()))
      .whereNotNull('id')
      .orderBy('made_at', 'desc')
      .select<{ id: string; made_at: Date | null; device: string | null; token_hash: string }[]>(
        'id',
        'made_at',
        'device',
        'token_hash',
      );
    return rows.map((r) => ({
      id: r.id,
      madeAt: r.made_at?.toISOString() ?? null,
      device: r.device ?? '',
      isThis: r.token_hash === me.tokenHash,
    }));
  }

  /** Ends one of the person's own sessions. */
  async endSession(me: SignedIn, id: string): Promise<void> {
    const ended = await this.knex('sign_in_sessions').where({ person_id: me.personId, id }).delete();
    if (ended === 0) throw new Problem('notFound', 'That session has ended already.');
  }

  /** Ends every session of the person but the one that asks. */
  async endOthers(me: SignedIn): Promise<void> {
    await this.knex('sign_in_sessions')
      .where({ person_id: me.personId })
      .whereNot({ token_hash: me.tokenHash })
      .delete();
  }

  /** Sets the PIN for trusted devices; the password must be given. */
  async setPin(me: SignedIn, password: string, pin: string): Promise<void> {
    await this.mustKnow(me, password);
    await this.knex('accounts')
      .where({ person_id: me.personId })
      .update({ pin_hash: await hash(pin) });
  }

  private async mustKnow(me: SignedIn, password: string): Promise<void> {
    const reserved = await this.limits.reservePassword(me.personId);
    const row = await this.knex('accounts').where({ person_id: me.personId }).first('password_hash');
    if (row === undefined || !(await verify(row.password_hash, password)))
      throw new Problem('wrongPresentPassword', 'Nothing was changed.');
    await this.limits.release(reserved);
  }

  /** Who a session token belongs to, or null. */
  async whoHas(token: string): Promise<SignedIn | null> {
    const tokenHash = sha256(token);
    const row = await this.knex('sign_in_sessions')
      .join('people', 'people.id', 'sign_in_sessions.person_id')
      .join('accounts', 'accounts.person_id', 'people.id')
      .where({ token_hash: tokenHash })
      .where('expires_at', '>', new Date(this.clock.nowMs()))
      .first<
        | { id: PersonId; name: string; role: Role; owner_id: string | null; csrf: string; must_change: number }
        | undefined
      >('people.id', 'people.name', 'people.role', 'people.owner_id', 'csrf', 'must_change');
    if (row === undefined) return null;
    return {
      personId: row.id,
      name: row.name,
      role: row.role,
      ownerId: row.owner_id,
      csrf: row.csrf,
      mustChange: row.must_change === 1,
      tokenHash,
    };
  }

  async signOut(tokenHash: string): Promise<void> {
    await this.knex('sign_in_sessions').where({ token_hash: tokenHash }).delete();
  }

  /** A new password of one's own; the old one must be given. Every other session ends, and the PIN with them. */
  async changePassword(me: SignedIn, old: string, fresh: string, caller: Caller): Promise<OpenedSession> {
    await this.mustKnow(me, old);
    await this.knex.transaction((trx) => setPassword(trx, me.personId, fresh, false));
    const { personId, name, role, ownerId } = me;
    const account = { person_id: personId, name, role, owner_id: ownerId, password_hash: '', must_change: 0 };
    return this.open(account, caller);
  }
}
