/** From least to most, both allowed. */
export type Span = readonly [least: number, most: number];

/**
 * How much of each a kitchen may have. Forms, requests and schemas ask here; the database holds the same again, and a check of the server compares the two.
 * Common practice for a small kitchen, no published source.
 */
export const LIMITS = {
  kitchenName: [1, 80],
  placeName: [1, 60],
  foodName: [1, 80],
  sessionName: [1, 80],
  templateName: [1, 60],
  eaterName: [1, 60],
  shopName: [1, 60],
  /** Letters. */
  mealNote: [1, 200],
  cooks: [1, 4],
  /** Portions of one batch: more is beyond a small kitchen. */
  batchPortions: [0, 500],
  mealParts: [0, 12],
  /** Portions of a part of a meal, for each eater. */
  partPortions: [0.1, 6],
  guests: [0, 200],
  /** Usual portions at a time: 1 is a usual eater. */
  eaterAppetite: [0.1, 4],
  portionsADay: [0, 6],
  /** Meals and dishes of a week that are kept or changed together. */
  weekSlots: [0, 60],
  weekDishes: [0, 40],
} as const satisfies Readonly<Record<string, Span>>;

export const within = (value: number, [least, most]: Span): boolean => value >= least && value <= most;
