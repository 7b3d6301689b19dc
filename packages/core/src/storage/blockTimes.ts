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
 * How long a box takes to freeze through and to thaw in the fridge, by Plank's formula, and how far ahead it is moved: the deeper, the longer, without a step. A box loses
 * heat on all sides, so the short end of the range is counted on for thawing, and never less than the guidance: 12 h for a flat pack of 2 cm, a full day from 3 cm on.
 * Source: USDA FSIS, The Big Thaw (from memory): even half a kilo takes a full day.
 * @example blockTimes(5).aheadHours // => 30
 */
export function blockTimes(depthCm: number = BOX_DEPTH_CM): BlockTimes {
  const known = byDepth.get(depthCm) ?? timesOf(depthCm);
  byDepth.set(depthCm, known);
  return known;
}

/** A kitchen has a handful of depths. */
const byDepth = new Map<number, BlockTimes>();

function timesOf(depthCm: number): BlockTimes {
  const freezes = freezingTime(depthCm, FREEZER);
  const thaws = thawingTime(depthCm, FRIDGE);
  const guidance = guidanceHours(depthCm);
  const aheadHours = Math.ceil(Math.max(guidance, thaws.least / 60) - 1e-9);
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
          rule: 'counted on: the short end, never less than the guidance for this depth',
          figure: `${aheadHours} h ahead`,
          source: 'USDA FSIS, The Big Thaw (from memory)',
        },
      ],
    },
  };
}

/** Overnight for a flat pack, a full day for a box; in proportion between. */
const guidanceHours = (cm: number): number =>
  cm <= FLAT_CM
    ? OVERNIGHT_HOURS
    : Math.min(DAY_HOURS, OVERNIGHT_HOURS + ((DAY_HOURS - OVERNIGHT_HOURS) * (cm - FLAT_CM)) / (BOX_FROM_CM - FLAT_CM));

const FLAT_CM = 2;
const BOX_FROM_CM = 3;
const OVERNIGHT_HOURS = 12;
const DAY_HOURS = 24;
