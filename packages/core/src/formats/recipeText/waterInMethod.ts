import { plainSigns } from '../../quantity/index.ts';
import type { MethodStep } from './readMethodStep.ts';

/** Something that the method names with its amount, and the list does not. */
export interface MethodLiquid {
  /** As a line of the list: "1 L water". */
  readonly line: string;
  /** The step it goes into, from 0. */
  readonly step: number;
}

const LIQUID = new RegExp(
  String.raw`((?:\d+\s+)?\d+(?:[\/.,]\d+)?\s*(?:ml|millilit(?:er|re)s?|dl|cl|l|lit(?:er|re)s?|cups?|pints?))\b(?:\s+of)?\s+(?:(?:boiling|hot|cold|warm|fresh|more|tap)\s+)*(water|vegetable stock|stock|vegetable broth|broth)\b`,
  'gi',
);
/** This water does not stay in the dish. */
const POURED_OFF = /\b(?:soak|rinse|drain|blanch|wash|discard|throw)/i;

/**
 * Water and stock that stand in the method alone: they belong to the dish, and to its mass.
 * @example liquidsIn([…'Add 1 L water and simmer']) // [{ line: '1 L water', step: 0 }]
 */
export function liquidsIn(steps: readonly MethodStep[], ingredients: readonly string[]): readonly MethodLiquid[] {
  const listed = (what: string) =>
    ingredients.some((line) => new RegExp(`\\b${what.split(' ').at(-1) ?? what}\\b`, 'i').test(line));
  return steps.flatMap(({ text, kind }, step) =>
    kind === 'ahead' || POURED_OFF.test(text)
      ? []
      : [...plainSigns(text).matchAll(LIQUID)].flatMap(([, amount = '', what = '']) =>
          listed(what) ? [] : [{ line: `${amount} ${what.toLowerCase()}`, step }],
        ),
  );
}
