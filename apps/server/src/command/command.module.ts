import { Global, Module } from '@nestjs/common';
import { Clock } from './clock.ts';
import { CommandService } from './command.service.ts';

@Global()
@Module({ providers: [CommandService, Clock], exports: [CommandService, Clock] })
export class CommandModule {}
