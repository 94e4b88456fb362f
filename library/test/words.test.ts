/* Sentences that people read, from codes and fields: exactly as they stand in the rooms. */
import { readFileSync } from 'node:fs';
import { HAND_OVER_CAUSES, ZONE_IDS, addDays, breakGroups, wallToMs } from '@loyal-mane/core';
import type {
  Blocker,
  HandOverCause,
  Instant,
  KennelFile,
  LocalDay,
  PlanBreak,
  Reason,
  Remedy,
  UnplacedChain,
  WallTime,
  WhatIfChange,
  WhyNot,
} from '@loyal-mane/core';
import {
  METHODS,
  boundDetailWords,
  boundWords,
  breakLine,
  breakWords,
  checkedWords,
  clockWords,
  dayWords,
  durationWords,
  leftOutLines,
  liftWords,
  namesOf,
  heatLaterWords,
  noteWords,
  oddsInsteadWords,
  oddsWords,
  overtimeInsteadWords,
  readyInsteadWords,
  reasonWords,
  remedyWords,
  restsOnWords,
  shortWhyNot,
  sideFirstWords,
  spareWords,
  supposedWords,
  tightestWords,
  whyNotWords,
  zonesWords,
} from '../src/words/index.js';

const kennel = JSON.parse(readFileSync(`${__dirname}/../demo/demo-kennel.json`, 'utf8')) as KennelFile;
const names = namesOf(kennel);
const { zone } = names;
const friday = addDays(kennel.startDay, 2);
const at = (day: LocalDay, time: string): number => wallToMs(day, time as WallTime, zone);
const instant = (day: LocalDay, time: string): Instant => new Date(at(day, time)).toISOString() as Instant;
const idOf = (list: readonly { readonly id: string; readonly name: string }[], name: string): never =>
  list.find((x) => x.name.startsWith(name))?.id as never;
const dog = (name: string): never => idOf(kennel.dogs, name);
const person = (name: string): never => idOf(kennel.people, name);
const station = (name: string): never => idOf(kennel.stations, name);
const circuit = (): never => kennel.circuits[0]?.id as never;
const entryOf = (name: string): never => kennel.entries.find((e) => (e.dogId as string) === dog(name))?.id as never;

const MINUTE_MS = 60_000;

describe('times', () => {
  it.each([
    ['00:05', '12:05 am'],
    ['09:30', '9:30 am'],
    ['12:00', '12:00 pm'],
    ['14:05', '2:05 pm'],
  ])('%s is %s by the twelve-hour clock', (wall, words) => {
    expect(clockWords(at(friday, wall), zone, '24h')).toBe(wall);
    expect(clockWords(at(friday, wall), zone, '12h')).toBe(words);
  });

  it('a day is the local one, also where it is another day in London', () => {
    expect(dayWords(at(friday, '00:30'), zone)).toBe('Friday');
    expect(dayWords(at(friday, '23:30'), zone)).toBe('Friday');
  });

  it.each([
    [45, '45 min'],
    [60, '1 h'],
    [200, '3 h 20 min'],
    [125, '2 h 5 min'],
    [24 * 60, '1 day'],
    [51 * 60, '2 days 3 h'],
  ])('%d minutes last %s', (minutes, words) => expect(durationWords(minutes * MINUTE_MS)).toBe(words));

  it.each([
    [-10, 'only 0 min to spare'],
    [58, 'only 55 min to spare'],
    [203, '3 h 20 min to spare'],
    [415, '6 h 30 min to spare'],
    [26 * 60 + 50, '1 day 2 h to spare'],
  ])('a slack of %d minutes: %s', (minutes, words) => expect(spareWords(minutes * MINUTE_MS)).toBe(words));

  it.each([
    [
      { middle: 20, usual: 20, logs: 0 },
      /^Standard time for this coat and weight; no timed session with this dog yet\.$/,
    ],
    [{ middle: 20, usual: 20, logs: 1 }, /^From 1 timed session with this dog: the standard time\.$/],
    [{ middle: 22, usual: 20, logs: 4 }, /^From 4 timed sessions with this dog: 10 % slower than the standard time\.$/],
    [{ middle: 19, usual: 20, logs: 4 }, /5 % faster than the standard time/],
  ])('%j', (minutes, words) => expect(restsOnWords(minutes)).toMatch(words));
});

