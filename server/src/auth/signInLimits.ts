/*
 * How often somebody may try a secret. Every try is counted in the database before the secret is tested, in one statement
 * that locks the counter's row, so that two hundred tries at once are two hundred counts, on however many servers.
 *
 * An address from which a person has signed in before counts for that person alone: forty wrong names from the kennel's own
 * network do not lock the crew out, and nobody elsewhere can lock out a person who signs in at home.
 */
import { Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import type { Logger } from 'pino';
import { Clock } from '../clock.js';
import { Problem } from '../problem/problem.js';
import { KNEX, LOGGER } from '../tokens.js';

const MINUTE_MS = 60_000;
const DAY_MS = 24 * 60 * MINUTE_MS;
/** An address that nobody signed in from for so long is a strange one again. */
const KNOWN_MS = 90 * DAY_MS;

interface Limit {
  readonly key: string;
  readonly tries: number;
  readonly windowMs: number;
}

/** Tries by name, by person at an address that is known, and by address (engineering defaults). */
const TRIES = 8;
const TRIES_OF_ADDRESS = 40;
const WINDOW_MS = 10 * MINUTE_MS;
/** Four digits are soon guessed at eight tries in ten minutes: a day allows few (engineering default). */
const PINS_A_DAY = 30;

/** Tries that were counted; a try that was right is taken back. */
export interface Reserved {
  readonly keys: readonly string[];
}

/** Slows down wrong passwords and PINs, by address and by name. */
@Injectable()
export class SignInLimits {
  constructor(
    @Inject(KNEX) private readonly knex: Knex,
    private readonly clock: Clock,
    @Inject(LOGGER) private readonly logger: Logger,
  ) {}

  /** Counts a try to sign in by a name. @throws Problem `tooManyAttempts` when there were too many */
  async reserveSignIn(signIn: string, address: string, what: 'password' | 'pin'): Promise<Reserved> {
    const usual = { tries: TRIES, windowMs: WINDOW_MS };
    const limits: Limit[] = (await this.isKnown(signIn, address))
      ? [{ key: `at ${address} ${signIn}`, ...usual }]
      : [
          { key: `name ${signIn}`, ...usual },
          { key: `address ${address}`, tries: TRIES_OF_ADDRESS, windowMs: WINDOW_MS },
        ];
    if (what === 'pin') limits.push({ key: `pin ${signIn}`, tries: PINS_A_DAY, windowMs: DAY_MS });
    return this.reserve(limits);
  }

  /** Counts a try of a link. */
  async reserveLink(address: string): Promise<Reserved> {
    return this.reserve([{ key: `link ${address}`, tries: TRIES_OF_ADDRESS, windowMs: WINDOW_MS }]);
  }

  /** Counts a try of the present password by somebody who is signed in. */
  async reservePassword(personId: string): Promise<Reserved> {
    return this.reserve([{ key: `own ${personId}`, tries: TRIES, windowMs: WINDOW_MS }]);
  }

  /** Takes a try back that was right. The name starts afresh; the address gets its one try back. */
  async release({ keys }: Reserved): Promise<void> {
    for (const key of keys) {
      if (key.startsWith('address ') || key.startsWith('link '))
        await this.knex('sign_in_limits').where({ limit_key: key }).where('tries', '>', 0).decrement('tries', 1);
      else await this.knex('sign_in_limits').where({ limit_key: key }).delete();
    }
  }

  /** Remembers that a person has signed in from an address. */
  async remember(personId: string, address: string): Promise<void> {
    const seenAt = new Date(this.clock.nowMs());
    await this.knex('sign_in_addresses')
      .insert({ person_id: personId, address, seen_at: seenAt })
      .onConflict(['person_id', 'address'])
      .merge(['seen_at']);
  }

  private async isKnown(signIn: string, address: string): Promise<boolean> {
    const row = await this.knex('sign_in_addresses')
      .join('people', 'people.id', 'sign_in_addresses.person_id')
      .where({ sign_in: signIn, address })
      .where('seen_at', '>', new Date(this.clock.nowMs() - KNOWN_MS))
      .first('address');
    return row !== undefined;
  }

  private async reserve(limits: readonly Limit[]): Promise<Reserved> {
    const nowMs = this.clock.nowMs();
    await this.knex('sign_in_limits')
      .where('since', '<', new Date(nowMs - DAY_MS))
      .delete();
    for (const { key, tries, windowMs } of limits) {
      if ((await this.countUp(key, nowMs, windowMs)) <= tries) continue;
      this.logger.info({ limit: key.split(' ')[0] }, 'sign-in refused: too many tries');
      throw new Problem(
        'tooManyAttempts',
        key.startsWith('pin ')
          ? 'Too many wrong PINs for this name today. Sign in with the password.'
          : 'Too many wrong tries. Nothing was changed. Wait ten minutes and try again.',
      );
    }
    return { keys: limits.map((l) => l.key) };
  }

  /** Counts one more, from one where the window is over; answers the count. */
  private async countUp(key: string, nowMs: number, windowMs: number): Promise<number> {
    const now = new Date(nowMs);
    const start = new Date(nowMs - windowMs);
    return this.knex.transaction(async (trx) => {
      // MariaDB evaluates from left to right: `tries` looks at `since` as it was.
      await trx.raw(
        `insert into sign_in_limits (limit_key, since, tries) values (?, ?, 1)
         on duplicate key update tries = if(since < ?, 1, tries + 1), since = if(since < ?, ?, since)`,
        [key, now, start, start, now],
      );
      const row = await trx('sign_in_limits').where({ limit_key: key }).first('tries');
      return row?.tries ?? 1;
    });
  }
}
