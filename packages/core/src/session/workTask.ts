import { openPotTimes } from '../heat/index.ts';
import { dialFor, ownOf, potThatHolds, slowestRack, WEAK_JUG_TIMES, type Oven } from '../kitchen/index.ts';
import { celsius, metres, type Reasoned, type Sourced } from '../quantity/index.ts';
import { goesWords, type Step, type StationUse, type Window, type WorkStep } from '../recipe/index.ts';
import type { ScaledBatch } from '../scaling/index.ts';
import type { Sharing } from './batchTasks.ts';
import type { BatchShape } from './batchShape.ts';
import { cutOf } from './cutOf.ts';
import { boilsHere } from './pressureStages.ts';
import { racksFor } from './racksFor.ts';
import { isCutting, skillsFor } from './skillsFor.ts';
import { cautionsAt, holds, keepsCut } from './stepFacts.ts';
import { atHeight, byThisKitchen, stepMinutes } from './stepMinutes.ts';
import { stopWeight } from './stopWeight.ts';
import type { TaskAbout, TraysIn } from './taskAbout.ts';

/** A step of work for one load, or once for all: its minutes here, its station and heat, and what goes in. `inWater`: it boils or simmers in an open pot. */
export function workTask(
  { id: batch, dish, loads, scaled, taskId, useAt, kilos, goesIn, keptInto, amountOf, stepName }: BatchShape,
  step: WorkStep,
  load: number,
  { equipment, heats }: Pick<Sharing, 'equipment' | 'heats'>,
  inWater: boolean,
): TaskAbout {
  const { recipe } = scaled;
  const parts = load ? loads : 1;
  const atBook = forThisJug(
    stepMinutes(step, {
      kilos: kilos(step.id, parts),
      loads,
      pot: {
        times: scaled.factor.valueOf() / parts,
        acrossCm: potThatHolds(equipment, scaled.loads.value.fullest / loads / 1000).acrossCm,
      },
    }),
    equipment.jug.weak === true && useAt('jug', step.id)?.from === step.id,
  );
  // What boils down goes by its weight, not by how soft it gets.
  const written =
    inWater && step.time.law !== 'boils down'
      ? atHeight(atBook, openPotTimes(metres(equipment.altitudeM)), boilsHere(equipment.altitudeM))
      : atBook;
  const station =
    step.attention.needs === 'hands'
      ? 'hands'
      : (recipe.uses.find((use) => holds(recipe.steps, use.from, use.to, step.id))?.station ?? 'hands');
  const bakes = useAt('oven', step.id);
  const heat = bakes && heats.heatOf(batch, bakes);
  const oven = heat === undefined ? undefined : heats.ovenAt(heat);
  const into = [...goesIn(step.id, parts, load), ...keptInto(step.id, parts)];
  const cut = cutOf({ name: step.name, goesIn: into, attention: step.attention });
  const ownCut = ownOf(equipment.own?.cutTimes, cut);
  const minutes =
    step.attention.needs === 'hands'
      ? byThisKitchen(written, ownCut ? `${ownCut.of} here` : 'hands here', ownCut ?? equipment.own?.handsTimes)
      : byThisKitchen(written, 'this oven', oven && bakes && ovensOwn(oven.thing, racksFor(bakes, oven.thing, scaled)));
  const stopsAt = stopWeight(step, scaled, parts);
  return {
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
    ...(minutes === written ? {} : { bookMinutes: written.value.expected }),
    ...(heat ? { celsius: heat } : {}),
    ...(heat && oven && (oven.thing.fan || oven.thing.dial === '°F')
      ? { dial: dialFor(oven.thing, celsius(heat)) }
      : {}),
    ...(oven && oven.id !== 'oven' ? { unit: oven.id } : {}),
    ...(oven && bakes && station === 'oven' && comesOutAfter(recipe.steps, bakes, step)
      ? traysIn(oven.thing, bakes, scaled)
      : {}),
    ...(isCutting(step) ? { cutting: keepsCut(scaled, step.id) ? ('keeps' as const) : ('now' as const) } : {}),
    ...(step.delicate ? { delicate: true } : {}),
    ...(step.cue ? { cue: step.cue } : {}),
    ...(step.note ? { note: step.note } : {}),
    ...(stopsAt === undefined ? {} : { stopsAtG: stopsAt }),
    cautions: cautionsAt(scaled, step),
    goesIn: into,
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
  };
}

/** What so many trays take in this oven against the recipe's minutes: as it is, and as the slowest of their racks is. */
function ovensOwn(oven: Oven, racks: number): Sourced<number> | undefined {
  const value = (oven.cooksTimes ?? 1) * slowestRack(oven, racks);
  return oven.cooksTimes === undefined && value === 1 ? undefined : { value, source: 'as this kitchen has it' };
}

/** Trays come out when the last thing that they do in the oven is done. */
const comesOutAfter = (steps: readonly Step[], use: StationUse, step: WorkStep): boolean =>
  !steps
    .slice(steps.indexOf(step) + 1)
    .some(
      (later) => later.kind === 'work' && later.attention.needs !== 'hands' && holds(steps, use.from, use.to, later.id),
    );

/** Which racks they are on can be told only where there are several, and something else than all of them under a grill. */
function traysIn(oven: Oven, use: StationUse, scaled: ScaledBatch): { readonly trays?: TraysIn } {
  if (oven.racks < 2 || use.grill) return {};
  const times = Array.from({ length: oven.racks }, (_, n) => oven.rackTimes?.[n] ?? 1);
  return {
    trays: {
      count: racksFor(use, oven, scaled),
      racks: oven.racks,
      ...(times.every((each) => each === 1) ? {} : { times }),
    },
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
