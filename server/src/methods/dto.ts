/*
 * The kennel's methods over the API: which side of each school holds here, with the history of changes.
 */
import { ApiProperty, ApiPropertyOptional, IntersectionType } from '@nestjs/swagger';
import { Transform } from 'class-transformer';
import { IsArray, IsInt, IsObject, IsOptional, Min } from 'class-validator';
import { COAT_CLASSES, SCHOOL_IDS } from '@loyal-mane/core';
import type {
  CoatClass,
  KennelIntervalChange,
  KennelLineChange,
  KennelProductChange,
  KennelStepChange,
  SchoolChoices,
  SchoolId,
} from '@loyal-mane/core';
import { CommandDto, VersionedCommandDto } from '../contract/commandDto.js';
import { fileSchema, fileSchemas } from '../contract/fileSchemas.js';

const CHOICES = fileSchema('FileSchools', {
  description: 'side by question; a question that is absent stays as is usual on the coat',
});
const STEPS = fileSchemas('FileStepChange', { description: 'changed steps of care programs' });
const INTERVALS = fileSchemas('FileIntervalChange', { description: 'changed intervals of keep-up work' });
const LINES = fileSchemas('FileLineChange', { description: 'lines of step pages that the kennel changed' });
const PRODUCT_CHANGES = fileSchemas('FileProductChange', { description: 'products as the kennel’s own bottles say' });

/** As it was sent: the transformer would empty it, and the file's own schema checks it. */
const keepAsIs = Transform(({ obj, key }) => (obj as Record<string, unknown>)[key]);

/** Everything a kennel decides about its methods. */
export class MethodsBodyDto {
  @ApiProperty(CHOICES)
  @IsObject()
  @keepAsIs
  schools!: Record<string, unknown>;

  @ApiPropertyOptional(STEPS)
  @IsOptional()
  @IsArray()
  @keepAsIs
  steps?: Record<string, unknown>[];

  @ApiPropertyOptional(INTERVALS)
  @IsOptional()
  @IsArray()
  @keepAsIs
  intervals?: Record<string, unknown>[];

  @ApiPropertyOptional(PRODUCT_CHANGES)
  @IsOptional()
  @IsArray()
  @keepAsIs
  products?: Record<string, unknown>[];

  @ApiPropertyOptional(LINES)
  @IsOptional()
  @IsArray()
  @keepAsIs
  lines?: Record<string, unknown>[];
}

/** One version of the kennel's own methods. */
export class MethodsVersionDto {
  @ApiProperty({ type: 'integer' }) number!: number;
  @ApiProperty() madeAt!: string;
  @ApiProperty({ type: String, nullable: true }) madeBy!: string | null;
  @ApiProperty(CHOICES) schools!: SchoolChoices;
  @ApiProperty(STEPS) steps!: KennelStepChange[];
  @ApiProperty(INTERVALS) intervals!: KennelIntervalChange[];
  @ApiProperty(PRODUCT_CHANGES) products!: KennelProductChange[];
  @ApiProperty(LINES) lines!: KennelLineChange[];
}

/** Choices of one dog that differ from the kennel's. */
export class DogChoicesDto {
  @ApiProperty() dogId!: string;
  @ApiProperty({ type: 'integer' }) version!: number;
  @ApiProperty({ enum: COAT_CLASSES, description: 'class of coat' }) coat!: CoatClass;
  @ApiProperty(CHOICES) schools!: SchoolChoices;
}

/** The methods in force, with their versions. */
export class MethodsDto {
  @ApiProperty({ description: 'version in force; 0 = as the library has it' }) number!: number;
  @ApiProperty(CHOICES) schools!: SchoolChoices;
  @ApiProperty(STEPS) steps!: KennelStepChange[];
  @ApiProperty(INTERVALS) intervals!: KennelIntervalChange[];
  @ApiProperty(PRODUCT_CHANGES) products!: KennelProductChange[];
  @ApiProperty(LINES) lines!: KennelLineChange[];
  @ApiProperty({ type: [DogChoicesDto] }) dogs!: DogChoicesDto[];
  @ApiProperty({ type: [MethodsVersionDto], description: 'newest first' }) history!: MethodsVersionDto[];
}

/** Changed methods that are only looked at. */
export class PreviewMethodsDto {
  @ApiProperty(CHOICES)
  @IsObject()
  @keepAsIs
  schools!: Record<string, unknown>;
}

/** Changed methods that are saved as a new version. */
export class ChangeMethodsDto extends IntersectionType(CommandDto, MethodsBodyDto) {
  @ApiProperty({ type: 'integer', description: 'version that the sender saw' })
  @IsInt()
  @Min(0)
  number!: number;
}

/** Choices that hold for one dog. */
export class ChangeDogSchoolsDto extends VersionedCommandDto {
  @ApiProperty(CHOICES)
  @IsObject()
  @keepAsIs
  schools!: Record<string, unknown>;
}

/** A choice that would hurt, and why. */
export class RefusedDto {
  @ApiProperty() dogId!: string;
  @ApiProperty({ enum: SCHOOL_IDS }) school!: SchoolId;
  @ApiProperty() why!: string;
}

/** Effect of changed methods on the plan. */
export class MethodsEffectDto {
  @ApiProperty({ description: 'tasks that would sit elsewhere' }) moved!: number;
  @ApiProperty() added!: number;
  @ApiProperty() removed!: number;
  @ApiProperty({ type: [String], description: 'dogs it touches' }) dogs!: string[];
  @ApiProperty({ description: 'crew minutes, after less before' }) crewMin!: number;
  @ApiProperty({ type: [String], description: 'dogs that would become ready' }) gained!: string[];
  @ApiProperty({ type: [String], description: 'dogs that would lose their place' }) lost!: string[];
  @ApiProperty({ type: [RefusedDto], description: 'dogs for which the choice is refused' }) refused!: RefusedDto[];
}
