import { fixed, mass, shortest, show } from '@kestrel-ridge/core/quantity';
import { ovenName, rackName } from '@kestrel-ridge/core/kitchen';
import { FIGURES } from '@kestrel-ridge/core/food';
import type { LearnedState } from '@kestrel-ridge/core/formats';
import {
  CLAIMED_FROM,
  canGoBy,
  foodFigureOf,
  goneBy,
  rackOf,
  stepOf,
  type CookerLine,
  type FigureKey,
  type FigureKind,
  type LearnedAppetite,
  type LearnedFigure,
} from '@kestrel-ridge/core/learn';
import { learnedFor, mealsApart, type Change, type KitchenView } from '@kestrel-ridge/core/view';
import { gramsText } from '../parts/gramsText.ts';

/** Something that this kitchen's own records say otherwise than the book. */
export interface Teaching {
  readonly what: string;
  readonly book: string;
  readonly here: string;
  readonly likely: string;
  readonly n: number;
  /** What it is used for. */
  readonly used: string;
  /** The page where it is said otherwise. */
  readonly to: string;
  /** What runs taught, with all that it rests on; undefined: plates did. */
  readonly figure?: LearnedFigure;
}

/** What is nearer to the book than this is the book's; and what is a little further off, while the book may well be right. */
const SAME = 0.02;
const NEARLY_SAME = 0.06;
/** Minutes that make a difference to a plan. */
const SOME = 0.5;
const isTheBooks = (value: number, { least, most }: { readonly least: number; readonly most: number }): boolean =>
  Math.abs(value - 1) < SAME || (Math.abs(value - 1) < NEARLY_SAME && least <= 1 && most >= 1);

const times = (value: number): string => `${fixed(value, 2)} times`;

/** "1.05 times and 2 min more" */
export function lineWords({
  value,
  plusMinutes = 0,
}: {
  readonly value: number;
  readonly plusMinutes?: number;
}): string {
  const plus = Math.round(plusMinutes);
  return plus === 0 ? times(value) : `${times(value)} and ${Math.abs(plus)} min ${plus > 0 ? 'more' : 'less'}`;
}

/** Of the smallest and the largest load: "12 min instead of 10, 34 instead of 30" */
export const loadsWords = ({ loads }: CookerLine): string =>
  loads
    .map(({ bookMinutes, least, most }, n) => {
      const [from, to] = [Math.round(least), Math.round(most)];
      return `${from === to ? from : `${from} to ${to}`}${n === 0 ? ' min' : ''} instead of ${Math.round(bookMinutes)}`;
    })
    .join(', ');

/** All that is learned and claimed: what plans can go by first, and the surest first; and how much more is seen, but too seldom yet. */
export function teachings(
  view: KitchenView,
  learned: LearnedState | undefined,
): { readonly claimed: readonly Teaching[]; readonly seldom: number } {
  const byRuns = (learned?.figures ?? []).flatMap((figure) => {
    const words = figureWords(view, figure.key);
    return words === undefined ? [] : [teachingOf(view, figure, words)];
  });
  const byPlates = helpings(view);
  const hands = learned?.figures.find(({ key }) => key.kind === 'hands')?.value ?? 1;
  const all = [...byRuns.filter(({ figure }) => figure && isWorthTelling(view, figure, hands)), ...byPlates];
  return {
    claimed: all
      .filter(({ n, figure }) => n >= CLAIMED_FROM || (figure && hasWord(figure)))
      .sort((a, b) => usableFirst(a) - usableFirst(b) || b.n - a.n || a.what.localeCompare(b.what)),
    seldom: all.filter(({ n, figure }) => n > 0 && n < CLAIMED_FROM && !(figure && hasWord(figure))).length,
  };
}

/** What somebody’s plates say of how much they take, over all meals and at one that is apart from the others. */
function helpings(view: KitchenView): readonly Teaching[] {
  const pairs = new Map(view.week.plates.map(({ eater, food }) => [`${eater} ${food}`, { eater, food }]));
  return [...pairs.values()].flatMap(({ eater, food }): readonly Teaching[] => {
    const name = view.week.eaters.find(({ id }) => id === eater)?.name;
    const dish = view.foods.get(food)?.name;
    if (!name || !dish) return [];
    const helping = (what: string, { times: taken, least, most, n }: LearnedAppetite): Teaching => ({
      what,
      book: '1 portion',
      here: times(taken),
      likely: `${fixed(least, 2)} to ${fixed(most, 2)}`,
      n,
      used: 'used at once',
      to: '/week/eaters',
    });
    const told = learnedFor(view, eater, food);
    const of = `${name}’s helping of ${dish}`;
    return [
      ...(told.n >= CLAIMED_FROM && isTheBooks(told.times, told) ? [] : [helping(of, told)]),
      ...mealsApart(view, eater, food).map(({ meal, learned }) => helping(`${of} at ${meal}`, learned)),
    ];
  });
}

