import type { CautionId } from '../food/index.ts';
import {
  boilingPoint,
  comeUp,
  holdAtAltitude,
  naturalRelease,
  temperatureInside,
  type PotLoad,
} from '../heat/index.ts';
import type { Equipment } from '../kitchen/index.ts';
import { celsius, kilograms, kpaGauge, metres, minutes, watts, type Because } from '../quantity/index.ts';
import type { Attention, PressureStep, Step, TimeLaw, Window } from '../recipe/index.ts';
import { perLoad, showAmount, type ScaledBatch } from '../scaling/index.ts';
import type { Problem, ProblemLink, ProblemTask, ProblemUse, Resource } from './problem.ts';

export interface PlannedBatch {
  readonly id: string;
  readonly scaled: ScaledBatch;
}

export type Stage = 'load' | 'come up' | 'hold' | 'natural' | 'vent' | 'empty';

/** What a task's line says goes in now. */
export interface GoesIn {
  readonly line: string;
  readonly food: string;
  readonly form?: string;
  readonly amount: string;
  readonly second?: string;
  readonly comesOut: boolean;
}

/** A task in the kitchen's words; the neutral problem knows only its minutes. */
export interface TaskAbout {
  readonly id: string;
  readonly batch: string | null;
  readonly dish: string;
  readonly load: number;
  readonly loads: number;
  readonly step: string;
  readonly name: string;
  readonly station: 'hands' | 'cooker' | 'oven' | 'burner' | 'jug';
  readonly stage?: Stage;
  readonly window: Window;
  readonly attention: Attention;
  readonly celsius?: number;
  readonly cue?: string;
  readonly cautions: readonly CautionId[];
  readonly goesIn: readonly GoesIn[];
  /** Why it takes so long. */
  readonly because?: Because;
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

/** The task that switches the oven on: the one thing that is better done late. */
export const OVEN_ON = 'oven-on';

/** Minutes that a hot oven may stand empty. Common practice, no published source. */
const HOT_FOR_NOBODY = 15;
const KETTLE_C = 95;
const TAP_C = 12;
const ROOM_C = 20;
/** Heat that reaches the food. Assumed. */
const EFFICIENCY = 0.8;
/** Pouring, sealing and driving out the air, on top of the heat balance. Common practice, no published source. */
const AIR_MINUTES = 2;

const handsNow: Attention = { needs: 'hands' };
const nobody: Attention = { needs: 'nobody' };
const exactly = (n: number): Window => ({ earliest: n, expected: n, latest: n });

/** Minutes to go from one oven temperature to another: up by the heater, down by waiting. From memory. */
export const ovenChange = (from: number, to: number): number =>
  to >= from ? Math.ceil((to - from) / 10) : Math.ceil((from - to) / 5);

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
          const shown = showAmount(perLoad(line, parts), line.food, equipment.scoops);
          return {
            line: line.line.id,
            food: line.food.name,
            ...(line.line.form ? { form: line.line.form } : {}),
            amount: shown.first,
            ...(shown.second ? { second: shown.second } : {}),
            comesOut: line.line.comesOut ?? false,
          };
        });
    const kilos = (step: string, parts: number): number =>
      scaled.lines
        .filter(({ line, food }) => food.facts.kind !== 'water' && line.into.some((into) => into.step === step))
        .reduce((sum, { grams }) => sum + (grams?.g.valueOf() ?? 0) / 1000 / parts, 0);

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
          const window = inMinutes(step.time, kilos(step.id, parts));
          const station =
            step.attention.needs === 'hands'
              ? 'hands'
              : (recipe.uses.find((use) => holds(recipe.steps, use.from, use.to, step.id))?.station ?? 'hands');
          const heat = recipe.uses.find(
            (use) => use.station === 'oven' && holds(recipe.steps, use.from, use.to, step.id),
          )?.celsius;
          add({
            ...common,
            id: taskId(step.id, load),
            name: `${step.name}${loadWord}`,
            station,
            window,
            attention: step.attention,
            ...(heat ? { celsius: heat } : {}),
            ...(step.cue ? { cue: step.cue } : {}),
            cautions: step.cautions ?? [],
            goesIn: goesIn(step.id, parts),
            because: minutesBecause(step.time, kilos(step.id, parts), window),
          });
        }
        for (const { step: before, min, max } of step.after) {
          const earlierStep = steps.get(before);
          if (!earlierStep || earlierStep.kind === 'ahead') continue;
          const froms = earlierStep.per === 'batch' ? [0] : load ? [load] : numbers(earlierStep);
          // Work done once for all loads has waited for the first; its longest wait binds only that one.
          for (const from of froms)
            links.push({
              from: exit(earlierStep, from),
              to: entry(step, load),
              min,
              max: earlierStep.per === 'batch' && load > 1 ? null : max,
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
          ...(use.group ? { group: use.group } : {}),
          ...(use.station === 'oven'
            ? { units: Math.min(equipment.oven.racks, scaled.loads.value.trays || 1), temperature: use.celsius ?? 200 }
            : {}),
        });
        if (use.station === 'oven') ovenIn.set(use.celsius ?? 200, [...(ovenIn.get(use.celsius ?? 200) ?? []), start]);
      }
    }
  }

  const preheat: Record<string, number> = {};
  const change: Record<string, Record<string, number>> = {};
  const heats = [...ovenIn.keys()].sort((a, b) => a - b);
  for (const heat of heats) {
    preheat[heat] = equipment.oven.preheatMinutes + 1;
    change[heat] = Object.fromEntries(
      heats.filter((other) => other !== heat).map((other) => [other, ovenChange(heat, other)]),
    );
  }
  const first = heats[0];
  if (first !== undefined) {
    const name = heats.length === 1 ? `Oven on, ${first} °C` : 'Oven on';
    add({
      id: OVEN_ON,
      batch: null,
      dish: 'Oven',
      load: 0,
      loads: 1,
      step: OVEN_ON,
      name,
      station: 'hands',
      window: exactly(1),
      attention: handsNow,
      cautions: [],
      goesIn: [],
    });
    const starts = heats.flatMap((heat) => ovenIn.get(heat) ?? []);
    // One use: the oven is not left hot for nobody. Several: only the first of them could bind, and which one that is, the search decides.
    const most = starts.length === 1 ? equipment.oven.preheatMinutes + HOT_FOR_NOBODY : null;
    for (const start of starts) links.push({ from: OVEN_ON, to: start, min: equipment.oven.preheatMinutes, max: most });
  }

  const resources: Resource[] = [
    { id: 'cooker', kind: 'vessel' },
    { id: 'jug', kind: 'vessel' },
    { id: 'burner', kind: 'shared', units: equipment.burners },
    { id: 'oven', kind: 'oven', units: equipment.oven.racks, preheat, change },
  ];
  return {
    problem: { format: 'kitchen-schedule/1', id, title: '', cooks, resources, tasks, links, uses },
    about,
    ahead,
  };
}

