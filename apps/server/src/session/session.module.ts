import { Module } from '@nestjs/common';
import { SessionService } from './session.service.ts';
import { SessionController } from './session.controller.ts';

@Module({ controllers: [SessionController], providers: [SessionService] })
export class SessionModule {}
