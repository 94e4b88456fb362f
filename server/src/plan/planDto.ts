/*
 * A plan as the API tells it: the core's plan, field by field. Reasons, remedies and notes are closed sets of codes with the
 * fields of each code.
 */
import { ApiExtraModels, ApiProperty, ApiPropertyOptional, getSchemaPath } from '@nestjs/swagger';
import type { Type } from '@nestjs/common';
import {
  BATH_PLACES,
  BLOCKERS,
  HAND_OVER_CAUSES,
  CONSENTS,
  DOG_STATES,
  RULES_OF_SHOWS,
  RULE_VALUES,
  SCHOOL_IDS,
  SIDES,
  STATION_KINDS,
  STEP_IDS,
} from '@loyal-mane/core';
import type {
  BathPlace,
  ConsentKind,
  DogStateKind,
  RuleValue,
  SchoolId,
  SchoolRefusal,
  ShowRule,
  Side,
  StationKind,
  StepId,
} from '@loyal-mane/core';

const oneOf = (...types: Type<unknown>[]) => ({ oneOf: types.map((type) => ({ $ref: getSchemaPath(type) })) });
const TOWARDS = ['earlier', 'later'] as const;
const SCHOOL_REFUSALS = [
  'tightMats',
  'noBathUntilClear',
  'notDouble',
  'nobodyTrained',
  'scissorsNeedCleanCoat',
  'noTubThere',
  'paleRoots',
] as const satisfies readonly SchoolRefusal[];
const CHAIN_KINDS = ['show', 'keepUp'] as const;

/** A task by dog and step. */
export class TaskNameDto {
  @ApiProperty() key!: string;
  @ApiProperty() dogId!: string;
  @ApiProperty({ enum: STEP_IDS }) step!: StepId;
  @ApiProperty({ type: String, nullable: true }) personId!: string | null;
  @ApiProperty() until!: string;
}

/** A reason without further facts. */
export class PlainReasonDto {
  @ApiProperty({ enum: ['done', 'running', 'pinned', 'atAim', 'overdue', 'alone', 'evenDays', 'follows'] })
  code!: string;
}

/** The task waits so that one person stays with the dog. */
export class SameHandsReasonDto {
  @ApiProperty({ enum: ['sameHands'] }) code!: 'sameHands';
  @ApiProperty({ type: String, nullable: true }) personId!: string | null;
}

/** Something is in the way of an earlier start. */
export class BlockedReasonDto {
  @ApiProperty({ enum: ['blocked'] }) code!: 'blocked';
  @ApiProperty({ enum: BLOCKERS }) by!: string;
  @ApiProperty({ enum: TOWARDS }) towards!: 'earlier' | 'later';
  @ApiProperty({ type: TaskNameDto, nullable: true }) heldBy!: TaskNameDto | null;
}

/** Two things together are in the way. */
export class BlockedTwiceReasonDto {
  @ApiProperty({ enum: ['blockedTwice'] }) code!: 'blockedTwice';
  @ApiProperty({ enum: BLOCKERS, isArray: true, minItems: 2, maxItems: 2 }) by!: string[];
  @ApiProperty({ enum: TOWARDS }) towards!: 'earlier' | 'later';
}

const REASONS = [PlainReasonDto, SameHandsReasonDto, BlockedReasonDto, BlockedTwiceReasonDto];

/** Somebody else shows the dog. */
export class OtherHandlerRemedyDto {
  @ApiProperty({ enum: ['otherHandler'] }) code!: 'otherHandler';
  @ApiProperty() entryId!: string;
  @ApiProperty() handlerId!: string;
  @ApiProperty() otherId!: string;
  @ApiProperty({ type: String, nullable: true }) rivalDogId!: string | null;
  @ApiProperty({ type: String, nullable: true }) rivalEntryId!: string | null;
}

/** Somebody stays longer. */
export class StayRemedyDto {
  @ApiProperty({ enum: ['stay'] }) code!: 'stay';
  @ApiProperty() personId!: string;
  @ApiProperty() until!: string;
  @ApiProperty() minutes!: number;
}

/** A break moves. */
export class MoveBreakRemedyDto {
  @ApiProperty({ enum: ['moveBreak'] }) code!: 'moveBreak';
  @ApiProperty() personId!: string;
  @ApiProperty() from!: string;
  @ApiPropertyOptional({ description: 'when it could be instead' }) to?: string;
}

/** Somebody who is away comes after all. */
export class PresentRemedyDto {
  @ApiProperty({ enum: ['present'] }) code!: 'present';
  @ApiProperty() personId!: string;
  @ApiProperty() day!: string;
}

