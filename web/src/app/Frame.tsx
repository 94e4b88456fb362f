/*
 * Header, count rail, tabs, live mark, shortcuts; the phone's bottom bar. The rooms stand inside.
 */
import { useIsFetching } from '@tanstack/react-query';
import { App as AntApp, Button, Modal } from 'antd';
import { Suspense, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { NavLink, Outlet, useLocation, useNavigate } from 'react-router';
import { localDayOf } from '@loyal-mane/core';
import type { LocalDay } from '@loyal-mane/core';
import { clockWords, dayWords, monthDay } from '@loyal-mane/library/words';
import { remove } from '../api/client';
import { useLiveStream } from '../api/liveStream';
import { forgetAnswers } from '../offline/keptAnswers';
import { Sign } from '../parts/Glyph';
import { useNow } from '../parts/useNow';
import { useRooms } from '../parts/useRooms';
import { useShortcut, useTwoKeys } from '../parts/useShortcut';
import { CountRail } from './CountRail';
import { FindAndGo } from './FindAndGo';
import { SoakLine } from './SoakLine';
import { WaitingLine } from './WaitingLine';

const ALL: readonly string[] = ['lead', 'finisher', 'bather', 'hand', 'owner'];
const CREW: readonly string[] = ['lead', 'finisher', 'bather', 'hand'];
const LEADS: readonly string[] = ['lead'];
const ROOMS = [
  { to: '/', name: 'Countdown', key: 'c', glyph: 'comb', for: ALL },
  { to: '/day', name: 'Day sheet', key: 'd', glyph: 'line-brush', for: CREW },
  { to: '/bench', name: 'Bench', key: 'b', glyph: 'bath', for: CREW },
  { to: '/mixing', name: 'Mixing room', key: 'x', glyph: 'condition', for: CREW },
  { to: '/dogs', name: 'Dogs', key: 'o', glyph: 'inspection', for: ALL },
  { to: '/outline', name: 'Outline', key: 'u', glyph: 'fine-trim', for: CREW },
  { to: '/shows', name: 'Shows', key: 's', glyph: 'ring', for: ALL },
  { to: '/methods', name: 'Methods', key: 'm', glyph: 'towel-set', for: CREW },
  { to: '/kennel', name: 'Kennel', key: 'k', glyph: 'card', for: LEADS },
] as const;
/** Rooms of the phone's bar: those used on the floor. */
const FLOOR = new Set(['/', '/day', '/bench', '/dogs', '/methods']);

const SHORTCUTS = [
  ['g c, g d, g b, g o', 'Countdown, Day sheet, Bench, Dogs'],
  ['g x, g u, g s, g m, g k', 'Mixing room, Outline, Shows, Methods, Kennel'],
  ['[ and ]', 'a day back, a day on (Day sheet)'],
  ['/ or Ctrl+K', 'find and go'],
  ['space', 'start or pause (Bench)'],
  ['Enter', 'finish (Bench)'],
  ['u', 'undo (Bench)'],
  ['?', 'this list'],
] as const;

const ROOM_KEYS = ROOMS.map((r) => r.key);

function useShortcuts(openList: () => void, openFind: () => void): void {
  const navigate = useNavigate();
  useTwoKeys('g', ROOM_KEYS, (key) => {
    const room = ROOMS.find((r) => r.key === key);
    if (room !== undefined) void navigate(room.to);
  });
  useShortcut('/', openFind);
  useShortcut('?', openList);
  useHotkeys('ctrl+k', openFind, { preventDefault: true, enableOnFormTags: true, enableOnContentEditable: true });
}

/** Header, tabs and bars around the rooms. */
export function Frame() {
  const { session, kennel, names } = useRooms();
  const { pathname } = useLocation();
  const now = useNow(10_000);
  const stream = useLiveStream();
  const failing = useIsFetching({ predicate: (q) => q.state.fetchFailureCount > 0 }) > 0;
  const [list, setList] = useState(false);
  const [find, setFind] = useState(false);
  const { message } = AntApp.useApp();
  useShortcuts(
    () => setList(true),
    () => setFind(true),
  );
  const away = stream === 'away' || failing;
  const today = localDayOf(now, names.zone);

  const signOut = async (): Promise<void> => {
    try {
      await remove('/api/session');
    } catch {
      void message.error('Signing out did not work; try again.');
      return;
    }
    await forgetAnswers();
    // A fresh page keeps nothing of what was read here.
    window.location.assign('/');
  };

  return (
    <>
      <a className="skip" href="#room">
        To the room
      </a>
      <Header today={today} onFind={() => setFind(true)} onLeave={() => void signOut()} />
      <nav className="tabs" aria-label="Rooms">
        {ROOMS.filter((r) => r.for.includes(session.role)).map((r) => (
          <NavLink key={r.to} to={r.to} end={r.to === '/'}>
            {r.name}
          </NavLink>
        ))}
        {session.demoClock && (
          <span className="demo-clock" title="It runs on from there. CLOCK_START sets another moment.">
            Demo: its clock began on this working morning.
          </span>
        )}
        <span className={`live${away ? ' away' : ''}`} role="status">
          <i aria-hidden />
          {away ? 'no connection, trying again' : `${dayWords(now, names.zone).slice(0, 3)} ${monthDay(today)},`}
          {!away && <b>{clockWords(now, names.zone, names.clock)}</b>}
        </span>
      </nav>
      <WaitingLine />
      <SoakLine />
      <main id="room">
        {pathname === '/account' && (
          <nav className="narrow-only phone-more" aria-label="More rooms">
            {ROOMS.filter((r) => !FLOOR.has(r.to) && r.for.includes(session.role)).map((r) => (
              <NavLink key={r.to} to={r.to}>
                {r.name}
              </NavLink>
            ))}
            <button className="plain link" onClick={() => void signOut()}>
              Sign out
            </button>
          </nav>
        )}
        <Suspense fallback={<p className="room soft">Loading.</p>}>
          <Outlet />
        </Suspense>
      </main>
      <nav className="phone-bar" aria-label="Rooms on the floor">
        {ROOMS.filter((r) => FLOOR.has(r.to) && r.for.includes(session.role)).map((r) => (
          <NavLink key={r.to} to={r.to} end={r.to === '/'}>
            <Sign id={r.glyph} size={22} />
            {r.name}
          </NavLink>
        ))}
      </nav>
      <FindAndGo open={find} onClose={() => setFind(false)} kennel={kennel} today={today} />
      <ShortcutList open={list} onClose={() => setList(false)} />
    </>
  );
}

interface HeaderProps {
  readonly today: LocalDay;
  readonly onFind: () => void;
  readonly onLeave: () => void;
}

function Header({ today, onFind, onLeave }: HeaderProps) {
  const { session, kennel, plan } = useRooms();
  return (
    <header className="top">
      <NavLink to="/" className="brand" aria-label="Loyal Mane, Countdown">
        <img src="/sprites/mark.svg" width={26} height={26} alt="" />
        <b className="serif">Loyal Mane</b>
      </NavLink>
      <div className="rail">
        <CountRail kennel={kennel} plan={plan} today={today} />
      </div>
      <span className="find">
        <Button shape="round" onClick={onFind} aria-keyshortcuts="/ Control+K">
          <span className="soft">Search and go</span> <kbd>/</kbd>
        </Button>
      </span>
      <span className="who">
        <NavLink to="/account">
          <b>{session.name}</b>
        </NavLink>
        <span>
          {session.role},{' '}
          <button className="plain link" onClick={onLeave}>
            sign out
          </button>
        </span>
      </span>
    </header>
  );
}

function ShortcutList({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Modal open={open} onCancel={onClose} footer={null} title="Shortcuts">
      <dl className="fact">
        {SHORTCUTS.map(([keys, what]) => (
          <div key={keys} style={{ display: 'contents' }}>
            <dt>
              <kbd>{keys}</kbd>
            </dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
    </Modal>
  );
}
