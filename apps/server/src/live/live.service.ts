import { Inject, Injectable, Logger, type OnApplicationShutdown, type OnModuleInit } from '@nestjs/common';
import pg from 'pg';
import { serverNow } from '../command/clock.ts';
import { Subject, defer, filter, finalize, map, merge, timer, type Observable } from 'rxjs';
import { DATABASE_URL, Database } from '../database/database.ts';
import { KitchenRow } from '../kitchen/kitchen.model.ts';
import { refuse } from '../problem/problem.ts';
import { pagesBuild } from './pagesBuild.ts';

interface Told {
  /** A kitchen's id, or "all". */
  readonly kitchen: string;
  readonly touches: readonly string[];
}

export interface LiveMessage {
  /** With the server's own time, so that a device whose clock is wrong can tell, and the build of the pages, so that one from before can. */
  readonly data: { readonly touches: readonly string[]; readonly now: string; readonly build: string };
}

const BEAT_MS = 15_000;
const AGAIN_MS = 1000;
/** More pages than a small kitchen has devices: whoever opens more holds what others need. */
const MOST_OPEN = 200;

/** Hears what any server process changed (LISTEN), and tells the browsers of that kitchen. */
@Injectable()
export class LiveService implements OnModuleInit, OnApplicationShutdown {
  private readonly told = new Subject<Told>();
  private readonly logger = new Logger('Live');
  private client: pg.Client | undefined;
  private ended = false;
  /** Pages that listen now. */
  private open = 0;
  private retry: NodeJS.Timeout | undefined;

  constructor(
    @Inject(DATABASE_URL) private readonly url: string,
    private readonly database: Database,
  ) {}

  async onModuleInit(): Promise<void> {
    await this.listen();
  }

  /** A kitchen's changes, and a beat. Bounded: each holds a connection. */
  async forKitchen(kitchen: string): Promise<Observable<LiveMessage>> {
    const there = await this.database.inKitchen(kitchen, (transaction) =>
      KitchenRow.findByPk(kitchen, { transaction }),
    );
    if (!there) throw refuse({ code: 'not found', what: 'kitchen' });
    if (this.open >= MOST_OPEN)
      throw refuse({
        code: 'not now',
        detail: `${MOST_OPEN} pages listen already.`,
        remedy: 'Close some that nobody looks at.',
      });
    const changes = this.told.pipe(
      filter((told) => told.kitchen === kitchen || told.kitchen === 'all'),
      map(({ touches }) => touches),
    );
    const beat = timer(0, BEAT_MS).pipe(map((): readonly string[] => []));
    const messages = merge(changes, beat).pipe(
      map((touches) => ({ data: { touches, now: serverNow().toISOString(), build: pagesBuild() } })),
    );
    return defer(() => {
      this.open++;
      return messages.pipe(finalize(() => this.open--));
    });
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
