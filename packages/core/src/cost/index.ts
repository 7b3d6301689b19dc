export { costBecause, costOf, usedPart } from './costOf.ts';
export type { BatchCost } from './costOf.ts';
export { minorDigits, moneyText, roundOnce, splitMoney } from './money.ts';
