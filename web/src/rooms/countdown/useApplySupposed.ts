/*
 * Making supposed changes true: the kennel's rows as they would be, saved in one command, all or none, so that the trail can
 * take them back.
 */
import { useQueryClient } from '@tanstack/react-query';
import type { AbsenceId, KennelFile, WhatIfChange } from '@loyal-mane/core';
import { withChange } from '@loyal-mane/core';
import { v7 } from 'uuid';
import { useCommand } from '../../api/commands';
import { saveKennel } from '../../api/saveKennel';

/** The kennel with all that was supposed. */
function supposed(kennel: KennelFile, changes: readonly WhatIfChange[]): KennelFile {
  return changes.reduce((k, change) => withChange(k, change, v7() as AbsenceId), kennel);
}

/** Saves supposed changes; what was changed meanwhile by others is kept, or refused with what is there now. */
export function useApplySupposed() {
  const client = useQueryClient();
  return useCommand((changes: readonly WhatIfChange[], commandId: string) =>
    saveKennel(client, (kennel) => supposed(kennel, changes), commandId),
  );
}
