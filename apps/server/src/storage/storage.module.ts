import { Body, Controller, HttpCode, Module, Post } from '@nestjs/common';
import { ApiHeader, ApiOperation, ApiTags } from '@nestjs/swagger';
import { CommandKey, InKitchen, ItsId } from '../command/params.ts';
import { StockModule } from '../stock/stock.module.ts';
import { PutAwayDto } from './putAway.dto.ts';
import { PutAwayService } from './putAway.service.ts';

@ApiTags('storage')
@ApiHeader({ name: 'Idempotency-Key', description: 'A new UUID for each new command; the same one to repeat it' })
@Controller('kitchens/:kitchen/batches/:id/put-away')
class PutAwayController {
  constructor(private readonly storage: PutAwayService) {}

  @ApiOperation({ summary: 'A batch into boxes: stock used, cost booked, boxes on the shelf' })
  @Post()
  @HttpCode(200)
  putAway(@InKitchen() kitchen: string, @CommandKey() key: string, @ItsId() id: string, @Body() dto: PutAwayDto) {
    return this.storage.putAway(kitchen, key, id, dto);
  }
}

@Module({ imports: [StockModule], controllers: [PutAwayController], providers: [PutAwayService] })
export class StorageModule {}
