import { Inject, Injectable, type OnApplicationShutdown } from '@nestjs/common';
import { QueryTypes, Sequelize, type Transaction } from 'sequelize';

export const DATABASE_URL = Symbol('DATABASE_URL');

export type KitchenId = string;

/**
 * The one door to the tables. Every query runs inside a kitchen: row-level security in PostgreSQL shows and accepts only that kitchen's rows,
 * so a forgotten condition finds nothing instead of somebody else's shelf. Why so: docs/decisions/0002-one-kitchen-at-a-time.md.
 */
@Injectable()
export class Database implements OnApplicationShutdown {
  readonly sequelize: Sequelize;

  constructor(@Inject(DATABASE_URL) url: string) {
    this.sequelize = new Sequelize(url, {
      dialect: 'postgres',
      logging: false,
      pool: { max: 10, idle: 10_000 },
      define: { timestamps: false, underscored: true },
    });
  }

  /** Runs work in one transaction that sees one kitchen. What it throws undoes all of it. */
  inKitchen<T>(kitchen: KitchenId, work: (transaction: Transaction) => Promise<T>): Promise<T> {
    return this.sequelize.transaction(async (transaction) => {
      await this.sequelize.query(`SELECT set_config('kestrel.kitchen', $1, true)`, {
        bind: [kitchen],
        transaction,
        type: QueryTypes.SELECT,
      });
      return work(transaction);
    });
  }

  async answers(): Promise<boolean> {
    try {
      await this.sequelize.query('SELECT 1', { type: QueryTypes.SELECT });
      return true;
    } catch {
      return false;
    }
  }

  /** Whom the server works as. */
  async role(): Promise<string> {
    const [row] = await this.sequelize.query<{ name: string }>('SELECT current_user AS name', {
      type: QueryTypes.SELECT,
    });
    return row?.name ?? '';
  }

  /** A role that passes by row-level security would see every kitchen at once. */
  async refuseRoleThatSeesAll(): Promise<void> {
    const [role] = await this.sequelize.query<{ name: string; all: boolean }>(
      'SELECT rolname AS name, rolsuper OR rolbypassrls AS all FROM pg_roles WHERE rolname = current_user',
      { type: QueryTypes.SELECT },
    );
    if (role?.all)
      throw new Error(
        `The database role "${role.name}" passes by row-level security. Use an ordinary role: CREATE ROLE kestrel LOGIN; and make it the owner of the database.`,
      );
  }

  async onApplicationShutdown(): Promise<void> {
    await this.sequelize.close();
  }
}
