import { Body, Controller, Get, Module, Post } from '@nestjs/common';
import { ApiHeader, ApiOperation, ApiTags } from '@nestjs/swagger';
import { CommandKey, InKitchen } from '../command/params.ts';
import { AddRecipeDto } from './recipe.dto.ts';
import { RecipeService } from './recipe.service.ts';

@ApiTags('recipes')
@ApiHeader({ name: 'Idempotency-Key', description: 'A new UUID for each new command; the same one to repeat it' })
@Controller('kitchens/:kitchen/recipes')
class RecipeController {
  constructor(private readonly recipes: RecipeService) {}

  @ApiOperation({ summary: 'All recipes, each with its newest revision' })
  @Get()
  all(@InKitchen() kitchen: string) {
    return this.recipes.recipes(kitchen);
  }

  @ApiOperation({ summary: 'Add a recipe' })
  @Post()
  add(@InKitchen() kitchen: string, @CommandKey() key: string, @Body() dto: AddRecipeDto) {
    return this.recipes.add(kitchen, key, dto);
  }
}

@Module({ controllers: [RecipeController], providers: [RecipeService] })
export class RecipeModule {}
