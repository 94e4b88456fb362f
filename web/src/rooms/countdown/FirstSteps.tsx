/*
 * The first five minutes of a kennel: what is needed before anything can be counted back, in order, with what is done.
 */
import CheckOutlined from '@ant-design/icons/CheckOutlined';
import { App as AntApp, Button } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { v7 } from 'uuid';
import type { KennelFile } from '@loyal-mane/core';
import { rowsOf } from '@loyal-mane/core';
import { command, useCommand } from '../../api/commands';
import type { Kennel } from '../../api/queries';
import { rowsQuery, saveChanges } from '../../api/rows';
import { problemWords } from '../../parts/ProblemNote';
import { usualStations } from './usualStations';

interface Step {
  readonly name: string;
  readonly why: string;
  readonly to: string;
  readonly done: boolean;
}

/** Needs of a kennel before anything can be counted back, with those that are met. */
export function firstSteps(kennel: Kennel, today: string): readonly Step[] {
  const kinds = new Set(kennel.stations.map((s) => s.kind));
  const ahead = kennel.shows.some((s) => s.lastDay >= today);
  const named = kennel.people.some((p) => p.role === 'lead' && p.name !== 'Lead');
  return [
    {
      name: 'Say who you are',
      why: 'Your name, and what the kennel is called and which time zone it keeps.',
      to: named ? '/kennel?part=settings' : '/kennel',
      done: named && kennel.settings.zoneChecked,
    },
    {
      name: 'People and what they can do',
      why: 'Each task goes only to somebody with its skill.',
      to: '/kennel',
      done: kennel.people.length > 1,
    },
    {
      name: 'Shifts',
      why: 'A weekly pattern, laid over as many weeks as you like.',
      to: '/kennel?part=shifts',
      done: kennel.shifts.some((s) => s.day >= today),
    },
    {
      name: 'Stations',
      why: 'Tubs, dryers, tables, pens: what the dogs share.',
      to: '/kennel?part=stations',
      done: kinds.has('tub') && kinds.has('table'),
    },
    {
      name: 'Dogs',
      why: 'One by one, or all from a CSV file.',
      to: '/dogs',
      done: kennel.dogs.length > 0,
    },
    {
      name: 'The next show, and who is entered',
      why: 'Everything is counted back from the ring times.',
      to: '/shows',
      done: ahead && kennel.entries.some((e) => e.day >= today),
    },
  ];
}

/** The browser's own time zone is proposed; what a lead confirms holds for the whole kennel. */
function ZoneCheck({ rows }: { rows: KennelFile }) {
  const { message } = AntApp.useApp();
  const send = useCommand(saveChanges);
  const own = Intl.DateTimeFormat().resolvedOptions().timeZone;
  const [from] = rowsOf(rows, 'settings');
  if (from === undefined) return null;
  const confirm = (): void => {
    const to = { ...from, timeZone: own, zoneChecked: true };
    send.mutate(command([{ list: 'settings', id: from.id, from, to }]), {
      onSuccess: () => void message.success(`The kennel keeps ${own} time.`),
      onError: (error) => void message.error(problemWords(error), 8),
    });
  };
  return (
    <Button loading={send.isPending} onClick={confirm}>
      {from['timeZone'] === own ? `Yes, the time zone is ${own}` : `Use ${own}, this device’s time zone`}
    </Button>
  );
}

/** The first five minutes. */
export function FirstSteps({ kennel, today }: { kennel: Kennel; today: string }) {
  const { message } = AntApp.useApp();
  const rows = useQuery(rowsQuery).data;
  const send = useCommand(saveChanges);
  const steps = firstSteps(kennel, today);
  const next = steps.findIndex((s) => !s.done);
  const home = kennel.sites.find((s) => s.home);
  const setUp = (): void => {
    if (home === undefined) return;
    send.mutate(command(usualStations(home.id, v7)), {
      onSuccess: () => void message.success('Set up. Change or remove any of them in the room Kennel.'),
      onError: (error) => void message.error(problemWords(error), 8),
    });
  };
  return (
    <ol className="first-steps" aria-label="The first five minutes">
      {steps.map((s, k) => (
        <li key={s.name} className={s.done ? 'done' : k === next ? 'next' : ''}>
          <span className="mark" aria-hidden>
            {s.done ? <CheckOutlined /> : k + 1}
          </span>
          <div>
            <Link to={s.to}>{s.name}</Link>
            <span className="soft"> {s.done ? 'done' : s.why}</span>
          </div>
          {k === 0 && !kennel.settings.zoneChecked && rows !== undefined && <ZoneCheck rows={rows} />}
          {s.to.endsWith('stations') && !s.done && (
            <Button loading={send.isPending} disabled={rows === undefined} onClick={setUp}>
              Add usual stations
            </Button>
          )}
        </li>
      ))}
    </ol>
  );
}
