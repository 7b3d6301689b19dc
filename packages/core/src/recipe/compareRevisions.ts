import type { Food, FoodId } from '../food/index.ts';
import type { Line, Method, Revision, StationUse, Step, Version } from './revision.ts';
import { attentionWords, goesWords, lawWords, stepTimes, stepWords, timeWords, writtenWords } from './words.ts';

/** One thing that two revisions say differently; a side that is missing does not say it at all. */
export interface Difference {
  readonly part: 'recipe' | 'ingredient' | 'step' | 'station' | 'method' | 'version';
  /** Which ingredient, step and so on, by its name. */
  readonly of: string;
  readonly what: string;
  readonly was?: string;
  readonly now?: string;
}

/** What changed from one revision to another, in the order of a recipe; an empty list means that they say the same. */
export function compareRevisions(
  was: Revision,
  now: Revision,
  foods: ReadonlyMap<FoodId, Food>,
): readonly Difference[] {
  const nameOf = (food: FoodId) => foods.get(food)?.name ?? 'a food that is gone';
  return [
    ...fields('recipe', now.name, recipeFields(was), recipeFields(now)),
    ...items('ingredient', was.lines, now.lines, (line) => nameOf(line.food), lineFields(nameOf)),
    ...items('step', was.steps, now.steps, (step) => step.name, stepFields(was, now)),
    ...items('station', useItems(was.uses), useItems(now.uses), (use) => use.station, useFields),
    ...items('method', was.methods ?? [], now.methods ?? [], (method) => method.name, methodFields(nameOf)),
    ...items('version', was.versions ?? [], now.versions ?? [], (version) => version.name, versionFields(nameOf)),
  ];
}

type Fields = Readonly<Record<string, string | undefined>>;

const recipeFields = (recipe: Revision): Fields => ({
  name: recipe.name,
  portions: `${recipe.portions}`,
  vessel: recipe.vessel,
  'what it makes': recipe.component.name,
  'days in the fridge': `${recipe.component.fridgeDays.value}`,
  'days in the freezer': `${recipe.component.freezerDays.value}`,
  'days in the cupboard': recipe.component.cupboardDays ? `${recipe.component.cupboardDays.value}` : undefined,
  eaten: recipe.component.eatenCold === undefined ? undefined : recipe.component.eatenCold ? 'cold' : 'hot',
  'before eating': recipe.component.beforeEating,
  'put together as': recipe.unit?.name,
  tin: recipe.pan ? JSON.stringify(recipe.pan) : undefined,
});

const lineFields =
  (nameOf: (food: FoodId) => string) =>
  (line: Line): Fields => ({
    food: nameOf(line.food),
    amount: writtenWords(line.amount),
    grows: lawWords(line.law),
    form: line.form,
    optional: line.optional ? 'optional' : undefined,
    'comes out again': line.comesOut ? 'yes' : undefined,
    counted: line.prepared ? 'edible part' : undefined,
    'may also be': line.slot?.allowed.map(nameOf).join(', '),
    'goes into': line.into.map(({ step, share }) => `${share} into ${step}`).join(', '),
  });

const stepFields =
  (was: Revision, now: Revision) =>
  (step: Step): Fields => {
    const nameOf = (id: string) => [...now.steps, ...was.steps].find((each) => each.id === id)?.name ?? id;
    return {
      'what is done': stepWords(step),
      times: stepTimes(step),
      waits: step.after
        .map(({ step: before, min, max }) => `for “${nameOf(before)}”, ${min} to ${max === null ? 'any' : max} min`)
        .join('; '),
      once: step.per === 'load' ? 'for each load' : 'for the batch',
      gives: step.gives
        ?.map((gives) => `${gives.name} ${writtenWords(gives.amount)}, ${goesWords(gives, nameOf)}`)
        .join('; '),
    };
  };

const useItems = (uses: readonly StationUse[]) =>
  uses.map((use) => ({ ...use, id: `${use.station} ${use.from} ${use.to}` }));
const useFields = (use: StationUse): Fields => ({
  heat: use.celsius === undefined ? undefined : `${use.celsius} °C`,
  grill: use.grill ? 'alone under the grill' : undefined,
  bears: use.toleranceC === undefined ? undefined : `± ${use.toleranceC} °C`,
  wash: use.wash === undefined ? undefined : `${use.wash} min`,
});

const methodFields =
  (nameOf: (food: FoodId) => string) =>
  (method: Method): Fields => ({
    vessel: method.vessel,
    steps: method.steps
      .map(
        (step) =>
          `${step.name}${step.kind === 'work' ? ` (${timeWords(step.time)}, ${attentionWords(step.attention)})` : ''}`,
      )
      .join('; '),
    amounts: changeWords(method.lines, nameOf),
  });

const versionFields =
  (nameOf: (food: FoodId) => string) =>
  (version: Version): Fields => ({
    amounts: changeWords(version.lines, nameOf),
    without: version.without.join(', '),
    'skips the steps': version.skips.join(', '),
  });

const changeWords = (changes: Version['lines'], nameOf: (food: FoodId) => string): string =>
  changes
    .map(({ line, food, amount }) =>
      `${food === undefined ? line : nameOf(food)} ${amount ? writtenWords(amount) : ''}`.trim(),
    )
    .join(', ');

function items<T extends { readonly id: string }>(
  part: Difference['part'],
  was: readonly T[],
  now: readonly T[],
  nameOf: (item: T) => string,
  fieldsOf: (item: T) => Fields,
): readonly Difference[] {
  return [
    ...was.filter((item) => !now.some((other) => other.id === item.id)).map((item) => gone(part, nameOf(item))),
    ...now.flatMap((item) => {
      const before = was.find((other) => other.id === item.id);
      if (!before)
        return [
          { part, of: nameOf(item), what: 'added', now: Object.values(fieldsOf(item)).filter(Boolean).join(' · ') },
        ];
      return fields(part, nameOf(item), fieldsOf(before), fieldsOf(item));
    }),
  ];
}

const gone = (part: Difference['part'], of: string): Difference => ({ part, of, what: 'taken out', was: of });

const fields = (part: Difference['part'], of: string, was: Fields, now: Fields): readonly Difference[] =>
  [...new Set([...Object.keys(was), ...Object.keys(now)])].flatMap((what) =>
    (was[what] ?? '') === (now[what] ?? '')
      ? []
      : [{ part, of, what, ...(was[what] ? { was: was[what] } : {}), ...(now[what] ? { now: now[what] } : {}) }],
  );
