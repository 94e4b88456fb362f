/*
 * Products of the task at the tub: each with its mix, its zones and what its label says, and a large "Used". Touches are ticks of the
 * task, so that whoever takes it over, and every device, sees the same; the finish asks from there.
 */
import { BATHS, usedTick } from '@loyal-mane/core';
import type { MixPart, PlannedActivity } from '@loyal-mane/core';
import { bathAdvice, stepProducts } from '@loyal-mane/library/pages';
import { PRODUCT_NAMES } from '@loyal-mane/library/words';
import type { Kennel, Methods } from '../../api/queries';
import type { Ticking } from '../../parts/PageLines';
import { mixFor, partWords, tablesOf } from '../../parts/mixWords';
import { askOf } from '../../parts/pageOf';
import { useMeasure } from '../../parts/useMeasure';
import { volumeWords } from '../../parts/volumes';

/** Products of a task as they are mixed for its dog; none away from the tub. */
export function partsAt(
  activity: PlannedActivity,
  kennel: Kennel,
  zone: string,
  methods: Methods | undefined,
): readonly MixPart[] {
  const ask = askOf(activity, kennel, zone, methods);
  const dog = kennel.dogs.find((d) => d.id === activity.dogId);
  if (ask === null || dog === undefined) return [];
  const used = new Set(stepProducts(ask).map((u) => u.product));
  const advice = bathAdvice(BATHS.has(ask.step) ? ask : { ...ask, step: 'bath' }).filter((a) => used.has(a.product));
  return mixFor(dog, ask, advice, methods);
}

interface Props {
  readonly parts: readonly MixPart[];
  readonly methods: Methods | undefined;
  /** Null where nothing can be ticked: not begun, or over. */
  readonly ticking: Ticking | null;
}

/** The list; nothing away from the tub. */
export function BathProducts({ parts, methods, ticking }: Props) {
  const [measure] = useMeasure();
  const { products } = tablesOf(methods);
  if (parts.length === 0) return null;
  return (
    <ul className="bath-products" aria-label="Products">
      {parts.map((part) => {
        const tick = usedTick(part.product);
        const isUsed = ticking?.ticked.has(tick) === true;
        return (
          <li key={`${part.product}${part.scope}`}>
            <span>
              <b>{PRODUCT_NAMES[part.product]}</b>{' '}
              {part.parts === null
                ? 'ready to use'
                : `1 : ${String(part.parts)}, ${volumeWords(part.mixedMl, measure)}`}
              <span className="soft">{partWords(part, products, Infinity)}</span>
            </span>
            {ticking !== null && (
              <button
                type="button"
                aria-pressed={isUsed}
                aria-label={`${PRODUCT_NAMES[part.product]}: used`}
                onClick={() => ticking.onTick(tick, !isUsed)}
              >
                {isUsed ? '✓ Used' : 'Used'}
              </button>
            )}
          </li>
        );
      })}
    </ul>
  );
}
