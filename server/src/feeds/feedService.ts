/*
 * Calendars that phones subscribe to: one for a person or a dog, at a secret address that can be revoked. The secret is
 * shown once; its hash is kept.
 */
import { Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import { planCalendar } from '@loyal-mane/library/calendar';
import { newSecret, sha256 } from '../auth/secrets.js';
import type { SignedIn } from '../auth/session.js';
import { Clock } from '../clock.js';
import { KennelRepository } from '../kennel/kennelRepository.js';
import { PlanInForce } from '../plan/planInForce.js';
import { Problem } from '../problem/problem.js';
import { KNEX } from '../tokens.js';
import type { FeedLineDto, NewFeedDto } from './dto.js';

/** Makes, reads and revokes calendar addresses. */
@Injectable()
export class FeedService {
  constructor(
    @Inject(KNEX) private readonly knex: Knex,
    private readonly kennels: KennelRepository,
    private readonly plans: PlanInForce,
    private readonly clock: Clock,
  ) {}

  /**
   * A new address. Leads may make any; others only their own. The same command again gives the same calendar another
   * secret: the first one's answer was lost, and nobody knows it.
   */
  async make(me: SignedIn, { commandId, of, id }: NewFeedDto): Promise<string> {
    if (me.role !== 'lead' && !(of === 'person' && id === me.personId))
      throw new Problem('notAllowed', 'You can have a calendar of your own work; a lead makes the others.');
    const there = await this.knex(of === 'person' ? 'people' : 'dogs')
      .where({ id })
      .first('id');
    if (there === undefined) throw new Problem('notFound', 'There is nobody with this id.');
    const secret = newSecret();
    const own = { of, subject_id: id, made_by: me.personId };
    const known = await this.knex('calendar_feeds').where({ id: commandId }).first();
    // A new secret for a calendar is only for whoever made that calendar.
    if (known !== undefined && (known.of !== of || known.subject_id !== id || known.made_by !== me.personId))
      throw new Problem('badInput', 'Nothing was made: this command was used for something else.');
    const row = { id: commandId, token_hash: sha256(secret), ...own };
    await this.knex('calendar_feeds')
      .insert({ ...row, made_at: new Date(this.clock.nowMs()) })
      .onConflict('id')
      .merge(['token_hash']);
    return `/calendar/${secret}.ics`;
  }

  async list(me: SignedIn): Promise<FeedLineDto[]> {
    const query = this.knex('calendar_feeds').orderBy('made_at');
    if (me.role !== 'lead') void query.where({ of: 'person', subject_id: me.personId });
    const rows = await query.select('id', 'of', 'subject_id', 'made_by', 'made_at');
    return rows.map((r) => ({
      id: r.id,
      of: r.of as FeedLineDto['of'],
      subjectId: r.subject_id,
      madeAt: r.made_at.toISOString(),
    }));
  }

  async revoke(me: SignedIn, id: string): Promise<void> {
    const own = me.role === 'lead' ? { id } : { id, of: 'person', subject_id: me.personId };
    if ((await this.knex('calendar_feeds').where(own).delete()) === 0)
      throw new Problem('notFound', 'That address is revoked already.');
  }

  /** The calendar of a secret address, from the published plan. */
  async read(secret: string): Promise<string> {
    // An address lives as long as the sign-in of whoever made it.
    const feed = await this.knex('calendar_feeds')
      .join('accounts', 'accounts.person_id', 'calendar_feeds.made_by')
      .where({ token_hash: sha256(secret) })
      .first('of', 'subject_id');
    if (feed === undefined) throw new Problem('notFound', 'There is no calendar at this address.');
    const [kennel, published] = await Promise.all([this.kennels.readWithoutWork(), this.plans.read()]);
    if (published === null) throw new Problem('notFound', 'No plan is published yet.');
    return planCalendar(kennel, published.plan, { of: feed.of === 'dog' ? 'dog' : 'person', id: feed.subject_id });
  }
}