/** Somebody begins earlier. */
export class BeginEarlierRemedyDto {
  @ApiProperty({ enum: ['beginEarlier'] }) code!: 'beginEarlier';
  @ApiProperty() personId!: string;
  @ApiProperty() from!: string;
  @ApiProperty() minutes!: number;
}

/** A circuit carries more. */
export class MoreAmpsRemedyDto {
  @ApiProperty({ enum: ['moreAmps'] }) code!: 'moreAmps';
  @ApiProperty() circuitId!: string;
  @ApiProperty({ description: 'amperes that it would have to carry' }) amps!: number;
  @ApiProperty({ description: 'amperes that it carries' }) present!: number;
}

/** A set start is let go. */
export class UnpinRemedyDto {
  @ApiProperty({ enum: ['unpin'] }) code!: 'unpin';
  @ApiProperty() key!: string;
  @ApiProperty({ enum: STEP_IDS }) step!: StepId;
  @ApiProperty() start!: string;
}

/** A station is opened again. */
export class OpenStationRemedyDto {
  @ApiProperty({ enum: ['openStation'] }) code!: 'openStation';
  @ApiProperty() stationId!: string;
  @ApiProperty() from!: string;
}

/** Somebody is freed of another task. */
export class FreePersonRemedyDto {
  @ApiProperty({ enum: ['freePerson'] }) code!: 'freePerson';
  @ApiProperty() personId!: string;
}

/** The dog may stand longer on a day. */
export class MoreStandingRemedyDto {
  @ApiProperty({ enum: ['moreStanding'] }) code!: 'moreStanding';
}

/** One more station of a kind. */
export class ExtraStationRemedyDto {
  @ApiProperty({ enum: ['extraStation'] }) code!: 'extraStation';
  @ApiProperty({ enum: STATION_KINDS }) kind!: StationKind;
}

/** Another dog is pulled. */
export class WithoutRemedyDto {
  @ApiProperty({ enum: ['without'] }) code!: 'without';
  @ApiProperty() dogId!: string;
}

const REMEDIES = [
  OtherHandlerRemedyDto,
  StayRemedyDto,
  MoveBreakRemedyDto,
  PresentRemedyDto,
  BeginEarlierRemedyDto,
  MoreAmpsRemedyDto,
  UnpinRemedyDto,
  OpenStationRemedyDto,
  FreePersonRemedyDto,
  MoreStandingRemedyDto,
  ExtraStationRemedyDto,
  WithoutRemedyDto,
];

/** Any of the remedies. */
export const ANY_REMEDY = oneOf(...REMEDIES);

/** Why work has no place, and what would help. */
@ApiExtraModels(...REMEDIES)
export class WhyNotDto {
  @ApiProperty({
    enum: [
      'needsOther',
      'noSkill',
      'notPracticed',
      'noTool',
      'windowPast',
      'nobodyThere',
      'noStationThere',
      'dogNotHere',
      'noPlace',
      'notAsked',
    ],
    description: 'notAsked: not looked into while the plan was made; ask for it by itself',
  })
  code!: string;
  @ApiProperty({
    type: 'array',
    items: oneOf(...REMEDIES),
    description: 'single changes that would give it its place, the smallest first',
  })
  remedies!: object[];
  @ApiPropertyOptional({
    type: 'array',
    items: oneOf(...REMEDIES),
    description: 'where no single change helps: changes that help only together',
  })
  together?: object[];
}

/** Minutes that a task may take: middle, and the fifth of five. */
export class MinutesDto {
  @ApiProperty({ description: 'middle estimate' }) middle!: number;
  @ApiProperty({ description: '20th percentile' }) p20!: number;
  @ApiProperty({ description: '80th percentile' }) p80!: number;
  @ApiProperty({ description: 'middle estimate before the dog’s own pace' }) usual!: number;
  @ApiProperty({ description: 'finished tasks that the pace rests on' }) logs!: number;
}

/** Who should have kept a task, and what keeps them from it. */
export class HandOverDto {
  @ApiProperty() from!: string;
  @ApiProperty({ enum: HAND_OVER_CAUSES }) cause!: string;
  @ApiProperty({ type: TaskNameDto, nullable: true }) heldBy!: TaskNameDto | null;
}

