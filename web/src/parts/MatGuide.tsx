/*
 * A dog's mats: whether there is time for them, reckoned line by line, and how each is opened.
 */
import { burnGuard, matLadder, zonesOfColor } from '@loyal-mane/core';
import type { KnownMat } from '@loyal-mane/core';
import { VERDICT_WORDS, budgetWords, guardWords, matName, rungWords } from '@loyal-mane/library/words';
import { kennelDogOf } from './dogRecord';
import type { Dog } from './dogRecord';
import { matBudgetOf, matsOf } from './matBudgetOf';
import { useNow } from './useNow';
import { useRooms } from './useRooms';
import './matGuide.css';

/** The verdict with its reckoning, then each mat's ladder; nothing where no mat is known. */
export function MatGuide({ dog }: { dog: Dog }) {
  const { kennel, plan, names } = useRooms();
  const now = useNow(60_000);
  const budget = matBudgetOf(dog, kennel, plan, names.zone, now);
  if (budget === null) return null;
  const record = kennelDogOf(dog);
  const isAsked = (record.consents ?? []).some((c) => c.what === 'shaveOut');
  const mayNeed = budget.verdict !== 'workOut' && budget.verdict !== 'vet';
  return (
    <section className="mat-guide" aria-label="Mats">
      <h3>
        Mats: <b className={budget.verdict === 'workOut' ? undefined : 'bad'}>{VERDICT_WORDS[budget.verdict]}</b>
      </h3>
      <p>{budgetWords(budget)}</p>
      <table>
        <tbody>
          {budget.lines.map(({ mat, minutes }) => (
            <tr key={keyOf(mat)}>
              <th scope="row">{matName(mat)}</th>
              <td>{Math.round(minutes)} min</td>
            </tr>
          ))}
          <tr>
            <th scope="row">All of them</th>
            <td>{Math.round(budget.needMin.middle)} min</td>
          </tr>
        </tbody>
      </table>
      {mayNeed && !isAsked && (
        <p>
          <b>Ask the owner</b> whether it may be clipped out, and write the answer into the record.
        </p>
      )}
      {matsOf(dog).map((mat) => (
        <Ladder key={keyOf(mat)} mat={mat} isPale={isPale(mat, record)} />
      ))}
    </section>
  );
}

const keyOf = (mat: KnownMat): string => `${mat.zone} ${mat.side ?? ''}`;

function isPale(mat: KnownMat, record: ReturnType<typeof kennelDogOf>): boolean {
  return zonesOfColor(record, 'white', 'pale').includes(mat.zone);
}

function Ladder({ mat, isPale }: { mat: KnownMat; isPale: boolean }) {
  const { stop, rungs } = matLadder(mat);
  return (
    <details>
      <summary>How: {matName(mat)}</summary>
      {stop ? (
        <p>The skin beneath is upset: leave it, keep it dry, and let a vet look.</p>
      ) : (
        <>
          <ol>
            {rungs.map((rung) => (
              <li key={rung.way} className={rung.isLeftOut ? 'soft' : undefined}>
                {rungWords(rung)}
              </li>
            ))}
          </ol>
          <p className="soft">
            {guardWords(burnGuard(mat, isPale))} Going back a rung is part of it. Keep it dry: no bath and no soak over
            it.
          </p>
        </>
      )}
    </details>
  );
}
