import { existsSync } from 'node:fs';
import type { Server } from 'node:http';
import path from 'node:path';
import { SECOND_MS } from '@kestrel-ridge/core/quantity';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { DocumentBuilder, SwaggerModule } from '@nestjs/swagger';
import compression from 'compression';
import type { NextFunction, Request, Response } from 'express';
import helmet from 'helmet';
import { Logger } from 'nestjs-pino';
import { AppModule } from './app.module.ts';
import { anotherTime } from './command/anotherTime.ts';
import { Database } from './database/database.ts';
import { asOwner } from './database/asOwner.ts';
import { migrate } from './database/migrate.ts';
import { followBook } from './food/followBook.ts';
import { pagesDir } from './live/pagesBuild.ts';
import { ProblemFilter } from './problem/problem.filter.ts';
import { slowBodies } from './problem/slowBodies.ts';
import { sameOrigin } from './problem/sameOrigin.ts';
import { validation } from './problem/validation.ts';

/** The largest body taken: a recipe or a few hundred events. */
const BODY_LIMIT = '512kb';

/** A body has so long to arrive: half a megabyte over a poor line. */
const BODY_WITHIN_MS = 20 * SECOND_MS;

/**
 * An idle connection is kept for so long: longer than devices keep theirs between two looks, so that none is closed under a request that is just being sent. Node's own is 5 s,
 * and a request on a closing connection fails though the server is there. The head of a request may take longer than that, or the longer wait would end it.
 */
const KEPT_IDLE_MS = 75 * SECOND_MS;

/** The whole server, set up but not listening: main.ts and the tests start it alike. */
export async function createApp(): Promise<NestExpressApplication> {
  const app = await NestFactory.create<NestExpressApplication>(AppModule, {
    bufferLogs: true,
    forceCloseConnections: true,
    bodyParser: false,
  });
  const connections: Server = app.getHttpServer();
  connections.keepAliveTimeout = KEPT_IDLE_MS;
  connections.headersTimeout = KEPT_IDLE_MS + SECOND_MS;
  app.useLogger(app.get(Logger));
  app.setGlobalPrefix('api');
  app.use(
    sameOrigin(
      (process.env['ALLOWED_HOSTS'] ?? '')
        .split(',')
        .map((name) => name.trim())
        .filter(Boolean),
    ),
  );
  app.use(anotherTime);
  app.use(slowBodies(Number(process.env['BODY_WITHIN_MS'] ?? BODY_WITHIN_MS)));
  app.useBodyParser('json', { limit: BODY_LIMIT });
  app.use(
    helmet({
      contentSecurityPolicy: {
        directives: {
          'default-src': ["'self'"],
          'style-src': ["'self'", "'unsafe-inline'"],
          'img-src': ["'self'", 'data:'],
          'worker-src': ["'self'", 'blob:'],
          'upgrade-insecure-requests': null,
        },
      },
    }),
  );
  // An event stream that is compressed is held back until it is long enough to be worth it.
  app.use(
    compression({
      filter: (request: Request, response: Response) =>
        !request.path.endsWith('/live') && compression.filter(request, response),
    }),
  );
  app.useGlobalPipes(validation());
  app.useGlobalFilters(new ProblemFilter());
  app.enableShutdownHooks();

  const openApi = new DocumentBuilder()
    .setTitle('Kestrel Ridge')
    .setDescription('From the shelf to the plate: stock, recipes, the week, sessions, runs and boxes of one kitchen.')
    .setVersion('0.1.0')
    .build();
  SwaggerModule.setup('api/docs', app, SwaggerModule.createDocument(app, openApi), {
    jsonDocumentUrl: 'api/docs.json',
  });

  serveWeb(app);
  const database = app.get(Database);
  await database.refuseRoleThatSeesAll();
  await asOwner(database, migrate);
  await followBook(database);
  return app;
}

/** The built web app, from the same origin; any address of its own answers with its one page. */
function serveWeb(app: NestExpressApplication): void {
  const dir = pagesDir();
  if (!existsSync(path.join(dir, 'index.html'))) return;
  app.useStaticAssets(dir, {
    index: false,
    maxAge: '1y',
    immutable: true,
    setHeaders: (response: Response, file: string) =>
      (file.endsWith('.html') || file.endsWith(`${path.sep}sw.js`)) && response.setHeader('Cache-Control', 'no-cache'),
  });
  app.use((request: Request, response: Response, next: NextFunction) => {
    if (request.method !== 'GET' || request.path.startsWith('/api') || path.extname(request.path)) return next();
    response.setHeader('Cache-Control', 'no-cache');
    response.sendFile(path.join(dir, 'index.html'));
  });
}
