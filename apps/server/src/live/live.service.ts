import { Inject, Injectable, Logger, type OnApplicationShutdown, type OnModuleInit } from '@nestjs/common';
import pg from 'pg';
import { serverNow } from '../command/clock.ts';
import { Subject, filter, map, merge, timer, type Observable } from 'rxjs';
import { DATABASE_URL } from '../database/database.ts';

interface Told {
  /** A kitchen's id, or "all". */
  readonly kitchen: string;
  readonly touches: readonly string[];
}

export interface LiveMessage {
  /** With the server's own time: a device whose clock is wrong can tell. */
  readonly data: { readonly touches: readonly string[]; readonly now: string };
}

const BEAT_MS = 15_000;
const AGAIN_MS = 1000;

/** Hears what any server process changed (LISTEN), and tells the browsers of that kitchen. */
@Injectable()
export class LiveService implements OnModuleInit, OnApplicationShutdown {
  private readonly told = new Subject<Told>();
  private readonly logger = new Logger('Live');
  private client: pg.Client | undefined;
  private ended = false;
  private retry: NodeJS.Timeout | undefined;

  constructor(@Inject(DATABASE_URL) private readonly url: string) {}

  async onModuleInit(): Promise<void> {
    await this.listen();
  }

  forKitchen(kitchen: string): Observable<LiveMessage> {
    const changes = this.told.pipe(
      filter((told) => told.kitchen === kitchen || told.kitchen === 'all'),
      map(({ touches }) => touches),
    );
    const beat = timer(0, BEAT_MS).pipe(map((): readonly string[] => []));
    return merge(changes, beat).pipe(map((touches) => ({ data: { touches, now: serverNow().toISOString() } })));
  }

  private async listen(): Promise<void> {
    if (this.ended) return;
    const client = new pg.Client({ connectionString: this.url });
    const again = () => {
      if (this.client !== client) return;
      this.client = undefined;
      if (!this.ended) this.retry = setTimeout(() => void this.listen(), AGAIN_MS);
    };
    this.client = client;
    client.on('end', again);
    client.on('error', again);
    client.on('notification', ({ payload }) => this.told.next(JSON.parse(payload ?? '{}') as Told));
    try {
      await client.connect();
      await client.query('LISTEN kitchen');
      // What changed while nobody listened was told to nobody: look at everything again.
      this.told.next({ kitchen: 'all', touches: ['kitchen', 'shelf', 'recipes', 'week', 'run'] });
    } catch (thrown) {
      this.logger.warn(`Not listening for changes yet: ${thrown instanceof Error ? thrown.message : String(thrown)}`);
      again();
    }
  }

  async onApplicationShutdown(): Promise<void> {
    this.ended = true;
    clearTimeout(this.retry);
    this.told.complete();
    await this.client?.end().catch(() => undefined);
  }
}
