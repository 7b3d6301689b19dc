import { moneyText } from '@kestrel-ridge/core/cost';
import {
  MEALS_A_DAY,
  MEAL_NAMES,
  FED_DAYS,
  PART_WEIGHT,
  REFERENCE_DAY,
  daysFed,
  fedOf,
  varietyOf,
  weightsFor,
  type GroupFed,
  type Pulled,
  type ScoreParts,
  type SuggestedWeek,
  type WeekAsk,
} from '@kestrel-ridge/core/week';
import { LockOutlined, UnlockOutlined } from '@ant-design/icons';
import { Fragment, useState } from 'react';
import { Button } from 'antd';
import { dayAt, type Because, fixed, portionsText, counted } from '@kestrel-ridge/core/quantity';
import type { JudgedWeek, KitchenView, WeekChange } from '@kestrel-ridge/core/view';
import { dayName, duration } from '../parts/times.ts';
import { Why } from '../parts/Why.tsx';
import { weekDays } from '@kestrel-ridge/core/view';
import type { Plannable } from './usePlannable.ts';
import { inOneGoWords, repeatsWords } from './suggestWords.ts';
import { whyDish } from './whyDish.ts';
import { bandWords, daysWithinWords, fedDayPart } from './weekWords.ts';

const PART_NAMES: Readonly<Record<keyof ScoreParts, string>> = {
  short: 'portions missing',
  waste: 'goes off or is left',
  hands: 'hands',
  cost: 'at the till, in whole packs',
  repeats: 'the same again or alike, that day or the day after; one colour twice running counts a fifth',
  feeds: 'days that feed too little or too much',
  liking: 'liked or in season, less what was often',
  over: 'what cannot be',
};

/** What the figures of a week do not tell of what it breaks. */
const CANNOT: Readonly<Partial<Record<JudgedWeek['breaks'][number], string>>> = {
  'it cannot be bought in time': 'Some of it cannot be bought before the next trip.',
  'there is no room to freeze it': 'There is no room to freeze all of it.',
};

