/*
 * An operation's purpose, answers and refusals are declared once, at its method: the document, the client's types and the
 * tests' check of every answer come from it.
 */
import { HttpCode, applyDecorators } from '@nestjs/common';
import type { Type } from '@nestjs/common';
import { ApiExtension, ApiNoContentResponse, ApiOkResponse, ApiOperation } from '@nestjs/swagger';
import type { ProblemCode } from '../problem/problem.js';
import type { JsonSchema } from './fileSchemas.js';

/** Key of the document under which an operation's own problems wait until they are written out. */
const PROBLEMS_KEY = 'x-problems';

/** The answer of an operation: a DTO, a schema, another kind of text, or nothing. */
export type Answer =
  | Type<unknown>
  | { readonly schema: JsonSchema }
  | { readonly contentType: string; readonly schema: JsonSchema }
  | null;

/**
 * Declares an operation.
 * @param summary one sentence, who does what
 * @param answer what it answers with when it went well: 200, or 204 for null
 * @param problems codes that only this operation has; those of every route of its kind are added by the document
 */
export function Operation(summary: string, answer: Answer, problems: readonly ProblemCode[] = []) {
  return applyDecorators(
    ApiOperation({ summary }),
    ApiExtension(PROBLEMS_KEY, problems),
    HttpCode(answer === null ? 204 : 200),
    answered(answer),
  );
}

function answered(answer: Answer): MethodDecorator & ClassDecorator {
  if (answer === null) return ApiNoContentResponse({ description: 'It is done.' });
  if (typeof answer === 'function') return ApiOkResponse({ type: answer });
  const contentType = 'contentType' in answer ? answer.contentType : 'application/json';
  return ApiOkResponse({ content: { [contentType]: { schema: answer.schema } } });
}
