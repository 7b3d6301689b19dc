import type { Food, FoodId } from '../food/index.ts';
import { Fraction, type Written } from '../quantity/index.ts';
import type { Line, Revision, Step, WorkStep } from './revision.ts';

/** What is taken out of one batch before it gets hot. */
export interface MildPart {
  /** Of the whole batch: "1/4". */
  readonly share: string;
  /** For whom. */
  readonly who: readonly string[];
}

const MILD_STEP = 'mild part';
/** Ladling a part out and stirring the rest through. Common practice, no published source. */
const MINUTES = { earliest: 2, expected: 3, latest: 4 };

/** The lines that make a dish hot: chilli, mustard and the like. What is only offered beside it is not meant. */
export const hotLines = ({ lines }: Revision, foods: ReadonlyMap<FoodId, Food>): readonly Line[] =>
  lines.filter((line) => !line.optional && foods.get(line.food)?.facts.roles?.includes('heat'));

/** What of a line goes in once the mild part is out: 1 for what is not hot. */
export const shareLeft = (
  line: Line,
  mild: MildPart | undefined,
  foods: ReadonlyMap<FoodId, Food>,
  recipe: Revision,
): Fraction =>
  mild && hotLines(recipe, foods).some(({ id }) => id === line.id)
    ? new Fraction(1).sub(new Fraction(mild.share))
    : new Fraction(1);

const lessOf = ({ n, unit }: Written, left: Fraction): Written => ({
  n: new Fraction(n).mul(left).toFraction(true),
  unit,
});

/**
 * A recipe in which somebody's part stays mild: all is cooked together without what is hot, their part is taken out, and the heat goes into the rest, so much less of it.
 * The step stands before the last one while the dish is still in its pot, or behind it where that one is the cooker's own. A recipe without heat stays as it is.
 * @example withMildPart(stew, { share: '1/4', who: ['Tarek'] }, foods) // 3/4 of the chilli, in a step of its own
 */
export function withMildPart(recipe: Revision, mild: MildPart | undefined, foods: ReadonlyMap<FoodId, Food>): Revision {
  const hot = mild ? hotLines(recipe, foods) : [];
  const last = recipe.steps.findLast(
    ({ id }) => !recipe.steps.some(({ after }) => after.some(({ step }) => step === id)),
  );
  if (!mild || hot.length === 0 || !last || last.kind === 'ahead') return recipe;
  const names = [...new Set(hot.map(({ food }) => foods.get(food)?.name ?? ''))].join(' and ');
  const apart = (after: Step['after']): WorkStep => ({
    id: MILD_STEP,
    kind: 'work',
    name: `Take ${mild.share} of it out, mild, for ${mild.who.join(', ')}; ${names} into the rest`,
    per: last.per,
    time: { law: 'fixed', minutes: MINUTES },
    attention: { needs: 'hands' },
    after,
  });
  const before = last.kind === 'work' && last.after.length > 0;
  const steps = recipe.steps.flatMap((step): readonly Step[] => {
    if (step !== last) return [step];
    if (before) return [apart(last.after), { ...last, after: [{ step: MILD_STEP, min: 0, max: null }] }];
    return [last, apart([{ step: last.id, min: 0, max: null }])];
  });
  const left = new Fraction(1).sub(new Fraction(mild.share));
  return {
    ...recipe,
    steps,
    lines: recipe.lines.map((line) => {
      if (!hot.includes(line)) return line;
      const { between: _between, ...rest } = line;
      return { ...rest, amount: lessOf(line.amount, left), into: [{ step: MILD_STEP, share: '1' }] };
    }),
  };
}