describe('why a task sits where it sits', () => {
  const of = (reason: Reason): string => reasonWords({ reason, dogId: dog('Brisk') }, names);
  const held = { key: 'k', dogId: dog('Rusk'), step: 'ears', personId: person('Ivo'), until: instant(friday, '14:05') };
  const blocked = (by: Blocker, towards: 'earlier' | 'later', heldBy: object | null): Reason =>
    ({ code: 'blocked', by, towards, heldBy }) as Reason;

  it.each([
    [{ code: 'done' }, 'Done.'],
    [{ code: 'running' }, 'Running now.'],
    [{ code: 'pinned' }, 'A lead has set it at this time.'],
    [{ code: 'atAim' }, 'At the ideal time.'],
    [{ code: 'follows' }, 'Directly after the step before.'],
    [{ code: 'overdue' }, 'It waits already, so it comes at once.'],
    [{ code: 'sameHands', personId: null }, 'It waits, so that nobody works overtime.'],
    [{ code: 'alone' }, 'Moving it closer to the ideal time would move all of Brisk’s work that day.'],
    [{ code: 'sameHands', personId: person('Pia') }, 'Waits for Pia, so that one person stays with Brisk.'],
  ] as const)('%j', (reason, words) => expect(of(reason)).toBe(words));

  it('says why somebody else has it than who should keep it', () => {
    const handedOver = (cause: HandOverCause): string =>
      reasonWords(
        { reason: { code: 'atAim' }, dogId: dog('Brisk'), handedOver: { from: person('Pia'), cause, heldBy: null } },
        names,
      );
    const said = HAND_OVER_CAUSES.map(handedOver);
    expect(new Set(said).size).toBe(HAND_OVER_CAUSES.length);
    for (const words of said) expect(words).toMatch(/^At the ideal time\. .*Pia.*\.$/);
    expect(handedOver('elseOut')).toBe('At the ideal time. With Pia for it, other work would lose its place.');
  });

  it('says who has what until when', () => {
    expect(of(blocked('personBusy', 'earlier', held))).toBe('Not earlier: Ivo works on Rusk (ears) until 14:05.');
    expect(of(blocked('stationBusy', 'later', { ...held, personId: null }))).toBe(
      'Not later: Rusk is there (ears) until 14:05.',
    );
    expect(of(blocked('before', 'earlier', held))).toBe('Not earlier: ears comes first and ends at 14:05.');
    expect(of(blocked('after', 'later', null))).toBe('Not later: the next step has to follow it.');
  });

  it('has a sentence for every thing that can be in the way, alone or two at once', () => {
    const every: readonly Blocker[] = [
      ...(['before', 'after', 'personBusy', 'stationBusy', 'shift', 'stationClosed'] as const),
      ...(['circuit', 'cleanDown', 'standing', 'dogBusy', 'personLimit'] as const),
    ];
    const said = every.map((by) => of(blocked(by, 'earlier', null)));
    expect(new Set(said).size).toBe(every.length);
    for (const words of said) expect(words).toMatch(/^Not earlier: .{10,}\.$/);
    expect(of({ code: 'blockedTwice', by: ['circuit', 'standing'], towards: 'later' })).toBe(
      'Not later: the circuit can carry no more dryers, and the dog has stood as long as it may that day.',
    );
  });
});

