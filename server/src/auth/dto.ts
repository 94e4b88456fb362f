import { ApiProperty } from '@nestjs/swagger';
import { IsString, Length, MinLength } from 'class-validator';
import { ROLES } from '@loyal-mane/core';
import type { Role } from '@loyal-mane/core';
import { LEAST_PASSWORD } from './accountService.js';

export class SignInDto {
  @ApiProperty({ description: 'name to sign in with' })
  @IsString()
  @Length(1, 40)
  signIn!: string;

  @ApiProperty()
  @IsString()
  @Length(1, 200)
  password!: string;
}

export class ChangePasswordDto {
  @ApiProperty({ description: 'the present password' })
  @IsString()
  @Length(1, 200)
  old!: string;

  @ApiProperty({ minLength: LEAST_PASSWORD })
  @IsString()
  @MinLength(LEAST_PASSWORD, { message: `a password has at least ${String(LEAST_PASSWORD)} characters` })
  @Length(1, 200)
  fresh!: string;
}

export class SessionDto {
  @ApiProperty()
  personId!: string;

  @ApiProperty()
  name!: string;

  @ApiProperty({ enum: ROLES })
  role!: Role;

  @ApiProperty({ description: 'sent back in the x-csrf-token header of every write' })
  csrf!: string;

  @ApiProperty({ description: 'a one-time password that must be changed first' })
  mustChange!: boolean;

  @ApiProperty({ description: 'name of the kennel' })
  kennel!: string;

  @ApiProperty({ description: 'the server’s clock, ISO 8601' })
  now!: string;
}
