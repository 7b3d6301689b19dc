import type { Food, FoodId } from '../food/index.ts';
import { Fraction } from '../quantity/index.ts';
import type { LineChange, Line, Revision } from './revision.ts';
import { readShare } from './readShare.ts';
import { withMildPart, type MildPart } from './mildPart.ts';
import { skipSteps } from './skipSteps.ts';
import { applySwaps, type Swap } from './swap.ts';

/** What fills a slot in one batch. */
export interface Fill {
  readonly line: string;
  readonly food: FoodId;
  /** The part of the line that it fills, "3/5"; left out: all of it. What is left is open again: see restOf. */
  readonly share?: string;
}

const REST = '~rest';
/** The line that stays open where a food fills a part of one. */
export const restOf = (line: string): string => `${line}${REST}`;
/** The line of the recipe that such a line is part of. @example wholeOf('greens~rest~rest') // 'greens' */
export const wholeOf = (line: string): string => line.replace(/(?:~rest)+$/, '');

/** What a cook chose for one batch, where the recipe leaves a choice. */
export interface Choice {
  /** A method's id; left out: the first way. */
  readonly method?: string;
  readonly version?: string;
  readonly fills?: readonly Fill[];
  /** Eaten at once: nothing is cooked short for heating it again. */
  readonly eatenToday?: boolean;
  readonly swaps?: readonly Swap[];
  /** Somebody's part is taken out before it gets hot. */
  readonly mild?: MildPart;
}

/**
 * A recipe as one batch cooks it: with its method, its version, its slots filled, its swaps and a mild part apart, as a plain recipe without choices.
 * A choice that the recipe does not know any more changes nothing.
 */
export function cookedAs(recipe: Revision, choice: Choice, foods: ReadonlyMap<FoodId, Food>): Revision {
  const method = recipe.methods?.find((each) => each.id === choice.method);
  const version = recipe.versions?.find((each) => each.id === choice.version);
  const { methods: _m, versions: _v, methodName: _mn, versionName: _vn, ...plain } = recipe;
  const byMethod: Revision = method
    ? {
        ...plain,
        vessel: method.vessel,
        steps: method.steps,
        uses: method.uses,
        lines: changed(plain.lines, method.lines),
      }
    : plain;
  const byVersion: Revision = version
    ? skipSteps(
        {
          ...byMethod,
          lines: changed(
            byMethod.lines.filter((line) => !version.without.includes(line.id)),
            version.lines,
          ),
        },
        version.skips,
      )
    : byMethod;
  // Water that follows a grain follows one line: such a line is filled whole.
  const leads = new Set(byVersion.lines.flatMap(({ law }) => (law.law === 'water for grain' ? [law.grain] : [])));
  const filled: Revision = {
    ...byVersion,
    lines: byVersion.lines.flatMap((line) => filledLine(line, choice.fills ?? [], foods, leads)),
    steps: choice.eatenToday
      ? byVersion.steps.map((step) => {
          if (step.kind !== 'work') return step;
          const { stopAt: _full, ...rest } = step;
          return rest;
        })
      : byVersion.steps,
  };
  return withMildPart(applySwaps(filled, choice.swaps ?? [], foods), choice.mild, foods);
}

/** A part of a part soon has a denominator that nobody writes: to a thousandth then. */
const writable = (n: Fraction): Fraction => (n.d > 9999n ? n.round(3) : n);

/** An open line with what fills it: whole, or a part of it and the rest behind, which may be filled in its turn. */
function filledLine(
  line: Line,
  fills: readonly Fill[],
  foods: ReadonlyMap<FoodId, Food>,
  leads: ReadonlySet<string>,
): readonly Line[] {
  const fill = fills.find((each) => each.line === line.id && line.slot?.allowed.includes(each.food));
  if (!fill || !foods.has(fill.food)) return [line];
  const { slot: _filled, ...rest } = line;
  const part = fill.share === undefined || leads.has(line.id) ? undefined : readShare(fill.share);
  if (!part || part.compare(0) <= 0 || part.compare(1) >= 0) return [{ ...rest, food: fill.food }];
  const whole = new Fraction(line.amount.n);
  const taken = writable(whole.mul(part));
  const amountOf = (n: Fraction) => ({ ...line.amount, n: n.toFraction(true) });
  const open: Line = { ...line, id: restOf(line.id), amount: amountOf(writable(whole.sub(taken))) };
  return [{ ...rest, food: fill.food, amount: amountOf(taken) }, ...filledLine(open, fills, foods, leads)];
}

const changed = (lines: readonly Line[], changes: readonly LineChange[]): readonly Line[] =>
  lines.map((line) => {
    const change = changes.find((each) => each.line === line.id);
    if (!change) return line;
    const { line: _id, ...what } = change;
    return { ...line, ...what };
  });

/** Every food that may go in, by whatever method, version or fill. */
export const foodsOfRecipe = (recipe: Revision): readonly FoodId[] => [
  ...new Set([
    ...recipe.lines.flatMap((line) => [line.food, ...(line.slot?.allowed ?? [])]),
    ...[...(recipe.methods ?? []), ...(recipe.versions ?? [])].flatMap(({ lines }) =>
      lines.flatMap((change) => (change.food === undefined ? [] : [change.food])),
    ),
  ]),
];

/** All ways that a recipe may be cooked, one after the other: each method in each version. */
export const waysOf = (recipe: Revision): readonly Choice[] =>
  [undefined, ...(recipe.methods ?? []).map(({ id }) => id)].flatMap((method) =>
    [undefined, ...(recipe.versions ?? []).map(({ id }) => id)].map((version) => ({
      ...(method === undefined ? {} : { method }),
      ...(version === undefined ? {} : { version }),
    })),
  );
