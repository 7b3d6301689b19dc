import { Module } from '@nestjs/common';
import { DemoController } from './demo.controller.ts';

@Module({ controllers: [DemoController] })
export class DemoModule {}
