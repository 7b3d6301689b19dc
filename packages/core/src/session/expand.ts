import type { CautionId } from '../food/index.ts';
import type { Equipment } from '../kitchen/index.ts';
import type { ScaledBatch } from '../scaling/index.ts';
import { batchTasks, type GoesIntoOven } from './batchTasks.ts';
import { calmFor, oneAtATime } from './oneAtATime.ts';
import { ovenHeats } from './ovenHeats.ts';
import { ovenOff, ovenOn } from './ovenOn.ts';
import { powerLimit } from './powerLimit.ts';
import { Pots } from './potFor.ts';
import type { Problem, ProblemLink, ProblemUse, Resource } from './problem.ts';
import type { SessionFault } from './sessionFault.ts';
import { ShareOut, named } from './shareOut.ts';
import { taskOf } from './taskOf.ts';
import type { GoesIn, TaskAbout } from './taskAbout.ts';
import { waitsForDishes } from './waitsForDishes.ts';

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
  /** What this kitchen cannot do, whatever the order. */
  readonly faults: readonly SessionFault[];
}

/** What there is one of, and one thing at a time is in. */
const SINGLE = ['jug', 'kettle', 'rice cooker', 'microwave', 'air fryer'] as const;

/**
 * Batches into tasks: each batch into loads, each load into the tasks of its steps, the sealed cooker's cycle into its stages.
 * Kitchen words in, a neutral problem out, with a note beside each task that says what it is. Like things (cookers, ovens, pots) are shared out evenly.
 */
export function expandSession(
  id: string,
  batches: readonly PlannedBatch[],
  equipment: Equipment,
  cooks: number,
): SessionTasks {
  const heats = ovenHeats(batches, equipment.ovens);
  const ovens = named('oven', equipment.ovens);
  const kitchen = {
    equipment,
    cookers: new ShareOut(named('cooker', equipment.cookers)),
    pots: new Pots(equipment),
    heats,
  };
  const parts = batches.map((batch) => batchTasks(batch, kitchen));
  const about: Record<string, TaskAbout> = Object.fromEntries(
    parts.flatMap((part) => part.abouts.map((each) => [each.id, each])),
  );
  const tasks = parts.flatMap((part) => part.abouts.map(taskOf));
  const links: ProblemLink[] = [...parts.flatMap((part) => part.links), ...waitsForDishes(batches, parts)];
  const uses: ProblemUse[] = parts.flatMap((part) => part.uses);
  const baked = parts.flatMap((part) => part.baked);

  const resources: Resource[] = [
    ...named('cooker', equipment.cookers).map((each): Resource => ({ id: each.id, kind: 'vessel' })),
    ...SINGLE.map((single): Resource => ({ id: single, kind: 'vessel' })),
    { id: 'burner', kind: 'shared', units: equipment.burners },
    ...((equipment.strainers ?? 1) > 1
      ? [{ id: 'strainer', kind: 'shared' as const, units: equipment.strainers ?? 1 }]
      : [{ id: 'strainer', kind: 'vessel' as const }]),
    ...kitchen.pots.named.map((pot): Resource => ({ id: pot.id, kind: 'vessel' })),
    ...(equipment.largeBurners === undefined
      ? []
      : [{ id: 'large burner', kind: 'shared' as const, units: Math.max(1, equipment.largeBurners) }]),
  ];
  const switchedOn: { readonly n: number; readonly baked: readonly GoesIntoOven[] }[] = [];
  for (const { id: oven, n, thing } of ovens) {
    const mine = baked.filter((each) => each.oven === oven);
    const on = ovenOn(n, startsByHeat(mine), thing);
    if (on.task) {
      about[on.task.id] = on.task;
      tasks.push(taskOf(on.task));
      switchedOn.push({ n, baked: mine });
    }
    links.push(...on.links);
    resources.push({ id: oven, kind: 'oven', units: thing.racks, preheat: on.preheat, change: on.change });
  }

  const power = powerLimit(equipment, Object.values(about), uses, switchedOn);
  for (const off of power.tasks) about[off.id] = ovenOff(off.id);
  const alone = oneAtATime(equipment.oneAtATime, uses);
  const calm = calmFor(about, tasks, cooks);
  return {
    problem: {
      format: 'kitchen-schedule/1',
      id,
      title: '',
      cooks,
      resources: [...resources, ...power.resources, ...alone.resources, ...calm.resources],
      tasks: [...tasks, ...power.tasks],
      links: [...links, ...power.links],
      uses: [...uses, ...power.uses, ...alone.uses, ...calm.uses],
    },
    about,
    ahead: parts.flatMap((part) => part.ahead),
    faults: parts.flatMap((part) => part.faults),
  };
}

function startsByHeat(baked: readonly GoesIntoOven[]): ReadonlyMap<number, readonly string[]> {
  const starts = new Map<number, string[]>();
  for (const { heat, from } of baked) starts.set(heat, [...(starts.get(heat) ?? []), from]);
  return starts;
}
