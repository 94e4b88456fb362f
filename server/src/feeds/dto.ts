import { ApiProperty } from '@nestjs/swagger';
import { IsIn, IsUUID } from 'class-validator';
import { CommandDto } from '../contract/commandDto.js';

/** A calendar address that somebody wants: of whom or of what. */
export class NewFeedDto extends CommandDto {
  @ApiProperty({ enum: ['person', 'dog'] })
  @IsIn(['person', 'dog'])
  of!: 'person' | 'dog';

  @ApiProperty()
  @IsUUID()
  id!: string;
}

/** A new address, shown once. */
export class FeedAddressDto {
  @ApiProperty({ description: 'path of the calendar; shown once' }) path!: string;
}

/** One address of one's own. */
export class FeedLineDto {
  @ApiProperty() id!: string;
  @ApiProperty({ enum: ['person', 'dog'] }) of!: 'person' | 'dog';
  @ApiProperty() subjectId!: string;
  @ApiProperty() madeAt!: string;
}

/** All addresses of one's own. */
export class FeedsDto {
  @ApiProperty({ type: [FeedLineDto] }) feeds!: FeedLineDto[];
}
