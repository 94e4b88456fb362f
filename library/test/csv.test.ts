/* Tables in and out: any delimiter and order, errors by row and column, the same file twice doubles nothing. */
import { readFileSync } from 'node:fs';
import Papa from 'papaparse';
import { applyChanges } from '@loyal-mane/core';
import type { KennelFile } from '@loyal-mane/core';
import { csvOf, importRows, mapColumns, readTable, tableFaultWords, cellFaultWords } from '../src/csv/index.js';
import type { CsvTable, ImportKind, ImportedRow } from '../src/csv/index.js';

const kennel = JSON.parse(readFileSync(`${__dirname}/../demo/demo-kennel.json`, 'utf8')) as KennelFile;
let next = 0;
const newId = (): string => `00000000-0000-7000-8000-${String(++next).padStart(12, '0')}`;
const tableOf = (text: string): CsvTable => {
  const read = readTable(text);
  if (!read.ok) throw new Error(tableFaultWords(read.fault));
  return read.table;
};
const rowsFrom = (kind: ImportKind, text: string, into: KennelFile = kennel): ImportedRow[] => {
  const table = tableOf(text);
  return importRows(kind, table, mapColumns(kind, table.header, {}), {
    kennel: into,
    newId,
    showId: kennel.shows[0]!.id,
  });
};
const after = (rows: readonly ImportedRow[], into: KennelFile = kennel): KennelFile =>
  applyChanges(
    into,
    rows.flatMap((r) => r.changes),
  );

describe('reading tables', () => {
  it.each([
    ['comma', 'Name,Breed\r\n"A, B",C\r\n'],
    ['semicolon', 'Name;Breed\n"A, B";C'],
    ['tab', 'Name\tBreed\n"A, B"\tC\n\n'],
    ['bar, with a mark of order', '\uFEFFName|Breed\nA, B|C'],
  ])('%s', (_, text) => {
    expect(tableOf(text)).toEqual({ header: ['Name', 'Breed'], rows: [{ line: 2, cells: ['A, B', 'C'] }] });
  });

  it('lines are those of the file, also after cells of several lines', () => {
    expect(tableOf('Name,Note\nA,"one\ntwo"\n\nB,x').rows.map((r) => r.line)).toEqual([2, 5]);
  });

  it.each([
    ['', /empty/],
    ['  \n \n', /empty/],
    ['Name,Breed\n', /no rows/],
    ['Name,name\nA,B', /called “name”/],
    ['Name,Breed\nA,"B\nC,D\n', /Line 2: a quote/],
    ['PK\u0003\u0004rest', /spreadsheet/],
    ['\u00D0\u00CF\u0011\u00E0rest', /spreadsheet/],
    ['Na\u0000me', /no text/],
  ])('refuses %j', (text, words) => {
    const read = readTable(text);
    expect(read.ok).toBe(false);
    expect(read.ok ? '' : tableFaultWords(read.fault)).toMatch(words);
  });
});

describe('writing tables', () => {
  it('what is written is read again (RFC 4180, with papaparse as the other side)', () => {
    const cells = ['plain', 'a, b', 'say "so"', 'two\nlines', '', ' edge ', '12,5', 'Ørn'];
    const back = Papa.parse<string[]>(
      csvOf(
        ['H'],
        cells.map((c) => [c]),
      ),
    ).data;
    expect(back).toEqual([['H'], ...cells.map((c) => [c])]);
  });

  it('formulas go out as text; numbers stay numbers', () => {
    const back = Papa.parse<string[]>(
      csvOf(['a'], [['=1+1'], ['+cmd'], ['@x'], ['-12.5'], ['-x'], ['+47']]),
    ).data.slice(1);
    expect(back.flat()).toEqual(["'=1+1", "'+cmd", "'@x", '-12.5', "'-x", '+47']);
  });
});

