import type { PastMovement, PastState, RunState } from '../formats/index.ts';
import { DAY_MS, MINUTE_MS, daysBetween, ofBase, show, Fraction, type Day } from '../quantity/index.ts';
import { asCooked, foldRun, projectRun, whyLate, type Lateness } from '../run/index.ts';
import { resourceWords } from '../session/index.ts';
import { GIVEN_AWAY } from '../stock/index.ts';
import { cookedOtherwise, type CookedOtherwise } from './cookedOtherwise.ts';
import { garnishMinorOf } from './garnishOf.ts';
import type { KitchenView } from './kitchenView.ts';
import { portionOfBoxes } from './portionOfBoxes.ts';
import { ranOutEarly, type RanOut } from './ranOut.ts';

/** A session as it was cooked, against its plan. */
export interface PastSession {
  readonly id: string;
  readonly name: string;
  /** ms since 1970: when it was to begin, and when it did. */
  readonly plannedStart: number;
  readonly start: number;
  /** It was not ended, its steps were ticked off together, or a clock was wrong: nothing is made of its times. */
  readonly doubt?:
    'it was never ended' | 'a clock was wrong' | 'its steps were ticked off at once' | 'its plan cannot be read';
  readonly finish: number;
  readonly lateness: Lateness;
  /** Minutes of hands: as planned, and as they were. */
  readonly handsPlanned: number;
  readonly hands: number;
  /** The same task by task, minutes; they add up to these two. */
  readonly work: readonly { readonly task: string; readonly planned: number; readonly real: number }[];
  /** Washes between two loads, by what was washed: those after which the next load was really done. */
  readonly washes: readonly { readonly of: string; readonly times: number }[];
  /** Of each task, what it is: "Borlotti: chop the onion". */
  readonly names: Readonly<Record<string, string>>;
}

/** What became of a dish, in its portions: before + made + otherwise = eaten + given + thrown + used + left. */
export interface PastDish {
  readonly food: string;
  readonly name: string;
  readonly before: number;
  readonly made: number;
  /** Went into the freezer; it is among what was made, eaten or left. */
  readonly frozen: number;
  readonly eaten: number;
  readonly given: number;
  readonly thrown: number;
  /** Went into another dish. */
  readonly used: number;
  /** Counted, corrected or named otherwise. */
  readonly otherwise: number;
  readonly left: number;
  /** All that moved, each under the figure that it is part of; what stood there before is none. */
  readonly moves: readonly PastMove[];
}

/** A movement of a dish's boxes, in its portions, as it counts in the figure that it is part of. */
export interface PastMove {
  readonly in: 'made' | 'frozen' | 'eaten' | 'given' | 'thrown' | 'used' | 'otherwise';
  readonly at: string;
  readonly kind: PastMovement['kind'];
  readonly portions: number;
  readonly reason: string | null;
  readonly placeKind: PastMovement['placeKind'];
}

export interface PastThrown {
  readonly name: string;
  readonly amountText: string;
  readonly reason: string;
  /** Minor units; undefined: nobody knows what it had cost. */
  readonly minor: number | undefined;
}

/** A food that was bought dearer or cheaper than the time before. */
export interface PriceChange {
  readonly food: string;
  readonly name: string;
  readonly on: Day;
  /** 1.1 is a tenth dearer by the same unit. */
  readonly times: number;
}

/** Portions and what they cost, minor units: what went in, what was paid for the packs it came from, and what their garnish costs beside it. */
export interface CookedCost {
  readonly portions: number;
  readonly usedMinor: number;
  readonly tillMinor: number;
  readonly garnishMinor: number;
}

export interface WeekThatWas {
  readonly sessions: readonly PastSession[];
  readonly dishes: readonly PastDish[];
  readonly thrown: readonly PastThrown[];
  /** Minor units of all that was thrown away whose price is known. */
  readonly thrownMinor: number;
  /** Of the dishes that were put away: their portions, what went in, and what was paid for the packs it came from. */
  readonly cooked: CookedCost;
  /** The same dish by dish. */
  readonly cookedDishes: readonly (CookedCost & { readonly batch: string; readonly name: string })[];
  /** Paid in these days, purchase by purchase, and what they may cost. */
  readonly paidMinor: number;
  readonly purchases: readonly {
    readonly id: string;
    readonly name: string;
    readonly on: Day;
    readonly minor: number;
  }[];
  readonly budgetMinor: number | undefined;
  readonly prices: readonly PriceChange[];
  /** Dishes into which something else went than is written. */
  readonly otherwise: readonly CookedOtherwise[];
  /** Dishes that were gone before the last meal that was planned with them. */
  readonly ranOut: readonly RanOut[];
}

