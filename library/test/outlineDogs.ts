/*
 * Random dogs over all breed rows, for the checks of the outline: bodies off the standard, hair too long and too short, locks, lengths
 * that a lead wants, corrections.
 */
import { CORRECTION_IDS, addDays, learnGrowth, stationsOf } from '@loyal-mane/core';
import type { CutAsk, LocalDay, OutlineAsk } from '@loyal-mane/core';
import { BODY_SHAPES, BREED_ROWS, growthPrior } from '../src/index.js';
import type { BreedRow } from '../src/breeds/breed.js';

export const TODAY = '2026-06-17' as LocalDay;

/** A generator of numbers in [0, 1) (mulberry32, public domain). */
export function randomOf(seed: number): () => number {
  let a = seed;
  return () => {
    a = (a + 0x6d2b79f5) | 0;
    let t = Math.imul(a ^ (a >>> 15), 1 | a);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** A random dog of the breed whose turn it is. */
export function randomDog(seed: number): OutlineAsk {
  const random = randomOf(seed);
  const between = (a: number, b: number): number => a + (b - a) * random();
  const breedRow = BREED_ROWS[seed % BREED_ROWS.length] as BreedRow;
  const breed = BODY_SHAPES[breedRow.badge];
  if (breed === undefined) throw new Error(`no shape for ${breedRow.name}`);
  const heightMm = between(200, 720);
  const body = {
    ...breed,
    length: breed.length * between(0.97, 1.08),
    depth: breed.depth * between(0.96, 1.04),
    croup: breed.croup + between(-0.02, 0.02),
    rearAngle: breed.rearAngle + between(-0.02, 0.015),
    neckLength: breed.neckLength * between(0.92, 1.05),
    dip: between(0, 0.02),
  };
  const stations = stationsOf(breed, breedRow.coat, heightMm);
  const zones = [...new Set(stations.map((s) => s.zone))].map((zone): CutAsk => {
    const hair = stations.filter((s) => s.zone === zone).map((s) => s.breedDepth / s.reach);
    const usual = Math.max(4, hair.reduce((x, y) => x + y, 0) / hair.length);
    const prior = growthPrior(breedRow.coat, zone);
    return {
      zone,
      measured:
        random() < 0.1 ? null : { day: addDays(TODAY, -Math.floor(between(0, 10))), mm: usual * between(0.5, 1.9) },
      growth: learnGrowth([], { ...prior, mostMm: Math.max(prior.mostMm, usual * 2.2) }),
      wantedMm: random() < 0.1 ? usual * between(0.7, 1.2) : null,
      answer: random() < 0.12 ? { ok: false, why: 'locked' } : { ok: true, how: 'shaped' },
    };
  });
  const corrections = Object.fromEntries(CORRECTION_IDS.flatMap((id) => (random() < 0.2 ? [[id, between(0, 1)]] : [])));
  const showDay = addDays(TODAY, Math.floor(between(0, 30)));
  return { body, breed, coat: breedRow.coat, heightMm, zones, showDay, corrections };
}
