import { Controller, Get } from '@nestjs/common';
import { ApiProperty, ApiTags } from '@nestjs/swagger';
import { Operation } from '../contract/operation.js';
import type { AirAt } from './airService.js';
import { AirService } from './airService.js';

/** Air of the wet room at a moment. */
export class AirReadingDto {
  @ApiProperty({ format: 'date-time' }) at!: string;
  @ApiProperty({ description: 'degrees Celsius' }) celsius!: number;
  @ApiProperty({ description: 'relative humidity, 0 to 1' }) humidity!: number;
}

/** The wet room's air. */
export class AirDto {
  @ApiProperty({ type: AirReadingDto, nullable: true, description: 'now; null without a sensor, or a silent one' })
  latest!: AirReadingDto | null;
  @ApiProperty({ type: [AirReadingDto], description: 'the last day, oldest first' }) lastDay!: AirReadingDto[];
}

const told = ({ at, celsius, humidity }: AirAt): AirReadingDto => ({ at: at.toISOString(), celsius, humidity });

/** Air of the wet room, as its sensor tells it. */
@ApiTags('air')
@Controller('api')
export class AirController {
  constructor(private readonly air: AirService) {}

  @Get('air')
  @Operation('Tells temperature and humidity of the wet room, now and over the last day.', AirDto)
  async read(): Promise<AirDto> {
    const latest = this.air.latest();
    return { latest: latest === null ? null : told(latest), lastDay: (await this.air.lastDay()).map(told) };
  }
}
