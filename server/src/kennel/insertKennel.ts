/*
 * A kennel's first minute: its rows, its accounts and its first published plan, in one transaction.
 */
import { comparePlans } from '@loyal-mane/core';
import type { KennelFile, Plan } from '@loyal-mane/core';
import type { Knex } from 'knex';
import { setPassword } from '../auth/passwords.js';
import type { Clock } from '../clock.js';
import { PlanRepository } from '../plan/planRepository.js';
import { readyDogs } from '../workers/protocol.js';
import { KennelRepository } from './kennelRepository.js';

/** The demo's sign-ins are public: it holds invented dogs only. */
export const DEMO_PASSWORD = 'wrenfold-demo';

/** Puts a kennel with its first published plan into an empty database, all or nothing. */
export async function insertKennel(
  knex: Knex,
  clock: Clock,
  kennel: KennelFile,
  plan: Plan,
  passwordOf: (role: string) => { password: string; mustChange: boolean } | null,
): Promise<Map<string, string>> {
  const given = new Map<string, string>();
  await knex.transaction(async (trx) => {
    await new KennelRepository(knex).write(trx, kennel, new Date(clock.nowMs()));
    for (const person of kennel.people) {
      const chosen = passwordOf(person.role);
      if (chosen === null) continue;
      await setPassword(trx, person.id, chosen.password, chosen.mustChange);
      given.set(person.signIn, chosen.password);
    }
    const change = comparePlans(null, plan);
    const summary = {
      ...readyDogs(plan, kennel),
      tasks: plan.activities.filter((a) => a.state === 'planned').length,
      moved: 0,
      added: change.added.length,
      removed: 0,
    };
    const answer = { body: JSON.stringify(plan), inputHash: plan.inputHash, summary };
    await new PlanRepository(knex).store(trx, answer, 'published', null, new Date(clock.nowMs()));
  });
  return given;
}
