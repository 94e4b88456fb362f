/*
 * Types of the rows of every table, written from the database itself after its migrations, so that no query can name a
 * column that is not there. `npm run tables` writes them; a test fails when they are stale.
 */
import type { Knex } from 'knex';

interface ColumnRow {
  readonly table_name: string;
  readonly column_name: string;
  readonly data_type: string;
  readonly column_type: string;
  readonly is_nullable: 'YES' | 'NO';
}

/**
 * TypeScript type of a column as mysql2 is set up here (see `openDatabase`): days as text, decimals as numbers. JSON comes as
 * text or as what it holds, by the version of the database: `fromJson` reads both.
 */
function typeOf(
  { table_name: table, column_name: column, data_type: type, column_type: whole }: ColumnRow,
  json: ReadonlySet<string>,
): string {
  if (json.has(`${table} ${column}`)) return 'unknown';
  if (whole === 'tinyint(1)') return 'number | boolean';
  if (['tinyint', 'int', 'bigint', 'double', 'decimal'].includes(type)) return 'number';
  if (type === 'datetime') return 'Date';
  if (type.endsWith('blob')) return 'Buffer';
  return 'string';
}

function orNull(type: string, column: ColumnRow): string {
  return column.is_nullable === 'YES' && type !== 'unknown' ? `${type} | null` : type;
}

function typeName(table: string): string {
  return `${table.replace(/(^|_)([a-z])/g, (_, __, letter: string) => letter.toUpperCase())}Row`;
}

/** The source text of `tables.gen.ts` for the schema as it is in this database. */
export async function tableTypesOf(knex: Knex): Promise<string> {
  const columns = await knex('information_schema.columns')
    .whereRaw('table_schema = database()')
    .orderBy(['table_name', 'ordinal_position'])
    .select<ColumnRow[]>(
      'table_name as table_name',
      'column_name as column_name',
      'data_type as data_type',
      'column_type as column_type',
      'is_nullable as is_nullable',
    );
  const checks = await knex('information_schema.check_constraints')
    .whereRaw('constraint_schema = database()')
    .where('check_clause', 'like', 'json_valid(%')
    .select<{ table_name: string; clause: string }[]>('table_name as table_name', 'check_clause as clause');
  const json = new Set(checks.map((c) => `${c.table_name} ${/`(\w+)`/.exec(c.clause)?.[1] ?? ''}`));
  const tables = new Map<string, ColumnRow[]>();
  for (const column of columns) {
    // Knex keeps its own tables of migrations.
    if (column.table_name.startsWith('knex_')) continue;
    tables.set(column.table_name, [...(tables.get(column.table_name) ?? []), column]);
  }
  const rows = [...tables].map(([table, list]) => {
    const fields = list.map((c) => `  ${c.column_name}: ${orNull(typeOf(c, json), c)};`);
    return `export type ${typeName(table)} = {\n${fields.join('\n')}\n};\n`;
  });
  const names = [...tables.keys()];
  return [
    '/* Generated from the migrated database by `npm run tables`. */\n',
    rows.join('\n'),
    `\nexport const TABLES = [\n${names.map((t) => `  '${t}',`).join('\n')}\n] as const;\n`,
    `\ndeclare module 'knex/types/tables.js' {\n  interface Tables {\n${names.map((t) => `    ${t}: ${typeName(t)};`).join('\n')}\n  }\n}\n`,
  ].join('');
}
