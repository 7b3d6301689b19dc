import type { Food } from '../food/index.ts';
import type {
  BatchState,
  CostState,
  KitchenState,
  LotState,
  PlaceState,
  RecipeState,
  StoredRecipe,
  SessionState,
  WeekState,
} from '../formats/index.ts';
import { Fraction, type Day } from '../quantity/index.ts';
import { cookedAs, type Revision } from '../recipe/index.ts';
import { scaleBatch, type ScaledBatch } from '../scaling/index.ts';
import { whyOf, type LeftOut } from './leftOut.ts';
import { keepsUntil, urgencyOf, type Life, type Urgency } from '../storage/index.ts';

/** A lot with what follows from it today. */
export interface ShelfLot {
  readonly state: LotState;
  readonly food: Food;
  readonly place: PlaceState;
  readonly onHand: Fraction;
  readonly until: Life | undefined;
  readonly urgency: Urgency;
}

/** A batch with its recipe, scaled for this kitchen. */
export interface ScaledBatchView {
  readonly state: BatchState;
  /** As it is cooked here: method, version, fills and swaps are in it. */
  readonly recipe: RecipeState;
  /** As it was written, in the revision that the batch goes by. */
  readonly written: Revision;
  /** In which it is cooked. */
  readonly session: SessionState;
  readonly scaled: ScaledBatch;
}

export interface KitchenView {
  readonly kitchen: KitchenState;
  readonly today: Day;
  readonly foods: ReadonlyMap<string, Food>;
  readonly lots: readonly ShelfLot[];
  readonly recipes: readonly RecipeState[];
  readonly week: WeekState;
  readonly costs: CostState;
  /** What is being cooked, or will be next. */
  readonly session: SessionState | undefined;
  /** Batches of that session and of all that are planned beside it; dropped ones left out. */
  readonly batches: readonly ScaledBatchView[];
  /** What cannot be understood. */
  readonly leftOut?: readonly LeftOut[];
}

/** A kitchen as its screens start from it: what the server stores, with what follows from it. `chosen`: the session that somebody looks at. */
export function viewOf(
  kitchen: KitchenState,
  foodStates: readonly Food[],
  lotStates: readonly LotState[],
  stored: readonly StoredRecipe[],
  week: WeekState,
  costs: CostState,
  chosen: string | null,
): KitchenView {
  const foods = foodsById(foodStates);
  const places = new Map(kitchen.places.map((place) => [place.id, place]));
  const recipes = readable(stored);
  const leftOut: LeftOut[] = recipesLeftOut(stored);
  const lots = lotStates.flatMap((state): ShelfLot[] => {
    const food = foods.get(state.food);
    const place = places.get(state.place);
    if (!food || !place) {
      leftOut.push({
        what: 'lot',
        id: state.id,
        name: food?.name ?? 'something',
        why: food ? 'Its place is not known.' : 'Its food is not known.',
      });
      return [];
    }
    const before = lotsKnown.get(state);
    if (before?.food === food && before.place === place && before.today === kitchen.today) return [before.lot];
    try {
      const until = keepsUntil(food, place.kind, state.dates);
      const urgency = urgencyOf(until?.value, kitchen.today);
      const lot: ShelfLot = {
        state,
        food,
        place,
        onHand: new Fraction(state.onHand),
        until,
        // A box is made to be eaten within days: only its last day presses.
        urgency: state.portionG !== null && urgency === 'soon' ? 'later' : urgency,
      };
      lotsKnown.set(state, { food, place, today: kitchen.today, lot });
      return [lot];
    } catch (thrown) {
      leftOut.push({ what: 'lot', id: state.id, name: food.name, why: whyOf(thrown) });
      return [];
    }
  });
  const session = week.sessions.find(({ id, status }) => id === chosen && status === 'planned') ?? currentSession(week);
  const nameOf = (recipe: string) => stored.find(({ id }) => id === recipe)?.name;
  const batches = scaledBatches({ kitchen, foods, recipes, week, session }, leftOut, nameOf);
  return { kitchen, today: kitchen.today, foods, lots, recipes, week, costs, session, batches, leftOut };
}

const lotsByFood = new WeakMap<readonly ShelfLot[], ReadonlyMap<string, readonly ShelfLot[]>>();
/** The lots of a food, looked up once for a state of the shelf. */
export function lotsOf({ lots }: Pick<KitchenView, 'lots'>, food: string): readonly ShelfLot[] {
  let known = lotsByFood.get(lots);
  if (!known) {
    const made = new Map<string, ShelfLot[]>();
    for (const lot of lots) {
      const mine = made.get(lot.food.id);
      if (mine) mine.push(lot);
      else made.set(lot.food.id, [lot]);
    }
    known = made;
    lotsByFood.set(lots, known);
  }
  return known.get(food) ?? [];
}

/** Rows are never changed in place: what follows from one holds as long as it is the same row. */
const lotsKnown = new WeakMap<
  LotState,
  { readonly food: Food; readonly place: PlaceState; readonly today: Day; readonly lot: ShelfLot }
