import { Body, Controller, HttpCode, Post, Put } from '@nestjs/common';
import { ApiHeader, ApiOperation, ApiTags } from '@nestjs/swagger';
import { CommandKey, InKitchen, ItsId } from '../command/params.ts';
import {
  AddBatchDto,
  AddSessionDto,
  ChangeBatchDto,
  ChangeSessionDto,
  ChooseForBatchDto,
  DropBatchDto,
  LogFinalsDto,
  MoveBatchDto,
  WishDto,
} from './session.dto.ts';
import { SessionService } from './session.service.ts';

@ApiTags('sessions')
@ApiHeader({ name: 'Idempotency-Key', description: 'A new UUID for each new command; the same one to repeat it' })
@Controller('kitchens/:kitchen')
export class SessionController {
  constructor(private readonly sessions: SessionService) {}

  @ApiOperation({ summary: 'Plan a session' })
  @Post('sessions')
  add(@InKitchen() kitchen: string, @CommandKey() key: string, @Body() dto: AddSessionDto) {
    return this.sessions.add(kitchen, key, dto);
  }

  @ApiOperation({ summary: 'Change when a session starts, and how many cook' })
  @Put('sessions/:id')
  change(@InKitchen() kitchen: string, @CommandKey() key: string, @ItsId() id: string, @Body() dto: ChangeSessionDto) {
    return this.sessions.change(kitchen, key, id, dto);
  }

  @ApiOperation({ summary: 'What the cook says of the plan: pins, breaks, who does what, what is cut in one go' })
  @Put('sessions/:id/wishes')
  wish(@InKitchen() kitchen: string, @CommandKey() key: string, @ItsId() id: string, @Body() dto: WishDto) {
    return this.sessions.wish(kitchen, key, id, dto);
  }

  @ApiOperation({ summary: 'Put a dish into a session' })
  @Post('batches')
  addBatch(@InKitchen() kitchen: string, @CommandKey() key: string, @Body() dto: AddBatchDto) {
    return this.sessions.addBatch(kitchen, key, dto);
  }

  @ApiOperation({ summary: 'Change the size of a batch' })
  @Put('batches/:id')
  changeBatch(
    @InKitchen() kitchen: string,
    @CommandKey() key: string,
    @ItsId() id: string,
    @Body() dto: ChangeBatchDto,
  ) {
    return this.sessions.changeBatch(kitchen, key, id, dto);
  }

  @ApiOperation({ summary: 'Move a dish to another session: to the midweek top-up, or back' })
  @Put('batches/:id/session')
  moveBatch(@InKitchen() kitchen: string, @CommandKey() key: string, @ItsId() id: string, @Body() dto: MoveBatchDto) {
    return this.sessions.moveBatch(kitchen, key, id, dto);
  }

  @ApiOperation({ summary: 'Method, version, fills of slots and swaps of this batch; the recipe is not touched' })
  @Put('batches/:id/choice')
  choose(@InKitchen() kitchen: string, @CommandKey() key: string, @ItsId() id: string, @Body() dto: ChooseForBatchDto) {
    return this.sessions.choose(kitchen, key, id, dto);
  }

  @ApiOperation({ summary: 'What really went in, where it was not what was planned' })
  @Put('batches/:id/finals')
  logFinals(@InKitchen() kitchen: string, @CommandKey() key: string, @ItsId() id: string, @Body() dto: LogFinalsDto) {
    return this.sessions.logFinals(kitchen, key, id, dto);
  }

  @ApiOperation({ summary: 'Leave a dish out of the session' })
  @Post('batches/:id/drop')
  @HttpCode(200)
  dropBatch(@InKitchen() kitchen: string, @CommandKey() key: string, @ItsId() id: string, @Body() dto: DropBatchDto) {
    return this.sessions.dropBatch(kitchen, key, id, dto.version);
  }
}
