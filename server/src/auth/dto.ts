import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { IsString, Length, Matches, MinLength } from 'class-validator';
import { ROLES } from '@loyal-mane/core';
import type { Role } from '@loyal-mane/core';
import { CommandDto } from '../contract/commandDto.js';
import { IsReadable } from '../contract/fields.js';
import { LEAST_PASSWORD } from './accountService.js';

/** Name and password. */
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

/** The present password and a new one. */
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

/** Who is signed in, with the token that commands carry. */
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

  @ApiProperty({
    type: 'integer',
    description: 'number of the newest change; what is read after this answer is as new at least',
  })
  head!: number;

  @ApiProperty({ description: 'name of the kennel' })
  kennel!: string;

  @ApiProperty({ description: 'the server’s clock, ISO 8601' })
  now!: string;
  @ApiProperty({ description: 'whether the clock is the demo’s, which begins on a working morning' })
  demoClock!: boolean;
}

/** Who is signed in on a device, if anybody. */
export class SessionNowDto {
  @ApiProperty({ type: SessionDto, nullable: true, description: 'null: nobody is signed in' })
  session!: SessionDto | null;
}

/** A welcome link's secret and the password that is chosen with it. */
export class LinkDto {
  @ApiProperty({ description: 'the secret of a welcome link' })
  @IsString()
  @Length(20, 100)
  link!: string;

  @ApiProperty({ minLength: LEAST_PASSWORD })
  @IsString()
  @MinLength(LEAST_PASSWORD, { message: `a password has at least ${String(LEAST_PASSWORD)} characters` })
  @Length(1, 200)
  password!: string;
}

const PIN = /^\d{4,8}$/;
const PIN_WORDS = { message: 'a PIN has four to eight digits' };

/** A person and a PIN, on a trusted tablet. */
export class PinSignInDto {
  @ApiProperty({ description: 'name to sign in with' })
  @IsString()
  @Length(1, 40)
  signIn!: string;

  @ApiProperty({ description: 'four to eight digits' })
  @Matches(PIN, PIN_WORDS)
  pin!: string;
}

/** A PIN of one's own; null clears it. */
export class OwnPinDto {
  @ApiProperty({ description: 'the present password' })
  @IsString()
  @Length(1, 200)
  password!: string;

  @ApiProperty({ description: 'four to eight digits' })
  @Matches(PIN, PIN_WORDS)
  pin!: string;
}

/** One sign-in of one's own. */
export class SessionLineDto {
  @ApiProperty() id!: string;
  @ApiProperty({ type: String, nullable: true }) madeAt!: string | null;
  @ApiProperty({ description: 'what the browser calls itself' }) device!: string;
  @ApiProperty() isThis!: boolean;
}

/** All sign-ins of one's own. */
export class SessionsDto {
  @ApiProperty({ type: [SessionLineDto] }) sessions!: SessionLineDto[];
}

/** The name of a tablet that is to be trusted. */
export class TrustDto extends CommandDto {
  @ApiProperty({ description: 'what the crew calls the device' })
  @IsString()
  @IsReadable()
  @Length(1, 80)
  name!: string;
}

/** One trusted tablet. */
export class DeviceLineDto {
  @ApiProperty() id!: string;
  @ApiProperty() name!: string;
  @ApiProperty() madeAt!: string;
}

/** All trusted tablets. */
export class DevicesDto {
  @ApiProperty({ type: [DeviceLineDto] }) devices!: DeviceLineDto[];
}

/** Somebody who can sign in by PIN here. */
export class PinPersonDto {
  @ApiProperty() signIn!: string;
  @ApiProperty() name!: string;
}

/** Names that a device may show before anybody has signed in: only where a lead has trusted it. */
export class ThisDeviceDto {
  @ApiProperty() trusted!: boolean;
  @ApiPropertyOptional() name?: string;
  @ApiProperty({ type: [PinPersonDto], description: 'people with a PIN; empty where it is not trusted' })
  people!: PinPersonDto[];
}
