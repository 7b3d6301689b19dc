import { Body, Controller, Get, Post, Put } from '@nestjs/common';
import { ApiHeader, ApiOperation, ApiTags } from '@nestjs/swagger';
import { CommandKey, InKitchen } from '../command/params.ts';
import { AddPriceDto, AddPricesDto, SetFloorDto } from './cost.dto.ts';
import { CostService } from './cost.service.ts';

@ApiTags('cost')
@ApiHeader({ name: 'Idempotency-Key', description: 'A new UUID for each new command; the same one to repeat it' })
@Controller('kitchens/:kitchen')
export class CostController {
  constructor(private readonly cost: CostService) {}

  @ApiOperation({ summary: 'The price book, least stocks, and what was thrown away' })
  @Get('costs')
  costs(@InKitchen() kitchen: string) {
    return this.cost.costs(kitchen);
  }

  @ApiOperation({ summary: 'Note a price' })
  @Post('prices')
  addPrice(@InKitchen() kitchen: string, @CommandKey() key: string, @Body() dto: AddPriceDto) {
    return this.cost.addPrice(kitchen, key, dto);
  }

  @ApiOperation({ summary: 'Note several prices: all of them, or none' })
  @Post('prices/many')
  addPrices(@InKitchen() kitchen: string, @CommandKey() key: string, @Body() dto: AddPricesDto) {
    return this.cost.addPrices(kitchen, key, dto);
  }

  @ApiOperation({ summary: 'Stock that should never fall below an amount; zero takes it away' })
  @Put('floors')
  setFloor(@InKitchen() kitchen: string, @CommandKey() key: string, @Body() dto: SetFloorDto) {
    return this.cost.setFloor(kitchen, key, dto);
  }
}
