/*
 * How this kennel works: versions of its choices. Nothing is overwritten; taking a change back makes a new version with
 * the old choices. A preview asks the planner what a change would move before anything is saved.
 */
import { Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import {
  COAT_CLASSES,
  SCHOOL_IDS,
  coatClassOf,
  productFaults,
  programFaults,
  withKennelBreeds,
} from '@loyal-mane/core';
import type { KennelFile, KennelMethods, SchoolChoices, SchoolId, Side } from '@loyal-mane/core';
import { CARE_LIBRARY, PRODUCTS } from '@loyal-mane/library';
import { readMethodParts } from '@loyal-mane/library/reader';
import { faultWords, issueWords, productFaultWords } from '@loyal-mane/library/words';
import type { Command } from '../auth/session.js';
import { Clock } from '../clock.js';
import { fromJson } from '../db/rows.js';
import type { MethodsRow } from '../db/tables.gen.js';
import { EventStore } from '../events/eventStore.js';
import { KennelRepository } from '../kennel/kennelRepository.js';
import { PlanInForce } from '../plan/planInForce.js';
import { Problem } from '../problem/problem.js';
import type { ProblemBody } from '../problem/problem.js';
import { KNEX } from '../tokens.js';
import { PlannerPool } from '../workers/plannerPool.js';
import type { ChangeDogSchoolsDto, ChangeMethodsDto, MethodsBodyDto, MethodsDto, MethodsEffectDto } from './dto.js';

const MOST_HISTORY = 50;

/** Choices as they came in, or a problem that names each question and side that does not exist. */
export function readChoices(input: Readonly<Record<string, unknown>>): SchoolChoices {
  const errors: ProblemBody['errors'][number][] = [];
  const choices: Partial<Record<SchoolId, Side>> = {};
  for (const [id, side] of Object.entries(input)) {
    if (!(SCHOOL_IDS as readonly string[]).includes(id)) {
      errors.push({ path: `schools.${id}`, detail: 'there is no such question' });
    } else if (side !== 'a' && side !== 'b') {
      errors.push({ path: `schools.${id}`, detail: 'a side is "a" or "b"' });
    } else choices[id as SchoolId] = side;
  }
  if (errors.length > 0)
    throw new Problem('badInput', 'Not every choice can be read. Nothing was changed.', { errors });
  return choices;
}

/** Changes to the programs as they came in, or a problem that names what cannot be read or worked. */
function readPrograms(
  body: Pick<MethodsBodyDto, 'steps' | 'intervals' | 'products' | 'lines'>,
  kennel: KennelFile,
): ProgramChanges {
  const { steps = [], intervals = [], products = [], lines = [] } = body;
  const read = readMethodParts({ steps, intervals, products, lines });
  if (!read.ok) {
    const errors = read.issues.map((i) => ({ path: i.path, detail: issueWords(i) }));
    throw new Problem('badInput', 'Not every change can be read. Nothing was changed.', { errors });
  }
  const library = withKennelBreeds(CARE_LIBRARY, kennel.breeds);
  const coats = COAT_CLASSES.filter((coat) => read.record.steps.some((c) => c.coat === coat));
  const faults = coats.flatMap((coat) =>
    programFaults(library, library.programs[coat], read.record.steps, kennel.people),
  );
  if (faults.length > 0) {
    const errors = faults.map((f) => ({ path: `steps.${f.step}`, detail: faultWords(f) }));
    throw new Problem('badInput', errors.map((e) => e.detail).join(' '), { errors });
  }
  const bottles = productFaults(PRODUCTS, read.record.products);
  if (bottles.length > 0) {
    const errors = bottles.map((f) => ({ path: `products.${f.product}`, detail: productFaultWords(f) }));
    throw new Problem('badInput', errors.map((e) => e.detail).join(' '), { errors });
  }
  return read.record;
}

function methodsOf(
  row: Omit<MethodsRow, 'number' | 'made_at' | 'made_by'> | undefined,
): Pick<KennelMethods, 'schools'> & Required<ProgramChanges> {
  return {
    schools: row === undefined ? {} : (fromJson(row.schools) as SchoolChoices),
    steps: row?.steps == null ? [] : (fromJson(row.steps) as ProgramChanges['steps'] & object),
    intervals: row?.intervals == null ? [] : (fromJson(row.intervals) as ProgramChanges['intervals'] & object),
    products: row?.products == null ? [] : (fromJson(row.products) as ProgramChanges['products'] & object),
    lines: row?.lines == null ? [] : (fromJson(row.lines) as ProgramChanges['lines'] & object),
  };
}
type ProgramChanges = Pick<KennelMethods, 'steps' | 'intervals' | 'products' | 'lines'>;

/** Previews and saves methods, versions appended. */
@Injectable()
export class MethodsService {
  constructor(
    @Inject(KNEX) private readonly knex: Knex,
    private readonly clock: Clock,
    private readonly events: EventStore,
    private readonly kennels: KennelRepository,
    private readonly plans: PlanInForce,
    private readonly pool: PlannerPool,
  ) {}

  async read(): Promise<MethodsDto> {
    const { kennel, versions } = await this.kennels.readVersioned();
    const library = withKennelBreeds(CARE_LIBRARY, kennel.breeds);
    const rows = await this.knex('methods').orderBy('number', 'desc').limit(MOST_HISTORY);
    return {
      number: kennel.methods?.number ?? 0,
      schools: kennel.methods?.schools ?? {},
      steps: kennel.methods?.steps ?? [],
      intervals: kennel.methods?.intervals ?? [],
      products: kennel.methods?.products ?? [],
      lines: kennel.methods?.lines ?? [],
      dogs: kennel.dogs.map((d) => ({
        dogId: d.id,
        version: versions.get(d.id) ?? 1,
        coat: coatClassOf(d, library),
        schools: d.schools ?? {},
      })),
      history: rows.map((r) => ({
        number: r.number,
        madeAt: r.made_at.toISOString(),
        madeBy: r.made_by,
        ...methodsOf(r),
      })),
    };
  }

  /** The plan as it would be with other choices for the kennel, or for one dog. Nothing is saved. */
  async preview(body: MethodsBodyDto, dogId: string | null): Promise<MethodsEffectDto> {
    const choices = readChoices(body.schools);
    const [kennel, published] = await Promise.all([this.kennels.read(), this.plans.read()]);
    const changed =
      dogId === null
        ? withKennelChoices(kennel, { schools: choices, ...readPrograms(body, kennel) })
        : withDogChoices(kennel, dogId, choices);
    const { effect, refused } = await this.pool.preview({
      kennel,
      changed,
      nowMs: this.clock.nowMs(),
      published: published?.stored.body ?? null,
    });
    return {
      ...effect,
      dogs: [...effect.dogs],
      gained: [...effect.gained],
      lost: [...effect.lost],
      refused: [...refused],
    };
  }

  async change(given: Command, dto: ChangeMethodsDto): Promise<MethodsDto> {
    const choices = readChoices(dto.schools);
    const programs = readPrograms(dto, await this.kennels.readWithoutWork());
    await this.events.run(given, async (trx) => {
      const last = await trx('methods').orderBy('number', 'desc').forUpdate().first();
      const number = last?.number ?? 0;
      if (number !== dto.number) {
        const current = { number, ...methodsOf(last) };
        throw new Problem(
          'stale',
          'Somebody changed the methods while you were editing. Nothing of yours was saved. The present methods are shown.',
          { current },
        );
      }
      await trx('methods').insert({
        number: number + 1,
        made_at: new Date(this.clock.nowMs()),
        made_by: given.actorId,
        schools: JSON.stringify(choices),
        steps: JSON.stringify(programs.steps ?? []),
        intervals: JSON.stringify(programs.intervals ?? []),
        products: JSON.stringify(programs.products ?? []),
        lines: JSON.stringify(programs.lines ?? []),
      });
      return {
        kind: 'methods.changed',
        subject: 'methods',
        change: { before: methodsOf(last), after: { schools: choices, ...programs } },
        result: number + 1,
      };
    });
    return this.read();
  }

  async changeDog(given: Command, dogId: string, dto: ChangeDogSchoolsDto): Promise<MethodsDto> {
    const choices = readChoices(dto.schools);
    await this.events.run(given, async (trx) => {
      const row = await trx('dogs').where({ id: dogId }).forUpdate().first('coat', 'version');
      if (row === undefined)
        throw new Problem('notFound', 'This dog is not in the kennel any more. Nothing was saved.');
      const coat = fromJson(row.coat) as { schools?: SchoolChoices };
      if (row.version !== dto.version) {
        throw new Problem(
          'stale',
          'Somebody changed this dog while you were editing. Nothing of yours was saved. The present record is shown.',
          {
            current: { version: row.version, schools: coat.schools ?? {} },
          },
        );
      }
      const after = JSON.stringify({ ...coat, schools: choices });
      await trx('dogs')
        .where({ id: dogId })
        .update({ coat: after, version: row.version + 1 });
      const change = { before: coat.schools ?? {}, after: choices };
      return { kind: 'dog.schools', subject: dogId, change, result: row.version + 1 };
    });
    return this.read();
  }
}

function withKennelChoices(kennel: KennelFile, methods: Omit<KennelMethods, 'number'>): KennelFile {
  return { ...kennel, methods: { number: (kennel.methods?.number ?? 0) + 1, ...methods } };
}

function withDogChoices(kennel: KennelFile, dogId: string, schools: SchoolChoices): KennelFile {
  if (!kennel.dogs.some((d) => d.id === dogId))
    throw new Problem('notFound', 'This dog is not in the kennel any more. Nothing was saved.');
  return { ...kennel, dogs: kennel.dogs.map((d) => (d.id === dogId ? { ...d, schools } : d)) };
}
