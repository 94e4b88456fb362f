/*
 * Three invented kennels that a lead handler can judge at a glance: two people with five dogs; spaniels and setters with
 * jackets that will not lie; forty dogs and two shows on one weekend.
 */
import type { KennelDog, LocalDay, Skill } from '@loyal-mane/core';
import type { Plot, Shown } from './kennelOf.js';

const ALL: readonly Skill[] = ['scissor', 'ring', 'brush', 'bath', 'dry', 'decide', 'hand'];
const FLOOR: readonly Skill[] = ['bath', 'dry', 'brush', 'hand'];
const FRINGED: Partial<KennelDog> = { fringed: true };
const TOWEL: Partial<KennelDog> = { jacketLies: false };

/** Two people, five dogs, one Saturday. */
export const TWO_PEOPLE: Plot = {
  name: 'Elderbeck',
  startDay: '2026-09-07' as LocalDay,
  crew: [
    { name: 'Oda Renn', skills: ALL, start: '08:00', end: '17:00', off: [0] },
    { name: 'Silas Moor', skills: [...FLOOR, 'ring'], start: '08:00', end: '16:30', off: [0] },
  ],
  amps: [20],
  stations: [
    ['tub', 'Tub'],
    ['forceDryer', 'Force dryer', 0],
    ['standDryer', 'Stand dryer', 0],
    ['table', 'Table 1'],
    ['table', 'Table 2'],
    ['pen', 'Pens'],
  ],
  trips: [
    {
      name: 'Harrow Vale',
      site: 'Harrow Vale hall',
      firstDay: '2026-09-12' as LocalDay,
      days: 1,
      leaves: '06:30',
      arrives: '08:00',
      crew: [0, 1],
      tables: 2,
    },
  ],
  dogs: [
    { dog: 'Fable', breed: 'Bichon Frise', weightKg: 6, rings: [[0, 0, '10:40', 0]] },
    { dog: 'Juniper', breed: 'Samoyed', weightKg: 24, rings: [[0, 0, '12:10', 0]] },
    { dog: 'Osk', breed: 'Cavalier King Charles Spaniel', weightKg: 8, rings: [[0, 0, '11:20', 1]], more: FRINGED },
    { dog: 'Dray', breed: 'Gordon Setter', weightKg: 28, rings: [[0, 0, '13:30', 1]] },
    { dog: 'Vesper', breed: 'Dalmatian', weightKg: 26, rings: [] },
  ],
};

/** Three people, eight spaniels and setters, half of them with jackets that need a towel set; Saturday and Sunday. */
export const SETTERS: Plot = {
  name: 'Harebell',
  startDay: '2026-05-04' as LocalDay,
  crew: [
    { name: 'Signe Tarn', skills: ALL, start: '07:30', end: '17:00' },
    { name: 'Matti Orr', skills: ['scissor', 'ring', 'brush', 'dry', 'hand'], start: '08:00', end: '17:00', off: [0] },
    { name: 'Liv Kell', skills: [...FLOOR, 'ring'], start: '07:00', end: '16:00', off: [1] },
  ],
  amps: [20, 16],
  stations: [
    ['tub', 'Tub 1'],
    ['tub', 'Tub 2'],
    ['forceDryer', 'Force dryer', 0],
    ['standDryer', 'Stand dryer 1', 0],
    ['standDryer', 'Stand dryer 2', 1],
    ['table', 'Table 1'],
    ['table', 'Table 2'],
    ['table', 'Table 3'],
    ['pen', 'Pens'],
  ],
  trips: [
    {
      name: 'Larkmere',
      site: 'Larkmere field',
      firstDay: '2026-05-16' as LocalDay,
      days: 2,
      leaves: '06:00',
      arrives: '07:30',
      crew: [0, 1, 2],
      tables: 3,
    },
  ],
  dogs: [
    { dog: 'Bracken', breed: 'Irish Setter', weightKg: 31, rings: [[0, 0, '10:00', 0]], more: TOWEL },
    { dog: 'Sable', breed: 'Gordon Setter', weightKg: 28, rings: [[0, 0, '11:00', 1]] },
    {
      dog: 'Flint',
      breed: 'English Setter',
      weightKg: 29,
      rings: [
        [0, 0, '12:00', 0],
        [0, 1, '11:30', 0],
      ],
      more: TOWEL,
    },
    {
      dog: 'Merrow',
      breed: 'Irish Setter',
      weightKg: 28,
      rings: [[0, 1, '10:00', 1]],
      more: { ...TOWEL, towelSets: 2 },
    },
    { dog: 'Teasel', breed: 'English Springer Spaniel', weightKg: 21, rings: [[0, 0, '13:00', 1]] },
    { dog: 'Rill', breed: 'English Cocker Spaniel', weightKg: 13, rings: [[0, 1, '12:30', 2]], more: TOWEL },
    { dog: 'Hob', breed: 'Cocker Spaniel', weightKg: 12, rings: [[0, 0, '14:00', 2]] },
    { dog: 'Wren', breed: 'English Springer Spaniel', weightKg: 19, rings: [[0, 1, '13:30', 2]] },
  ],
};

