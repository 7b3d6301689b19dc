import { Module } from '@nestjs/common';
import { RunService } from './run.service.ts';
import { RunController } from './run.controller.ts';

@Module({ controllers: [RunController], providers: [RunService] })
export class RunModule {}
