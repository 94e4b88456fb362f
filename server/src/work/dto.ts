import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayUnique,
  IsArray,
  IsBoolean,
  IsISO8601,
  IsIn,
  IsInt,
  IsNumber,
  IsOptional,
  IsString,
  IsUUID,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { EXIT_CHECKS, PAUSE_CAUSES, PRODUCT_IDS, STEP_IDS, USE_SCOPES, WORK_STATES, ZONE_IDS } from '@loyal-mane/core';
import type { ExitCheck, PauseCause, ProductId, StepId, UseScope, WorkState, ZoneId } from '@loyal-mane/core';
import { CommandDto } from '../contract/commandDto.js';
import { HAPPENED_AT } from '../contract/happened.js';

/** A mat that came out. */
export class MatPlaceDto {
  @ApiProperty({ enum: ZONE_IDS, description: 'zone' })
  @IsIn(ZONE_IDS)
  zone!: ZoneId;

  @ApiPropertyOptional({ enum: ['left', 'right'], description: 'side of a paired zone, as the mat was marked' })
  @IsOptional()
  @IsIn(['left', 'right'])
  side?: 'left' | 'right';
}

/** A product that went into the coat. */
export class UsedProductDto {
  @ApiProperty({ enum: PRODUCT_IDS, description: 'what' })
  @IsIn(PRODUCT_IDS)
  product!: ProductId;

  @ApiProperty({ enum: USE_SCOPES, description: 'whole coat, some zones, or stains only' })
  @IsIn(USE_SCOPES)
  scope!: UseScope;

  @ApiPropertyOptional({ enum: ZONE_IDS, isArray: true, description: 'where, for some zones' })
  @IsOptional()
  @IsArray()
  @ArrayUnique()
  @IsIn(ZONE_IDS, { each: true })
  zones?: ZoneId[];
}

/** Why work was paused last. */
export class PauseCauseDto extends CommandDto {
  @ApiProperty({ enum: PAUSE_CAUSES, description: 'why' })
  @IsIn(PAUSE_CAUSES)
  cause!: PauseCause;

  @ApiPropertyOptional({ enum: ZONE_IDS, isArray: true, description: 'where the dog asked for it' })
  @IsOptional()
  @IsArray()
  @ArrayUnique()
  @IsIn(ZONE_IDS, { each: true })
  zones?: ZoneId[];
}

/** A product that begins to work in a coat; its id is the command's. */
export class SoakStartDto extends CommandDto {
  @ApiProperty({ enum: PRODUCT_IDS, description: 'what' })
  @IsIn(PRODUCT_IDS)
  product!: ProductId;

  @ApiProperty({ description: 'minutes that its label asks for' })
  @IsNumber()
  @Min(0)
  @Max(240)
  leastMin!: number;

  @ApiProperty({ description: 'minutes that it allows' })
  @IsNumber()
  @Min(0)
  @Max(240)
  mostMin!: number;

  @ApiPropertyOptional({ description: HAPPENED_AT })
  @IsOptional()
  @IsISO8601({ strict: true })
  at?: string;
}

/** A product that is out of a coat. */
export class SoakEndDto extends CommandDto {
  @ApiProperty({ description: 'the soak' })
  @IsString()
  @MaxLength(64)
  soak!: string;

  @ApiPropertyOptional({ description: HAPPENED_AT })
  @IsOptional()
  @IsISO8601({ strict: true })
  at?: string;
}

/** A soak of a task. */
export class SoakDto {
  @ApiProperty() id!: string;
  @ApiProperty({ enum: PRODUCT_IDS }) product!: ProductId;
  @ApiProperty({ description: 'since when' }) at!: string;
  @ApiProperty() leastMin!: number;
  @ApiProperty() mostMin!: number;
  @ApiPropertyOptional({ description: 'out of the coat; still in it when absent' }) endedAt?: string;
}

/** A pause of a task. */
export class WorkPauseDto {
  @ApiProperty({ description: 'when' }) at!: string;
  @ApiPropertyOptional({ enum: PAUSE_CAUSES, description: 'not said when absent' }) cause?: PauseCause;
  @ApiPropertyOptional({ enum: ZONE_IDS, isArray: true, description: 'where the dog asked for it' }) zones?: ZoneId[];
}

