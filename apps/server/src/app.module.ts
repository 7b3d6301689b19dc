import { Module, RequestMethod } from '@nestjs/common';
import { LoggerModule } from 'nestjs-pino';
import { CommandModule } from './command/command.module.ts';
import { CostModule } from './cost/cost.module.ts';
import { DemoModule } from './demo/demo.module.ts';
import { DatabaseModule } from './database/database.module.ts';
import { FoodModule } from './food/food.module.ts';
import { HealthModule } from './health/health.module.ts';
import { KitchenModule } from './kitchen/kitchen.module.ts';
import { LearnModule } from './learn/learn.module.ts';
import { LiveModule } from './live/live.module.ts';
import { RecipeModule } from './recipe/recipe.module.ts';
import { RunModule } from './run/run.module.ts';
import { SessionModule } from './session/session.module.ts';
import { StockModule } from './stock/stock.module.ts';
import { StorageModule } from './storage/storage.module.ts';
import { WeekModule } from './week/week.module.ts';

@Module({
  imports: [
    LoggerModule.forRoot({
      forRoutes: [{ path: '{*path}', method: RequestMethod.ALL }],
      pinoHttp: {
        level: process.env['LOG_LEVEL'] ?? 'info',
        autoLogging: { ignore: ({ url }) => url?.endsWith('/live') === true || !url?.startsWith('/api/') },
        serializers: {
          req: ({ id, method, url }: { id: unknown; method: string; url: string }) => ({ id, method, url }),
          res: ({ statusCode }: { statusCode: number }) => ({ statusCode }),
        },
      },
    }),
    DatabaseModule,
    CommandModule,
    HealthModule,
    KitchenModule,
    FoodModule,
    StockModule,
    CostModule,
    RecipeModule,
    WeekModule,
    SessionModule,
    RunModule,
    StorageModule,
    LearnModule,
    LiveModule,
    DemoModule,
  ],
})
export class AppModule {}
