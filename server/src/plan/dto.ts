import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { IsDateString, IsIn, IsOptional, IsString, IsUUID, Length, Matches } from 'class-validator';
import { BREAK_CODES, STEP_IDS } from '@loyal-mane/core';
import type { BreakCode, StepId } from '@loyal-mane/core';
import { CommandDto } from '../contract/commandDto.js';
import { ANY_REMEDY, PlanDto, TaskNameDto, WhyNotDto } from './planDto.js';

/** The start that a lead sets for a task. */
export class SetTaskDto extends CommandDto {
  @ApiProperty({ description: 'when it begins, ISO 8601 in UTC; on the five minutes' })
  @Matches(/^\d{4}-\d{2}-\d{2}T\d{2}:[0-5][05]:00(\.000)?Z$/, {
    message: 'a start is written like 2026-06-18T07:05:00Z, on the five minutes',
  })
  @IsDateString()
  start!: string;

  @ApiPropertyOptional({ description: 'by whom; anybody who can when absent' })
  @IsOptional()
  @IsUUID()
  personId?: string;

  @ApiPropertyOptional({ description: 'where; any that serves when absent' })
  @IsOptional()
  @IsUUID()
  stationId?: string;
}

/** How a plan is to be made: near the published one, or afresh. */
export class StartPlanDto extends CommandDto {
  @ApiProperty({ enum: ['keep', 'fresh'], description: 'keep what still holds, or plan everything afresh' })
  @IsIn(['keep', 'fresh'])
  mode!: 'keep' | 'fresh';
}

/** Key of a task, or of a chain of tasks, as a path has it. */
export class TaskKeyDto {
  @ApiProperty({ description: 'key of the task', minLength: 3, maxLength: 160 })
  @IsString()
  @Length(3, 160)
  key!: string;
}

/** A plan in numbers, against the published one. */
export class SummaryDto {
  @ApiProperty({ type: 'integer', description: 'dogs that will be ready' }) ready!: number;
  @ApiProperty({ type: 'integer', description: 'dogs that are shown' }) of!: number;
  @ApiProperty({ type: 'integer' }) tasks!: number;
  @ApiProperty({ type: 'integer' }) moved!: number;
  @ApiProperty({ type: 'integer' }) added!: number;
  @ApiProperty({ type: 'integer' }) removed!: number;
}

/** A plan as it is kept. */
export class StoredPlanDto {
  @ApiProperty() id!: string;
  @ApiProperty() madeAt!: string;
  @ApiProperty({ type: SummaryDto }) summary!: SummaryDto;
  @ApiProperty({ type: PlanDto }) plan!: PlanDto;
}

/** How far a planning job is. */
export class ProgressDto {
  @ApiProperty({ enum: ['search', 'explain'], description: 'what the planner is doing' }) phase!: 'search' | 'explain';
  @ApiProperty({ type: 'integer', description: 'round of the search, or entries explained' }) round!: number;
  @ApiProperty({ type: 'integer' }) rounds!: number;
  @ApiProperty({ type: 'integer', description: 'entries with a place' }) placed!: number;
  @ApiProperty({ type: 'integer' }) of!: number;
}

/** A planning job. */
export class PlanJobDto {
  @ApiProperty() id!: string;
  @ApiProperty({ enum: ['queued', 'running', 'done', 'cancelled', 'failed'] })
  state!: 'queued' | 'running' | 'done' | 'cancelled' | 'failed';
  @ApiPropertyOptional({ type: ProgressDto }) progress?: ProgressDto;
  @ApiPropertyOptional() planId?: string;
  @ApiPropertyOptional() trouble?: string;
}

/** A plan that can be gone back to. */
export class PreviousPlanDto {
  @ApiProperty() id!: string;
  @ApiProperty({ description: 'when it was published' }) publishedAt!: string;
}

/** The published plan, the draft, and the job that runs. */
export class PlanViewDto {
  @ApiProperty({ type: StoredPlanDto, nullable: true }) published!: StoredPlanDto | null;
  @ApiProperty({ type: StoredPlanDto, nullable: true, description: 'leads only' }) draft!: StoredPlanDto | null;
  @ApiProperty({ type: PlanJobDto, nullable: true, description: 'a job that is under way; leads only' })
  job!: PlanJobDto | null;
  @ApiProperty({ type: PreviousPlanDto, nullable: true, description: 'the plan before the published one; leads only' })
  previous!: PreviousPlanDto | null;
  @ApiProperty({ type: () => [PlanChecksDto], description: 'what would help dogs without a place; leads only' })
  checks!: PlanChecksDto[];
}

