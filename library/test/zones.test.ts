/* Zones, shares, breeds and trim maps: complete, summing to one, and naming only what exists. Common practice. */
import { readFileSync } from 'node:fs';
import {
  dogOutline,
  silhouettePaths,
  COAT_CLASSES,
  TRIM_MAP_IDS,
  ZONE_IDS,
  coatProgram,
  mayCut,
  keepUpRows,
  programChain,
} from '@loyal-mane/core';
import type { CoatStage, StepId } from '@loyal-mane/core';
import {
  BODY_SHAPES,
  silhouetteSprite,
  BREEDS,
  BREED_ROWS,
  readBreeds,
  CARE_LIBRARY,
  HAIR_SHARES,
  TRIM_MAPS,
  ZONES,
  ZONE_NAMES,
  zonesOfWords,
} from '../src/index.js';

describe('zones', () => {
  it('have one row each, a name each, and shares of the surface that sum to one', () => {
    expect(ZONES.map((z) => z.id)).toEqual([...ZONE_IDS]);
    expect(new Set(Object.values(ZONE_NAMES)).size).toBe(ZONE_IDS.length);
    expect(ZONES.reduce((sum, z) => sum + z.share, 0)).toBeCloseTo(1, 10);
    for (const z of ZONES) expect(z.share).toBeGreaterThan(0);
  });

  it('keep the table’s proportions: the trunk is 27 of 109 parts, ribs 38 % of it', () => {
    const share = (id: string): number => ZONES.find((z) => z.id === id)?.share ?? 0;
    const trunk = ['withers', 'back', 'loin', 'croup', 'ribs', 'flank'].reduce((sum, id) => sum + share(id), 0);
    expect(trunk).toBeCloseTo(27 / 109, 10);
    expect(share('ribs') / trunk).toBeCloseTo(0.38, 10);
  });

  it('mark where knots start: ears underneath and behind, collar, armpit, belly, sheath, inner thigh, breeches, vent', () => {
    expect(ZONES.filter((z) => z.friction).map((z) => z.id)).toEqual([
      'earUnder',
      'behindEar',
      'collarSeat',
      'armpit',
      'belly',
      'mammaryLine',
      'innerThigh',
      'breeches',
      'vent',
    ]);
  });

  it('give hair by coat, summing to one: a double tail carries three times its skin’s share', () => {
    for (const coat of COAT_CLASSES) {
      expect([...HAIR_SHARES[coat].values()].reduce((x, y) => x + y, 0)).toBeCloseTo(1, 10);
    }
    const ratio = (coat: 'double' | 'smooth'): number =>
      (HAIR_SHARES[coat].get('tail') ?? 0) / (HAIR_SHARES[coat].get('back') ?? 1);
    expect(ratio('double') / ratio('smooth')).toBeCloseTo(3, 10);
  });
});

describe('breeds', () => {
  it('are fifty-one, each with a registry, sane sizes and proportions, and words that stand for zones', () => {
    expect(BREED_ROWS).toHaveLength(51);
    for (const b of BREED_ROWS) {
      for (const [least, most] of [b.dogHeightIn, b.bitchHeightIn, b.lengthToHeight]) {
        if (least !== null && most !== null) expect(most).toBeGreaterThanOrEqual(least);
      }
      for (const r of b.lengthToHeight) if (r !== null) expect(r > 0.8 && r < 2.3).toBe(true);
      expect(b.typicalKg > 1 && b.typicalKg < 90).toBe(true);
      expect(TRIM_MAP_IDS).toContain(b.trimMap);
      expect(() => zonesOfWords(b.growOn)).not.toThrow();
      expect(BREEDS.get(b.name)?.coat).toBe(b.coat);
    }
    expect(() => zonesOfWords(['wings'])).toThrow(/"wings" stands for no zone/);
  });

  it('are checked when they are read: a cell that cannot be is named with its breed and column', () => {
    const line = (changes: Readonly<Record<string, string>>): string => {
      const cells: Record<string, string> = {
        ...{ name: 'Moonhound', coat: 'drop', variant: '', badge: 'samoyed', registry: 'AKC', dogHeightIn: '10-12' },
        ...{ bitchHeightIn: '-11', lengthToHeight: '1-1.1', trimMap: 'drop', typicalKg: '9', confidence: 'memory' },
        ...{ showFirst: 'head; coat', growOn: '' },
        ...changes,
      };
      return `${Object.keys(cells).join('|')}\n${Object.values(cells).join('|')}`;
    };
    expect(readBreeds(line({}))[0]).toMatchObject({
      dogHeightIn: [10, 12],
      bitchHeightIn: [null, 11],
      showFirst: ['head', 'coat'],
      growOn: [],
    });
    expect(() => readBreeds(line({ coat: 'woolly' }))).toThrow('readBreeds: Moonhound, coat: "woolly" cannot be read');
    expect(() => readBreeds(line({ typicalKg: '0' }))).toThrow(/Moonhound, typicalKg/);
    expect(() => readBreeds(line({ dogHeightIn: 'tall' }))).toThrow(/Moonhound, dogHeightIn/);
    expect(() => readBreeds('name|coat\nMoonhound')).toThrow(/Moonhound has 1 columns/);
  });

  it('leave the topknot, hock and tail of a growing poodle alone', () => {
    const poodle = BREEDS.get('Poodle (Standard)');
    if (poodle === undefined) throw new Error('no poodle');
    const facts = { growsCoat: true, growOn: poodle.growOn, locked: new Set<never>() };
    for (const zone of ['skull', 'hock', 'tail'] as const) {
      expect(mayCut(TRIM_MAPS[poodle.trimMap], zone, facts)).toEqual({ ok: false, why: 'growingOn' });
    }
    expect(mayCut(TRIM_MAPS[poodle.trimMap], 'back', facts)).toEqual({ ok: true, how: 'shaped' });
  });
});

