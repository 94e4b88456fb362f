/*
 * A problem in words: what is wrong, what was kept, what to do.
 */
import { Alert } from 'antd';
import { ProblemError } from '../api/client';

/** Complaints that a sentence names; more would not be read. */
const MOST_NAMED = 4;

/** A failure in words: what is wrong, what was kept, what to do next. */
export function problemWords(error: unknown): string {
  if (!(error instanceof ProblemError)) return 'Something went wrong here. What was there before is unchanged.';
  const { title, detail, errors } = error.body;
  // Nothing that the sentence says is said twice.
  const others = errors.filter((e) => !detail.includes(e.detail));
  const named = others
    .slice(0, MOST_NAMED)
    .map((e) => `${e.path.replace(/^changes\[\d+\]\.?/, '')}: ${e.detail}`.replace(/^: /, ''));
  return `${title}. ${detail}${named.length === 0 ? '' : ` (${named.join('; ')})`}`;
}

/** A failure as a note. */
export function ProblemNote({ error }: { error: unknown }) {
  return error === null || error === undefined ? null : (
    <Alert type="error" showIcon title={problemWords(error)} role="alert" />
  );
}
