import type { GrainPot } from '../kitchen/index.ts';
import {
  Fraction,
  MEASURES,
  mass,
  show,
  volume,
  type Because,
  type Mass,
  type Reasoned,
  type Sourced,
  type Volume,
  shortest,
} from '../quantity/index.ts';

export interface GrainWater {
  readonly grain: Mass;
  readonly gramsPerCup: Sourced<number>;
  /** g water taken up by a gram of dry grain; left out when it is not known. */
  readonly uptake?: Sourced<number>;
  /** The packet's own line, in cups. */
  readonly packet: { readonly grainCups: string; readonly waterCups: string };
  /** The school that the cook chose for this dish. */
  readonly school?: School;
  readonly pot: {
    readonly kind: GrainPot;
    readonly loads: number;
    /** mL that leave one pot, where this kitchen or its pot's surface tells; otherwise the book's. */
    readonly loss?: Sourced<number>;
    /** What the book says of this pot, mL a load, where it knows more than the kind. */
    readonly bookLoss?: Sourced<number>;
  };
}

export type School = 'A' | 'B' | 'C';

export interface SchoolAnswer {
  readonly school: School;
  readonly name: string;
  readonly water: Reasoned<Volume>;
  /** mL by which it stays below what the grain takes up; 0 when it does not, undefined when the uptake is not known. */
  readonly belowUptakeMl?: number;
  /** Share of water in the cooked grain, if all that is not lost stays in the pot. */
  readonly moisture: Reasoned<number>;
}

export interface WaterAnswer {
  readonly chosen: SchoolAnswer;
  readonly why: string;
  readonly schools: readonly SchoolAnswer[];
  /** Share of water in this grain as the table cooks it; undefined where its uptake is not known. */
  readonly usualMoisture?: number;
  /** How it is cooked. */
  readonly pot: GrainPot;
  /** What a load loses by the book, mL: a kitchen's own weighing is held against it. */
  readonly bookLossMl: number;
}

/** What leaves a pot, mL. A sealed cooker while it comes up and vents: 20 to 60 g. A lid on the hob lets out about 25 g in 20 minutes, a rice cooker as much. From memory. */
const BOOK_LOSS: Readonly<Record<GrainPot, Sourced<number>>> = {
  'sealed cooker': { value: 40, source: 'from memory: 20 to 60 g from a sealed cooker' },
  hob: { value: 25, source: 'from memory: 1 to 3 kg from a square metre in an hour, lid on' },
  'rice cooker': { value: 40, source: 'from memory' },
};

const POT_WORDS: Readonly<Record<GrainPot, string>> = {
  'sealed cooker': 'A sealed cooker loses little, so it needs less than the packet says.',
  hob: 'A pot on the hob loses by its width and its minutes, not by what is in it.',
  'rice cooker': 'A rice cooker loses a little under its lid.',
};

/** Share of water in a dry grain. From memory. */
const DRY_MOISTURE = 0.1;

/**
 * Water for a grain by three schools, side by side: A the packet's ratio; B the grain's own volume and, once per pot, what the packet has on top;
 * C a balance: what the grain takes up, and what this pot loses. C is chosen where the uptake is known; a rice cooker goes by its own lines (A);
 * otherwise A up to the packet's amount and B above it.
 */
export function waterForGrain(ask: GrainWater): WaterAnswer {
  const answer = byRule(ask);
  const own = answer.schools.find(({ school }) => school === ask.school);
  return own
    ? { ...answer, chosen: own, why: `Chosen for this dish. By itself it would be ${answer.chosen.name}.` }
    : answer;
}

