/*
 * Words at the dryers where a coat is blown dry now and straightened with heat later.
 */
import { instantToMs, localDayOf } from '@loyal-mane/core';
import type { PlannedActivity } from '@loyal-mane/core';
import { clockWords, heatLaterWords, weekdayWords } from '@loyal-mane/library/words';
import { useRooms } from '../../parts/useRooms';

/** Told at both dryers; nothing where the coat is dried in one run. */
export function DriedInTwo({ activity }: { readonly activity: Pick<PlannedActivity, 'entryId' | 'step'> }) {
  const { plan, names } = useRooms();
  const isLater = plan?.notes.some((n) => n.entryId === activity.entryId && n.note.code === 'heatLater') === true;
  if (!isLater || (activity.step !== 'forceDry' && activity.step !== 'heatDry')) return null;
  const heat = plan.activities.find(
    (a) => a.entryId === activity.entryId && a.step === 'heatDry' && a.state === 'planned',
  );
  const atMs = heat === undefined ? null : instantToMs(heat.start);
  const when =
    atMs === null ? null : `${weekdayWords(localDayOf(atMs, names.zone))} ${clockWords(atMs, names.zone, names.clock)}`;
  return (
    <section className="trim-cuts" aria-label="Dried in two goes">
      <p>
        <b>Dried in two goes.</b> {heatLaterWords(activity.step, when)}
      </p>
    </section>
  );
}