/** A dearer pack by less than this is no news. Common practice, no published source. */
const NEWS = 0.03;
/** No session goes on so long: a clock was wrong. */
const LONGEST_MS = DAY_MS;
/** Nobody is so much quicker than the recipes: whoever ticks everything off afterwards. Common practice, no published source. */
const TOO_QUICK = 0.25;
const DAYS_OF_BUDGET = 7;

/** What a movement was, with what took it back counted against it: a deed and its undoing come to nothing. */
type Deed = 'made' | 'eaten' | 'given' | 'thrown' | 'used' | 'between' | 'otherwise';
function deedOf({ kind, reason, amount, lot }: PastMovement, given: ReadonlySet<string>): Deed {
  switch (kind) {
    case 'made':
    case 'eaten':
    case 'used':
      return kind;
    case 'thrown':
      return reason === GIVEN_AWAY ? 'given' : 'thrown';
    case 'moved':
    case 'opened':
    case 'frozen':
    case 'thawed':
      return 'between';
    case 'corrected':
      if (reason === 'undo: eat') return 'eaten';
      if (reason === 'undo: throw lot') return given.has(lot) ? 'given' : 'thrown';
      if (reason === 'undo: move lot' || reason === 'undo: open lot') return 'between';
      if (reason === 'boxed again') return amount.startsWith('-') ? 'made' : 'used';
      return 'otherwise';
    case 'bought':
    case 'counted':
      return 'otherwise';
    default:
      return kind satisfies never;
  }
}

/** Told as what left: more of it is less on the shelf. */
const LEAVES: ReadonlySet<Deed> = new Set(['eaten', 'given', 'thrown', 'used']);

/** What days that are over came to: cooking, money and losses, which a week is told by and weeks are compared by. */
export type PastSums = Pick<
  WeekThatWas,
  'sessions' | 'thrown' | 'thrownMinor' | 'cooked' | 'cookedDishes' | 'paidMinor' | 'purchases'
>;

const sumOf = <T>(all: readonly T[], of: (each: T) => number): number => all.reduce((sum, each) => sum + of(each), 0);

/** The sums of some days alone: see weekThatWas. */
export function pastSums(view: KitchenView, past: PastState): PastSums {
  const thrown = thrownIn(view, past.movements);
  const put = past.batches.flatMap((batch) => {
    const { id, recipe, status, cost } = batch;
    if (status !== 'put away' || !cost) return [];
    const name = view.recipes.find((each) => each.id === recipe)?.document.component.name ?? 'something';
    const { portions, usedMinor, tillMinor } = cost;
    return [
      { batch: id, name, portions: Number(portions), usedMinor, tillMinor, garnishMinor: garnishMinorOf(view, batch) },
    ];
  });
  const purchases = purchasesIn(view, past);
  return {
    sessions: sessionsOfPast(past),
    thrown,
    thrownMinor: sumOf(thrown, ({ minor }) => minor ?? 0),
    cooked: {
      portions: sumOf(put, ({ portions }) => portions),
      usedMinor: sumOf(put, ({ usedMinor }) => usedMinor),
      tillMinor: sumOf(put, ({ tillMinor }) => tillMinor),
      garnishMinor: sumOf(put, ({ garnishMinor }) => garnishMinor),
    },
    cookedDishes: put,
    paidMinor: sumOf(purchases, ({ minor }) => minor),
    purchases: purchases.map(({ id, food, on, minor }) => ({
      id,
      name: view.foods.get(food)?.name ?? 'something',
      on,
      minor,
    })),
  };
}

const purchasesIn = (view: KitchenView, { from: first, until }: Pick<PastState, 'from' | 'until'>) =>
  view.costs.prices.filter(({ from, on }) => from === 'purchase' && on >= first && on <= until);

/** Some days that are over, as a screen tells them. Every figure follows from movements and taps alone. */
export function weekThatWas(view: KitchenView, past: PastState): WeekThatWas {
  const { equipment } = view.kitchen;
  const days = daysBetween(past.from, past.until) + 1;
  return {
    ...pastSums(view, past),
    dishes: dishesOfPast(view, past),
    budgetMinor:
      equipment.weekBudgetMinor === undefined
        ? undefined
        : Math.round((equipment.weekBudgetMinor * days) / DAYS_OF_BUDGET),
    prices: pricesIn(view, purchasesIn(view, past)),
    otherwise: cookedOtherwise(view, past),
    ranOut: ranOutEarly(view, past),
  };
}

