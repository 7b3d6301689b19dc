import { Module } from '@nestjs/common';
import { PastService } from './past.service.ts';
import { LearnService } from './learn.service.ts';
import { LearnController } from './learn.controller.ts';

@Module({ controllers: [LearnController], providers: [LearnService, PastService] })
export class LearnModule {}