describe('bringing in dogs', () => {
  const HEAD = 'Weight (kg);Date of birth;SEX;Name;Breed;Owner;Chip';

  it('any order of columns; owners come with their dogs, once', () => {
    const rows = rowsFrom(
      'dogs',
      `${HEAD}\n21,5;4.3.2024;f;Quill;keeshond;E. Moor;999 000 000 000 011\n47 lb;2023-01-31;male;Rook;Samoyed;e. moor;\n`,
    );
    expect(rows.map((r) => r.state)).toEqual(['new', 'new']);
    const made = after(rows);
    expect(made.owners).toHaveLength(kennel.owners.length + 1);
    expect(made.dogs.slice(-2)).toMatchObject([
      {
        name: 'Quill',
        breed: 'Keeshond',
        sex: 'bitch',
        born: '2024-03-04',
        weightKg: 21.5,
        microchip: '999000000000011',
      },
      { name: 'Rook', sex: 'dog', weightKg: 21.3 },
    ]);
    expect(made.dogs.at(-1)?.ownerId).toBe(made.dogs.at(-2)?.ownerId);
  });

  it('the same file again is recognized; a changed weight changes one dog', () => {
    const text = kennel.dogs.map((d) => `${String(d.weightKg)};${d.born};${d.sex};${d.name};${d.breed};;`).join('\n');
    expect(rowsFrom('dogs', `${HEAD}\n${text}`).every((r) => r.state === 'same')).toBe(true);
    const first = rowsFrom('dogs', `${HEAD}\n19;2024-03-04;f;Quill;Keeshond;E. Moor;999000000000011`);
    const then = after(first);
    const [again] = rowsFrom('dogs', `${HEAD}\n19;2024-03-04;f;Quill;Keeshond;E. Moor;999000000000011`, then);
    expect(again?.state).toBe('same');
    const [heavier] = rowsFrom('dogs', `${HEAD}\n20;2024-03-04;f;Quill;Keeshond;E. Moor;999000000000011`, then);
    expect(heavier).toMatchObject({ state: 'changed', changes: [{ list: 'dogs', to: { weightKg: 20 } }] });
  });

  it('says row, column, what was found and what to write instead', () => {
    const rows = rowsFrom(
      'dogs',
      `${HEAD}\nheavy;2024-13-01;x;A;Keeshond;;12\n20;03/04/2024;f;B;Kees;;\n;2024-01-01;f;;Keeshond;;\n20;2024-01-01;f;C;Keeshond;;\n20;2024-01-01;f;c;keeshond;;`,
    );
    expect(rows.map((r) => [r.line, r.state])).toEqual([
      [2, 'bad'],
      [3, 'bad'],
      [4, 'bad'],
      [5, 'new'],
      [6, 'bad'],
    ]);
    const words = rows.map((r) => r.faults.map(cellFaultWords).join('; '));
    expect(words[0]).toMatch(/SEX: cannot read “x”; write dog or bitch/);
    expect(words[0]).toMatch(/Weight \(kg\): cannot read “heavy”/);
    expect(words[0]).toMatch(/Chip: cannot read “12”; write 15 digits/);
    expect(words[1]).toMatch(/03\/04\/2024 may be two days/);
    expect(words[2]).toMatch(/Name: empty/);
    expect(words[4]).toMatch(/twice/);
    const [unknown] = rowsFrom('dogs', `${HEAD}\n20;2024-01-01;f;D;Kees;;`);
    expect(unknown?.faults.map(cellFaultWords)).toEqual(['Breed: does not know “Kees”; write Keeshond']);
  });

  it('2,000 rows are read', () => {
    const text = Array.from({ length: 2000 }, (_, k) => `20;2024-01-01;f;Dog ${String(k)};Keeshond;;`).join('\n');
    const rows = rowsFrom('dogs', `${HEAD}\n${text}`);
    expect(rows.filter((r) => r.state === 'new')).toHaveLength(2000);
  });
});

describe('bringing in entries and the judging program', () => {
  const show = kennel.shows[0]!;
  const entry = kennel.entries.find((e) => e.showId === show.id)!;
  const dog = kennel.dogs.find((d) => d.id === entry.dogId)!;
  const ring = kennel.rings.find((r) => r.id === entry.ringId)!;

  it('times come from the row, or from the block and the place at 25 dogs an hour (scheduling convention)', () => {
    const head = 'dog,day,ring,time,start,number';
    const free = kennel.dogs.find((d) => kennel.entries.every((e) => e.dogId !== d.id || e.day !== show.firstDay))!;
    const rows = rowsFrom('entries', `${head}\n${free.name},${show.firstDay},7,,9.00,6`);
    expect(rows[0]).toMatchObject({ state: 'new' });
    const made = after(rows);
    expect(made.entries.at(-1)).toMatchObject({ dogId: free.id, ringTime: '09:12', day: show.firstDay });
    expect(made.rings.at(-1)).toMatchObject({ name: 'Ring 7', showId: show.id });
    const same = rowsFrom('entries', `${head}\n${dog.name},${entry.day},${ring.name},${entry.ringTime},,`);
    expect(same[0]?.state).toBe('same');
  });

  it('a day outside the show, an unknown dog, no time, the same dog twice', () => {
    const rows = rowsFrom(
      'entries',
      `dog,day,ring,time\n${dog.name},2020-01-01,1,10:00\nNobody,${show.firstDay},1,10:00\n${dog.name},${show.firstDay},9,\n${dog.name},${show.firstDay},8,10:00\n${dog.name},${show.firstDay},8,11:00`,
    );
    expect(rows.map((r) => r.faults[0]?.reason)).toEqual(['refused', 'unknown', 'noTime', undefined, 'twice']);
  });

  it('a program’s line moves our dogs of that breed into its ring and time', () => {
    const rows = rowsFrom('program', `breed,day,ring,start,number\n${dog.breed},${entry.day},Ring 9,13:00,11\n`);
    const moved = after(rows).entries.find((e) => e.id === entry.id);
    expect(moved?.ringTime).toBe('13:24');
    const [none] = rowsFrom('program', `breed,day,ring,start\nSamoyed,2020-01-01,1,13:00\n`);
    expect(none).toMatchObject({ state: 'same' });
  });
});

it('headers that were chosen by hand before are remembered', () => {
  expect(mapColumns('dogs', ['Rufname', 'Breed'], { rufname: 'name' })).toMatchObject({ name: 0, breed: 1 });
});
