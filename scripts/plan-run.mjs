/* The headless planner itself, once core and library are built. */
import { mkdirSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { parseArgs } from 'node:util';
import {
  isLocalDay,
  kennelOnDay,
  leadReport,
  localDayOf,
  planKennel,
  wallTimeOf,
  wallToMs,
  instantToMs,
} from '@loyal-mane/core';
import { CARE_LIBRARY, METHODS } from '@loyal-mane/library';
import { planCalendars } from '@loyal-mane/library/calendar';
import { csvOf } from '@loyal-mane/library/csv';
import { readKennel } from '@loyal-mane/library/reader';
import { issueWords, leadWords, namesOf, reasonWords, whyNotWords } from '@loyal-mane/library/words';

const USAGE =
  'usage: npm run -s plan -- kennel.json --out plan.json [--report] [--csv FILE] [--ics DIR] [--today YYYY-MM-DD] [--seed N]';

function fail(lines) {
  for (const line of lines) console.error(line);
  return 2;
}

/** Returns the exit code: 0 done, 2 bad input with nothing written. */
export function runPlan(argv) {
  let args;
  try {
    args = parseArgs({
      args: argv,
      allowPositionals: true,
      options: {
        out: { type: 'string' },
        csv: { type: 'string' },
        ics: { type: 'string' },
        today: { type: 'string' },
        seed: { type: 'string' },
        report: { type: 'boolean' },
      },
    });
  } catch (error) {
    return fail([`arguments: ${error.message}`, USAGE]);
  }
  const { positionals, values } = args;
  if (positionals.length !== 1 || (values.out === undefined && values.report !== true)) return fail([USAGE]);
  if (values.today !== undefined && !isLocalDay(values.today))
    return fail([`--today: "${values.today}" is not a day, YYYY-MM-DD`]);
  const seed = values.seed === undefined ? 1 : Number(values.seed);
  if (!Number.isSafeInteger(seed)) return fail([`--seed: "${values.seed}" is not a whole number`]);
  let text;
  try {
    text = readFileSync(positionals[0], 'utf8');
  } catch (error) {
    return fail([`${positionals[0]}: cannot be read (${error.code ?? error.message})`]);
  }
  const read = readKennel(text, CARE_LIBRARY);
  if (!read.ok) return fail(read.issues.map((issue) => `${issue.path}: ${issueWords(issue)}`));
  // Looked at before the plan is made: nobody should wait for one that cannot be kept.
  const barred = values.out === undefined ? null : whatBarsWriting(values.out);
  if (barred !== null) return fail([`${values.out}: cannot be written (${barred})`]);
  const kennel = values.today === undefined ? read.kennel : kennelOnDay(read.kennel, values.today);
  const nowMs = wallToMs(
    kennel.startDay,
    /** @type {import('@loyal-mane/core').WallTime} */ ('00:00'),
    kennel.settings.timeZone,
  );
  const plan = planKennel(kennel, CARE_LIBRARY, { nowMs, seed });
  if (values.out !== undefined) {
    const code = write(kennel, plan, values);
    if (code !== 0) return code;
  }
  if (values.report === true) report(kennel, plan);
  return 0;
}

/** Prints all that a lead handler would hand the plan back for, a line each. */
function report(kennel, plan) {
  const names = namesOf(kennel);
  for (const line of leadReport(kennel, CARE_LIBRARY, plan)) console.log(leadWords(line, names));
}

/** Why no file can be made beside a path; null when one can. */
function whatBarsWriting(file) {
  try {
    writeFileSync(`${file}.part`, '');
    rmSync(`${file}.part`);
    return null;
  } catch (error) {
    return error.code ?? error.message;
  }
}

function write(kennel, plan, values) {
  const names = namesOf(kennel);
  const activities = plan.activities.map((a) => ({
    key: a.key,
    dog: names.dog(a.dogId),
    dogId: a.dogId,
    entry: a.entryId,
    step: a.step,
    state: a.state,
    start: a.start,
    end: a.end,
    attendedUntil: a.attendedUntil,
    minutes: a.minutes,
    people: a.people.map((id) => names.person(id)),
    stations: a.stationId === null ? [] : [names.station(a.stationId)],
    reason: { ...a.reason, words: reasonWords(a, names) },
    ...(a.handedOver === undefined ? {} : { handedOver: a.handedOver }),
  }));
  const unplaced = plan.unplaced.map((u) => ({
    key: u.key,
    kind: u.kind,
    dog: names.dog(u.dogId),
    dogId: u.dogId,
    entry: u.entryId,
    step: u.step,
    reason: { ...u.reason, words: whyNotWords(u, names) },
  }));
  const { format, version, now, seed, rounds, inputHash, libraryVersion, cost, leftOut, calendar } = plan;
  const out = {
    format,
    version,
    kennel: kennel.name,
    now,
    seed,
    rounds,
    inputHash,
    libraryVersion,
    cost,
    activities,
    unplaced,
    leftOut,
    calendar,
  };
  try {
    // Written beside and moved into place, so that a half-written plan never stands under its name.
    writeFileSync(`${values.out}.part`, `${JSON.stringify(out, null, 1)}\n`);
    renameSync(`${values.out}.part`, values.out);
    if (values.csv !== undefined) writeFileSync(values.csv, csvOfPlan(kennel, activities));
    if (values.ics !== undefined) writeCalendars(values.ics, planCalendars(kennel, plan));
  } catch (error) {
    return fail([`${values.out}: cannot be written (${error.code ?? error.message})`]);
  }
  const ready = new Set(kennel.entries.map((e) => e.id));
  for (const u of unplaced) if (u.entry !== null) ready.delete(u.entry);
  console.log(
    `${kennel.name}: ${activities.length} tasks placed, ${ready.size} of ${kennel.entries.length} entries ready.`,
  );
  for (const u of unplaced) console.log(`  ${u.dog}: ${u.reason.words}`);
  return 0;
}

/** A file for each person and each dog; files of other names in the folder stay. */
function writeCalendars(dir, calendars) {
  mkdirSync(dir, { recursive: true });
  for (const [file, text] of calendars) writeFileSync(path.join(dir, file), text);
}

function csvOfPlan(kennel, activities) {
  const zone = kennel.settings.timeZone;
  const header = ['day', 'start', 'end', 'dog', 'step', 'people', 'stations', 'state', 'why'];
  const rows = activities.map((a) => [
    localDayOf(instantToMs(a.start), zone),
    wallTimeOf(instantToMs(a.start), zone),
    wallTimeOf(instantToMs(a.end), zone),
    a.dog,
    METHODS[a.step].name,
    a.people.join('; '),
    a.stations.join('; '),
    a.state,
    a.reason.words,
  ]);
  return `${csvOf(header, rows)}\r\n`;
}
