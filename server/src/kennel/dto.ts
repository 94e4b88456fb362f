/*
 * The kennel as the interface reads it. The shapes are those of the kennel file; each row that people edit has its version.
 */
import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { Transform, Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayUnique,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsObject,
  IsOptional,
  IsString,
  IsUUID,
  Matches,
  Max,
  Min,
  ValidateNested,
} from 'class-validator';
import { BottleDto } from '../stock/dto.js';
import { IsDay } from '../contract/fields.js';
import { CommandDto } from '../contract/commandDto.js';
import { fileSchema } from '../contract/fileSchemas.js';
import {
  COAT_CLASSES,
  ROLES,
  RULE_VALUES,
  SKILLS,
  SKIN_STATES,
  STATION_KINDS,
  TIGHTNESSES,
  ZONE_IDS,
  ZONE_TESTS,
} from '@loyal-mane/core';
import type {
  CoatClass,
  DogRecordParts,
  KennelBreed,
  KennelShow,
  PersonParts,
  Role,
  RuleValue,
  Skill,
  SkinState,
  StationKind,
  Tightness,
  WallTime,
  ZoneId,
  ZoneTest,
} from '@loyal-mane/core';

/** The kennel's own settings. */
export class SettingsDto {
  @ApiProperty() timeZone!: string;
  @ApiProperty({ enum: ['24h', '12h'] }) clock!: '24h' | '12h';
  @ApiProperty({ description: 'a lead has confirmed the time zone' }) zoneChecked!: boolean;
}

/** When a station is closed, and why. */
export class ClosureDto {
  @ApiProperty() day!: string;
  @ApiProperty() start!: string;
  @ApiProperty() end!: string;
  @ApiProperty() reason!: string;
}

/** A place where dogs are worked on. */
export class SiteDto {
  @ApiProperty() id!: string;
  @ApiProperty() name!: string;
  @ApiProperty() home!: boolean;
}

/** A tub, dryer, table or pen. */
export class StationDto {
  @ApiProperty() id!: string;
  @ApiProperty() siteId!: string;
  @ApiProperty({ enum: STATION_KINDS }) kind!: StationKind;
  @ApiProperty() name!: string;
  @ApiProperty({ description: 'heavy dogs can walk in' }) ramp!: boolean;
  @ApiProperty({ type: [ClosureDto] }) closures!: ClosureDto[];
  @ApiProperty({ type: 'integer' }) version!: number;
}

/** A person as rooms see them; nothing secret. */
export class PersonDto {
  @ApiProperty() id!: string;
  @ApiProperty() name!: string;
  @ApiProperty({ enum: ROLES }) role!: Role;
  @ApiProperty({ enum: SKILLS, isArray: true }) skills!: Skill[];
  @ApiProperty({ type: 'integer', description: 'minutes with scissors a day' }) scissorMinPerDay!: number;
  @ApiProperty(fileSchema('FilePersonParts', { description: 'what is learned and the kit, as in a file' }))
  record!: PersonParts;
  @ApiProperty({ type: 'integer' }) version!: number;
}

/** A break, or feeding and walks. */
export class PauseDto {
  @ApiProperty() start!: string;
  @ApiProperty() end!: string;
  @ApiProperty({ enum: ['break', 'care'] }) what!: 'break' | 'care';
}

/** One person's working day. */
export class ShiftDto {
  @ApiProperty() id!: string;
  @ApiProperty() personId!: string;
  @ApiProperty() day!: string;
  @ApiProperty() start!: string;
  @ApiProperty() end!: string;
  @ApiProperty() overtimeEnd!: string;
  @ApiProperty({ type: [PauseDto] }) pauses!: PauseDto[];
  @ApiProperty({ type: 'integer' }) version!: number;
}

/** A day that somebody is away. */
export class AbsenceDto {
  @ApiProperty() id!: string;
  @ApiProperty() personId!: string;
  @ApiProperty() day!: string;
  @ApiProperty({ enum: ['ill', 'away'] }) reason!: 'ill' | 'away';
}

/** A ride from one site to another. */
export class TransportDto {
  @ApiProperty() id!: string;
  @ApiProperty() name!: string;
  @ApiProperty() fromSiteId!: string;
  @ApiProperty() toSiteId!: string;
  @ApiProperty() day!: string;
  @ApiProperty() depart!: string;
  @ApiProperty() arrive!: string;
  @ApiProperty({ type: [String] }) people!: string[];
  @ApiProperty({ type: [String] }) dogs!: string[];
}

/** An owner as their role may see them. */
export class OwnerDto {
  @ApiProperty() id!: string;
  @ApiProperty() name!: string;
  @ApiProperty() contact!: string;
}

/** A mat: zone, side, how tight. */
export class MatDto {
  @ApiProperty({ enum: ZONE_IDS })
  @IsIn(ZONE_IDS)
  zone!: ZoneId;

  @ApiProperty({ enum: TIGHTNESSES })
  @IsIn(TIGHTNESSES)
  tightness!: Tightness;

