/*
 * Rooms are loaded when they are opened; the one that the address names is asked for before anything else is known.
 */
import { lazy } from 'react';
import { matchPath } from 'react-router';

const LOADS = {
  '/': () => import('../rooms/countdown/CountdownRoom'),
  '/day': () => import('../rooms/daySheet/DaySheetRoom'),
  '/dogs': () => import('../rooms/dogs/DogsRoom'),
  '/walk': () => import('../rooms/walk/WalkRoom'),
  '/dogs/:id': () => import('../rooms/dogs/CoatFileRoom'),
  '/outline': () => import('../rooms/outline/OutlineRoom'),
  '/outline/:id': () => import('../rooms/outline/OutlineRoom'),
  '/shows': () => import('../rooms/shows/ShowsRoom'),
  '/shows/:id': () => import('../rooms/shows/ShowsRoom'),
  '/bring-in': () => import('../rooms/bringIn/BringInRoom'),
  '/account': () => import('../rooms/account/AccountRoom'),
  '/kennel': () => import('../rooms/kennel/KennelRoom'),
  '/methods': () => import('../rooms/methods/MethodsRoom'),
  '/bench': () => import('../rooms/bench/BenchRoom'),
  '/mixing': () => import('../rooms/mixing/MixingRoom'),
} as const;

/** Loaded when it is first opened, as all rooms are. */
export const CountdownRoom = lazy(LOADS['/']);
/** The day sheet. */
export const DaySheetRoom = lazy(LOADS['/day']);
/** The list of dogs. */
export const DogsRoom = lazy(LOADS['/dogs']);
/** The inspection walk. */
export const WalkRoom = lazy(LOADS['/walk']);
/** One dog's coat file. */
export const CoatFileRoom = lazy(LOADS['/dogs/:id']);
/** The outline: cuts by zone, counted back from the show. */
export const OutlineRoom = lazy(LOADS['/outline']);
/** Shows. */
export const ShowsRoom = lazy(LOADS['/shows']);
/** Files that come in. */
export const BringInRoom = lazy(LOADS['/bring-in']);
/** One's own sign-in. */
export const AccountRoom = lazy(LOADS['/account']);
/** People, shifts, stations, travel, owners. */
export const KennelRoom = lazy(LOADS['/kennel']);
/** Methods. */
export const MethodsRoom = lazy(LOADS['/methods']);
/** The mixing room. */
export const MixingRoom = lazy(LOADS['/mixing']);
/** The bench. */
export const BenchRoom = lazy(LOADS['/bench']);

/** Begins to load the room of an address; what cannot be loaded is told when the room is opened. */
export function loadRoomOf(pathname: string): void {
  const path = Object.keys(LOADS).find((p) => matchPath(p, pathname) !== null);
  if (path !== undefined) LOADS[path as keyof typeof LOADS]().catch(() => undefined);
}
