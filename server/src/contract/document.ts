/*
 * The OpenAPI document (3.1) of the whole API: what the DTO classes say, the kennel file's own schemas, and for each
 * operation every problem that it may answer with.
 */
import type { INestApplication } from '@nestjs/common';
import { DocumentBuilder, SwaggerModule } from '@nestjs/swagger';
import type { OpenAPIObject } from '@nestjs/swagger';
import { accessOf } from '../auth/routePolicy.js';
import { PROBLEMS, PROBLEM_TYPE } from '../problem/problem.js';
import type { ProblemCode } from '../problem/problem.js';
import { ProblemDto } from '../problem/problemDto.js';
import { ChangeEventDto } from '../events/dto.js';
import { fileComponents } from './fileSchemas.js';

type Json = Record<string, unknown>;

interface OperationJson extends Json {
  readonly parameters?: readonly { readonly in: string }[];
  readonly requestBody?: unknown;
  responses: Json;
  'x-problems'?: readonly ProblemCode[];
}

/** Makes the document; the application need not listen, nor have a database. */
export function apiDocument(app: INestApplication): OpenAPIObject {
  const options = new DocumentBuilder()
    .setTitle('Loyal Mane')
    .setDescription(
      'Every refusal is a problem body (RFC 9457). Times are UTC, days and times of day are the kennel’s.',
    )
    .setVersion('1')
    .setOpenAPIVersion('3.1.0')
    .build();
  const document = SwaggerModule.createDocument(app, options, {
    operationIdFactory: (controller, method) => `${controller.replace('Controller', '')}.${method}`,
    extraModels: [ProblemDto, ChangeEventDto],
  });
  const components = { ...document.components?.schemas, ...fileComponents() } as Json;
  for (const name of Object.keys(document.components?.schemas ?? {}))
    components[name] = closed(components[name] as Json);
  const refusals: Json = {};
  const parts = { ...document.components, schemas: components, responses: refusals };
  const whole = { ...document, components: parts } as unknown as Json;
  for (const [path, methods] of Object.entries(whole['paths'] as Record<string, Record<string, OperationJson>>))
    for (const [method, operation] of Object.entries(methods))
      withProblems(path, method.toUpperCase(), operation, refusals);
  return asJsonSchema(whole) as OpenAPIObject;
}

/** A DTO has the fields that it declares and no others. */
function closed(schema: Json): Json {
  return schema['type'] === 'object' ? { ...schema, additionalProperties: false } : schema;
}

/** Writes the problems of an operation out as responses, one for each status; equal ones share a component. */
function withProblems(path: string, method: string, operation: OperationJson, refusals: Json): void {
  const codes = new Set<ProblemCode>([...alwaysPossible(path, method, operation), ...(operation['x-problems'] ?? [])]);
  delete operation['x-problems'];
  const byStatus = new Map<number, ProblemCode[]>();
  for (const code of codes) byStatus.set(PROBLEMS[code].status, [...(byStatus.get(PROBLEMS[code].status) ?? []), code]);
  for (const [status, list] of [...byStatus].sort(([x], [y]) => x - y)) {
    const name = list.sort().map(capitalized).join('Or');
    refusals[name] = refusal(list);
    operation.responses[String(status)] = { $ref: `#/components/responses/${name}` };
  }
}

const capitalized = (code: string): string => code.charAt(0).toUpperCase() + code.slice(1);

/** A refusal with one of some codes. */
function refusal(codes: readonly ProblemCode[]): Json {
  const oneOfThem = { type: 'object', properties: { code: { type: 'string', enum: [...codes] } } };
  return {
    description: codes.map((code) => `${code}: ${PROBLEMS[code].title}`).join('. '),
    content: { [PROBLEM_TYPE]: { schema: { allOf: [{ $ref: '#/components/schemas/ProblemDto' }, oneOfThem] } } },
  };
}

function alwaysPossible(path: string, method: string, operation: OperationJson): ProblemCode[] {
  const route = path.replace(/\{(\w+)\}/g, ':$1');
  const isPublic = accessOf(method, route) === 'public';
  const isWrite = method !== 'GET';
  const takes = (operation.parameters ?? []).some((p) => p.in === 'path' || p.in === 'query');
  return [
    ...(isPublic ? [] : (['notSignedIn', 'mustChangePassword', 'notAllowed'] as const)),
    ...(isPublic || !isWrite ? [] : (['badToken'] as const)),
    ...(operation.requestBody === undefined ? [] : (['badInput', 'tooLarge'] as const)),
    ...(takes ? (['badInput'] as const) : []),
    'broken',
    'databaseAway',
  ];
}

/** OpenAPI 3.1 is JSON Schema: what may be null says so by its type, and a lone reference stands by itself. */
function asJsonSchema(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(asJsonSchema);
  if (typeof value !== 'object' || value === null) return value;
  const made: Json = Object.fromEntries(Object.entries(value).map(([k, v]) => [k, asJsonSchema(v)]));
  const all = made['allOf'];
  if (Array.isArray(all) && all.length === 1 && typeof (all[0] as Json)['$ref'] === 'string') {
    delete made['allOf'];
    Object.assign(made, all[0]);
  }
  if (made['nullable'] !== true) return made;
  const { nullable: _, description, ...schema } = made;
  return { ...(description === undefined ? {} : { description }), anyOf: [schema, { type: 'null' }] };
}