/** A command about a task, as the bench gives it. */
export class TaskCommandDto extends CommandDto {
  @ApiProperty({ type: 'integer', description: 'version of the record that the sender saw; 0 when there was none' })
  @IsInt()
  @Min(0)
  version!: number;

  @ApiPropertyOptional({ description: 'dog that the sender takes the task to be of; refused when it is another' })
  @IsOptional()
  @IsUUID()
  dogId?: string;

  @ApiPropertyOptional({ enum: STEP_IDS, description: 'step that the sender takes it for; refused when it is another' })
  @IsOptional()
  @IsIn(STEP_IDS)
  step?: StepId;

  @ApiPropertyOptional({ type: String, nullable: true, description: 'where; as planned when absent' })
  @IsOptional()
  @IsUUID()
  stationId?: string | null;

  @ApiPropertyOptional({ description: 'why it is skipped' })
  @IsOptional()
  @IsString()
  @MaxLength(300)
  reason?: string;

  @ApiPropertyOptional({ description: 'start it although something speaks against it; kept with who decided' })
  @IsOptional()
  @IsBoolean()
  anyway?: boolean;

  @ApiPropertyOptional({ description: HAPPENED_AT })
  @IsOptional()
  @IsISO8601({ strict: true })
  at?: string;

  @ApiPropertyOptional({ description: 'of a finish: it was done before it was started here, its minutes are not kept' })
  @IsOptional()
  @IsBoolean()
  doneBefore?: boolean;

  @ApiPropertyOptional({
    type: [MatPlaceDto],
    description: 'of a finish of mat work: mats that are out; those that are not named stay marked',
  })
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(60)
  @ValidateNested({ each: true })
  @Type(() => MatPlaceDto)
  matsOut?: MatPlaceDto[];

  @ApiPropertyOptional({
    enum: EXIT_CHECKS,
    isArray: true,
    description: 'of a finish at the tub: what was looked at; it is refused while something was not',
  })
  @IsOptional()
  @IsArray()
  @ArrayUnique()
  @IsIn(EXIT_CHECKS, { each: true })
  confirmed?: ExitCheck[];

  @ApiPropertyOptional({
    type: [UsedProductDto],
    description: 'of a finish: products that went into the coat; they are kept with the dog',
  })
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(20)
  @ValidateNested({ each: true })
  @Type(() => UsedProductDto)
  used?: UsedProductDto[];
}

/** A tick on a line of a task's page. */
export class TickDto extends CommandDto {
  @ApiProperty({ description: 'line of the page, or a caution' })
  @IsString()
  @Matches(/^[a-zA-Z0-9.-]{1,60}$/, { message: 'must be the id of a line' })
  line!: string;

  @ApiProperty({ description: 'false takes the tick off' })
  @IsBoolean()
  ticked!: boolean;
}

/** A task's record. */
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
  @ApiProperty({ type: 'integer' }) workedMs!: number;
  @ApiPropertyOptional() expectedMin?: number;
  @ApiPropertyOptional({ enum: [1, 2], description: 'of work that goes flank by flank' }) flank?: 1 | 2;
  @ApiPropertyOptional() reason?: string;
  @ApiPropertyOptional({ type: [WorkPauseDto], description: 'pauses, the last of them last' })
  pauses?: WorkPauseDto[];

  @ApiPropertyOptional({ type: [SoakDto], description: 'products that worked in the coat, the last of them last' })
  soaks?: SoakDto[];

  @ApiPropertyOptional({ type: [String], description: 'lines that were ticked, cautions that were met' })
  ticked?: string[];

  @ApiProperty({ type: 'integer' }) version!: number;
}

/** All records of the kennel. */
export class WorkListDto {
  @ApiProperty({ type: [WorkDto] }) work!: WorkDto[];
}

/** A task's record after a command; null = it was taken back. */
export class TaskAnswerDto {
  @ApiProperty({ type: WorkDto, nullable: true, description: 'null: nobody has touched the task' })
  work!: WorkDto | null;
}
