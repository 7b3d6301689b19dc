import type { Problem, ProblemLink, ProblemTask, ProblemUse, Resource } from '../session/index.ts';
import { seeded } from '../quantity/index.ts';

/** What an invented session is like. */
export interface SessionShape {
  readonly seed: number;
  /** Dishes are added until there are at least so many tasks. */
  readonly tasks: number;
  readonly cooks: number;
}

const HEATS = [160, 180, 200, 220];
/** Minutes of preheating and of change in invented ovens. */
const PREHEAT: Readonly<Record<number, number>> = { 160: 8, 180: 10, 200: 12, 220: 14 };

/**
 * A session that nobody has to cook: dishes of the usual kinds with minutes by chance, for tests and benchmarks.
 * The same seed gives the same session.
 * @example inventSession({ seed: 1, tasks: 30, cooks: 1 }).tasks.length // 30 or a few more
 */
export function inventSession({ seed, tasks: least, cooks }: SessionShape): Problem {
  const draft = new Draft(seed);
  while (draft.tasks.length < least) draft.oneOf(DISHES)(draft);
  return {
    format: 'kitchen-schedule/1',
    id: `invented-${cooks}-${least}-${seed}`,
    title: `${draft.dish} invented dishes`,
    cooks,
    resources: RESOURCES,
    tasks: draft.tasks,
    links: draft.links,
    uses: draft.uses,
  };
}

type Chain = readonly (readonly [
  name: string,
  minutes: number,
  attention: 'hands' | 'alone',
  wait?: number | null,
  min?: number,
])[];

/** A session that grows dish by dish. */
class Draft {
  readonly tasks: ProblemTask[] = [];
  readonly links: ProblemLink[] = [];
  readonly uses: ProblemUse[] = [];
  dish = 0;
  private readonly random: () => number;

  constructor(seed: number) {
    this.random = seeded(seed);
  }

  between(low: number, high: number): number {
    return low + Math.floor(this.random() * (high - low + 1));
  }
  oneOf<T>(from: readonly T[]): T {
    return from[Math.floor(this.random() * from.length)] as T;
  }
  happens(share: number): boolean {
    return this.random() < share;
  }

  /** Adds the tasks of a dish, each behind the one before; answers their names. */
  chain(name: string, steps: Chain): readonly string[] {
    this.dish++;
    return steps.map(([step, minutes, attention, max = null, min = 0], n) => {
      const id = `d${this.dish}t${n + 1}`;
      this.tasks.push({
        id,
        dish: `${name} ${this.dish}`,
        name: step,
        minutes,
        attention: attention === 'hands' ? 'full' : 'none',
      });
      if (n > 0) this.links.push({ from: `d${this.dish}t${n}`, to: id, min, max });
      return id;
    });
  }
  holds(resource: string, from: string | undefined, to: string | undefined, more: Partial<ProblemUse> = {}): void {
    this.uses.push({ id: `u${this.uses.length + 1}`, resource, from: from ?? '', to: to ?? '', ...more });
  }
}

