import { Controller, Sse } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Observable } from 'rxjs';
import { InKitchen } from '../command/params.ts';
import { LiveService, type LiveMessage } from './live.service.ts';

@ApiTags('live')
@Controller('kitchens/:kitchen/live')
export class LiveController {
  constructor(private readonly live: LiveService) {}

  @ApiOperation({ summary: 'Server-sent events: which parts of this kitchen have changed' })
  @Sse()
  listen(@InKitchen() kitchen: string): Promise<Observable<LiveMessage>> {
    return this.live.forKitchen(kitchen);
  }
}
