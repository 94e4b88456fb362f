/*
 * Between choosing and saving: what the planner says the change would move.
 */
import { Button } from 'antd';
import type { Names } from '@loyal-mane/library/words';
import { ProblemNote } from '../../parts/ProblemNote';
import { effectLines, effectWords } from './effectWords';
import type { MethodsDraft } from './useMethodsDraft';

/** Effect of a change, before it is saved. */
export function EffectBar({ draft, names, what }: { draft: MethodsDraft; names: Names; what: string }) {
  if (!draft.touched) return null;
  const effect = draft.effect.data;
  return (
    <section className="draft effect" aria-label="What the change would do">
      <div className="grow" role="status">
        <b>{what}</b>{' '}
        {draft.faults.length > 0
          ? 'This cannot be saved:'
          : !draft.moves
            ? 'It moves nothing in the plan.'
            : effect === undefined
              ? 'Asking the planner what it would move.'
              : effectWords(effect)}
        {draft.faults.length > 0 && (
          <ul>
            {[...new Set(draft.faults)].map((words) => (
              <li key={words} className="bad">
                {words}
              </li>
            ))}
          </ul>
        )}
        {effect !== undefined && effectLines(effect, names).length > 0 && (
          <ul>
            {effectLines(effect, names).map((l) => (
              <li key={l.words} className={l.bad ? 'bad' : ''}>
                {l.words}
              </li>
            ))}
          </ul>
        )}
        <ProblemNote error={draft.effect.error} />
      </div>
      <Button onClick={draft.drop} disabled={draft.busy}>
        Discard changes
      </Button>
      <Button
        type="primary"
        onClick={draft.save}
        loading={draft.busy}
        disabled={(draft.moves && effect === undefined) || draft.faults.length > 0}
      >
        Save
      </Button>
    </section>
  );
}
