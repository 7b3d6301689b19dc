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
import { withoutWords } from './withoutWords.ts';

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

function differenceWords(
  mine: SuggestedWeek,
  other: SuggestedWeek,
  { ask }: Found,
  pulled: Pulled,
  currency: string,
): string {
  const by = (part: keyof ScoreParts) => other.parts[part] - mine.parts[part];
  const own = { ...ask, weights: weightsFor(mine.goodAt, pulled) };
  return withoutWords(
    {
      hands: by('hands'),
      cost: by('cost'),
      short: by('short'),
      waste: by('waste'),
      repeats: by('repeats'),
      points: scoreOf(other.parts, own) - scoreOf(mine.parts, own),
    },
    { minutes: duration, money: (minor) => moneyText(minor, currency) },
  );
}
