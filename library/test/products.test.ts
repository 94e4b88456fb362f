/* Products by purpose, color, what was used lately and the show's rules. Common practice; figures are our defaults. */
import {
  ZONE_IDS,
  bathProducts,
  bodySurfaceM2,
  finishProducts,
  neatMl,
  productFaults,
  removalList,
  withKennelProducts,
} from '@loyal-mane/core';
import type { BathPurpose, CoatClass, LocalDay, ProductDog, ProductId } from '@loyal-mane/core';
import { LITERS_PER_M2, PRODUCTS, bagList, productZones } from '@loyal-mane/library';
import { PRODUCT_NAMES, productWhyWords, productWords, whereWords } from '@loyal-mane/library/words';

const day = '2026-06-17' as LocalDay;
const plain: ProductDog = { fringed: false };
const white: ProductDog = {
  fringed: false,
  colors: (['muzzle', 'beard', 'forefoot', 'hock', 'ribs'] as const).map((zone) => ({ zone, color: 'white' as const })),
};
const bath = (dog: ProductDog, coat: CoatClass, purpose: BathPurpose, on: LocalDay = day) =>
  bathProducts(dog, coat, purpose, on, productZones(coat));
const find = (list: ReturnType<typeof bath>, product: ProductId) => list.find((a) => a.product === product);

describe('a dog that is out of coat', () => {
  const thin = (until?: LocalDay): ProductDog => ({
    fringed: false,
    states: [{ kind: 'outOfCoat', from: '2026-05-01' as LocalDay, ...(until === undefined ? {} : { until }) }],
  });

  it('gets body all over for a show, and nothing that softens it', () => {
    const list = bath(thin(), 'double', 'show');
    expect(find(list, 'textureWash')).toMatchObject({ use: true, scope: 'whole', why: { code: 'thinCoat' } });
    expect(find(list, 'richConditioner')).toMatchObject({ use: false, why: { code: 'thinCoat' } });
    expect(productWhyWords({ code: 'thinCoat' })).toMatch(/^Out of coat/);
    expect(find(bath(plain, 'double', 'show'), 'textureWash')).toMatchObject({ scope: 'zones' });
  });

  it('is conditioned everywhere at home, stays silky where silky, and has it no longer than the state lasts', () => {
    expect(find(bath(thin(), 'double', 'keepUp'), 'richConditioner')?.why.code).toBe('keepUpEverywhere');
    expect(find(bath(thin(), 'drop', 'show'), 'richConditioner')?.use).toBe(true);
    const past = bath(thin('2026-06-16' as LocalDay), 'double', 'show');
    expect(find(past, 'textureWash')?.scope).toBe('zones');
  });
});

describe('whitening', () => {
  it('goes on white zones of a show bath only', () => {
    expect(find(bath(white, 'double', 'show'), 'whiteningWash')).toMatchObject({ use: true, scope: 'zones' });
    expect(find(bath(white, 'double', 'keepUp'), 'whiteningWash')).toBeUndefined();
    const dark: ProductDog = { fringed: false, colors: [{ zone: 'ribs', color: 'dark' }] };
    expect(find(bath(dark, 'double', 'show'), 'whiteningWash')).toMatchObject({
      use: false,
      why: { code: 'nothingWhite' },
    });
  });

  it.each([
    ['2026-06-17', 'stains'],
    ['2026-06-16', 'stains'],
    ['2026-06-15', 'zones'],
  ] as const)('never all over on consecutive days: used whole on %s, today %s', (used, scope) => {
    const dog: ProductDog = { ...white, uses: [{ day: used as LocalDay, product: 'whiteningWash', scope: 'whole' }] };
    const advice = find(bath(dog, 'double', 'show'), 'whiteningWash');
    expect(advice?.scope).toBe(scope);
    if (scope === 'stains') expect(productWhyWords(advice?.why ?? { code: 'usual' })).toMatch(/violet/);
  });

  it('of a coat that is mostly white is all over, however its zones were written down', () => {
    const allWhite: ProductDog = {
      fringed: false,
      colors: ZONE_IDS.map((zone) => ({ zone, color: 'white' as const })),
    };
    expect(find(bath(allWhite, 'double', 'show'), 'whiteningWash')?.scope).toBe('whole');
    const dog: ProductDog = {
      ...allWhite,
      uses: [{ day, product: 'whiteningWash', scope: 'zones', zones: [...ZONE_IDS] }],
    };
    expect(find(bath(dog, 'double', 'show'), 'whiteningWash')?.scope).toBe('stains');
  });

  it('of stains alone does not count', () => {
    const dog: ProductDog = { ...white, uses: [{ day, product: 'whiteningWash', scope: 'stains' }] };
    expect(find(bath(dog, 'double', 'show'), 'whiteningWash')?.scope).toBe('zones');
  });
});

describe('clarifying', () => {
  const used = (last: string): ProductDog => ({
    fringed: false,
    uses: [{ day: last as LocalDay, product: 'clarifyingWash', scope: 'whole' }],
  });

  it.each([
    ['2026-05-18', 'clarifyingWash'],
    ['2026-05-19', 'cleansingWash'],
  ] as const)('monthly: last on %s, now %s', (last, wash) => {
    expect(find(bath(used(last), 'scissored', 'keepUp'), wash)?.use).toBe(true);
  });

  it('waits for the show to be over, unless product has built up', () => {
    expect(find(bath(used('2026-05-01'), 'scissored', 'show'), 'cleansingWash')).toBeDefined();
    expect(find(bath({ ...plain, buildUp: true }, 'scissored', 'show'), 'clarifyingWash')).toBeDefined();
  });
});

