import fc from 'fast-check';
import { addDays, momentAt, weekday } from '../src/quantity/index.ts';
import {
  FIRST_EFFORT,
  FURTHER_EFFORT,
  MAIN,
  MEALS_A_DAY,
  REFERENCE_DAY,
  bestOfEach,
  dayBand,
  daysFed,
  flat,
  refusalOf,
  scoreOf,
  weekFold,
  weekGoodAt,
  weightsFor,
  type Candidate,
  type Draft,
  type Effort,
  type Profile,
  type WeekAsk,
} from '../src/week/index.ts';
import { askOf, freezerLeft, suggestedChange, tryWeek, withChange, type KitchenView } from '../src/view/index.ts';
import { demandedOf } from '../src/view/tableOf.ts';
import {
  BOWL,
  EQUIPMENT,
  MILLET,
  TODAY,
  ZONE,
  anyKitchen,
  boxOf,
  eaterOf,
  kitchenOf,
  sessionOf,
} from './inventKitchen.ts';

const SIX = momentAt(TODAY, '06:00', ZONE);
const EFFORT = { ...FIRST_EFFORT, roundsAStart: 700, roundsPolished: 700 };
const PROFILES: readonly Profile[] = ['least waste', 'most variety'];

const asked = (view: KitchenView) => askOf(view, { locked: {}, keepSet: true, handsAtMost: undefined }, SIX);
const suggested = (ask: Omit<WeekAsk, 'weights'>, seed: number, effort: Omit<Effort, 'seed'> = EFFORT) =>
  bestOfEach(
    ask,
    {},
    PROFILES.map((goodAt) => weekGoodAt({ ask, goodAt, pulled: {}, known: [], effort: { ...effort, seed } }).draft),
  );
const withFreezer = (view: KitchenView, freezerLitres: number): KitchenView => ({
  ...view,
  kitchen: { ...view.kitchen, equipment: { ...EQUIPMENT, boxes: [{ name: 'box', mL: 500 }], freezerLitres } },
});

test('law: a week that is suggested serves nothing that nobody there eats, no main twice a day, and freezes no more than there is room for', () =>
  fc.assert(
    fc.property(anyKitchen, fc.integer({ min: 10, max: 60 }), fc.nat(50), (any, litres, seed) => {
      const view = withFreezer(any, litres);
      const ask = asked(view);
      for (const week of suggested(ask, seed)) {
        const change = suggestedChange(view, ask, week);
        for (const { day, meal, parts } of change.slots ?? []) {
          const m = ask.people.findIndex(
            (_, n) => addDays(TODAY, Math.floor(n / MEALS_A_DAY)) === day && (n % 2 === 1) === (meal === 'dinner'),
          );
          for (const { food } of parts) {
            const candidate = ask.candidates.find((each) => each.food === food);
            expect(candidate?.want[m]).toBeGreaterThan(0);
          }
        }
        if (week.parts.over > 0.01) continue;
        week.draft.meals.forEach((meal, m) => {
          if (m % MEALS_A_DAY === 1 && !ask.settled[m] && (meal[MAIN] ?? -1) >= 0) {
            const served = (n: number) => week.eaten.at[n]?.some(({ candidate }) => candidate === meal[MAIN]);
            expect(served(m) && served(m - 1)).toBeFalsy();
          }
        });
        const after = withChange(view, change, SIX);
        const left = freezerLeft(view)?.value ?? Infinity;
        const frozen = change.add ?? [];
        const grams = frozen.reduce((sum, { recipe, freezePortions }) => {
          const batch = after.batches.find(({ state }) => state.recipe === recipe);
          return sum + freezePortions * (batch?.scaled.portionG ?? 0);
        }, 0);
        // Whole portions are frozen, and the search reckons in parts of them.
        expect(grams / 800).toBeLessThanOrEqual(left + 0.5 * frozen.length);
      }
    }),
    { numRuns: 15 },
  ));

