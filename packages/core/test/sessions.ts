import fc from 'fast-check';
import type { Problem, ProblemLink, ProblemTask, ProblemUse } from '../src/session/index.ts';

interface Piece {
  readonly minutes: number;
  readonly hands: boolean;
  readonly gap: 'at once' | 'soon' | 'any time';
}

const piece: fc.Arbitrary<Piece> = fc.record({
  minutes: fc.integer({ min: 1, max: 15 }),
  hands: fc.boolean(),
  gap: fc.constantFrom('at once', 'soon', 'any time'),
});
const dish = fc.record({
  pieces: fc.array(piece, { minLength: 1, maxLength: 5 }),
  station: fc.constantFrom('insert', 'jug', 'burner', 'oven', undefined),
  celsius: fc.constantFrom(180, 200),
  wash: fc.nat({ max: 6 }),
});

/** Small sessions that can always be cooked: dishes are chains, each may hold one station over a part of its chain. */
export const sessions: fc.Arbitrary<Problem> = fc
  .record({ dishes: fc.array(dish, { minLength: 1, maxLength: 4 }), cooks: fc.integer({ min: 1, max: 2 }) })
  .map(({ dishes, cooks }) => {
    const tasks: ProblemTask[] = [];
    const links: ProblemLink[] = [];
    const uses: ProblemUse[] = [];
    dishes.forEach(({ pieces, station, celsius, wash }, d) => {
      const id = (n: number) => `d${d}t${n}`;
      pieces.forEach(({ minutes, hands, gap }, n) => {
        tasks.push({ id: id(n), dish: `dish ${d}`, name: `piece ${n}`, minutes, attention: hands ? 'full' : 'none' });
        if (n > 0)
          links.push({ from: id(n - 1), to: id(n), min: 0, max: gap === 'at once' ? 0 : gap === 'soon' ? 8 : null });
      });
      if (station)
        uses.push({
          id: `u${d}`,
          resource: station,
          from: id(0),
          to: id(Math.ceil(pieces.length / 2) - 1),
          wash,
          ...(station === 'oven' ? { temperature: celsius } : {}),
        });
    });
    return {
      format: 'kitchen-schedule/1',
      id: 'made',
      title: 'made by the test',
      cooks,
      tasks,
      links,
      uses,
      resources: [
        { id: 'insert', kind: 'vessel' },
        { id: 'jug', kind: 'vessel' },
        { id: 'burner', kind: 'shared', units: 2 },
        {
          id: 'oven',
          kind: 'oven',
          units: 2,
          preheat: { 180: 8, 200: 10 },
          change: { 180: { 200: 4 }, 200: { 180: 6 } },
        },
      ],
    };
  });