/** Is a step within a use: at its ends, or on the way between them? */
function holds(steps: readonly Step[], from: string, to: string, step: string): boolean {
  const leadsTo = (a: string, b: string): boolean =>
    a === b || (steps.find((s) => s.id === b)?.after.some((after) => leadsTo(a, after.step)) ?? false);
  return leadsTo(from, step) && leadsTo(step, to);
}

const inMinutes = (law: TimeLaw, kilos: number): Window =>
  law.law === 'fixed' ? law.minutes : exactly(Math.max(1, Math.round(law.minutes + law.perKg * kilos)));

const minutesBecause = (law: TimeLaw, kilos: number, window: Window): Because =>
  law.law === 'fixed'
    ? { rule: 'as the recipe says', figure: windowText(window) }
    : {
        rule: `${law.minutes} min and ${law.perKg} min a kilo`,
        figure: `${window.expected} min`,
        parts: [{ rule: 'goes in', figure: `${kilos.toFixed(2)} kg` }],
      };

const windowText = (w: Window): string =>
  w.earliest === w.latest
    ? `${w.expected} min`
    : `${w.expected} min, look from ${w.earliest}, ${w.latest} at the latest`;

type StageAbout = Pick<TaskAbout, 'name' | 'window' | 'attention' | 'cautions' | 'cue' | 'because'> & { stage: Stage };

