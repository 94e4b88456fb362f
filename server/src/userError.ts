/*
 * Faults of a command line: told line by line, without a trace.
 */
import { ConfigError } from './config.js';

/** A failure that the one who gave the command can mend; its message is shown as it is. */
export class UserError extends Error {
  constructor(readonly lines: readonly string[]) {
    super(lines.join('\n'));
  }
}

/** Runs a command; what its user can mend is told in words, with exit code 2. */
export async function runCommand(command: () => Promise<void>): Promise<void> {
  try {
    await command();
  } catch (error) {
    if (!(error instanceof UserError) && !(error instanceof ConfigError)) throw error;
    for (const line of error.lines) console.error(line);
    process.exitCode = 2;
  }
}