/** The sessions of these days that were cooked, each against its plan. */
export const sessionsOfPast = (past: Pick<PastState, 'sessions' | 'runs'>): readonly PastSession[] =>
  past.sessions.flatMap((session) => {
    const run = past.runs.find((each) => each.session === session.id);
    return run ? [toldOf(session, run)] : [];
  });

/** A run that nobody can make sense of is told, and the rest of the week with it. */
function toldOf(session: PastState['sessions'][number], run: RunState): PastSession {
  try {
    return sessionAsItWas(session, run);
  } catch {
    const start = Date.parse(run.startedAt);
    return {
      id: session.id,
      name: session.name,
      plannedStart: Date.parse(session.startsAt),
      start,
      doubt: 'its plan cannot be read',
      finish: start,
      lateness: { minutes: 0, causes: [] },
      handsPlanned: 0,
      hands: 0,
      work: [],
      washes: [],
      names: {},
    };
  }
}

function sessionAsItWas(session: PastState['sessions'][number], run: RunState): PastSession {
  const startedAt = Date.parse(run.startedAt);
  const last = Math.max(startedAt, ...run.events.map(({ at }) => at));
  const { problem, plan, about, facts } = asCooked({ ...run, startedAt }, foldRun(run.events));
  const told = projectRun(problem, plan, startedAt, facts, last);
  const full = new Set(problem.tasks.filter(({ attention }) => attention === 'full').map(({ id }) => id));
  const skipped = new Set([...facts].flatMap(([id, fact]) => (fact.skipped ? [id] : [])));
  const hands = told.tasks.filter(({ id }) => full.has(id) && !skipped.has(id));
  const work = problem.tasks.flatMap(({ id, minutes }) => {
    const mine = hands.find((each) => each.id === id);
    return full.has(id) && !skipped.has(id)
      ? [{ task: id, planned: minutes, real: mine ? (mine.end - mine.start) / MINUTE_MS : 0 }]
      : [];
  });
  const handsPlanned = work.reduce((sum, { planned }) => sum + planned, 0);
  const handsReal = work.reduce((sum, { real }) => sum + real, 0);
  const washed = plan.washes.filter(({ before }) => facts.get(before)?.doneAt !== undefined && !skipped.has(before));
  const wrong =
    told.endsAt - startedAt > LONGEST_MS ||
    told.tasks.some(({ start, end }) => end < start || start < startedAt - LONGEST_MS);
  const doubt: PastSession['doubt'] = wrong
    ? 'a clock was wrong'
    : !told.finished
      ? 'it was never ended'
      : handsReal < handsPlanned * TOO_QUICK
        ? 'its steps were ticked off at once'
        : undefined;
  return {
    id: session.id,
    name: session.name,
    plannedStart: Date.parse(session.startsAt),
    start: startedAt,
    ...(doubt === undefined ? {} : { doubt }),
    finish: told.endsAt,
    lateness: whyLate(problem, plan, Date.parse(session.startsAt), startedAt, told.tasks),
    handsPlanned,
    hands: handsReal,
    work,
    washes: [...new Set(washed.map(({ resource }) => resourceWords(resource)))].map((of) => ({
      of,
      times: washed.filter(({ resource }) => resourceWords(resource) === of).length,
    })),
    names: Object.fromEntries(
      Object.values(about).map(({ id, dish, name }) => [
        id,
        name.toLowerCase().includes(dish.toLowerCase()) ? name : `${dish}: ${name}`,
      ]),
    ),
  };
}