>();
const foodsKnown = new WeakMap<readonly Food[], ReadonlyMap<string, Food>>();
const batchesKnown = new WeakMap<BatchState, { readonly from: readonly unknown[]; readonly batch: ScaledBatchView }>();

function foodsById(states: readonly Food[]): ReadonlyMap<string, Food> {
  const known = foodsKnown.get(states) ?? new Map(states.map((food) => [food.id, food]));
  foodsKnown.set(states, known);
  return known;
}

/** The batches of the session at hand and of all that are planned beside it, scaled for this kitchen; dropped ones left out. */
export function scaledBatches(
  { kitchen, foods, recipes, week, session }: Pick<KitchenView, 'kitchen' | 'foods' | 'recipes' | 'week' | 'session'>,
  /** Gets what cannot be understood. */
  leftOut: LeftOut[] = [],
  nameOf: (recipe: string) => string | undefined = () => undefined,
): readonly ScaledBatchView[] {
  const open = new Map(
    week.sessions.filter(({ id, status }) => id === session?.id || status === 'planned').map((each) => [each.id, each]),
  );
  return week.batches
    .filter((batch) => batch.status !== 'dropped')
    .flatMap((state): ScaledBatchView[] => {
      const newest = recipes.find((each) => each.id === state.recipe);
      const cookedIn = open.get(state.session);
      if (!cookedIn) return [];
      const out = (why: string): [] => {
        const { id, recipe, version } = state;
        const name = nameOf(recipe) ?? newest?.name ?? 'A dish';
        leftOut.push({ what: 'batch', id, name, why, version, ...(newest ? { recipe } : {}) });
        return [];
      };
      if (!newest) return out('Its recipe cannot be read.');
      const older = week.revisions.find(
        ({ recipe, number }) => recipe === state.recipe && number === state.revision,
      )?.document;
      // Never another revision in its place: its amounts would be others.
      if (!older && (newest.fault !== undefined || state.revision !== newest.number))
        return out('The revision that it goes by cannot be read.');
      const written = older ?? newest.document;
      const from = [newest, written, cookedIn, foods, kitchen.equipment];
      const known = batchesKnown.get(state);
      if (known?.from.every((each, n) => each === from[n])) return [known.batch];
      try {
        const { document, scaled } = scaledAs(written, state, foods, kitchen.equipment);
        const batch = { state, recipe: { ...newest, document }, written, session: cookedIn, scaled };
        batchesKnown.set(state, { from, batch });
        return [batch];
      } catch (thrown) {
        return out(whyOf(thrown));
      }
    })
    .sort((a, b) => a.recipe.name.localeCompare(b.recipe.name));
}

interface ScaledAs {
  readonly from: readonly unknown[];
  readonly document: Revision;
  readonly scaled: ScaledBatch;
}
/** While weeks are tried the same dish is scaled to the same size again and again: what it came to is remembered with what was written. */
const scaledKnown = new WeakMap<Revision, Map<string, ScaledAs>>();
const MOST_SIZES = 60;

/** A dish as it is cooked, in the size of its batch. */
function scaledAs(
  written: Revision,
  { portions, choice, finals }: Pick<BatchState, 'portions' | 'choice' | 'finals'>,
  foods: KitchenView['foods'],
  equipment: KitchenState['equipment'],
): ScaledAs {
  const sizes = scaledKnown.get(written) ?? new Map<string, ScaledAs>();
  scaledKnown.set(written, sizes);
  const key = JSON.stringify([portions, choice, finals]);
  const before = sizes.get(key);
  if (before?.from[0] === foods && before.from[1] === equipment) return before;
  const document = cookedAs(written, choice, foods);
  const scaled = scaleBatch(document, new Fraction(portions), foods, equipment, finals);
  if (sizes.size >= MOST_SIZES) sizes.clear();
  const now = { from: [foods, equipment], document, scaled };
  sizes.set(key, now);
  return now;
}

const isReadable = (recipe: StoredRecipe): recipe is RecipeState => recipe.document !== null;

/** The same list for the same rows, so that what follows from it is not worked out again. */
const readableOf = new WeakMap<readonly StoredRecipe[], readonly RecipeState[]>();
function readable(stored: readonly StoredRecipe[]): readonly RecipeState[] {
  if (stored.every(isReadable)) return stored;
  const known = readableOf.get(stored) ?? stored.filter(isReadable);
  readableOf.set(stored, known);
  return known;
}

const recipesLeftOut = (stored: readonly StoredRecipe[]): LeftOut[] =>
  stored.flatMap((recipe): LeftOut[] => {
    const { id, name, fault } = recipe;
    if (fault === undefined) return [];
    return recipe.document === null
      ? [{ what: 'recipe', id, name, why: `It cannot be read: ${fault}` }]
      : [
          {
            what: 'recipe',
            id,
            name,
            recipe: id,
            why: `The one before is shown, as its newest revision cannot be read: ${fault}`,
          },
        ];
  });

/** The session under way; else the next planned; else the last one done, whose boxes are being eaten. */
function currentSession({ sessions }: WeekState): SessionState | undefined {
  return (
    sessions.find((session) => session.status === 'running') ??
    sessions.find((session) => session.status === 'planned') ??
    sessions.at(-1)
  );
}
