import {
  boilingPoint,
  comeUp,
  holdAtAltitude,
  holdTimes,
  naturalRelease,
  ventLoss,
  temperatureInside,
  type PotLoad,
} from '../heat/index.ts';
import { isTapWater } from '../food/index.ts';
import { byOwnLine, type Cooker, type Equipment, type OwnLine } from '../kitchen/index.ts';
import {
  capital,
  celsius,
  kilograms,
  kpaGauge,
  metres,
  minutes,
  watts,
  type Because,
  type Celsius,
  fixed,
} from '../quantity/index.ts';
import type { Attention, PressureStep, Window } from '../recipe/index.ts';
import type { ScaledBatch } from '../scaling/index.ts';
import type { Stage, TaskAbout } from './taskAbout.ts';

/** Poured in, water from the kettle has cooled so much below where it boils here. Common practice, no published source. */
const KETTLE_COOLS_C = 5;
const TAP_C = 12;
const ROOM_C = 20;
/** Heat that reaches the food. Assumed. */
const EFFICIENCY = 0.8;
/** Pouring, sealing and driving out the air, on top of the heat balance. Common practice, no published source. */
const AIR_MINUTES = 2;

const handsNow: Attention = { needs: 'hands' };
const nobody: Attention = { needs: 'nobody' };
const exactly = (n: number): Window => ({ earliest: n, expected: n, latest: n });

export type StageAbout = Pick<
  TaskAbout,
  'name' | 'window' | 'attention' | 'cautions' | 'cue' | 'because' | 'bookMinutes'
> & {
  stage: Stage;
};

/** The sealed cooker's cycle, stage by stage, with its minutes from the heat of this load at this altitude. */
export function pressureStages(
  step: PressureStep,
  scaled: ScaledBatch,
  equipment: Equipment,
  cooker: Cooker,
): readonly StageAbout[] {
  const altitude = metres(equipment.altitudeM);
  const inside = temperatureInside(kpaGauge(cooker.gaugeKpa), altitude);
  const kettleC = boilingPoint(altitude) - KETTLE_COOLS_C;
  const load = potLoad(scaled, cooker.steelKg, step.water === 'kettle' && equipment.kettle ? kettleC : undefined);
  const up = comeUp(load, inside, watts(cooker.watts), EFFICIENCY);
  const { comeUpTimes, releaseTimes } = equipment.own ?? {};
  const upMinutes = Math.max(1, Math.ceil(byOwnLine(up.value + AIR_MINUTES, comeUpTimes)));
  const lengthened = holdAtAltitude(minutes(step.hold.expected), altitude);
  const ratio = holdTimes(altitude);
  const hold: Window = {
    earliest: Math.ceil(step.hold.earliest * ratio),
    expected: Math.ceil(lengthened.value),
    latest: Math.ceil(step.hold.latest * ratio),
  };
  const dish = step.name;
  const inCookerSwells = scaled.lines.some(({ food }) => food.facts.swells);
  const byHeat = naturalRelease(load, inside, boilingPoint(altitude), celsius(ROOM_C));
  const whole = Math.max(1, Math.ceil(byOwnLine(byHeat, releaseTimes)));
  const natural = step.release.how === 'natural' ? whole : step.release.how === 'timed' ? step.release.minutes : 0;
  const fill = inCookerSwells ? 'half' : 'two thirds';

  return [
    {
      stage: 'load',
      name: `Load the ${dish}, seal the lid`,
      window: exactly(3),
      attention: handsNow,
      cautions: [...(step.cautions ?? []), 'pressure'],
      cue: `liquid in, not above ${fill}, seal set`,
    },
    {
      stage: 'come up',
      name: `${capital(dish)} coming up`,
      window: { earliest: Math.max(1, upMinutes - 3), expected: upMinutes, latest: upMinutes + 5 },
      attention: nobody,
      cautions: [],
      bookMinutes: up.value + AIR_MINUTES,
      cue: 'the pin rises; if it does not, look at the valve and the ring',
      because: {
        ...up.because,
        figure: `${upMinutes} min`,
        parts: [
          ...(up.because.parts ?? []),
          { rule: 'driving out the air', figure: `${AIR_MINUTES} min`, source: 'common practice, no published source' },
          ...ownTimes(comeUpTimes),
        ],
      },
    },
    {
      stage: 'hold',
      name: `${capital(dish)} at pressure`,
      window: hold,
      attention: nobody,
      cautions: [],
      cue: 'switch the heat off',
      because: lengthened.because,
    },
    ...(natural > 0
      ? [
          {
            stage: 'natural' as const,
            name: `${capital(dish)} releasing`,
            window: { earliest: natural, expected: natural, latest: natural + 10 },
            attention: nobody,
            cautions: [],
            ...(step.release.how === 'natural' ? { bookMinutes: byHeat } : {}),
            cue: 'the pin drops',
            because: {
              rule:
                step.release.how === 'natural'
                  ? 'cools by itself to where water boils here'
                  : 'timed release, then vent',
              figure: `${natural} min`,
              parts: [
                { rule: 'inside', figure: `${fixed(inside, 0)} °C` },
                { rule: 'water boils here at', figure: `${fixed(boilingPoint(altitude), 0)} °C` },
                ...ownTimes(releaseTimes),
              ],
              source: 'computed; the heat loss is assumed',
            },
          },
        ]
      : []),
    {
      stage: 'vent',
      name: `Vent the ${dish}, open when the pin is down`,
      window: exactly(step.release.how === 'quick' ? ventMinutes(load, inside, boilingPoint(altitude)) : 1),
      attention: handsNow,
      cautions: ['vent'],
      cue: 'pin down',
      ...(step.release.how === 'quick' ? { because: ventedBecause(load, inside, boilingPoint(altitude)) } : {}),
    },
    { stage: 'empty', name: `Empty the cooker`, window: exactly(2), attention: handsNow, cautions: [] },
  ];
}

