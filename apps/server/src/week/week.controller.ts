import { Body, Controller, Get, HttpCode, Post, Put } from '@nestjs/common';
import { ApiHeader, ApiOperation, ApiTags } from '@nestjs/swagger';
import { CommandKey, InKitchen, ItsId } from '../command/params.ts';
import { WeekChangesService } from './changes.service.ts';
import {
  AddEaterDto,
  AppetiteDto,
  AttendanceDto,
  ChangeEaterDto,
  EaterGoesDto,
  ForgetTemplateDto,
  TemplateDto,
  WeekChangesDto,
} from './week.dto.ts';
import { WeekService } from './week.service.ts';

@ApiTags('week')
@ApiHeader({ name: 'Idempotency-Key', description: 'A new UUID for each new command; the same one to repeat it' })
@Controller('kitchens/:kitchen')
export class WeekController {
  constructor(
    private readonly weeks: WeekService,
    private readonly changes: WeekChangesService,
  ) {}

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

  @ApiOperation({ summary: 'Name, appetite, days and tastes of an eater' })
  @Put('eaters/:id')
  changeEater(
    @InKitchen() kitchen: string,
    @CommandKey() key: string,
    @ItsId() id: string,
    @Body() dto: ChangeEaterDto,
  ) {
    return this.weeks.changeEater(kitchen, key, id, dto);
  }

  @ApiOperation({ summary: 'An eater no longer eats here' })
  @Post('eaters/:id/goes')
  @HttpCode(200)
  eaterGoes(@InKitchen() kitchen: string, @CommandKey() key: string, @ItsId() id: string, @Body() dto: EaterGoesDto) {
    return this.weeks.eaterGoes(kitchen, key, id, dto.version);
  }

  @ApiOperation({ summary: 'Meals, dishes and sizes of a week, changed together or not at all' })
  @Post('week/changes')
  @HttpCode(200)
  change(@InKitchen() kitchen: string, @CommandKey() key: string, @Body() dto: WeekChangesDto) {
    return this.changes.change(kitchen, key, dto);
  }

  @ApiOperation({ summary: 'Keep a week to be used again' })
  @Post('templates')
  keepTemplate(@InKitchen() kitchen: string, @CommandKey() key: string, @Body() dto: TemplateDto) {
    return this.weeks.keepTemplate(kitchen, key, dto);
  }

  @ApiOperation({ summary: 'Forget a week that was kept' })
  @Post('templates/:id/forget')
  @HttpCode(200)
  forgetTemplate(
    @InKitchen() kitchen: string,
    @CommandKey() key: string,
    @ItsId() id: string,
    @Body() dto: ForgetTemplateDto,
  ) {
    return this.weeks.forgetTemplate(kitchen, key, id, dto);
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
