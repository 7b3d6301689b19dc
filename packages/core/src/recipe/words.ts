import { Fraction, WRITTEN_NUMBER, counted, figuresNow } from '../quantity/index.ts';
import type { Written } from '../quantity/index.ts';
import type { Attention, ByProduct, Law, Step, TimeLaw, Window } from './revision.ts';

/**
 * A window as a cook says it.
 * @example windowWords({ earliest: 10, expected: 12, latest: 15 }) // => 'look from 10, about 12, 15 min at the latest'
 */
export const windowWords = ({ earliest, expected, latest }: Window): string =>
  earliest === latest ? `${expected} min` : `look from ${earliest}, about ${expected}, ${latest} min at the latest`;

/**
 * How an amount grows, in words.
 * @example lawWords({ law: 'slower', exponent: 0.585 }) // => 'slower than the batch (exponent 0.585)'
 */
export function lawWords(law: Law): string {
  switch (law.law) {
    case 'in proportion':
      return 'with the batch';
    case 'slower':
      return `slower than the batch (exponent ${law.exponent})`;
    case 'per load':
      return 'once for each load';
    case 'to taste':
      return `to taste, ${law.first} of it first`;
    case 'pot and minute':
      return `boiled off: ${law.boil}, ${law.minutes} min, once for each pot`;
    case 'water for grain':
      return `as the grain needs (packet: ${law.packet.grainCups} to ${law.packet.waterCups})`;
    default:
      return law satisfies never;
  }
}

export function timeWords(time: TimeLaw): string {
  switch (time.law) {
    case 'fixed':
      return windowWords(time.minutes);
    case 'by amount':
      return `${time.minutes} min and ${time.perKg} a kilo`;
    case 'by piece size':
      return `${windowWords(time.minutes)} for pieces of ${time.atCm} cm, cut to ${time.cm} cm`;
    case 'boils down':
      return `until ${writtenWords(time.off)} less, ${time.boil}`;
    case 'by load':
      return `${time.minutes} min and ${time.perLoad} a load`;
    default:
      return time satisfies never;
  }
}

export const attentionWords = (attention: Attention): string =>
  attention.needs === 'look'
    ? `a look every ${attention.everyMinutes} min`
    : attention.needs === 'hands'
      ? 'hands'
      : 'nobody';

/** An amount as it is written in a recipe, with a point: for files, which are read back anywhere. */
export const writtenPlain = ({ n, unit }: Written): string =>
  unit === 'each' ? n : `${n} ${unit}${unit === 'cup' && isSeveral(n) ? 's' : ''}`;
/**
 * The same with the decimal sign of the kitchen.
 * @example writtenWords({ n: '1.5', unit: 'kg' }) // "1,5 kg", where a comma is written
 */
export const writtenWords = (written: Written): string => writtenPlain(written).replace('.', figuresNow().decimal);
const isSeveral = (n: string): boolean => WRITTEN_NUMBER.test(n) && new Fraction(n).compare(1) > 0;

/** What is done, as a sentence of the method. */
export const stepWords = (step: Step): string =>
  step.kind === 'pressure'
    ? `Seal the cooker with the ${step.name} and bring it to high pressure; ${
        step.release.how === 'quick'
          ? 'vent at once'
          : step.release.how === 'timed'
            ? `let it stand ${step.release.minutes} min, then vent`
            : 'let the pressure drop by itself'
      }`
    : step.name;

/** Time, hands and cue of a step in one line. */
export function stepTimes(step: Step): string {
  switch (step.kind) {
    case 'ahead':
      return `${step.hours.least} to ${step.hours.most} h ahead`;
    case 'pressure':
      return `${step.hold.expected} min at pressure, by the table; longer up high`;
    case 'work':
      return [
        timeWords(step.time),
        ...(step.stopAt === undefined ? [] : [`stop at ${Math.round(step.stopAt * 100)} % if it is heated again`]),
        attentionWords(step.attention),
        ...(step.cue ? [step.cue] : []),
        ...(step.note ? [`noted: ${step.note}`] : []),
      ].join(' · ');
    default:
      return step satisfies never;
  }
}

/** Where an output beside the dish goes. */
export const goesWords = ({ goes }: ByProduct, stepName: (id: string) => string): string =>
  goes.to === 'away'
    ? 'poured away'
    : goes.to === 'shelf'
      ? `to the fridge, ${counted(goes.keepsDays.value, 'day')}`
      : `into “${stepName(goes.step)}”`;
