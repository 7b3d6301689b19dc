import { Body, Controller, Get, Module, Post, Put } from '@nestjs/common';
import { ApiHeader, ApiOperation, ApiTags } from '@nestjs/swagger';
import { CommandKey, InKitchen } from '../command/params.ts';
import { AddEaterDto, AppetiteDto, AttendanceDto } from './week.dto.ts';
import { WeekService } from './week.service.ts';

@ApiTags('week')
@ApiHeader({ name: 'Idempotency-Key', description: 'A new UUID for each new command; the same one to repeat it' })
@Controller('kitchens/:kitchen')
class WeekController {
  constructor(private readonly weeks: WeekService) {}

  @ApiOperation({ summary: 'Eaters, who is here when, sessions and their batches' })
  @Get('week')
  week(@InKitchen() kitchen: string) {
    return this.weeks.week(kitchen);
  }

  @ApiOperation({ summary: 'Add an eater' })
  @Post('eaters')
  addEater(@InKitchen() kitchen: string, @CommandKey() key: string, @Body() dto: AddEaterDto) {
    return this.weeks.addEater(kitchen, key, dto);
  }

  @ApiOperation({ summary: 'Say whether somebody is here on a day' })
  @Put('attendance')
  attend(@InKitchen() kitchen: string, @CommandKey() key: string, @Body() dto: AttendanceDto) {
    return this.weeks.attend(kitchen, key, dto);
  }

  @ApiOperation({ summary: 'Portions of a component that one eater takes in a day' })
  @Put('appetites')
  setAppetite(@InKitchen() kitchen: string, @CommandKey() key: string, @Body() dto: AppetiteDto) {
    return this.weeks.setAppetite(kitchen, key, dto);
  }
}

@Module({ controllers: [WeekController], providers: [WeekService] })
export class WeekModule {}