/** Which plan is in force now. */
export class PublishedDto {
  @ApiProperty() planId!: string;
}

/** How early and how late a task could start, everything else as it is. */
export class TaskSlackDto {
  @ApiProperty({ type: String, nullable: true, description: 'earliest start; null when it cannot be moved' })
  earliest!: string | null;
  @ApiProperty({ type: String, nullable: true, description: 'latest start' }) latest!: string | null;
  @ApiProperty({ type: [String], description: 'keys of the tasks that wait for it' }) waits!: string[];
}

/** Why work has no place, looked into on demand. */
export class ChainWhyDto {
  @ApiProperty({ enum: STEP_IDS, nullable: true, description: 'first step that finds no place' }) step!: StepId | null;
  @ApiProperty({ type: WhyNotDto }) reason!: WhyNotDto;
}

/** The change since which something no longer holds. */
export class BreakSinceDto {
  @ApiProperty() at!: string;
  @ApiProperty({ type: String, nullable: true, description: 'who made it' }) actorId!: string | null;
}

/** A task of the published plan that no longer holds, or one that it lacks. */
export class PlanBreakDto {
  @ApiProperty({ enum: BREAK_CODES }) code!: BreakCode;
  @ApiProperty() key!: string;
  @ApiProperty() dogId!: string;
  @ApiProperty({ type: String, nullable: true }) entryId!: string | null;
  @ApiProperty({ enum: STEP_IDS }) step!: StepId;
  @ApiProperty({ type: String, nullable: true, description: 'planned start; null for work that the plan lacks' })
  start!: string | null;
  @ApiProperty({ type: String, nullable: true }) end!: string | null;
  @ApiProperty({ type: String, nullable: true, description: 'the moment that is missed' }) mark!: string | null;
  @ApiProperty({ type: String, nullable: true }) personId!: string | null;
  @ApiProperty({ type: String, nullable: true }) stationId!: string | null;
  @ApiProperty({ type: TaskNameDto, nullable: true, description: 'the other of two that want one person or place' })
  other!: TaskNameDto | null;
  @ApiProperty({ type: BreakSinceDto, nullable: true, description: 'the change that broke it, where one is known' })
  since!: BreakSinceDto | null;
}

/** Breaks of the published plan. */
export class PlanBreaksDto {
  @ApiProperty({ type: String, nullable: true }) planId!: string | null;
  @ApiProperty({ type: [PlanBreakDto] }) breaks!: PlanBreakDto[];
}

/** Changes that were planned with, and what they do. */
export class CheckedRemedyDto {
  @ApiProperty({ type: 'array', items: ANY_REMEDY, description: 'one change, or the fewest that help together' })
  changes!: object[];
  @ApiProperty({ type: [String], description: 'dogs that have a place by it' }) gained!: string[];
  @ApiProperty({ type: [String], description: 'dogs that lose theirs' }) lost!: string[];
  @ApiProperty({ description: 'whether a dog that loses its place is more important' }) costsMore!: boolean;
  @ApiProperty({ type: 'integer', description: 'tasks that move' }) moved!: number;
  @ApiProperty({ description: 'overtime that comes on top, minutes' }) overtimeMin!: number;
}

/** Findings about one entry without a place. */
export class ChainCheckDto {
  @ApiProperty() key!: string;
  @ApiProperty({ enum: STEP_IDS, nullable: true }) step!: StepId | null;
  @ApiProperty({ type: WhyNotDto }) reason!: WhyNotDto;
  @ApiProperty({ type: [CheckedRemedyDto], description: 'those first that cost nobody a place' })
  remedies!: CheckedRemedyDto[];
}

/** How far the looking into a plan is. */
export class PlanChecksDto {
  @ApiProperty() planId!: string;
  @ApiProperty({ type: 'integer', description: 'entries that are looked into' }) of!: number;
  @ApiProperty({ description: 'whether somebody stopped it' }) isStopped!: boolean;
  @ApiProperty({ type: [ChainCheckDto] }) chains!: ChainCheckDto[];
}
