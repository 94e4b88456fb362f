import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { EVENT_KINDS } from '@loyal-mane/core';
import type { EventKind } from '@loyal-mane/core';
import { WorkDto } from '../work/dto.js';

/** Data of a stream's `change` event: something was written. */
export class ChangeEventDto {
  @ApiProperty({ type: 'integer', description: 'numbers follow the order of commits without gaps' }) number!: number;
  @ApiProperty() at!: string;
  @ApiProperty({ enum: EVENT_KINDS, description: 'the command that wrote' }) kind!: EventKind;
  @ApiProperty({ description: 'what it is about; empty for an owner where it is none of theirs' }) subject!: string;
  @ApiProperty({ type: String, nullable: true, description: 'by whom; null for the server itself' })
  actorId!: string | null;
  @ApiProperty({ type: [String], description: 'other rows that it is about, at most sixty' }) others!: string[];
  @ApiPropertyOptional({
    type: WorkDto,
    nullable: true,
    description: 'record of a task after it, null when there is none any more; of tasks, for the crew only',
  })
  work?: WorkDto | null;
}