/** What plans can go by comes first. */
const usableFirst = ({ figure }: Teaching): number => (figure && canGoBy(figure.key) ? 0 : 1);

/** Somebody has said something of it, or some of it is too far off: it is told, however seldom it was seen. */
const hasWord = ({ seen, setAside }: LearnedFigure): boolean =>
  setAside > 0 || seen.some(({ takenOut }) => takenOut !== undefined);

/** `hands`: how all hands here stand to the book; a cut that takes as much longer as all work does tells nothing. */
function isWorthTelling(view: KitchenView, figure: LearnedFigure, hands = 1): boolean {
  const { kind } = figure.key;
  if (figure.n < CLAIMED_FROM || hasWord(figure) || kind === 'hotter' || kind === 'cooler') return true;
  if (goneBy(view.kitchen.equipment, figure.key, view.foods).own) return true;
  if (kind === 'cut') return figure.least > hands || figure.most < hands;
  // Of a step the book is right while its minutes are.
  const book = figure.seen[0]?.book ?? 0;
  if (kind === 'step' && Math.round(book * figure.value) === Math.round(book)) return false;
  // Of a cooker's line: the book may be right for all loads together, and wrong for a small one.
  if (
    figure.line?.loads.some(({ bookMinutes, least, most }) => bookMinutes < least - SOME || bookMinutes > most + SOME)
  )
    return true;
  return !isTheBooks(figure.value, figure);
}

/** By what a figure is reckoned without this kitchen's own word. */
const BOOK_SAYS: Readonly<Partial<Record<FigureKind, string>>> = {
  'come up': 'as heat alone says',
  release: 'as heat alone says',
  yield: 'as calculated',
  rack: 'as on the others',
};

function teachingOf(view: KitchenView, figure: LearnedFigure, what: string): Teaching {
  const { key, value, least, most, n } = figure;
  const now = goneBy(view.kitchen.equipment, key, view.foods);
  const base = { what, n, figure };
  if (key.kind === 'hotter' || key.kind === 'cooler')
    return {
      ...base,
      book: `${fixed(now.value, 1)} min`,
      here: `${fixed(value, 1)} min`,
      likely: `${fixed(least, 1)} to ${fixed(most, 1)} min`,
      used: now.own ? 'plans go by the oven’s own' : 'plans go by the usual',
      to: '/kitchen',
    };
  const book = figure.seen[0]?.book;
  if ((key.kind === 'food' || key.kind === 'pot loss') && book !== undefined) {
    const said = (value: number): string => {
      const { n: digits, unit } = readWords(key, value);
      return `${digits} ${unit}`;
    };
    return {
      ...base,
      book: said(book),
      here: said(book * value),
      likely: `${readWords(key, book * least).n} to ${said(book * most)}`,
      used: now.own ? `reckoned with ${said(now.value)}` : 'reckoned by the book',
      to: key.kind === 'food' ? `/foods/${foodFigureOf(key)?.food ?? ''}` : '/kitchen',
    };
  }
  if (key.kind === 'step' && book !== undefined)
    return {
      ...base,
      book: `${Math.round(book)} min`,
      here: `${Math.round(book * value)} min`,
      likely: `${Math.round(book * least)} to ${Math.round(book * most)} min`,
      used: 'told in the recipe',
      to: `/recipes/${key.of.split('/')[0] ?? ''}`,
    };
  return {
    ...base,
    book: BOOK_SAYS[key.kind] ?? 'as recipes say',
    here: figure.line ? lineWords({ value: figure.line.times, plusMinutes: figure.line.plusMinutes }) : times(value),
    likely: figure.line ? loadsWords(figure.line) : `${fixed(least, 2)} to ${fixed(most, 2)}`,
    used:
      key.kind === 'cook'
        ? 'told, not planned with'
        : now.own
          ? `plans go by ${lineWords(now)}`
          : 'plans go by the book',
    to: key.kind === 'yield' ? `/recipes/${recipeOf(view, key.of)?.id ?? ''}` : '/kitchen',
  };
}

const recipeOf = (view: KitchenView, dish: string) =>
  view.recipes.find(({ document }) => document.component.id === dish);