describe('trim maps', () => {
  it('never cut the jacket, underline length or feather of natural coats, nor a blade on a wire jacket', () => {
    const natural = TRIM_MAPS.naturalJacketed.cut;
    for (const zone of ['back', 'ribs', 'flank', 'earFringe'] as const) expect(natural.has(zone)).toBe(false);
    expect(natural.get('foreFeather')).toBe('strays');
    expect(TRIM_MAPS.wire.cut.get('back')).toBe('byHand');
    expect(TRIM_MAPS.drop.cut.has('ribs')).toBe(false);
    expect(TRIM_MAPS.scissored.finish).toBe('crisp');
    for (const id of TRIM_MAP_IDS) if (id !== 'scissored') expect(TRIM_MAPS[id].finish).toBe('natural');
  });
});

describe('programs as chains', () => {
  it.each(COAT_CLASSES)(
    '%s: every step sits inside its window, and nothing is wanted before what it follows',
    (coat) => {
      const chain = programChain(coatProgram(coat, CARE_LIBRARY, { schools: {} }, []), CARE_LIBRARY);
      expect(chain.length).toBeGreaterThan(12);
      for (const s of chain) {
        expect(s.fromH).toBeGreaterThanOrEqual(s.toH);
        expect(s.aimH).toBeLessThanOrEqual(s.fromH + 1e-9);
        expect(s.aimH - s.minutes / 60).toBeGreaterThanOrEqual(s.toH - 1e-9);
        expect(s.minutes).toBeGreaterThan(0);
      }
      const ring = chain.find((s) => s.step === 'ring');
      expect(ring?.aimH).toBeCloseTo(0, 6);
    },
  );

  it('a puppy takes less work and has first trims, a coat in change is brushed oftener and longer', () => {
    const program = coatProgram('scissored', CARE_LIBRARY, { schools: {} }, []);
    const minutes = (stage: CoatStage, step: StepId) =>
      programChain(program, CARE_LIBRARY, stage).find((s) => s.step === step)?.minutes ?? 0;
    expect(minutes('puppy', 'bath')).toBeCloseTo(0.7 * minutes('adult', 'bath'), 9);
    expect(minutes('coatChange', 'brushOut1')).toBeCloseTo(1.4 * minutes('adult', 'brushOut1'), 9);
    const keepUp = (stage: CoatStage) =>
      new Map(keepUpRows(program, CARE_LIBRARY, stage).map((r) => [r.id, r.everyDays]));
    expect([keepUp('puppy').has('firstTrims'), keepUp('puppy').has('shape')]).toEqual([true, false]);
    expect([keepUp('adult').has('firstTrims'), keepUp('adult').has('shape')]).toEqual([false, true]);
    expect([keepUp('adult').get('brush'), keepUp('coatChange').get('brush')]).toEqual([2, 1]);
  });

  it('shows a school at once: curl without the force dryer', () => {
    const steps = (side: 'a' | 'b') =>
      programChain(coatProgram('scissored', CARE_LIBRARY, { schools: { curlDrying: side } }, []), CARE_LIBRARY).map(
        (s) => s.step,
      );
    expect(steps('a')).toContain('forceDry');
    expect(steps('b')).not.toContain('forceDry');
  });
});

describe('silhouettes', () => {
  it('ship as the body template draws them', () => {
    const shipped = readFileSync(`${__dirname}/../../web/public/sprites/dogs.svg`, 'utf8');
    expect(shipped).toBe(silhouetteSprite());
  });

  it('exist for every breed', () => {
    for (const b of BREED_ROWS) expect(BODY_SHAPES).toHaveProperty([b.badge]);
    expect(Object.keys(BODY_SHAPES)).toHaveLength(BREED_ROWS.length);
  });

  it('draw every dog whole: on the ground, closed, no line that is not a number', () => {
    for (const row of Object.values(BODY_SHAPES)) {
      const outline = dogOutline(row);
      expect(outline.box.every(Number.isFinite)).toBe(true);
      expect(outline.box[1]).toBeGreaterThan(-0.03);
      const { far, near } = silhouettePaths(outline, 180, 120);
      for (const path of [far, near]) expect(path).toMatch(/^(M[-\d. L]+Z)+$/);
    }
  });
});