test('law: who may not eat something is never reckoned to be fed by it', () =>
  fc.assert(
    fc.property(anyKitchen, fc.nat(50), (view, seed) => {
      const eaters = view.week.eaters.map((eater, n) =>
        n === 0 ? { ...eater, tastes: { never: [MILLET.component.id] } } : eater,
      );
      const changed = { ...view, week: { ...view.week, eaters } };
      const ask = asked(changed);
      for (const recipe of changed.recipes) {
        const candidate = ask.candidates.find((each) => each.recipe === recipe.id);
        if (!candidate) continue;
        const eaten = demandedOf(changed, recipe, 1);
        ask.groups.forEach(({ names }, g) => {
          for (const name of names) {
            const eater = eaters.find((each) => each.name === name);
            if (eater && refusalOf(eater, eaten)) expect(candidate.eats[g]).toBe(0);
          }
        });
      }
      expect(suggested(ask, seed).every(({ score }) => Number.isFinite(score))).toBe(true);
    }),
    { numRuns: 25 },
  ));

test('law: more in the freezer never makes the same week worse', () =>
  fc.assert(
    fc.property(anyKitchen, fc.nat(50), fc.nat(5), fc.integer({ min: 1, max: 12 }), (view, seed, at, portions) => {
      const ask: WeekAsk = { ...asked(view), weights: weightsFor('least waste') };
      const { draft } = weekGoodAt({ ask, goodAt: 'least waste', pulled: {}, known: [], effort: { ...EFFORT, seed } });
      const c = at % ask.candidates.length;
      const more: WeekAsk = {
        ...ask,
        candidates: ask.candidates.map((each, n): Candidate =>
          n === c ? { ...each, frozen: each.frozen + portions } : each,
        ),
      };
      // Nothing that was there is missing now, and no eater gets less.
      const [was, is] = [ask, more].map((each) => weekFold(each)(flat(draft)));
      expect(is?.short).toBeLessThanOrEqual((was?.short ?? 0) + 1e-9);
    }),
    { numRuns: 20 },
  ));

test('from the day on which its beans are cooked, a kitchen of five dishes feeds one and two on all days but one, and its week holds', () => {
  for (const n of [1, 2]) {
    const view = kitchenOf({
      eaters: Array.from({ length: n }, (_, e) => eaterOf(`e${e}`)),
      // Beans soak over night: what is cooked today is made without them.
      sessions: [sessionOf('s', addDays(TODAY, 1), '09:00')],
    });
    const ask = asked(view);
    expect(ask.sessions.map(({ extra }) => extra ?? false)).toEqual([false, true, true]);
    for (const week of suggested(ask, 3, FURTHER_EFFORT)) {
      for (const { days } of daysFed(ask, week.eaten)) {
        // Two days are over before the beans are on the table.
        const here = days.slice(2).filter((day) => day !== undefined);
        expect(here.filter(({ within }) => within).length).toBeGreaterThanOrEqual(here.length - 1);
      }
      expect(tryWeek(view, suggestedChange(view, ask, week), SIX).broken).toEqual([]);
    }
  }
}, 60_000);

test('law: with a trip on a day to come, nothing is cooked before it that lacks something', () =>
  fc.assert(
    fc.property(anyKitchen, fc.nat(6), fc.nat(50), (any, tripOn, seed) => {
      const view: KitchenView = { ...any, kitchen: { ...any.kitchen, equipment: { ...EQUIPMENT, tripOn } } };
      const ask = asked(view);
      const trip = (tripOn - weekday(TODAY) + 7) % 7;
      for (const { beforeTrip } of ask.sessions) if (trip === 0) expect(beforeTrip).toBeUndefined();
      for (const { draft, parts } of suggested(ask, seed)) {
        if (parts.over > 0.01) continue;
        ask.goods.forEach(({ there }, good) => {
          const early = draft.sizes.reduce((sum, size, c) => {
            const { cooks } = ask.candidates[c] ?? {};
            const uses = cooks?.buys.find((each) => each.good === good)?.each ?? 0;
            return ask.sessions[draft.into[c] ?? 0]?.beforeTrip ? sum + size * uses : sum;
          }, 0);
          expect(early).toBeLessThanOrEqual(there * 1.02 + 1e-9);
        });
      }
    }),
    { numRuns: 20 },
  ));

