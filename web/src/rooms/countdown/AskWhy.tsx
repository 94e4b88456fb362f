/*
 * Why something has no place, asked when somebody wants to know: the plan of a large kennel looks into a few only.
 */
import { Button } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { UnplacedChain } from '@loyal-mane/core';
import { whyNotWords } from '@loyal-mane/library/words';
import { whyQuery } from '../../api/queries';
import { ProblemNote } from '../../parts/ProblemNote';
import { useRooms } from '../../parts/useRooms';

/** Finds out on demand why work has no place. */
export function AskWhy({ chain }: { chain: UnplacedChain }) {
  const { names, stored } = useRooms();
  const [asked, setAsked] = useState(false);
  const why = useQuery({ ...whyQuery(chain.key, stored?.id ?? ''), enabled: asked });
  if (!asked)
    return (
      <Button size="small" onClick={() => setAsked(true)}>
        Find out why
      </Button>
    );
  if (why.error !== null) return <ProblemNote error={why.error} />;
  if (why.data === undefined) return <span role="status">Trying changes, about a second.</span>;
  return <p className="why">{whyNotWords({ ...chain, step: why.data.step, reason: why.data.reason }, names)}</p>;
}