function pressureStages(step: PressureStep, scaled: ScaledBatch, equipment: Equipment): readonly StageAbout[] {
  const cooker = equipment.cookers[0];
  if (!cooker) return [];
  const altitude = metres(equipment.altitudeM);
  const inside = temperatureInside(kpaGauge(cooker.gaugeKpa), altitude);
  const load = potLoad(step, scaled, cooker.steelKg);
  const up = comeUp(load, inside, watts(cooker.watts), EFFICIENCY);
  const upMinutes = Math.ceil(up.value + AIR_MINUTES);
  const lengthened = holdAtAltitude(minutes(step.hold.expected), altitude);
  const ratio = lengthened.value / step.hold.expected;
  const hold: Window = {
    earliest: Math.ceil(step.hold.earliest * ratio),
    expected: Math.ceil(lengthened.value),
    latest: Math.ceil(step.hold.latest * ratio),
  };
  const dish = step.name;
  const inCookerSwells = scaled.lines.some(({ food }) => food.facts.swells);
  const whole = Math.ceil(naturalRelease(load, inside, boilingPoint(altitude), celsius(ROOM_C)));
  const natural = step.release.how === 'natural' ? whole : step.release.how === 'timed' ? step.release.minutes : 0;
  const fill = inCookerSwells ? 'half' : 'two thirds';

  return [
    {
      stage: 'load',
      name: `Load the ${dish}, seal the lid`,
      window: exactly(3),
      attention: handsNow,
      cautions: [...(step.cautions ?? []), 'pressure'],
      cue: `liquid in, not above ${fill}, seal set`,
    },
    {
      stage: 'come up',
      name: `${capital(dish)} coming up`,
      window: { earliest: Math.max(1, upMinutes - 3), expected: upMinutes, latest: upMinutes + 5 },
      attention: nobody,
      cautions: [],
      cue: 'the pin rises; if it does not, look at the valve and the ring',
      because: {
        ...up.because,
        figure: `${upMinutes} min`,
        parts: [
          ...(up.because.parts ?? []),
          { rule: 'driving out the air', figure: `${AIR_MINUTES} min`, source: 'common practice, no published source' },
        ],
      },
    },
    {
      stage: 'hold',
      name: `${capital(dish)} at pressure`,
      window: hold,
      attention: nobody,
      cautions: [],
      cue: 'switch the heat off',
      because: lengthened.because,
    },
    ...(natural > 0
      ? [
          {
            stage: 'natural' as const,
            name: `${capital(dish)} releasing`,
            window: { earliest: natural, expected: natural, latest: natural + 10 },
            attention: nobody,
            cautions: [],
            cue: 'the pin drops',
            because: {
              rule:
                step.release.how === 'natural'
                  ? 'cools by itself to where water boils here'
                  : 'timed release, then vent',
              figure: `${natural} min`,
              parts: [
                { rule: 'inside', figure: `${inside.toFixed(0)} °C` },
                { rule: 'water boils here at', figure: `${boilingPoint(altitude).toFixed(0)} °C` },
              ],
              source: 'computed; the heat loss is assumed',
            },
          },
        ]
      : []),
    {
      stage: 'vent',
      name: `Vent the ${dish}, open when the pin is down`,
      window: exactly(1),
      attention: handsNow,
      cautions: ['vent'],
      cue: 'pin down',
    },
    { stage: 'empty', name: `Empty the cooker`, window: exactly(2), attention: handsNow, cautions: [] },
  ];
}

/** What is in the pot at the lid, one load: soaked beans bring their cold soaking water. Soaked beans take up about their own weight (common practice). */
function potLoad(step: PressureStep, scaled: ScaledBatch, steelKg: number): PotLoad {
  const loads = scaled.loads.value.loads;
  const soaked = scaled.recipe.steps.some((other) => other.kind === 'ahead');
  let hot = 0;
  let cold = 0;
  let dry = 0;
  for (const { food, grams } of scaled.lines) {
    const kg = (grams?.g.valueOf() ?? 0) / 1000 / loads;
    if (food.facts.kind === 'water') {
      if (step.water === 'kettle') hot += kg;
      else cold += kg;
    } else if (food.facts.swells) {
      dry += kg;
      if (soaked) cold += kg * 1.1;
    } else cold += kg;
  }
  const water = hot + cold;
  const waterAt = water > 0 ? (hot * KETTLE_C + cold * TAP_C) / water : TAP_C;
  return {
    water: kilograms(water),
    dryFood: kilograms(dry),
    steel: kilograms(steelKg),
    waterAt: celsius(waterAt),
    restAt: celsius(ROOM_C),
  };
}

const capital = (word: string) => word.charAt(0).toUpperCase() + word.slice(1);
