import { Module } from '@nestjs/common';
import { LearnService } from './learn.service.ts';
import { LearnController } from './learn.controller.ts';

@Module({ controllers: [LearnController], providers: [LearnService] })
export class LearnModule {}
