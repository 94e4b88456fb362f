/*
 * Shared devices that a lead has trusted: people sign in on them by a short PIN. The device keeps a secret in a cookie; what
 * is kept here is its hash.
 */
import { Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import { Clock } from '../clock.js';
import type { TrustedDevicesRow } from '../db/tables.gen.js';
import { Problem } from '../problem/problem.js';
import { KNEX } from '../tokens.js';
import type { DeviceLineDto, ThisDeviceDto } from './dto.js';
import { newSecret, sha256 } from './secrets.js';
import type { SignedIn } from './session.js';

type DeviceRow = Pick<TrustedDevicesRow, 'id' | 'name' | 'made_at'>;

/** Trusted tablets, on which people sign in by PIN. */
@Injectable()
export class DeviceService {
  constructor(
    @Inject(KNEX) private readonly knex: Knex,
    private readonly clock: Clock,
  ) {}

  /** Trusts the device that asks; the secret is for its cookie. The same command again trusts it once, with a new secret. */
  async trust(me: SignedIn, commandId: string, name: string): Promise<string> {
    const secret = newSecret();
    const known = await this.knex('trusted_devices').where({ id: commandId }).first('made_by', 'name');
    if (known !== undefined && (known.made_by !== me.personId || known.name !== name))
      throw new Problem('badInput', 'Nothing was changed: this command was used for something else.');
    await this.knex('trusted_devices')
      .insert({
        id: commandId,
        token_hash: sha256(secret),
        name,
        made_by: me.personId,
        made_at: new Date(this.clock.nowMs()),
      })
      .onConflict('id')
      .merge(['token_hash']);
    return secret;
  }

  async list(): Promise<DeviceLineDto[]> {
    const rows = await this.knex('trusted_devices').orderBy('made_at').select('id', 'name', 'made_at');
    return rows.map((r) => ({ id: r.id, name: r.name, madeAt: r.made_at.toISOString() }));
  }

  async forget(id: string): Promise<void> {
    if ((await this.knex('trusted_devices').where({ id }).delete()) === 0)
      throw new Problem('notFound', 'That device is not trusted any more.');
  }

  /** Names that a device may show: people with a PIN, and nobody where it is not trusted. */
  async about(secret: string | undefined): Promise<ThisDeviceDto> {
    const device = await this.find(secret);
    if (device === null) return { trusted: false, people: [] };
    const people = await this.knex('people')
      .join('accounts', 'accounts.person_id', 'people.id')
      .whereNotNull('pin_hash')
      .orderBy('name')
      .select('sign_in', 'name');
    return { trusted: true, name: device.name, people: people.map((p) => ({ signIn: p.sign_in, name: p.name })) };
  }

  async mustBeTrusted(secret: string | undefined): Promise<void> {
    if ((await this.find(secret)) === null)
      throw new Problem('notAllowed', 'This device is not trusted for PINs. Sign in with your password.');
  }

  private async find(secret: string | undefined): Promise<DeviceRow | null> {
    if (secret === undefined) return null;
    return (
      (await this.knex('trusted_devices')
        .where({ token_hash: sha256(secret) })
        .first('id', 'name', 'made_at')) ?? null
    );
  }
}
