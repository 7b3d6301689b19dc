import fc from 'fast-check';
import { seeded } from '../quantity/index.ts';
import { STARTING_EQUIPMENT } from '../kitchen/index.ts';
import { figuresOf, goneBy, goingBy, ofRack, type FigureKey, type LearnSaid, type Sighting } from './index.ts';

const RACKS = [1, 2, 3];
const key = (rack: number): FigureKey => ({ kind: 'rack', of: ofRack('oven', rack) });
const seen = (voice: string, bake: number, rack: number, value: number): Sighting => ({
  figure: key(rack),
  run: `${voice} ${bake}`,
  task: 'bake',
  at: bake,
  value,
  real: value * 40,
  book: 40,
  what: voice,
  voice,
});
const valueOf = (sightings: readonly Sighting[], rack: number, said: readonly LearnSaid[] = []) =>
  figuresOf(sightings, said).find(({ key: its }) => its.of === ofRack('oven', rack));
/** Trays of one bake, on racks that differ by so much. */
const together = (voice: string, bake: number, dish: number, racks: readonly (readonly [number, number])[]) =>
  racks.map(([rack, times]) => seen(voice, bake, rack, dish * times));

test('trays that were in together are held against each other: by hand, a tenth slower than its neighbour', () => {
  // 1.0 and 1.1 lie √1.1 = 1.0488 from their middle; six of them, with two of the book: (2 + 6 × 1.0488) ÷ 8 = 1.037.
  const six = Array.from({ length: 6 }, (_, n) =>
    together('roots', n, 1.3, [
      [1, 1],
      [3, 1.1],
    ]),
  ).flat();
  expect([valueOf(six, 1)?.value, valueOf(six, 3)?.value, valueOf(six, 2)]).toEqual([0.97, 1.04, undefined]);
  expect(valueOf(six, 3)?.source).toBe('this kitchen, 6 bakes');
});

test('single trays are held against the same step on other racks; what was only ever on one says nothing', () => {
  const single = [1, 2, 3, 4].flatMap((n) => [
    seen('bake', n, 2, 1.2),
    seen('bake', n + 10, 3, 1.32),
    seen('crackers', n, 3, 2),
  ]);
  expect(valueOf(single, 3)?.n).toBe(4);
  expect(valueOf(single, 3)?.value).toBe(
    valueOf(
      single.filter(({ voice }) => voice === 'bake'),
      3,
    )?.value,
  );
  expect(figuresOf([seen('crackers', 1, 3, 2)], [])).toEqual([]);
});

test('a recipe whose own time is wrong moves no rack', () =>
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.double({ min: 0.6, max: 2, noNaN: true }), fc.constantFrom([1, 2], [2, 3], [1, 3], RACKS)), {
        minLength: 3,
        maxLength: 12,
      }),
      (bakes) => {
        const times = (rack: number) => 1 + (rack - 2) * 0.05;
        const all = (wrong: boolean) =>
          bakes.flatMap(([dish, racks], n) =>
            together(
              `dish ${n}`,
              n,
              wrong ? dish : 1,
              racks.map((rack) => [rack, times(rack)]),
            ),
          );
        for (const rack of RACKS) expect(valueOf(all(true), rack)?.value).toBe(valueOf(all(false), rack)?.value);
      },
    ),
  ));

test('in 200 seeded kitchens four fifths of the intervals hold what each rack is really like', () => {
  const random = seeded(1203);
  const normal = () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
  let held = 0;
  let told = 0;
  for (let kitchen = 0; kitchen < 200; kitchen++) {
    const drawn = RACKS.map(() => (0.04 / Math.sqrt(2)) * normal());
    const middle = drawn.reduce((sum, each) => sum + each, 0) / RACKS.length;
    const truth = drawn.map((each) => Math.exp(each - middle));
    const sightings = Array.from({ length: 10 }, (_, bake) => {
      const dish = Math.exp(0.1 * normal());
      return together(
        `dish ${bake % 4}`,
        bake,
        dish,
        (bake % 3 === 0 ? RACKS : bake % 3 === 1 ? [1, 2] : [2, 3]).map((rack) => [
          rack,
          (truth[rack - 1] ?? 1) * Math.exp(0.05 * normal()),
        ]),
      );
    }).flat();
    for (const rack of RACKS) {
      const figure = valueOf(sightings, rack);
      const real = truth[rack - 1] ?? 1;
      if (!figure) continue;
      told += 1;
      if (figure.least <= real && real <= figure.most) held += 1;
    }
  }
  expect(told).toBe(600);
  expect(held / told).toBeGreaterThanOrEqual(0.75);
  expect(held / told).toBeLessThanOrEqual(0.85);
});

test('what somebody took out goes into no other rack’s figure, and stays to be seen', () => {
  const sound = Array.from({ length: 5 }, (_, n) =>
    together('roots', n, 1, [
      [1, 1],
      [3, 1.1],
    ]),
  ).flat();
  const odd = together('roots', 9, 1, [
    [1, 1],
    [3, 1.6],
  ]);
  const out: LearnSaid = {
    kind: 'taken out',
    id: 'x',
    figure: key(3),
    run: 'roots 9',
    task: 'bake',
    reason: 'fell',
    at: 9,
  };
  const figure = valueOf([...sound, ...odd], 3, [out]);
  expect(figure?.value).toBe(valueOf(sound, 3)?.value);
  expect(figure?.seen.filter(({ takenOut }) => takenOut === 'fell')).toHaveLength(1);
  expect(valueOf([...sound, ...odd], 1, [out])?.value).toBe(valueOf(sound, 1)?.value);
});

test('a kitchen goes by one rack of one oven, and back by the book', () => {
  const there = { value: 1.08, source: 'this kitchen, 6 bakes' };
  const own = goingBy(STARTING_EQUIPMENT, key(2), there);
  expect([1, 2].map((rack) => goneBy(own, key(rack)))).toEqual([
    { value: 1, own: false },
    { value: 1.08, own: true },
  ]);
  expect(own.ovens[0]?.rackTimes).toEqual([null, 1.08]);
  expect(goingBy(own, key(2), undefined)).toEqual(STARTING_EQUIPMENT);
});