describe('what would help', () => {
  const from = instant(friday, '08:00');
  const cases: readonly (readonly [Remedy, string])[] = [
    [
      {
        code: 'otherHandler',
        entryId: entryOf('Tamsin'),
        handlerId: person('Maren'),
        otherId: person('Ivo'),
        rivalDogId: null,
        rivalEntryId: null,
      },
      'Let Ivo take Tamsin.',
    ],
    [{ code: 'stay', personId: person('Asta'), until: from, minutes: 30 }, 'Asta stays until Friday 08:00.'],
    [{ code: 'moveBreak', personId: person('Asta'), from }, 'Move Asta’s break or care round at Friday 08:00.'],
    [
      { code: 'moveBreak', personId: person('Asta'), from, to: instant(friday, '09:30') },
      'Move Asta’s break or care round at Friday 08:00 to 09:30.',
    ],
    [{ code: 'present', personId: person('Ivo'), day: friday }, 'Ivo comes on Friday after all.'],
    [
      { code: 'beginEarlier', personId: person('Tuva'), from, minutes: 45 },
      'Tuva begins Friday 08:00, 45 min earlier.',
    ],
    [{ code: 'moreAmps', circuitId: circuit(), amps: 18, present: 8 }, 'Wall circuit 1 carries 18 A instead of 8.'],
    [{ code: 'unpin', key: 'k' as never, step: 'bath', start: from }, 'Let bath move: it is set for Friday 08:00.'],
    [{ code: 'openStation', stationId: station('Tub 2'), from }, 'Reopen Tub 2 on Friday.'],
    [{ code: 'freePerson', personId: person('Pia') }, 'One more person with Pia’s skills would do.'],
    [{ code: 'moreStanding' }, 'Let Tamsin stand longer in a day.'],
    [{ code: 'extraStation', kind: 'table' }, 'One more table would do.'],
    [{ code: 'without', dogId: dog('Rusk') }, 'There is room if Rusk is pulled.'],
  ];

  it.each(cases)('%j', (remedy, words) => expect(remedyWords(remedy, dog('Tamsin'), names)).toBe(words));
});

describe('why an entry has no place', () => {
  const out = (code: WhyNot['code'], remedies: readonly Remedy[] = [], name = 'Odran'): UnplacedChain =>
    ({
      dogId: dog(name),
      entryId: entryOf(name),
      kind: 'show',
      step: 'heatDry',
      reason: { code, remedies },
      waiting: [{ step: 'heatDry', aim: instant(friday, '10:00'), blocked: true }],
    }) as unknown as UnplacedChain;

  it.each([
    ['needsOther', 'The show day before this one is not ready either.', 'Waits for the day before'],
    ['windowPast', 'Heat dry with brush can no longer be done in time: its days are over.', 'Too late for one step'],
    ['noSkill', 'Heat dry with brush: nobody here has the skill.', 'Nobody can do one step'],
    ['noTool', 'Heat dry with brush: nobody’s kit holds what it needs.', 'A tool is missing'],
    [
      'notPracticed',
      'Heat dry with brush: nobody here has practiced it about two months before.',
      'Nobody may do one step yet',
    ],
    [
      'nobodyThere',
      'Heat dry with brush: nobody with the skill is on shift where Odran is on Friday 19.',
      'Nobody is there',
    ],
    [
      'noStationThere',
      'Heat dry with brush: there is no station for it where Odran is on Friday 19.',
      'No station for one step',
    ],
    ['noPlace', 'No free time for Odran’s heat dry with brush. No single change helps.', 'No time for one step'],
  ] as const)('%s', (code, words, short) => {
    expect(whyNotWords(out(code), names)).toBe(words);
    expect(shortWhyNot(out(code), names)).toBe(short);
  });

  it('names what the first remedy would lift', () => {
    const from = instant(addDays(kennel.startDay, 1), '08:00');
    const closed: Remedy = { code: 'openStation', stationId: station('Tub 2'), from };
    expect(whyNotWords(out('noPlace', [closed]), names)).toBe(
      'No free time for Odran’s heat dry with brush: Tub 2 is closed on Thursday.',
    );
    const full: Remedy = { code: 'extraStation', kind: 'table' };
    expect(whyNotWords(out('noPlace', [full]), names)).toBe(
      'No free time for Odran’s heat dry with brush: every table is in use.',
    );
  });

  it('says who stands in the other ring, and how far apart', () => {
    const remedy: Remedy = {
      code: 'otherHandler',
      entryId: entryOf('Tamsin'),
      handlerId: person('Maren'),
      otherId: person('Ivo'),
      rivalDogId: dog('Brisk'),
      rivalEntryId: entryOf('Brisk'),
    };
    const tamsin = out('noPlace', [remedy], 'Tamsin');
    expect(whyNotWords(tamsin, names)).toBe('Maren shows Brisk 10 min before, in ring 1.');
    expect(shortWhyNot(tamsin, names)).toMatch(/^Nobody to show (her|him)$/);
    const alone = out('noPlace', [{ ...remedy, rivalDogId: null, rivalEntryId: null }], 'Tamsin');
    expect(whyNotWords(alone, names)).toBe('Maren cannot be at Ring 2 then.');
  });
});

