import { Body, Controller, Get, Param, ParseUUIDPipe, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { Given } from '../auth/session.js';
import type { Command } from '../auth/session.js';
import { Operation } from '../contract/operation.js';
import {
  ChangeDogSchoolsDto,
  ChangeMethodsDto,
  MethodsBodyDto,
  MethodsDto,
  MethodsEffectDto,
  PreviewMethodsDto,
} from './dto.js';
import { MethodsService } from './methodsService.js';

/** Routes of the kennel's own methods. */
@ApiTags('methods')
@Controller('api')
export class MethodsController {
  constructor(private readonly service: MethodsService) {}

  @Get('methods')
  @Operation('Reads how the kennel works, with the history of its changes.', MethodsDto)
  read(): Promise<MethodsDto> {
    return this.service.read();
  }

  @Post('methods')
  @Operation('Changes how the kennel works.', MethodsDto, ['stale', 'otherCommand'])
  change(@Given() given: Command, @Body() body: ChangeMethodsDto): Promise<MethodsDto> {
    return this.service.change(given, body);
  }

  @Post('methods/preview')
  @Operation('Tells what a change of methods would do to the plan; nothing is saved.', MethodsEffectDto)
  preview(@Body() body: MethodsBodyDto): Promise<MethodsEffectDto> {
    return this.service.preview(body, null);
  }

  @Post('dogs/:id/schools')
  @Operation('Changes the sides of questions for one dog.', MethodsDto, ['notFound', 'stale', 'otherCommand'])
  changeDog(
    @Given() given: Command,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() body: ChangeDogSchoolsDto,
  ): Promise<MethodsDto> {
    return this.service.changeDog(given, id, body);
  }

  @Post('dogs/:id/schools/preview')
  @Operation('Tells what a dog’s own sides would do to the plan; nothing is saved.', MethodsEffectDto, ['notFound'])
  previewDog(@Param('id', ParseUUIDPipe) id: string, @Body() body: PreviewMethodsDto): Promise<MethodsEffectDto> {
    return this.service.preview(body, id);
  }
}
