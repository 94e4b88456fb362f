import { Module } from '@nestjs/common';
import { KennelDataModule } from '../kennel/kennelDataModule.js';
import { PhotosController } from './photosController.js';
import { PhotosService } from './photosService.js';

/** Photos of dogs. */
@Module({ imports: [KennelDataModule], controllers: [PhotosController], providers: [PhotosService] })
export class PhotosModule {}