describe('what if', () => {
  const entry = () => ({ dog: 'Rusk', day: friday as string });
  const day = friday;
  const cases: readonly (readonly [WhatIfChange, string])[] = [
    [{ kind: 'personAway', personId: person('Asta'), day }, 'Asta is away on Friday.'],
    [
      { kind: 'personStays', personId: person('Asta'), day, until: '18:00' as WallTime },
      'Asta stays until 18:00 on Friday.',
    ],
    [{ kind: 'stationClosed', stationId: station('Tub 1'), day }, 'Tub 1 is closed on Friday.'],
    [{ kind: 'stationOpen', stationId: station('Tub 2') }, 'Tub 2 is open again.'],
    [{ kind: 'otherHandler', entryId: entryOf('Rusk'), personId: person('Pia') }, 'Pia shows Rusk on Friday.'],
    [
      { kind: 'ringTime', entryId: entryOf('Rusk'), ringTime: '15:00' as WallTime },
      'Rusk is judged at 15:00 on Friday.',
    ],
    [{ kind: 'entryPulled', entryId: entryOf('Rusk') }, 'Rusk is not shown on Friday.'],
  ];
  it.each(cases)('%j', (change, words) => expect(supposedWords(change, names, entry)).toBe(words));

  it('names an entry that is gone by its dog alone', () => {
    const gone = () => ({ dog: 'Rusk', day: '' });
    expect(supposedWords({ kind: 'entryPulled', entryId: entryOf('Rusk') }, names, gone)).toBe('Rusk is not shown.');
    const odds = { entryId: entryOf('Rusk'), before: 0.99, after: null };
    expect(oddsInsteadWords(odds, gone())).toBe('Rusk: would be left out, now 99 %.');
  });

  it('holds what would be against what is', () => {
    const side = (ready: number, of: number, overtimeMin: number) => ({ ready, of, overtimeMin });
    const same = { before: side(29, 32, 10), after: side(29, 32, 10) };
    const less = { before: side(29, 32, 0), after: side(28, 31, 75) };
    expect(readyInsteadWords(same)).toBe('29 of 32 entries would be ready, as many as now.');
    expect(readyInsteadWords(less)).toBe('28 of 31 entries would be ready, now 29 of 32.');
    expect(overtimeInsteadWords(same)).toBe('Overtime: 10 min, as now.');
    expect(overtimeInsteadWords(less)).toBe('Overtime: 1 h 15 min, now none.');
    const odds = { entryId: entryOf('Rusk'), before: 0.99, after: 0.47 };
    expect(oddsInsteadWords(odds, entry())).toBe('Rusk on Friday: 47 % likely to be ready, now 99 %.');
    expect(oddsInsteadWords({ ...odds, after: null }, entry())).toBe('Rusk on Friday: would be left out, now 99 %.');
  });
});

describe('how sure a plan is', () => {
  it('never says a hundred where it once was not', () => {
    const odds = (ready: number, breaks: string | null) => ({ entryId: 'e', ready, breaks }) as never;
    expect(oddsWords(odds(1, null))).toBe('100 % likely to be ready on time.');
    expect(oddsWords(odds(0.999, 'e:1:bath:1:1'))).toBe('99 % likely to be ready on time.');
    expect(oddsWords(odds(0.9, 'e:1:bath:1:1'))).toBe('90 % likely to be ready on time. Most often late: bath.');
    expect(tightestWords(odds(0.9, null), 'Rusk')).toBe('Least sure: Rusk, 90 % likely to be ready on time.');
  });

  it('says what no plan could do better than', () => {
    const plan = (unplaced: number) => ({ cost: 34_120.4, unplaced: Array(unplaced).fill({ kind: 'show' }) }) as never;
    const bound = { ready: 30, of: 32, cost: 20_000 } as never;
    expect(boundWords(bound, plan(2))).toBe(
      '30 of 32 entries will be ready. No plan can do better with today’s people and equipment.',
    );
    expect(boundWords(bound, plan(3))).toBe(
      '29 of 32 entries will be ready. With today’s people and equipment no plan can have more than 30.',
    );
    expect(boundDetailWords(bound, plan(2))).toMatch(/cost is 34,120: .* No plan can cost less than 20,000\.$/);
  });
});

