/*
 * Schemas of the kennel file as components of the API's document. Rows that travel as a kennel file has them are declared by
 * the file's own schema, so that the two cannot drift apart.
 */
import { KENNEL_LISTS, KennelFileSchema, SETTINGS_ID } from '@loyal-mane/core';

/** A part of a JSON Schema document. */
export type JsonSchema = Readonly<Record<string, unknown>>;

interface ObjectSchema {
  readonly properties: Readonly<Record<string, JsonSchema>>;
  readonly required?: readonly string[];
  readonly items?: JsonSchema;
}

const FILE = plain(KennelFileSchema) as JsonSchema & ObjectSchema;

/** A schema as plain JSON: TypeBox keeps symbols beside its keywords. */
function plain(schema: object): unknown {
  return JSON.parse(JSON.stringify(schema));
}

const itemsOf = (list: string): JsonSchema & ObjectSchema =>
  (FILE.properties[list] as unknown as { readonly items: JsonSchema & ObjectSchema }).items;

/** Component of each list's rows. */
const ROW_NAMES = {
  sites: 'FileSite',
  circuits: 'FileCircuit',
  stations: 'FileStation',
  people: 'FilePerson',
  shifts: 'FileShift',
  absences: 'FileAbsence',
  transports: 'FileTransport',
  owners: 'FileOwner',
  dogs: 'FileDog',
  shows: 'FileShow',
  rings: 'FileRing',
  entries: 'FileEntry',
  bottles: 'FileBottle',
  toolCare: 'FileToolCare',
  work: 'FileWork',
  pins: 'FilePin',
} as const;

/** A component of the document that is a kennel file's own schema. */
export type FileComponent =
  | (typeof ROW_NAMES)[keyof typeof ROW_NAMES]
  | 'KennelFile'
  | 'FileSettings'
  | 'FileRow'
  | 'FileBreed'
  | 'FileSchools'
  | 'FileStepChange'
  | 'FileIntervalChange'
  | 'FileProductChange'
  | 'FileLineChange'
  | 'FileDogParts'
  | 'FileDogPatch'
  | 'FilePersonParts'
  | 'FilePersonPatch';

const pathOf = (name: FileComponent): string => `#/components/schemas/${name}`;

/** A property that is one of the file's schemas: what a DTO's decorator is given. */
export function fileSchema(name: FileComponent, more: object = {}): { allOf: { $ref: string }[] } {
  return { ...more, allOf: [{ $ref: pathOf(name) }] };
}

/** The same, or null. */
export function fileSchemaOrNull(name: FileComponent, more: object = {}) {
  return { ...fileSchema(name, more), nullable: true };
}

/** A list of them. */
export function fileSchemas(name: FileComponent, more: object = {}) {
  return { ...more, type: 'array' as const, items: { $ref: pathOf(name) } };
}

/** Fields of a dog that the API tells by themselves, or that other commands keep. */
export const DOG_TOLD_APART = [
  ...['id', 'name', 'breed', 'sex', 'born', 'weightKg', 'ownerId'],
  ...['schools', 'soiled', 'mats', 'unready', 'knotsFound', 'dampFound'],
] as const;
const PERSON_PARTS = ['learning', 'kit', 'brushingRoute', 'trimBegin'];

function parts(of: JsonSchema & ObjectSchema, isPart: (field: string) => boolean): JsonSchema & ObjectSchema {
  const properties = Object.fromEntries(Object.entries(of.properties).filter(([field]) => isPart(field)));
  const required = (of.required ?? []).filter(isPart);
  return { type: 'object', additionalProperties: false, properties, ...(required.length === 0 ? {} : { required }) };
}

/** Fields to change: each may be absent, and null takes one away. */
function patch(of: ObjectSchema): JsonSchema {
  const properties = Object.fromEntries(
    Object.entries(of.properties).map(([field, schema]) => [field, { anyOf: [schema, { type: 'null' }] }]),
  );
  return { type: 'object', additionalProperties: false, properties };
}

/** All components, by name. */
export function fileComponents(): Readonly<Record<string, JsonSchema>> {
  const rows = Object.entries(ROW_NAMES);
  const methods = FILE.properties['methods'] as unknown as ObjectSchema;
  const listed = (list: string): JsonSchema => ({
    ...FILE.properties[list],
    items: { $ref: pathOf(ROW_NAMES[list as keyof typeof ROW_NAMES]) },
  });
  const settings = FILE.properties['settings'] as JsonSchema & ObjectSchema;
  const dogParts = parts(itemsOf('dogs'), (f) => !(DOG_TOLD_APART as readonly string[]).includes(f));
  const personParts = parts(itemsOf('people'), (f) => PERSON_PARTS.includes(f));
  const changed = (list: string): JsonSchema => methods.properties[list]?.['items'] as JsonSchema;
  return {
    ...Object.fromEntries(rows.map(([list, name]) => [name, itemsOf(list)])),
    KennelFile: {
      type: 'object',
      additionalProperties: false,
      description: 'a whole kennel, see library/schema/kennel.schema.json',
      required: FILE.required,
      properties: {
        ...FILE.properties,
        ...Object.fromEntries(rows.map(([list]) => [list, listed(list)])),
        settings: { $ref: pathOf('FileSettings') },
        breeds: { type: 'array', maxItems: 200, items: { $ref: pathOf('FileBreed') } },
        methods: {
          ...FILE.properties['methods'],
          properties: {
            ...methods.properties,
            schools: { $ref: pathOf('FileSchools') },
            steps: { type: 'array', items: { $ref: pathOf('FileStepChange') } },
            intervals: { type: 'array', items: { $ref: pathOf('FileIntervalChange') } },
            products: { type: 'array', items: { $ref: pathOf('FileProductChange') } },
            lines: { type: 'array', items: { $ref: pathOf('FileLineChange') } },
          },
        },
      },
    },
    FileSettings: settings,
    FileRow: {
      description: 'a row of a list, as a kennel file has it',
      anyOf: KENNEL_LISTS.map((list) =>
        list === 'settings'
          ? {
              ...settings,
              properties: {
                id: { type: 'string', enum: [SETTINGS_ID] },
                name: FILE.properties['name'],
                ...settings.properties,
              },
              required: ['id', 'name', ...(settings.required ?? [])],
            }
          : { $ref: pathOf(ROW_NAMES[list]) },
      ),
    },
    FileBreed: (FILE.properties['breeds'] as unknown as { readonly items: JsonSchema }).items,
    FileSchools: methods.properties['schools'] as JsonSchema,
    FileStepChange: changed('steps'),
    FileIntervalChange: changed('intervals'),
    FileProductChange: changed('products'),
    FileLineChange: changed('lines'),
    FileDogParts: dogParts,
    FileDogPatch: patch(dogParts),
    FilePersonParts: personParts,
    FilePersonPatch: patch(personParts),
  } satisfies Partial<Record<FileComponent, JsonSchema>>;
}
