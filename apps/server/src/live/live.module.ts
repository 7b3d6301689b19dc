import { Module } from '@nestjs/common';
import { LiveService } from './live.service.ts';
import { LiveController } from './live.controller.ts';

@Module({ controllers: [LiveController], providers: [LiveService] })
export class LiveModule {}