/** A task with its place. */
@ApiExtraModels(...REASONS)
export class PlannedActivityDto {
  @ApiProperty() key!: string;
  @ApiProperty({ enum: CHAIN_KINDS }) kind!: 'show' | 'keepUp';
  @ApiProperty() dogId!: string;
  @ApiProperty({ type: String, nullable: true }) entryId!: string | null;
  @ApiProperty({ enum: STEP_IDS }) step!: StepId;
  @ApiPropertyOptional({ enum: [1, 2], description: 'of work that goes flank by flank: which of the two' }) flank?:
    1 | 2;
  @ApiProperty({ enum: ['done', 'running', 'planned'] }) state!: 'done' | 'running' | 'planned';
  @ApiProperty() start!: string;
  @ApiProperty() end!: string;
  @ApiProperty({ description: 'until when somebody is needed' }) attendedUntil!: string;
  @ApiProperty({ type: [String] }) people!: string[];
  @ApiProperty({ type: String, nullable: true }) stationId!: string | null;
  @ApiProperty({ type: MinutesDto }) minutes!: MinutesDto;
  @ApiProperty({ description: 'ideal start' }) aim!: string;
  @ApiProperty({ description: 'it follows running work within a short time' }) bound!: boolean;
  @ApiProperty({ type: String, nullable: true, description: 'latest start; null for done work' })
  latest!: string | null;
  @ApiProperty({ ...oneOf(...REASONS), description: 'why it is where it is' }) reason!: object;
  @ApiPropertyOptional({ type: HandOverDto, description: 'why somebody else has it than most of this work' })
  handedOver?: HandOverDto;
}

/** A step of work that has no place, where it was wanted. */
export class WaitingStepDto {
  @ApiProperty() key!: string;
  @ApiProperty({ enum: STEP_IDS }) step!: StepId;
  @ApiProperty() aim!: string;
  @ApiProperty() blocked!: boolean;
}

/** Work that has no place. */
export class UnplacedDto {
  @ApiProperty() key!: string;
  @ApiProperty({ enum: CHAIN_KINDS }) kind!: 'show' | 'keepUp';
  @ApiProperty() dogId!: string;
  @ApiProperty({ type: String, nullable: true }) entryId!: string | null;
  @ApiProperty({ enum: STEP_IDS, nullable: true }) step!: StepId | null;
  @ApiProperty({ type: WhyNotDto }) reason!: WhyNotDto;
  @ApiProperty({ type: [WaitingStepDto] }) waiting!: WaitingStepDto[];
}

/** Why a step falls away. */
export class DropReasonDto {
  @ApiProperty({
    enum: ['past', 'passedOver', 'showRules', 'tooYoung', 'state', 'noConsent', 'allLocked', 'sharedTrim'],
  })
  code!: string;
  @ApiPropertyOptional({ enum: RULES_OF_SHOWS, description: 'of showRules' }) rule?: ShowRule;
  @ApiPropertyOptional({ enum: RULE_VALUES, description: 'of showRules' }) value?: RuleValue;
  @ApiPropertyOptional({ enum: DOG_STATES, description: 'of state' }) state?: DogStateKind;
  @ApiPropertyOptional({ enum: CONSENTS, description: 'of noConsent' }) what?: ConsentKind;
  @ApiPropertyOptional({ description: 'of sharedTrim' }) day?: string;
}

/** A step that falls away for a dog. */
export class LeftOutDto {
  @ApiProperty() dogId!: string;
  @ApiProperty({ type: String, nullable: true }) entryId!: string | null;
  @ApiProperty({ enum: STEP_IDS }) step!: StepId;
  @ApiProperty({ type: DropReasonDto }) why!: DropReasonDto;
}

/** Something of the calendar that is no task: a ride, a ring. */
export class CalendarItemDto {
  @ApiProperty() dogId!: string;
  @ApiProperty() entryId!: string;
  @ApiProperty({ enum: STEP_IDS }) step!: StepId;
  @ApiProperty() day!: string;
}

