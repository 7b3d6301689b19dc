import { THIS_KITCHEN } from '../food/index.ts';
import { seeded } from '../quantity/index.ts';
import { STARTING_EQUIPMENT, byOwnLine } from '../kitchen/index.ts';
import {
  asOwn,
  figuresOf,
  foodFigure,
  foodFigureOf,
  goingBy,
  isGoneBy,
  sightingsOfReadings,
  type FigureKey,
  type FigureKind,
  type LearnSaid,
  type Reading,
  type Sighting,
} from './index.ts';

const seen = (figure: FigureKey, value: number, at: number, more: Partial<Sighting> = {}): Sighting => ({
  figure,
  run: `r${at}`,
  task: 't',
  at,
  value,
  real: value * 10,
  book: 10,
  what: 'Bake',
  ...more,
});
const HANDS: FigureKey = { kind: 'hands', of: '' };
const OVEN: FigureKey = { kind: 'oven', of: 'oven' };
const figure = (sightings: readonly Sighting[], key: FigureKey, said: readonly LearnSaid[] = []) =>
  figuresOf(sightings, said).find(({ key: its }) => its.kind === key.kind && its.of === key.of);

const four = [1.2, 1.2, 1.2, 2].map((value, n) => seen(HANDS, value, n + 1));
const outOf = (run: string): LearnSaid => ({
  kind: 'taken out',
  id: 'x',
  figure: HANDS,
  run,
  task: 't',
  reason: 'the dog came in',
  at: 9,
});

test('a sighting that is said to be wrong is seen with the reason, and counts no more; taken back, it does', () => {
  const with4 = figure(four, HANDS);
  const without = figure(four, HANDS, [outOf('r4')]);
  expect(without?.value).toBe(figure(four.slice(0, 3), HANDS)?.value);
  expect(without?.n).toBe(3);
  expect(without?.seen.map(({ run, takenOut }) => [run, takenOut])).toEqual([
    ['r4', 'the dog came in'],
    ['r3', undefined],
    ['r2', undefined],
    ['r1', undefined],
  ]);
  expect(with4?.n).toBe(4);
  // What is said of another figure, or of another run, is said of that.
  expect(figure(four, HANDS, [{ ...outOf('r4'), figure: OVEN }])?.n).toBe(4);
});

test('set back, a figure begins anew; with nothing seen since it is the book’s and is not told', () => {
  const back: LearnSaid = { kind: 'set back', id: 'y', figure: HANDS, at: 2 };
  const anew = figure(four, HANDS, [back]);
  expect([anew?.n, anew?.setAside, anew?.value]).toEqual([2, 2, figure(four.slice(2), HANDS)?.value]);
  const all: LearnSaid = { kind: 'set back', id: 'z', figure: null, at: 10 };
  expect(figuresOf([...four, seen(OVEN, 1.1, 3)], [all]).map(({ n, setAside }) => [n, setAside])).toEqual([
    [0, 4],
    [0, 1],
  ]);
});

test('in an oven a recipe is one voice however often it is baked, and one whose own time is wrong moves the oven by less than a hundredth', () => {
  const random = seeded(7);
  const bakes = (voice: string, times: number, own: number) =>
    Array.from({ length: times }, (_, n) =>
      seen(OVEN, 1.06 * own * (0.98 + 0.04 * random()), n + 1, { voice, run: `${voice} ${n}` }),
    );
  const sound = ['a', 'b', 'c', 'd', 'e', 'f', 'g', 'h'].flatMap((voice, n) =>
    bakes(voice, 2 + (n % 4), 0.99 + 0.01 * (n % 3)),
  );
  const before = figure(sound, OVEN);
  const after = figure([...sound, ...bakes('wrong', 12, 1.5)], OVEN);
  expect(before?.n).toBe(8);
  expect(Math.abs((after?.value ?? 0) / (before?.value ?? 1) - 1)).toBeLessThan(0.01);
  expect(after?.seen.filter(({ far }) => far)).toHaveLength(12);
});

test('what was only ever found done when the clock rang is claimed by nobody, however often', () => {
  const bounds = Array.from({ length: 9 }, (_, n) =>
    seen({ kind: 'step', of: 'kale/sweat' }, 1, n, { bound: 'at most' }),
  );
  expect(figure(bounds, { kind: 'step', of: 'kale/sweat' })?.n).toBe(0);
  const looked = [1.1, 1.12, 1.08].map((value, n) => seen({ kind: 'step', of: 'kale/sweat' }, value, 20 + n));
  expect(figure([...bounds, ...looked], { kind: 'step', of: 'kale/sweat' })?.n).toBe(3);
});

test('a cook who was seen once is nearly as quick as the household; who was seen often is as quick as seen', () => {
  const household = Array.from({ length: 40 }, (_, n) => seen(HANDS, 0.8, n));
  const cook = (times: number) => Array.from({ length: times }, (_, n) => seen({ kind: 'cook', of: 'Teo' }, 0.6, n));
  const once = figure([...household, ...cook(1)], { kind: 'cook', of: 'Teo' })?.value ?? 0;
  const often = figure([...household, ...cook(60)], { kind: 'cook', of: 'Teo' })?.value ?? 0;
  // By hand: the household is (6 + 40 × 0.8) ÷ 46 = 0.83; (6 × 0.83 + 0.6) ÷ 7 = 0.80; (6 × 0.83 + 60 × 0.6) ÷ 66 = 0.62.
  expect([once, often]).toEqual([0.8, 0.62]);
});

