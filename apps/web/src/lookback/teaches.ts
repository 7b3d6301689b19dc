import type { LearnedState } from '@kestrel-ridge/core/formats';
import { CLAIMED_FROM } from '@kestrel-ridge/core/learn';
import { learnedFor, type KitchenView } from '@kestrel-ridge/core/view';

/** Something that this kitchen's own records say otherwise than the book. */
export interface Teaching {
  readonly what: string;
  readonly book: string;
  readonly here: string;
  readonly value: number;
  readonly likely: string;
  readonly n: number;
  /** How it is used, and the page where that is said otherwise. */
  readonly used: string;
  readonly to: string;
}

/** What is nearer to the book than this is the book's. */
const SAME = 0.02;

interface Figure {
  readonly n: number;
  readonly least: number;
  readonly most: number;
}
const times = (value: number): string => `${value.toFixed(2)} times`;

/** All that is learned and claimed, the surest first; and how much more is seen, but too seldom yet. */
export function teachings(
  view: KitchenView,
  learned: LearnedState | undefined,
): { readonly claimed: readonly Teaching[]; readonly seldom: number } {
  const { own = {} } = view.kitchen.equipment;
  const row = (
    what: string,
    book: string,
    value: number,
    said: Figure,
    unit: (value: number) => string,
    used: string,
    to: string,
  ): Teaching => ({
    what,
    book,
    here: unit(value),
    value,
    likely: `${said.least.toFixed(2)} to ${said.most.toFixed(2)}`,
    n: said.n,
    used,
    to,
  });
  const cooker = (['comeUpTimes', 'releaseTimes'] as const).flatMap((key) => {
    const figure = learned?.[key];
    const what = key === 'comeUpTimes' ? 'Minutes of the sealed cooker to come up' : 'Minutes of its natural release';
    const used = own[key] ? `plans go by ${times(own[key].value)}` : 'not used before you say so';
    return figure ? [row(what, 'as heat alone says', figure.value, figure, times, used, '/kitchen')] : [];
  });
  const hands = [
    ...(learned?.hands.all ? [['Minutes of hands', learned.hands.all] as const] : []),
    ...Object.entries(learned?.hands.byCook ?? {}).map(
      ([cook, figure]) => [`Minutes of ${cook}’s hands`, figure] as const,
    ),
  ].map(([what, figure]) =>
    row(what, 'as the recipes say', figure.value, figure, times, 'told, not used in plans', '/recipes'),
  );
  const ovens = Object.entries(learned?.ovens ?? {}).flatMap(([oven, { up, down }]) =>
    (
      [
        ['hotter', up],
        ['cooler', down],
      ] as const
    ).flatMap(([way, figure]) =>
      figure
        ? [
            row(
              `10 °C ${way}, ${oven}`,
              'as its settings say',
              figure.value,
              figure,
              (value) => `${value.toFixed(1)} min`,
              'not used before you say so',
              '/kitchen',
            ),
          ]
        : [],
    ),
  );
  const appetites = view.week.plates.flatMap(({ eater, food }) => {
    const name = view.week.eaters.find(({ id }) => id === eater)?.name;
    const dish = view.foods.get(food)?.name;
    if (!name || !dish) return [];
    const told = learnedFor(view, eater, food);
    return [row(`${name}’s helping of ${dish}`, '1 portion', told.times, told, times, 'used at once', '/week/eaters')];
  });
  const byBook = [...cooker, ...hands, ...appetites].filter(
    ({ n, value }) => n < CLAIMED_FROM || Math.abs(value - 1) >= SAME,
  );
  const all = [...byBook, ...ovens];
  const claimed = all.filter(({ n }) => n >= CLAIMED_FROM);
  return {
    claimed: claimed.sort((a, b) => b.n - a.n || a.what.localeCompare(b.what)),
    seldom: all.filter(({ n }) => n > 0 && n < CLAIMED_FROM).length,
  };
}
