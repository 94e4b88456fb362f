/*
 * Somebody goes home before the end of the shift: from then on their tasks need somebody else.
 */
import { useQueryClient } from '@tanstack/react-query';
import { Button, Input, Space } from 'antd';
import { useState } from 'react';
import { localDayOf, wallTimeOf, withShiftEnded } from '@loyal-mane/core';
import type { KennelFile, LocalDay, PersonId, WallTime } from '@loyal-mane/core';
import { command, useCommand } from '../../api/commands';
import type { Kennel } from '../../api/queries';
import { serverNowMs } from '../../api/serverClock';
import { saveKennel } from '../../api/saveKennel';
import { problemWords } from '../../parts/ProblemNote';
import { isWallTime, wallTyped } from '../../parts/rows/fieldSpec';
import { useRooms } from '../../parts/useRooms';

const QUARTER_MS = 15 * 60_000;

/** The next quarter of an hour where the day is today, else nothing. */
function proposed(day: string, zone: string): string {
  const ms = Math.ceil(serverNowMs() / QUARTER_MS) * QUARTER_MS;
  return localDayOf(ms, zone) === day ? wallTimeOf(ms, zone) : '';
}

interface Props {
  readonly person: Kennel['people'][number];
  readonly day: string;
  /** Told when the shift is ended. */
  readonly onDone: (words: string) => void;
}

/** A time and a button; nothing where the person has no shift on the day. */
export function GoesHome({ person, day, onDone }: Props) {
  const { kennel, names } = useRooms();
  const client = useQueryClient();
  const [typed, setTyped] = useState(() => proposed(day, names.zone));
  const end = useCommand((at: WallTime, commandId: string) =>
    saveKennel(
      client,
      (file: KennelFile) => withShiftEnded(file, person.id as PersonId, day as LocalDay, at),
      commandId,
    ),
  );
  const shift = kennel.shifts.find((s) => s.personId === person.id && s.day === day);
  if (shift === undefined) return null;
  const at = wallTyped(typed);
  const fault = faultWords(at, shift);
  const first = names.first(person.id);
  return (
    <>
      <Space style={{ display: 'flex', marginTop: 10 }}>
        <Button
          disabled={fault !== null}
          loading={end.isPending}
          onClick={() =>
            end.mutate(command(at as WallTime), { onSuccess: () => onDone(`${first} goes home at ${at}.`) })
          }
        >
          {first} goes home at
        </Button>
        <Input
          aria-label={`When ${first} goes home`}
          style={{ width: 90 }}
          value={typed}
          status={fault === null ? '' : 'error'}
          onChange={(e) => setTyped(e.target.value)}
        />
      </Space>
      {fault !== null && typed !== '' && <p className="bad">{fault}</p>}
      {end.error !== null && <p className="bad">{problemWords(end.error)}</p>}
    </>
  );
}

/** The fault of a time to go home at; null where there is none. */
function faultWords(at: string, shift: { readonly start: string; readonly overtimeEnd: string }): string | null {
  if (!isWallTime(at)) return 'Write it like 14:30.';
  if (at <= shift.start) return `The shift begins at ${shift.start}: who does not come at all is away that day.`;
  return at < shift.overtimeEnd ? null : `The shift is over at ${shift.overtimeEnd}.`;
}
