/*
 * Setting passwords: kept as argon2id hashes.
 */
import { randomBytes } from 'node:crypto';
import { hash } from '@node-rs/argon2';
import type { Knex } from 'knex';

/**
 * Sets a person's password; `mustChange` for one-time passwords. Ends the person's sessions, and the PIN with them: who
 * changes a password because somebody has seen it must not leave a second way in.
 */
export async function setPassword(trx: Knex, personId: string, password: string, mustChange: boolean): Promise<void> {
  const secrets = { password_hash: await hash(password), must_change: mustChange, pin_hash: null };
  await trx('accounts')
    .insert({ person_id: personId, ...secrets })
    .onConflict('person_id')
    .merge();
  await trx('sign_in_sessions').where({ person_id: personId }).delete();
}

/** A password that is easy to read out: four groups of four small letters and digits, about 80 bits. */
export function oneTimePassword(): string {
  const alphabet = 'abcdefghjkmnpqrstuvwxyz23456789';
  const letters = Array.from(randomBytes(16), (b) => alphabet[b % alphabet.length] ?? 'a').join('');
  return letters.replace(/(.{4})(?=.)/g, '$1-');
}
