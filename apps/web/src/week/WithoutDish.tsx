import { fixed } from '@kestrel-ridge/core/quantity';
import { moneyText } from '@kestrel-ridge/core/cost';
import { askOf, type KitchenView, type Wanted } from '@kestrel-ridge/core/view';
import { scoreOf, weightsFor, type Pulled, type ScoreParts, type SuggestedWeek } from '@kestrel-ridge/core/week';
import { Button } from 'antd';
import { useMemo } from 'react';
import { appNow } from '../parts/appNow.ts';
import { duration } from '../parts/times.ts';
import type { Found } from './useSuggested.ts';
import { useWithout } from './useWithout.ts';
import { whyDish } from './whyDish.ts';

/** Why a dish is in a week, and what would be otherwise without it: the same four weeks, asked for anew. */
export function WithoutDish({
  view,
  found,
  recipe,
  wanted,
  pulled,
  leaveOut,
}: {
  view: KitchenView;
  found: Found;
  recipe: string;
  wanted: Wanted;
  pulled: Pulled;
  leaveOut: () => void;
}) {
  const ask = useMemo(
    () => askOf(view, { ...wanted, without: [...(wanted.without ?? []), recipe] }, appNow()),
    [view, wanted, recipe],
  );
  const without = useWithout(ask, pulled);
  const c = found.ask.candidates.findIndex((each) => each.recipe === recipe);
  const name = found.ask.candidates[c]?.name ?? '';
  const { currency } = view.kitchen.equipment;
  return (
    <section className="without-dish" aria-label={`Why ${name}`}>
      <h2>{name}: why, and what if not</h2>
      <table>
        <tbody>
          {found.weeks.map((week) => {
            const other = without?.find(({ goodAt }) => goodAt === week.goodAt);
            return (
              <tr key={week.goodAt}>
                <th scope="row">{week.goodAt}</th>
                <td>
                  {week.draft.meals.some((meal) => meal.includes(c)) ? whyDish(week, found.ask, c) : 'it is not in it'}
                </td>
                <td>{other ? differenceWords(week, other, found, pulled, currency) : 'being tried'}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <Button onClick={leaveOut}>Leave it out</Button>
    </section>
  );
}

const WORDS = {
  short: 'portions missing',
  waste: 'portions left or wasted',
  repeats: 'times the same again',
} as const satisfies Partial<Record<keyof ScoreParts, string>>;

/** What changes most: "without it: 12 min more hands, 2.10 € less at the till". */
function differenceWords(
  mine: SuggestedWeek,
  other: SuggestedWeek,
  { ask }: Found,
  pulled: Pulled,
  currency: string,
): string {
  const by = (part: keyof ScoreParts) => other.parts[part] - mine.parts[part];
  const more = (value: number, amount: string, of: string): string => `${amount} ${value > 0 ? 'more' : 'less'} ${of}`;
  const parts = [
    ...(Math.abs(by('hands')) >= 5 ? [more(by('hands'), duration(Math.abs(by('hands'))), 'of hands')] : []),
    ...(Math.abs(by('cost')) >= 20
      ? [more(by('cost'), moneyText(Math.round(Math.abs(by('cost'))), currency), 'at the till')]
      : []),
    ...(['short', 'waste', 'repeats'] as const).flatMap((part) =>
      Math.abs(by(part)) >= 1
        ? [`${Math.round(Math.abs(by(part)))} ${by(part) > 0 ? 'more' : 'fewer'} ${WORDS[part]}`]
        : [],
    ),
  ];
  const own = { ...ask, weights: weightsFor(mine.goodAt, pulled) };
  const points = scoreOf(other.parts, own) - scoreOf(mine.parts, own);
  if (parts.length === 0 && Math.abs(points) < 1) return 'without it: as good';
  return `without it: ${[...parts.slice(0, 3), `${fixed(Math.abs(points), 1)} points ${points > 0 ? 'worse' : 'better'}`].join(', ')}`;
}
