import { moneyText } from '@kestrel-ridge/core/cost';
import { dayAt, listed, shortest, type Because, portionsText } from '@kestrel-ridge/core/quantity';
import type { PastDish, PastMove, PastSession, WeekThatWas } from '@kestrel-ridge/core/view';
import { dateWords, dayClockAt, duration } from '../parts/times.ts';

/** The figures of a dish that a table shows. */
export const DISH_FIGURES = [
  'before',
  'made',
  'frozen',
  'eaten',
  'given',
  'thrown',
  'used',
  'otherwise',
  'left',
] as const;
export type DishFigure = (typeof DISH_FIGURES)[number];
export const FIGURE_HEADS: Readonly<Record<DishFigure, string>> = {
  before: 'there before',
  made: 'made',
  frozen: 'frozen',
  eaten: 'eaten',
  given: 'given away',
  thrown: 'thrown away',
  used: 'into other dishes',
  otherwise: 'counted otherwise',
  left: 'still there',
};

/** To a tenth, without a sign before nothing. */
export const tenths = (portions: number): string => shortest(Math.round(portions * 10) / 10 + 0, 1);
const SOME = 0.05;
/** Is there anything to show of it? */
export const isSome = (portions: number): boolean => Math.abs(portions) >= SOME;

const PLACES: Readonly<Partial<Record<PastMove['placeKind'], string>>> = { freezer: ', freezer' };

function moveWords({ at, kind, reason, placeKind, portions }: PastMove, zone: string): string {
  const ms = Date.parse(at);
  const undone =
    kind === 'corrected' ? (reason?.startsWith('undo') === true ? 'taken back' : (reason ?? 'corrected')) : kind;
  const why = kind === 'thrown' && reason ? `, ${reason}` : '';
  const into = portions > 0 ? (PLACES[placeKind] ?? '') : '';
  return `${dateWords(dayAt(new Date(ms), zone))} · ${dayClockAt(ms, zone)}: ${undone}${why}${into}`;
}

/** A dish’s figure with the movements that it is the sum of. */
export function dishBecause(dish: PastDish, figure: DishFigure, zone: string): Because {
  const of = { rule: `${dish.name}, ${FIGURE_HEADS[figure]}`, figure: portionsText(dish[figure]) };
  if (figure === 'before') return { ...of, source: 'in boxes when these days began' };
  if (figure === 'left')
    return {
      ...of,
      parts: LEFT_FROM.filter(([part]) => isSome(dish[part])).map(([part, sign]) => ({
        rule: FIGURE_HEADS[part],
        figure: `${sign} ${tenths(dish[part])}`,
      })),
    };
  return {
    ...of,
    parts: dish.moves
      .filter((move) => move.in === figure)
      .map((move) => ({ rule: moveWords(move, zone), figure: tenths(move.portions).replace('-', '−') })),
  };
}
const LEFT_FROM = [
  ['before', '+'],
  ['made', '+'],
  ['otherwise', '+'],
  ['eaten', '−'],
  ['given', '−'],
  ['thrown', '−'],
  ['used', '−'],
] as const;

/** Minutes of hands, task by task: what took longest first. */
export const handsBecause = (
  { work, names, hands, handsPlanned }: PastSession,
  which: 'planned' | 'real',
): Because => ({
  rule: which === 'real' ? 'hands, as they were' : 'hands, as planned',
  figure: duration(which === 'real' ? hands : handsPlanned),
  parts: [...work]
    .sort((a, b) => b[which] - a[which])
    .map((each) => ({ rule: names[each.task] ?? 'something that was added', figure: duration(each[which]) })),
});

const COST_OF = {
  usedMinor: 'what went in',
  tillMinor: 'the packs it came from',
  garnishMinor: 'all its garnish',
} as const;

/** What a portion cost, dish by dish. */
export function portionBecause(
  { cookedDishes, cooked }: Pick<WeekThatWas, 'cooked' | 'cookedDishes'>,
  which: 'usedMinor' | 'tillMinor' | 'garnishMinor',
  currency: string,
): Because {
  const money = (minor: number): string => moneyText(Math.round(minor), currency);
  return {
    rule: `${COST_OF[which]} ÷ portions`,
    figure: money(cooked[which] / cooked.portions),
    ...(which === 'garnishMinor' ? { source: 'at the newest prices; it is optional, and not booked' } : {}),
    parts: cookedDishes
      .filter((dish) => which !== 'garnishMinor' || dish.garnishMinor > 0)
      .map(({ name, portions, [which]: minor }) => ({
        rule: `${name}, ${portionsText(portions)}`,
        figure: money(minor),
      })),
  };
}

/** What was paid, purchase by purchase. */
export const paidBecause = (
  { purchases, paidMinor }: Pick<WeekThatWas, 'paidMinor' | 'purchases'>,
  currency: string,
): Because => ({
  rule: 'paid in these days',
  figure: moneyText(paidMinor, currency),
  parts: purchases.map(({ name, on, minor }) => ({
    rule: `${dateWords(on)} · ${name}`,
    figure: moneyText(minor, currency),
  })),
});

/** "2 of the sealed cooker, 1 of the blender" */
export const washWords = (washes: PastSession['washes']): string =>
  washes.length === 0 ? 'none' : listed(washes.map(({ of, times }) => `${times} of the ${of}`));
