/*
 * Sign-ins: sessions, links, PINs, trusted devices, calendar addresses.
 */
import { queryOptions } from '@tanstack/react-query';
import { get, post } from './client';

export const sessionsQuery = queryOptions({
  queryKey: ['account', 'sessions'],
  queryFn: async () => (await get('/api/sessions')).sessions,
});

export const thisDeviceQuery = queryOptions({
  queryKey: ['this-device'],
  queryFn: () => get('/api/this-device'),
  staleTime: 60_000,
});

export const devicesQuery = queryOptions({
  queryKey: ['account', 'devices'],
  queryFn: async () => (await get('/api/devices')).devices,
});

export const feedsQuery = queryOptions({
  queryKey: ['account', 'feeds'],
  queryFn: async () => (await get('/api/feeds')).feeds,
});

export const newLink = (personId: string, commandId: string) =>
  post('/api/people/{id}/link', { params: { path: { id: personId } }, body: { commandId } });

export const closeSignIn = (personId: string, commandId: string) =>
  post('/api/people/{id}/close-sign-in', { params: { path: { id: personId } }, body: { commandId } });

export const endSession = (id: string) => post('/api/sessions/{id}/end', { params: { path: { id } } });

export const endOtherSessions = () => post('/api/sessions/end-others');

export const setPin = (body: { password: string; pin: string }) => post('/api/session/own-pin', { body });

export const trustDevice = (name: string, commandId: string) => post('/api/devices', { body: { commandId, name } });

export const forgetDevice = (id: string) => post('/api/devices/{id}/forget', { params: { path: { id } } });

export const makeFeed = (body: { of: 'person' | 'dog'; id: string }, commandId: string) =>
  post('/api/feeds', { body: { commandId, ...body } });

export const revokeFeed = (id: string) => post('/api/feeds/{id}/revoke', { params: { path: { id } } });
