/*
 * A problem in words: what is wrong, what was kept, what to do.
 */
import { Alert } from 'antd';
import { ProblemError } from '../api/client';

export function problemWords(error: unknown): string {
  if (!(error instanceof ProblemError)) return 'Something went wrong here. What was there before is unchanged.';
  const named = error.body.errors.map((e) => `${e.path}: ${e.detail}`).join('; ');
  return `${error.body.title}. ${error.body.detail}${named === '' ? '' : ` (${named})`}`;
}

export function ProblemNote({ error }: { error: unknown }) {
  return error === null || error === undefined ? null : (
    <Alert type="error" showIcon title={problemWords(error)} role="alert" />
  );
}
