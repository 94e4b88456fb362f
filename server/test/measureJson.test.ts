/* Bodies are measured before they are parsed: depth, number of values, width of an object, characters that cannot be kept. */
import { jsonTrouble } from '../src/http/measureJson.js';

const LIMITS = { depth: 40, tokens: 1000, keys: 50 };
const troubleOf = (text: string, limits = LIMITS) => jsonTrouble(Buffer.from(text), limits);

it('takes what is within its limits, brackets and commas inside of texts too', () => {
  expect(troubleOf('{"name":"[[[[{{{{,,,:::","list":[1,2,{"a":"\\"]}"}]}')).toBeNull();
  expect(troubleOf('['.repeat(40) + ']'.repeat(40))).toBeNull();
  expect(troubleOf(JSON.stringify({ text: 'Æble 🐕 \u{1f436}\n\t"\\' }))).toBeNull();
});

it('refuses what is too deep, too much or too wide', () => {
  expect(troubleOf('['.repeat(41))).toBe('tooDeep');
  expect(troubleOf(`[${'1,'.repeat(1000)}1]`)).toBe('tooMany');
  const wide = Object.fromEntries(Array.from({ length: 51 }, (_, k) => [`k${String(k)}`, k]));
  expect(troubleOf(JSON.stringify(wide))).toBe('tooWide');
  const two = [{}, {}].map(() => Object.fromEntries(Array.from({ length: 30 }, (_, k) => [`k${String(k)}`, k])));
  expect(troubleOf(JSON.stringify(two))).toBeNull();
});

it('refuses NUL and half of a surrogate pair, and takes a whole one', () => {
  expect(troubleOf('{"name":"a\\u0000b"}')).toBe('badText');
  expect(troubleOf('{"name":"\\ud83d"}')).toBe('badText');
  expect(troubleOf('{"name":"\\ude00"}')).toBe('badText');
  expect(troubleOf('{"name":"\\ud83dx"}')).toBe('badText');
  expect(troubleOf('{"name":"\\ud83d\\ude00"}')).toBeNull();
  expect(troubleOf('{"name":"\\\\ud83d"}')).toBeNull();
});

it('leaves what is no JSON to the parser', () => {
  for (const text of ['{"open', ']]]', '', '{"a":1']) expect(troubleOf(text)).toBeNull();
});

it('stops at the first bracket that is too deep, however many follow', () => {
  expect(troubleOf('['.repeat(6_000_000))).toBe('tooDeep');
});