  @ApiPropertyOptional({ enum: ['left', 'right'], description: 'side of a paired zone' })
  @IsOptional()
  @IsIn(['left', 'right'])
  side?: 'left' | 'right';

  @ApiPropertyOptional({ type: 'integer', description: 'longest side, cm; 3 when absent' })
  @IsOptional()
  @IsInt()
  @Min(1)
  @Max(30)
  cm?: number;

  @ApiPropertyOptional({ description: 'no finger passes between it and the skin' })
  @IsOptional()
  @IsBoolean()
  atSkin?: boolean;

  @ApiPropertyOptional({ enum: SKIN_STATES, description: 'skin beneath it; not looked at when absent' })
  @IsOptional()
  @IsIn(SKIN_STATES)
  skin?: SkinState;

  @ApiPropertyOptional({ description: 'a light web kept for the ring: out by this day' })
  @IsOptional()
  @IsDay()
  keptUntil?: string;

  @ApiPropertyOptional({ description: 'day on which it was found; set by the server' })
  @IsOptional()
  @IsString()
  foundOn?: string;
}

/** A zone that has not passed a test. */
export class UnreadyDto {
  @ApiProperty({ enum: ZONE_IDS })
  @IsIn(ZONE_IDS)
  zone!: ZoneId;

  @ApiProperty({ enum: ZONE_TESTS, description: 'which test it failed' })
  @IsIn(ZONE_TESTS)
  test!: ZoneTest;
}

/** Marks in a coat since its last bath. */
export class CoatMarksDto {
  @ApiProperty({ enum: ZONE_IDS, isArray: true, description: 'soiled since the last bath' })
  @IsArray()
  @ArrayUnique()
  @IsIn(ZONE_IDS, { each: true })
  soiled!: ZoneId[];

  @ApiProperty({ type: [MatDto], description: 'mats that are known' })
  @IsArray()
  @ArrayMaxSize(60)
  @ValidateNested({ each: true })
  @Type(() => MatDto)
  mats!: MatDto[];

  @ApiProperty({ type: [UnreadyDto], description: 'zones that failed the dry or the straight test' })
  @IsArray()
  @ArrayMaxSize(60)
  @ValidateNested({ each: true })
  @Type(() => UnreadyDto)
  unready!: UnreadyDto[];
}

/** A knot or mat that was marked once. */
export class KnotFoundDto {
  @ApiProperty() day!: string;
  @ApiProperty({ enum: ZONE_IDS }) zone!: ZoneId;
}

/** A task that a lead has set: planning goes around it. */
export class PinDto {
  @ApiProperty() taskKey!: string;
  @ApiProperty() start!: string;
  @ApiPropertyOptional() personId?: string;
  @ApiPropertyOptional() stationId?: string;
}

/** A dog as rooms see it. */
export class DogDto {
  @ApiProperty() id!: string;
  @ApiProperty() name!: string;
  @ApiProperty() breed!: string;
  @ApiProperty({ enum: ['dog', 'bitch'] }) sex!: 'dog' | 'bitch';
  @ApiProperty() born!: string;
  @ApiProperty() weightKg!: number;
  @ApiPropertyOptional({ description: 'leads only' }) ownerId?: string;
  @ApiPropertyOptional() note?: string;
  @ApiProperty({ description: 'silhouette of the breed' }) badge!: string;
  @ApiProperty({ enum: COAT_CLASSES, description: 'class of coat' }) coat!: CoatClass;
  @ApiProperty({ type: CoatMarksDto }) marks!: CoatMarksDto;
  @ApiProperty({ type: [KnotFoundDto], description: 'knots and mats ever marked, oldest first' })
  knotsFound!: KnotFoundDto[];
  @ApiProperty({ type: [KnotFoundDto], description: 'zones ever found damp at a dry check' })
  dampFound!: KnotFoundDto[];
  @ApiProperty(fileSchema('FileDogParts', { description: 'coat and ways, as in a kennel file' }))
  record!: DogRecordParts;
  @ApiProperty({ type: 'integer' }) version!: number;
}

/** A time of day; 24:00 ends a day. */
const DAY_TIME = /^([01]\d|2[0-3]):[0-5]\d$|^24:00$/;

type Rules = NonNullable<KennelShow['rules']>;
type DryerHours = 'dryersFrom' | 'dryersUntil';
type RulesSent = Required<Omit<Rules, DryerHours>> & Pick<Rules, DryerHours>;

/** A show's own rules; unknown until somebody enters them. */
export class ShowRulesDto implements RulesSent {
  @ApiProperty({ enum: RULE_VALUES, description: 'products left in the coat' })
  @IsIn(RULE_VALUES)
  productsLeft!: RuleValue;

  @ApiProperty({ enum: RULE_VALUES, description: 'whiskers removed' })
  @IsIn(RULE_VALUES)
  whiskersRemoved!: RuleValue;

  @ApiProperty({ enum: RULE_VALUES, description: 'altered tails or ears shown' })
  @IsIn(RULE_VALUES)
  alteredShown!: RuleValue;

