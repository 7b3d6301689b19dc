import type { Weights } from './ask.ts';

const EVEN: Weights = { short: 4, feeds: 8, waste: 1, hands: 1, cost: 1, repeats: 1.5, liking: 1 };

/** What a week may be good at. Common practice, no published source: the weights are ours, and stand on the screen. */
export const PROFILES = {
  'least waste': { ...EVEN, waste: 4 },
  'least work': { ...EVEN, hands: 4 },
  cheapest: { ...EVEN, cost: 4 },
  'most variety': { ...EVEN, repeats: 6, liking: 2 },
} as const satisfies Record<string, Weights>;
export type Profile = keyof typeof PROFILES;
