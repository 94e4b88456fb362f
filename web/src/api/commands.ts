/*
 * Commands to the server. Each makes its id once and keeps it while it is tried again.
 */
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { isAway, newCommandId, post } from './client';
import { ownEvents } from './refresh';
import type { components } from './schema.gen';
import type {
  CareJob,
  DogRecordParts,
  KennelBreed,
  KennelIntervalChange,
  KennelLineChange,
  KennelProductChange,
  KennelStepChange,
  Patch,
  PersonParts,
} from '@loyal-mane/core';

const MOST_RETRIES = 60;
const RETRY_MS = 500;

/**
 * A command: `send` is given a command id that stays the same over retries. It is over when what it changed is read again,
 * by its own event on the live stream where there is one.
 */
export function useCommand<V, R>(send: (input: V, commandId: string) => Promise<R>) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ input, commandId }: { input: V; commandId: string }) => send(input, commandId),
    retry: (count, error) => isAway(error) && count < MOST_RETRIES,
    retryDelay: RETRY_MS,
    networkMode: 'always',
    onMutate: () => ownEvents.count,
    onSettled: async (_done, error, _given, count) => {
      const isRead = error === null && count !== undefined && (await ownEvents.after(count));
      if (!isRead) await client.invalidateQueries();
    },
  });
}

/** A command's fields with an id of its own, so that a retry is the same command. */
export const command = <V>(input: V): { input: V; commandId: string } => ({ input, commandId: newCommandId() });

/** Asks for a plan: near the published one, or afresh. */
export const startPlan = (mode: 'keep' | 'fresh', commandId: string) =>
  post('/api/plan-jobs', { body: { commandId, mode } });

/** A task's start, and by whom where somebody is named. */
export interface SetTaskInput {
  readonly key: string;
  readonly start: string;
  readonly personId?: string;
}

/** Sets a task at a time: planning goes around it until it is let go. */
export const setTask = ({ key, ...body }: SetTaskInput, commandId: string) =>
  post('/api/tasks/{key}/set', { params: { path: { key } }, body: { commandId, ...body } });

/** Lets a task go whose start was set. */
export const letTaskGo = (key: string, commandId: string) =>
  post('/api/tasks/{key}/let-go', { params: { path: { key } }, body: { commandId } });

/** Ends the search of a planning: its draft is the plan that it has. */
export const enoughOfPlan = (id: string, commandId: string) =>
  post('/api/plan-jobs/{id}/enough', { params: { path: { id } }, body: { commandId } });

/** Stops the planning that runs. */
export const cancelPlan = (id: string, commandId: string) =>
  post('/api/plan-jobs/{id}/cancel', { params: { path: { id } }, body: { commandId } });

/** Publishes or discards a draft. */
export const answerDraft = (input: { id: string; how: 'publish' | 'discard' }, commandId: string) => {
  const init = { params: { path: { id: input.id } }, body: { commandId } };
  return input.how === 'publish' ? post('/api/plans/{id}/publish', init) : post('/api/plans/{id}/discard', init);
};

/** Goes back to the plan that the published one took the place of. */
export const takePlanBack = (id: string, commandId: string) =>
  post('/api/plans/{id}/take-back', { params: { path: { id } }, body: { commandId } });

/** Looks for what would help dogs without a place in a plan, where nobody has yet. */
export const lookInto = (id: string, commandId: string) =>
  post('/api/plans/{id}/look-into', { params: { path: { id } }, body: { commandId } });

/** Stops that looking. */
export const stopLooking = (id: string, commandId: string) =>
  post('/api/plans/{id}/stop-looking', { params: { path: { id } }, body: { commandId } });

/** Writes down what was found in a coat. */
export const setMarks = (
  input: { dogId: string; version: number; marks: components['schemas']['CoatMarksDto'] },
  commandId: string,
) =>
  post('/api/dogs/{id}/marks', {
    params: { path: { id: input.dogId } },
    body: { commandId, version: input.version, marks: input.marks },
  });

/** Fields of a dog's record, as in a kennel file; null takes a field away. */
export const setDogRecord = (
  input: { dogId: string; version: number; record: Patch<DogRecordParts> },
  commandId: string,
) =>
  post('/api/dogs/{id}/record', {
    params: { path: { id: input.dogId } },
    body: { commandId, version: input.version, record: input.record },
  });

/** Something that is logged of a coat. */
export type CoatLog = Omit<components['schemas']['CoatLogDto'], 'commandId'>;

/** Products used on a dog today, or signs seen on it. */
export const logCoat = (input: { dogId: string; log: CoatLog }, commandId: string) =>
  post('/api/dogs/{id}/log', { params: { path: { id: input.dogId } }, body: { commandId, ...input.log } });

/** Notes that a tool was cared for. */
export const careForTool = ({ tool, job }: { tool: string; job: CareJob }, commandId: string) =>
  post('/api/tools/care', { body: { commandId, tool, job } });

/** Prints labels on the label printer, each from the top down. */
export const printLabels = (labels: readonly (readonly string[])[]) =>
  post('/api/labels', { body: { labels: labels.map((lines) => ({ lines: [...lines] })) } });

