/*
 * The frame around the rooms: query client, theme, who is signed in, which room is open. Rooms are loaded when opened.
 */
import { QueryClient, QueryClientProvider, useQuery } from '@tanstack/react-query';
import { App as AntApp, ConfigProvider } from 'antd';
import { Suspense, useEffect, useRef } from 'react';
import { Navigate, createBrowserRouter } from 'react-router';
import { RouterProvider } from 'react-router/dom';
import { isAway, isSignedOut } from '../api/client';
import type { Role } from '@loyal-mane/core';
import { readAllAtHello } from '../api/liveStream';
import { kennelQuery, planQuery, sessionQuery, workQuery } from '../api/queries';
import type { Session } from '../api/queries';
import { serverOffsetMs } from '../api/serverClock';
import { forgetAnswers, keepAnswers, takeUpAnswers } from '../offline/keptAnswers';
import { problemWords } from '../parts/ProblemNote';
import { OwnPasswordPage, SignInPage, WelcomePage } from '../rooms/signIn/SignInPage';
import { DAY } from '../theme/palette';
import { themeOf } from '../theme/tokens';
import { Frame } from './Frame';
import { RoomError } from './RoomError';
import {
  AccountRoom,
  BenchRoom,
  BringInRoom,
  CoatFileRoom,
  CountdownRoom,
  DaySheetRoom,
  DogsRoom,
  MethodsRoom,
  MixingRoom,
  ShowsRoom,
  KennelRoom,
  OutlineRoom,
  WalkRoom,
} from './rooms';
import './app.css';

const client = new QueryClient({
  defaultOptions: {
    queries: {
      refetchOnWindowFocus: false,
      retry: (count, error) => isAway(error) && count < 120,
      retryDelay: 500,
      networkMode: 'always',
    },
  },
});

// Taken over before the first picture: what every room reads, asked for already (see `early`).
void client.query({ ...sessionQuery, retry: false }).then(
  (session) => {
    if (session.mustChange) return;
    client.query(kennelQuery).catch(() => undefined);
    client.query(planQuery).catch(() => undefined);
    client.query(workQuery).catch(() => undefined);
  },
  // The door asks again, and says what is wrong; without a server what is on this device is taken up.
  async (error: unknown) => {
    if (isAway(error) && (await takeUpAnswers(client))) readAllAtHello();
  },
);
keepAnswers(client, serverOffsetMs);

const router = createBrowserRouter([
  {
    element: <Frame />,
    errorElement: <RoomError />,
    children: [
      { path: '/', element: <CountdownRoom />, errorElement: <RoomError /> },
      { path: '/day', element: <DaySheetRoom />, errorElement: <RoomError /> },
      { path: '/dogs', element: <DogsRoom />, errorElement: <RoomError /> },
      { path: '/walk', element: <WalkRoom />, errorElement: <RoomError /> },
      { path: '/dogs/:id', element: <CoatFileRoom />, errorElement: <RoomError /> },
      { path: '/outline', element: <OutlineRoom />, errorElement: <RoomError /> },
      { path: '/outline/:id', element: <OutlineRoom />, errorElement: <RoomError /> },
      { path: '/shows', element: <ShowsRoom />, errorElement: <RoomError /> },
      { path: '/shows/:id', element: <ShowsRoom />, errorElement: <RoomError /> },
      { path: '/bring-in', element: <BringInRoom />, errorElement: <RoomError /> },
      { path: '/account', element: <AccountRoom />, errorElement: <RoomError /> },
      { path: '/mixing', element: <MixingRoom />, errorElement: <RoomError /> },
      { path: '/kennel', element: <KennelRoom />, errorElement: <RoomError /> },
      { path: '/methods', element: <MethodsRoom />, errorElement: <RoomError /> },
      // The room's former address: bookmarks still lead there.
      { path: '/yard', element: <Navigate to="/kennel" replace /> },
      { path: '*', element: <Navigate to="/" replace /> },
    ],
  },
  { path: '/bench', element: <BenchRoom />, errorElement: <RoomError /> },
]);

const THEME = themeOf(DAY, 32, 14);

/** The application: session first, then rooms. */
export function App() {
  return (
    <ConfigProvider theme={THEME} wave={{ disabled: true }} virtual={false}>
      <AntApp>
        <QueryClientProvider client={client}>
          <SessionGate />
        </QueryClientProvider>
      </AntApp>
    </ConfigProvider>
  );
}

/** Roles whose work is at the bench: it is where they land when they sign in. */
const FLOOR_ROLES: readonly Role[] = ['finisher', 'bather', 'hand'];

/** Leads somebody who has just signed in to where their work is. */
function useLanding(session: Session | undefined, isOut: boolean): void {
  const cameFromOutside = useRef(false);
  useEffect(() => {
    if (isOut) {
      cameFromOutside.current = true;
      void forgetAnswers();
    } else if (session !== undefined && cameFromOutside.current) {
      cameFromOutside.current = false;
      if (router.state.location.pathname === '/' && FLOOR_ROLES.includes(session.role))
        void router.navigate('/bench', { replace: true });
    }
  }, [session, isOut]);
}

/** Nobody passes without a session. */
function SessionGate() {
  const session = useQuery(sessionQuery);
  useLanding(session.data, isSignedOut(session.error));
  if (session.data !== undefined && !isSignedOut(session.error)) {
    if (session.data.mustChange) return <OwnPasswordPage />;
    return (
      <Suspense fallback={<p className="room soft">Loading.</p>}>
        <RouterProvider router={router} />
      </Suspense>
    );
  }
  const link = window.location.pathname === '/welcome' ? window.location.hash.slice(1) : '';
  if (isSignedOut(session.error)) return link === '' ? <SignInPage /> : <WelcomePage link={link} />;
  if (session.failureCount > 0)
    return (
      <p className="notice bad" role="status">
        {problemWords(session.failureReason)} Trying again.
      </p>
    );
  return <p className="room soft">Loading.</p>;
}