/** What became of each dish in these days, the most made and eaten first. */
export function dishesOfPast(view: KitchenView, past: PastState): readonly PastDish[] {
  const { movements, before } = past;
  const grams = new Map<string, Record<Deed | 'frozen' | 'before', number>>();
  const of = (food: string) => {
    const known = grams.get(food) ?? {
      before: 0,
      made: 0,
      eaten: 0,
      given: 0,
      thrown: 0,
      used: 0,
      between: 0,
      otherwise: 0,
      frozen: 0,
    };
    grams.set(food, known);
    return known;
  };
  const given = givenLots(movements);
  const moves = new Map<string, PastMove[]>();
  // Read from every movement there is: once for a food, not once for each of its movements.
  const portions = new Map<string, number>();
  const portionOf = (food: string): number => {
    const each = portions.get(food) ?? portionOfBoxes(past, food);
    portions.set(food, each);
    return each;
  };
  const note = ({ food, at, kind, reason, placeKind }: PastMovement, figure: PastMove['in'], amount: number) => {
    const mine = moves.get(food) ?? [];
    moves.set(food, mine);
    mine.push({ in: figure, at, kind, portions: amount / portionOf(food), reason, placeKind });
  };
  for (const { food, amount } of before) of(food).before += Number(amount);
  for (const movement of movements) {
    // Only what is in boxes: what is bought is told in money.
    if (movement.portionG === null) continue;
    const sums = of(movement.food);
    const amount = Number(movement.amount);
    const deed = deedOf(movement, given);
    sums[deed] += amount;
    note(movement, deed === 'between' ? 'otherwise' : deed, LEAVES.has(deed) ? -amount : amount);
    if (movement.placeKind === 'freezer' && amount > 0 && ['made', 'frozen', 'moved'].includes(movement.kind)) {
      sums.frozen += amount;
      note(movement, 'frozen', amount);
    }
  }
  return [...grams]
    .flatMap(([food, sums]): PastDish[] => {
      const known = view.foods.get(food);
      const each = portionOf(food);
      const { made, eaten, given: away, thrown, used, between, otherwise } = sums;
      const left = sums.before + made + eaten + away + thrown + used + between + otherwise;
      const told: PastDish = {
        food,
        name: known?.name ?? 'something',
        before: sums.before / each,
        made: made / each,
        frozen: sums.frozen / each,
        eaten: -eaten / each,
        given: -away / each,
        thrown: -thrown / each,
        used: -used / each,
        otherwise: (otherwise + between) / each,
        left: left / each,
        moves: moves.get(food) ?? [],
      };
      return [told];
    })
    .sort((a, b) => b.made + b.eaten - a.made - a.eaten || a.name.localeCompare(b.name));
}

/** What was given away, as far as it is told of whole boxes: what took that back is counted against it. */
const givenLots = (movements: readonly PastMovement[]): ReadonlySet<string> =>
  new Set(movements.flatMap(({ kind, reason, lot }) => (kind === 'thrown' && reason === GIVEN_AWAY ? [lot] : [])));

/** What was thrown away and not taken back, the dearest first. */
function thrownIn(view: KitchenView, movements: readonly PastMovement[]): readonly PastThrown[] {
  const back = new Map<string, number>();
  for (const { kind, reason, lot, amount } of movements)
    if (kind === 'corrected' && reason === 'undo: throw lot') back.set(lot, (back.get(lot) ?? 0) + Number(amount));
  return movements
    .flatMap((movement): PastThrown[] => {
      if (movement.kind !== 'thrown' || movement.reason === GIVEN_AWAY) return [];
      const amount = -Number(movement.amount);
      const undone = Math.min(amount, back.get(movement.lot) ?? 0);
      back.set(movement.lot, (back.get(movement.lot) ?? 0) - undone);
      const food = view.foods.get(movement.food);
      if (amount - undone < 1e-9 || !food) return [];
      return [
        {
          name: food.name,
          amountText: show(ofBase(food.facts.base, new Fraction(movement.amount).neg().sub(undone))),
          reason: movement.reason ?? '',
          minor: movement.minor === null ? undefined : Math.round((movement.minor * (amount - undone)) / amount),
        },
      ];
    })
    .sort((a, b) => (b.minor ?? 0) - (a.minor ?? 0));
}

/** Of each food, its last purchase of these days against the last one before them; where there was none, against the first of them. */
function pricesIn(view: KitchenView, purchases: KitchenView['costs']['prices']): readonly PriceChange[] {
  const byDay = [...purchases].sort((a, b) => a.on.localeCompare(b.on));
  return [...new Set(byDay.map(({ food }) => food))]
    .flatMap((food): PriceChange[] => {
      const mine = byDay.filter((price) => price.food === food);
      const [first] = mine;
      const last = mine[mine.length - 1];
      const name = view.foods.get(food)?.name;
      if (!first || !last || name === undefined) return [];
      const before = view.costs.prices
        .filter((price) => price.food === food && price.from === 'purchase' && price.on < first.on)
        .sort((a, b) => b.on.localeCompare(a.on))[0];
      const from = before ?? first;
      const [was, is] = [from.minor / Number(from.amount), last.minor / Number(last.amount)];
      // A till rounds to whole minor units: of a pinch that alone is a tenth.
      const rounding = 0.5 / Number(from.amount) + 0.5 / Number(last.amount);
      const times = is / was;
      return Math.abs(times - 1) < NEWS || Math.abs(is - was) <= rounding ? [] : [{ food, name, on: last.on, times }];
    })
    .sort((a, b) => Math.abs(b.times - 1) - Math.abs(a.times - 1));
}
