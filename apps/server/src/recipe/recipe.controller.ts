import { Body, Controller, Get, Post } from '@nestjs/common';
import { ApiHeader, ApiOperation, ApiTags } from '@nestjs/swagger';
import { CommandKey, InKitchen, ItsId } from '../command/params.ts';
import { AddRecipeDto, ReviseRecipeDto } from './recipe.dto.ts';
import { RecipeService } from './recipe.service.ts';

@ApiTags('recipes')
@ApiHeader({ name: 'Idempotency-Key', description: 'A new UUID for each new command; the same one to repeat it' })
@Controller('kitchens/:kitchen/recipes')
export class RecipeController {
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

  @ApiOperation({ summary: 'All revisions of a recipe, the newest first' })
  @Get(':id/revisions')
  revisions(@InKitchen() kitchen: string, @ItsId() id: string) {
    return this.recipes.revisions(kitchen, id);
  }

  @ApiOperation({ summary: 'A new revision; the ones before it stay as they are' })
  @Post(':id/revisions')
  revise(@InKitchen() kitchen: string, @CommandKey() key: string, @ItsId() id: string, @Body() dto: ReviseRecipeDto) {
    return this.recipes.revise(kitchen, key, id, dto);
  }
}