/** What is in the pot at the lid, one load: soaked beans bring their cold soaking water. Soaked beans take up about their own weight (common practice). */
function potLoad(scaled: ScaledBatch, steelKg: number, kettleC: number | undefined): PotLoad {
  const loads = scaled.loads.value.loads;
  const soaked = scaled.recipe.steps.some((other) => other.kind === 'ahead');
  let hot = 0;
  let cold = 0;
  let dry = 0;
  let frozen = 0;
  for (const { food, grams } of scaled.lines) {
    const kg = (grams?.g.valueOf() ?? 0) / 1000 / loads;
    if (FROZEN.test(food.name)) frozen += kg;
    if (food.facts.kind === 'water') {
      // Only the tap's own water goes through the kettle.
      if (kettleC !== undefined && isTapWater(food.id)) hot += kg;
      else cold += kg;
    } else if (food.facts.swells) {
      dry += kg;
      if (soaked) cold += kg * 1.1;
    } else cold += kg;
  }
  const water = hot + cold;
  const waterAt = water > 0 ? (hot * (kettleC ?? TAP_C) + cold * TAP_C) / water : TAP_C;
  return {
    water: kilograms(water),
    dryFood: kilograms(dry),
    steel: kilograms(steelKg),
    waterAt: celsius(waterAt),
    restAt: celsius(ROOM_C),
    ...(frozen > 0 ? { frozen: kilograms(frozen) } : {}),
  };
}

/** Steam leaves a valve at about 30 g a minute: a quick vent takes 1 to 3 minutes, longer the fuller it is. From memory. */
const VENTS_G_A_MINUTE = 30;
const ventMinutes = (load: PotLoad, inside: Celsius, boiling: Celsius): number =>
  Math.max(1, Math.ceil((ventLoss(load.water, inside, boiling) * 1000) / VENTS_G_A_MINUTE));

/** What goes in frozen, by its name. */
const FROZEN = /^frozen /;

/** What a quick vent takes with it: a thick dish thickens by it. */
const ventedBecause = (load: PotLoad, inside: Celsius, boiling: Celsius): Because => {
  const lost = ventLoss(load.water, inside, boiling);
  return {
    rule: 'water that leaves as steam: water × 4.19 × degrees above boiling ÷ 2257',
    figure: `${Math.round(lost * 1000)} g`,
    source: 'computed from steam tables (from memory)',
  };
};

/** This kitchen's own log stands before the book's heat. */
const ownTimes = (own: OwnLine | undefined): readonly Because[] => {
  if (!own) return [];
  const plus = Math.round((own.plusMinutes ?? 0) * 10) / 10;
  const figure = `× ${fixed(own.value, 2)}${plus === 0 ? '' : ` ${plus > 0 ? '+' : '−'} ${Math.abs(plus)} min`}`;
  return [{ rule: 'this cooker, against the book', figure, source: own.source }];
};

/** Where water boils at a height, °C. */
export const boilsHere = (altitudeM: number): number => boilingPoint(metres(altitudeM));