test('what is assembled brings its components: in every week that cooks it they are cooked, or there', () => {
  const view = kitchenOf({
    eaters: [eaterOf('a'), eaterOf('b')],
    sessions: [sessionOf('s', TODAY, '08:00')],
  });
  const base = asked(view);
  const bowl = base.candidates.findIndex(({ food }) => food === BOWL.component.id);
  const millet = base.candidates.findIndex(({ food }) => food === MILLET.component.id);
  expect(base.candidates[bowl]?.cooks?.needs.map(({ candidate }) => candidate)).toEqual([millet]);
  const recipe = base.candidates[bowl]?.recipe ?? '';
  const ask = askOf(view, { locked: { [recipe]: 8 }, handsAtMost: undefined }, SIX);
  for (const week of suggested(ask, 1)) {
    expect(week.draft.sizes[bowl]).toBe(8);
    expect(week.draft.sizes[millet]).toBeGreaterThan(0);
    expect(week.eaten.lacks).toBeLessThan(0.3);
  }
  // With enough of it frozen nothing more is cooked for the bowl alone.
  const stocked = kitchenOf({
    eaters: [eaterOf('a'), eaterOf('b')],
    sessions: [sessionOf('s', TODAY, '08:00')],
    lots: [boxOf('box', MILLET, 'freezer', 40, addDays(TODAY, -9))],
  });
  for (const week of suggested(askOf(stocked, { locked: { [recipe]: 8 }, handsAtMost: undefined }, SIX), 1))
    expect(week.eaten.lacks).toBeLessThan(0.3);
});

describe('what a day should bring', () => {
  test('the reference is what labels go by: 8400 kJ, which is about 2000 kcal, 50 g protein, 6 g salt', () => {
    // Published: Regulation (EU) 1169/2011, Annex XIII; 1 kcal is 4.184 kJ.
    expect(REFERENCE_DAY.energyKJ.value).toBe(8400);
    expect(REFERENCE_DAY.energyKJ.value / 4.184).toBeCloseTo(2000, -2);
    expect([REFERENCE_DAY.proteinG.value, REFERENCE_DAY.saltG.value]).toEqual([50, 6]);
    for (const { source } of Object.values(REFERENCE_DAY)) expect(source).toMatch(/^published: /);
  });

  test('it grows with appetite, salt and iron do not; what somebody wishes comes first', () => {
    const [usual, large] = [dayBand(1), dayBand(1.5)];
    expect(large.leastKJ).toBeCloseTo(usual.leastKJ * 1.5, 6);
    expect(large.proteinG).toBeCloseTo(usual.proteinG * 1.5, 6);
    expect([large.mostSaltG, large.ironMg]).toEqual([usual.mostSaltG, usual.ironMg]);
    const own = dayBand(1.5, { energyKJ: 8400, proteinG: 100 });
    expect(own.leastKJ).toBe(usual.leastKJ);
    expect(own.proteinG).toBe(usual.proteinG * 2);
  });
});

