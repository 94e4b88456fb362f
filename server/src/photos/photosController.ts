import { Body, Controller, Get, Header, Param, ParseUUIDPipe, Post, Query, StreamableFile } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { Given, Me } from '../auth/session.js';
import type { Command, SignedIn } from '../auth/session.js';
import { CommandDto } from '../contract/commandDto.js';
import { Operation } from '../contract/operation.js';
import { AddedPhotoDto, NewPhotoDto, PhotosDto } from './dto.js';
import { PhotosService } from './photosService.js';

const PICTURE = {
  contentType: 'image/jpeg',
  schema: { type: 'string', format: 'binary', description: 'JPEG without any note of where or by what it was taken' },
} as const;

/** Routes of photos: the crew's, and of their own dogs an owner's. */
@ApiTags('photos')
@Controller('api')
export class PhotosController {
  constructor(private readonly service: PhotosService) {}

  @Get('dogs/:id/photos')
  @Operation('Lists a dog’s photos.', PhotosDto, ['notFound'])
  async list(@Me() me: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<PhotosDto> {
    return { photos: await this.service.list(me, id) };
  }

  @Get('photos/:id')
  @Operation('Reads a photo; small with `size=small`.', PICTURE, ['notFound'])
  @Header('Content-Type', 'image/jpeg')
  @Header('Cache-Control', 'private, max-age=86400, immutable')
  async read(
    @Me() me: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Query('size') size?: string,
  ): Promise<StreamableFile> {
    return new StreamableFile(await this.service.read(me, id, size === 'small'));
  }

  @Post('photos')
  @Operation(
    'Adds a photo: checked, turned upright, made smaller, everything but the picture left out.',
    AddedPhotoDto,
    [...(['badInput', 'notFound', 'notNow', 'tooLarge', 'otherCommand'] as const)],
  )
  add(@Given() given: Command, @Body() body: NewPhotoDto): Promise<AddedPhotoDto> {
    return this.service.add(given, body);
  }

  @Post('photos/:id/remove')
  @Operation('Removes a photo: whoever added it, or a lead.', null, ['notFound', 'notAllowed', 'otherCommand'])
  async remove(
    @Me() me: SignedIn,
    @Given() given: Command,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() _body: CommandDto,
  ): Promise<void> {
    await this.service.remove(me, given, id);
  }
}
