import { ApiProperty } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import { IsDateString, IsIn, IsInt, IsObject, IsUUID, Matches, Min, ValidateNested } from 'class-validator';
import { CoatMarksDto, ShowRulesDto } from '../kennel/dto.js';
import { CommandDto } from '../plan/dto.js';

const DAY = /^\d{4}-\d{2}-\d{2}$/;

export class AbsenceCommandDto extends CommandDto {
  @ApiProperty({ description: 'YYYY-MM-DD' })
  @Matches(DAY, { message: 'a day is written YYYY-MM-DD' })
  @IsDateString()
  day!: string;

  @ApiProperty({ enum: ['ill', 'away'] })
  @IsIn(['ill', 'away'])
  reason!: 'ill' | 'away';
}

export class AbsenceRemoveDto extends CommandDto {
  @ApiProperty({ description: 'YYYY-MM-DD' })
  @Matches(DAY, { message: 'a day is written YYYY-MM-DD' })
  @IsDateString()
  day!: string;
}

export class VersionedCommandDto extends CommandDto {
  @ApiProperty({ description: 'version of the row that the sender saw' })
  @IsInt()
  @Min(1)
  version!: number;
}

export class HandlerDto extends VersionedCommandDto {
  @ApiProperty()
  @IsUUID()
  handlerId!: string;
}

export class OvertimeDto extends VersionedCommandDto {
  @ApiProperty({ description: 'HH:MM, the latest that the person can stay' })
  @Matches(/^([01]\d|2[0-3]):[0-5]\d$/, { message: 'a time is written HH:MM' })
  overtimeEnd!: string;
}

export class ReopenDto extends VersionedCommandDto {
  @ApiProperty({ description: 'day of the closure to lift, YYYY-MM-DD' })
  @Matches(DAY, { message: 'a day is written YYYY-MM-DD' })
  @IsDateString()
  day!: string;
}

export class ShowRulesCommandDto extends VersionedCommandDto {
  @ApiProperty({ type: ShowRulesDto })
  @IsObject()
  @ValidateNested()
  @Type(() => ShowRulesDto)
  rules!: ShowRulesDto;
}

export class CoatMarksCommandDto extends VersionedCommandDto {
  @ApiProperty({ type: CoatMarksDto })
  @IsObject()
  @ValidateNested()
  @Type(() => CoatMarksDto)
  marks!: CoatMarksDto;
}

export class RowVersionDto {
  @ApiProperty() id!: string;
  @ApiProperty() version!: number;
}

export class OneTimePasswordDto {
  @ApiProperty() signIn!: string;
  @ApiProperty() password!: string;
}

export class WelcomeLinkDto {
  @ApiProperty({ description: 'the secret of the link; shown once' }) link!: string;
}
