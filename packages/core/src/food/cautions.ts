import { counted } from '../quantity/index.ts';
/** In the order in which a screen names them. */
export const CAUTION_IDS = [
  'pressure',
  'vent',
  'beans',
  'never raw',
  'debitter',
  'sprouts',
  'garlic oil',
  'bottling',
  'iodine',
  'green potatoes',
  'cooling',
  'grain',
  'hot blend',
  'hot oven',
  'reheat',
  'thaw',
  'thawed at once',
  'two hours',
  'vulnerable',
] as const;
export type CautionId = (typeof CAUTION_IDS)[number];

/** The usual guidance, where it applies. It defers to the manual and to local rules, and promises nothing. */
export interface Caution {
  readonly title: string;
  readonly text: string;
  readonly source: string;
}

/** What a caution has to know so that it says nothing untrue: where water boils here, and how many days this dish is given. */
export interface CautionSetting {
  readonly boilsAtC: number;
  readonly fridgeDays?: number;
}

const DEFERS = 'Your appliance’s manual comes first.';
const RULES = 'Local food rules come first.';
/** Below that an open pot is said to stay short of boiling hard. */
const BOILS_HARD_C = 99;
const days = (n: number): string => counted(n, 'day');

/**
 * A caution as it is true in this kitchen.
 * @example cautionOf('beans', { boilsAtC: 99.97 }).text.includes('below') // => false
 */
export function cautionOf(id: CautionId, { boilsAtC, fridgeDays }: CautionSetting): Caution {
  switch (id) {
    case 'pressure':
      return {
        title: 'Fill, liquid, seal',
        text: `Fill to two thirds at most, to half for dry or raw food that swells or foams, and never below the least liquid. Set the seal before it starts. This is not a canner. ${DEFERS}`,
        source: 'US extension-service advice (from memory)',
      };
    case 'vent':
      return {
        title: 'Steam burns',
        text: `Keep hands and face away from the vent. Open only when the pressure pin has dropped. ${DEFERS}`,
        source: 'US extension-service advice (from memory)',
      };
    case 'beans':
      return {
        title: 'Boil these beans hard',
        text: `Soak at least 5 h and throw the soaking water away. Then boil hard, 30 minutes advised. Never cook them slowly from raw. ${
          boilsAtC < BOILS_HARD_C
            ? `An open pot stays at ${Math.floor(boilsAtC)} °C here, below 100: use pressure, or more time. `
            : ''
        }${RULES}`,
        source: 'FDA Bad Bug Book, 2nd edition (from memory)',
      };
    case 'never raw':
      return {
        title: 'Not to be eaten raw',
        text: `Raw beans of any kind, fresh pods too, and raw cassava hold substances that make ill and that cooking destroys: cook them until they are tender. ${RULES}`,
        source: 'FDA Bad Bug Book, 2nd edition (from memory)',
      };
    case 'debitter':
      return {
        title: 'Lupins: only debittered',
        text: `Bitter lupins hold alkaloids that boiling alone does not remove. Use sweet or debittered ones; water that tastes bitter is thrown away. ${RULES}`,
        source: 'European Food Safety Authority, quinolizidine alkaloids in lupin, 2019 (from memory)',
      };
    case 'sprouts':
      return {
        title: 'Raw sprouts have carried illness',
        text: `Keep them cold, rinse them, eat them soon. Cook them through for the very young, old, pregnant or ill. ${RULES}`,
        source: 'US FDA consumer advice on sprouts (from memory)',
      };
    case 'garlic oil':
      return {
        title: 'Garlic or herbs in oil',
        text: `Keep it in the fridge, 4 days at most, or freeze it; never leave it at room temperature. ${RULES}`,
        source: 'US extension advice (from memory)',
      };
    case 'bottling':
      return {
        title: 'An open pot does not preserve',
        text: `Jars filled hot and boiled in an open pot are no preserve where the food is not sour: keep them in the fridge, or freeze them. Follow a tested method for anything else. ${RULES}`,
        source: 'National Center for Home Food Preservation (from memory)',
      };
    case 'iodine':
      return {
        title: 'Seaweed brings iodine',
        text: `Some kinds, kelp above all, hold a day’s iodine many times over in a gram. Take little, and none without advice when pregnant or with a thyroid condition. ${RULES}`,
        source: 'German Federal Institute for Risk Assessment, on dried seaweed (from memory)',
      };
    case 'green potatoes':
      return {
        title: 'Green potatoes',
        text: `Cut away green parts and sprouting eyes generously; throw away what is green all over or tastes bitter. Boiling does not remove it. ${RULES}`,
        source: 'German Federal Institute for Risk Assessment, on glycoalkaloids (from memory)',
      };
    case 'cooling':
      return {
        title: 'Cool it quickly',
        text: `From 57 °C to 21 °C within 2 hours, then to 5 °C within 6 hours in all. Shallow layers, lids ajar, ice bath or stirring first. Without a reading nobody knows how far it is. ${RULES}`,
        source: 'FDA Food Code 2022, 3-501.14',
      };
    case 'grain':
      return {
        title: 'Cooked grain spoils early',
        text: `Cool within the hour, keep cold. Some rules allow 24 h in the fridge, others 3 to 4 days${
          fridgeDays === undefined ? '' : `; this dish is given ${days(fridgeDays)} here`
        }. ${RULES}`,
        source: 'UK Food Standards Agency; USDA FSIS (both from memory)',
      };
    case 'hot blend':
      return {
        title: 'Hot liquid jumps out of a jug',
        text: `Fill low, open the vent in the lid, cover it with a cloth and start slowly. ${DEFERS}`,
        source: 'common practice, no published source',
      };
    case 'hot oven':
      return {
        title: 'Hot steam, hot tray',
        text: 'Stand aside as the door opens. Dry cloths only: a wet one lets the heat through.',
        source: 'common practice, no published source',
      };
    case 'reheat':
      return {
        title: 'Reheat right through',
        text: `To 74 °C in every part for 15 s, within 2 hours. In a microwave: cover, stir, let it stand 2 minutes. ${RULES}`,
        source: 'FDA Food Code 2022, 3-403.11',
      };
    case 'thaw':
      return {
        title: 'Thaw in the fridge',
        text: `Give a box a full day. What thawed on the counter is not frozen again. ${RULES}`,
        source: 'USDA FSIS, The Big Thaw (from memory)',
      };
    case 'thawed at once':
      return {
        title: 'Thawed in water or in the microwave: heat it at once',
        text: `Parts of it are warm already. Change cold water every 30 minutes, heat it right through straight after, and freeze it again only once it was heated. ${RULES}`,
        source: 'USDA FSIS, The Big Thaw (from memory)',
      };
    case 'two hours':
      return {
        title: 'Two hours out of the fridge',
        text: `Cooked food stands out for two hours at most, one above 32 °C. After that it is thrown away, however it smells. ${RULES}`,
        source: 'USDA FSIS leftovers guidance (from memory)',
      };
    case 'vulnerable':
      return {
        title: 'Young, old, pregnant or ill eaters',
        text: `For them the careful side counts: nothing raw that has carried illness, no alcohol, little seaweed, the shorter keeping time. ${RULES}`,
        source: 'FoodSafety.gov, people at risk (from memory)',
      };
    default:
      return id satisfies never;
  }
}
