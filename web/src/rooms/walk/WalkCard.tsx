/*
 * One dog on the inspection walk: what is followed, the points that are gone over, and one touch when all is as usual.
 */
import { App as AntApp, Button, Input } from 'antd';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import {
  COURSES,
  INSPECTION_POINTS,
  SEVERITIES,
  instantToMs,
  isLookDue,
  localDayOf,
  msToInstant,
} from '@loyal-mane/core';
import type { InspectionPoint, LocalDay, Observation, PersonId, PlannedActivity, Severity } from '@loyal-mane/core';
import { DOG_PARTS } from '@loyal-mane/library';
import type { DogPartId } from '@loyal-mane/library';
import { COURSE_WORDS, POINT_WORDS, SEVERITY_WORDS, observationWords } from '@loyal-mane/library/words';
import { newCommandId } from '../../api/client';
import { give } from '../../api/outbox';
import { serverNowMs } from '../../api/serverClock';
import { foundWords, isClear } from '../../parts/foundWords';
import { recordOf, useDogRecord } from '../../parts/dogRecord';
import type { Dog } from '../../parts/dogRecord';
import type { DogOnWalk } from '../../parts/useInspections';
import { useRooms } from '../../parts/useRooms';
import { allWork, useWork } from '../../parts/useWork';

interface Props {
  readonly on: DogOnWalk;
  readonly today: LocalDay;
  readonly onDone: () => void;
}

/** The card of one dog. */
export function WalkCard({ on, today, onDone }: Props) {
  const { dog, open, isDone } = on;
  const { busy, lookedOver } = useLookedOver(dog, today);
  const [found, setFound] = useState<InspectionPoint | null>(null);
  const points = INSPECTION_POINTS.filter((p) => (found ?? p) === p && (p !== 'season' || dog.sex === 'bitch'));
  return (
    <aside className="walk-card" aria-label={dog.name}>
      <h2 className="serif">
        <Link to={`/dogs/${dog.id}`}>{dog.name}</Link>
      </h2>
      {recordOf(dog).temperament !== undefined && <p>{recordOf(dog).temperament}</p>}
      {!isClear(dog) && <p className="bad">{foundWords(dog)}</p>}
      {open.map((o) => (
        <Followed key={o.id} dog={dog} observation={o} isDue={isLookDue(o, today)} />
      ))}
      <h3>{found === null ? 'Touch what is not as usual' : 'Not as usual'}</h3>
      <div className="points">
        {points.map((p) => (
          <button key={p} type="button" aria-pressed={p === found} onClick={() => setFound(p === found ? null : p)}>
            <b>{POINT_WORDS[p].name}</b>
            <span className="soft">{POINT_WORDS[p].look}</span>
          </button>
        ))}
      </div>
      {found !== null && <Finding key={found} dog={dog} point={found} onDone={() => setFound(null)} />}
      {found === null && (
        <button type="button" className="walk-go" disabled={busy} onClick={() => lookedOver(onDone)}>
          {isDone ? 'Looked over once more' : open.length === 0 ? 'All as usual' : 'The rest is as usual'}
        </button>
      )}
    </aside>
  );
}

/** Writes down that a dog was looked over: its planned inspection is finished, or the day is noted where none is planned. */
function useLookedOver(dog: Dog, today: LocalDay) {
  const { session, plan, names } = useRooms();
  const { log, busy } = useDogRecord(dog);
  const client = useQueryClient();
  const { message } = AntApp.useApp();
  const work = useWork(allWork);
  const state = (a: PlannedActivity) => work.find((w) => w.taskKey === a.key)?.state;
  const planned = plan?.activities.find(
    (a) =>
      a.dogId === dog.id &&
      a.step === 'inspection' &&
      localDayOf(instantToMs(a.start), names.zone) === today &&
      state(a) === undefined,
  );
  const words = `${dog.name} was looked over.`;
  const lookedOver = (done: () => void): void => {
    if (planned === undefined) {
      log({ what: 'inspected' }, words, done);
      return;
    }
    const { key, dogId, step, stationId } = planned;
    const common = { key, dogId, step, stationId, personId: session.personId as PersonId };
    const at = msToInstant(serverNowMs());
    // Its minutes were walked, not measured here: they do not teach the estimates.
    give({ ...common, commandId: newCommandId(), command: 'start', version: 0, at, anyway: true }, client);
    give({ ...common, commandId: newCommandId(), command: 'finish', version: 1, at, doneBefore: true }, client);
    void message.success(words);
    done();
  };
  return { busy, lookedOver };
}

