import { Body, Controller, Get, Post, Query } from '@nestjs/common';
import { ApiHeader, ApiOperation, ApiTags } from '@nestjs/swagger';
import { CommandKey, InKitchen, ItsId } from '../command/params.ts';
import { GoByDto, ReadingsDto, SetBackDto, TakeOutDto } from './learn.dto.ts';
import { LearnService } from './learn.service.ts';
import { PastService } from './past.service.ts';

@ApiTags('learn')
@ApiHeader({ name: 'Idempotency-Key', description: 'A new UUID for each new command; the same one to repeat it' })
@Controller('kitchens/:kitchen')
export class LearnController {
  constructor(
    private readonly learn: LearnService,
    private readonly days: PastService,
  ) {}

  @ApiOperation({ summary: 'What this kitchen’s own runs teach about its appliances, with how many they were' })
  @Get('learned')
  learned(@InKitchen() kitchen: string) {
    return this.learn.learned(kitchen);
  }

  @ApiOperation({ summary: 'One sighting is wrong: it counts no more' })
  @Post('learned/taken-out')
  takeOut(@InKitchen() kitchen: string, @CommandKey() key: string, @Body() dto: TakeOutDto) {
    return this.learn.takeOut(kitchen, key, dto);
  }

  @ApiOperation({ summary: 'A figure begins anew from now on, or all of them do' })
  @Post('learned/set-back')
  setBack(@InKitchen() kitchen: string, @CommandKey() key: string, @Body() dto: SetBackDto) {
    return this.learn.setBack(kitchen, key, dto);
  }

  @ApiOperation({ summary: 'What somebody read off a scale, against the book: a food’s figures, a pot’s loss' })
  @Post('learned/readings')
  read(@InKitchen() kitchen: string, @CommandKey() key: string, @Body() dto: ReadingsDto) {
    return this.learn.read(kitchen, key, dto);
  }

  @ApiOperation({
    summary: 'Plans go by these figures of the kitchen’s own, or by the book again: all of them or none',
  })
  @Post('learned/go-by')
  goBy(@InKitchen() kitchen: string, @CommandKey() key: string, @Body() dto: GoByDto) {
    return this.learn.goBy(kitchen, key, dto);
  }

  @ApiOperation({ summary: 'Takes a reading back' })
  @Post('learned/readings/:id/back')
  unread(@InKitchen() kitchen: string, @CommandKey() key: string, @ItsId() id: string) {
    return this.learn.unread(kitchen, key, id);
  }

  @ApiOperation({ summary: 'Takes back what was said of what is learned' })
  @Post('learned/said/:id/back')
  unsay(@InKitchen() kitchen: string, @CommandKey() key: string, @ItsId() id: string) {
    return this.learn.unsay(kitchen, key, id);
  }

  @ApiOperation({ summary: 'Days that are over, from the first to the last: sessions, runs, and all that moved' })
  @Get('past')
  past(@InKitchen() kitchen: string, @Query('from') from?: string, @Query('until') until?: string) {
    return this.days.past(kitchen, from, until);
  }
}
