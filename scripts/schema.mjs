/*
 * npm run schema: writes the JSON Schema of kennel files that ships with the library, from the one the reader uses.
 */
import { writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { ensureBuilt } from './built.mjs';

ensureBuilt();
const { KennelFileSchema } = await import('@loyal-mane/core');
const file = fileURLToPath(new URL('../library/schema/kennel.schema.json', import.meta.url));
const schema = { $schema: 'http://json-schema.org/draft-07/schema#', ...KennelFileSchema };
writeFileSync(file, `${JSON.stringify(schema, null, 2)}\n`);