/** Something that is followed, with the answer of this look. */
function Followed({ dog, observation, isDue }: { dog: Dog; observation: Observation; isDue: boolean }) {
  const { log, busy } = useDogRecord(dog);
  const name = POINT_WORDS[observation.point].name;
  return (
    <div className={isDue ? 'followed due' : 'followed'}>
      <p>{observationWords(observation)}</p>
      <div className="zone-tools">
        {COURSES.map((course) => (
          <Button
            key={course}
            disabled={busy}
            onClick={() =>
              log(
                { what: 'seenAgain', noteId: observation.id, course },
                `${name}: ${COURSE_WORDS[course].toLowerCase()}.`,
              )
            }
          >
            {COURSE_WORDS[course]}
          </Button>
        ))}
        <Button disabled={busy} onClick={() => log({ what: 'seenOver', noteId: observation.id }, `${name}: closed.`)}>
          As usual again
        </Button>
      </div>
    </div>
  );
}

/** Something unusual is written down: how soon it wants an answer, where, what, who was told. */
function Finding({ dog, point, onDone }: { dog: Dog; point: InspectionPoint; onDone: () => void }) {
  const { log, busy } = useDogRecord(dog);
  const [severity, setSeverity] = useState<Severity | null>(null);
  const [where, setWhere] = useState<readonly DogPartId[]>([]);
  const [text, setText] = useState('');
  const [told, setTold] = useState('');
  const save = (): void => {
    if (severity === null) return;
    const zones = DOG_PARTS.filter((p) => where.includes(p.id)).flatMap((p) => [...p.zones]);
    const words = {
      ...(text.trim() === '' ? {} : { text: text.trim() }),
      ...(told.trim() === '' ? {} : { told: told.trim() }),
    };
    log(
      { what: 'seen', point, severity, zones, ...words },
      `${POINT_WORDS[point].name}: followed until closed.`,
      onDone,
    );
  };
  return (
    <section className="finding" aria-label={`${POINT_WORDS[point].name}: not as usual`}>
      <div className="chips" role="group" aria-label="How soon">
        {SEVERITIES.map((s) => (
          <button key={s} type="button" aria-pressed={s === severity} onClick={() => setSeverity(s)}>
            {SEVERITY_WORDS[s]}
          </button>
        ))}
      </div>
      <div className="chips" role="group" aria-label="Where">
        {DOG_PARTS.map(({ id, name }) => (
          <button
            key={id}
            type="button"
            aria-pressed={where.includes(id)}
            onClick={() => setWhere(where.includes(id) ? where.filter((w) => w !== id) : [...where, id])}
          >
            {name}
          </button>
        ))}
      </div>
      <Input
        aria-label="What was seen"
        placeholder="what was seen"
        maxLength={200}
        value={text}
        onChange={(e) => setText(e.target.value)}
      />
      <Input
        aria-label="Who was told"
        placeholder="who was told"
        maxLength={80}
        value={told}
        onChange={(e) => setTold(e.target.value)}
      />
      {severity === 'now' && <p className="bad">Sick or hurt dogs are a vet’s business: tell a lead now.</p>}
      <div className="zone-tools">
        <Button onClick={onDone}>Back</Button>
        <Button type="primary" disabled={severity === null || busy} onClick={save}>
          Write it down
        </Button>
      </div>
    </section>
  );
}
