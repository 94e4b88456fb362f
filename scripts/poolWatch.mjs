/*
 * Loaded before the server (`node --import`) by benches: measures how long each use of the database waited for a connection.
 * POOL_WATCH names the file that the waits, in milliseconds, are written to at SIGWINCH, when they start afresh (a signal that ends nothing).
 */
import { writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { fileURLToPath } from 'node:url';
import { isMainThread } from 'node:worker_threads';

const file = process.env.POOL_WATCH;
if (isMainThread && file !== undefined) {
  const server = createRequire(fileURLToPath(new URL('../server/package.json', import.meta.url)));
  const { Pool } = createRequire(server.resolve('knex'))('tarn');
  const acquire = Pool.prototype.acquire;
  let waits = [];
  let failed = 0;
  Pool.prototype.acquire = function watched(...args) {
    const began = performance.now();
    const pending = acquire.apply(this, args);
    pending.promise.then(
      () => waits.push(performance.now() - began),
      () => failed++,
    );
    return pending;
  };
  process.on('SIGWINCH', () => {
    writeFileSync(file, JSON.stringify({ waits, failed }));
    waits = [];
    failed = 0;
  });
}