/** The usual kinds of dishes, with minutes by chance. */
const DISHES: readonly ((draft: Draft) => void)[] = [
  function grainUnderPressure(d) {
    const t = d.chain('grain', [
      ['rinse and measure', d.between(2, 5), 'hands'],
      ['load and seal', d.between(1, 3), 'hands'],
      ['come up', d.between(7, 14), 'alone', 0],
      ['hold', d.between(1, 20), 'alone', 0],
      ['natural release', d.between(6, 15), 'alone', 0],
      ['vent and empty', d.between(2, 3), 'hands', 5],
      ['spread and box', d.between(3, 5), 'hands', 20],
    ]);
    d.holds('insert', t[1], t[5], { wash: d.between(4, 6), group: 'grain' });
  },
  function soupUnderPressure(d) {
    const t = d.chain('soup', [
      ['heat the insert', 3, 'alone'],
      ['brown', d.between(6, 10), 'hands', 1],
      ['load and seal', d.between(2, 3), 'hands', 2],
      ['come up', d.between(8, 14), 'alone', 0],
      ['hold', d.between(2, 30), 'alone', 0],
      ['natural release', d.between(10, 18), 'alone', 0],
      ['vent and empty', 3, 'hands', 5],
      ['taste and ladle', d.between(4, 7), 'hands', 25],
    ]);
    const chop = `d${d.dish}t0`;
    d.tasks.push({ id: chop, dish: `soup ${d.dish}`, name: 'chop', minutes: d.between(6, 12), attention: 'full' });
    d.links.push({ from: chop, to: t[1] ?? '', min: 0, max: null });
    d.holds('insert', t[0], t[6], { wash: 8 });
  },
  function tray(d) {
    const heat = d.oneOf(HEATS.slice(1));
    const t = d.chain('tray', [
      ['peel and cut', d.between(6, 14), 'hands'],
      ['oil and spread', d.between(2, 4), 'hands'],
      ['roast', d.between(15, 25), 'alone', 15],
      ['turn', 2, 'hands', 2],
      ['roast on', d.between(8, 18), 'alone', 0],
      ['take out', 1, 'hands', 1],
      ['dress and box', d.between(3, 6), 'hands', 30, 5],
    ]);
    d.holds('oven', t[2], t[5], { units: d.between(1, 2), temperature: heat });
  },
  function bake(d) {
    const t = d.chain('bake', [
      ['mix and fill the pan', d.between(5, 10), 'hands'],
      ['bake', d.between(20, 45), 'alone', 15],
      ['take out', 1, 'hands', 1],
      ['cool', d.between(10, 15), 'alone', 0],
      ['cut and box', d.between(2, 5), 'hands'],
    ]);
    d.holds('oven', t[1], t[2], { units: 1, temperature: d.oneOf(HEATS) });
  },
  function sauce(d) {
    const t = d.chain('sauce', [
      ['measure', d.between(3, 6), 'hands'],
      ['boil the kettle', 4, 'alone'],
      ['soak', d.between(5, 10), 'alone', 2],
      ['blend', d.between(2, 4), 'hands', 10],
      ['taste and pour', d.between(2, 3), 'hands', 3],
    ]);
    d.holds('kettle', t[1], t[1]);
    d.holds('jug', t[3], t[4], { wash: d.between(2, 4), ...(d.happens(0.4) ? { group: 'pale' } : {}) });
  },
  function pot(d) {
    const t = d.chain('pot', [
      ['chop', d.between(4, 9), 'hands'],
      ['sweat', d.between(5, 8), 'hands'],
      ['simmer', d.between(15, 40), 'alone', 0],
      ['season', d.between(2, 3), 'hands', 5],
      ['box', d.between(2, 4), 'hands', 30, 5],
    ]);
    d.holds('burner', t[1], t[3]);
  },
  function twoEntries(d) {
    const t = d.chain('greens', [
      ['wash and cut', d.between(4, 8), 'hands'],
      ['boil water', d.between(8, 12), 'alone'],
      ['stems in', 1, 'hands', 5],
      ['stems cook', d.between(3, 6), 'alone', 0],
      ['leaves in', 1, 'hands', 0],
      ['leaves cook', d.between(2, 4), 'alone', 0],
      ['drain', 2, 'hands', 1],
      ['press and box', d.between(3, 4), 'hands', 15],
    ]);
    d.holds('burner', t[1], t[6]);
    d.holds('strainer', t[6], t[7], { wash: 2 });
  },
  function cold(d) {
    d.chain('salad', [
      ['wash', d.between(2, 4), 'hands'],
      ['cut', d.between(5, 10), 'hands'],
      ['salt and wait', d.between(10, 20), 'alone', 10],
      ['dress and box', d.between(2, 4), 'hands', 20],
    ]);
  },
];

const CHANGE = Object.fromEntries(
  HEATS.map((from) => [
    from,
    Object.fromEntries(
      HEATS.filter((to) => to !== from).map((to) => [to, to > from ? (to - from) / 10 : (from - to) / 5]),
    ),
  ]),
);
const RESOURCES: readonly Resource[] = [
  { id: 'insert', kind: 'vessel' },
  { id: 'jug', kind: 'vessel' },
  { id: 'strainer', kind: 'vessel' },
  { id: 'kettle', kind: 'shared', units: 1 },
  { id: 'burner', kind: 'shared', units: 3 },
  { id: 'oven', kind: 'oven', units: 3, preheat: { ...PREHEAT }, change: CHANGE },
];
