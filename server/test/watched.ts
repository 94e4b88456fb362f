/*
 * A server whose every answer is held against the API's document, whoever asked and however.
 */
import type { IncomingMessage, Server, ServerResponse } from 'node:http';
import { Contract } from '../../scripts/contract.mjs';

let contract: Contract | null = null;
const theContract = (): Contract => (contract ??= new Contract());

/** Answers that are not as the document says, so far. */
export interface Watched {
  readonly troubles: readonly string[];
  readonly checked: () => number;
}

/** Watches a server from now on; streams are left to the tests that read them. */
export function watched(server: Server): Watched {
  const troubles: string[] = [];
  let checked = 0;
  server.prependListener('request', (request: IncomingMessage, response: ServerResponse) => {
    const parts: Buffer[] = [];
    const keep = (chunk: unknown): void => {
      if (typeof chunk === 'string' || chunk instanceof Uint8Array) parts.push(Buffer.from(chunk));
    };
    const url = request.url ?? '';
    const write = response.write.bind(response) as (...all: unknown[]) => boolean;
    const end = response.end.bind(response) as (...all: unknown[]) => ServerResponse;
    response.write = (...all: unknown[]) => {
      keep(all[0]);
      return write(...all);
    };
    response.end = (...all: unknown[]) => {
      keep(all[0]);
      return end(...all);
    };
    response.on('finish', () => {
      const trouble = theContract().troubleOf({
        method: request.method === 'HEAD' ? 'GET' : (request.method ?? ''),
        path: url.split('?')[0] ?? '',
        status: response.statusCode,
        contentType: String(response.getHeader('content-type') ?? ''),
        body: Buffer.concat(parts).toString('utf8'),
      });
      checked++;
      if (trouble !== null) troubles.push(trouble);
    });
  });
  return { troubles, checked: () => checked };
}

/** Says how a value differs from a component of the document, or null. */
export const componentTrouble = (name: string, value: unknown): string | null =>
  theContract().componentTrouble(name, value);