/** One suggested week: what it is good at, what is cooked and why, what is eaten when, and the parts of its score. */
export function SuggestedCard({
  title,
  view,
  ask,
  week,
  others,
  pulled,
  sessions,
  judged,
  lock,
  isLocked,
  take,
}: {
  /** All that it is best at. */
  title: string;
  view: KitchenView;
  ask: Omit<WeekAsk, 'weights'>;
  week: SuggestedWeek;
  others: readonly SuggestedWeek[];
  pulled: Pulled;
  /** How long its sessions take; undefined: not planned yet. */
  sessions: Plannable | undefined;
  lock: (recipe: string, portions: number) => void;
  isLocked: (recipe: string) => boolean;
  judged: JudgedWeek | undefined;
  take: (what: WeekChange) => Promise<void>;
}) {
  // A second click takes it no second time.
  const [taking, setTaking] = useState(false);
  const { parts, draft, eaten, goodAt } = week;
  const tried = judged?.tried;
  const { currency } = view.kitchen.equipment;
  const days = weekDays(view.today);
  const unpriced = draft.sizes.some((size, c) => size > 0 && ask.candidates[c]?.cooks?.costGuessed);
  const figure: Readonly<Record<keyof ScoreParts, string>> = {
    short: parts.short < 0.5 ? 'none' : `${Math.round(parts.short)}`,
    waste: counted(Math.round(parts.waste), 'portion'),
    hands: duration(parts.hands),
    cost: `${unpriced ? 'about ' : ''}${moneyText(Math.round(parts.cost), currency)}`,
    repeats: repeatsWords(parts.repeats),
    feeds: counted(parts.feeds, 'day'),
    liking: `${fixed(parts.liking, 1)}`,
    over: parts.over < 0.05 ? 'none' : `${fixed(parts.over, 1)}`,
  };
  const best = (part: keyof ScoreParts) =>
    others.every((other) =>
      part === 'liking' ? other.parts[part] <= parts[part] + 1e-6 : other.parts[part] >= parts[part] - 1e-6,
    );
  const fed = daysFed(ask, eaten);
  const all = fedOf(fed);
  const variety = varietyOf(
    days.map((day, d) => ({
      day,
      foods: eaten.at
        .slice(d * MEALS_A_DAY, (d + 1) * MEALS_A_DAY)
        .flat()
        .flatMap(({ candidate }) => ask.candidates[candidate]?.food ?? []),
    })),
  );
  return (
    <section className="suggested-card" aria-label={title}>
      <h2>{title}</h2>
      <dl className="suggested-figures">
        {all.of > 0 && (
          <>
            <dt>days that feed</dt>
            <dd>
              <Why because={becauseOfFed(fed)}>
                <b className={all.within < all.of * FED_DAYS ? 'number cannot' : 'number'}>
                  {all.within} of {all.of}
                </b>
              </Why>
            </dd>
          </>
        )}
        {tried && (
          <>
            <dt>hands</dt>
            <dd>
              <Why because={tried.hands.because}>
                <b className="number">{duration(tried.hands.value)}</b>
              </Why>
            </dd>
            <dt>ingredients</dt>
            <dd>
              <Why
                because={{
                  rule: 'ingredients of all dishes, from the shelf and at the newest price',
                  figure: moneyText(tried.usedMinor, currency),
                  parts: tried.because,
                }}
              >
                <b className="number">
                  {tried.unknown.length > 0 && 'at least '}
                  {moneyText(tried.usedMinor, currency)}
                </b>
              </Why>
            </dd>
          </>
        )}
        <dt>at the till, about</dt>
        <dd>
          <b className="number">{moneyText(Math.round(parts.cost), currency)}</b>
        </dd>
        {sessions?.map(({ id, startsAt, minutes }) => (
          <Fragment key={id}>
            <dt>{dayName(dayAt(new Date(startsAt), view.kitchen.equipment.zone))} session</dt>
            <dd>
              <b className="number">{duration(minutes)}</b>
            </dd>
          </Fragment>
        ))}
        <dt>different things</dt>
        <dd>
          <b className="number">{variety.different}</b>
        </dd>
        {ask.freezerLitres !== undefined && eaten.freezerLitres >= 0.5 && (
          <>
            <dt>to freeze</dt>
            <dd>
              <b className="number">
                {Math.round(eaten.freezerLitres)} of {Math.round(ask.freezerLitres)} L
              </b>
            </dd>
          </>
        )}
        {tried && tried.broken.length > 0 && (
          <>
            <dt className="cannot">meals that fall short</dt>
            <dd>
              <b className="number cannot">{tried.broken.length}</b>
            </dd>
          </>
        )}
      </dl>
      {judged?.breaks.flatMap((what) => {
        const said = CANNOT[what];
        return said === undefined
          ? []
          : [
              <p key={what} className="cannot">
                {said}
              </p>,
            ];
      })}
      <ul className="suggested-dishes">
        {(tried?.dishes ?? []).map(({ recipe, name, portions }) => {
          const c = ask.candidates.findIndex(({ cooks }) => cooks?.recipe === recipe);
          return (
            <li key={recipe}>
              <Button
                type="text"
                size="small"
                icon={isLocked(recipe) ? <LockOutlined /> : <UnlockOutlined />}
                aria-label={isLocked(recipe) ? `Let go of ${name}` : `Keep ${name}, ${portionsText(portions)}`}
                onClick={() => lock(recipe, portions)}
              />
              <span>
                <b>{name}</b> {portions}
                <small>{c < 0 ? 'planned for another session' : whyDish(week, ask, c)}</small>
              </span>
            </li>
          );
        })}
        {tried && tried.dropped.length > 0 && (
          <li>
            <span className="cannot">left out of what is planned: {tried.dropped.join(', ')}</span>
          </li>
        )}
        {eaten.cutTogether.map(({ food, candidates }) => (
          // Two sessions may each cut the same food in one go, for other dishes.
          <li key={`${food} ${candidates.join(' ')}`} className="from-boxes">
            <span>
              <small>
                cut in one go:{' '}
                {inOneGoWords(
                  food,
                  candidates.map((c) => ask.candidates[c]?.name ?? ''),
                  ask.boardMinutes ?? 0,
                )}
              </small>
            </span>
          </li>
        ))}
        {eatenFromBoxes(week, ask).map((words) => (
          <li key={words} className="from-boxes">
            <span>
              <small>from the boxes: {words}</small>
            </span>
          </li>
        ))}
      </ul>
      <table className="suggested-meals">
        <tbody>
          {days.map((day, d) => (
            <tr key={day}>
              <th scope="row">{dayName(day)}</th>
              {MEAL_NAMES.map((meal, m) => (
                <td key={meal}>{mealWords(week, ask, d * MEALS_A_DAY + m)}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      <details>
        <summary>How it is scored: {fixed(week.score, 1)} points, less is better</summary>
        <table className="suggested-score">
          <tbody>
            {(Object.keys(PART_NAMES) as (keyof ScoreParts)[]).map((part) => {
              const weight = PART_WEIGHT[part](weightsFor(goodAt, pulled));
              return (
                <tr key={part} className={best(part) ? 'best' : ''}>
                  <th scope="row">{PART_NAMES[part]}</th>
                  <td className="number">{figure[part]}</td>
                  <td className="number">× {fixed(Math.abs(weight), 2)}</td>
                  <td className="number">{fixed(weight * parts[part], 1)}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </details>
      <Button
        type="primary"
        size="large"
        disabled={!tried}
        loading={taking}
        onClick={() => {
          if (!tried) return;
          setTaking(true);
          void take(tried.change).finally(() => setTaking(false));
        }}
      >
        Take this week
      </Button>
    </section>
  );
}

/** What each day brings to each eater, with the band it should be in. */
const becauseOfFed = (fed: readonly GroupFed[]): Because => ({
  rule: 'lunch and dinner of a day within the band of who eats: energy, and protein at least',
  figure: '',
  parts: fed.map(({ names, band, days }) => ({
    rule: bandWords(names, band),
    figure: daysWithinWords(days),
    source: REFERENCE_DAY.energyKJ.source,
    parts: days.flatMap((day, n) => (day ? [fedDayPart(day, n)] : [])),
  })),
});

function mealWords({ eaten }: SuggestedWeek, { candidates, people }: Omit<WeekAsk, 'weights'>, m: number): string {
  if ((people[m] ?? 0) === 0) return '–';
  const served = eaten.at[m] ?? [];
  return served.map(({ candidate }) => candidates[candidate]?.name ?? '').join(', ') || 'open';
}

/** What stands in boxes already and is eaten. */
function eatenFromBoxes({ eaten, draft }: SuggestedWeek, { candidates }: Omit<WeekAsk, 'weights'>): readonly string[] {
  return candidates.flatMap((candidate, c) => {
    const there = candidate.frozen + candidate.cold.reduce((sum, { portions }) => sum + portions, 0);
    if (there === 0) return [];
    const ate = eaten.at
      .flat()
      .filter((each) => each.candidate === c)
      .reduce((sum, { portions }) => sum + portions, 0);
    const n = Math.round(Math.min(there, Math.max(0, ate - (draft.sizes[c] ?? 0)) || Math.min(there, ate)));
    return n > 0 ? [`${candidate.name} ${n}`] : [];
  });
}
