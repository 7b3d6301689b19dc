import type { Because } from '../../quantity/index.ts';
import type { WeekAsk } from './ask.ts';
import type { Draft } from './score.ts';

type Ask = Pick<WeekAsk, 'candidates'>;

/** Minutes of hands of a suggested week, dish by dish. The parts add up to the figure, before each is rounded to a minute. */
export function becauseOfHands({ candidates }: Ask, { sizes }: Draft): Because {
  const parts = candidates.flatMap(({ name, cooks }, c) => {
    const size = sizes[c] ?? 0;
    if (!cooks || size === 0) return [];
    return [
      { rule: `${name}: once, and for each of ${size} portions`, minutes: cooks.handsOnce + cooks.handsEach * size },
    ];
  });
  return {
    rule: 'hands at the steps of what is cooked; washes and waits are planned with the session',
    figure: minutes(parts.reduce((sum, part) => sum + part.minutes, 0)),
    parts: parts.map((part) => ({ rule: part.rule, figure: minutes(part.minutes) })),
  };
}

/** What the ingredients of a suggested week cost, dish by dish; `money` writes minor units. */
export function becauseOfCost({ candidates }: Ask, { sizes }: Draft, money: (minor: number) => string): Because {
  const parts = candidates.flatMap(({ name, cooks }, c) => {
    const size = sizes[c] ?? 0;
    if (!cooks || size === 0) return [];
    const each = `${size} portions at ${money(Math.round(cooks.costEach))}`;
    return [
      {
        rule: `${name}: ${each}${cooks.costGuessed ? ', what has no price taken at what foods cost here on the whole' : ''}`,
        minor: cooks.costEach * size,
      },
    ];
  });
  return {
    rule: 'the part used of each ingredient',
    figure: money(Math.round(parts.reduce((sum, part) => sum + part.minor, 0))),
    parts: parts.map((part) => ({ rule: part.rule, figure: money(Math.round(part.minor)) })),
  };
}

const minutes = (n: number) => `${Math.round(n)} min`;
