/*
 * Soaks that are in a coat now, and jackets under their towels, under the tabs of every room: whoever passes sees what waits to be rinsed.
 */
import { useCallback } from 'react';
import { Link } from 'react-router';
import { openTowels } from '@loyal-mane/core';
import { StepGlyph } from '../parts/Glyph';
import { SoakDrop } from '../parts/SoakDrop';
import { soakName, soakNow, soaksNow } from '../parts/soaks';
import { towelWords } from '../parts/towels';
import { useNow } from '../parts/useNow';
import { useRooms } from '../parts/useRooms';
import { useWork } from '../parts/useWork';

/** The lines; nothing where nothing soaks and no towel is on. */
export function SoakLine() {
  const soaks = useWork(soaksNow);
  return (
    <>
      {soaks.length > 0 && <OpenSoaks />}
      <OpenTowels />
    </>
  );
}

function OpenTowels() {
  const { names } = useRooms();
  const now = useNow(60_000);
  const towels = useWork(useCallback((work) => openTowels(work, now), [now]));
  if (towels.length === 0) return null;
  return (
    <section className="soak-line" aria-label="Under the towel now">
      {towels.map((open) => {
        const { words, isDue } = towelWords(open, now);
        return (
          <Link key={open.work.taskKey} to="/bench" className={isDue ? 'over' : 'early'}>
            <StepGlyph step="towelSet" size={22} />
            <span>
              <b>{names.dog(open.work.dogId)}: towel set</b> {words}
            </span>
          </Link>
        );
      })}
    </section>
  );
}

function OpenSoaks() {
  const { names } = useRooms();
  const soaks = useWork(soaksNow);
  const now = useNow(1000);
  return (
    <section className="soak-line" aria-label="Soaking now">
      {soaks.map((open) => {
        const at = soakNow(open.soak, now);
        return (
          <Link key={open.soak.id} to="/bench" className={at.phase}>
            <SoakDrop soak={open.soak} now={at} size={22} />
            <span>
              <b>{soakName(open, names)}</b> {at.words}
            </span>
          </Link>
        );
      })}
    </section>
  );
}
