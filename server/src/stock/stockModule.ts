import { Module } from '@nestjs/common';
import { KennelDataModule } from '../kennel/kennelDataModule.js';
import { StockController } from './stockController.js';

/** Products in stock. */
@Module({ imports: [KennelDataModule], controllers: [StockController] })
export class StockModule {}
