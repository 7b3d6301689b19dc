import { Body, Controller, Get, Post, Put } from '@nestjs/common';
import { ApiHeader, ApiOperation, ApiTags } from '@nestjs/swagger';
import { CommandKey, InKitchen, ItsId } from '../command/params.ts';
import { AddFoodDto, OwnFigureDto } from './food.dto.ts';
import { FoodService } from './food.service.ts';

@ApiTags('foods')
@ApiHeader({ name: 'Idempotency-Key', description: 'A new UUID for each new command; the same one to repeat it' })
@Controller('kitchens/:kitchen/foods')
export class FoodController {
  constructor(private readonly foods: FoodService) {}

  @ApiOperation({ summary: 'The foods this kitchen knows, bought and made' })
  @Get()
  all(@InKitchen() kitchen: string) {
    return this.foods.foods(kitchen);
  }

  @ApiOperation({ summary: 'Add a food that the book does not have' })
  @Post()
  add(@InKitchen() kitchen: string, @CommandKey() key: string, @Body() dto: AddFoodDto) {
    return this.foods.add(kitchen, key, dto);
  }

  @ApiOperation({ summary: 'A figure of this kitchen’s own in place of the book’s; without a value, the book’s again' })
  @Put(':id/own')
  setOwn(@InKitchen() kitchen: string, @CommandKey() key: string, @ItsId() id: string, @Body() dto: OwnFigureDto) {
    return this.foods.setOwn(kitchen, key, id, dto);
  }
}
