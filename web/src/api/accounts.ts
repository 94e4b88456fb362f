/*
 * Sign-ins: sessions, links, PINs, trusted devices, calendar addresses.
 */
import { queryOptions } from '@tanstack/react-query';
import { api, dataOf } from './client';

export const sessionsQuery = queryOptions({
  queryKey: ['account', 'sessions'],
  queryFn: async () => (await dataOf(api.GET('/api/sessions'))).sessions,
});

export const thisDeviceQuery = queryOptions({
  queryKey: ['this-device'],
  queryFn: () => dataOf(api.GET('/api/this-device')),
  staleTime: 60_000,
});

export const devicesQuery = queryOptions({
  queryKey: ['account', 'devices'],
  queryFn: async () => (await dataOf(api.GET('/api/devices'))).devices,
});

export const feedsQuery = queryOptions({
  queryKey: ['account', 'feeds'],
  queryFn: async () => (await dataOf(api.GET('/api/feeds'))).feeds,
});

export const newLink = (personId: string, commandId: string) =>
  dataOf(api.POST('/api/people/{id}/link', { params: { path: { id: personId } }, body: { commandId } }));

export const closeSignIn = (personId: string, commandId: string) =>
  dataOf(api.POST('/api/people/{id}/close-sign-in', { params: { path: { id: personId } }, body: { commandId } }));

export const endSession = (id: string) => dataOf(api.POST('/api/sessions/{id}/end', { params: { path: { id } } }));

export const endOtherSessions = () => dataOf(api.POST('/api/sessions/end-others'));

export const setPin = (body: { password: string; pin: string }) => dataOf(api.POST('/api/session/own-pin', { body }));

export const trustDevice = (name: string, commandId: string) =>
  dataOf(api.POST('/api/devices', { body: { commandId, name } }));

export const forgetDevice = (id: string) => dataOf(api.POST('/api/devices/{id}/forget', { params: { path: { id } } }));

export const makeFeed = (body: { of: 'person' | 'dog'; id: string }, commandId: string) =>
  dataOf(api.POST('/api/feeds', { body: { commandId, ...body } }));

export const revokeFeed = (id: string) => dataOf(api.POST('/api/feeds/{id}/revoke', { params: { path: { id } } }));
