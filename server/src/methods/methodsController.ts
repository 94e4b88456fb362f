import { Body, Controller, Get, HttpCode, Param, ParseUUIDPipe, Post } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { Me } from '../auth/session.js';
import type { SignedIn } from '../auth/session.js';
import {
  ChangeDogSchoolsDto,
  ChangeMethodsDto,
  MethodsBodyDto,
  MethodsDto,
  MethodsEffectDto,
  PreviewMethodsDto,
} from './dto.js';
import { MethodsService } from './methodsService.js';

@ApiTags('methods')
@Controller('api')
export class MethodsController {
  constructor(private readonly service: MethodsService) {}

  @Get('methods')
  @ApiOkResponse({ type: MethodsDto })
  read(): Promise<MethodsDto> {
    return this.service.read();
  }

  @Post('methods')
  @HttpCode(200)
  @ApiOkResponse({ type: MethodsDto })
  change(@Me() me: SignedIn, @Body() body: ChangeMethodsDto): Promise<MethodsDto> {
    return this.service.change(me.personId, body);
  }

  @Post('methods/preview')
  @HttpCode(200)
  @ApiOkResponse({ type: MethodsEffectDto })
  preview(@Body() body: MethodsBodyDto): Promise<MethodsEffectDto> {
    return this.service.preview(body, null);
  }

  @Post('dogs/:id/schools')
  @HttpCode(200)
  @ApiOkResponse({ type: MethodsDto })
  changeDog(
    @Me() me: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() body: ChangeDogSchoolsDto,
  ): Promise<MethodsDto> {
    return this.service.changeDog(me.personId, id, body);
  }

  @Post('dogs/:id/schools/preview')
  @HttpCode(200)
  @ApiOkResponse({ type: MethodsEffectDto })
  previewDog(@Param('id', ParseUUIDPipe) id: string, @Body() body: PreviewMethodsDto): Promise<MethodsEffectDto> {
    return this.service.preview(body, id);
  }
}
