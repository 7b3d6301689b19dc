import { createHash } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import type { Topic } from '@kestrel-ridge/core/formats';
import { done, type Outcome } from '@kestrel-ridge/core/quantity';
import type { Transaction } from 'sequelize';
import { Database, type KitchenId } from '../database/database.ts';
import { refuse, type Refusal } from '../problem/problem.ts';
import { CommandRow } from './command.model.ts';

export interface Command {
  readonly kitchen: KitchenId;
  /** The client's own UUID for this command. */
  readonly key: string;
  readonly name: string;
  /** What was asked, to tell a repeated command from a reused key. */
  readonly body: unknown;
  readonly touches: readonly Topic[];
}

export interface CommandScope {
  readonly transaction: Transaction;
  readonly kitchen: KitchenId;
  readonly key: string;
}

class Refused extends Error {
  constructor(readonly problem: Refusal) {
    super(problem.code);
  }
}

/**
 * Every writing command goes through here: one transaction, noted by its key. The same key gets the same answer and is done once, also when two arrive
 * together: the second waits for the first at the key's row. A refused command leaves nothing behind, so it may be mended and sent again.
 */
@Injectable()
export class CommandService {
  constructor(private readonly database: Database) {}

  /** Answers what the work answered; throws its refusal as problem details. */
  async run<T>(command: Command, work: (scope: CommandScope) => Promise<Outcome<T, Refusal>>): Promise<T> {
    const outcome = await this.attempt(command, work);
    if (outcome.ok) return outcome.value;
    throw refuse(outcome.problem);
  }

  private async attempt<T>(
    command: Command,
    work: (scope: CommandScope) => Promise<Outcome<T, Refusal>>,
  ): Promise<Outcome<T, Refusal>> {
    const fingerprint = createHash('sha256')
      .update(JSON.stringify([command.name, command.body]))
      .digest('hex');
    try {
      return await this.database.inKitchen(command.kitchen, async (transaction) => {
        const sql =
          'INSERT INTO command (kitchen, key, name, fingerprint) VALUES ($1, $2, $3, $4) ON CONFLICT DO NOTHING RETURNING key';
        const [noted] = await this.database.sequelize.query(sql, {
          bind: [command.kitchen, command.key, command.name, fingerprint],
          transaction,
        });
        if (noted.length === 0) return await this.earlierAnswer<T>(command, fingerprint, transaction);
        const outcome = await work({ transaction, kitchen: command.kitchen, key: command.key });
        if (!outcome.ok) throw new Refused(outcome.problem);
        await this.database.sequelize.query(
          `WITH answered AS (UPDATE command SET answer = $3 WHERE kitchen = $1 AND key = $2)
           SELECT pg_notify('kitchen', $4)`,
          {
            bind: [
              command.kitchen,
              command.key,
              JSON.stringify(outcome.value ?? null),
              JSON.stringify({ kitchen: command.kitchen, touches: command.touches }),
            ],
            transaction,
          },
        );
        return outcome;
      });
    } catch (thrown) {
      if (thrown instanceof Refused) return { ok: false, problem: thrown.problem };
      throw thrown;
    }
  }

  private async earlierAnswer<T>(
    command: Command,
    fingerprint: string,
    transaction: Transaction,
  ): Promise<Outcome<T, Refusal>> {
    const earlier = await CommandRow.findOne({ where: { kitchen: command.kitchen, key: command.key }, transaction });
    if (!earlier || earlier.fingerprint !== fingerprint) return { ok: false, problem: { code: 'key reused' } };
    return done(earlier.answer as T);
  }
}
