import { Module } from '@nestjs/common';
import { FoodService } from './food.service.ts';
import { FoodController } from './food.controller.ts';

@Module({ controllers: [FoodController], providers: [FoodService] })
export class FoodModule {}
