import { ApiProperty } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import { IsObject, IsUUID, Matches, ValidateNested } from 'class-validator';
import { VersionedCommandDto } from '../contract/commandDto.js';
import { IsDay } from '../contract/fields.js';
import { CoatMarksDto, ShowRulesDto } from './dto.js';

/** Who shows an entry; null = anybody who can. */
export class HandlerDto extends VersionedCommandDto {
  @ApiProperty()
  @IsUUID()
  handlerId!: string;
}

/** How long somebody can stay on a day. */
export class OvertimeDto extends VersionedCommandDto {
  @ApiProperty({ description: 'HH:MM, the latest that the person can stay' })
  @Matches(/^([01]\d|2[0-3]):[0-5]\d$/, { message: 'a time is written HH:MM' })
  overtimeEnd!: string;
}

/** A station that is open again. */
export class ReopenDto extends VersionedCommandDto {
  @ApiProperty({ description: 'day of the closure to lift, YYYY-MM-DD' })
  @IsDay()
  day!: string;
}

/** The rules of a show as they are known now. */
export class ShowRulesCommandDto extends VersionedCommandDto {
  @ApiProperty({ type: ShowRulesDto })
  @IsObject()
  @ValidateNested()
  @Type(() => ShowRulesDto)
  rules!: ShowRulesDto;
}

/** Findings in a coat, by zone. */
export class CoatMarksCommandDto extends VersionedCommandDto {
  @ApiProperty({ type: CoatMarksDto })
  @IsObject()
  @ValidateNested()
  @Type(() => CoatMarksDto)
  marks!: CoatMarksDto;
}
