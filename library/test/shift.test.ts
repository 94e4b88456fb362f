/* A kennel moved in time: wall times and weekdays stay, ages and history move along, and moving back gives the same file. */
import { readFileSync } from 'node:fs';
import { addDays, daysBetween, instantToMs, kennelOnDay, shiftKennel, wallTimeOf, weekday } from '@loyal-mane/core';
import type { Instant, KennelFile, LocalDay, WorkRecord } from '@loyal-mane/core';

const bare = JSON.parse(readFileSync(`${__dirname}/../demo/demo-kennel.json`, 'utf8')) as KennelFile;
const zone = bare.settings.timeZone;
const busy: KennelFile = {
  ...bare,
  work: bare.dogs.map((dog, k): WorkRecord => {
    const day = addDays(bare.startDay, -1 - (k % 5));
    return {
      taskKey: `${dog.id}:keepUp:${day}:keepUpBrush:0:0` as WorkRecord['taskKey'],
      dogId: dog.id,
      step: 'keepUpBrush',
      state: 'done',
      startedAt: `${day}T0${String(5 + (k % 4))}:10:00.000Z` as Instant,
      finishedAt: `${day}T0${String(5 + (k % 4))}:40:00.000Z` as Instant,
      workedMs: 1_800_000,
    };
  }),
};

it.each([1, 7, -14, 133, 365])('moved by %d days and back it is the same kennel', (days) => {
  expect(shiftKennel(shiftKennel(busy, days), -days)).toEqual(busy);
});

it('keeps wall times across a change of clocks', () => {
  const winter = shiftKennel(busy, 154);
  expect(busy.work.length).toBeGreaterThan(10);
  winter.work.forEach((w, i) => {
    const was = busy.work[i]?.startedAt;
    if (w.startedAt === undefined || was === undefined) return;
    expect(wallTimeOf(instantToMs(w.startedAt), zone)).toBe(wallTimeOf(instantToMs(was), zone));
    expect(w.startedAt.slice(11, 13)).not.toBe(was.slice(11, 13));
  });
});

it('moves the days inside keys of keep-up tasks, so that history still belongs to its task', () => {
  const dated = busy.work.filter((w) => /\d{4}-\d{2}-\d{2}/.test(w.taskKey));
  expect(dated.length).toBeGreaterThan(0);
  const moved = shiftKennel(busy, 7);
  for (const w of dated) {
    const day = /\d{4}-\d{2}-\d{2}/.exec(w.taskKey)?.[0] as LocalDay;
    expect(moved.work.map((x) => x.taskKey as string)).toContain(w.taskKey.replace(day, addDays(day, 7)));
  }
});

it('moves by whole weeks, never to before today, and drops what has not happened yet', () => {
  for (let k = 0; k < 21; k++) {
    const today = addDays(bare.startDay, k);
    const moved = kennelOnDay(busy, today);
    const shift = daysBetween(busy.shows[0]?.firstDay ?? today, moved.shows[0]?.firstDay ?? today);
    expect(shift % 7).toBe(0);
    expect(shift).toBeGreaterThanOrEqual(k);
    expect(shift).toBeLessThan(k + 7);
    expect(moved.startDay).toBe(today);
    expect(moved.shows.map((s) => weekday(s.firstDay))).toEqual(busy.shows.map((s) => weekday(s.firstDay)));
  }
});
