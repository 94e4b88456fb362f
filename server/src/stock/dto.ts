import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { IsInt, IsOptional, Max, Min } from 'class-validator';
import { PRODUCT_IDS } from '@loyal-mane/core';
import type { ProductId } from '@loyal-mane/core';
import { CommandDto } from '../contract/commandDto.js';

/** The last mix that took from a bottle. */
export class BottleTakeDto {
  @ApiProperty({ type: 'integer' }) ml!: number;
  @ApiProperty() at!: string;
  @ApiPropertyOptional() by?: string;
}

/** A bottle in stock. */
export class BottleDto {
  @ApiProperty() id!: string;
  @ApiProperty({ enum: PRODUCT_IDS, description: 'class of product' }) product!: ProductId;
  @ApiProperty({ description: 'as the label says' }) name!: string;
  @ApiProperty({ type: 'integer', description: 'milliliters when full' }) sizeMl!: number;
  @ApiProperty({ type: 'integer', description: 'milliliters that are left' }) leftMl!: number;
  @ApiPropertyOptional() openedOn?: string;
  @ApiPropertyOptional() expiresOn?: string;
  @ApiPropertyOptional({ type: BottleTakeDto, description: 'the last mix that took from it' }) taken?: BottleTakeDto;
  @ApiProperty({ type: 'integer' }) version!: number;
}

/** Product that is taken from a bottle, or put back. */
export class TakeDto extends CommandDto {
  @ApiProperty({ type: 'integer', description: 'milliliters taken; below 0 = put back' })
  @IsInt()
  @Min(-50_000)
  @Max(50_000)
  ml!: number;

  @ApiPropertyOptional({ type: 'integer', description: 'version that was seen; refused where another took since' })
  @IsOptional()
  @IsInt()
  version?: number;
}