describe('how a plate is reckoned', () => {
  const none = { once: 0, each: 0 };
  const thing = (food: string, kind: Candidate['kind'], more: Partial<Candidate> = {}): Candidate => ({
    food,
    recipe: food,
    name: food,
    kind,
    form: 'pot',
    covers: [0, 0, 0],
    facts: { kJ: 1000, proteinG: 10, fibreG: 0, ironMg: 6, vitaminCMg: 0, saltG: 0 },
    litresEach: 0.5,
    frozen: 20,
    cold: [],
    want: [1, 1],
    eats: [1],
    liked: 0,
    ...more,
  });
  const NO_WORK = { hands: none, cooker: none, oven: none, burners: none };
  /** Not there, and cooked in either of two sessions. */
  const cooked = (food: string, more: Partial<NonNullable<Candidate['cooks']>>) =>
    thing(food, 'legume', {
      frozen: 0,
      cooks: {
        recipe: food,
        into: [0, 1],
        sizes: [2],
        work: NO_WORK,
        buys: [],
        costGuessed: false,
        needs: [],
        clears: [],
        keepsMeals: 6,
        freezes: false,
        inSeason: false,
        ...more,
      },
    });
  const week = (candidates: readonly Candidate[]): WeekAsk => ({
    people: [1, 1],
    groups: [{ names: ['a'], at: [true, true], band: dayBand(1) }],
    sessions: [{ id: 's', from: 0, frozenFrom: 2, most: { hands: 60, cooker: 60, oven: 60, burners: 60 } }],
    candidates,
    goods: [],
    presses: [],
    settled: {},
    mostBatches: 4,
    weights: weightsFor('least waste'),
  });
  const told = (ask: WeekAsk, draft: Draft) => {
    let days: readonly (readonly ({ readonly kJ: number; readonly ironMg: number } | undefined)[])[] = [];
    const parts = weekFold(ask)(flat(draft), (eaten) => (days = eaten.days));
    return { parts, day: days[0]?.[0] };
  };
  const plate = (...meals: number[][]): Draft => ({ meals, sizes: [0, 0, 0, 0], into: [0, 0, 0, 0] });

  test('iron counts half where no vitamin C stands beside it in the same meal', () => {
    const ask = week([
      thing('beans', 'legume'),
      thing('kale', 'greens', { facts: { kJ: 200, proteinG: 2, fibreG: 2, ironMg: 0, vitaminCMg: 40, saltG: 0 } }),
    ]);
    expect(told(ask, plate([-1, 0, -1, -1], [-1, -1, -1, -1])).day?.ironMg).toBe(3);
    expect(told(ask, plate([-1, 0, 1, -1], [-1, -1, -1, -1])).day?.ironMg).toBe(6);
    expect(told(ask, plate([-1, 0, -1, -1], [-1, -1, 1, -1])).day?.ironMg).toBe(3);
  });

  test('what nobody knows is not free: an unknown dish brings nothing', () => {
    const unknown = {
      kJ: undefined,
      proteinG: undefined,
      fibreG: undefined,
      ironMg: undefined,
      vitaminCMg: undefined,
      saltG: undefined,
    };
    const ask = week([thing('known', 'dish'), thing('unknown', 'dish', { facts: unknown })]);
    const [known, not] = [0, 1].map((c) => told(ask, plate([-1, c, -1, -1], [-1, -1, -1, -1])).parts.feeds);
    expect(not).toBeGreaterThan(known ?? Infinity);
  });

  test('the same main at both meals of a day cannot be; two soups can, and count', () => {
    const ask = week([thing('soup', 'dish', { form: 'soup' }), thing('other soup', 'dish', { form: 'soup' })]);
    const same = told(ask, plate([-1, 0, -1, -1], [-1, 0, -1, -1])).parts;
    const alike = told(ask, plate([-1, 0, -1, -1], [-1, 1, -1, -1])).parts;
    expect([same.over, alike.over]).toEqual([1, 0]);
    expect(alike.repeats).toBe(1);
    expect(scoreOf(same, ask)).toBeGreaterThan(scoreOf(alike, ask));
  });

  test('the same colour or texture at the next meal counts a fifth each; two meals later it counts nothing', () => {
    const repeats = (looks: readonly (readonly string[])[]) =>
      told(
        week(looks.map((each, n) => thing(`dish ${n}`, 'dish', { form: n % 2 === 0 ? 'bake' : 'soup', looks: each }))),
        plate([-1, 0, -1, -1], [-1, 1, -1, -1]),
      ).parts.repeats;
    expect(
      repeats([
        ['orange', 'wet'],
        ['green', 'crisp'],
      ]),
    ).toBe(0);
    expect(
      repeats([
        ['orange', 'wet'],
        ['orange', 'crisp'],
      ]),
    ).toBeCloseTo(0.2, 9);
    expect(
      repeats([
        ['orange', 'wet'],
        ['orange', 'wet'],
      ]),
    ).toBeCloseTo(0.4, 9);
  });

  const millet = () => {
    const cooks = {
      recipe: 'millet',
      into: [0],
      sizes: [4, 8],
      work: { hands: none, cooker: none, oven: none, burners: none },
      buys: [{ good: 0, each: 100 }],
      costGuessed: false,
      needs: [],
      clears: [],
      keepsMeals: 6,
      freezes: true,
      inSeason: false,
    };
    return {
      ...week([thing('millet', 'grain', { frozen: 0, cooks })]),
      goods: [{ name: 'millet', there: 150, pack: 500, minor: 200 }],
    } satisfies WeekAsk;
  };

  test('what is cooked before the trip is made of what is there; after it everything can be bought', () => {
    const ask = millet();
    const [session] = ask.sessions;
    if (!session) throw new Error('no session');
    const over = (size: number, beforeTrip: boolean, there = 150) =>
      told(
        {
          ...ask,
          goods: [{ ...ask.goods[0], name: 'millet', there, pack: 500, minor: 200 }],
          sessions: [{ ...session, beforeTrip }],
        },
        { ...plate([0, -1, -1, -1], [-1, -1, -1, -1]), sizes: [size] },
      ).parts.over;
    expect([over(4, false), over(4, true), over(4, true, 400)]).toEqual([0, 4, 0]);
  });

  test('who eats the same two days in a row and no more leaves it on the third', () => {
    const three = (repeats: number | undefined): WeekAsk => ({
      ...week([thing('soup', 'dish', { want: [1, 1, 1, 1, 1, 1] })]),
      people: [1, 1, 1, 1, 1, 1],
      groups: [
        { names: ['a'], at: [true, true, true, true, true, true], band: dayBand(1), ...(repeats ? { repeats } : {}) },
      ],
    });
    const short = (repeats: number | undefined) =>
      told(three(repeats), {
        ...plate(
          ...[0, 1, 2].flatMap(() => [
            [-1, 0, -1, -1],
            [-1, -1, -1, -1],
          ]),
        ),
        sizes: [0],
      }).parts.short;
    expect(short(3)).toBe(short(undefined));
    expect(short(2)).toBeGreaterThan(short(3));
    expect(short(1)).toBeGreaterThan(short(2));
  });

  test('packs are bought whole, beyond what is there', () => {
    const ask = millet();
    const at = (size: number) => told(ask, { ...plate([0, -1, -1, -1], [-1, -1, -1, -1]), sizes: [size] }).parts.cost;
    // 400 g less 150 g are one pack, 800 g less 150 g are two.
    expect([at(4), at(8)]).toEqual([200, 400]);
  });

  test('what comes out beside a dish saves buying for one of the same session or of a later one, and for none before it', () => {
    const one = week([
      cooked('beans', { gives: [{ good: 0, each: 200 }] }),
      cooked('soup', { buys: [{ good: 0, each: 300 }] }),
    ]);
    const [first] = one.sessions;
    if (!first) throw new Error('no session');
    const ask: WeekAsk = {
      ...one,
      sessions: [first, { ...first, id: 'later', from: 1 }],
      goods: [{ name: 'stock', there: 0, pack: undefined, minor: 1 }],
    };
    const cost = (beans: number, soup: number) =>
      told(ask, { ...plate([-1, -1, -1, -1], [-1, -1, -1, -1]), sizes: [2, 2], into: [beans, soup] }).parts.cost;
    // 600 g are used, 400 g come out: 200 g are bought, or all of it where it comes out too late.
    expect([cost(0, 0), cost(0, 1), cost(1, 1), cost(1, 0)]).toEqual([200, 200, 200, 600]);
    // Nothing is bought before a trip: what comes out of an earlier dish of that session is there all the same.
    const over = (there: number, beans: number) =>
      told(
        {
          ...ask,
          sessions: [{ ...first, beforeTrip: true }, ...ask.sessions.slice(1)],
          goods: ask.goods.map((good) => ({ ...good, there })),
        },
        { ...plate([-1, -1, -1, -1], [-1, -1, -1, -1]), sizes: [2, 2], into: [beans, 0] },
      ).parts.over;
    expect([over(200, 0), over(150, 0), over(200, 1), over(600, 1)].map((each) => each > 0)).toEqual([
      false,
      true,
      true,
      false,
    ]);
  });

  test('a week of which no main is new counts as three repetitions more', () => {
    const ask = week([
      thing('beans', 'legume', { had: true }),
      thing('pot', 'dish', { had: true }),
      thing('new', 'dish'),
    ]);
    const repeats = (last: number) => told(ask, plate([-1, 0, -1, -1], [-1, last, -1, -1])).parts.repeats;
    const without = (last: number) =>
      told(week(ask.candidates.map(({ had: _was, ...each }) => each)), plate([-1, 0, -1, -1], [-1, last, -1, -1])).parts
        .repeats;
    expect(repeats(1) - without(1)).toBe(3);
    expect(repeats(2) - without(2)).toBe(0);
  });

  test('the same food is cut in one go for the dishes of one session, and of that session alone', () => {
    const cut = (food: string, cuts: readonly string[]) =>
      cooked(food, { sizes: [4], work: { ...NO_WORK, hands: { once: 20, each: 0 } }, cuts });
    const one = week([cut('soup', ['onion', 'leek']), cut('pot', ['onion']), cut('pan', ['kale', 'onion'])]);
    const ask = { ...one, sessions: [...one.sessions, ...one.sessions], boardMinutes: 2 };
    const at = (into: readonly number[]) => {
      let together: readonly unknown[] = [];
      const draft = {
        meals: [
          [-1, -1, -1, -1],
          [-1, -1, -1, -1],
        ],
        sizes: [4, 4, 4],
        into,
      };
      const { hands } = weekFold(ask)(flat(draft), ({ cutTogether }) => (together = cutTogether));
      return [hands, together];
    };
    // By hand: 3 × 20 minutes, less the board twice, once, or never.
    expect(at([0, 0, 0])).toEqual([56, [{ food: 'onion', candidates: [0, 1, 2] }]]);
    expect(at([0, 0, 1])).toEqual([58, [{ food: 'onion', candidates: [0, 1] }]]);
    const apart = { ...ask, candidates: ask.candidates.map((each, n) => (n === 2 ? cut('pan', ['kale']) : each)) };
    expect(
      weekFold(apart)(
        flat({
          meals: [
            [-1, -1, -1, -1],
            [-1, -1, -1, -1],
          ],
          sizes: [4, 0, 4],
          into: [0, 0, 0],
        }),
      ).hands,
    ).toBe(40);
  });
});

