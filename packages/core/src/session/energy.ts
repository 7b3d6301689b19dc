import type { Equipment } from '../kitchen/index.ts';
import { roundOnce } from '../cost/index.ts';
import { Fraction, type Because, type Reasoned, type MinuteCount, fixed } from '../quantity/index.ts';
import { numberOf } from './ids.ts';
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
  readonly minutes: MinuteCount;
  readonly kWh: number;
}

/** What a session draws, appliance by appliance, from the minutes of its tasks. Loads that share a heat of an oven count once, by the longest of them; each heat is heated up. */
export function energyOf(
  about: readonly TaskAbout[],
  equipment: Pick<Equipment, 'cookers' | 'ovens'>,
): readonly EnergyLine[] {
  const lines = new Map<Use, { minutes: number; kWh: number }>();
  const add = (use: Use, more: number, watts: number = DRAW[use].watts) => {
    const before = lines.get(use) ?? { minutes: 0, kWh: 0 };
    lines.set(use, {
      minutes: before.minutes + more,
      kWh: before.kWh + (watts * DRAW[use].duty * more) / 60_000,
    });
  };
  const inOven = new Map<string, { readonly oven: number; readonly minutes: MinuteCount }>();
  for (const task of about) {
    const takes = task.window.expected;
    if (task.stage === 'come up') add('sealed cooker, coming up', takes, cookerOf(task, equipment.cookers)?.watts);
    else if (task.stage === 'hold') add('sealed cooker, at pressure', takes, cookerOf(task, equipment.cookers)?.watts);
    else if (task.station === 'oven') {
      const oven = numberOf(task.unit ?? 'oven', 'oven');
      const heat = `${oven} ${task.celsius ?? ''}`;
      inOven.set(heat, { oven, minutes: Math.max(inOven.get(heat)?.minutes ?? 0, takes) });
    } else {
      const use = STATION_USE[task.station];
      if (use) add(use, takes);
    }
  }
  for (const { oven, minutes } of inOven.values()) {
    add('oven, heating up', equipment.ovens[oven - 1]?.preheatMinutes ?? 0);
    add('oven, holding', minutes);
  }
  return [...lines].map(([use, { minutes, kWh }]) => ({ use, minutes, kWh }));
}

export const cookerOf = (task: TaskAbout, cookers: Equipment['cookers']): Equipment['cookers'][number] | undefined =>
  cookers[numberOf(task.unit ?? 'cooker', 'cooker') - 1];

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
    figure: `${fixed(line.kWh, 2)} kWh`,
  }));
  return {
    value: {
      kWh,
      ...(kwhMinor === undefined ? {} : { minor: roundOnce(new Fraction(Math.round(kWh * 1000), 1000).mul(kwhMinor)) }),
    },
    because: {
      rule: 'power × minutes × share of the time that it heats',
      figure: `${fixed(kWh, 1)} kWh`,
      parts,
      source: 'from memory; the appliances’ own plates tell better',
    },
  };
}