const KITCHENS = 200;
const SPREADS: readonly (readonly [FigureKind, number, number])[] = [
  ['come up', 2, 0.15],
  ['release', 2, 0.15],
  ['hands', 6, 0.35],
  ['cook', 6, 0.35],
  ['oven', 2, 0.06],
  ['step', 2, 0.12],
  ['cut', 3, 0.25],
  ['yield', 2, 0.05],
  ['food', 2, 0.08],
  ['pot loss', 1, 0.35],
  ['hotter', 0, 0.3],
];
test.each(SPREADS)(
  'planted figures are found: of %s, four fifths of the intervals hold the truth',
  (kind, weighs, noise) => {
    const random = seeded(kind.length * 31 + 5);
    const normal = () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
    let held = 0;
    const widths = { few: 0, many: 0 };
    for (let kitchen = 0; kitchen < KITCHENS; kitchen++) {
      const truth = weighs === 0 ? 2 + random() : 1 + (noise / Math.sqrt(weighs)) * normal();
      const key: FigureKey = { kind, of: kind === 'hands' ? '' : 'it' };
      const all = (times: number) =>
        Array.from({ length: times }, (_, n) =>
          seen(key, truth + noise * normal(), n, kind === 'oven' ? { voice: `${n}` } : {}),
        );
      const few = figure(all(5), key);
      const many = figure(all(80), key);
      if (few && few.least <= truth && truth <= few.most) held += 1;
      widths.few += (few?.most ?? 0) - (few?.least ?? 0);
      widths.many += (many?.most ?? 0) - (many?.least ?? 0);
    }
    expect(held / KITCHENS).toBeGreaterThanOrEqual(0.75);
    expect(held / KITCHENS).toBeLessThanOrEqual(0.86);
    // One over the root of n, with what the book weighs.
    const expected = Math.sqrt((5 + weighs) / (80 + weighs));
    expect(widths.many / widths.few / expected).toBeGreaterThan(0.8);
    expect(widths.many / widths.few / expected).toBeLessThan(1.2);
  },
);

test('of three loads on the sealed cooker has a line: what is the same for all of them comes on top, and plans go by both', () => {
  const UP: FigureKey = { kind: 'come up', of: '' };
  const loads = (books: readonly number[]) =>
    books.map((book, n) => {
      const real = 4 + 1.1 * book;
      return seen(UP, real / book, n + 1, { real, book });
    });
  expect(figure(loads([10, 30]), UP)?.line).toBeUndefined();
  const told = figure(loads([10, 12, 15, 18, 22, 26, 30, 34, 38]), UP);
  if (!told?.line) throw new Error('no line');
  const { times, plusMinutes, loads: ends } = told.line;
  expect(ends.map(({ bookMinutes }) => bookMinutes)).toEqual([10, 38]);
  for (const { bookMinutes, minutes } of ends) expect(Math.abs(minutes - 4 - 1.1 * bookMinutes)).toBeLessThan(0.5);
  const equipment = goingBy(STARTING_EQUIPMENT, UP, asOwn(told));
  expect(byOwnLine(50, equipment.own?.comeUpTimes)).toBeCloseTo(times * 50 + plusMinutes, 9);
  expect(isGoneBy(equipment, UP, asOwn(told))).toBe(true);
  expect(isGoneBy(goingBy(equipment, UP, undefined), UP, asOwn(told))).toBe(false);
});

describe('what is read off a scale', () => {
  const UPTAKE = foodFigure('millet', 'uptake');
  const reading = (n: number, real: number, book: number, figure: Reading['figure'] = UPTAKE): Reading => ({
    id: `${n}`,
    figure,
    real,
    book,
    what: 'millet',
    at: n,
  });

  test('is told in its own unit, from the newest word of the book', () => {
    const told = figure(sightingsOfReadings([2.2, 2.2, 2.2].map((real, n) => reading(n, real, 2))), UPTAKE);
    // By hand: (2 × 1 + 3 × 1.1) ÷ 5 = 1.06.
    expect([told?.value, told?.n, told && asOwn(told).value]).toEqual([1.06, 3, 2.12]);
    const loss: Reading['figure'] = { kind: 'pot loss', of: 'hob' };
    const steam = figure(sightingsOfReadings([80, 70, 90].map((real, n) => reading(n, real, 40, loss))), loss);
    // By hand: (1 + 2 + 1.75 + 2.25) ÷ 4 = 1.75.
    expect(steam && asOwn(steam).value).toBe(70);
  });

  test('what no scale can show is left out: the pot was weighed with it, or it is another food', () =>
    expect(sightingsOfReadings([reading(1, 9, 2), reading(2, 0.2, 2), reading(3, 2, 2)]).map(({ run }) => run)).toEqual(
      ['3'],
    ));

  test('a pot’s own loss stands with the kitchen, a food’s with the food; by the book again there is none', () => {
    const key: FigureKey = { kind: 'pot loss', of: 'hob' };
    const own = { value: 70, source: 'this kitchen, 3 pots' };
    const { own: _none, ...bare } = STARTING_EQUIPMENT;
    const gone = goingBy(bare, key, own);
    expect(gone.own?.grainLossMl).toEqual({ hob: own });
    expect([isGoneBy(gone, key, own), isGoneBy(bare, key, own)]).toEqual([true, false]);
    expect(goingBy(gone, key, undefined)).toEqual({ ...bare, own: {} });
    expect(goingBy(bare, UPTAKE, own)).toBe(bare);
    const foods = (source: string) => new Map([['millet', { facts: { uptake: { value: 2.12, source } } as never }]]);
    expect(isGoneBy(bare, UPTAKE, { value: 2.12, source: '' }, foods(THIS_KITCHEN))).toBe(true);
    // The same figure of the book is no own one.
    expect(isGoneBy(bare, UPTAKE, { value: 2.12, source: '' }, foods('a table'))).toBe(false);
    expect(foodFigureOf(key)).toBeUndefined();
    expect(foodFigureOf({ kind: 'food', of: 'millet mood' })).toBeUndefined();
  });
});
