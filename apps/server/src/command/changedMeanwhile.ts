import { sameData } from '@kestrel-ridge/core/quantity';
import { KitchenRow } from '../kitchen/kitchen.model.ts';
import type { Refusal } from '../problem/problem.ts';
import type { CommandScope } from './command.service.ts';

/**
 * The rule for what has no version of its own, as a meal, a floor, who is here on a day: whoever changes it says what they saw (null: nothing was said of it), and if it
 * is otherwise by now, it is not written over. A thing of which nothing was said has no row to lock: who changes such things in one kitchen does it one after the other.
 */
export async function changedMeanwhile<T>(
  scope: CommandScope,
  what: string,
  seen: T | null,
  now: () => Promise<T | null>,
): Promise<Refusal | undefined> {
  await inTurn(scope);
  const there = await now();
  return sameData(there, seen) ? undefined : { code: 'stale', what, now: there };
}

/** Waits for whoever changes such a thing in this kitchen, and lets the next wait until this command is done. */
export async function inTurn({ kitchen, transaction }: CommandScope): Promise<void> {
  await KitchenRow.findByPk(kitchen, { transaction, lock: transaction.LOCK.NO_KEY_UPDATE });
}
