import { Body, Controller, Get, Inject, Post } from '@nestjs/common';
import { ApiProperty, ApiTags } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import { ArrayMaxSize, ArrayMinSize, IsArray, IsString, MaxLength, ValidateNested } from 'class-validator';
import type { Config } from '../config.js';
import { Operation } from '../contract/operation.js';
import { Problem } from '../problem/problem.js';
import { CONFIG } from '../tokens.js';
import { printLabels } from './labelPrinter.js';

/** Whether the kennel has a label printer. */
export class LabelPrinterDto {
  @ApiProperty() isThere!: boolean;
}

/** One label. */
export class LabelDto {
  @ApiProperty({ type: [String], description: 'from the top down' })
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(12)
  @IsString({ each: true })
  @MaxLength(200, { each: true })
  lines!: string[];
}

/** Labels of a day. */
export class LabelsDto {
  @ApiProperty({ type: [LabelDto] })
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(60)
  @ValidateNested({ each: true })
  @Type(() => LabelDto)
  labels!: LabelDto[];
}

/** Labels of bottles, on a printer beside the sink. */
@ApiTags('labels')
@Controller('api')
export class LabelsController {
  constructor(@Inject(CONFIG) private readonly config: Config) {}

  @Get('label-printer')
  @Operation('Tells whether there is a label printer.', LabelPrinterDto)
  printer(): LabelPrinterDto {
    return { isThere: this.config.labelPrinter !== null };
  }

  @Post('labels')
  @Operation('Prints labels.', null, ['badInput', 'notNow'])
  async print(@Body() { labels }: LabelsDto): Promise<void> {
    const program = this.config.labelPrinter;
    if (program === null) throw new Problem('notNow', 'The kennel has no label printer. Print them on paper.');
    try {
      await printLabels(
        program,
        labels.map((l) => l.lines),
      );
    } catch (error) {
      throw new Problem(
        'notNow',
        `${(error as Error).message}: look at the label printer. Print them on paper meanwhile.`,
      );
    }
  }
}
