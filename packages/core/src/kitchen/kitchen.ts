import type { Scoop, Sourced, UnitSystem } from '../quantity/index.ts';

export interface Cooker {
  readonly litres: number;
  readonly watts: number;
  /** What its valve holds above the air outside, kPa gauge. */
  readonly gaugeKpa: number;
  /** Least liquid in mL: the manual decides. */
  readonly leastLiquidMl: number;
  readonly steelKg: number;
}
export interface Oven {
  readonly racks: number;
  readonly preheatMinutes: number;
  readonly trayCm2: number;
}
export interface Jug {
  /** The blades catch nothing below this. */
  readonly leastMl: number;
  readonly mostMl: number;
  readonly hotMostMl: number;
}
/** What this kitchen measured for itself. A figure stands before the book's. */
export interface OwnFigures {
  /** mL of water that leave one pot while a grain cooks, by how it is cooked. */
  readonly grainLossMl?: Readonly<Partial<Record<GrainPot, Sourced<number>>>>;
}
export type GrainPot = 'sealed cooker' | 'hob' | 'rice cooker';

export interface BoxKind {
  readonly name: string;
  readonly mL: number;
}

/** What a kitchen has. Every plan, amount and warning is worked out for it. */
export interface Equipment {
  readonly altitudeM: number;
  /** IANA name of the time zone that its days are counted in. */
  readonly zone: string;
  /** ISO 4217 */
  readonly currency: string;
  readonly scoops: readonly Scoop[];
  /** Whose cups and spoons they are; US customary where nothing is said. */
  readonly units?: UnitSystem;
  readonly cookers: readonly Cooker[];
  readonly oven: Oven;
  readonly burners: number;
  /** Largest pot, litres. */
  readonly potLitres: number;
  /** How wide it is inside, cm. */
  readonly potAcrossCm?: number;
  readonly jug: Jug;
  readonly riceCooker?: { readonly litres: number };
  readonly microwave?: { readonly watts: number; readonly dishLitres: number };
  readonly airFryer?: { readonly basketCm2: number };
  readonly boxes: readonly BoxKind[];
  readonly own?: OwnFigures;
  /** What the fuse bears at a time, W; left out where that is no matter. */
  readonly powerLimitW?: number;
  /** Stand-ins for devices are offered, to try things without them: the demo does. */
  readonly simulatedDevices?: boolean;
  /** What a week's food may cost, minor units. */
  readonly weekBudgetMinor?: number;
  /** What a kilowatt hour costs, minor units. */
  readonly kwhMinor?: number;
}

/** How wide a large pot is where nobody has measured, cm. Common practice, no published source. */
export const POT_ACROSS_CM = 22;

/** Where a kitchen starts before anybody says otherwise. */
export const STARTING_EQUIPMENT: Equipment = {
  altitudeM: 0,
  zone: 'UTC',
  currency: 'EUR',
  scoops: ['1 cup', '1/2 cup', '1/3 cup', '1/4 cup', '1 tbsp', '1 tsp', '1/2 tsp', '1/4 tsp'],
  cookers: [{ litres: 6, watts: 1000, gaugeKpa: 80, leastLiquidMl: 300, steelKg: 1.2 }],
  oven: { racks: 2, preheatMinutes: 12, trayCm2: 1500 },
  burners: 4,
  potLitres: 5,
  jug: { leastMl: 300, mostMl: 1500, hotMostMl: 1000 },
  boxes: [
    { name: 'small box', mL: 500 },
    { name: 'large box', mL: 1000 },
  ],
};