/** A photo that is added: the file in base64. */
export type NewPhoto = Omit<components['schemas']['NewPhotoDto'], 'commandId'>;

/** Adds a photo of a dog. */
export const addPhoto = (photo: NewPhoto, commandId: string) => post('/api/photos', { body: { commandId, ...photo } });

/** Removes a photo. */
export const removePhoto = (id: string, commandId: string) =>
  post('/api/photos/{id}/remove', { params: { path: { id } }, body: { commandId } });

/** Saves a person's practice, kit and route. */
export const setPersonRecord = (
  input: { personId: string; version: number; record: Patch<PersonParts> },
  commandId: string,
) =>
  post('/api/people/{id}/record', {
    params: { path: { id: input.personId } },
    body: { commandId, version: input.version, record: input.record },
  });

/** Saves a breed as this kennel has it. */
export const saveBreed = (input: { version: number; breed: KennelBreed }, commandId: string) =>
  post('/api/breeds', {
    body: { commandId, version: input.version, breed: input.breed },
  });

/** Removes a breed of the kennel's own. */
export const removeBreed = (input: { version: number; name: string }, commandId: string) =>
  post('/api/breeds/remove', { body: { commandId, ...input } });

/** Writes down a show's rules. */
export const setShowRules = (
  input: { showId: string; version: number; rules: components['schemas']['ShowRulesDto'] },
  commandId: string,
) =>
  post('/api/shows/{id}/rules', {
    params: { path: { id: input.showId } },
    body: { commandId, version: input.version, rules: input.rules },
  });

/** Opens a station again. */
export const reopenStation = (input: { stationId: string; day: string; version: number }, commandId: string) =>
  post('/api/stations/{id}/reopen', {
    params: { path: { id: input.stationId } },
    body: { commandId, day: input.day, version: input.version },
  });

/** Closes a station that fails for the rest of the day. */
export const failStation = (stationId: string, commandId: string) =>
  post('/api/stations/{id}/failed', { params: { path: { id: stationId } }, body: { commandId } });

/** Marks somebody away on a day. */
export const markAbsent = (input: { personId: string; day: string }, commandId: string) =>
  post('/api/people/{id}/absences', {
    params: { path: { id: input.personId } },
    body: { commandId, day: input.day, reason: 'ill' },
  });

/** One bottle's part of a mix; below 0 ml = put back. Its own command id: a retry takes nothing twice. */
export interface BottleTake {
  readonly bottleId: string;
  readonly ml: number;
  /** The bottle as it was seen: whoever mixed meanwhile is told of first. */
  readonly version?: number;
  readonly commandId: string;
}

/** Takes a mix from its bottles, one after the other. */
export async function takeFromBottles(takes: readonly BottleTake[]): Promise<void> {
  for (const { bottleId, ...body } of takes)
    await post('/api/bottles/{id}/take', { params: { path: { id: bottleId } }, body });
}

/** Marks somebody back on a day. */
export const markBack = (input: { personId: string; day: string }, commandId: string) =>
  post('/api/people/{id}/absences/remove', {
    params: { path: { id: input.personId } },
    body: { commandId, day: input.day },
  });

/** Makes a password that works once. */
export const newPassword = (personId: string, commandId: string) =>
  post('/api/people/{id}/one-time-password', { params: { path: { id: personId } }, body: { commandId } });

/** Sides by question, as they are sent. */
export type Choices = Record<string, 'a' | 'b'>;

/** Everything a kennel decides about its methods. */
export interface MethodsBody {
  readonly schools: Choices;
  readonly steps: readonly KennelStepChange[];
  readonly intervals: readonly KennelIntervalChange[];
  readonly products: readonly KennelProductChange[];
  readonly lines: readonly KennelLineChange[];
}

const bodyOf = (m: MethodsBody) => ({
  schools: m.schools,
  steps: m.steps.map((c) => ({ ...c })),
  intervals: m.intervals.map((c) => ({ ...c })),
  products: m.products.map((c) => ({ ...c })),
  lines: m.lines.map((c) => ({ ...c })),
});

/** Saves changed methods as a new version. */
export const changeMethods = (input: { number: number } & MethodsBody, commandId: string) =>
  post('/api/methods', { body: { commandId, number: input.number, ...bodyOf(input) } });

/** Saves choices that hold for one dog. */
export const changeDogSchools = (input: { dogId: string; version: number; schools: Choices }, commandId: string) =>
  post('/api/dogs/{id}/schools', {
    params: { path: { id: input.dogId } },
    body: { commandId, version: input.version, schools: input.schools },
  });

/** The effect of a change on the plan; nothing is saved. Without a dog it is the kennel's change. */
export const previewMethods = (dogId: string | null, body: MethodsBody) =>
  dogId === null
    ? post('/api/methods/preview', { body: bodyOf(body) })
    : post('/api/dogs/{id}/schools/preview', {
        params: { path: { id: dogId } },
        body: { schools: body.schools },
      });
