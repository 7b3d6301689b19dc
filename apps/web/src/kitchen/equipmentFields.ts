import type { KitchenState } from '@kestrel-ridge/core/formats';
import type { Appliance, Equipment } from '@kestrel-ridge/core/kitchen';
import { rebase, type Clash, type Scoop } from '@kestrel-ridge/core/quantity';
import { KETTLE_WATTS } from './kitchenFields.tsx';

/** What the form holds: all of a kitchen that is typed. */
export interface Fields {
  readonly name: string;
  readonly equipment: Omit<Equipment, 'scoops' | 'oneAtATime'> & {
    readonly scoops: Scoop[];
    readonly oneAtATime?: readonly (readonly Appliance[])[];
  };
}

/** A dish for the microwave that nobody has measured, litres. Common practice, no published source. */
const DISH_LITRES = 2;

/** What a kitchen may have or not: an emptied field takes it away. */
const PERHAPS = [
  'riceCooker',
  'microwave',
  'airFryer',
  'kettle',
  'strainers',
  'largeBurners',
  'burnerWatts',
  'scaleStepG',
  'weekBudgetMinor',
  'freezerLitres',
  'tripOn',
  'kwhMinor',
  'powerLimitW',
  'oneAtATime',
  'people',
  'awake',
  'writes',
] as const satisfies readonly (keyof Equipment)[];

const withoutPerhaps = <T extends object>(of: T): Omit<T, (typeof PERHAPS)[number]> =>
  Object.fromEntries(Object.entries(of).filter(([name]) => !(PERHAPS as readonly string[]).includes(name))) as Omit<
    T,
    (typeof PERHAPS)[number]
  >;

/** What was left empty in a list is not sent: an empty text is no hour. */
const filled = <T extends object>(each: T): T =>
  Object.fromEntries(
    Object.entries(each).filter(
      ([, value]) => value !== null && value !== undefined && value !== '' && value !== false,
    ),
  ) as T;

/** An appliance is there when its first figure is: an emptied field takes it out of the kitchen. */
function perhapsOf(fields: Fields['equipment']): Partial<Equipment> {
  const { riceCooker, microwave, airFryer, kettle, people, oneAtATime, awake, writes } = fields;
  const figures = (
    [
      'strainers',
      'largeBurners',
      'burnerWatts',
      'scaleStepG',
      'weekBudgetMinor',
      'kwhMinor',
      'powerLimitW',
      'freezerLitres',
      'tripOn',
    ] as const
  ).flatMap((name) => (typeof fields[name] === 'number' ? [[name, fields[name]]] : []));
  // One appliance alone shares with none.
  const groups = oneAtATime?.filter((group) => group.length > 1) ?? [];
  return {
    ...(Object.fromEntries(figures) as Partial<Equipment>),
    ...(riceCooker?.litres ? { riceCooker } : {}),
    ...(kettle?.litres ? { kettle: { ...kettle, watts: kettle.watts || KETTLE_WATTS } } : {}),
    ...(microwave?.watts ? { microwave: { ...microwave, dishLitres: microwave.dishLitres || DISH_LITRES } } : {}),
    ...(airFryer?.basketCm2 ? { airFryer } : {}),
    ...(awake?.from && awake.to ? { awake } : {}),
    ...(writes && Object.keys(filled(writes)).length > 0 ? { writes: filled(writes) } : {}),
    ...(people && people.length > 0 ? { people: people.map(filled) } : {}),
    ...(groups.length > 0 ? { oneAtATime: groups } : {}),
  };
}

export const fieldsOf = ({ name, equipment }: Pick<KitchenState, 'name' | 'equipment'>): Fields => ({
  name,
  equipment: { units: 'US', ...equipment, scoops: [...(equipment.scoops ?? [])] },
});

/** What is typed, as it is sent; what the form does not show stays as it is. */
export const equipmentOf = (equipment: Equipment, typed: Fields['equipment']): Equipment => ({
  ...withoutPerhaps(equipment),
  ...withoutPerhaps(typed),
  ...perhapsOf(typed),
  ovens: typed.ovens.map(filled),
  cookers: typed.cookers.map(filled),
  pots: typed.pots.map(filled),
  boxes: typed.boxes.map(filled),
  jug: filled({ ...equipment.jug, ...typed.jug }),
});

/**
 * What is typed, when the kitchen has changed under it: a figure was learned, another device has saved. Untouched fields follow; what was typed stays, and where both
 * said otherwise both are told.
 */
export function followed(
  seen: Fields,
  typed: Fields,
  now: Fields,
): { readonly fields: Fields; readonly clashes: readonly Clash[] } {
  const { value, clashes } = rebase(seen, now, typed, 'wholes');
  const emptied = Object.fromEntries(PERHAPS.map((name) => [name, undefined]));
  return {
    fields: { ...value, equipment: { ...emptied, ...value.equipment } },
    clashes: clashes.map(({ at, mine: there, now: here }) => ({ at, mine: here, now: there })),
  };
}

/** "large burners: 2 there, 3 here" */
export const clashWords = ({ at, mine, now }: Clash): string => {
  const field = at
    .filter((part) => part !== 'equipment')
    .map((part) => (/^\d+$/.test(part) ? `${Number(part) + 1}` : part.replace(/([A-Z])/g, ' $1').toLowerCase()))
    .join(' ')
    // A name in the code ends with its unit: the figure beside it says enough.
    .replace(/ (m|ml|g|w|cm|cm2|c|kpa|minor)$/, '');
  return `${field}: ${valueWords(now)} there, ${valueWords(mine)} here`;
};
const valueWords = (value: unknown): string => {
  if (Array.isArray(value)) return `${value.length} entries`;
  if (typeof value === 'number' || typeof value === 'string') return `${value}`;
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  return value ? 'another one' : 'none';
};
