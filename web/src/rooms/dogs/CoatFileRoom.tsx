/*
 * A dog's coat file: how is this coat, what goes on it, what do its estimates rest on, what is kept of it?
 */
import { Link, Navigate, useParams, useSearchParams } from 'react-router';
import { localDayOf, stageOf } from '@loyal-mane/core';
import type { LocalDay } from '@loyal-mane/core';
import { clockWords, COAT_WORDS, lowerFirst, shortWeekday, STAGE_WORDS } from '@loyal-mane/library/words';
import type { Kennel } from '../../api/queries';
import { libraryOf, recordOf } from '../../parts/dogRecord';
import type { Dog } from '../../parts/dogRecord';
import { foundWords, isClear, isLookedAt } from '../../parts/foundWords';
import { useNow } from '../../parts/useNow';
import { useRooms } from '../../parts/useRooms';
import { useWork, workedDogs } from '../../parts/useWork';
import { AboutPart } from './AboutPart';
import { CoatPart } from './CoatPart';
import { EstimatesPart } from './EstimatesPart';
import { ProductsPart } from './ProductsPart';
import { RecordPart } from './RecordPart';
import { PhotosPart } from './PhotosPart';
import { WorkPart } from './WorkPart';
import './dogs.css';

const PARTS = [
  { id: 'coat', name: 'Coat' },
  { id: 'products', name: 'Products and recipe' },
  { id: 'work', name: 'Work' },
  { id: 'photos', name: 'Photos' },
  { id: 'estimates', name: 'Estimates' },
  { id: 'record', name: 'Record' },
  { id: 'about', name: 'About' },
] as const;

/** One dog's file. */
export default function CoatFileRoom() {
  const { id } = useParams();
  const { kennel, names, lead } = useRooms();
  const [params, setParams] = useSearchParams();
  const now = useNow(60_000);
  const dog = kennel.dogs.find((d) => d.id === id);
  if (dog === undefined) return <Navigate to="/dogs" replace />;
  const part = PARTS.find((p) => p.id === params.get('part'))?.id ?? 'coat';
  const today = localDayOf(now, names.zone);
  return (
    <div className="room">
      <CoatHead dog={dog} today={today} />
      <nav className="parts" aria-label="Parts of the coat file">
        {PARTS.filter((p) => p.id !== 'about' || lead).map((p) => (
          <button
            key={p.id}
            className="plain"
            aria-current={p.id === part ? 'page' : undefined}
            onClick={() => setParams(p.id === 'coat' ? {} : { part: p.id })}
          >
            {p.name}
          </button>
        ))}
      </nav>
      {part === 'coat' && <CoatPart dog={dog} today={today} lead={lead} />}
      {part === 'products' && <ProductsPart key={dog.id} dog={dog} today={today} lead={lead} />}
      {part === 'work' && <WorkPart key={dog.id} dog={dog} />}
      {part === 'photos' && <PhotosPart key={dog.id} dog={dog} />}
      {part === 'estimates' && <EstimatesPart dog={dog} />}
      {part === 'about' && lead && <AboutPart dog={dog} kennel={kennel} />}
      {part === 'record' && <RecordPart key={dog.id} dog={dog} lead={lead} />}
    </div>
  );
}

/** Who the dog is, whether its coat is clear, and when it goes in next. */
function CoatHead({ dog, today }: { dog: Dog; today: LocalDay }) {
  const { kennel, names, plan } = useRooms();
  const worked = useWork(workedDogs);
  const next = kennel.entries
    .filter((e) => e.dogId === dog.id && e.day >= today)
    .sort((x, y) => `${x.day}${x.ringTime}`.localeCompare(`${y.day}${y.ringTime}`))[0];
  const out = (plan?.unplaced ?? []).some((u) => u.dogId === dog.id && u.kind === 'show');
  const trouble = !isClear(dog);
  const clockOf = (wall: string): string =>
    names.clock === '24h' ? wall : clockWords(Date.parse(`1970-01-01T${wall}:00Z`), 'UTC', names.clock);
  return (
    <div className="coat-head">
      <div>
        <h1 className="serif">{dog.name}</h1>
        <p className="soft">
          {dog.breed}, {dog.sex}, {ageWords(dog.born, today)}, {dog.weightKg} kg
          <br />
          {coatWords(kennel, dog, today)}
        </p>
      </div>
      <p className="serif says">
        {trouble ? (
          <>
            The coat is not clear. <b className="bad">{foundWords(dog)}</b>
          </>
        ) : isLookedAt(dog, worked) ? (
          'No mats, damp spots or sore skin on record.'
        ) : (
          'Nobody has looked at this coat yet.'
        )}{' '}
        {dog.note ?? ''}
      </p>
      <p className="when">
        {next === undefined ? (
          <span className="soft">not entered</span>
        ) : (
          <>
            <b>
              {shortWeekday(next.day)} {clockOf(next.ringTime)}
            </b>
            , {lowerFirst(names.ring(next.id))}
            <br />
            <Link to={`/?dog=${dog.id}`} className={out ? 'bad' : ''}>
              {out ? 'not ready as things stand' : 'on course'}
            </Link>
          </>
        )}
      </p>
    </div>
  );
}

/** "Scissored coat, rounded; adult": class and variant are the breed's, the stage is the dog's own. */
function coatWords(kennel: Kennel, dog: Dog, today: LocalDay): string {
  const breed = libraryOf(kennel).breeds.get(dog.breed);
  if (breed === undefined) return '';
  const isSaid = breed.variant === '' || breed.variant === COAT_WORDS[breed.coat].toLowerCase();
  const variant = isSaid ? '' : `, ${breed.variant}`;
  const { coatChange, states } = recordOf(dog);
  const stage = stageOf({ born: dog.born as LocalDay, coatChange: coatChange, states: states ?? [] }, today);
  return `${COAT_WORDS[breed.coat]} coat${variant}; ${STAGE_WORDS[stage]}`;
}

function ageWords(born: string, today: string): string {
  const months =
    (Number(today.slice(0, 4)) - Number(born.slice(0, 4))) * 12 + Number(today.slice(5, 7)) - Number(born.slice(5, 7));
  return months < 24 ? `${String(Math.max(0, months))} months` : `${String(Math.floor(months / 12))} years`;
}
