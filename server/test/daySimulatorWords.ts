/* A command that went wrong in a simulated day, for whoever reads the failure. */
import type { Response } from 'supertest';

export function inWords(path: string, body: object, answer: Response): string {
  return `${path} ${JSON.stringify(body)}: ${String(answer.status)} ${JSON.stringify(answer.body)}`;
}
