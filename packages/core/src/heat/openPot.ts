/**
 * Water that leaves an open pot, kg from a square metre in an hour, by how it boils: the middle of 1 to 3, 5 to 15, 15 to 25 and 20 to 50.
 * Source: from memory; bounded by the heat (1 kW all into steam is 1.595 kg/h).
 */
export const LOSS_KG_PER_M2H = { 'lid on': 2, 'gentle simmer': 10, 'strong simmer': 20, 'rolling boil': 35 } as const;
export type Boil = keyof typeof LOSS_KG_PER_M2H;

/**
 * Grams of water that a pot loses: surface × minutes × how it boils. A cup in 20 minutes from 22 cm is a strong simmer.
 * @example Math.round(openPotLoss('strong simmer', 22, 20)) // => 253
 */
export const openPotLoss = (boil: Boil, acrossCm: number, minutes: number): number =>
  LOSS_KG_PER_M2H[boil] * 1000 * Math.PI * (acrossCm / 200) ** 2 * (minutes / 60);
