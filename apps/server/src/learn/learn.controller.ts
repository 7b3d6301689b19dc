import { Controller, Get } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { InKitchen } from '../command/params.ts';
import { LearnService } from './learn.service.ts';

@ApiTags('learn')
@Controller('kitchens/:kitchen')
export class LearnController {
  constructor(private readonly learn: LearnService) {}

  @ApiOperation({ summary: 'What this kitchen’s own runs teach about its appliances, with how many they were' })
  @Get('learned')
  learned(@InKitchen() kitchen: string) {
    return this.learn.learned(kitchen);
  }
}
