/*
 * Random secrets and what is kept of them: never the secret itself, only its SHA-256.
 */
import { createHash, randomBytes } from 'node:crypto';

/** 256 random bits, fit for an address or a cookie. */
export function newSecret(): string {
  return randomBytes(32).toString('base64url');
}

/** SHA-256 of a text, as hex (FIPS 180-4, by node:crypto). */
export function sha256(text: string): string {
  return createHash('sha256').update(text).digest('hex');
}
