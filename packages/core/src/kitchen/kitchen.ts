import type { Scoop, Sourced, UnitSystem } from '../quantity/index.ts';
import type { Appliance, BoxKind, Cooker, Jug, Kettle, Oven, Pot } from './appliances.ts';
import type { Person } from './person.ts';

/** So many times the book's minutes, and minutes that come on top of every load, be it large or small. */
export interface OwnLine extends Sourced<number> {
  readonly plusMinutes?: number;
}
/** @example byOwnLine(20, { value: 1.1, plusMinutes: 2, source: 'this kitchen, 9 loads' }) // => 24 */
export const byOwnLine = (bookMinutes: number, own: OwnLine | undefined): number =>
  Math.max(0, bookMinutes * (own?.value ?? 1) + (own?.plusMinutes ?? 0));

/** What this kitchen measured for itself. A figure stands before the book's. */
export interface OwnFigures {
  /** mL of water that leave one pot while a grain cooks, by how it is cooked. */
  readonly grainLossMl?: Readonly<Partial<Record<GrainPot, Sourced<number>>>>;
  /** How the sealed cooker's minutes of coming up stand to what heat alone says: 1.2 is a fifth longer. */
  readonly comeUpTimes?: OwnLine;
  /** The same of its natural release. */
  readonly releaseTimes?: OwnLine;
  /** How minutes of hands stand to those of the recipes. */
  readonly handsTimes?: Sourced<number>;
  /** The same of knife work on one food, "peel and chop swede": it stands before that of all hands. */
  readonly cutTimes?: readonly OwnOf[];
  /** How what a dish weighs when it is done stands to what is reckoned, by the food that it is. */
  readonly yieldTimes?: readonly OwnOf[];
}
/** So many times the book's figure, of one thing among others. */
export interface OwnOf extends Sourced<number> {
  readonly of: string;
}
/** @example ownOf([{ of: 'peel swede', value: 1.2, source: 'this kitchen, 4 steps' }], 'peel swede')?.value // => 1.2 */
export const ownOf = (all: readonly OwnOf[] | undefined, of: string | undefined): OwnOf | undefined =>
  all?.find((each) => each.of === of);
export type GrainPot = 'sealed cooker' | 'hob' | 'rice cooker';

/** How a kitchen writes hours, days, heat and figures. */
export interface Writes {
  readonly clock?: '12 h';
  readonly date?: 'month first';
  readonly weekFrom?: 'Sunday';
  readonly degrees?: '°F';
  readonly decimal?: ',';
  readonly mass?: 'oz';
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
  /** What the scale shows at the finest, g; 1 where nothing is said. */
  readonly scaleStepG?: number;
  /** The one used most comes first: loads are cut for it. */
  readonly cookers: readonly Cooker[];
  /** The one used most comes first. */
  readonly ovens: readonly Oven[];
  readonly burners: number;
  /** How many of them are large; left out: all alike. */
  readonly largeBurners?: number;
  /** What one draws, W; left out: they burn gas. */
  readonly burnerWatts?: number;
  readonly pots: readonly Pot[];
  readonly jug: Jug;
  readonly kettle?: Kettle;
  /** How many; one where nothing is said. */
  readonly strainers?: number;
  readonly riceCooker?: { readonly litres: number };
  readonly microwave?: { readonly watts: number; readonly dishLitres: number };
  readonly airFryer?: { readonly basketCm2: number };
  readonly boxes: readonly BoxKind[];
  /** What the freezer holds, L; left out: nobody has measured it, and no suggestion counts on it. */
  readonly freezerLitres?: number;
  readonly own?: OwnFigures;
  /** What the fuse bears at a time, W; left out where that is no matter. */
  readonly powerLimitW?: number;
  /** Appliances of which only one may run at a time: they hang on one socket, or stand in one place. */
  readonly oneAtATime?: readonly (readonly Appliance[])[];
  /** From when to when somebody is awake, "06:30" to "22:30" where nothing is said: nobody is told to begin a soak at night. */
  readonly awake?: { readonly from: string; readonly to: string };
  /** How hours and days are written, where it is otherwise than 18:30, 1 Mar, a week from Monday on, and °C. */
  readonly writes?: Writes;
  /** Who cooks here; where nobody is named, all are alike and there all day. */
  readonly people?: readonly Person[];
  /** Stand-ins for devices are offered, to try things without them: the demo does. */
  readonly simulatedDevices?: boolean;
  /** On which day of the week everything is bought, 0 Monday … 6 Sunday; left out: whenever it is needed. */
  readonly tripOn?: number;
  /** What a week's food may cost, minor units. */
  readonly weekBudgetMinor?: number;
  /** What a kilowatt hour costs, minor units. */
  readonly kwhMinor?: number;
}

/** Waking hours where nobody said any. Common practice, no published source. */
export const AWAKE = { from: '06:30', to: '22:30' } as const;

/** A large pot that nobody has measured. Common practice, no published source. */
const UNMEASURED: Pot = { name: 'pot', litres: 5, acrossCm: 22 };

/** The largest pot, which what is bulky goes into. */
export const largestPot = ({ pots }: Pick<Equipment, 'pots'>): Pot =>
  pots.reduce<Pot | undefined>((most, pot) => (most && most.litres >= pot.litres ? most : pot), undefined) ??
  UNMEASURED;

/** The pan that things are fried in side by side: the widest; the widest pot where there is no pan. */
export const fryingPan = ({ pots }: Pick<Equipment, 'pots'>): Pot => {
  const pans = pots.filter(({ pan }) => pan);
  return (
    [...(pans.length > 0 ? pans : pots)].sort((a, b) => b.acrossCm - a.acrossCm || a.name.localeCompare(b.name))[0] ??
    UNMEASURED
  );
};

/** The smallest pot that holds so many litres: the one that a plan takes first. The largest where none does. */
export const potThatHolds = (equipment: Pick<Equipment, 'pots'>, litres: number): Pot =>
  [...equipment.pots]
    .filter((pot) => !pot.pan && pot.litres * POT_FULL >= litres)
    .sort((a, b) => a.litres - b.litres)[0] ?? largestPot(equipment);

/** An open pot boils over above that: four fifths of what it holds. Common practice, no published source. */
export const POT_FULL = 0.8;

/** Where a kitchen starts before anybody says otherwise. */
export const STARTING_EQUIPMENT: Equipment = {
  altitudeM: 0,
  zone: 'UTC',
  currency: 'EUR',
  scoops: ['1 cup', '1/2 cup', '1/3 cup', '1/4 cup', '1 tbsp', '1 tsp', '1/2 tsp', '1/4 tsp'],
  cookers: [{ litres: 6, watts: 1000, gaugeKpa: 80, leastLiquidMl: 300, steelKg: 1.2 }],
  ovens: [{ racks: 2, preheatMinutes: 12, trayCm2: 1500 }],
  burners: 4,
  pots: [
    { name: 'large pot', litres: 5, acrossCm: 22 },
    { name: 'middle pot', litres: 3, acrossCm: 20 },
    { name: 'small pot', litres: 1.5, acrossCm: 16 },
    { name: 'pan', litres: 2, acrossCm: 28, pan: true },
  ],
  kettle: { litres: 1.7, watts: 2000 },
  strainers: 1,
  jug: { leastMl: 300, mostMl: 1500, hotMostMl: 1000 },
  boxes: [
    { name: 'small box', mL: 500 },
    { name: 'large box', mL: 1000 },
  ],
};
