import type { Cooker, Equipment } from '../kitchen/index.ts';
import type { PressureStep } from '../recipe/index.ts';
import type { BatchShape } from './batchShape.ts';
import { kettleMinutes } from './kettleWater.ts';
import { boilsHere, pressureStages } from './pressureStages.ts';
import type { ProblemLink, ProblemUse } from './problem.ts';
import type { Named } from './shareOut.ts';
import { skillsFor } from './skillsFor.ts';
import type { Stage, TaskAbout } from './taskAbout.ts';

/** Boiled water may stand so long before it is poured in: it cools by some 10 °C. Common practice, no published source. */
const KETTLE_WAITS = 8;

/** The cycle of a sealed cooker for one load: its stages one after the other, and the kettle that boils before it. */
export function pressureTasks(
  { id: batch, dish, loads, scaled, taskId, goesIn, water }: BatchShape,
  step: PressureStep,
  load: number,
  cooker: Named<Cooker>,
  equipment: Equipment,
): {
  readonly abouts: readonly TaskAbout[];
  readonly links: readonly ProblemLink[];
  readonly uses: readonly ProblemUse[];
} {
  const { recipe } = scaled;
  const abouts: TaskAbout[] = [];
  const links: ProblemLink[] = [];
  const parts = load ? loads : 1;
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
  if (step.water !== 'kettle' || !equipment.kettle || mL <= 0) return { abouts, links, uses: [] };
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
  return {
    abouts,
    links,
    uses: [{ id: `${batch}/kettle/${step.id}/${load}`, resource: 'kettle', from: kettle, to: kettle }],
  };
}
