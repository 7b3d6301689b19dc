import { portionsText } from '@kestrel-ridge/core/quantity';
import type { SeasonWeekPlan } from '@kestrel-ridge/core/week';

const portions = (n: number): string => portionsText(Math.round(n));
const meals = (n: number): string => (n === 1 ? '1 meal' : `${n} meals`);

/** One dish in one week of the menu. */
export interface MainLine {
  readonly dish: number;
  /** How often it is eaten. */
  readonly often: string;
  /** Where it comes from, and where the rest of it goes. */
  readonly from: string;
}

/**
 * The mains of a week in words, the most eaten first; what is cooked only for later stands last.
 * @example mainLines({ cooks: [{ dish: 0, portions: 12, frozen: 6 }], eats: [{ dish: 0, meals: 3, portions: 6, fromFreezer: 0 }], … })
 * // [{ dish: 0, often: '3 meals', from: 'cook 12, freeze 6 of them' }]
 */
export function mainLines({ cooks, eats }: Pick<SeasonWeekPlan, 'cooks' | 'eats'>): readonly MainLine[] {
  const cookWords = (dish: number): string => {
    const cooked = cooks.find((each) => each.dish === dish);
    if (!cooked) return '';
    return cooked.frozen === 0 ? `cook ${cooked.portions}` : `cook ${cooked.portions}, freeze ${cooked.frozen} of them`;
  };
  return [
    ...[...eats]
      .sort((a, b) => b.meals - a.meals || a.dish - b.dish)
      .map(({ dish, meals: on, portions: eaten, fromFreezer }) => {
        const cooked = cookWords(dish);
        const thawed = Math.round(fromFreezer);
        const frozen =
          thawed === 0
            ? ''
            : eaten - fromFreezer < 0.5
              ? 'all from the freezer'
              : `${portions(fromFreezer)} from the freezer`;
        return { dish, often: meals(on), from: [frozen, cooked].filter(Boolean).join('; ') };
      }),
    ...cooks
      .filter(({ dish }) => !eats.some((each) => each.dish === dish))
      .map(({ dish }) => ({ dish, often: 'for later', from: cookWords(dish) })),
  ];
}

/** What a reserve is at the end of its week. */
export const reserveWords = (name: string, there: number, of: number): string =>
  there >= of - 0.5
    ? `${name}: ${portions(there)} in reserve`
    : `${name}: ${portions(there)} in reserve, ${of} should be there`;
