import { fixed } from '../quantity/index.ts';
import { openPotLoss, pieceTimeRatio, SOFTENING_SOURCE, type Slower } from '../heat/index.ts';
import type { Reasoned, Sourced } from '../quantity/index.ts';
import {
  USUAL_POT_CM,
  boiledOffG,
  minutesToBoilOff,
  windowWords,
  type TimeLaw,
  type Window,
  type WorkStep,
} from '../recipe/index.ts';

export interface StepSize {
  /** Kilos that go into the step, water aside. */
  readonly kilos: number;
  readonly loads: number;
  /** Of what boils down: how many times the written size is in one pot, and how wide that is. */
  readonly pot?: { readonly times: number; readonly acrossCm: number };
}

const WRITTEN_POT = { times: 1, acrossCm: USUAL_POT_CM };

/** How long a step takes at a size, as a window with its reason. */
export function stepMinutes({ time, stopAt }: Pick<WorkStep, 'time' | 'stopAt'>, size: StepSize): Reasoned<Window> {
  const whole = byLaw(time, size);
  if (stopAt === undefined || stopAt >= 1) return whole;
  const value = scaled(whole.value, stopAt);
  return {
    value,
    because: {
      rule: `stops at ${Math.round(stopAt * 100)} %: it is heated again before it is eaten`,
      figure: windowWords(value),
      parts: [whole.because],
    },
  };
}

function byLaw(time: TimeLaw, { kilos, loads, pot = WRITTEN_POT }: StepSize): Reasoned<Window> {
  switch (time.law) {
    case 'fixed':
      return { value: time.minutes, because: { rule: 'as the recipe says', figure: windowWords(time.minutes) } };
    case 'by amount': {
      const value = exactly(time.minutes + time.perKg * kilos);
      return {
        value,
        because: {
          rule: `${time.minutes} min and ${time.perKg} min a kilo`,
          figure: `${value.expected} min`,
          parts: [{ rule: 'goes in', figure: `${fixed(kilos, 2)} kg` }],
        },
      };
    }
    case 'boils down': {
      const minutes = minutesToBoilOff(time, pot.times, pot.acrossCm);
      const value = {
        earliest: atLeastOne(minutes * 0.75),
        expected: atLeastOne(minutes),
        latest: atLeastOne(minutes * 1.5),
      };
      return {
        value,
        because: {
          rule: 'water off ÷ what this pot loses in a minute; the weight says when it is there',
          figure: windowWords(value),
          parts: [
            { rule: 'off', figure: `${Math.round(boiledOffG(time) * pot.times)} g` },
            {
              rule: `${time.boil}, from a pot ${pot.acrossCm} cm across`,
              figure: `${fixed(openPotLoss(time.boil, pot.acrossCm, 1), 1)} g a minute`,
              source: 'from memory: 5 to 25 kg from a square metre in an hour',
            },
          ],
        },
      };
    }
    case 'by load': {
      const value = exactly(time.minutes + time.perLoad * loads);
      return {
        value,
        because: {
          rule: `${time.minutes} min and ${time.perLoad} min for each load`,
          figure: `${value.expected} min`,
          parts: [{ rule: 'loads', figure: `${loads}` }],
        },
      };
    }
    case 'by piece size': {
      const ratio = pieceTimeRatio(time.cm, time.atCm, time.medium);
      const value = scaled(time.minutes, ratio);
      return {
        value,
        because: {
          rule: `heat reaches the middle of a ${time.cm} cm piece in ${fixed(ratio, 2)} times the time of ${time.atCm} cm`,
          figure: windowWords(value),
          parts: [{ rule: `pieces of ${time.atCm} cm, by ${time.medium}`, figure: windowWords(time.minutes) }],
          source: 'computed: one-term conduction in a sphere (Incropera); heat transfer assumed',
        },
      };
    }
    default:
      return time satisfies never;
  }
}

/**
 * Minutes of an open pot at a height: water boils cooler there, and what is in it takes longer to get soft. The band of what is known widens the window.
 * Source: computed; how much slower each degree makes it is from memory.
 */
export function atHeight(
  minutes: Reasoned<Window>,
  { expected, least, most }: Slower,
  boilsAt: number,
): Reasoned<Window> {
  if (expected === 1) return minutes;
  const { value } = minutes;
  const slower: Window = {
    earliest: atLeastOne(value.earliest * least),
    expected: atLeastOne(value.expected * expected),
    latest: atLeastOne(value.latest * most),
  };
  return {
    value: slower,
    because: {
      rule: `water boils at ${fixed(boilsAt, 0)} °C here: ${fixed(expected, 2)} times as long, ${fixed(least, 2)} to ${fixed(most, 2)} by what is in it`,
      figure: windowWords(slower),
      parts: [{ rule: 'where water boils at 100 °C', figure: windowWords(value), parts: [minutes.because] }],
      source: SOFTENING_SOURCE,
    },
  };
}

/** Minutes as this kitchen's own figure has them: its hands, its oven. */
export function byThisKitchen(
  minutes: Reasoned<Window>,
  whose: string,
  own: Sourced<number> | undefined,
): Reasoned<Window> {
  if (!own || own.value === 1) return minutes;
  const value = scaled(minutes.value, own.value);
  return {
    value,
    because: {
      rule: `${whose}: ${fixed(own.value, 2)} times the recipe’s minutes`,
      figure: windowWords(value),
      source: own.source,
      parts: [minutes.because],
    },
  };
}

const atLeastOne = (minutes: number): number => Math.max(1, Math.round(minutes));
const exactly = (minutes: number): Window => {
  const n = atLeastOne(minutes);
  return { earliest: n, expected: n, latest: n };
};
const scaled = ({ earliest, expected, latest }: Window, by: number): Window => ({
  earliest: atLeastOne(earliest * by),
  expected: atLeastOne(expected * by),
  latest: atLeastOne(latest * by),
});
