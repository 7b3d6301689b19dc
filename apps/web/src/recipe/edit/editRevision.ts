import {
  skipSteps,
  type Line,
  type LineChange,
  type Method,
  type Revision,
  type Share,
  type StationUse,
  type Step,
  type Version,
} from '@kestrel-ridge/core/recipe';

/** A change to some fields; undefined takes an optional field away. */
export type Change<T> = { readonly [K in keyof T]?: T[K] | undefined };

/** Which way is edited: the first, which has no id, or a method by its id. */
export type WayId = string | undefined;

/** What the cook did to a recipe that is being edited. */
export type Edit =
  | { readonly did: 'begun anew'; readonly recipe: Revision }
  | { readonly did: 'recipe changed'; readonly change: Change<Revision> }
  | { readonly did: 'component changed'; readonly change: Partial<Revision['component']> }
  | { readonly did: 'line changed'; readonly line: string; readonly change: Change<Line> }
  | { readonly did: 'line sent'; readonly way: WayId; readonly line: string; readonly into: readonly Share[] }
  | { readonly did: 'line added'; readonly line: Line }
  | { readonly did: 'line removed'; readonly line: string }
  | { readonly did: 'line moved'; readonly line: string; readonly by: -1 | 1 }
  | { readonly did: 'step changed'; readonly way: WayId; readonly step: string; readonly change: Change<Step> }
  | { readonly did: 'step replaced'; readonly way: WayId; readonly step: Step }
  | { readonly did: 'step added'; readonly way: WayId }
  | { readonly did: 'step removed'; readonly way: WayId; readonly step: string }
  | { readonly did: 'step moved'; readonly way: WayId; readonly step: string; readonly by: -1 | 1 }
  | { readonly did: 'uses changed'; readonly way: WayId; readonly uses: readonly StationUse[] }
  | { readonly did: 'method added' }
  | { readonly did: 'method changed'; readonly method: string; readonly change: Change<Method> }
  | { readonly did: 'method removed'; readonly method: string }
  | { readonly did: 'version added' }
  | { readonly did: 'version changed'; readonly version: string; readonly change: Change<Version> }
  | { readonly did: 'version removed'; readonly version: string };

/** The recipe after an edit; the one before it is not touched. */
export function editRevision(recipe: Revision, edit: Edit): Revision {
  switch (edit.did) {
    case 'begun anew':
      return edit.recipe;
    case 'recipe changed':
      return patched(recipe, edit.change);
    case 'component changed':
      return { ...recipe, component: { ...recipe.component, ...edit.change } };
    case 'line changed':
      return {
        ...recipe,
        lines: recipe.lines.map((line) => (line.id === edit.line ? patched(line, edit.change) : line)),
      };
    case 'line sent':
      return inWay(recipe, edit.way, (way) => ({
        ...way,
        lines: way.lines.map((line) => (line.id === edit.line ? { ...line, into: edit.into } : line)),
      }));
    case 'line added':
      return { ...recipe, lines: [...recipe.lines, edit.line] };
    case 'line removed':
      return withoutLine(recipe, edit.line);
    case 'line moved':
      return { ...recipe, lines: moved(recipe.lines, edit.line, edit.by) };
    case 'step changed':
      return inWay(recipe, edit.way, (way) => ({
        ...way,
        steps: way.steps.map((step) => (step.id === edit.step ? patched(step, edit.change) : step)),
      }));
    case 'step replaced':
      return inWay(recipe, edit.way, (way) => ({
        ...way,
        steps: way.steps.map((step) => (step.id === edit.step.id ? edit.step : step)),
      }));
    case 'step added':
      return inWay(recipe, edit.way, (way) => ({ ...way, steps: [...way.steps, newStep(way.steps)] }));
    case 'step removed':
      return inWay(recipe, edit.way, (way) => {
        // What went into it goes into the next; who waited for it waits for what it waited for.
        const { steps, uses, lines } = skipSteps({ ...recipe, ...way }, [edit.step]);
        return { vessel: way.vessel, steps, uses, lines };
      });
    case 'step moved':
      return inWay(recipe, edit.way, (way) => ({ ...way, steps: moved(way.steps, edit.step, edit.by) }));
    case 'uses changed':
      return inWay(recipe, edit.way, (way) => ({ ...way, uses: edit.uses }));
    case 'method added': {
      const id = unused(
        'method',
        (recipe.methods ?? []).map(({ id: taken }) => taken),
      );
      const method: Method = {
        id,
        name: 'another way',
        vessel: recipe.vessel,
        steps: recipe.steps,
        uses: recipe.uses,
        lines: [],
      };
      return { ...recipe, methods: [...(recipe.methods ?? []), method] };
    }
    case 'method changed':
      return {
        ...recipe,
        methods: (recipe.methods ?? []).map((each) => (each.id === edit.method ? patched(each, edit.change) : each)),
      };
    case 'method removed':
      return { ...recipe, methods: (recipe.methods ?? []).filter(({ id }) => id !== edit.method) };
    case 'version added': {
      const id = unused(
        'version',
        (recipe.versions ?? []).map(({ id: taken }) => taken),
      );
      const version: Version = { id, name: 'another version', lines: [], without: [], skips: [] };
      return { ...recipe, versions: [...(recipe.versions ?? []), version] };
    }
    case 'version changed':
      return {
        ...recipe,
        versions: (recipe.versions ?? []).map((each) => (each.id === edit.version ? patched(each, edit.change) : each)),
      };
    case 'version removed':
      return { ...recipe, versions: (recipe.versions ?? []).filter(({ id }) => id !== edit.version) };
    default:
      return edit satisfies never;
  }
}

