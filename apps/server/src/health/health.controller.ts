import { Controller, Get, Res } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import { Database } from '../database/database.ts';

@ApiTags('health')
@Controller('health')
export class HealthController {
  constructor(private readonly database: Database) {}

  @ApiOperation({ summary: 'Does the server answer, and its database?' })
  @Get()
  async health(@Res({ passthrough: true }) response: Response): Promise<{ server: 'up'; database: 'up' | 'down' }> {
    const up = await this.database.answers();
    if (!up) response.status(503);
    return { server: 'up', database: up ? 'up' : 'down' };
  }
}
