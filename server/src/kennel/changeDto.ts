import { applyDecorators } from '@nestjs/common';
import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { Transform, Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsIn,
  IsInt,
  IsObject,
  IsOptional,
  IsString,
  Length,
  Max,
  Min,
  ValidateIf,
  ValidateNested,
} from 'class-validator';
import { KENNEL_LISTS } from '@loyal-mane/core';
import type { KennelList, KennelRow } from '@loyal-mane/core';
import { CommandDto } from '../contract/commandDto.js';
import { fileSchemaOrNull } from '../contract/fileSchemas.js';

/** As many changes as one command may hold: an import of every dog a kennel may have. */
export const MOST_CHANGES = 4000;

/** A row, as in a kennel file. The transformer would empty it: rows are checked by the file's own schema. */
const keepAsIs = Transform(({ obj, key }) => (obj as Record<string, unknown>)[key]);

/** A row as it was and as it becomes; null = is not there. */
export class RowChangeDto {
  @ApiProperty({ enum: KENNEL_LISTS })
  @IsIn(KENNEL_LISTS)
  list!: KennelList;

  @ApiProperty()
  @IsString()
  @Length(1, 64)
  id!: string;

  @ApiProperty(fileSchemaOrNull('FileRow', { description: 'the row as the sender saw it; null = it is new' }))
  @ValidateIf((_, value) => value !== null)
  @IsObject()
  @keepAsIs
  from!: KennelRow | null;

  @ApiProperty(fileSchemaOrNull('FileRow', { description: 'the row as it shall be; null = it is removed' }))
  @ValidateIf((_, value) => value !== null)
  @IsObject()
  @keepAsIs
  to!: KennelRow | null;
}

/** A list of row changes, each checked by itself. */
const RowChanges = (): PropertyDecorator =>
  applyDecorators(
    ApiProperty({ type: [RowChangeDto] }),
    IsArray(),
    ArrayMinSize(1),
    ArrayMaxSize(MOST_CHANGES),
    ValidateNested({ each: true }),
    Type(() => RowChangeDto),
  );

/** Changes that are only looked at. */
export class CheckChangesDto {
  @RowChanges()
  changes!: RowChangeDto[];
}

/** Changes that are saved together, or not at all. */
export class ChangesCommandDto extends CommandDto {
  @RowChanges()
  changes!: RowChangeDto[];
}

/** Something wrong with a change, in words, by path. */
export class FoundIssueDto {
  @ApiProperty({ description: 'changes[k].field, or where in the kennel' }) path!: string;
  @ApiProperty() detail!: string;
}

/** All that is wrong with some changes; empty = nothing. */
export class CheckedDto {
  @ApiProperty({ type: [FoundIssueDto] }) errors!: FoundIssueDto[];
}

/** Rows that were saved. */
export class ChangedDto {
  @ApiProperty({ type: 'integer', description: 'how many rows changed' }) rows!: number;
}

/** Which part of the trail is read. */
export class TrailQueryDto {
  @ApiPropertyOptional({ description: 'id of a dog, person, station, show, plan ...; everything when absent' })
  @IsOptional()
  @IsString()
  @Length(1, 160)
  subject?: string;

  @ApiPropertyOptional({ description: 'only events before this number' })
  @IsOptional()
  @Type(() => Number)
  @IsInt()
  @Min(1)
  before?: number;

  @ApiPropertyOptional({ description: 'at most so many, 50 when absent' })
  @IsOptional()
  @Type(() => Number)
  @IsInt()
  @Min(1)
  @Max(200)
  limit?: number;
}

/** One row's change in the trail. */
export class TrailRowDto {
  @ApiProperty({ enum: KENNEL_LISTS }) list!: KennelList;
  @ApiProperty() id!: string;
  @ApiProperty(fileSchemaOrNull('FileRow')) from!: KennelRow | null;
  @ApiProperty(fileSchemaOrNull('FileRow')) to!: KennelRow | null;
}

/** One event of the trail: who, when, what, and whether it can be taken back. */
export class TrailEntryDto {
  @ApiProperty({ type: 'integer' }) number!: number;
  @ApiProperty() at!: string;
  @ApiProperty() kind!: string;
  @ApiProperty() subject!: string;
  @ApiPropertyOptional({ description: 'who; absent for what the server did by itself' }) actorId?: string;
  @ApiProperty({ type: [TrailRowDto], description: 'rows that changed, at most 20 of them' }) rows!: TrailRowDto[];
  @ApiProperty({ type: 'integer', description: 'how many rows changed' }) count!: number;
  @ApiProperty({ description: 'whether it can be undone' }) mayUndo!: boolean;
}

/** A page of the trail, the newest first. */
export class TrailDto {
  @ApiProperty({ type: [TrailEntryDto], description: 'newest first' }) entries!: TrailEntryDto[];
}