describe('what was on the table in the weeks behind', () => {
  const on = (ago: number, meal: 'lunch' | 'dinner', food: string) => ({
    day: addDays(TODAY, -ago),
    meal,
    parts: [{ food, portions: 1 }],
    guests: 0,
    locked: false,
    version: 1,
  });
  const had = (slots: KitchenView['week']['slots'], eaten: KitchenView['week']['eaten'] = []) => {
    const view = kitchenOf({ slots, more: { eaten } });
    return asked(view).candidates.find(({ food }) => food === MILLET.component.id);
  };
  const id = MILLET.component.id;

  test('counts against it by what those meals said, whether or not anybody wrote down plates; what is to come does not', () => {
    const six = [1, 2, 3].flatMap((ago) => [on(ago, 'lunch', id), on(ago, 'dinner', id)]);
    expect([had([])?.had, had([])?.liked]).toEqual([undefined, 0]);
    // By hand: at six meals of two weeks, half a liking less; at three of them a quarter.
    expect([had(six)?.had, had(six)?.liked]).toEqual([true, -0.5]);
    expect(had(six.slice(0, 3))?.liked).toBe(-0.25);
    expect([had([on(-1, 'lunch', id), on(0, 'dinner', id), on(15, 'lunch', id)])?.had]).toEqual([undefined]);
    // The same meal, said and written down, is one.
    const written = [{ id: 'e', day: addDays(TODAY, -1), meal: 'lunch' as const, eater: null, food: id, portions: 1 }];
    expect(had(six.slice(0, 1), written)?.liked).toBe(had(six.slice(0, 1))?.liked);
    expect(had([], written)?.liked).toBeCloseTo(-1 / 12, 6);
  });
});

describe('hours of a session', () => {
  const hands = (people: KitchenView['kitchen']['equipment']['people'], cooks: number, clock: string) => {
    const view = kitchenOf({ sessions: [{ ...sessionOf('s', TODAY, clock), cooks }] });
    const own = { ...view.kitchen.equipment, awake: { from: '06:30', to: '22:00' }, ...(people ? { people } : {}) };
    const ask = asked({ ...view, kitchen: { ...view.kitchen, equipment: own } });
    return [ask.sessions[0]?.most.hands, ask.sessions[0]?.most.burners];
  };
  const burners = EQUIPMENT.burners;

  test('somebody who goes at noon, and comes at eleven, gives so many minutes', () => {
    expect(hands(undefined, 2, '10:00')).toEqual([480, 240 * burners]);
    expect(
      hands(
        [
          { name: 'Ada', to: '12:00' },
          { name: 'Bo', from: '11:00' },
        ],
        2,
        '10:00',
      ),
    ).toEqual([120 + 180, 240 * burners]);
  });

  test('nobody cooks on into the night', () => expect(hands(undefined, 1, '20:30')).toEqual([90, 90 * burners]));
});
