/*
 * A card a dog for the crate, two on a page of A4 or letter: when and where it is shown and by whom, what is done to it that
 * day, what goes on its coat, what is in its bag, what to mind.
 */
import { instantToMs, localDayOf } from '@loyal-mane/core';
import type { LocalDay, Plan, PlannedActivity } from '@loyal-mane/core';
import { bagList } from '@loyal-mane/library';
import { clockWords, lowerFirst, METHODS, PRODUCT_NAMES, shortWeekday, zonesWords } from '@loyal-mane/library/words';
import type { Names } from '@loyal-mane/library/words';
import type { Kennel } from '../../api/queries';
import { DogBadge } from '../../parts/Glyph';
import { coatOf, recordOf } from '../../parts/dogRecord';
import { mindLines } from './DayFactsView';

type Dog = Kennel['dogs'][number];

interface Props {
  readonly kennel: Kennel;
  readonly plan: Plan | null;
  readonly names: Names;
  readonly day: LocalDay;
}

/** Entries that cards are made for: those to come of the show that runs on a day, or of the next one, by time. */
export function entriesForCards(kennel: Kennel, day: LocalDay): readonly Kennel['entries'][number][] {
  const ahead = kennel.entries.filter((e) => e.day >= day);
  const [show] = kennel.shows
    .filter((s) => ahead.some((e) => e.showId === s.id))
    .sort((x, y) => x.firstDay.localeCompare(y.firstDay));
  return ahead
    .filter((e) => e.showId === show?.id)
    .sort((x, y) => `${x.day}${x.ringTime}`.localeCompare(`${y.day}${y.ringTime}`));
}

/** The cards of a show, for paper. */
export function CrateCards({ kennel, plan, names, day }: Props) {
  const entries = entriesForCards(kennel, day);
  const dogs = kennel.dogs.filter((d) => entries.some((e) => e.dogId === d.id));
  return (
    <section className="crate-cards" aria-label="Cards for the crates">
      {dogs.map((dog) => (
        <CrateCard key={dog.id} dog={dog} shown={entries} kennel={kennel} plan={plan} names={names} day={day} />
      ))}
    </section>
  );
}

interface CardProps extends Props {
  readonly dog: Dog;
  readonly shown: readonly Kennel['entries'][number][];
}

function CrateCard({ dog, shown, kennel, plan, names, day }: CardProps) {
  const record = recordOf(dog);
  const entries = shown.filter((e) => e.dogId === dog.id);
  const first = entries[0]?.day ?? day;
  const steps = (plan?.activities ?? []).filter(
    (a) => a.dogId === dog.id && localDayOf(instantToMs(a.start), names.zone) === first,
  );
  const recipe = record.recipe ?? [];
  const mind = mindLines(dog, plan?.notes ?? []);
  return (
    <article className="crate-card" aria-label={dog.name}>
      <header>
        <DogBadge badge={dog.badge} width={46} />
        <div>
          <h2>{dog.name}</h2>
          <p>
            {dog.breed}, {dog.sex}, {dog.weightKg} kg
            {record.microchip === undefined ? '' : `, chip ${record.microchip}`}
          </p>
        </div>
      </header>
      <ul className="rings">
        {entries.map((e) => (
          <li key={e.id}>
            <b>
              {dayOf(e.day)} {e.ringTime}
            </b>{' '}
            {kennel.rings.find((r) => r.id === e.ringId)?.name},{' '}
            {e.handlerId === undefined ? 'no handler yet' : names.person(e.handlerId)}
          </li>
        ))}
      </ul>
      <dl>
        <dt>{dayOf(first)}</dt>
        <dd>
          {steps.length === 0 && 'nothing planned'}
          {steps.map((a) => (
            <div key={a.key}>{stepWords(a, names)}</div>
          ))}
        </dd>
        <dt>On the coat</dt>
        <dd>
          {recipe.length === 0
            ? 'no recipe kept'
            : recipe
                .map(
                  (l) =>
                    `${PRODUCT_NAMES[l.product].toLowerCase()}${l.zones.length === 0 ? '' : ` (${zonesWords(l.zones)})`}`,
                )
                .join('; ')}
        </dd>
        <dt>Bag</dt>
        <dd>{bagList(coatOf(dog), record.recipe).join(', ')}</dd>
        {record.wishes !== undefined && (
          <>
            <dt>Owner wishes</dt>
            <dd>{record.wishes}</dd>
          </>
        )}
        {mind.length > 0 && (
          <>
            <dt>Watch out</dt>
            <dd className="mind">{mind.join(' ')}</dd>
          </>
        )}
      </dl>
      <footer>{kennel.name}. Unwell, hurt or too hot: a vet first, then the lead.</footer>
    </article>
  );
}

/** "09:15 finish, Ivo, field table 2". */
function stepWords(a: PlannedActivity, names: Names): string {
  const time = clockWords(instantToMs(a.start), names.zone, names.clock);
  const where = a.stationId === null ? '' : `, ${lowerFirst(names.station(a.stationId))}`;
  return `${time} ${METHODS[a.step].name.toLowerCase()}, ${a.people.map((p) => names.first(p)).join(' and ')}${where}`;
}

function dayOf(day: string): string {
  return `${shortWeekday(day)} ${String(Number(day.slice(8)))}`;
}
