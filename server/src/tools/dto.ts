import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { IsIn, Matches } from 'class-validator';
import { CARE_JOBS, STATION_KINDS, TOOL_KINDS, TOOL_PATTERN } from '@loyal-mane/core';
import type { CareJob, CaredKind } from '@loyal-mane/core';
import { CommandDto } from '../contract/commandDto.js';

/** A job on a tool that was done now. */
export class CareDto extends CommandDto {
  @ApiProperty({ description: 'a station, or a person and a kind of tool: "PERSON.slicker"' })
  @Matches(new RegExp(TOOL_PATTERN), { message: 'must be a station, or a person and a kind of tool' })
  tool!: string;

  @ApiProperty({ enum: CARE_JOBS })
  @IsIn(CARE_JOBS)
  job!: CareJob;
}

/** A job on a tool as it stands now. */
export class ToolJobDto {
  @ApiProperty() tool!: string;
  @ApiProperty({ enum: [...TOOL_KINDS, ...STATION_KINDS] }) kind!: CaredKind;
  @ApiPropertyOptional({ description: 'whose it is; everybody’s when absent' }) personId?: string;
  @ApiPropertyOptional() stationId?: string;
  @ApiProperty({ enum: CARE_JOBS }) job!: CareJob;
  @ApiProperty() isDue!: boolean;
  @ApiProperty({ type: 'integer', description: 'minutes of use since it was done last' }) usedMin!: number;
  @ApiPropertyOptional({ description: 'when it was done last' }) lastAt?: string;
  @ApiPropertyOptional({ type: 'integer', description: 'minutes of use until it is due' }) leftMin?: number;
}

/** All jobs, those that are due first. */
export class ToolJobsDto {
  @ApiProperty({ type: [ToolJobDto] }) jobs!: ToolJobDto[];
}