describe('small words', () => {
  it('zones in one line, many told by their number', () => {
    expect(zonesWords(['hock', 'tail'])).toBe('hock, tail');
    expect(zonesWords([])).toBe('');
    expect(zonesWords(ZONE_IDS, 3)).toBe(`muzzle, beard and ${String(ZONE_IDS.length - 2)} more`);
  });

  it('what is gone reads as what it was', () => {
    expect([names.dog('x'), names.person('x'), names.station(null), names.ring('x')]).toEqual([
      'a dog',
      'somebody',
      'a station',
      'the ring',
    ]);
  });

  it('what is left out, one line a reason', () => {
    const injury = { code: 'state', state: 'injury' } as const;
    const lines = leftOutLines([
      { step: 'bath', why: injury },
      { step: 'shapeCheck', why: { code: 'past' } },
      { step: 'towel', why: injury },
      { step: 'bath', why: injury },
    ]);
    expect(lines).toEqual([
      'Bath; towel: injured: no scissors, no hard air, no tub until a vet has looked.',
      'Shape check: its days had passed.',
    ]);
  });

  it('which side comes first', () => {
    expect(sideFirstWords('show')).toBe('Show side first, once around.');
    expect(sideFirstWords('off')).toMatch(/^Off side first/);
  });
});

it('a coat that is dried in two goes is told so at both dryers', () => {
  expect(heatLaterWords('forceDry', 'Thursday 08:10')).toMatch(/^Heat comes Thursday 08:10: dry this coat through/);
  expect(heatLaterWords('forceDry', null)).toMatch(/^Heat comes later: /);
  expect(heatLaterWords('heatDry', null)).toMatch(/mist each part to the root/);
});

it('a heavy dog is said to need a ramp or two people', () => {
  expect(liftWords(22)).toBe('');
  expect(liftWords(29)).toMatch(/^29 kg: a ramp, or two lift\. .* 2\.1 times what one person should lift/);
});

it.each([
  [{ code: 'bathAtSite', when: 'dayBefore' }, /^Bathed at the show, the day before its ring/],
  [{ code: 'bathAtSite', when: 'morning' }, /^Bathed at the show on the morning/],
  [{ code: 'liftedByTwo' }, /^Two people lift it into the tub/],
  [{ code: 'heatLater' }, /^No heat dryer is free in time: .* misted and straightened with heat later/],
  [{ code: 'windowGave', step: 'ears', towards: 'earlier', days: 1 }, /^Ears.* earlier than wanted by a day: else/],
  [{ code: 'windowGave', step: 'clip', towards: 'later', days: 2 }, / later than wanted by 2 days: else/],
] as const)('%j', (note, words) => expect(noteWords(note)).toMatch(words));

