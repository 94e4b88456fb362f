/*
 * A shape told by what differs from another.
 */
import type { BodyRow } from '@loyal-mane/core';

/** Makes shapes from one of a table; throws for a shape that the table does not have. */
export function like(shapes: Readonly<Record<string, BodyRow>>, id: string): (differs: Partial<BodyRow>) => BodyRow {
  const near = shapes[id];
  if (near === undefined) throw new Error(`like: there is no shape ${id}`);
  return (differs) => ({ ...near, ...differs });
}
