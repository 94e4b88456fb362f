/*
 * A problem as the API tells it (RFC 9457), with the newer state for whoever was too late.
 */
import { ApiExtraModels, ApiProperty, ApiPropertyOptional, getSchemaPath } from '@nestjs/swagger';
import { fileSchema, fileSchemas } from '../contract/fileSchemas.js';
import { WorkDto } from '../work/dto.js';
import type { ProblemCode } from './problem.js';
import { PROBLEMS } from './problem.js';

/** A fault of one field. */
export class FieldProblemDto {
  @ApiProperty({ description: 'field of the request' }) path!: string;
  @ApiProperty() detail!: string;
}

/** A row as it is now. */
export class RowNowDto {
  @ApiProperty({ type: 'integer' }) version!: number;
  @ApiProperty(fileSchema('FileRow')) row!: object;
}

/** A breed as it is now, sent with a stale version. */
export class BreedNowDto {
  @ApiProperty({ type: 'integer' }) version!: number;
  @ApiProperty(fileSchema('FileBreed')) breed!: object;
}

/** The methods as they are now, sent with a stale version. */
export class MethodsNowDto {
  @ApiProperty({ type: 'integer' }) number!: number;
  @ApiProperty(fileSchema('FileSchools')) schools!: object;
  @ApiProperty(fileSchemas('FileStepChange')) steps!: object[];
  @ApiProperty(fileSchemas('FileIntervalChange')) intervals!: object[];
  @ApiProperty(fileSchemas('FileLineChange')) lines!: object[];
  @ApiProperty(fileSchemas('FileProductChange')) products!: object[];
}

/** A dog's choices as they are now, sent with a stale version. */
export class SchoolsNowDto {
  @ApiProperty({ type: 'integer' }) version!: number;
  @ApiProperty(fileSchema('FileSchools')) schools!: object;
}

/** The plan in force now, sent with a stale version. */
export class PublishedNowDto {
  @ApiProperty({ type: String, nullable: true, description: 'plan in force' }) publishedId!: string | null;
}

const NOW = [WorkDto, RowNowDto, BreedNowDto, MethodsNowDto, SchoolsNowDto, PublishedNowDto];

/** A problem, whatever it is. */
@ApiExtraModels(...NOW)
export class ProblemDto {
  @ApiProperty() type!: string;
  @ApiProperty() title!: string;
  @ApiProperty({ type: 'integer' }) status!: number;
  @ApiProperty({ description: 'what is wrong, what was kept, what to do next' }) detail!: string;
  @ApiProperty() instance!: string;
  @ApiProperty({ enum: Object.keys(PROBLEMS) }) code!: ProblemCode;
  @ApiProperty({ type: [FieldProblemDto] }) errors!: FieldProblemDto[];
  @ApiPropertyOptional({
    oneOf: [...NOW.map((type) => ({ $ref: getSchemaPath(type) })), { $ref: '#/components/schemas/FileRow' }],
    nullable: true,
    description: 'the newer state, for whoever was too late; null when it is gone',
  })
  current?: unknown;
}
