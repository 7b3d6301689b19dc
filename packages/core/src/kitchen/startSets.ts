import { STARTING_EQUIPMENT, type Equipment } from './kitchen.ts';

/** Where a kitchen begins, by what it is like; everything can be changed later. Figures are common practice, no published source. */
export interface StartSet {
  readonly name: string;
  readonly says: string;
  readonly equipment: Equipment;
}

export const START_SETS: readonly StartSet[] = [
  {
    name: 'small flat',
    says: 'two burners, one tray, a small cooker',
    equipment: {
      ...STARTING_EQUIPMENT,
      scoops: ['1 cup', '1/2 cup', '1 tbsp', '1 tsp', '1/2 tsp'],
      cookers: [{ litres: 3, watts: 700, gaugeKpa: 80, leastLiquidMl: 250, steelKg: 0.8 }],
      burners: 2,
      pots: [
        { name: 'pot', litres: 3, acrossCm: 20 },
        { name: 'pan', litres: 1.5, acrossCm: 24, pan: true },
      ],
      ovens: [{ racks: 1, preheatMinutes: 10, trayCm2: 900 }],
      jug: { leastMl: 200, mostMl: 1000, hotMostMl: 600, weak: true },
      microwave: { watts: 800, dishLitres: 1.5 },
    },
  },
  {
    name: 'family kitchen',
    says: 'four burners, two trays, a cooker of 6 L',
    equipment: { ...STARTING_EQUIPMENT, microwave: { watts: 900, dishLitres: 2 } },
  },
  {
    name: 'hut',
    says: 'a large cooker and a large pot, high up',
    equipment: {
      ...STARTING_EQUIPMENT,
      altitudeM: 1200,
      cookers: [{ litres: 8, watts: 1200, gaugeKpa: 80, leastLiquidMl: 375, steelKg: 1.6 }],
      burners: 4,
      pots: [
        { name: 'stock pot', litres: 10, acrossCm: 28 },
        { name: 'large pot', litres: 6, acrossCm: 24 },
        { name: 'middle pot', litres: 3, acrossCm: 20 },
        { name: 'pan', litres: 3, acrossCm: 30, pan: true },
      ],
      ovens: [{ racks: 3, preheatMinutes: 15, trayCm2: 1500 }],
      strainers: 2,
      boxes: [
        { name: 'box', mL: 1000 },
        { name: 'large box', mL: 2500 },
      ],
    },
  },
];
