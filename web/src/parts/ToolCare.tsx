/*
 * Care of tools that is due: one's own kit, and the stations that are everybody's. Done with one touch.
 */
import { useQuery } from '@tanstack/react-query';
import { App as AntApp } from 'antd';
import type { ToolKind } from '@loyal-mane/core';
import { CARE_JOB_WORDS, TOOL_WORDS } from '@loyal-mane/library/words';
import type { Names } from '@loyal-mane/library/words';
import { careForTool, command, useCommand } from '../api/commands';
import { toolsQuery } from '../api/queries';
import type { ToolJobNow } from '../api/queries';
import { problemWords } from './ProblemNote';
import { useRooms } from './useRooms';
import './toolCare.css';

/** So many are shown; the others come when these are done. */
const MOST_SHOWN = 8;

/** A tool by its name: a station's, or the kind of somebody's. */
export function toolName({ kind, stationId }: ToolJobNow, names: Names): string {
  if (stationId !== undefined) return names.station(stationId);
  const words = TOOL_WORDS[kind as ToolKind];
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** Jobs that are due for a person: those of the own kit before those of everybody's stations. */
export function dueFor(jobs: readonly ToolJobNow[], personId: string): ToolJobNow[] {
  const due = jobs.filter((j) => j.isDue && (j.personId ?? personId) === personId);
  return due.sort((x, y) => Number(y.personId !== undefined) - Number(x.personId !== undefined));
}

/** Jobs that are due for a person; nothing where none is. */
export function ToolCare({ personId }: { readonly personId: string }) {
  const { names } = useRooms();
  const jobs = useQuery(toolsQuery).data?.jobs ?? [];
  const { message } = AntApp.useApp();
  const send = useCommand(careForTool);
  const due = dueFor(jobs, personId);
  if (due.length === 0) return null;
  const rest = due.length - MOST_SHOWN;
  const done = (j: ToolJobNow): void =>
    send.mutate(command({ tool: j.tool, job: j.job }), {
      onError: (error) => void message.error(problemWords(error), 8),
    });
  return (
    <section className="tool-care" aria-label="Care of tools">
      <h2>Care of tools</h2>
      <ul>
        {due.slice(0, MOST_SHOWN).map((j) => (
          <li key={`${j.tool} ${j.job}`}>
            <span>
              <b>{toolName(j, names)}</b>: {CARE_JOB_WORDS[j.job].name.toLowerCase()}
              <br />
              <small>{CARE_JOB_WORDS[j.job].how}</small>
            </span>
            <button
              type="button"
              disabled={send.isPending}
              aria-label={`${toolName(j, names)}: ${CARE_JOB_WORDS[j.job].name.toLowerCase()}, done`}
              onClick={() => done(j)}
            >
              Done
            </button>
          </li>
        ))}
      </ul>
      {rest > 0 && <p>{rest} more after these.</p>}
    </section>
  );
}
