/*
 * npm run api: writes server/openapi.json from the DTO classes and web/src/api/schema.gen.ts from that.
 * npm run api -- --check: fails when either is stale.
 */
import { execFileSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import openapiTS, { astToString } from 'openapi-typescript';

const root = fileURLToPath(new URL('..', import.meta.url));
const files = { document: path.join(root, 'server/openapi.json'), types: path.join(root, 'web/src/api/schema.gen.ts') };
const document = execFileSync(process.execPath, [path.join(root, 'server/dist/openApi.js')], { encoding: 'utf8' });
const types = `/* Generated from server/openapi.json by \`npm run api\`. */\n${astToString(await openapiTS(JSON.parse(document)))}`;
if (process.argv.includes('--check')) {
  const stale = Object.entries({ document, types }).filter(
    ([name, text]) => readFileSync(files[name], 'utf8') !== text,
  );
  for (const [name] of stale) console.error(`${path.relative(root, files[name])} is stale: run \`npm run api\``);
  process.exit(stale.length === 0 ? 0 : 1);
}
writeFileSync(files.document, document);
writeFileSync(files.types, types);