/** Something to know of a dog's work. */
export class ProgramNoteDto {
  @ApiProperty({
    enum: [
      ...['schoolRefused', 'underAge', 'checkRules', 'ruleSays', 'state', 'falsePregnancyAbout', 'regrowth'],
      ...['bathAtSite', 'liftedByTwo', 'heatLater', 'windowGave'],
    ],
  })
  code!: string;
  @ApiPropertyOptional({ enum: SCHOOL_IDS, description: 'of schoolRefused' }) school?: SchoolId;
  @ApiPropertyOptional({ enum: SIDES, description: 'of schoolRefused' }) side?: Side;
  @ApiPropertyOptional({ enum: SCHOOL_REFUSALS, description: 'of schoolRefused' }) why?: SchoolRefusal;
  @ApiPropertyOptional({ description: 'of underAge' }) leastMonths?: number;
  @ApiPropertyOptional({ type: 'integer', description: 'of regrowth' }) mostDays?: number;
  @ApiPropertyOptional({ enum: RULES_OF_SHOWS, isArray: true, description: 'of checkRules' }) rules?: ShowRule[];
  @ApiPropertyOptional({ enum: RULES_OF_SHOWS, description: 'of ruleSays' }) rule?: ShowRule;
  @ApiPropertyOptional({ enum: RULE_VALUES, description: 'of ruleSays' }) value?: RuleValue;
  @ApiPropertyOptional({ enum: DOG_STATES, description: 'of state' }) state?: DogStateKind;
  @ApiPropertyOptional({ description: 'of falsePregnancyAbout' }) about?: string;
  @ApiPropertyOptional({ enum: ['dayBefore', 'morning'], description: 'of bathAtSite' }) when?: 'dayBefore' | 'morning';
  @ApiPropertyOptional({ enum: STEP_IDS, description: 'of windowGave' }) step?: StepId;
  @ApiPropertyOptional({ enum: TOWARDS, description: 'of windowGave' }) towards?: (typeof TOWARDS)[number];
  @ApiPropertyOptional({ type: 'integer', description: 'of windowGave' }) days?: number;
}

/** A note with its dog. */
export class PlanNoteDto {
  @ApiProperty() dogId!: string;
  @ApiProperty() entryId!: string;
  @ApiProperty({ type: ProgramNoteDto }) note!: ProgramNoteDto;
}

/** Work that is not done in the usual way, so that the dog has a place. */
export class ChainWayDto {
  @ApiProperty() key!: string;
  @ApiProperty() dogId!: string;
  @ApiProperty({ type: String, nullable: true }) entryId!: string | null;
  @ApiProperty({ enum: BATH_PLACES, description: 'where the show bath is' }) bath!: BathPlace;
  @ApiProperty({ description: 'two people lift the dog into the tub' }) twoLift!: boolean;
  @ApiProperty({ description: 'days that are only wanted have given way' }) isWide!: boolean;
  @ApiPropertyOptional({ description: 'dried with the force dryer at once, with heat later' }) heatLater?: boolean;
}

/** How likely an entry is ready on time, 0 to 1. */
export class EntryOddsDto {
  @ApiProperty() entryId!: string;
  @ApiProperty({ description: 'how likely it is to be ready on time, 0 to 1' }) ready!: number;
  @ApiProperty({ type: String, nullable: true, description: 'task that is most often late' })
  breaks!: string | null;
}

/** The bound that no plan can better. */
export class PlanBoundDto {
  @ApiProperty({ description: 'show entries that have a place when they are alone' }) ready!: number;
  @ApiProperty() of!: number;
  @ApiProperty({ description: 'no plan costs less' }) cost!: number;
}

/** A plan. */
export class PlanDto {
  @ApiProperty({ enum: ['loyal-mane-plan'] }) format!: 'loyal-mane-plan';
  @ApiProperty({ type: 'integer', enum: [1] }) version!: 1;
  @ApiProperty({ description: 'the moment it was made for' }) now!: string;
  @ApiProperty() firstDay!: string;
  @ApiProperty({ type: 'integer' }) seed!: number;
  @ApiProperty({ type: 'integer' }) rounds!: number;
  @ApiProperty() inputHash!: string;
  @ApiProperty() libraryVersion!: string;
  @ApiProperty({ type: 'integer', description: 'sum of the soft costs' }) cost!: number;
  @ApiProperty({ type: [PlannedActivityDto] }) activities!: PlannedActivityDto[];
  @ApiProperty({ type: [UnplacedDto] }) unplaced!: UnplacedDto[];
  @ApiProperty({ type: [LeftOutDto], description: 'steps that drop out of a dog’s work' }) leftOut!: LeftOutDto[];
  @ApiProperty({ type: [CalendarItemDto], description: 'work with a long lead: a day' }) calendar!: CalendarItemDto[];
  @ApiProperty({ type: [PlanNoteDto] }) notes!: PlanNoteDto[];
  @ApiPropertyOptional({ type: [ChainWayDto], description: 'absent in plans of earlier versions' })
  ways?: ChainWayDto[];
  @ApiPropertyOptional({ type: [EntryOddsDto], description: 'crew only; absent in plans of earlier versions' })
  odds?: EntryOddsDto[];
  @ApiPropertyOptional({ type: PlanBoundDto, description: 'absent in plans of earlier versions' })
  bound?: PlanBoundDto;
  @ApiProperty({ type: 'integer', description: 'version of the kennel’s methods; 0 = as the library has it' })
  methods!: number;
}
