import { Module } from '@nestjs/common';
import { RecipeService } from './recipe.service.ts';
import { RecipeController } from './recipe.controller.ts';

@Module({ controllers: [RecipeController], providers: [RecipeService] })
export class RecipeModule {}
