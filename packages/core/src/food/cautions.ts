export type CautionId =
  'pressure' | 'vent' | 'beans' | 'cooling' | 'grain' | 'hot blend' | 'hot oven' | 'reheat' | 'thaw';

/** The usual guidance, where it applies. It defers to the manual and to local rules, and promises nothing. */
export interface Caution {
  readonly title: string;
  readonly text: string;
  readonly source: string;
}

const DEFERS = 'Your appliance’s manual comes first.';
const RULES = 'Local food rules come first.';

export const CAUTIONS: Readonly<Record<CautionId, Caution>> = {
  pressure: {
    title: 'Fill, liquid, seal',
    text: `Fill to two thirds at most, to half for dry or raw food that swells or foams, and never below the least liquid. Set the seal before it starts. This is not a canner. ${DEFERS}`,
    source: 'US extension-service advice (from memory)',
  },
  vent: {
    title: 'Steam burns',
    text: `Keep hands and face away from the vent. Open only when the pressure pin has dropped. ${DEFERS}`,
    source: 'US extension-service advice (from memory)',
  },
  beans: {
    title: 'Boil these beans hard',
    text: `Soak at least 5 h and throw the soaking water away. Then boil hard, 30 minutes advised. Never cook them slowly from raw. An open pot up here stays below 100 °C: use pressure, or more time. ${RULES}`,
    source: 'FDA Bad Bug Book, 2nd edition (from memory)',
  },
  cooling: {
    title: 'Cool it quickly',
    text: `From 57 °C to 21 °C within 2 hours, then to 5 °C within 6 hours in all. Shallow layers, lids ajar, ice bath or stirring first. Without a reading nobody knows how far it is. ${RULES}`,
    source: 'FDA Food Code 2022, 3-501.14',
  },
  grain: {
    title: 'Cooked grain spoils early',
    text: `Cool within the hour, keep cold. Some rules allow 24 h in the fridge, others 3 to 4 days; this kitchen counts 3. ${RULES}`,
    source: 'UK Food Standards Agency; USDA FSIS (both from memory)',
  },
  'hot blend': {
    title: 'Hot liquid jumps out of a jug',
    text: `Fill low, open the vent in the lid, cover it with a cloth and start slowly. ${DEFERS}`,
    source: 'common practice, no published source',
  },
  'hot oven': {
    title: 'Hot steam, hot tray',
    text: 'Stand aside as the door opens. Dry cloths only: a wet one lets the heat through.',
    source: 'common practice, no published source',
  },
  reheat: {
    title: 'Reheat right through',
    text: `To 74 °C in every part for 15 s, within 2 hours. In a microwave: cover, stir, let it stand 2 minutes. ${RULES}`,
    source: 'FDA Food Code 2022, 3-403.11',
  },
  thaw: {
    title: 'Thaw in the fridge',
    text: `Give a box a full day. What thawed on the counter is not frozen again. ${RULES}`,
    source: 'USDA FSIS, The Big Thaw (from memory)',
  },
};
