import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { IsIn, IsOptional, IsString, IsUUID, Matches, MaxLength } from 'class-validator';
import { CommandDto } from '../contract/commandDto.js';

/** Sides from which a dog is photographed; `part` is a close view. */
export const PHOTO_VIEWS = ['side', 'front', 'rear', 'top', 'part'] as const;
/** One of `PHOTO_VIEWS`. */
export type PhotoView = (typeof PHOTO_VIEWS)[number];

/** Longest text of a picture: 12 MB of a file are 16 million letters. */
const MOST_LETTERS = 16_700_000;

/** A photo that is added. */
export class NewPhotoDto extends CommandDto {
  @ApiProperty()
  @IsUUID()
  dogId!: string;

  @ApiProperty({ enum: PHOTO_VIEWS })
  @IsIn(PHOTO_VIEWS)
  view!: PhotoView;

  @ApiPropertyOptional({ description: 'what it shows' })
  @IsOptional()
  @IsString()
  @MaxLength(200)
  words?: string;

  @ApiProperty({ description: 'the file (JPEG, PNG or WebP, at most 12 MB) in base64' })
  @IsString()
  @MaxLength(MOST_LETTERS)
  @Matches(/^[A-Za-z0-9+/]/, { message: 'must be base64' })
  picture!: string;
}

/** A photo of a dog. */
export class PhotoDto {
  @ApiProperty() id!: string;
  @ApiProperty({ description: 'when it was added' }) at!: string;
  @ApiProperty({ enum: PHOTO_VIEWS }) view!: PhotoView;
  @ApiPropertyOptional() words?: string;
  @ApiPropertyOptional({ description: 'who added it' }) personId?: string;
  @ApiProperty({ type: 'integer' }) width!: number;
  @ApiProperty({ type: 'integer' }) height!: number;
}

/** Photos of a dog, the newest first. */
export class PhotosDto {
  @ApiProperty({ type: [PhotoDto] }) photos!: PhotoDto[];
}

/** A photo that was added. */
export class AddedPhotoDto {
  @ApiProperty() id!: string;
}
