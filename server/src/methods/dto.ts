/*
 * The kennel's methods over the API: which side of each school holds here, with the history of changes.
 */
import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import type { ApiPropertyOptions } from '@nestjs/swagger';
import { IsArray, IsInt, IsObject, IsOptional, IsUUID, Min } from 'class-validator';
import type { KennelIntervalChange, KennelProductChange, KennelStepChange, SchoolChoices } from '@loyal-mane/core';
import { CommandDto } from '../plan/dto.js';

const CHOICES: ApiPropertyOptions = {
  type: 'object',
  additionalProperties: { type: 'string', enum: ['a', 'b'] },
  description: 'side by question; a question that is absent stays as is usual on the coat',
};

const STEPS: ApiPropertyOptions = {
  type: 'array',
  items: { type: 'object', additionalProperties: true },
  description: 'changed steps of care programs, as in a kennel file',
};
const INTERVALS: ApiPropertyOptions = {
  type: 'array',
  items: { type: 'object', additionalProperties: true },
  description: 'changed intervals of keep-up work, as in a kennel file',
};

const PRODUCT_CHANGES: ApiPropertyOptions = {
  type: 'array',
  items: { type: 'object', additionalProperties: true },
  description: 'products as the kennel’s own bottles say, as in a kennel file',
};

/** Everything a kennel decides about its methods. */
export class MethodsBodyDto {
  @ApiProperty(CHOICES)
  @IsObject()
  schools!: Record<string, unknown>;

  @ApiPropertyOptional(STEPS)
  @IsOptional()
  @IsArray()
  steps?: Record<string, unknown>[];

  @ApiPropertyOptional(INTERVALS)
  @IsOptional()
  @IsArray()
  intervals?: Record<string, unknown>[];

  @ApiPropertyOptional(PRODUCT_CHANGES)
  @IsOptional()
  @IsArray()
  products?: Record<string, unknown>[];
}

export class MethodsVersionDto {
  @ApiProperty() number!: number;
  @ApiProperty() madeAt!: string;
  @ApiProperty({ type: String, nullable: true }) madeBy!: string | null;
  @ApiProperty(CHOICES) schools!: SchoolChoices;
  @ApiProperty(STEPS) steps!: KennelStepChange[];
  @ApiProperty(INTERVALS) intervals!: KennelIntervalChange[];
  @ApiProperty(PRODUCT_CHANGES) products!: KennelProductChange[];
}

export class DogChoicesDto {
  @ApiProperty() dogId!: string;
  @ApiProperty() version!: number;
  @ApiProperty({ description: 'class of coat' }) coat!: string;
  @ApiProperty(CHOICES) schools!: SchoolChoices;
}

export class MethodsDto {
  @ApiProperty({ description: 'version in force; 0 = as the library has it' }) number!: number;
  @ApiProperty(CHOICES) schools!: SchoolChoices;
  @ApiProperty(STEPS) steps!: KennelStepChange[];
  @ApiProperty(INTERVALS) intervals!: KennelIntervalChange[];
  @ApiProperty(PRODUCT_CHANGES) products!: KennelProductChange[];
  @ApiProperty({ type: [DogChoicesDto] }) dogs!: DogChoicesDto[];
  @ApiProperty({ type: [MethodsVersionDto], description: 'newest first' }) history!: MethodsVersionDto[];
}

export class PreviewMethodsDto {
  @ApiProperty(CHOICES)
  @IsObject()
  schools!: Record<string, unknown>;
}

export class ChangeMethodsDto extends MethodsBodyDto {
  @ApiProperty({ description: 'made by the sender; the same command again answers as before' })
  @IsUUID()
  commandId!: string;

  @ApiProperty({ description: 'version that the sender saw' })
  @IsInt()
  @Min(0)
  number!: number;
}

export class ChangeDogSchoolsDto extends CommandDto {
  @ApiProperty({ description: 'version of the dog that the sender saw' })
  @IsInt()
  @Min(1)
  version!: number;

  @ApiProperty(CHOICES)
  @IsObject()
  schools!: Record<string, unknown>;
}

export class RefusedDto {
  @ApiProperty() dogId!: string;
  @ApiProperty() school!: string;
  @ApiProperty() why!: string;
}

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
