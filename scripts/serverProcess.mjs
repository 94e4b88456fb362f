/* The server as a process of its own, for benches that must not share a thread with it. */
import { spawn } from 'node:child_process';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

const root = fileURLToPath(new URL('..', import.meta.url));
const PATIENCE_MS = 60_000;

export const pause = (ms) => new Promise((done) => setTimeout(done, ms));

/** Asks until the answer is yes; throws when it does not come. */
export async function until(what, ask) {
  const late = Date.now() + PATIENCE_MS;
  for (;;) {
    try {
      if (await ask()) return;
    } catch {
      // Not yet.
    }
    if (Date.now() > late) throw new Error(`${what}: not within ${PATIENCE_MS / 1000} s`);
    await pause(50);
  }
}

/** Starts the server; `env` has DATABASE_URL, KENNEL, HOST and PORT. */
export function spawnServer(env) {
  return spawn(process.execPath, [path.join(root, 'server/dist/main.js')], { env, stdio: 'ignore' });
}

export const isUp = (base) => until('the server is up', async () => (await fetch(`${base}/api/health/ready`)).ok);
