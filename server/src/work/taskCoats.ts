/*
 * The effect of a finish on the dog's record, and its way back: marks in the coat that the step took off, products that went
 * into it.
 */
import { Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import { coatAfter, instantToMs, localDayOf, withUses, withoutUses } from '@loyal-mane/core';
import type { CoatMarks, DogId, KennelDog, MatPlace, ProductUse, StepId, WorkRecord } from '@loyal-mane/core';
import { fromJson } from '../db/rows.js';
import type { UsedProductDto } from './dto.js';
import { marksBack, takesMarks } from './foundMarks.js';
import type { GatedTask } from './taskGates.js';

/** The marks on which a step was finished, so that taking it back puts back what it took off. */
export interface MarksChange {
  readonly dogId: string;
  readonly before: CoatMarks;
  /** Mats that were said to be out; absent in records of before they were asked for. */
  readonly matsOut?: readonly MatPlace[];
}

/** Products that a finish wrote down, so that taking it back takes them off again. */
export interface UsesChange {
  readonly dogId: string;
  readonly used: readonly ProductUse[];
  readonly hadBuildUp: boolean;
}

/** Changes what is kept of a dog's coat when a task is finished, in the transaction of the finish. */
@Injectable()
export class TaskCoats {
  /** Marks of a coat after a finished step; null where the step changes none. */
  async mark(
    trx: Knex.Transaction,
    { dogId, step }: GatedTask,
    matsOut: readonly MatPlace[],
  ): Promise<MarksChange | null> {
    const before = await this.marksOf(trx, dogId);
    if (before === null || !takesMarks(step, before, matsOut)) return null;
    await this.setMarks(trx, dogId, coatAfter(step, before, matsOut));
    return { dogId, before, matsOut };
  }

  async putMarksBack(trx: Knex.Transaction, step: StepId, change: MarksChange): Promise<void> {
    const now = await this.marksOf(trx, change.dogId);
    if (now !== null) await this.setMarks(trx, change.dogId, marksBack(step, change, now));
  }

  /** Keeps with the dog which products went into its coat on the day of the finish; null where none did. */
  async noteUses(
    trx: Knex.Transaction,
    dogId: DogId,
    said: readonly UsedProductDto[],
    { finishedAt }: WorkRecord,
  ): Promise<UsesChange | null> {
    if (said.length === 0 || finishedAt === undefined) return null;
    const settings = await trx('settings').where({ id: 1 }).first('time_zone');
    const day = localDayOf(instantToMs(finishedAt), settings?.time_zone ?? 'UTC');
    const used = said.map(({ product, scope, zones }): ProductUse => ({
      ...{ day, product, scope },
      ...(zones === undefined || zones.length === 0 ? {} : { zones }),
    }));
    let hadBuildUp = false;
    await this.changeCoat(trx, dogId, (coat) => {
      hadBuildUp = coat.buildUp === true;
      return withUses(coat, used);
    });
    return { dogId, used, hadBuildUp };
  }

  takeUsesBack(trx: Knex.Transaction, { dogId, used, hadBuildUp }: UsesChange): Promise<void> {
    return this.changeCoat(trx, dogId, (coat) => withoutUses(coat, used, hadBuildUp));
  }

  /** The marks of a dog, its row locked; null when the dog is gone. */
  private async marksOf(trx: Knex.Transaction, dogId: string): Promise<CoatMarks | null> {
    const row = await trx('dogs').where({ id: dogId }).forUpdate().first('coat');
    if (row === undefined) return null;
    const { soiled, mats, unready } = fromJson(row.coat) as Partial<KennelDog>;
    return { soiled: soiled ?? [], mats: mats ?? [], unready: unready ?? [] };
  }

  private setMarks(trx: Knex.Transaction, dogId: string, marks: CoatMarks): Promise<void> {
    return this.changeCoat(trx, dogId, (coat) => ({ ...coat, ...marks }));
  }

  /** Changes what is kept of a dog's coat, its row locked; nothing where the dog is gone. */
  private async changeCoat(
    trx: Knex.Transaction,
    dogId: string,
    make: (coat: Partial<KennelDog>) => Partial<KennelDog>,
  ): Promise<void> {
    const row = await trx('dogs').where({ id: dogId }).forUpdate().first('coat', 'version');
    if (row === undefined) return;
    const coat = JSON.stringify(make(fromJson(row.coat) as Partial<KennelDog>));
    await trx('dogs')
      .where({ id: dogId })
      .update({ coat, version: row.version + 1 });
  }
}
