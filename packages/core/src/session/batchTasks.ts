import { openPotTimes } from '../heat/index.ts';
import { dialFor, WEAK_JUG_TIMES, type Cooker, type Equipment } from '../kitchen/index.ts';
import { celsius, metres, type Reasoned } from '../quantity/index.ts';
import { goesWords, type Station, type StationUse, type Step, type Window } from '../recipe/index.ts';
import { wetSteps, type ScaledBatch } from '../scaling/index.ts';
import type { Ahead, PlannedBatch } from './expand.ts';
import { goesInto } from './goesInto.ts';
import type { OvenHeats } from './ovenHeats.ts';
import { needsLargeBurner, type Pots } from './potFor.ts';
import { boilsHere, pressureStages } from './pressureStages.ts';
import { missingFor } from './missingFor.ts';
import { kettleMinutes } from './kettleWater.ts';
import type { ProblemLink, ProblemUse } from './problem.ts';
import type { SessionFault } from './sessionFault.ts';
import type { Named, ShareOut } from './shareOut.ts';
import { isCutting, skillsFor } from './skillsFor.ts';
import { cautionsAt, holds, keepsCut, washedAs } from './stepFacts.ts';
import { stepsAhead } from './stepsAhead.ts';
import { stopWeight } from './stopWeight.ts';
import { atHeight, stepMinutes } from './stepMinutes.ts';
import type { Stage, TaskAbout } from './taskAbout.ts';

/** What of the kitchen is shared out while batches are taken apart. */
export interface Sharing {
  readonly equipment: Equipment;
  readonly cookers: ShareOut<Cooker>;
  readonly pots: Pots;
  readonly heats: OvenHeats;
}

/** A task with which something goes into an oven. */
export interface GoesIntoOven {
  readonly oven: string;
  readonly heat: number;
  readonly from: string;
  readonly to: string;
}

export interface BatchTasks {
  readonly abouts: readonly TaskAbout[];
  readonly links: readonly ProblemLink[];
  readonly uses: readonly ProblemUse[];
  readonly ahead: readonly Ahead[];
  readonly baked: readonly GoesIntoOven[];
  readonly faults: readonly SessionFault[];
}

/** Rinsing out a pot, minutes of hands, where a recipe does not say. Common practice, no published source. */
const POT_WASH = 2;
/** The same of a cooker. Common practice, no published source. */
const COOKER_WASH = 5;
/** Boiled water may stand so long before it is poured in: it cools by some 10 °C. Common practice, no published source. */
const KETTLE_WAITS = 8;
/** What a load keeps a cooker busy beside its hold, minutes: only to share loads out evenly. */
const CYCLE = 30;

