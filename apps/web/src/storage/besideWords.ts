import { listed, show, showWeekday } from '@kestrel-ridge/core/quantity';
import type { CountsOn } from '@kestrel-ridge/core/view';

/**
 * Who counts on what comes out beside a dish; while it is not kept, what follows from that.
 * @example countedOnWords([{ dish: 'Barley soup', on: thursday, amount }], true) // 'Barley soup on Thu (400 mL) needs it.'
 */
export function countedOnWords(takers: readonly CountsOn[], kept: boolean): string {
  if (takers.length === 0) return '';
  const dishes = takers.map(({ dish, on, amount }) => `${dish} on ${showWeekday(on)} (${show(amount)})`);
  return kept
    ? `${listed(dishes)} ${takers.length === 1 ? 'needs' : 'need'} it.`
    : `Without it, ${listed(dishes)} will have to be made with something else.`;
}