/** Of a recipe's steps, those that take otherwise here than it says: "here 1.12 times as long, likely 1.05 to 1.18, seen 3 times", by their id. */
export function stepsHere(
  view: KitchenView,
  learned: LearnedState | undefined,
  recipe: string,
): ReadonlyMap<string, string> {
  return new Map(
    (learned?.figures ?? []).flatMap((figure): readonly (readonly [string, string])[] => {
      const { key, n } = figure;
      const [of, step] = key.of.split('/');
      if (key.kind !== 'step' || of !== recipe || step === undefined || n < CLAIMED_FROM) return [];
      if (!isWorthTelling(view, figure)) return [];
      // In times: at another size the minutes are others.
      const { value, least, most } = figure;
      return [[step, `here ${times(value)} as long, likely ${fixed(least, 2)} to ${fixed(most, 2)}, seen ${n} times`]];
    }),
  );
}

/** What a figure is called; undefined where what it is of is not there any more. */
export function figureWords(view: KitchenView, { kind, of }: FigureKey): string | undefined {
  switch (kind) {
    case 'come up':
      return 'The sealed cooker comes up in';
    case 'release':
      return 'The sealed cooker releases in';
    case 'hands':
      return 'Work of all hands takes';
    case 'cook':
      return `Work of ${of}’s hands takes`;
    case 'cut':
      return `“${of}” takes`;
    case 'yield': {
      const dish = recipeOf(view, of)?.document.component.name;
      return dish && `Cooked weight of ${dish}`;
    }
    case 'food': {
      const said = foodFigureOf({ kind, of });
      const food = said && view.foods.get(said.food)?.name;
      return food && `${food}: ${FIGURES.find(({ name }) => name === said.figure)?.says ?? ''}`;
    }
    case 'pot loss':
      return `Steam of a load, ${of}`;
    case 'hotter':
      return `10 °C hotter, ${of}`;
    case 'cooler':
      return `10 °C cooler, ${of}`;
    case 'oven':
      return `What is in the ${of} takes`;
    case 'rack': {
      const { oven, rack } = rackOf(of);
      const its = view.kitchen.equipment.ovens.find((_, n) => ovenName(n) === oven);
      return its && rack <= its.racks
        ? `On the ${rackName(rack, its.racks)} rack of the ${oven}, things take`
        : undefined;
    }
    case 'step': {
      for (const { id, document } of view.recipes)
        for (const step of document.steps)
          if (stepOf(id, step.id) === of) return `${step.name}, ${document.component.name}`;
      return undefined;
    }
    default:
      return kind satisfies never;
  }
}

/** A figure that is read off a scale, as it is said: "54 %", "2.4 g", "184 g". As many digits as a kitchen scale tells. */
function readWords(key: FigureKey, value: number): { readonly n: string; readonly unit: string } {
  const digits = (n: number): string => shortest(Number(n.toPrecision(n >= 100 ? 3 : 2)), 3);
  if (key.kind === 'pot loss') return { n: digits(value), unit: 'mL' };
  const unit = FIGURES.find(({ name }) => name === foodFigureOf(key)?.figure)?.unit ?? '';
  return unit === 'of 1' ? { n: digits(value * 100), unit: '%' } : { n: digits(value), unit };
}

/** "14 min, 2 longer than the book"; of a weighing "1,840 g, 160 g less than calculated" */
export function sightingWords({ figure, real, book, bound }: LearnedFigure['seen'][number]): string {
  if (figure.kind === 'food' || figure.kind === 'pot loss')
    return `${readWords(figure, real).n} ${readWords(figure, real).unit}, the book says ${readWords(figure, book).n}`;
  const off = Math.round(real - book);
  if (figure.kind === 'yield')
    return `${gramsText(real)}, ${off === 0 ? 'as' : `${gramsText(Math.abs(off))} ${off > 0 ? 'more' : 'less'} than`} calculated`;
  const took = `${bound === 'at most' ? 'at most ' : bound === 'at least' ? 'at least ' : ''}${Math.round(real)} min`;
  if (off === 0) return `${took}, as the book says`;
  return `${took}, ${Math.abs(off)} ${off > 0 ? 'longer' : 'less'} than the book`;
}

/** What plans going by a figure would change: "The next session’s tasks would together be 12 min shorter.", "A portion would be 184 g instead of 200 g." */
export function changeWords(change: Change | undefined): string | undefined {
  if (change === undefined) return undefined;
  if (change.of === 'portion') {
    const [from, to] = [Math.round(change.fromG), Math.round(change.toG)];
    return from === to
      ? 'A portion stays as it is.'
      : `A portion would be ${gramsText(to)} instead of ${gramsText(from)}.`;
  }
  if (change.of === 'bought')
    return `${show(mass(change.readyG))}, ready to cook, would take ${show(mass(change.toG))} bought instead of ${show(mass(change.fromG))}.`;
  const whole = Math.round(change.minutes);
  if (whole === 0) return 'The next session stays as it is.';
  return `The next session’s tasks would together be ${Math.abs(whole)} min ${whole > 0 ? 'longer' : 'shorter'}.`;
}
