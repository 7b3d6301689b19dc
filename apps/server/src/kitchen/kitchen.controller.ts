import { Body, Controller, Get, Post, Put } from '@nestjs/common';
import { ApiHeader, ApiOperation, ApiTags } from '@nestjs/swagger';
import { CommandKey, InKitchen } from '../command/params.ts';
import { ChangeKitchenDto, OpenKitchenDto, SetPlacesDto } from './kitchen.dto.ts';
import { KitchenService } from './kitchen.service.ts';

@ApiTags('kitchen')
@ApiHeader({ name: 'Idempotency-Key', description: 'A new UUID for each new command; the same one to repeat it' })
@Controller('kitchens')
export class KitchenController {
  constructor(private readonly kitchens: KitchenService) {}

  @ApiOperation({ summary: 'The kitchens of this server, by name' })
  @Get()
  all() {
    return this.kitchens.kitchens();
  }

  @ApiOperation({ summary: 'Open a kitchen, with its places and the book of foods' })
  @Post()
  open(@CommandKey() key: string, @Body() dto: OpenKitchenDto) {
    return this.kitchens.open(key, dto);
  }

  @ApiOperation({ summary: 'A kitchen: equipment, places, its date today' })
  @Get(':kitchen')
  one(@InKitchen() kitchen: string) {
    return this.kitchens.kitchen(kitchen);
  }

  @ApiOperation({ summary: 'Change name and equipment' })
  @Put(':kitchen')
  change(@InKitchen() kitchen: string, @CommandKey() key: string, @Body() dto: ChangeKitchenDto) {
    return this.kitchens.change(kitchen, key, dto);
  }

  @ApiOperation({ summary: 'All places, in the order one walks them; one that holds nothing may be left out' })
  @Put(':kitchen/places')
  setPlaces(@InKitchen() kitchen: string, @CommandKey() key: string, @Body() dto: SetPlacesDto) {
    return this.kitchens.setPlaces(kitchen, key, dto);
  }
}
