/*
 * Logs of a coat: one thing seen, measured or used on a dog, appended to its record, so that two people who write at once lose
 * nothing.
 */
import {
  MOST_MOVEMENTS,
  withInspected,
  withLook,
  withObservation,
  withObservationClosed,
  withUses,
} from '@loyal-mane/core';
import type { DogParts, LocalDay, Observation, PersonId } from '@loyal-mane/core';
import { Problem } from '../problem/problem.js';
import type { CoatLogDto } from './recordDto.js';

/** Observations that are kept; older ones give way. */
const MOST_LOGS = 100;
const MOST_NOTES = 60;
const MOST_LENGTHS = 1000;

/** When a log was written, by whom, and the id that its command gives it. */
export interface LogStamp {
  readonly day: LocalDay;
  readonly id: string;
  readonly by: PersonId;
}

/** A dog's record with a log in it. @throws Problem `badInput` where something is missing, `notNow` where it is over already */
export function logged(coat: DogParts, dto: CoatLogDto, stamp: LogStamp): DogParts {
  const { day, id, by } = stamp;
  switch (dto.what) {
    case 'use': {
      const product = must('product', dto.product);
      const scope = dto.scope ?? (dto.zones === undefined ? 'whole' : 'zones');
      return withUses(coat, [{ day, product, scope, ...(dto.zones === undefined ? {} : { zones: dto.zones }) }]);
    }
    case 'settle':
      return {
        ...coat,
        settles: [...(coat.settles ?? []), { day, right: must('right', dto.right) }].slice(-MOST_LOGS),
      };
    case 'hold':
      return {
        ...coat,
        holds: [...(coat.holds ?? []), { day, minutes: must('minutes', dto.minutes) }].slice(-MOST_LOGS),
      };
    case 'note': {
      const note = { id, day, kind: must('about', dto.about), zones: dto.zones ?? [], ...textOf(dto) };
      return { ...coat, notes: [...(coat.notes ?? []), note].slice(-MOST_NOTES) };
    }
    case 'noteOver': {
      const notes = (coat.notes ?? []).filter((n) => n.id !== dto.noteId);
      if (notes.length === (coat.notes ?? []).length) throw new Problem('notNow', 'This note is over already.');
      return { ...coat, notes };
    }
    case 'length': {
      const [zone, mm] = [must('zone', dto.zone), must('mm', dto.mm)];
      const why = (dto.text ?? '').trim();
      const side = dto.side === undefined ? {} : { side: dto.side };
      const measured = { day, zone, mm, ...side, by, ...(why === '' ? {} : { why }) };
      const others = (coat.lengths ?? []).filter((l) => l.zone !== zone || l.day !== day || l.side !== dto.side);
      return { ...coat, lengths: [...others, measured].slice(-MOST_LENGTHS) };
    }
    case 'moved': {
      const seen = { day, by, seen: must('seen', dto.seen), zones: dto.zones ?? [], ...textOf(dto) };
      const movements = [...(coat.outline?.movements ?? []), seen].slice(-MOST_MOVEMENTS);
      return { ...coat, outline: { ...coat.outline, movements } };
    }
    case 'inspected':
      return withInspected(coat, day, by);
    case 'seen':
      return withObservation(coat, observed(dto, stamp));
    case 'seenAgain':
      return stillOpen(withLook(coat, dto.noteId ?? '', { day, course: must('course', dto.course), by }));
    case 'seenOver':
      return stillOpen(withObservationClosed(coat, dto.noteId ?? '', day));
  }
}

function observed(dto: CoatLogDto, { day, id, by }: LogStamp): Observation {
  const told = (dto.told ?? '').trim();
  return {
    ...{
      id,
      day,
      point: must('point', dto.point),
      severity: must('severity', dto.severity),
      zones: dto.zones ?? [],
      by,
    },
    ...textOf(dto),
    ...(told === '' ? {} : { told }),
  };
}

function textOf(dto: CoatLogDto): { text?: string } {
  const text = (dto.text ?? '').trim();
  return text === '' ? {} : { text };
}

function stillOpen(coat: DogParts | null): DogParts {
  if (coat === null) throw new Problem('notNow', 'This is closed already. Nothing was written down.');
  return coat;
}

function must<T>(path: string, value: T | undefined): T {
  if (value === undefined)
    throw new Problem('badInput', 'Something is missing. Nothing was changed.', {
      errors: [{ path, detail: 'is missing' }],
    });
  return value;
}
