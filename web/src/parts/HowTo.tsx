/*
 * How a task is done, for reading: its page, when it is finished, what to watch out for.
 */
import type { StepPage } from '@loyal-mane/library/pages';
import { CAUTIONS, DEFER } from '@loyal-mane/library/words';
import type { Kennel, Methods } from '../api/queries';
import { PageLines } from './PageLines';
import type { PageTask } from './pageOf';
import { pageOf } from './pageOf';

/** A composed page, to be read. */
export function PageText({ page }: { page: StepPage }) {
  return (
    <>
      <h3 style={{ fontSize: 16, marginTop: 16 }}>How</h3>
      <PageLines page={page} />
      <p>
        <b>Finished when:</b> {page.done}
      </p>
      {page.cautions.map((id) => (
        <p className="caution" key={id}>
          {CAUTIONS[id]}
        </p>
      ))}
      <p className="soft">{DEFER}</p>
    </>
  );
}

interface Props {
  readonly task: PageTask;
  readonly kennel: Kennel;
  readonly zone: string;
  readonly methods: Methods | undefined;
}

/** The page of a task. */
export default function HowTo({ task, kennel, zone, methods }: Props) {
  const page = pageOf(task, kennel, zone, methods);
  return page === null ? null : <PageText page={page} />;
}
