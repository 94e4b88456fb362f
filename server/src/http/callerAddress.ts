/*
 * Where a request comes from. What a proxy says is believed only where it is an address: a header of two hundred letters is
 * none, and nothing must be counted by it.
 */
import { isIP } from 'node:net';
import type { Request } from 'express';

/** The caller's IP address, at most 45 characters; the connection's own where the proxy's word is none. */
export function callerAddress(request: Request): string {
  const said = request.ip ?? '';
  if (isIP(said) !== 0) return said;
  return request.socket.remoteAddress ?? '';
}
