import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { IsIn, IsInt, IsNumber, IsOptional, IsString, IsUUID, Length, Max, MaxLength, Min } from 'class-validator';
import { STEP_IDS, WORK_STATES } from '@loyal-mane/core';
import type { StepId, WorkState } from '@loyal-mane/core';
import { CommandDto } from '../plan/dto.js';

export class TaskCommandDto extends CommandDto {
  @ApiProperty({ description: 'version of the record that the sender saw; 0 when there was none' })
  @IsInt()
  @Min(0)
  version!: number;

  @ApiProperty()
  @IsUUID()
  dogId!: string;

  @ApiProperty({ enum: STEP_IDS })
  @IsIn(STEP_IDS)
  step!: StepId;

  @ApiPropertyOptional({ type: String, nullable: true })
  @IsOptional()
  @IsUUID()
  stationId?: string | null;

  @ApiPropertyOptional({ description: 'minutes that the plan expected of any dog and person; kept when it starts' })
  @IsOptional()
  @IsNumber()
  @Min(0.1)
  @Max(2000)
  expectedMin?: number;

  @ApiPropertyOptional({ description: 'why it is skipped' })
  @IsOptional()
  @IsString()
  @MaxLength(300)
  reason?: string;
}

export class WorkDto {
  @ApiProperty() taskKey!: string;
  @ApiProperty() dogId!: string;
  @ApiProperty({ enum: STEP_IDS }) step!: StepId;
  @ApiProperty({ enum: WORK_STATES }) state!: WorkState;
  @ApiPropertyOptional() personId?: string;
  @ApiPropertyOptional() stationId?: string;
  @ApiPropertyOptional() startedAt?: string;
  @ApiPropertyOptional() runningSince?: string;
  @ApiPropertyOptional() finishedAt?: string;
  @ApiProperty() workedMs!: number;
  @ApiPropertyOptional() expectedMin?: number;
  @ApiPropertyOptional() reason?: string;
  @ApiProperty() version!: number;
}

export class WorkListDto {
  @ApiProperty({ type: [WorkDto] }) work!: WorkDto[];
}

export class TaskAnswerDto {
  @ApiProperty({ type: WorkDto, nullable: true, description: 'null: nobody has touched the task' })
  work!: WorkDto | null;
}

export class TaskKeyDto {
  @ApiProperty({ description: 'key of the task' })
  @IsString()
  @Length(3, 160)
  key!: string;
}
