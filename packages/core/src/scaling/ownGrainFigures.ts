import type { Sourced } from '../quantity/index.ts';

/** What came out of a pot of grain, as the cook found it. */
export interface PotOfGrain {
  readonly dryG: number;
  readonly waterMl: number;
  readonly pouredOffMl: number;
  readonly cookedG: number;
}

export interface OwnGrainFigures {
  /** g water taken up by a gram. */
  readonly uptake: Sourced<number>;
  /** mL that left the pot as steam. */
  readonly lossMl: Sourced<number>;
}

export interface PotDoubt {
  readonly code: 'too light' | 'too heavy';
  readonly text: string;
}

/**
 * The kitchen's own uptake and loss from one pot: what the grain gained it took up; what is missing of the water went off as steam.
 * @example ownGrainFigures({ dryG: 400, waterMl: 970, pouredOffMl: 90, cookedG: 1240 }).lossMl.value // => 40
 */
export function ownGrainFigures({ dryG, waterMl, pouredOffMl, cookedG }: PotOfGrain): OwnGrainFigures {
  const taken = cookedG - dryG;
  const source = 'this kitchen, n = 1';
  return {
    uptake: { value: Number((taken / dryG).toFixed(2)), source },
    lossMl: { value: Math.round(waterMl - pouredOffMl - taken), source },
  };
}

/** What in the cook's figures cannot be: grain lighter than it went in, or more water in it than was poured. */
export function doubtOf({ dryG, waterMl, pouredOffMl, cookedG }: PotOfGrain): PotDoubt | undefined {
  if (!(cookedG > dryG))
    return {
      code: 'too light',
      text: 'The cooked grain weighs no more than the dry. Weigh it again, without the pot.',
    };
  if (cookedG - dryG + pouredOffMl > waterMl * 1.02)
    return {
      code: 'too heavy',
      text: 'That is more water than was poured in. Take the pot’s weight off, or enter the water that really went in.',
    };
  return undefined;
}