  @ApiProperty({ enum: RULE_VALUES, description: 'scissoring on breeds shown natural' })
  @IsIn(RULE_VALUES)
  scissoringNatural!: RuleValue;

  @ApiProperty({ enum: RULE_VALUES, description: 'dryers on the ground; restricted = within its hours' })
  @IsIn(RULE_VALUES)
  dryersOnGround!: RuleValue;

  @ApiPropertyOptional({ type: String, description: 'dryers from, HH:MM; the strictest usual hours when absent' })
  @IsOptional()
  @Matches(DAY_TIME, { message: 'a time is written HH:MM' })
  dryersFrom?: WallTime;

  @ApiPropertyOptional({ type: String, description: 'dryers until, HH:MM' })
  @IsOptional()
  @Matches(DAY_TIME, { message: 'a time is written HH:MM' })
  dryersUntil?: WallTime;

  @ApiProperty({ description: 'months of age on the day; 0 = none or unknown' })
  @IsInt()
  @Min(0)
  @Max(36)
  leastAgeMonths!: number;
}

/** A show with the rules that are known. */
export class ShowDto {
  @ApiProperty() id!: string;
  @ApiProperty() name!: string;
  @ApiProperty() siteId!: string;
  @ApiProperty() firstDay!: string;
  @ApiProperty() lastDay!: string;
  @ApiProperty({ type: ShowRulesDto }) rules!: ShowRulesDto;
  @ApiProperty({ type: 'integer' }) version!: number;
}

/** A ring of a show. */
export class RingDto {
  @ApiProperty() id!: string;
  @ApiProperty() showId!: string;
  @ApiProperty() name!: string;
}

/** A dog's entry. */
export class EntryDto {
  @ApiProperty() id!: string;
  @ApiProperty() dogId!: string;
  @ApiProperty() showId!: string;
  @ApiProperty() ringId!: string;
  @ApiProperty() day!: string;
  @ApiProperty() ringTime!: string;
  @ApiPropertyOptional() handlerId?: string;
  @ApiProperty() importance!: number;
  @ApiPropertyOptional({ description: 'class it is entered in' }) showClass?: string;
  @ApiPropertyOptional({ description: 'a later round won: held ready until then' }) laterRound?: string;
  @ApiPropertyOptional({ description: 'the judge, and what is looked for' }) judge?: string;
  @ApiPropertyOptional({ description: 'how much flattery of the outline pays, 0 to 1' }) flattery?: number;
  @ApiProperty({ type: 'integer' }) version!: number;
}

/** A breed that this kennel has added or changed. */
export class OwnBreedDto {
  @ApiProperty() name!: string;
  @ApiProperty(fileSchema('FileBreed')) facts!: KennelBreed;
  @ApiProperty({ type: 'integer' }) version!: number;
}

/** The kennel as every room reads it; owners get their own dogs only. */
export class KennelDto {
  @ApiProperty() name!: string;
  @ApiProperty({ type: SettingsDto }) settings!: SettingsDto;
  @ApiProperty({ type: [SiteDto] }) sites!: SiteDto[];
  @ApiProperty({ type: [StationDto] }) stations!: StationDto[];
  @ApiProperty({ type: [PersonDto] }) people!: PersonDto[];
  @ApiProperty({ type: [ShiftDto] }) shifts!: ShiftDto[];
  @ApiProperty({ type: [AbsenceDto] }) absences!: AbsenceDto[];
  @ApiProperty({ type: [TransportDto] }) transports!: TransportDto[];
  @ApiProperty({ type: [OwnerDto], description: 'empty for everybody but leads' }) owners!: OwnerDto[];
  @ApiProperty({ type: [DogDto] }) dogs!: DogDto[];
  @ApiProperty({ type: [OwnBreedDto], description: 'breeds of the kennel’s own' }) breeds!: OwnBreedDto[];
  @ApiProperty({ type: [ShowDto] }) shows!: ShowDto[];
  @ApiProperty({ type: [RingDto] }) rings!: RingDto[];
  @ApiProperty({ type: [EntryDto] }) entries!: EntryDto[];
  @ApiProperty({ type: [PinDto], description: 'tasks that are set' }) pins!: PinDto[];
  @ApiProperty({ type: [BottleDto], description: 'products in stock; empty for owners' }) bottles!: BottleDto[];
}

/** A whole kennel out of a file, and who of it the lead becomes. */
export class OpenKennelDto extends CommandDto {
  @ApiProperty(fileSchema('KennelFile'))
  @IsObject()
  @Transform(({ obj }) => (obj as { readonly kennel: unknown }).kennel)
  kennel!: Record<string, unknown>;

  @ApiProperty({ description: 'the lead of the file that whoever opens it is' })
  @IsUUID()
  becomes!: string;
}

/** Counts of the rows that came in with a kennel file. */
export class OpenedDto {
  @ApiProperty({ type: 'integer' }) dogs!: number;
  @ApiProperty({ type: 'integer' }) people!: number;
}
