import { ApiProperty } from '@nestjs/swagger';
import { IsIn, IsObject } from 'class-validator';
import { CommandDto, VersionedCommandDto } from '../contract/commandDto.js';
import { IsDay } from '../contract/fields.js';
import { fileSchema } from '../contract/fileSchemas.js';

/** A day that somebody is away, and why. */
export class AbsenceCommandDto extends CommandDto {
  @ApiProperty({ description: 'YYYY-MM-DD' })
  @IsDay()
  day!: string;

  @ApiProperty({ enum: ['ill', 'away'] })
  @IsIn(['ill', 'away'])
  reason!: 'ill' | 'away';
}

/** A day that somebody is back. */
export class AbsenceRemoveDto extends CommandDto {
  @ApiProperty({ description: 'YYYY-MM-DD' })
  @IsDay()
  day!: string;
}

/** Parts of a person's record that change. */
export class PersonRecordDto extends VersionedCommandDto {
  @ApiProperty(fileSchema('FilePersonPatch', { description: 'fields to change; null takes a field away' }))
  @IsObject()
  record!: Record<string, unknown>;
}

/** A password that works once, shown once. */
export class OneTimePasswordDto {
  @ApiProperty() signIn!: string;
  @ApiProperty() password!: string;
}

/** A link by which somebody chooses a password, shown once. */
export class WelcomeLinkDto {
  @ApiProperty({ description: 'the secret of the link; shown once' }) link!: string;
}