/** One batch as the tasks of its loads, with their waits and what they hold. */
export function batchTasks({ id: batch, scaled }: PlannedBatch, kitchen: Sharing): BatchTasks {
  const { equipment, heats } = kitchen;
  const { recipe } = scaled;
  const loads = scaled.loads.value.loads;
  const dish = recipe.component.name;
  const abouts: TaskAbout[] = [];
  const links: ProblemLink[] = [];
  const uses: ProblemUse[] = [];
  const baked: GoesIntoOven[] = [];
  const faults: SessionFault[] = [];
  const { goesIn, keptInto, kilos, water, amountOf, stepName } = goesInto(scaled, equipment);

  const numbers = (step: Step) => (step.per === 'batch' ? [0] : Array.from({ length: loads }, (_, n) => n + 1));
  const taskId = (step: string, load: number, stage?: Stage) =>
    [batch, step, ...(load ? [`${load}`] : []), ...(stage ? [stage] : [])].join('/');
  const entry = (step: Step, load: number) =>
    step.kind === 'pressure' ? taskId(step.id, load, 'load') : taskId(step.id, load);
  const exit = (step: Step, load: number) =>
    step.kind === 'pressure' ? taskId(step.id, load, 'empty') : taskId(step.id, load);
  const steps = new Map(recipe.steps.map((step) => [step.id, step]));
  const useAt = (station: Station, step: string) =>
    recipe.uses.find((use) => use.station === station && holds(recipe.steps, use.from, use.to, step));
  const cookerFor = cookersOf(scaled, kitchen);
  // What boils or simmers in an open pot of water: there it takes longer where water boils cooler.
  const inWater = new Set(wetSteps(recipe, scaled.lines).map(({ step }) => step.id));

  const pressureTasks = (step: Extract<Step, { kind: 'pressure' }>, load: number) => {
    const parts = load ? loads : 1;
    const cooker = cookerFor(load);
    if (!cooker) return;
    const common = { batch, dish, load, loads: load ? loads : 1, step: step.id, skills: skillsFor(step, recipe) };
    const unit = cooker.id === 'cooker' ? {} : { unit: cooker.id };
    const loadWord = load && loads > 1 ? `, load ${load} of ${loads}` : '';
    for (const stage of pressureStages(step, scaled, equipment, cooker.thing))
      abouts.push({
        ...common,
        ...unit,
        id: taskId(step.id, load, stage.stage),
        station: 'cooker',
        goesIn: stage.stage === 'load' ? goesIn(step.id, parts, load) : [],
        ...stage,
        name: `${stage.name}${loadWord}`,
      });
    const order: Stage[] = ['load', 'come up', 'hold', 'natural', 'vent', 'empty'];
    const present = order.filter((stage) => abouts.some(({ id }) => id === taskId(step.id, load, stage)));
    present.slice(1).forEach((stage, n) =>
      links.push({
        from: taskId(step.id, load, present[n]),
        to: taskId(step.id, load, stage),
        min: 0,
        max: stage === 'vent' ? 10 : stage === 'empty' ? 3 : 0,
      }),
    );
    const mL = water(step.id, parts);
    if (step.water !== 'kettle' || !equipment.kettle || mL <= 0) return;
    const boils = kettleMinutes(mL, equipment.kettle, boilsHere(equipment.altitudeM));
    const kettle = taskId(step.id, load, 'kettle');
    abouts.push({
      ...common,
      id: kettle,
      name: `Kettle on for the ${step.name}${loadWord}`,
      station: 'kettle',
      stage: 'kettle',
      skills: [],
      window: { earliest: boils.value, expected: boils.value, latest: boils.value + 3 },
      attention: { needs: 'nobody' },
      cautions: [],
      goesIn: [],
      cue: 'it boils',
      because: boils.because,
    });
    links.push({ from: kettle, to: taskId(step.id, load, 'load'), min: 0, max: KETTLE_WAITS });
    uses.push({ id: `${batch}/kettle/${step.id}/${load}`, resource: 'kettle', from: kettle, to: kettle });
  };

  const workTask = (step: Extract<Step, { kind: 'work' }>, load: number) => {
    const parts = load ? loads : 1;
    const atBook = forThisJug(
      stepMinutes(step, { kilos: kilos(step.id, parts), loads }),
      equipment.jug.weak === true && useAt('jug', step.id)?.from === step.id,
    );
    const minutes = inWater.has(step.id)
      ? atHeight(atBook, openPotTimes(metres(equipment.altitudeM)), boilsHere(equipment.altitudeM))
      : atBook;
    const station =
      step.attention.needs === 'hands'
        ? 'hands'
        : (recipe.uses.find((use) => holds(recipe.steps, use.from, use.to, step.id))?.station ?? 'hands');
    const bakes = useAt('oven', step.id);
    const heat = bakes && heats.heatOf(batch, bakes);
    const oven = heat === undefined ? undefined : heats.ovenAt(heat);
    const stopsAt = stopWeight(step, scaled, parts);
    abouts.push({
      batch,
      dish,
      load,
      loads: load ? loads : 1,
      step: step.id,
      id: taskId(step.id, load),
      name: `${step.name}${load && loads > 1 ? `, load ${load} of ${loads}` : ''}`,
      station,
      skills: skillsFor(step, recipe),
      window: minutes.value,
      attention: step.attention,
      ...(heat ? { celsius: heat } : {}),
      ...(heat && oven && (oven.thing.fan || oven.thing.dial === '°F')
        ? { dial: dialFor(oven.thing, celsius(heat)) }
        : {}),
      ...(oven && oven.id !== 'oven' ? { unit: oven.id } : {}),
      ...(isCutting(step) ? { cutting: keepsCut(scaled, step.id) ? ('keeps' as const) : ('now' as const) } : {}),
      ...(step.delicate ? { delicate: true } : {}),
      ...(step.cue ? { cue: step.cue } : {}),
      ...(step.note ? { note: step.note } : {}),
      ...(stopsAt === undefined ? {} : { stopsAtG: stopsAt }),
      cautions: cautionsAt(scaled, step),
      goesIn: [...goesIn(step.id, parts, load), ...keptInto(step.id, parts)],
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
  };

  for (const step of recipe.steps) {
    if (step.kind === 'ahead') continue;
    for (const load of numbers(step)) {
      if (step.kind === 'pressure') pressureTasks(step, load);
      else workTask(step, load);
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

  // What a recipe does not say: food at pressure is in a cooker.
  const unsaid = recipe.steps.flatMap(({ kind, id }): StationUse[] =>
    kind === 'pressure' && !useAt('cooker', id) ? [{ station: 'cooker', from: id, to: id, wash: COOKER_WASH }] : [],
  );
  for (const use of [...recipe.uses, ...unsaid]) {
    const from = steps.get(use.from);
    const to = steps.get(use.to);
    if (!from || !to || from.kind === 'ahead' || to.kind === 'ahead') continue;
    const heat = use.station === 'oven' ? heats.heatOf(batch, use) : undefined;
    const oven = heat === undefined ? undefined : heats.ovenAt(heat);
    const missing = missingFor(use, heat, kitchen);
    if (missing) faults.push(missing === 'too hot' ? tooHot(heat ?? 0) : notHere(use.station));
    for (const { load, start, end } of stretchesOf(use, from, to)) {
      const held = {
        from: start,
        to: end,
        ...(use.wash ? { wash: use.wash } : {}),
        ...(use.group ? { group: washedAs(use.group, scaled) } : {}),
      };
      const id = `${batch}/${use.station}/${use.from}/${load}`;
      if (use.station === 'oven') {
        if (!oven) continue;
        const racks = use.grill ? oven.thing.racks : Math.min(oven.thing.racks, scaled.loads.value.trays || 1);
        uses.push({ id, resource: oven.id, ...held, units: racks, temperature: heat ?? 0 });
        baked.push({ oven: oven.id, heat: heat ?? 0, from: start, to: end });
        continue;
      }
      const resource = use.station === 'cooker' ? cookerFor(load)?.id : use.station;
      if (resource === undefined) continue;
      uses.push({ id, resource, ...held });
      if (use.station !== 'burner') continue;
      const pot = kitchen.pots.take(use, scaled);
      if (!pot) continue;
      uses.push({
        id: `${id}/pot`,
        resource: pot.id,
        from: start,
        to: end,
        wash: use.wash ?? POT_WASH,
        group: washedAs(recipe.component.id, scaled),
      });
      if (needsLargeBurner(equipment, pot.thing))
        uses.push({ id: `${id}/large`, resource: 'large burner', from: start, to: end, units: 1 });
      abouts.forEach((about, n) => {
        if (
          (about.load === load || (about.load === 0 && load === 1)) &&
          holds(recipe.steps, use.from, use.to, about.step)
        )
          abouts[n] = { ...about, unit: pot.id };
      });
    }
  }
  return { abouts, links, uses, ahead: stepsAhead({ id: batch, scaled }, equipment), baked, faults };

  /** A use for each load: a vessel holds one. What is done once for all belongs to the first load where the use begins with it, and to the last where it ends with it. */
  function stretchesOf(use: StationUse, from: Step, to: Step) {
    const inside = recipe.steps.filter(({ kind, id }) => kind !== 'ahead' && holds(recipe.steps, use.from, use.to, id));
    const ofLoads = inside.filter(({ per }) => per === 'load');
    const [first] = ofLoads;
    const last = ofLoads.at(-1);
    if (!first || !last) return [{ load: 0, start: entry(from, 0), end: exit(to, 0) }];
    return Array.from({ length: loads }, (_, n) => n + 1).map((load) => ({
      load,
      start: from.per === 'load' ? entry(from, load) : load === 1 ? entry(from, 0) : entry(first, load),
      end: to.per === 'load' ? exit(to, load) : load === loads ? exit(to, 0) : exit(last, load),
    }));
  }

  function tooHot(needed: number): SessionFault {
    return { kind: 'too hot', batch, dish, celsius: needed, mostC: heats.mostC };
  }
  function notHere(station: Station): SessionFault {
    return { kind: 'not here', batch, dish, station };
  }
}

/** The cooker of each load: the least busy one that holds as much as the first of the kitchen, for which loads are cut. */
function cookersOf(scaled: ScaledBatch, { cookers, equipment }: Sharing): (load: number) => Named<Cooker> | undefined {
  const taken = new Map<number, Named<Cooker> | undefined>();
  const first = equipment.cookers[0]?.litres ?? 0;
  const { fullest, limit, loads } = scaled.loads.value;
  const share = scaled.recipe.vessel === 'cooker' && limit > 0 ? fullest / loads / limit : 0;
  return (load) => {
    if (!taken.has(load))
      taken.set(
        load,
        cookers.take(({ litres }) => litres >= first * share, CYCLE),
      );
    return taken.get(load);
  };
}

function forThisJug(minutes: Reasoned<Window>, weak: boolean): Reasoned<Window> {
  if (!weak) return minutes;
  const longer = (n: number) => Math.ceil(n * WEAK_JUG_TIMES);
  const { earliest, expected, latest } = minutes.value;
  const value = { earliest: longer(earliest), expected: longer(expected), latest: longer(latest) };
  return {
    value,
    because: {
      rule: `a weak jug takes ${WEAK_JUG_TIMES} times as long`,
      figure: `${value.expected} min`,
      parts: [minutes.because],
      source: 'common practice, no published source',
    },
  };
}
