/*
 * Sign-ins: sessions, links, PINs, trusted devices, calendar addresses.
 */
import { queryOptions } from '@tanstack/react-query';
import { get, post } from './client';

/** Sign-ins of one's own. */
export const sessionsQuery = queryOptions({
  queryKey: ['account', 'sessions'],
  queryFn: async () => (await get('/api/sessions')).sessions,
});

/** Whether this device is a trusted tablet, and who can sign in on it by PIN. */
export const thisDeviceQuery = queryOptions({
  queryKey: ['this-device'],
  queryFn: () => get('/api/this-device'),
  staleTime: 60_000,
});

/** All trusted tablets. */
export const devicesQuery = queryOptions({
  queryKey: ['account', 'devices'],
  queryFn: async () => (await get('/api/devices')).devices,
});

/** Calendar addresses of one's own. */
export const feedsQuery = queryOptions({
  queryKey: ['account', 'feeds'],
  queryFn: async () => (await get('/api/feeds')).feeds,
});

/** Makes a welcome link for somebody; the old password ends. */
export const newLink = (personId: string, commandId: string) =>
  post('/api/people/{id}/link', { params: { path: { id: personId } }, body: { commandId } });

/** Ends somebody's sign-ins and password. */
export const closeSignIn = (personId: string, commandId: string) =>
  post('/api/people/{id}/close-sign-in', { params: { path: { id: personId } }, body: { commandId } });

/** Ends one sign-in of one's own. */
export const endSession = (id: string) => post('/api/sessions/{id}/end', { params: { path: { id } } });

/** Ends all sign-ins of one's own but this one. */
export const endOtherSessions = () => post('/api/sessions/end-others');

/** Sets a PIN of one's own; null clears it. */
export const setPin = (body: { password: string; pin: string }) => post('/api/session/own-pin', { body });

/** Makes this device a trusted tablet. */
export const trustDevice = (name: string, commandId: string) => post('/api/devices', { body: { commandId, name } });

/** Ends the trust in a tablet, and the sign-ins on it. */
export const forgetDevice = (id: string) => post('/api/devices/{id}/forget', { params: { path: { id } } });

/** Makes a calendar address; it is shown once. */
export const makeFeed = (body: { of: 'person' | 'dog'; id: string }, commandId: string) =>
  post('/api/feeds', { body: { commandId, ...body } });

/** Ends a calendar address. */
export const revokeFeed = (id: string) => post('/api/feeds/{id}/revoke', { params: { path: { id } } });
