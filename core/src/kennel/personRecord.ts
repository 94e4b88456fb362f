/*
 * One person's record: skills, what is being learned, the kit at hand.
 */
import { Type } from '@sinclair/typebox';
import type { Static } from '@sinclair/typebox';
import type { DogId, OwnerId, PersonId } from '../units/ids.js';
import { SIDES } from './choices.js';
import type { Side } from './choices.js';
import { day, id, name, oneOf, strict, textUpTo } from './schemaParts.js';
import { IRREVERSIBLE_TRIMS, PRACTICE_OUTCOMES, ROLES, SKILLS, TOOL_KINDS, TRIM_BEGINNINGS } from './vocabulary.js';
import type { PracticeOutcome, Role, Skill, StepId, ToolKind, TrimBeginning } from './vocabulary.js';

const Practice = Type.Object(
  {
    day: day('when'),
    dogId: Type.Optional(id<DogId>('dog')),
    outcome: oneOf<PracticeOutcome>(PRACTICE_OUTCOMES, 'how it came out'),
  },
  strict,
);

const Learning = Type.Object(
  {
    trim: oneOf<StepId>(IRREVERSIBLE_TRIMS, 'trim that cannot be undone'),
    practiced: Type.Array(Practice, { maxItems: 200, description: 'practice so far, oldest first' }),
  },
  strict,
);

const Tool = Type.Object(
  {
    tool: oneOf<ToolKind>(TOOL_KINDS, 'kind'),
    lengthIn: Type.Optional(Type.Number({ minimum: 2, maximum: 14, description: 'length of the blade, inches' })),
    teeth: Type.Optional(Type.Integer({ minimum: 5, maximum: 120, description: 'teeth of thinners or of a comb' })),
    blade: Type.Optional(textUpTo(40, 'blades that go with a clipper')),
    sharpened: Type.Optional(day('last sharpened')),
  },
  strict,
);

/** A person of the crew. */
export const PersonRecord = Type.Object(
  {
    id: id<PersonId>('person'),
    name: name('full name'),
    signIn: Type.String({ pattern: '^[a-z][a-z0-9.-]{1,39}$', description: 'name to sign in with' }),
    role: oneOf<Role>(ROLES, 'what this person may do here'),
    skills: Type.Array(oneOf<Skill>(SKILLS, 'skill'), { maxItems: SKILLS.length, uniqueItems: true }),
    ownerId: Type.Optional(id<OwnerId>('owner whose dogs this person reads; for the role "owner"')),
    scissorMinPerDay: Type.Optional(Type.Integer({ minimum: 0, maximum: 720, description: '240 when absent' })),
    learning: Type.Optional(
      Type.Array(Learning, { maxItems: 20, description: 'trims this person is not experienced in yet' }),
    ),
    kit: Type.Optional(
      Type.Array(Tool, { maxItems: 100, description: 'tools at hand; absent = everything that the work needs' }),
    ),
    brushingRoute: Type.Optional(oneOf<Side>(SIDES, 'route of the brush, where this person has one of their own')),
    trimBegin: Type.Optional(
      oneOf<TrimBeginning>(TRIM_BEGINNINGS, 'where this person begins a trim, if not where the kennel does'),
    ),
  },
  strict,
);

/** A person: sign-in, role, skills, practice, kit, limits of a day. */
export type KennelPerson = Static<typeof PersonRecord>;
