import { ApiProperty } from '@nestjs/swagger';
import { IsIn, IsUUID } from 'class-validator';
import { CommandDto } from '../contract/commandDto.js';

export class NewFeedDto extends CommandDto {
  @ApiProperty({ enum: ['person', 'dog'] })
  @IsIn(['person', 'dog'])
  of!: 'person' | 'dog';

  @ApiProperty()
  @IsUUID()
  id!: string;
}

export class FeedAddressDto {
  @ApiProperty({ description: 'path of the calendar; shown once' }) path!: string;
}

export class FeedLineDto {
  @ApiProperty() id!: string;
  @ApiProperty({ enum: ['person', 'dog'] }) of!: 'person' | 'dog';
  @ApiProperty() subjectId!: string;
  @ApiProperty() madeAt!: string;
}

export class FeedsDto {
  @ApiProperty({ type: [FeedLineDto] }) feeds!: FeedLineDto[];
}
