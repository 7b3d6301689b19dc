import { freezingTime, thawingTime, type PhaseTime } from '../heat/index.ts';
import { celsius, type Because } from '../quantity/index.ts';

const FREEZER = celsius(-18);
const FRIDGE = celsius(4);
/** Of a box that nobody has measured, cm. Common practice, no published source. */
export const BOX_DEPTH_CM = 5;

export interface BlockTimes {
  readonly freezes: PhaseTime;
  readonly thaws: PhaseTime;
  /** Hours before a meal by which it is moved to the fridge. */
  readonly aheadHours: number;
  readonly because: Because;
}

const hours = ({ least, most }: PhaseTime): string => `${Math.round(least / 60)} to ${Math.round(most / 60)} h`;

/**
 * How long a box takes to freeze through and to thaw in the fridge, by Plank's formula. A box loses heat on all sides, so the short end of the range is what is counted on
 * for thawing, and never less than a day (USDA FSIS, The Big Thaw, from memory: even half a kilo takes a full day); flat packs thaw overnight.
 * @example blockTimes(5).aheadHours // => 30
 */
export function blockTimes(depthCm: number = BOX_DEPTH_CM): BlockTimes {
  const freezes = freezingTime(depthCm, FREEZER);
  const thaws = thawingTime(depthCm, FRIDGE);
  const short = Math.ceil(thaws.least / 60);
  const aheadHours = depthCm <= FLAT_CM ? OVERNIGHT_HOURS : Math.max(DAY_HOURS, short);
  return {
    freezes,
    thaws,
    aheadHours,
    because: {
      rule: 'a block, frozen or thawed from above and below in still air',
      figure: `${depthCm} cm deep`,
      source: 'Plank 1913 (from memory); what the air takes is assumed',
      parts: [
        { rule: 'freezes through at −18 °C', figure: hours(freezes) },
        { rule: 'thaws at 4 °C', figure: hours(thaws) },
        {
          rule: depthCm <= FLAT_CM ? 'a flat pack: overnight' : 'never counted on in less than a day',
          figure: `${aheadHours} h ahead`,
          source: 'USDA FSIS, The Big Thaw (from memory)',
        },
      ],
    },
  };
}

const FLAT_CM = 2;
const OVERNIGHT_HOURS = 12;
const DAY_HOURS = 24;
