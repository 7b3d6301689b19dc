import type { CautionId } from '../food/index.ts';
import type { Equipment } from '../kitchen/index.ts';
import { Fraction, quantityOf, show, times } from '../quantity/index.ts';
import { goesWords, type ByProduct, type Line, type StationUse, type Step } from '../recipe/index.ts';
import { perLoad, showAmount, type ScaledBatch, type ScaledLine } from '../scaling/index.ts';
import { pressureStages } from './pressureStages.ts';
import { OVEN_OFF_ABOUT, ovenOn } from './ovenOn.ts';
import { OVEN_OFF, powerLimit } from './powerLimit.ts';
import type { Problem, ProblemLink, ProblemTask, ProblemUse, Resource } from './problem.ts';
import { sharedHeats } from './sharedHeats.ts';
import { stepMinutes } from './stepMinutes.ts';
import type { GoesIn, Stage, TaskAbout } from './taskAbout.ts';

export interface PlannedBatch {
  readonly id: string;
  readonly scaled: ScaledBatch;
}

/** Work that must have begun before the session. */
export interface Ahead {
  readonly batch: string;
  readonly dish: string;
  readonly name: string;
  readonly leastHours: number;
  readonly mostHours: number;
  readonly goesIn: readonly GoesIn[];
  readonly cautions: readonly CautionId[];
}

export interface SessionTasks {
  readonly problem: Problem;
  readonly about: Readonly<Record<string, TaskAbout>>;
  readonly ahead: readonly Ahead[];
}

/** What there is one of, and one thing at a time is in. */
const SINGLE = ['cooker', 'jug', 'rice cooker', 'microwave', 'air fryer'] as const;

/** Where a recipe does not say. Common practice, no published source. */
const USUAL_HEAT = 200;

/**
 * Batches into tasks: each batch into loads, each load into the tasks of its steps, the sealed cooker's cycle into its stages.
 * Kitchen words in, a neutral problem out, with a note beside each task that says what it is.
 */
