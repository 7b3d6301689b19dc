import type { Cooker, Equipment } from '../kitchen/index.ts';
import type { Station, StationUse } from '../recipe/index.ts';
import { wetSteps, type ScaledBatch } from '../scaling/index.ts';
import { batchShape } from './batchShape.ts';
import type { Ahead, PlannedBatch } from './expand.ts';
import { missingFor } from './missingFor.ts';
import type { OvenHeats } from './ovenHeats.ts';
import { needsLargeBurner, type Pots } from './potFor.ts';
import { pressureTasks } from './pressureTasks.ts';
import { resourceWords } from './ids.ts';
import type { ProblemLink, ProblemUse } from './problem.ts';
import { racksFor } from './racksFor.ts';
import type { SessionFault } from './sessionFault.ts';
import type { Named, ShareOut } from './shareOut.ts';
import { holds, washedAs } from './stepFacts.ts';
import { stepsAhead } from './stepsAhead.ts';
import type { TaskAbout } from './taskAbout.ts';
import { workTask } from './workTask.ts';

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
/** What a load keeps a cooker busy beside its hold, minutes: only to share loads out evenly. */
const CYCLE = 30;

/** One batch as the tasks of its loads, with their waits and what they hold. */
export function batchTasks({ id: batch, scaled }: PlannedBatch, kitchen: Sharing): BatchTasks {
  const { equipment, heats } = kitchen;
  const { recipe } = scaled;
  const abouts: TaskAbout[] = [];
  const links: ProblemLink[] = [];
  const uses: ProblemUse[] = [];
  const baked: GoesIntoOven[] = [];
  const faults: SessionFault[] = [];
  const shape = batchShape({ id: batch, scaled }, equipment);
  const { loads, dish, numbers, firstTask, lastTask, steps, useAt, stretchesOf } = shape;
  const cookerFor = cookersOf(scaled, kitchen);
  // What boils or simmers in an open pot of water: there it takes longer where water boils cooler.
  const inWater = new Set(wetSteps(recipe, scaled.lines).map(({ step }) => step.id));

  for (const step of recipe.steps) {
    if (step.kind === 'ahead') continue;
    for (const load of numbers(step)) {
      const cooker = step.kind === 'pressure' ? cookerFor(load) : undefined;
      if (step.kind === 'work') abouts.push(workTask(shape, step, load, kitchen, inWater.has(step.id)));
      else if (cooker) {
        const cycle = pressureTasks(shape, step, load, cooker, equipment);
        abouts.push(...cycle.abouts);
        links.push(...cycle.links);
        uses.push(...cycle.uses);
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
            from: lastTask(earlierStep, from),
            to: firstTask(step, load),
            min,
            max: waitsLonger(from) ? null : max,
          });
      }
    }
    // Loads are alike: the first comes first, so that the search does not try both orders.
    if (step.per === 'load')
      for (let load = 2; load <= loads; load++)
        links.push({ from: firstTask(step, load - 1), to: firstTask(step, load), min: 0, max: null });
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
        uses.push({
          id,
          resource: oven.id,
          ...held,
          units: racksFor(use, oven.thing, scaled),
          temperature: heat ?? 0,
        });
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
          abouts[n] = { ...about, unit: resourceWords(pot.id) };
      });
    }
  }
  return { abouts, links, uses, ahead: stepsAhead({ id: batch, scaled }, equipment), baked, faults };

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
