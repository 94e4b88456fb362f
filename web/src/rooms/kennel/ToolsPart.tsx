/*
 * Tools of the kennel: what each needs, how long it was used since, when it was done last.
 */
import { useQuery } from '@tanstack/react-query';
import { Alert } from 'antd';
import { localDayOf } from '@loyal-mane/core';
import { CARE_JOB_WORDS, monthDay } from '@loyal-mane/library/words';
import type { Names } from '@loyal-mane/library/words';
import { toolsQuery } from '../../api/queries';
import type { ToolJobNow } from '../../api/queries';
import { problemWords } from '../../parts/ProblemNote';
import { RowTable } from '../../parts/rows/RowTable';
import { toolName } from '../../parts/ToolCare';
import { useRooms } from '../../parts/useRooms';

/** All jobs on all tools, those that are due first. */
export function ToolsPart() {
  const { names } = useRooms();
  const { data, error } = useQuery(toolsQuery);
  if (error !== null) return <Alert type="error" showIcon title={problemWords(error)} />;
  return (
    <RowTable
      name="Care of tools"
      rows={data?.jobs ?? []}
      idOf={(j) => `${j.tool} ${j.job}`}
      empty="No tool yet. Kits are written down with each person; dryers and tubs are stations."
      columns={[
        { name: 'Tool', text: (j) => toolName(j, names), show: (j) => <b>{toolName(j, names)}</b>, width: 190 },
        {
          name: 'Whose',
          text: (j) => (j.personId === undefined ? 'everybody’s' : names.person(j.personId)),
          filter: true,
        },
        { name: 'What', text: (j) => CARE_JOB_WORDS[j.job].name, filter: true },
        {
          name: 'Now',
          text: stateWords,
          by: (j) => (j.isDue ? -1 : (j.leftMin ?? Infinity)),
          show: (j) => <span className={j.isDue ? 'bad' : 'soft'}>{stateWords(j)}</span>,
          filter: true,
        },
        { name: 'Used since', text: (j) => hoursWords(j.usedMin), by: (j) => j.usedMin, width: 120 },
        { name: 'Done last', text: (j) => lastWords(j, names), by: (j) => j.lastAt ?? '', width: 130 },
      ]}
    />
  );
}

function stateWords({ isDue, leftMin }: ToolJobNow): string {
  if (isDue) return 'due';
  return leftMin === undefined ? 'done' : `due after ${hoursWords(leftMin)} more`;
}

/** "3.5 h", "20 min". */
function hoursWords(minutes: number): string {
  return minutes < 90 ? `${String(minutes)} min` : `${(minutes / 60).toFixed(1)} h`;
}

function lastWords({ lastAt }: ToolJobNow, { zone }: Names): string {
  return lastAt === undefined ? 'not on record' : monthDay(localDayOf(Date.parse(lastAt), zone));
}