function byRule(ask: GrainWater): WaterAnswer {
  const cups = ask.grain.g.div(new Fraction(ask.gramsPerCup.value));
  const packetGrain = new Fraction(ask.packet.grainCups);
  const packetWater = new Fraction(ask.packet.waterCups);
  const { loads } = ask.pot;
  const loss = ask.pot.loss ?? BOOK_LOSS[ask.pot.kind];
  const taken = ask.uptake ? ask.grain.g.mul(new Fraction(ask.uptake.value)) : undefined;

  const answer = (
    school: School,
    name: string,
    mL: Fraction,
    rule: string,
    parts: readonly Because[],
    source?: string,
  ): SchoolAnswer => {
    const water = volume(mL);
    return {
      school,
      name,
      water: { value: water, because: { rule, figure: show(water), parts, ...(source ? { source } : {}) } },
      ...(taken ? { belowUptakeMl: Math.max(0, taken.sub(mL).valueOf()) } : {}),
      moisture: moistureOf(ask.grain.g.valueOf(), mL.valueOf(), loss.value * loads),
    };
  };

  const grainPart: Because = {
    rule: 'grain, dry',
    figure: `${inCups(cups)} = ${show(ask.grain)}`,
    source: ask.gramsPerCup.source,
  };
  const packetPart: Because = { rule: 'the packet', figure: `${inCups(packetGrain)} to ${inCups(packetWater)} water` };

  const a = answer(
    'A',
    'the packet’s ratio',
    cupsToMl(cups.mul(packetWater).div(packetGrain)),
    'packet ratio × amount',
    [grainPart, packetPart],
  );
  const onTop = packetWater.sub(packetGrain);
  const b = answer(
    'B',
    'own volume and once per pot',
    cupsToMl(cups.add(onTop.mul(loads))),
    'own volume, and for each pot the packet’s water minus its grain',
    [grainPart, { rule: `${loads} × (water − grain) of the packet`, figure: inCups(onTop.mul(loads)) }],
  );
  const schools: SchoolAnswer[] = [a, b];
  const usual: Pick<WaterAnswer, 'pot' | 'usualMoisture' | 'bookLossMl'> = {
    bookLossMl: (ask.pot.bookLoss ?? BOOK_LOSS[ask.pot.kind]).value,
    pot: ask.pot.kind,
    ...(ask.uptake ? { usualMoisture: (DRY_MOISTURE + ask.uptake.value) / (1 + ask.uptake.value) } : {}),
  };

  if (ask.uptake && taken) {
    const c = answer(
      'C',
      'a balance',
      taken.add(loss.value * loads),
      'what the grain takes up, and what the pot loses',
      [
        {
          rule: `${show(ask.grain)} × ${ask.uptake.value} g water a gram`,
          figure: show(volume(taken)),
          source: ask.uptake.source,
        },
        {
          rule: `lost from ${loads === 1 ? 'the pot' : `${loads} pots`}: ${ask.pot.kind}`,
          figure: show(volume(loss.value * loads)),
          source: loss.source,
        },
      ],
    );
    schools.push(c);
    if (ask.pot.kind !== 'rice cooker')
      return {
        chosen: c,
        ...usual,
        why: `The balance holds for any amount, since this grain’s uptake is known. ${POT_WORDS[ask.pot.kind]}`,
        schools,
      };
  }
  if (ask.pot.kind === 'rice cooker')
    return {
      chosen: a,
      why: 'A rice cooker switches off by its own lines, and they follow the packet.',
      schools,
      ...usual,
    };
  const small = cups.compare(packetGrain) <= 0;
  return small
    ? { chosen: a, why: 'This grain’s uptake is not known, and the amount is within the packet’s.', schools, ...usual }
    : {
        chosen: b,
        why: 'This grain’s uptake is not known, and above the packet’s amount its ratio drowns the grain.',
        schools,
        ...usual,
      };
}

function moistureOf(dryG: number, waterMl: number, lostMl: number): Reasoned<number> {
  const stays = Math.max(0, waterMl - lostMl);
  const value = (DRY_MOISTURE * dryG + stays) / (dryG + stays);
  return {
    value,
    because: {
      rule: 'water in the cooked grain ÷ its weight',
      figure: `${Math.round(value * 100)} %`,
      parts: [
        { rule: 'grain and the water that stays', figure: show(mass(Math.round(dryG + stays))) },
        { rule: 'lost from the pot', figure: show(volume(Math.round(lostMl))) },
        { rule: 'water in the dry grain', figure: `${DRY_MOISTURE * 100} %`, source: 'from memory' },
      ],
    },
  };
}

const cupsToMl = (cups: Fraction): Fraction => cups.mul(MEASURES.cup.factor);
const inCups = (cups: Fraction): string => `${shortest(cups.valueOf(), 2)} ${cups.compare(1) > 0 ? 'cups' : 'cup'}`;
