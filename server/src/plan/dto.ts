import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { IsDateString, IsIn, IsOptional, IsUUID, Matches } from 'class-validator';
import { STEP_IDS } from '@loyal-mane/core';
import type { StepId } from '@loyal-mane/core';

/** Every command carries an id made by its sender: given twice, it happens once. */
export class CommandDto {
  @ApiProperty({ description: 'UUID version 7, made by the sender' })
  @IsUUID()
  commandId!: string;
}

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

export class StartPlanDto extends CommandDto {
  @ApiProperty({ enum: ['keep', 'fresh'], description: 'keep what still holds, or plan everything afresh' })
  @IsIn(['keep', 'fresh'])
  mode!: 'keep' | 'fresh';
}

export class MinutesDto {
  @ApiProperty() middle!: number;
  @ApiProperty() p20!: number;
  @ApiProperty() p80!: number;
}

export class PlannedActivityDto {
  @ApiProperty() key!: string;
  @ApiProperty({ enum: ['show', 'keepUp'] }) kind!: 'show' | 'keepUp';
  @ApiProperty() dogId!: string;
  @ApiProperty({ type: String, nullable: true }) entryId!: string | null;
  @ApiProperty({ enum: STEP_IDS }) step!: StepId;
  @ApiProperty({ enum: ['done', 'running', 'planned'] }) state!: 'done' | 'running' | 'planned';
  @ApiProperty() start!: string;
  @ApiProperty() end!: string;
  @ApiProperty() attendedUntil!: string;
  @ApiProperty({ type: [String] }) people!: string[];
  @ApiProperty({ type: String, nullable: true }) stationId!: string | null;
  @ApiProperty({ type: MinutesDto }) minutes!: MinutesDto;
  @ApiProperty() aim!: string;
  @ApiProperty() bound!: boolean;
  @ApiProperty({ type: String, nullable: true }) latest!: string | null;
  @ApiProperty({ type: 'object', additionalProperties: true, description: 'code and fields of the reason' })
  reason!: object;
}

export class UnplacedDto {
  @ApiProperty() key!: string;
  @ApiProperty({ enum: ['show', 'keepUp'] }) kind!: 'show' | 'keepUp';
  @ApiProperty() dogId!: string;
  @ApiProperty({ type: String, nullable: true }) entryId!: string | null;
  @ApiProperty({ enum: STEP_IDS, nullable: true }) step!: StepId | null;
  @ApiProperty({ type: 'object', additionalProperties: true, description: 'why, and what would help' })
  reason!: object;
  @ApiProperty({ type: 'array', items: { type: 'object', additionalProperties: true } })
  waiting!: object[];
}

export class EntryOddsDto {
  @ApiProperty() entryId!: string;
  @ApiProperty({ description: 'share of the plays in which it is ready, 0 to 1' }) ready!: number;
  @ApiProperty({ type: String, nullable: true, description: 'task that most often comes too late' })
  breaks!: string | null;
}

export class PlanBoundDto {
  @ApiProperty({ description: 'show entries that have a place when they are alone' }) ready!: number;
  @ApiProperty() of!: number;
  @ApiProperty() cost!: number;
}

export class PlanDto {
  @ApiProperty() now!: string;
  @ApiProperty() firstDay!: string;
  @ApiProperty() seed!: number;
  @ApiProperty() rounds!: number;
  @ApiProperty() inputHash!: string;
  @ApiProperty({ type: [PlannedActivityDto] }) activities!: PlannedActivityDto[];
  @ApiProperty({ type: [UnplacedDto] }) unplaced!: UnplacedDto[];
  @ApiProperty({ type: 'array', items: { type: 'object', additionalProperties: true } }) leftOut!: object[];
  @ApiProperty({ type: 'array', items: { type: 'object', additionalProperties: true } }) calendar!: object[];
}

export class MoveDto {
  @ApiProperty() key!: string;
  @ApiProperty() dogId!: string;
  @ApiProperty({ enum: STEP_IDS }) step!: StepId;
  @ApiProperty() from!: string;
  @ApiProperty() to!: string;
}

export class SummaryDto {
  @ApiProperty() ready!: number;
  @ApiProperty() of!: number;
  @ApiProperty() tasks!: number;
  @ApiProperty() moved!: number;
  @ApiProperty() added!: number;
  @ApiProperty() removed!: number;
  @ApiProperty({ type: [MoveDto] }) moves!: MoveDto[];
}

export class StoredPlanDto {
  @ApiProperty() id!: string;
  @ApiProperty() madeAt!: string;
  @ApiProperty({ type: SummaryDto }) summary!: SummaryDto;
  @ApiProperty({ type: PlanDto }) plan!: PlanDto;
}

export class ProgressDto {
  @ApiProperty() round!: number;
  @ApiProperty() rounds!: number;
  @ApiProperty() placed!: number;
  @ApiProperty() of!: number;
}

export class PlanJobDto {
  @ApiProperty() id!: string;
  @ApiProperty({ enum: ['queued', 'running', 'done', 'cancelled', 'failed'] })
  state!: 'queued' | 'running' | 'done' | 'cancelled' | 'failed';
  @ApiPropertyOptional({ type: ProgressDto }) progress?: ProgressDto;
  @ApiPropertyOptional() planId?: string;
  @ApiPropertyOptional() trouble?: string;
}

export class PlanViewDto {
  @ApiProperty({ type: StoredPlanDto, nullable: true }) published!: StoredPlanDto | null;
  @ApiProperty({ type: StoredPlanDto, nullable: true, description: 'leads only' }) draft!: StoredPlanDto | null;
  @ApiProperty({ type: PlanJobDto, nullable: true, description: 'a job that is under way; leads only' })
  job!: PlanJobDto | null;
}

export class PublishedDto {
  @ApiProperty() planId!: string;
}

export class TaskRoomDto {
  @ApiProperty({ type: String, nullable: true }) earliest!: string | null;
  @ApiProperty({ type: String, nullable: true }) latest!: string | null;
  @ApiProperty({ type: [String], description: 'keys of the tasks that wait for it' }) waits!: string[];
}
