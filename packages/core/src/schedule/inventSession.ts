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
  const random = seeded(seed);
  const between = (low: number, high: number) => low + Math.floor(random() * (high - low + 1));
  const oneOf = <T>(from: readonly T[]): T => from[Math.floor(random() * from.length)] as T;
  const tasks: ProblemTask[] = [];
  const links: ProblemLink[] = [];
  const uses: ProblemUse[] = [];
  let dish = 0;

  /** Adds the tasks of a dish, each behind the one before; answers their names. */
  const chain = (
    name: string,
    steps: readonly (readonly [
      name: string,
      minutes: number,
      attention: 'hands' | 'alone',
      wait?: number | null,
      min?: number,
    ])[],
  ): readonly string[] => {
    dish++;
    return steps.map(([step, minutes, attention, max = null, min = 0], n) => {
      const id = `d${dish}t${n + 1}`;
      tasks.push({
        id,
        dish: `${name} ${dish}`,
        name: step,
        minutes,
        attention: attention === 'hands' ? 'full' : 'none',
      });
      if (n > 0) links.push({ from: `d${dish}t${n}`, to: id, min, max });
      return id;
    });
  };
  const holds = (resource: string, from: string | undefined, to: string | undefined, more: Partial<ProblemUse> = {}) =>
    uses.push({ id: `u${uses.length + 1}`, resource, from: from ?? '', to: to ?? '', ...more });

  const dishes: readonly (() => void)[] = [
    function grainUnderPressure() {
      const t = chain('grain', [
        ['rinse and measure', between(2, 5), 'hands'],
        ['load and seal', between(1, 3), 'hands'],
        ['come up', between(7, 14), 'alone', 0],
        ['hold', between(1, 20), 'alone', 0],
        ['natural release', between(6, 15), 'alone', 0],
        ['vent and empty', between(2, 3), 'hands', 5],
        ['spread and box', between(3, 5), 'hands', 20],
      ]);
      holds('insert', t[1], t[5], { wash: between(4, 6), group: 'grain' });
    },
    function soupUnderPressure() {
      const t = chain('soup', [
        ['heat the insert', 3, 'alone'],
        ['brown', between(6, 10), 'hands', 1],
        ['load and seal', between(2, 3), 'hands', 2],
        ['come up', between(8, 14), 'alone', 0],
        ['hold', between(2, 30), 'alone', 0],
        ['natural release', between(10, 18), 'alone', 0],
        ['vent and empty', 3, 'hands', 5],
        ['taste and ladle', between(4, 7), 'hands', 25],
      ]);
      const chop = `d${dish}t0`;
      tasks.push({ id: chop, dish: `soup ${dish}`, name: 'chop', minutes: between(6, 12), attention: 'full' });
      links.push({ from: chop, to: t[1] ?? '', min: 0, max: null });
      holds('insert', t[0], t[6], { wash: 8 });
    },
    function tray() {
      const heat = oneOf(HEATS.slice(1));
      const t = chain('tray', [
        ['peel and cut', between(6, 14), 'hands'],
        ['oil and spread', between(2, 4), 'hands'],
        ['roast', between(15, 25), 'alone', 15],
        ['turn', 2, 'hands', 2],
        ['roast on', between(8, 18), 'alone', 0],
        ['take out', 1, 'hands', 1],
        ['dress and box', between(3, 6), 'hands', 30, 5],
      ]);
      holds('oven', t[2], t[5], { units: between(1, 2), temperature: heat });
    },
    function bake() {
      const t = chain('bake', [
        ['mix and fill the pan', between(5, 10), 'hands'],
        ['bake', between(20, 45), 'alone', 15],
        ['take out', 1, 'hands', 1],
        ['cool', between(10, 15), 'alone', 0],
        ['cut and box', between(2, 5), 'hands'],
      ]);
      holds('oven', t[1], t[2], { units: 1, temperature: oneOf(HEATS) });
    },
    function sauce() {
      const t = chain('sauce', [
        ['measure', between(3, 6), 'hands'],
        ['boil the kettle', 4, 'alone'],
        ['soak', between(5, 10), 'alone', 2],
        ['blend', between(2, 4), 'hands', 10],
        ['taste and pour', between(2, 3), 'hands', 3],
      ]);
      holds('kettle', t[1], t[1]);
      holds('jug', t[3], t[4], { wash: between(2, 4), ...(random() < 0.4 ? { group: 'pale' } : {}) });
    },
    function pot() {
      const t = chain('pot', [
        ['chop', between(4, 9), 'hands'],
        ['sweat', between(5, 8), 'hands'],
        ['simmer', between(15, 40), 'alone', 0],
        ['season', between(2, 3), 'hands', 5],
        ['box', between(2, 4), 'hands', 30, 5],
      ]);
      holds('burner', t[1], t[3]);
    },
    function twoEntries() {
      const t = chain('greens', [
        ['wash and cut', between(4, 8), 'hands'],
        ['boil water', between(8, 12), 'alone'],
        ['stems in', 1, 'hands', 5],
        ['stems cook', between(3, 6), 'alone', 0],
        ['leaves in', 1, 'hands', 0],
        ['leaves cook', between(2, 4), 'alone', 0],
        ['drain', 2, 'hands', 1],
        ['press and box', between(3, 4), 'hands', 15],
      ]);
      holds('burner', t[1], t[6]);
      holds('strainer', t[6], t[7], { wash: 2 });
    },
    function cold() {
      chain('salad', [
        ['wash', between(2, 4), 'hands'],
        ['cut', between(5, 10), 'hands'],
        ['salt and wait', between(10, 20), 'alone', 10],
        ['dress and box', between(2, 4), 'hands', 20],
      ]);
    },
  ];
  while (tasks.length < least) oneOf(dishes)();

  const change = Object.fromEntries(
    HEATS.map((from) => [
      from,
      Object.fromEntries(
        HEATS.filter((to) => to !== from).map((to) => [to, to > from ? (to - from) / 10 : (from - to) / 5]),
      ),
    ]),
  );
  const resources: Resource[] = [
    { id: 'insert', kind: 'vessel' },
    { id: 'jug', kind: 'vessel' },
    { id: 'strainer', kind: 'vessel' },
    { id: 'kettle', kind: 'shared', units: 1 },
    { id: 'burner', kind: 'shared', units: 3 },
    { id: 'oven', kind: 'oven', units: 3, preheat: { ...PREHEAT }, change },
  ];
  return {
    format: 'kitchen-schedule/1',
    id: `invented-${cooks}-${least}-${seed}`,
    title: `${dish} invented dishes`,
    cooks,
    resources,
    tasks,
    links,
    uses,
  };
}
