/*
 * Making supposed changes true: each by its own command, in order. What has no command here is entered in its own room.
 */
import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { WhatIfChange } from '@loyal-mane/core';
import { newCommandId } from '../../api/client';
import { markAbsent, reopenStation, setHandler, setOvertime } from '../../api/commands';
import type { Kennel } from '../../api/queries';

type Send = () => Promise<unknown>;

function sendsFor(kennel: Kennel, change: WhatIfChange): Send[] | null {
  switch (change.kind) {
    case 'personAway':
      return [() => markAbsent({ personId: change.personId, day: change.day }, newCommandId())];
    case 'personStays': {
      const shift = kennel.shifts.find((s) => s.personId === change.personId && s.day === change.day);
      if (shift === undefined) return null;
      const { id: shiftId, version } = shift;
      return [() => setOvertime({ shiftId, overtimeEnd: change.until, version }, newCommandId())];
    }
    case 'stationOpen': {
      const station = kennel.stations.find((s) => s.id === change.stationId);
      const [closure, ...more] = station?.closures ?? [];
      if (station === undefined || closure === undefined || more.length > 0) return null;
      const { id: stationId, version } = station;
      return [() => reopenStation({ stationId, day: closure.day, version }, newCommandId())];
    }
    case 'otherHandler': {
      const entry = kennel.entries.find((e) => e.id === change.entryId);
      if (entry === undefined) return null;
      const { id: entryId, version } = entry;
      return [() => setHandler({ entryId, handlerId: change.personId, version }, newCommandId())];
    }
    default:
      return null;
  }
}

interface Then {
  readonly onDone: () => void;
  readonly onError: (error: unknown) => void;
}

export function useMakeSo(kennel: Kennel) {
  const client = useQueryClient();
  const send = useMutation({
    mutationFn: async (sends: readonly Send[]) => {
      for (const one of sends) await one();
    },
    onSettled: () => client.invalidateQueries(),
  });
  const all = (changes: readonly WhatIfChange[]): Send[] | null => {
    const sends = changes.map((c) => sendsFor(kennel, c));
    return sends.some((s) => s === null) ? null : sends.flatMap((s) => s ?? []);
  };
  return {
    busy: send.isPending,
    can: (changes: readonly WhatIfChange[]): boolean => all(changes) !== null,
    make: (changes: readonly WhatIfChange[], { onDone, onError }: Then): void => {
      const sends = all(changes);
      if (sends !== null) send.mutate(sends, { onSuccess: onDone, onError });
    },
  };
}
