import { Body, Controller, HttpCode, Post, Req } from '@nestjs/common';
import { ApiOperation, ApiProperty, ApiTags } from '@nestjs/swagger';
import { IsUUID } from 'class-validator';
import type { Request } from 'express';
import { Clock } from '../command/clock.ts';
import { openHut } from './loadDemo.ts';

class OpenHutDto {
  @ApiProperty({
    format: 'uuid',
    description: 'Of the new kitchen: the same one goes on where an opening was cut short',
  })
  @IsUUID('all', { message: 'The id of the new kitchen is no UUID. Send a new one.' })
  id: string;
}

@ApiTags('kitchen')
@Controller('huts')
export class DemoController {
  /** One after the other: two would be called the same. */
  private last: Promise<unknown> = Promise.resolve();

  constructor(private readonly clock: Clock) {}

  @ApiOperation({ summary: 'Open one more demo hut, invented, with eight weeks behind it: takes some seconds' })
  @Post()
  @HttpCode(201)
  async open(@Body() { id }: OpenHutDto, @Req() { socket }: Request): Promise<{ readonly id: string }> {
    // Where this request was taken the next ones are, too.
    const address = (socket.localAddress ?? '127.0.0.1').replace(/^::ffff:/, '');
    const server = `http://${address.includes(':') ? `[${address}]` : address}:${socket.localPort ?? 0}`;
    const mine = this.last.catch(() => undefined).then(() => openHut(server, id, this.clock.now()));
    this.last = mine;
    await mine;
    return { id };
  }
}