describe('what no longer holds of a plan', () => {
  const of = (more: Partial<PlanBreak>): PlanBreak => ({
    ...{ code: 'late', key: 'k' as never, dogId: dog('Tamsin'), entryId: entryOf('Tamsin'), step: 'finish' },
    ...{ start: instant(friday, '08:00'), end: instant(friday, '08:40'), mark: instant(friday, '07:55') },
    ...{ personId: person('Tuva'), stationId: station('Tub 1'), other: null },
    ...more,
  });
  const ring = kennel.entries.find((e) => e.id === entryOf('Tamsin'))?.ringTime ?? '';
  const rival = {
    key: 'r' as never,
    dogId: dog('Rusk'),
    step: 'bath',
    personId: null,
    until: instant(friday, '09:00'),
  } as const;
  const cases: [Partial<PlanBreak>, string][] = [
    [{}, 'at this pace show-morning finish comes too late: it is due by Friday 07:55.'],
    [
      { code: 'tooLate' },
      `show-morning finish ends Friday 08:40, and must end by Friday 07:55, with the ring at ${ring}.`,
    ],
    [
      { code: 'tooEarly' },
      `show-morning finish is planned for Friday 08:00, and may begin from Friday 07:55, with the ring at ${ring}.`,
    ],
    [{ code: 'set' }, 'show-morning finish is set for Friday 07:55, the plan has it at Friday 08:00.'],
    [{ code: 'gap', step: 'condition' }, 'has been wet since Friday 07:55: condition, soak now.'],
    [{ code: 'gap', step: 'lineBrush' }, 'has waited since Friday 07:55: line brush now.'],
    [{ code: 'away' }, 'show-morning finish Friday 08:00: nobody is there for it.'],
    [{ code: 'cannot' }, 'show-morning finish Friday 08:00: Tuva may not do it any more.'],
    [{ code: 'station' }, 'show-morning finish Friday 08:00: Tub 1 cannot be used for it.'],
    [{ code: 'amperes' }, 'show-morning finish Friday 08:00: the circuit cannot carry it.'],
    [{ code: 'onTheRoad' }, 'show-morning finish Friday 08:00: the dog is on the road or elsewhere then.'],
    [{ code: 'twice', other: rival }, 'show-morning finish Friday 08:00 clashes with Rusk’s bath.'],
    [{ code: 'limit' }, 'show-morning finish Friday 08:00 goes over a daily limit.'],
    [{ code: 'missing', step: 'knots', start: null, end: null }, 'needs knots now, and the plan does not have it.'],
  ];
  it.each(cases)('%j', (more, words) =>
    expect(breakWords(of(more), names).replace(METHODS.knots.name.toLowerCase(), 'knots')).toBe(words),
  );

  it('one cause is one line: a person, a station, work that is behind, a dog with more than one task', () => {
    const lines = (breaks: PlanBreak[]) => breakGroups(breaks, names.zone).map((g) => breakLine(g, names));
    const away = ['Tamsin', 'Rusk', 'Brisk', 'Bram'].map((d) => of({ code: 'away', dogId: dog(d) }));
    expect(lines(away)).toEqual([
      { who: 'Tuva', what: 'is not there on Friday: 4 tasks need somebody (Tamsin, Rusk, Brisk and 1 more).' },
    ]);
    expect(lines([of({ code: 'closed' })])).toEqual([
      { who: 'Tub 1', what: 'is closed on Friday: 1 task needs another station or time (Tamsin).' },
    ]);
    const late = ['Tamsin', 'Rusk', 'Brisk', 'Bram'].map((d) => of({ dogId: dog(d) }));
    expect(lines(late)).toEqual([
      { who: 'Work is behind', what: 'at this pace 4 dogs miss their time (Tamsin, Rusk, Brisk and 1 more).' },
    ]);
    expect(lines([of({ code: 'limit' }), of({ code: 'limit', step: 'tidies' })])[0]?.what).toMatch(
      /1 more of Tamsin’s tasks/,
    );
  });
});

it('a change that was planned with says what it does besides, and who loses by it', () => {
  const of = (more: object) =>
    checkedWords(
      { changes: [], gained: [dog('Tamsin')], lost: [], costsMore: false, moved: 0, overtimeMin: 0, ...more },
      names,
    );
  expect(of({})).toBe('Nothing else moves.');
  expect(of({ moved: 1, overtimeMin: 15 })).toBe('1 task moves, 15 min more overtime.');
  expect(of({ moved: 4, gained: [dog('Tamsin'), dog('Rusk'), dog('Bram')] })).toBe(
    '4 tasks move, 2 more dogs have a place.',
  );
  expect(of({ moved: 2, lost: [dog('Brisk')] })).toBe('2 tasks move. Brisk loses its place.');
  expect(of({ moved: 2, lost: [dog('Brisk'), dog('Rusk')], costsMore: true })).toBe(
    '2 tasks move. Brisk and Rusk lose their places, and are more important.',
  );
});
