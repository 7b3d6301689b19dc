import { Module } from '@nestjs/common';
import { CostService } from './cost.service.ts';
import { CostController } from './cost.controller.ts';

@Module({ controllers: [CostController], providers: [CostService] })
export class CostModule {}
