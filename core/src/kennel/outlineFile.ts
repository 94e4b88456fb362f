/*
 * An outline as a file of its own: one dog on its way to one show, readable and complete, so that anybody can check what we reckon.
 */
import { Type } from '@sinclair/typebox';
import type { Static, TUnsafe } from '@sinclair/typebox';
import { Value, ValueErrorType } from '@sinclair/typebox/value';
import type { ValueError } from '@sinclair/typebox/value';
import { ZONE_IDS } from '../coat/zones.js';
import type { ZoneId } from '../coat/zones.js';
import { CORRECTION_IDS } from '../outline/corrections.js';
import type { CorrectionId } from '../outline/corrections.js';
import { MOST_LINE_MM, OUTLINE_LINES } from '../outline/outlineLines.js';
import type { OutlineLine } from '../outline/outlineLines.js';
import { BODY_SIDES } from './vocabulary.js';
import type { BodySide } from './vocabulary.js';
import { OUTLINE_MEASURES } from '../outline/dogBody.js';
import type { OutlineMeasure } from '../outline/dogBody.js';
import type { LocalDay } from '../time/localDay.js';
import { name, strict } from './schemaParts.js';

const DAY_PATTERN = '^[0-9]{4}-[0-9]{2}-[0-9]{2}$';

/** One of a closed set of words, told apart without compiling code: pages of a browser must not. */
const oneOf = <T extends string>(values: readonly T[], description: string): TUnsafe<T> =>
  Type.Union(
    values.map((v) => Type.Literal(v)),
    { description },
  );
const day = (description: string): TUnsafe<LocalDay> =>
  Type.String({ pattern: DAY_PATTERN, description }) as unknown as TUnsafe<LocalDay>;
const mm = (description: string, minimum = 0, maximum = 2000) => Type.Number({ minimum, maximum, description });

/** Schema of an outline file. */
export const OutlineFileSchema = Type.Object(
  {
    format: Type.Literal('loyal-mane-outline'),
    version: Type.Literal(1),
    dog: Type.Optional(name('of the dog')),
    breed: name('of a breed of the library'),
    measures: Type.Array(
      Type.Object(
        { what: oneOf<OutlineMeasure>(OUTLINE_MEASURES, 'what was measured'), mm: mm('millimeters') },
        strict,
      ),
      { maxItems: OUTLINE_MEASURES.length, description: 'the dog’s own; the others are the breed’s' },
    ),
    lengths: Type.Array(
      Type.Object(
        {
          zone: oneOf<ZoneId>(ZONE_IDS, 'where'),
          day: day('when'),
          mm: mm('stretched hair', 0, 600),
          side: Type.Optional(oneOf<BodySide>(BODY_SIDES, 'both alike when absent')),
        },
        strict,
      ),
      { maxItems: 1000, description: 'hair measured; several of a zone teach its growth' },
    ),
    wanted: Type.Optional(
      Type.Array(Type.Object({ zone: oneOf<ZoneId>(ZONE_IDS, 'where'), mm: mm('hair on the day', 0.5, 600) }, strict), {
        maxItems: ZONE_IDS.length,
        description: 'lengths that take the place of the breed’s',
      }),
    ),
    locked: Type.Optional(Type.Array(oneOf<ZoneId>(ZONE_IDS, 'zone'), { description: 'zones that are not cut' })),
    growsCoat: Type.Optional(Type.Boolean({ description: 'zones that the breed leaves to grow are not cut' })),
    corrections: Type.Optional(
      Type.Array(
        Type.Object(
          {
            what: oneOf<CorrectionId>(CORRECTION_IDS, 'what the eye is to see'),
            amount: Type.Number({ minimum: 0, maximum: 1 }),
          },
          strict,
        ),
        { maxItems: CORRECTION_IDS.length },
      ),
    ),
    lines: Type.Optional(
      Type.Array(
        Type.Object(
          {
            what: oneOf<OutlineLine>(OUTLINE_LINES, 'line set by hand'),
            near: mm('off the breed’s at its front or upper end, outward above 0', -MOST_LINE_MM, MOST_LINE_MM),
            far: mm('the same at its other end', -MOST_LINE_MM, MOST_LINE_MM),
          },
          strict,
        ),
        { maxItems: OUTLINE_LINES.length },
      ),
    ),
    side: Type.Optional(oneOf<BodySide>(BODY_SIDES, 'side of the cut list, left when absent')),
    lengthPull: Type.Optional(Type.Number({ minimum: 0, maximum: 1 })),
    sessionDay: day('of the cut'),
    showDay: day('of the show, not before the cut'),
  },
  strict,
);

/** An outline file; millimeters and local days. */
export type OutlineFile = Static<typeof OutlineFileSchema>;

/** A place of an outline file and what is wrong there. */
export interface OutlineFault {
  /** As people write it: `lengths[0].mm`. */
  readonly path: string;
  readonly detail: string;
}

const MOST_FAULTS = 50;

/** A fault in words of the form that must be there: "must be at most 600". */
function faultWords({ type, schema, message }: ValueError): string {
  switch (type) {
    case ValueErrorType.ObjectRequiredProperty:
      return 'is missing';
    case ValueErrorType.ObjectAdditionalProperties:
      return 'is not a field of an outline file';
    case ValueErrorType.Literal:
      return `must be ${JSON.stringify(schema['const'])}`;
    case ValueErrorType.Union:
      return `must be one of ${(schema['anyOf'] as { const: string }[]).map((s) => s.const).join(', ')}`;
    case ValueErrorType.Number:
      return 'must be a number';
    case ValueErrorType.NumberMinimum:
      return `must be at least ${String(schema['minimum'])}`;
    case ValueErrorType.NumberMaximum:
      return `must be at most ${String(schema['maximum'])}`;
    case ValueErrorType.StringPattern:
      return schema['pattern'] === DAY_PATTERN ? 'must be a day such as 2026-07-04' : 'must be text on one line';
    case ValueErrorType.StringMaxLength:
      return `has more than ${String(schema['maxLength'])} characters`;
    case ValueErrorType.ArrayMaxItems:
      return `has more than ${String(schema['maxItems'])} entries`;
    case ValueErrorType.Array:
      return 'must be a list';
    case ValueErrorType.Object:
      return 'must be an object';
    case ValueErrorType.String:
      return 'must be text';
    default:
      return message;
  }
}

/** Faults of data that should be an outline file; none: it is one. */
export function outlineFaults(data: unknown): OutlineFault[] {
  const faults: OutlineFault[] = [];
  for (const error of Value.Errors(OutlineFileSchema, data)) {
    const path =
      error.path
        .replace(/\/(\d+)/g, '[$1]')
        .replace(/\//g, '.')
        .replace(/^\./, '') || 'file';
    // A field that is missing is also of the wrong kind: once is enough.
    if (!faults.some((f) => f.path === path)) faults.push({ path, detail: faultWords(error) });
    if (faults.length === MOST_FAULTS) break;
  }
  return faults;
}
