/*
 * Records of dogs and the kennel's own breeds over the API: parts as a kennel file has them, checked by its schema.
 */
import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import {
  ArrayMaxSize,
  ArrayUnique,
  IsArray,
  IsIn,
  IsISO8601,
  IsInt,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  Length,
  Max,
  MaxLength,
  Min,
} from 'class-validator';
import {
  BODY_SIDES,
  COURSES,
  INSPECTION_POINTS,
  MOVEMENTS,
  NOTE_KINDS,
  PRODUCT_IDS,
  SETTLED,
  SEVERITIES,
  USE_SCOPES,
  ZONE_IDS,
} from '@loyal-mane/core';
import type {
  BodySide,
  Course,
  InspectionPoint,
  Movement,
  NoteKind,
  ProductId,
  Settled,
  Severity,
  UseScope,
  ZoneId,
} from '@loyal-mane/core';
import { CommandDto, VersionedCommandDto } from '../contract/commandDto.js';
import { HAPPENED_AT } from '../contract/happened.js';
import { fileSchema } from '../contract/fileSchemas.js';

/** Parts of a dog's record that change. */
export class RecordCommandDto extends VersionedCommandDto {
  @ApiProperty(fileSchema('FileDogPatch', { description: 'fields to change; null takes a field away' }))
  @IsObject()
  record!: Record<string, unknown>;
}

/** Kinds of logs of a coat. */
export const COAT_LOGS = [
  ...(['use', 'settle', 'hold', 'note', 'noteOver', 'length', 'moved'] as const),
  ...(['inspected', 'seen', 'seenAgain', 'seenOver'] as const),
] as const;
/** One of `COAT_LOGS`. */
export type CoatLogKind = (typeof COAT_LOGS)[number];

/** One thing seen or used on a dog today. */
export class CoatLogDto extends CommandDto {
  @ApiProperty({ enum: COAT_LOGS })
  @IsIn(COAT_LOGS)
  what!: CoatLogKind;

  @ApiPropertyOptional({ description: HAPPENED_AT })
  @IsOptional()
  @IsISO8601({ strict: true })
  at?: string;

  @ApiPropertyOptional({ enum: PRODUCT_IDS, description: 'of a use' })
  @IsOptional()
  @IsIn(PRODUCT_IDS)
  product?: ProductId;

  @ApiPropertyOptional({ enum: USE_SCOPES, description: 'of a use' })
  @IsOptional()
  @IsIn(USE_SCOPES)
  scope?: UseScope;

  @ApiPropertyOptional({ enum: ZONE_IDS, isArray: true, description: 'of a use on some zones; of a note' })
  @IsOptional()
  @IsArray()
  @ArrayUnique()
  @ArrayMaxSize(60)
  @IsIn(ZONE_IDS, { each: true })
  zones?: ZoneId[];

  @ApiPropertyOptional({ enum: NOTE_KINDS, description: 'of a note: what it is about' })
  @IsOptional()
  @IsIn(NOTE_KINDS)
  about?: NoteKind;

  @ApiPropertyOptional({ description: 'of a note or something unusual: why, or what to do' })
  @IsOptional()
  @IsString()
  @MaxLength(200)
  text?: string;

  @ApiPropertyOptional({ description: 'of a note that is over, or something unusual that was looked at again: which' })
  @IsOptional()
  @IsString()
  @MaxLength(64)
  noteId?: string;

  @ApiPropertyOptional({ enum: BODY_SIDES, description: 'of a length: the side; both alike when absent' })
  @IsOptional()
  @IsIn(BODY_SIDES)
  side?: BodySide;

  @ApiPropertyOptional({ enum: MOVEMENTS, description: 'of a look at the dog in movement: how the outline was' })
  @IsOptional()
  @IsIn(MOVEMENTS)
  seen?: Movement;

  @ApiPropertyOptional({ enum: ZONE_IDS, description: 'of a length: where' })
  @IsOptional()
  @IsIn(ZONE_IDS)
  zone?: ZoneId;

  @ApiPropertyOptional({ description: 'of a length: millimeters' })
  @IsOptional()
  @IsNumber({ maxDecimalPlaces: 1 })
  @Min(0)
  @Max(600)
  mm?: number;

  @ApiPropertyOptional({ enum: INSPECTION_POINTS, description: 'of something unusual: what' })
  @IsOptional()
  @IsIn(INSPECTION_POINTS)
  point?: InspectionPoint;

  @ApiPropertyOptional({ enum: SEVERITIES, description: 'of something unusual: how soon it wants an answer' })
  @IsOptional()
  @IsIn(SEVERITIES)
  severity?: Severity;

  @ApiPropertyOptional({ description: 'of something unusual: who was told' })
  @IsOptional()
  @IsString()
  @MaxLength(80)
  told?: string;

  @ApiPropertyOptional({ enum: COURSES, description: 'of another look: how it is beside the last' })
  @IsOptional()
  @IsIn(COURSES)
  course?: Course;

  @ApiPropertyOptional({ enum: SETTLED, description: 'when the coat was right after its bath' })
  @IsOptional()
  @IsIn(SETTLED)
  right?: Settled;

  @ApiPropertyOptional({ description: 'minutes that the finish held' })
  @IsOptional()
  @IsInt()
  @Min(5)
  @Max(600)
  minutes?: number;
}

/** A breed as this kennel has it. */
export class BreedCommandDto extends CommandDto {
  @ApiProperty({ description: 'version that the sender saw; 0 for a new breed' })
  @IsInt()
  @Min(0)
  version!: number;

  @ApiProperty(fileSchema('FileBreed'))
  @IsObject()
  breed!: Record<string, unknown>;
}

/** A breed of the kennel's own that goes. */
export class BreedRemoveDto extends VersionedCommandDto {
  @ApiProperty({ description: 'name of the breed' })
  @IsString()
  @Length(1, 80)
  name!: string;
}
