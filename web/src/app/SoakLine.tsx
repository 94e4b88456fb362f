/*
 * Soaks that are in a coat now, under the tabs of every room: whoever passes sees what waits to be rinsed.
 */
import { Link } from 'react-router';
import { SoakDrop } from '../parts/SoakDrop';
import { soakName, soakNow, soaksNow } from '../parts/soaks';
import { useNow } from '../parts/useNow';
import { useRooms } from '../parts/useRooms';
import { useWork } from '../parts/useWork';

/** The line; nothing where nothing soaks. */
export function SoakLine() {
  const soaks = useWork(soaksNow);
  if (soaks.length === 0) return null;
  return <OpenSoaks />;
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
