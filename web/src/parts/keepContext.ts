/*
 * At the bench, what is found, measured or closed is kept on the device with the task's commands and sent in their order, so that nothing
 * is lost without a network. Other rooms send at once and say when the server does not answer.
 */
import { createContext, useContext } from 'react';
import type { ApartCommand, TaskOrder } from '../api/taskOrder';

/** A command that is kept, with what it carries. */
export interface Kept extends Pick<TaskOrder, 'log' | 'mark'> {
  readonly command: ApartCommand;
}

/** Keeps a command; false where the device cannot, which is said. */
export type Keep = (kept: Kept) => boolean;

const KeepContext = createContext<Keep | null>(null);

/** Puts what lies beneath at a bench. */
export const KeepProvider = KeepContext.Provider;

/** How commands are kept here; null where nothing is. */
export const useKeep = (): Keep | null => useContext(KeepContext);
