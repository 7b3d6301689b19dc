import { Module } from '@nestjs/common';
import { WeekChangesService } from './changes.service.ts';
import { WeekService } from './week.service.ts';
import { WeekController } from './week.controller.ts';

@Module({ controllers: [WeekController], providers: [WeekService, WeekChangesService] })
export class WeekModule {}
