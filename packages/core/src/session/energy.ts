import type { Equipment } from '../kitchen/index.ts';
import { roundOnce } from '../cost/index.ts';
import { Fraction, type Because, type Reasoned } from '../quantity/index.ts';
import type { TaskAbout } from './taskAbout.ts';

/** Power drawn while at work, W, and the share of the time that the heater is on. From memory; the plates of the appliances tell better. */
export const DRAW = {
  'sealed cooker, coming up': { watts: 1000, duty: 1 },
  'sealed cooker, at pressure': { watts: 1000, duty: 0.15 },
  'oven, heating up': { watts: 2200, duty: 1 },
  'oven, holding': { watts: 2200, duty: 0.35 },
  burner: { watts: 1500, duty: 0.45 },
  blender: { watts: 800, duty: 1 },
  'rice cooker': { watts: 500, duty: 0.8 },
  microwave: { watts: 1300, duty: 1 },
  'air fryer': { watts: 1400, duty: 0.6 },
  kettle: { watts: 2000, duty: 1 },
} as const;
type Use = keyof typeof DRAW;

const STATION_USE: Readonly<Partial<Record<TaskAbout['station'], Use>>> = {
  oven: 'oven, holding',
  burner: 'burner',
  jug: 'blender',
  'rice cooker': 'rice cooker',
  microwave: 'microwave',
  'air fryer': 'air fryer',
  kettle: 'kettle',
};

export interface EnergyLine {
  readonly use: Use;
  readonly minutes: number;
  readonly kWh: number;
}

/** What a session draws, appliance by appliance, from the minutes of its tasks. Loads that share a heat of an oven count once, by the longest of them; each heat is heated up. */
export function energyOf(
  about: readonly TaskAbout[],
  equipment: Pick<Equipment, 'cookers' | 'ovens'>,
): readonly EnergyLine[] {
  const minutes = new Map<Use, number>();
  const add = (use: Use, more: number) => minutes.set(use, (minutes.get(use) ?? 0) + more);
  const inOven = new Map<string, number>();
  for (const task of about) {
    const takes = task.window.expected;
    if (task.stage === 'come up') add('sealed cooker, coming up', takes);
    else if (task.stage === 'hold') add('sealed cooker, at pressure', takes);
    else if (task.station === 'oven') {
      const heat = `${task.unit ?? 'oven'} ${task.celsius ?? ''}`;
      inOven.set(heat, Math.max(inOven.get(heat) ?? 0, takes));
    } else {
      const use = STATION_USE[task.station];
      if (use) add(use, takes);
    }
  }
  if (inOven.size > 0) {
    add('oven, heating up', (equipment.ovens[0]?.preheatMinutes ?? 0) * inOven.size);
    add(
      'oven, holding',
      [...inOven.values()].reduce((sum, each) => sum + each, 0),
    );
  }
  const cookerWatts = equipment.cookers[0]?.watts;
  return [...minutes].map(([use, takes]) => {
    const { watts, duty } = DRAW[use];
    const drawn = use.startsWith('sealed') && cookerWatts !== undefined ? cookerWatts : watts;
    return { use, minutes: takes, kWh: (drawn * duty * takes) / 60_000 };
  });
}

export interface Energy {
  readonly kWh: number;
  /** Undefined where the kitchen's tariff is not known. */
  readonly minor?: number;
}

/** The same as one figure, with what it costs at the kitchen's tariff (minor units for a kilowatt hour). */
export function energyCost(lines: readonly EnergyLine[], kwhMinor: number | undefined): Reasoned<Energy> {
  const kWh = lines.reduce((sum, line) => sum + line.kWh, 0);
  const parts: readonly Because[] = lines.map((line) => ({
    rule: `${line.use}, ${line.minutes} min`,
    figure: `${line.kWh.toFixed(2)} kWh`,
  }));
  return {
    value: {
      kWh,
      ...(kwhMinor === undefined ? {} : { minor: roundOnce(new Fraction(Math.round(kWh * 1000), 1000).mul(kwhMinor)) }),
    },
    because: {
      rule: 'power × minutes × share of the time that it heats',
      figure: `${kWh.toFixed(1)} kWh`,
      parts,
      source: 'from memory; the appliances’ own plates tell better',
    },
  };
}
