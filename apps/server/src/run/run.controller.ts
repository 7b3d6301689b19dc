import { Body, Controller, Get, Post } from '@nestjs/common';
import { ApiHeader, ApiOperation, ApiTags } from '@nestjs/swagger';
import { CommandKey, InKitchen, ItsId } from '../command/params.ts';
import { EventsDto, StartRunDto } from './run.dto.ts';
import { RunService } from './run.service.ts';

@ApiTags('runs')
@ApiHeader({ name: 'Idempotency-Key', description: 'A new UUID for each new command; the same one to repeat it' })
@Controller('kitchens/:kitchen')
export class RunController {
  constructor(private readonly runs: RunService) {}

  @ApiOperation({ summary: 'The run of a session with all its events; { run: null } before it was started' })
  @Get('sessions/:id/run')
  async ofSession(@InKitchen() kitchen: string, @ItsId() session: string) {
    return { run: await this.runs.ofSession(kitchen, session) };
  }

  @ApiOperation({ summary: 'Start cooking a session by a plan' })
  @Post('runs')
  start(@InKitchen() kitchen: string, @CommandKey() key: string, @Body() dto: StartRunDto) {
    return this.runs.start(kitchen, key, dto);
  }

  @ApiOperation({ summary: 'What happened in a run' })
  @Post('runs/:id/events')
  record(@InKitchen() kitchen: string, @CommandKey() key: string, @ItsId() id: string, @Body() dto: EventsDto) {
    return this.runs.record(kitchen, key, id, dto);
  }
}
