import { ApiProperty } from '@nestjs/swagger';
import { IsIn, IsObject } from 'class-validator';
import { CommandDto, VersionedCommandDto } from '../contract/commandDto.js';
import { IsDay } from '../contract/fields.js';
import { fileSchema } from '../contract/fileSchemas.js';

export class AbsenceCommandDto extends CommandDto {
  @ApiProperty({ description: 'YYYY-MM-DD' })
  @IsDay()
  day!: string;

  @ApiProperty({ enum: ['ill', 'away'] })
  @IsIn(['ill', 'away'])
  reason!: 'ill' | 'away';
}

export class AbsenceRemoveDto extends CommandDto {
  @ApiProperty({ description: 'YYYY-MM-DD' })
  @IsDay()
  day!: string;
}

export class PersonRecordDto extends VersionedCommandDto {
  @ApiProperty(fileSchema('FilePersonPatch', { description: 'fields to change; null takes a field away' }))
  @IsObject()
  record!: Record<string, unknown>;
}

export class OneTimePasswordDto {
  @ApiProperty() signIn!: string;
  @ApiProperty() password!: string;
}

export class WelcomeLinkDto {
  @ApiProperty({ description: 'the secret of the link; shown once' }) link!: string;
}