const MANY: readonly (readonly [breed: string, weightKg: number, more?: Partial<KennelDog>])[] = [
  ['Samoyed', 25],
  ['Bichon Frise', 6],
  ['Gordon Setter', 28],
  ['Cavalier King Charles Spaniel', 8, FRINGED],
  ['Shetland Sheepdog', 9],
  ['Lhasa Apso', 7, { ...FRINGED, liesForWork: true }],
  ['Golden Retriever', 31],
  ['Lagotto Romagnolo', 14],
  ['Keeshond', 17],
  ['Dalmatian', 25],
];
const NAMES =
  'Aster Birch Cinder Dell Ember Fern Gale Heath Iris Jay Kelp Linnet Moss Nettle Oriel Pippin Quince Reed Sorrel Thrush Umber Vetch Willow Yarrow Zephyr Alder Briar Clover Drift Elder Furze Gorse Hazel Ivy Juno Kestrel Lark Maple Nuthatch Osier'.split(
    ' ',
  );

function fortyDogs(): Shown[] {
  return NAMES.map((dog, k): Shown => {
    const [breed, weightKg, more] = MANY[k % MANY.length] as (typeof MANY)[number];
    const show = k % 2;
    const day = Math.floor(k / 2) % 2;
    const place = Math.floor(k / 4);
    const minutes = 10 * 60 + place * 35;
    const time = `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;
    // Every fifth dog stays at home.
    const handler = (show === 0 ? [0, 2, 4] : [1, 3, 5])[place % 3] as number;
    return {
      dog,
      breed,
      weightKg,
      rings: k % 5 === 4 ? [] : [[show, day, time, handler]],
      ...(more === undefined ? {} : { more }),
    };
  });
}

/** Ten people, forty dogs, two shows on one weekend. */
export const FORTY_DOGS: Plot = {
  name: 'Stonebrook',
  startDay: '2026-08-08' as LocalDay,
  crew: [
    { name: 'Runa Falk', skills: ALL, start: '07:30', end: '17:30' },
    { name: 'Emil Strand', skills: ALL, start: '07:30', end: '17:30' },
    { name: 'Kaia Nord', skills: ['scissor', 'ring', 'brush', 'dry', 'hand'], start: '08:00', end: '17:00' },
    { name: 'Bo Lunde', skills: ['scissor', 'ring', 'brush', 'dry', 'hand'], start: '08:00', end: '17:00' },
    { name: 'Tiril Aas', skills: [...FLOOR, 'ring'], start: '07:00', end: '16:00' },
    { name: 'Jon Vik', skills: [...FLOOR, 'ring'], start: '07:00', end: '16:00' },
    { name: 'Mina Sol', skills: FLOOR, start: '07:00', end: '16:00', off: [0] },
    { name: 'Per Dahl', skills: FLOOR, start: '08:30', end: '17:30', off: [1] },
    { name: 'Ane Lie', skills: ['bath', 'dry', 'hand'], start: '07:00', end: '15:30', off: [2] },
    { name: 'Ola Berg', skills: ['brush', 'hand'], start: '09:00', end: '17:30', off: [3] },
  ],
  amps: [25, 25, 20],
  stations: [
    ['tub', 'Tub 1'],
    ['tub', 'Tub 2'],
    ['tub', 'Tub 3'],
    ['tub', 'Tub 4'],
    ['forceDryer', 'Force dryer 1', 0],
    ['forceDryer', 'Force dryer 2', 1],
    ['forceDryer', 'Force dryer 3', 2],
    ['standDryer', 'Stand dryer 1', 0],
    ['standDryer', 'Stand dryer 2', 1],
    ['standDryer', 'Stand dryer 3', 2],
    ['standDryer', 'Stand dryer 4', 2],
    ...Array.from({ length: 8 }, (_, k) => ['table', `Table ${String(k + 1)}`] as const),
    ['pen', 'Pens'],
  ],
  trips: [
    {
      name: 'Aldermoor',
      site: 'Aldermoor park',
      firstDay: '2026-08-15' as LocalDay,
      days: 2,
      leaves: '06:00',
      arrives: '08:00',
      crew: [0, 2, 4, 6],
      tables: 4,
    },
    {
      name: 'Eskdale',
      site: 'Eskdale hall',
      firstDay: '2026-08-15' as LocalDay,
      days: 2,
      leaves: '06:30',
      arrives: '08:00',
      crew: [1, 3, 5, 7],
      tables: 4,
    },
  ],
  dogs: fortyDogs(),
};