/** What one way of cooking says: vessel, steps, stations, and where each line goes. */
export type Way = Pick<Revision, 'vessel' | 'steps' | 'uses' | 'lines'>;

/** A way as if it were the only one: a method's changes to the lines are in them. */
export function wayOf(recipe: Revision, way: WayId): Way {
  const method = recipe.methods?.find(({ id }) => id === way);
  if (!method) return recipe;
  return {
    vessel: method.vessel,
    steps: method.steps,
    uses: method.uses,
    lines: recipe.lines.map((line) => {
      const change = method.lines.find((each) => each.line === line.id);
      if (!change) return line;
      const { line: _id, ...what } = change;
      return { ...line, ...what };
    }),
  };
}

export const changedLine = (
  changes: readonly LineChange[],
  line: string,
  change: Omit<LineChange, 'line'>,
): readonly LineChange[] =>
  changes.some((each) => each.line === line)
    ? changes.map((each) => (each.line === line ? { ...each, ...change } : each))
    : [...changes, { line, ...change }];

function inWay(recipe: Revision, id: WayId, change: (way: Way) => Way): Revision {
  const before = wayOf(recipe, id);
  const after = change(before);
  const method = recipe.methods?.find((each) => each.id === id);
  if (!method) return { ...recipe, vessel: after.vessel, steps: after.steps, uses: after.uses, lines: after.lines };
  let lines = method.lines;
  for (const line of after.lines) {
    const was = before.lines.find((each) => each.id === line.id);
    if (was && was.into !== line.into && JSON.stringify(was.into) !== JSON.stringify(line.into))
      lines = changedLine(lines, line.id, { into: line.into });
  }
  const changed: Method = { ...method, vessel: after.vessel, steps: after.steps, uses: after.uses, lines };
  return { ...recipe, methods: (recipe.methods ?? []).map((each) => (each.id === id ? changed : each)) };
}

function withoutLine(recipe: Revision, line: string): Revision {
  const rid = (changes: readonly LineChange[]) => changes.filter((each) => each.line !== line);
  return {
    ...recipe,
    lines: recipe.lines.filter((each) => each.id !== line),
    ...(recipe.methods ? { methods: recipe.methods.map((each) => ({ ...each, lines: rid(each.lines) })) } : {}),
    ...(recipe.versions
      ? {
          versions: recipe.versions.map((each) => ({
            ...each,
            lines: rid(each.lines),
            without: each.without.filter((other) => other !== line),
          })),
        }
      : {}),
  };
}

/** A step with nothing said yet: five minutes of hands, after the last one. */
function newStep(steps: readonly Step[]): Step {
  const last = steps.at(-1);
  return {
    kind: 'work',
    id: unused(
      'step',
      steps.map(({ id }) => id),
    ),
    name: '',
    time: { law: 'fixed', minutes: { earliest: 5, expected: 5, latest: 5 } },
    attention: { needs: 'hands' },
    after: last ? [{ step: last.id, min: 0, max: null }] : [],
    per: 'batch',
  };
}

/** "step-1", "step-2" … : the first that is not taken. */
export function unused(word: string, taken: readonly string[]): string {
  let n = taken.length + 1;
  while (taken.includes(`${word}-${n}`)) n++;
  return `${word}-${n}`;
}

function moved<T extends { readonly id: string }>(items: readonly T[], id: string, by: -1 | 1): readonly T[] {
  const from = items.findIndex((item) => item.id === id);
  const to = from + by;
  const item = items[from];
  if (!item || to < 0 || to >= items.length) return items;
  const rest = items.filter((each) => each.id !== id);
  return [...rest.slice(0, to), item, ...rest.slice(to)];
}

/** The thing with its changed fields; a field that became undefined is gone. */
function patched<T extends object>(thing: T, change: object): T {
  return Object.fromEntries(Object.entries({ ...thing, ...change }).filter(([, value]) => value !== undefined)) as T;
}
