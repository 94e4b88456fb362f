/*
 * npm run api: writes server/openapi.json from the DTO classes and web/src/api/schema.gen.ts from that.
 * npm run api -- --check: fails when either is stale.
 */
import { execFileSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import openapiTS, { astToString } from 'openapi-typescript';
import ts from 'typescript';

const root = fileURLToPath(new URL('..', import.meta.url));
const files = { document: path.join(root, 'server/openapi.json'), types: path.join(root, 'web/src/api/schema.gen.ts') };
/*
 * Components whose type the core has already: ids are branded there, and reasons are closed unions. That a component and its
 * type say the same is checked where they meet: every answer in the tests is held against the document.
 */
const CORE_TYPES = {
  PlanDto: 'Plan',
  PlannedActivityDto: 'PlannedActivity',
  UnplacedDto: 'UnplacedChain',
  WhyNotDto: 'WhyNot',
  PlanBreakDto: 'ToldBreak',
  ChainCheckDto: 'ChainCheck',
  KennelFile: 'KennelFile',
  FileRow: 'KennelRow',
  FileBreed: 'KennelBreed',
  FileSchools: 'SchoolChoices',
  FileStepChange: 'KennelStepChange',
  FileIntervalChange: 'KennelIntervalChange',
  FileProductChange: 'KennelProductChange',
  FileDogParts: 'DogRecordParts',
  FileDogPatch: 'Patch<DogRecordParts>',
  FilePersonParts: 'PersonParts',
  FilePersonPatch: 'Patch<PersonParts>',
  WorkDto: 'VersionedWork',
};
const names = [...new Set(Object.values(CORE_TYPES).flatMap((t) => t.match(/\w+/g)))].sort();
const head = [
  '/* Generated from server/openapi.json by `npm run api`. */',
  `import type { ${names.join(', ')} } from '@loyal-mane/core';`,
].join('\n');

/** @type {NonNullable<import('openapi-typescript').OpenAPITSOptions['transform']>} */
function coreType(_, { path: at }) {
  const name = CORE_TYPES[/^#\/components\/schemas\/(\w+)$/.exec(at ?? '')?.[1]];
  return name === undefined ? undefined : ts.factory.createTypeReferenceNode(name);
}

const document = execFileSync(process.execPath, [path.join(root, 'server/dist/openApi.js')], { encoding: 'utf8' });
const types = `${head}\n${astToString(await openapiTS(JSON.parse(document), { transform: coreType }))}`;
if (process.argv.includes('--check')) {
  const stale = Object.entries({ document, types }).filter(
    ([name, text]) => readFileSync(files[name], 'utf8') !== text,
  );
  for (const [name] of stale) console.error(`${path.relative(root, files[name])} is stale: run \`npm run api\``);
  process.exit(stale.length === 0 ? 0 : 1);
}
writeFileSync(files.document, document);
writeFileSync(files.types, types);
