/*
 * Passwords, sign-in and sessions. Passwords are kept as argon2id hashes, session tokens only as SHA-256; attempts are
 * counted in the database, so that a second server counts them too.
 */
import { createHash, randomBytes } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';
import { Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import type { PersonId, Role } from '@loyal-mane/core';
import { Clock } from '../clock.js';
import { Problem } from '../problem/problem.js';
import { KNEX } from '../tokens.js';
import type { SignedIn } from './session.js';

const SESSION_MS = 14 * 24 * 3_600_000;
const ATTEMPTS = 8;
const ATTEMPTS_MS = 10 * 60_000;
export const LEAST_PASSWORD = 10;

interface AccountRow {
  readonly person_id: PersonId;
  readonly name: string;
  readonly role: Role;
  readonly password_hash: string;
  readonly must_change: number;
}

export interface OpenedSession {
  readonly token: string;
  readonly signedIn: SignedIn;
}

function sha256(text: string): string {
  return createHash('sha256').update(text).digest('hex');
}

/** A password that is easy to read out: four groups of four small letters and digits, about 80 bits. */
export function oneTimePassword(): string {
  const alphabet = 'abcdefghjkmnpqrstuvwxyz23456789';
  const letters = Array.from(randomBytes(16), (b) => alphabet[b % alphabet.length] ?? 'a').join('');
  return letters.replace(/(.{4})(?=.)/g, '$1-');
}

@Injectable()
export class AccountService {
  constructor(
    @Inject(KNEX) private readonly knex: Knex,
    private readonly clock: Clock,
  ) {}

  /** Sets a person's password; `mustChange` for one-time passwords. Ends the person's sessions. */
  async setPassword(trx: Knex, personId: string, password: string, mustChange: boolean): Promise<void> {
    const row = { person_id: personId, password_hash: await hash(password), must_change: mustChange };
    await trx('accounts').insert(row).onConflict('person_id').merge();
    await trx('sign_in_sessions').where({ person_id: personId }).delete();
  }

  /** Checks name and password and opens a session. */
  async signIn(signIn: string, password: string): Promise<OpenedSession> {
    const now = this.clock.nowMs();
    await this.throttle(signIn, now);
    const row = await this.knex('people')
      .join('accounts', 'accounts.person_id', 'people.id')
      .where({ sign_in: signIn })
      .first<AccountRow | undefined>('person_id', 'name', 'role', 'password_hash', 'must_change');
    // A name that nobody has costs as much time as a wrong password.
    const good = row === undefined ? (await hash(password), false) : await verify(row.password_hash, password);
    if (row === undefined || !good) {
      await this.knex('sign_in_attempts').insert({ sign_in: signIn, at: new Date(now) });
      throw new Problem('wrongPassword', 'Check the name and the password and try again.');
    }
    await this.knex('sign_in_attempts').where({ sign_in: signIn }).delete();
    return this.open(row, now);
  }

  private async throttle(signIn: string, now: number): Promise<void> {
    const since = new Date(now - ATTEMPTS_MS);
    await this.knex('sign_in_attempts').where('at', '<', since).delete();
    const row = await this.knex('sign_in_attempts').where({ sign_in: signIn }).count<{ n: number }[]>({ n: '*' });
    if ((row[0]?.n ?? 0) >= ATTEMPTS) {
      throw new Problem('tooManyAttempts', 'Too many wrong passwords for this name. Wait ten minutes.');
    }
  }

  private async open(row: AccountRow, now: number): Promise<OpenedSession> {
    const token = randomBytes(32).toString('base64url');
    const csrf = randomBytes(32).toString('base64url');
    const tokenHash = sha256(token);
    await this.knex('sign_in_sessions').where('expires_at', '<', new Date(now)).delete();
    await this.knex('sign_in_sessions').insert({
      token_hash: tokenHash,
      person_id: row.person_id,
      csrf,
      expires_at: new Date(now + SESSION_MS),
    });
    const signedIn = {
      personId: row.person_id,
      name: row.name,
      role: row.role,
      csrf,
      mustChange: row.must_change === 1,
      tokenHash,
    };
    return { token, signedIn };
  }

  /** Who a session token belongs to, or null. */
  async whoHas(token: string): Promise<SignedIn | null> {
    const tokenHash = sha256(token);
    const row = await this.knex('sign_in_sessions')
      .join('people', 'people.id', 'sign_in_sessions.person_id')
      .join('accounts', 'accounts.person_id', 'people.id')
      .where({ token_hash: tokenHash })
      .where('expires_at', '>', new Date(this.clock.nowMs()))
      .first<{ id: PersonId; name: string; role: Role; csrf: string; must_change: number } | undefined>(
        'people.id',
        'people.name',
        'people.role',
        'csrf',
        'must_change',
      );
    if (row === undefined) return null;
    return {
      personId: row.id,
      name: row.name,
      role: row.role,
      csrf: row.csrf,
      mustChange: row.must_change === 1,
      tokenHash,
    };
  }

  async signOut(tokenHash: string): Promise<void> {
    await this.knex('sign_in_sessions').where({ token_hash: tokenHash }).delete();
  }

  /** A new password of one's own; the old one must be given. */
  async changePassword(me: SignedIn, old: string, fresh: string): Promise<OpenedSession> {
    const row = await this.knex('accounts')
      .where({ person_id: me.personId })
      .first<{ password_hash: string } | undefined>('password_hash');
    if (row === undefined || !(await verify(row.password_hash, old))) {
      throw new Problem('wrongPassword', 'The present password is not right. Nothing was changed.');
    }
    await this.knex.transaction((trx) => this.setPassword(trx, me.personId, fresh, false));
    const account = { person_id: me.personId, name: me.name, role: me.role, password_hash: '', must_change: 0 };
    return this.open(account, this.clock.nowMs());
  }
}
