/*
 * Mixing room: what do I mix for today's baths, and what runs out?
 */
import { Button, Segmented } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { Navigate } from 'react-router';
import { addDays, batchesOf, localDayOf } from '@loyal-mane/core';
import type { LocalDay } from '@loyal-mane/core';
import { monthDay, weekdayWords } from '@loyal-mane/library/words';
import { methodsQuery } from '../../api/queries';
import { rowsQuery } from '../../api/rows';
import { countWords } from '../../parts/countWords';
import { productsOf } from '../../parts/kennelProducts';
import { RowDrawer } from '../../parts/rows/RowDrawer';
import type { Opened } from '../../parts/rows/RowDrawer';
import { useDay } from '../../parts/useDay';
import { useNow } from '../../parts/useNow';
import { usePrinting } from '../../parts/usePrinting';
import { useRooms } from '../../parts/useRooms';
import { taskStates, useWork } from '../../parts/useWork';
import { Batches } from './Batches';
import { BathList } from './BathList';
import { Labels, PrintLabels } from './Labels';
import { bottlesOf, needsOf, plannedMixes } from './mixDay';
import { Stock } from './Stock';
import { useMeasure } from '../../parts/useMeasure';
import { volumeWords } from '../../parts/volumes';
import './mixing.css';

/** The mixing room; for the crew. */
export default function MixingRoom() {
  const { crew } = useRooms();
  return crew ? <Mixing /> : <Navigate to="/" replace />;
}

function Mixing() {
  const { kennel, plan, names, lead } = useRooms();
  const methods = useQuery(methodsQuery).data;
  const now = useNow(60_000);
  const today = localDayOf(now, names.zone);
  const [day, setDay] = useDay(today);
  const [measure, setMeasure] = useMeasure();
  const states = useWork(taskStates);
  const mixes = useMemo(
    () => plannedMixes(plan, kennel, names.zone, states, methods),
    [plan, kennel, names.zone, states, methods],
  );
  const here = mixes.filter((m) => m.day === day);
  const batches = batchesOf(here.flatMap((m) => m.parts));
  const bottles = useMemo(() => bottlesOf(kennel), [kennel]);
  const isPrinting = usePrinting();
  const mixedMl = batches.reduce((sum, b) => sum + b.mixedMl, 0);
  if (isPrinting) return <Labels batches={batches} names={names} day={day} measure={measure} />;
  return (
    <div className="room mixing">
      <div className="sheet-head">
        <h1>
          {dayTitle(day)}: <b>{countWords(here.length, 'bath')}</b>
          {mixedMl > 0 && `, ${volumeWords(mixedMl, measure)} to mix`}
        </h1>
        <span className="sheet-tools">
          <Button aria-label="A day back" onClick={() => setDay(addDays(day, -1))}>
            ‹
          </Button>
          <Button disabled={day === today} onClick={() => setDay(today)}>
            Today
          </Button>
          <Button aria-label="A day on" onClick={() => setDay(addDays(day, 1))}>
            ›
          </Button>
          <Segmented
            aria-label="Measures"
            value={measure}
            options={[
              { value: 'metric', label: 'ml' },
              { value: 'us', label: 'fl oz' },
            ]}
            onChange={setMeasure}
          />
          <Button disabled={batches.length === 0} onClick={() => window.print()}>
            Labels
          </Button>
          <PrintLabels batches={batches} names={names} day={day} measure={measure} />
        </span>
      </div>
      <p className="soft">
        Test the water on your wrist, away from the dog, and again after every pause: the pipe delivers a hot slug. The
        bottle’s own label comes first.
      </p>
      <div className="two-columns">
        <section aria-label="To mix">
          <h2 className="serif">To mix</h2>
          {batches.length === 0 && <p className="soft">Nothing more to mix {day === today ? 'today' : 'that day'}.</p>}
          <Batches batches={batches} bottles={bottles} names={names} day={today} measure={measure} />
        </section>
        <section aria-label="By dog">
          <h2 className="serif">By dog</h2>
          <BathList mixes={here} kennel={kennel} names={names} products={productsOf(methods)} measure={measure} />
        </section>
      </div>
      <section aria-label="In stock">
        <h2 className="serif">In stock</h2>
        {lead ? (
          <LeadStock bottles={bottles} needs={needsOf(mixes, today)} today={today} measure={measure} />
        ) : (
          <Stock bottles={bottles} needs={needsOf(mixes, today)} today={today} measure={measure} open={null} />
        )}
      </section>
    </div>
  );
}

function dayTitle(day: LocalDay): string {
  return `${weekdayWords(day)} ${monthDay(day)}`;
}

/** The stock with the form of a bottle; leads only, who may read the kennel's rows. */
function LeadStock(props: Omit<Parameters<typeof Stock>[0], 'open'>) {
  const rows = useQuery(rowsQuery).data;
  const [opened, setOpened] = useState<Opened | null>(null);
  return (
    <>
      <Stock {...props} open={setOpened} />
      {rows !== undefined && <RowDrawer opened={opened} kennel={rows} onClose={() => setOpened(null)} />}
    </>
  );
}
