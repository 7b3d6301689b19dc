import { Controller, Get, Query } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { InKitchen } from '../command/params.ts';
import { LearnService } from './learn.service.ts';
import { PastService } from './past.service.ts';

@ApiTags('learn')
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

  @ApiOperation({ summary: 'Days that are over, from the first to the last: sessions, runs, and all that moved' })
  @Get('past')
  past(@InKitchen() kitchen: string, @Query('from') from?: string, @Query('until') until?: string) {
    return this.days.past(kitchen, from, until);
  }
}