export function expandSession(
  id: string,
  batches: readonly PlannedBatch[],
  equipment: Equipment,
  cooks: number,
): SessionTasks {
  const tasks: ProblemTask[] = [];
  const links: ProblemLink[] = [];
  const uses: ProblemUse[] = [];
  const about: Record<string, TaskAbout> = {};
  const ahead: Ahead[] = [];

  const add = (entry: TaskAbout) => {
    about[entry.id] = entry;
    tasks.push({
      id: entry.id,
      dish: entry.dish,
      name: entry.name,
      minutes: entry.window.expected,
      attention: entry.attention.needs === 'hands' ? 'full' : entry.attention.needs === 'look' ? 'look' : 'none',
      ...(entry.attention.needs === 'look' ? { lookEvery: entry.attention.everyMinutes } : {}),
    });
  };

  const ovenIn = new Map<number, string[]>();
  const ovenHeats = sharedHeats(
    batches.flatMap(({ id: batch, scaled }) =>
      scaled.recipe.uses
        .filter(({ station }) => station === 'oven')
        .map((use) => ({
          id: `${batch}/${use.from}`,
          celsius: use.celsius ?? USUAL_HEAT,
          toleranceC: use.toleranceC ?? 0,
        })),
    ),
  );
  const heatOf = (batch: string, use: StationUse) => ovenHeats.get(`${batch}/${use.from}`) ?? USUAL_HEAT;

  for (const { id: batch, scaled } of batches) {
    const { recipe } = scaled;
    const loads = scaled.loads.value.loads;
    const dish = recipe.component.name;
    const numbers = (step: Step) => (step.per === 'batch' ? [0] : Array.from({ length: loads }, (_, n) => n + 1));
    const taskId = (step: string, load: number, stage?: Stage) =>
      [batch, step, ...(load ? [`${load}`] : []), ...(stage ? [stage] : [])].join('/');
    const entry = (step: Step, load: number) =>
      step.kind === 'pressure' ? taskId(step.id, load, 'load') : taskId(step.id, load);
    const exit = (step: Step, load: number) =>
      step.kind === 'pressure' ? taskId(step.id, load, 'empty') : taskId(step.id, load);
    const steps = new Map(recipe.steps.map((step) => [step.id, step]));
    const goesIn = (step: string, parts: number): GoesIn[] =>
      scaled.lines
        .filter(({ line }) => line.into.some((into) => into.step === step))
        .map((line) => {
          const share = shareInto(line.line, step);
          const due = times(perLoad(line, parts), share);
          const shown = showAmount(due, line.food, equipment);
          const first = line.first && showAmount(times(due, firstShare(line)), line.food, equipment);
          return {
            line: line.line.id,
            food: line.food.name,
            ...(line.line.form ? { form: line.line.form } : {}),
            amount: shown.first,
            ...(shown.second ? { second: shown.second } : {}),
            ...(share.compare(1) < 0 ? { share: share.toFraction() } : {}),
            ...(first ? { first: first.first } : {}),
            comesOut: line.line.comesOut ?? false,
          };
        });
    const given = recipe.steps.flatMap((from) => (from.gives ?? []).map((gives) => ({ from, gives })));
    const amountOf = (gives: ByProduct, parts: number) =>
      show(times(quantityOf(gives.amount), scaled.factor.div(parts)));
    const keptInto = (step: string, parts: number): GoesIn[] =>
      given
        .filter(({ gives: { goes } }) => goes.to === 'step' && goes.step === step)
        .map(({ from, gives }) => ({
          line: `${from.id}/${gives.name}`,
          food: gives.name,
          form: 'kept from before',
          amount: amountOf(gives, parts),
          comesOut: false,
        }));
    const stepName = (wanted: string) => recipe.steps.find((step) => step.id === wanted)?.name ?? wanted;
    const kilos = (step: string, parts: number): number =>
      scaled.lines
        .filter(({ line, food }) => food.facts.kind !== 'water' && line.into.some((into) => into.step === step))
        .reduce(
          (sum, { line, grams }) => sum + ((grams?.g.valueOf() ?? 0) / 1000 / parts) * shareInto(line, step).valueOf(),
          0,
        );

    for (const step of recipe.steps) {
      if (step.kind === 'ahead') {
        ahead.push({
          batch,
          dish,
          name: step.name,
          leastHours: step.hours.least,
          mostHours: step.hours.most,
          goesIn: goesIn(step.id, 1),
          cautions: step.cautions ?? [],
        });
        continue;
      }
      for (const load of numbers(step)) {
        const parts = load ? loads : 1;
        const common = { batch, dish, load, loads: load ? loads : 1, step: step.id };
        const loadWord = load && loads > 1 ? `, load ${load} of ${loads}` : '';
        if (step.kind === 'pressure') {
          for (const stage of pressureStages(step, scaled, equipment)) {
            const task = taskId(step.id, load, stage.stage);
            add({
              ...common,
              id: task,
              station: 'cooker',
              goesIn: stage.stage === 'load' ? goesIn(step.id, parts) : [],
              ...stage,
              name: `${stage.name}${loadWord}`,
            });
          }
          const order: Stage[] = ['load', 'come up', 'hold', 'natural', 'vent', 'empty'];
          const present = order.filter((stage) => about[taskId(step.id, load, stage)]);
          present.slice(1).forEach((stage, n) => {
            const slack = stage === 'vent' ? 10 : stage === 'empty' ? 3 : 0;
            links.push({
              from: taskId(step.id, load, present[n]),
              to: taskId(step.id, load, stage),
              min: 0,
              max: slack,
            });
          });
        } else {
          const minutes = stepMinutes(step, { kilos: kilos(step.id, parts), loads });
          const station =
            step.attention.needs === 'hands'
              ? 'hands'
              : (recipe.uses.find((use) => holds(recipe.steps, use.from, use.to, step.id))?.station ?? 'hands');
          const baked = recipe.uses.find(
            (use) => use.station === 'oven' && holds(recipe.steps, use.from, use.to, step.id),
          );
          const heat = baked && heatOf(batch, baked);
          add({
            ...common,
            id: taskId(step.id, load),
            name: `${step.name}${loadWord}`,
            station,
            window: minutes.value,
            attention: step.attention,
            ...(heat ? { celsius: heat } : {}),
            ...(step.cue ? { cue: step.cue } : {}),
            cautions: cautionsAt(scaled, step),
            goesIn: [...goesIn(step.id, parts), ...keptInto(step.id, parts)],
            ...(step.gives
              ? {
                  gives: step.gives.map((gives) => ({
                    name: gives.name,
                    amount: amountOf(gives, parts),
                    goes: goesWords(gives, stepName),
                  })),
                }
              : {}),
            because: minutes.because,
          });
        }
        for (const { step: before, min, max } of step.after) {
          const earlierStep = steps.get(before);
          if (!earlierStep || earlierStep.kind === 'ahead') continue;
          const froms = earlierStep.per === 'batch' ? [0] : load ? [load] : numbers(earlierStep);
          // Work done once for all loads has waited for the first; its longest wait binds only that one. What gathers all loads waits for the last.
          const waitsLonger = (from: number) =>
            earlierStep.per === 'batch' ? load > 1 : load === 0 && from < (froms.at(-1) ?? 0);
          for (const from of froms)
            links.push({
              from: exit(earlierStep, from),
              to: entry(step, load),
              min,
              max: waitsLonger(from) ? null : max,
            });
        }
      }
      // Loads are alike: the first comes first, so that the search does not try both orders.
      if (step.per === 'load')
        for (let load = 2; load <= loads; load++)
          links.push({ from: entry(step, load - 1), to: entry(step, load), min: 0, max: null });
    }

    for (const use of recipe.uses) {
      const from = steps.get(use.from);
      const to = steps.get(use.to);
      if (!from || !to) continue;
      for (const load of numbers(from)) {
        const start = entry(from, load);
        uses.push({
          id: `${batch}/${use.station}/${use.from}/${load}`,
          resource: use.station,
          from: start,
          to: exit(to, to.per === 'batch' ? 0 : load),
          ...(use.wash ? { wash: use.wash } : {}),
          ...(use.group ? { group: washedAs(use.group, scaled) } : {}),
          ...(use.station === 'oven'
            ? {
                units: Math.min(equipment.oven.racks, scaled.loads.value.trays || 1),
                temperature: heatOf(batch, use),
              }
            : {}),
        });
        if (use.station === 'oven') {
          const heat = heatOf(batch, use);
          ovenIn.set(heat, [...(ovenIn.get(heat) ?? []), start]);
        }
      }
    }
  }

  const oven = ovenOn(ovenIn, equipment.oven);
  if (oven.task) add(oven.task);
  links.push(...oven.links);

  const resources: Resource[] = [
    ...SINGLE.map((id): Resource => ({ id, kind: 'vessel' })),
    { id: 'burner', kind: 'shared', units: equipment.burners },
    { id: 'oven', kind: 'oven', units: equipment.oven.racks, preheat: oven.preheat, change: oven.change },
  ];
  const power = powerLimit(equipment, Object.values(about), uses, oven.task?.id);
  if (power.tasks.length > 0) about[OVEN_OFF] = OVEN_OFF_ABOUT;
  return {
    problem: {
      format: 'kitchen-schedule/1',
      id,
      title: '',
      cooks,
      resources: [...resources, ...power.resources],
      tasks: [...tasks, ...power.tasks],
      links: [...links, ...power.links],
      uses: [...uses, ...power.uses],
    },
    about,
    ahead,
  };
}

