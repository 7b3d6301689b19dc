import { Module } from '@nestjs/common';
import { EatService } from './eat.service.ts';
import { LedgerService } from './ledger.service.ts';
import { StockService } from './stock.service.ts';
import { StockController } from './stock.controller.ts';

@Module({
  controllers: [StockController],
  providers: [StockService, LedgerService, EatService],
  exports: [StockService],
})
export class StockModule {}
