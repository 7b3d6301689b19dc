import { Global, Module } from '@nestjs/common';
import { Database, DATABASE_URL } from './database.ts';
import { initModels } from './models.ts';

@Global()
@Module({
  providers: [
    {
      provide: DATABASE_URL,
      useFactory: () => {
        const url = process.env['DATABASE_URL'];
        if (!url)
          throw new Error(
            'DATABASE_URL is not set. Start with "npm start", which brings its own database, or name yours.',
          );
        return url;
      },
    },
    {
      provide: Database,
      inject: [DATABASE_URL],
      useFactory: (url: string) => {
        const database = new Database(url);
        initModels(database.sequelize);
        return database;
      },
    },
  ],
  exports: [Database, DATABASE_URL],
})
export class DatabaseModule {}
