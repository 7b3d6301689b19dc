import { Module } from '@nestjs/common';
import { KitchenService } from './kitchen.service.ts';
import { KitchenController } from './kitchen.controller.ts';

@Module({ controllers: [KitchenController], providers: [KitchenService] })
export class KitchenModule {}
