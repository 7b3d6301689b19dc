import { Module } from '@nestjs/common';
import { StockModule } from '../stock/stock.module.ts';
import { PutAwayService } from './putAway.service.ts';
import { ReopenService } from './reopen.service.ts';
import { PutAwayController } from './storage.controller.ts';

@Module({ imports: [StockModule], controllers: [PutAwayController], providers: [PutAwayService, ReopenService] })
export class StorageModule {}
