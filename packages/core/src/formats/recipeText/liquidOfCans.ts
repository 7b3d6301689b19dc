import { Fraction } from '../../quantity/index.ts';
import type { IngredientLine } from '../ingredient/readIngredientLine.ts';
import type { MethodStep } from './readMethodStep.ts';
import { namesIt } from './soaksInLines.ts';

/** "With their liquid", "undrained", "liquid and all": what fills the can goes in, too. */
const KEPT =
  /\b(?:with|and|plus|including|in|&|\+)\s+(?:all )?(?:of )?(?:their|its|the)(?: own)?(?: (?:can|tin|bean|chickpea))? (?:liquid|liquor|juices?|brine|water)\b|\bundrained\b|\b(?:not|un) ?-?drained\b|\b(?:do not|don['’]?t) drain\b|\b(?:liquid|liquor|juice) and all\b/i;

const DRAINED = /\bdrain/i;
/** "Heat them in their liquid. Drain.", within so many steps. Common practice, no published source. */
const DRAINED_THERE = /(?:^|[.;] )drain(?! the)\b/i;
const SOON = 2;
const SOME_OF_THEM = /\b(?:one|1) (?:tin|can|of (?:them|the))\b|\bthe other\b|\b(?:one|1) (?:with|in) its\b/i;

/** What fills one can of a line beside what is drained of it, mL, as water, and how many there are; undefined: nothing is drained of it. */
function liquidOf({ food, amount }: IngredientLine): { readonly mL: number; readonly cans: number } | undefined {
  const [pack] = food?.facts.packs?.value ?? [];
  if (amount.kind !== 'pack' || amount.holds?.kind === 'volume' || pack?.drainedG === undefined) return undefined;
  const share = new Fraction(pack.grams - pack.drainedG, pack.grams);
  const mL = (amount.holds?.g ?? new Fraction(pack.grams)).mul(share).valueOf();
  return mL > 0 ? { mL, cans: amount.packs.valueOf() } : undefined;
}
const toFive = (mL: number): number => Math.round(mL / 5) * 5;

/** The liquid of cans that a recipe says of. */
export interface CanLiquid {
  readonly line: string;
  readonly step: number;
  /** Some is drained as well: how much of it goes in is one of these, mL, or none. */
  readonly either?: readonly number[];
}

/**
 * The liquid of cans that goes into the dish, where the list or a step says so: else a can counts with what is drained of it.
 * @example liquidOfCans([…'Add the beans with their liquid'], [2 cans of black beans]) // [{ line: '330 ml water', step: 0 }]
 */
export const liquidOfCans = (steps: readonly MethodStep[], lines: readonly IngredientLine[]): readonly CanLiquid[] =>
  lines.flatMap((line) => {
    const liquid = liquidOf(line);
    if (!liquid) return [];
    const naming = steps.flatMap(({ text }, step) => (namesIt(text, line) ? [{ text, step }] : []));
    const said = naming.find(({ text }) => KEPT.test(text));
    if (!said && !KEPT.test(line.text)) return [];
    const all = toFive(liquid.mL * liquid.cans);
    const one = toFive(liquid.mL);
    const told = [line.text, ...naming.map(({ text }) => text)];
    const open =
      told.some((text) => DRAINED.test(text.replace(KEPT, ''))) ||
      (said !== undefined && steps.slice(said.step, said.step + SOON).some(({ text }) => DRAINED_THERE.test(text))) ||
      (liquid.cans > 1 && told.some((text) => SOME_OF_THEM.test(text)));
    return [
      {
        line: `${all} ml water`,
        step: (said ?? naming[0])?.step ?? 0,
        ...(open ? { either: [...new Set([one, all])] } : {}),
      },
    ];
  });
