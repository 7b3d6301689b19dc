import { Body, Controller, Get, Post, Query } from '@nestjs/common';
import { ApiHeader, ApiOperation, ApiTags } from '@nestjs/swagger';
import { CommandKey, InKitchen, ItsId } from '../command/params.ts';
import {
  AddLotDto,
  AddLotsDto,
  CountLotDto,
  EatDto,
  MoveLotDto,
  NameLotDto,
  OpenLotDto,
  ThrowLotDto,
  UndoDto,
} from './stock.dto.ts';
import { EatService } from './eat.service.ts';
import { LedgerService } from './ledger.service.ts';
import { StockService } from './stock.service.ts';

@ApiTags('stock')
@ApiHeader({ name: 'Idempotency-Key', description: 'A new UUID for each new command; the same one to repeat it' })
@Controller('kitchens/:kitchen')
export class StockController {
  constructor(
    private readonly stock: StockService,
    private readonly ledgers: LedgerService,
    private readonly meals: EatService,
  ) {}

  @ApiOperation({ summary: 'All lots with something on hand' })
  @Get('lots')
  lots(@InKitchen() kitchen: string) {
    return this.stock.lots(kitchen);
  }

  @ApiOperation({ summary: 'What was on hand at a moment, folded from the ledger' })
  @Get('stock')
  at(@InKitchen() kitchen: string, @Query('at') at: string) {
    return this.ledgers.stockAt(kitchen, at);
  }

  @ApiOperation({ summary: 'The ledger, oldest first, from a moment on' })
  @Get('ledger')
  ledger(@InKitchen() kitchen: string, @Query('from') from?: string) {
    return this.ledgers.ledger(kitchen, from);
  }

  @ApiOperation({ summary: 'The movements of a lot, newest first' })
  @Get('lots/:id/movements')
  history(@InKitchen() kitchen: string, @ItsId() id: string) {
    return this.stock.history(kitchen, id);
  }

  @ApiOperation({ summary: 'Add a lot' })
  @Post('lots')
  add(@InKitchen() kitchen: string, @CommandKey() key: string, @Body() dto: AddLotDto) {
    return this.stock.add(kitchen, key, dto);
  }

  @ApiOperation({ summary: 'Add several lots at once: all of them, or none' })
  @Post('lots/many')
  addMany(@InKitchen() kitchen: string, @CommandKey() key: string, @Body() dto: AddLotsDto) {
    return this.stock.addMany(kitchen, key, dto);
  }

  @ApiOperation({ summary: 'Open some or all of it: from today its opened life counts' })
  @Post('lots/:id/open')
  open(@InKitchen() kitchen: string, @CommandKey() key: string, @ItsId() id: string, @Body() dto: OpenLotDto) {
    return this.stock.open(kitchen, key, id, dto);
  }

  @ApiOperation({ summary: 'Say which food it really is' })
  @Post('lots/:id/name')
  name(@InKitchen() kitchen: string, @CommandKey() key: string, @ItsId() id: string, @Body() dto: NameLotDto) {
    return this.stock.name(kitchen, key, id, dto);
  }

  @ApiOperation({ summary: 'Say how much is there' })
  @Post('lots/:id/count')
  count(@InKitchen() kitchen: string, @CommandKey() key: string, @ItsId() id: string, @Body() dto: CountLotDto) {
    return this.stock.count(kitchen, key, id, dto);
  }

  @ApiOperation({ summary: 'Move some or all of it to another place' })
  @Post('lots/:id/move')
  move(@InKitchen() kitchen: string, @CommandKey() key: string, @ItsId() id: string, @Body() dto: MoveLotDto) {
    return this.stock.moveTo(kitchen, key, id, dto);
  }

  @ApiOperation({ summary: 'Throw some or all of it away, with a reason' })
  @Post('lots/:id/throw')
  throwAway(@InKitchen() kitchen: string, @CommandKey() key: string, @ItsId() id: string, @Body() dto: ThrowLotDto) {
    return this.stock.throwAway(kitchen, key, id, dto);
  }

  @ApiOperation({ summary: 'Eat from boxes' })
  @Post('meals')
  eat(@InKitchen() kitchen: string, @CommandKey() key: string, @Body() dto: EatDto) {
    return this.meals.eat(kitchen, key, dto);
  }

  @ApiOperation({ summary: 'Take a change of the shelf back' })
  @Post('undo')
  undo(@InKitchen() kitchen: string, @CommandKey() key: string, @Body() dto: UndoDto) {
    return this.stock.undo(kitchen, key, dto.command);
  }
}
