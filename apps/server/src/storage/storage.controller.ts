import { Body, Controller, HttpCode, Post } from '@nestjs/common';
import { ApiHeader, ApiOperation, ApiTags } from '@nestjs/swagger';
import { CommandKey, InKitchen, ItsId } from '../command/params.ts';
import { PutAwayDto, ReopenDto } from './putAway.dto.ts';
import { PutAwayService } from './putAway.service.ts';
import { ReopenService } from './reopen.service.ts';

@ApiTags('storage')
@ApiHeader({ name: 'Idempotency-Key', description: 'A new UUID for each new command; the same one to repeat it' })
@Controller('kitchens/:kitchen/batches/:id')
export class PutAwayController {
  constructor(
    private readonly storage: PutAwayService,
    private readonly second: ReopenService,
  ) {}

  @ApiOperation({ summary: 'A batch into boxes: stock used, cost booked, boxes on the shelf' })
  @Post('put-away')
  @HttpCode(200)
  putAway(@InKitchen() kitchen: string, @CommandKey() key: string, @ItsId() id: string, @Body() dto: PutAwayDto) {
    return this.storage.putAway(kitchen, key, id, dto);
  }

  @ApiOperation({ summary: 'Takes a putting away back, with a trace in the ledger, to box it again' })
  @Post('reopen')
  @HttpCode(200)
  reopen(@InKitchen() kitchen: string, @CommandKey() key: string, @ItsId() id: string, @Body() dto: ReopenDto) {
    return this.second.reopen(kitchen, key, id, dto);
  }
}