describe('conditioner', () => {
  it('everywhere in a keep-up bath, not where body is wanted nor on ear feather in a show bath', () => {
    expect(find(bath(plain, 'double', 'keepUp'), 'richConditioner')).toMatchObject({ scope: 'whole' });
    const show = find(bath(plain, 'double', 'show'), 'richConditioner');
    expect(show?.zones).toContain('underline');
    expect(show?.zones).not.toContain('breeches');
    expect(find(bath(plain, 'jacketedTrimmed', 'show'), 'richConditioner')?.zones).not.toContain('earFringe');
    expect(find(bath(plain, 'jacketedTrimmed', 'trim'), 'richConditioner')?.zones).toContain('earFringe');
  });

  it('not on short or harsh coats, no texture wash on silky ones', () => {
    expect(find(bath(plain, 'smooth', 'show'), 'richConditioner')?.use).toBe(false);
    expect(find(bath(plain, 'wire', 'keepUp'), 'richConditioner')?.use).toBe(false);
    expect(find(bath(plain, 'drop', 'show'), 'textureWash')?.use).toBe(false);
  });

  it('an allergy asks for the mild wash all over', () => {
    const dog: ProductDog = { fringed: false, states: [{ kind: 'allergy', from: '2026-01-01' as LocalDay }] };
    expect(bath(dog, 'double', 'show').find((a) => a.scope === 'whole' && a.product === 'mildWash')).toBeDefined();
    expect(find(bath(dog, 'double', 'show'), 'cleansingWash')).toBeUndefined();
  });
});

it.each([
  ['free', ['liftSpray', 'foam', 'cream']],
  ['unknown', ['liftSpray', 'foam', 'cream']],
  ['restricted', ['liftSpray']],
  ['forbidden', []],
] as const)('a finish under rules that say %s takes %j', (left, products) => {
  const list = finishProducts(white, 'scissored', left, productZones('scissored'));
  expect(list.filter((a) => a.use).map((a) => a.product)).toEqual(products);
});

it('a large heavy double takes about two liters of mix a wash: its bottle a tenth of that', () => {
  // Common practice: 1.5 to 3 liters of mixed shampoo for a large double coat.
  const liters = bodySurfaceM2(45) * LITERS_PER_M2.double;
  expect(liters).toBeGreaterThan(1);
  expect(liters).toBeLessThan(3);
  expect(neatMl(PRODUCTS.cleansingWash, bodySurfaceM2(45), LITERS_PER_M2.double, 1)).toBeCloseTo(
    (liters * 1000) / 11,
    6,
  );
});

it('a recipe gives the bag and what comes out after the show, in its order', () => {
  const recipe = [
    { product: 'leaveIn' as const, zones: [] },
    { product: 'foam' as const, zones: ['hock' as const] },
    { product: 'liftSpray' as const, zones: [] },
  ];
  expect(removalList(recipe, PRODUCTS).map((l) => l.product)).toEqual(['foam', 'liftSpray']);
  const head: NonNullable<Parameters<typeof bagList>[1]> = [{ product: 'liftSpray', zones: ['skull'] }];
  expect(bagList('heavySheepdog', [])).not.toContain('teasing brush');
  expect(bagList('heavySheepdog', head)).toContain('teasing brush');
  expect(bagList('double', recipe)).toEqual(expect.arrayContaining(['show lead', 'foam, fixative', 'leave-in spray']));
  expect(new Set(bagList('double', recipe)).size).toBe(bagList('double', recipe).length);
});

it('says every product with its dilution and where it goes', () => {
  expect(productWords(PRODUCTS.whiteningWash)).toBe('1 part to 6 of water, 5 to 10 min, rinse out completely');
  expect(productWords(PRODUCTS.liftSpray)).toBe('ready to use, out after the show');
  expect(whereWords({ scope: 'stains', zones: ['muzzle'] })).toBe('stains only: muzzle');
  expect(Object.keys(PRODUCT_NAMES).sort()).toEqual(Object.keys(PRODUCTS).sort());
});

describe('a kennel’s own bottles', () => {
  it('say how a product is thinned and how long it works; what they do not say stays typical', () => {
    const own = withKennelProducts(PRODUCTS, [
      { product: 'richConditioner', parts: 20 },
      { product: 'cleansingWash', soakToMin: 4 },
      { product: 'whiteningWash', soakFromMin: 3 },
    ]);
    expect(productWords(own.richConditioner)).toBe('1 part to 20 of water, 3 to 5 min, rinse out completely');
    expect(own.cleansingWash.soakMin).toEqual([1, 4]);
    expect(own.whiteningWash.soakMin).toEqual([3, 10]);
    expect(own.mildWash).toEqual(PRODUCTS.mildWash);
    // Twice the water takes about half the bottle.
    const [usual, thin] = [PRODUCTS.mildWash, { ...PRODUCTS.mildWash, parts: 25 }];
    expect(neatMl(thin, 1, 1, 1) / neatMl(usual, 1, 1, 1)).toBeCloseTo(13 / 26, 6);
  });

  it('are refused where they make no sense', () => {
    expect(productFaults(PRODUCTS, [{ product: 'foam', parts: 5 }])).toEqual([{ code: 'notThinned', product: 'foam' }]);
    const twisted = { product: 'whiteningWash' as const, soakFromMin: 20 };
    expect(productFaults(PRODUCTS, [twisted])).toEqual([]);
    expect(productFaults(PRODUCTS, [{ ...twisted, soakToMin: 8 }])).toEqual([
      { code: 'soakTwisted', product: 'whiteningWash' },
    ]);
    expect(productFaults(PRODUCTS, [twisted, twisted])).toEqual([{ code: 'twice', product: 'whiteningWash' }]);
  });
});
