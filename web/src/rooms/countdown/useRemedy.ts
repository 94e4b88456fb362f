/*
 * Taking a remedy: the one change that would give a dog its place. The lead plans again afterwards and sees what moves.
 */
import { App as AntApp } from 'antd';
import { instantToMs, localDayOf, wallTimeOf } from '@loyal-mane/core';
import type { Remedy } from '@loyal-mane/core';
import { command, reopenStation, setHandler, setOvertime, useCommand } from '../../api/commands';
import type { Kennel } from '../../api/queries';
import { problemWords } from '../../parts/ProblemNote';

type Change = (commandId: string) => Promise<unknown>;

function changeOf(kennel: Kennel, remedy: Remedy): Change | null {
  const zone = kennel.settings.timeZone;
  if (remedy.code === 'otherHandler') {
    const entry = kennel.entries.find((e) => e.id === remedy.entryId);
    return entry === undefined
      ? null
      : (id) => setHandler({ entryId: entry.id, handlerId: remedy.otherId, version: entry.version }, id);
  }
  if (remedy.code === 'stay') {
    const until = instantToMs(remedy.until);
    const shift = kennel.shifts.find((s) => s.personId === remedy.personId && s.day === localDayOf(until, zone));
    if (shift === undefined) return null;
    return (id) => setOvertime({ shiftId: shift.id, overtimeEnd: wallTimeOf(until, zone), version: shift.version }, id);
  }
  if (remedy.code === 'openStation') {
    const station = kennel.stations.find((s) => s.id === remedy.stationId);
    if (station === undefined) return null;
    return (id) =>
      reopenStation(
        { stationId: station.id, day: localDayOf(instantToMs(remedy.from), zone), version: station.version },
        id,
      );
  }
  return null;
}

/** Whether a remedy can be taken here, and the taking of it. */
export function useRemedy(kennel: Kennel, planAgain: () => void) {
  const { message } = AntApp.useApp();
  const change = useCommand((make: Change, commandId) => make(commandId));
  return {
    canTake: (remedy: Remedy): boolean => changeOf(kennel, remedy) !== null,
    busy: change.isPending,
    take: (remedy: Remedy): void => {
      const make = changeOf(kennel, remedy);
      if (make === null) return;
      change.mutate(command(make), {
        onSuccess: () => {
          void message.success('Taken. Planning again.');
          planAgain();
        },
        onError: (error) => void message.error(problemWords(error), 8),
      });
    },
  };
}