/** What leaves a vessel fit for the next load of its kind without a wash: only where no allergen would be carried over. */
const washedAs = (group: string, { allergens }: ScaledBatch): string =>
  allergens.length === 0 ? group : `${group} with ${[...allergens].sort().join(', ')}`;

/** Is a step within a use: at its ends, or on the way between them? */
function holds(steps: readonly Step[], from: string, to: string, step: string): boolean {
  const leadsTo = (a: string, b: string): boolean =>
    a === b || (steps.find((s) => s.id === b)?.after.some((after) => leadsTo(a, after.step)) ?? false);
  return leadsTo(from, step) && leadsTo(step, to);
}

/** The share of a line that a step takes. */
const shareInto = (line: Line, step: string): Fraction =>
  line.into
    .filter((into) => into.step === step)
    .reduce((sum, into) => sum.add(new Fraction(into.share)), new Fraction(0));

/** To taste: what share goes in before the first tasting. */
const firstShare = ({ line }: ScaledLine): Fraction =>
  line.law.law === 'to taste' ? new Fraction(line.law.first) : new Fraction(1);

/** A step's own cautions, and that of beans that must be boiled hard where they go in, whoever wrote the recipe. */
function cautionsAt(scaled: ScaledBatch, step: Step): readonly CautionId[] {
  const own = step.cautions ?? [];
  const beans = scaled.lines.some(
    ({ line, food }) => food.facts.hazard === 'boil beans hard' && line.into.some((into) => into.step === step.id),
  );
  return beans && !own.includes('beans') ? [...own, 'beans'] : own;
}
