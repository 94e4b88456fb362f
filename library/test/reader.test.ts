/* Bad kennel files: each mistake is named with its path, in words. */
import { readFileSync } from 'node:fs';
import type { KennelFile } from '@loyal-mane/core';
import { KennelFileSchema, kennelOnDay } from '@loyal-mane/core';
import { CARE_LIBRARY } from '../src/index.js';
import { readKennel } from '../src/reader/index.js';
import { issueWords } from '../src/words/index.js';

const text = readFileSync(`${__dirname}/../demo/demo-kennel.json`, 'utf8');
type Loose = Record<string, Record<string, unknown>[]> & Record<string, unknown>;

/** The reader's answer to the demo kennel with one thing changed. */
function saysOf(change: (kennel: Loose) => void): string[] {
  const kennel = JSON.parse(text) as Loose;
  change(kennel);
  const read = readKennel(JSON.stringify(kennel), CARE_LIBRARY);
  return read.ok ? [] : read.issues.map((i) => `${i.path}: ${issueWords(i)}`);
}

it('reads the demo kennel', () => {
  const read = readKennel(text, CARE_LIBRARY);
  expect(read.ok && read.kennel.dogs.length).toBe(18);
});

it('ships the schema that the reader uses', () => {
  const shipped = JSON.parse(readFileSync(`${__dirname}/../schema/kennel.schema.json`, 'utf8')) as Record<
    string,
    unknown
  >;
  const { $schema, ...rest } = shipped;
  expect($schema).toBe('http://json-schema.org/draft-07/schema#');
  expect(rest).toEqual(JSON.parse(JSON.stringify(KennelFileSchema)));
});

it.each<[string, RegExp, (k: Loose) => void]>([
  [
    'a shift that ends before it begins',
    /^shifts\[3\]: ends \(06:00\) before it begins/,
    (k) => Object.assign(k['shifts']?.[3] ?? {}, { end: '06:00', pauses: [] }),
  ],
  [
    'a ring time outside its show day',
    /^entries\[0\]\.day: ring time on 2026-07-30 is outside its show/,
    (k) => Object.assign(k['entries']?.[0] ?? {}, { day: '2026-07-30' }),
  ],
  [
    'a dog of 0 kg',
    /^dogs\[2\]\.weightKg: must be at least 0.5/,
    (k) => Object.assign(k['dogs']?.[2] ?? {}, { weightKg: 0 }),
  ],
  [
    'a dog of 500 kg',
    /^dogs\[2\]\.weightKg: must be at most 120/,
    (k) => Object.assign(k['dogs']?.[2] ?? {}, { weightKg: 500 }),
  ],
  [
    'an unknown breed',
    /^dogs\[0\]\.breed: breed "Moonhound" is not in the library/,
    (k) => Object.assign(k['dogs']?.[0] ?? {}, { breed: 'Moonhound' }),
  ],
  [
    'the same dog twice in one ring',
    /^entries\[\d+\]: Isbrin is twice in the same ring/,
    (k) => k['entries']?.push({ ...k['entries'][0], id: '019b8b74-1800-7000-8000-000000000001' }),
  ],
  [
    'a step that nobody has the skill for',
    /^people: nobody has the skill "scissor", which \w+ needs for/,
    (k) =>
      k['people']?.forEach((p) =>
        Object.assign(p, { skills: (p['skills'] as string[]).filter((s) => s !== 'scissor') }),
      ),
  ],
  [
    'an unknown field',
    /^dogs\[0\]\.tail: is not a field of a kennel file/,
    (k) => Object.assign(k['dogs']?.[0] ?? {}, { tail: 'curled' }),
  ],
  ['a missing field', /^dogs\[0\]\.born: is missing/, (k) => delete k['dogs']?.[0]?.['born']],
  [
    'a dog that nobody knows',
    /^entries\[0\]\.dogId: there is no dog with id/,
    (k) => Object.assign(k['entries']?.[0] ?? {}, { dogId: '019b8b74-1800-7000-8000-00000000dead' }),
  ],
  ['an id used twice', /used twice/, (k) => Object.assign(k['dogs']?.[1] ?? {}, { id: k['dogs']?.[0]?.['id'] })],
  [
    'a zone that is none',
    /^settings\.timeZone: "Skarholm" is not a time zone/,
    (k) => Object.assign(k['settings'] as object, { timeZone: 'Skarholm' }),
  ],
  [
    'two shifts on a day',
    /has two shifts on/,
    (k) => k['shifts']?.push({ ...k['shifts'][0], id: '019b8b74-1800-7000-8000-000000000002' }),
  ],
  [
    'a ferry that arrives before it leaves',
    /arrives before it leaves/,
    (k) => Object.assign(k['transports']?.[0] ?? {}, { arrive: '05:00' }),
  ],
  [
    'a handler who does not show dogs',
    /does not have the skill "ring"/,
    (k) =>
      Object.assign(k['entries']?.[0] ?? {}, { handlerId: k['people']?.find((p) => p['signIn'] === 'tuva')?.['id'] }),
  ],
  [
    'no lead',
    /at least one person must have the role "lead"/,
    (k) => k['people']?.forEach((p) => Object.assign(p, { role: 'hand' })),
  ],
  [
    'no home',
    /exactly one site must be the home/,
    (k) => k['sites']?.forEach((s) => Object.assign(s, { home: false })),
  ],
])('%s', (_name, words, change) => {
  expect(saysOf(change).join('\n')).toMatch(new RegExp(words.source, 'm'));
});

it('says that text is not JSON', () => {
  const read = readKennel('{"format": ', CARE_LIBRARY);
  expect(!read.ok && read.issues.map((i) => `${i.path}: ${issueWords(i)}`).join()).toMatch(/^file: is not JSON/);
});

it('moves the demo by whole weeks so that its Friday is at least two days after any day', () => {
  const kennel = JSON.parse(text) as KennelFile;
  for (const today of ['2026-06-17', '2026-06-18', '2026-11-25', '2026-11-28', '2027-03-01']) {
    const moved = kennelOnDay(kennel, today as never);
    const friday = moved.shows[0]?.firstDay ?? '';
    const ahead = (Date.parse(friday) - Date.parse(today)) / 86_400_000;
    expect(new Date(`${friday}T12:00:00Z`).getUTCDay()).toBe(5);
    expect(ahead).toBeGreaterThanOrEqual(2);
    expect(ahead).toBeLessThan(9);
    expect(moved.work.every((w) => w.finishedAt === undefined || w.finishedAt < `${today}T23:59:59Z`)).toBe(true);
  }
});
