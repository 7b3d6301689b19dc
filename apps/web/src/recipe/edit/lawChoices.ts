import { LOSS_KG_PER_M2H, type Boil } from '@kestrel-ridge/core/heat';
import {
  cupsOfWater,
  packetLine,
  type GrainOfDish,
  type Law,
  type Line,
  type TimeLaw,
  type Window,
} from '@kestrel-ridge/core/recipe';
import { expectedMinutes, type WorkStep } from '@kestrel-ridge/core/recipe';
import { SLOWER_EXPONENT } from '@kestrel-ridge/core/scaling';

/** Ways to boil, as they are offered. */
export const BOILS = (Object.keys(LOSS_KG_PER_M2H) as Boil[]).map((boil) => ({ value: boil, label: boil }));

/** Laws of growth as they are offered, each with where it begins. */
export const LAW_CHOICES: readonly { readonly value: Law['law']; readonly label: string }[] = [
  { value: 'in proportion', label: 'grows with the batch' },
  { value: 'slower', label: 'grows slower (spices, salt)' },
  { value: 'to taste', label: 'to taste, by parts' },
  { value: 'per load', label: 'once for each load' },
  { value: 'pot and minute', label: 'boiled off, by pot and minute' },
  { value: 'water for grain', label: 'water for a grain' },
];

/** A law of a kind, with usual figures; water follows the grain that is there, by the amounts that are written. */
export function lawOf(
  kind: Law['law'],
  line: Line,
  lines: readonly { readonly value: string }[],
  grain: GrainOfDish | undefined,
): Law {
  switch (kind) {
    case 'in proportion':
    case 'per load':
      return { law: kind };
    case 'slower':
      return { law: kind, exponent: SLOWER_EXPONENT };
    case 'to taste':
      return { law: kind, first: '1/2' };
    case 'pot and minute':
      return { law: kind, boil: 'gentle simmer', minutes: 20 };
    case 'water for grain': {
      const water = cupsOfWater(line.amount);
      return {
        law: kind,
        grain: grain?.line ?? lines.find(({ value }) => value !== line.id)?.value ?? line.id,
        packet: grain && water ? packetLine(grain.cups, water) : { grainCups: '1', waterCups: '2' },
      };
    }
    default:
      return kind satisfies never;
  }
}

export const TIME_CHOICES: readonly { readonly value: TimeLaw['law']; readonly label: string }[] = [
  { value: 'fixed', label: 'always the same' },
  { value: 'by amount', label: 'by the kilo' },
  { value: 'by piece size', label: 'by piece size' },
  { value: 'by load', label: 'by the load' },
  { value: 'boils down', label: 'until it boiled down' },
];

/** A time law of another kind that begins at about the same minutes. */
export function timeOf(kind: TimeLaw['law'], step: WorkStep): TimeLaw {
  const expected = expectedMinutes(step);
  const { time } = step;
  const minutes: Window =
    time.law === 'boils down' || typeof time.minutes === 'number'
      ? { earliest: expected, expected, latest: expected }
      : time.minutes;
  switch (kind) {
    case 'fixed':
      return { law: kind, minutes };
    case 'by amount':
      return { law: kind, minutes: 2, perKg: Math.max(1, expected - 2) };
    case 'by piece size':
      return { law: kind, minutes, atCm: 2, cm: 2, medium: 'oven' };
    case 'boils down':
      return { law: kind, off: { n: '200', unit: 'mL' }, boil: 'strong simmer' };
    case 'by load':
      return { law: kind, minutes: 1, perLoad: Math.max(1, expected - 1) };
    default:
      return kind satisfies never;
  }
}
