import { massOf, type Food, type FoodId } from '../food/index.ts';
import { Fraction, ofBase, show, showWeekday, type Because, type Day } from '../quantity/index.ts';
import { choosePacks, type Leftover, type Pack, type PackChoice } from './choosePacks.ts';
import { moneyText, roundOnce } from './money.ts';
import { packsOverDays } from './openedLife.ts';
import { inKilos, kiloName, packsAt, type Price } from './priceBook.ts';
import { SECTIONS, sectionOf, type Section } from './sections.ts';

/** What a batch of the week counts on. */
export interface Wanted {
  readonly food: FoodId;
  readonly amount: Fraction;
  /** For which dish, and on which day. */
  readonly for: string;
  readonly on: Day;
}

/** Stock that should never fall below an amount. */
export interface Floor {
  readonly food: FoodId;
  readonly amount: Fraction;
}

export interface ShopAsk {
  readonly wanted: readonly Wanted[];
  /** On hand by food, in its base unit. */
  readonly onHand: (food: FoodId) => Fraction;
  readonly floors: readonly Floor[];
  readonly prices: readonly Price[];
  readonly foods: ReadonlyMap<FoodId, Food>;
  readonly currency: string;
}

export interface ShopLine {
  readonly food: Food;
  readonly section: Section;
  /** What is missing, with what brings it below its floor. */
  readonly missing: Fraction;
  readonly because: Because;
  /** Whole packs for the least money; undefined where no price is known: then it is bought loose, by weight. */
  readonly choice?: PackChoice;
  /** Packs that leave the least over, where that is another choice. */
  readonly leastLeft?: PackChoice;
  /** What of the till is for what is used; the rest lies on the shelf. */
  readonly usedMinor?: number;
  /** Minor units for a kilo, of what is bought and of what of it will be eaten. */
  readonly kilo?: { readonly bought: Fraction; readonly eaten: Fraction; readonly name: string };
  readonly carryG?: number;
  readonly notes: readonly string[];
}

export interface ShopList {
  readonly lines: readonly ShopLine[];
  readonly tillMinor: number;
  readonly usedMinor: number;
  /** Foods with no price: the till is at least so much. */
  readonly unpriced: readonly Food[];
  readonly carryG: number;
}

/** What is left of a pack is eaten some day when it keeps so long. Common practice, no published source. */
const KEEPS_LONG_DAYS = 30;

/** What keeps is thought to be eaten at this rate for so many weeks more. Common practice, no published source. */
const WEEKS_AHEAD = 3;
/** Whatever is left is a nuisance. */
const LEAST_LEFT: Leftover = { perUnit: new Fraction(-1_000_000), upTo: new Fraction(1_000_000) };

/** What the week needs and the shelf does not have, in packs that can be bought, by the sections of a shop. */
export function shopList(ask: ShopAsk): ShopList {
  const foods = new Set([...ask.wanted.map(({ food }) => food), ...ask.floors.map(({ food }) => food)]);
  const lines = [...foods]
    .flatMap((id) => {
      const food = ask.foods.get(id);
      return food && food.facts.kind !== 'component' ? (lineFor(food, ask) ?? []) : [];
    })
    .sort(
      (a, b) => SECTIONS.indexOf(a.section) - SECTIONS.indexOf(b.section) || a.food.name.localeCompare(b.food.name),
    );
  return {
    lines,
    tillMinor: lines.reduce((sum, { choice }) => sum + (choice?.minor ?? 0), 0),
    usedMinor: lines.reduce((sum, line) => sum + (line.usedMinor ?? 0), 0),
    unpriced: lines.filter(({ choice }) => !choice).map(({ food }) => food),
    carryG: lines.reduce((sum, { carryG }) => sum + (carryG ?? 0), 0),
  };
}

function lineFor(food: Food, ask: ShopAsk): ShopLine | undefined {
  const zero = new Fraction(0);
  const wanted = ask.wanted.filter((each) => each.food === food.id);
  const needs = wanted.reduce((sum, { amount }) => sum.add(amount), zero);
  const there = ask.onHand(food.id);
  const floor = ask.floors.find((each) => each.food === food.id)?.amount ?? zero;
  const short = positive(needs.sub(there));
  const stays = positive(there.sub(needs));
  const below = positive(floor.sub(stays));
  const missing = short.add(below);
  if (missing.compare(0) <= 0) return undefined;
  const said = (amount: Fraction) => show(ofBase(food.facts.base, amount));
  const because: Because = {
    rule: 'what the week takes, less what is there, and up to its floor',
    figure: said(missing),
    parts: [
      ...wanted.map((each) => ({ rule: `${each.for}, ${showWeekday(each.on)}`, figure: said(each.amount) })),
      { rule: 'on hand', figure: said(there) },
      ...(floor.compare(0) > 0 ? [{ rule: 'never below', figure: said(floor) }] : []),
    ],
  };
  const packs: readonly Pack[] = packsAt(ask.prices, food.id);
  const lasting = keepsOpened(food) >= KEEPS_LONG_DAYS || floor.compare(0) > 0;
  const unit = bestUnit(packs);
  const halves = halvesOf(food, wanted, packs);
  const least = choosePacks(
    missing,
    packs,
    lasting && unit ? { perUnit: unit, upTo: missing.mul(WEEKS_AHEAD) } : undefined,
  );
  const choice = halves && least && halves.count > countOf(least) ? more(halves.count, packs, missing) : least;
  const leastLeft = choosePacks(missing, packs, LEAST_LEFT);
  const carry = choice?.amount ?? missing;
  const carryG = carryOf(food, carry);
  return {
    food,
    section: sectionOf(food),
    missing,
    because,
    ...(choice ? priced(choice, missing, lasting, food) : {}),
    ...(choice && leastLeft && leastLeft.left.compare(choice.left) < 0 ? { leastLeft } : {}),
    ...(carryG === undefined ? {} : { carryG }),
    notes: halves?.notes ?? [],
  };
}

function priced(
  choice: PackChoice,
  missing: Fraction,
  lasting: boolean,
  food: Food,
): Pick<ShopLine, 'choice' | 'usedMinor' | 'kilo'> {
  const { base } = food.facts;
  const eaten = lasting ? choice.amount : missing;
  return {
    choice,
    usedMinor: roundOnce(new Fraction(choice.minor).mul(missing).div(choice.amount)),
    kilo: {
      bought: inKilos(choice, base),
      eaten: inKilos({ minor: choice.minor, amount: eaten }, base),
      name: kiloName(base),
    },
  };
}

/** Uses on several days, where an opened pack keeps only a few: one pack or two, and why. */
function halvesOf(
  food: Food,
  wanted: readonly Wanted[],
  packs: readonly Pack[],
): { readonly count: number; readonly notes: readonly string[] } | undefined {
  const days = new Set(wanted.map(({ on }) => on));
  const openedDays = food.facts.packs ? food.facts.opened?.fridge?.value : undefined;
  const [pack] = packs;
  if (days.size < 2 || openedDays === undefined || !pack || packs.length > 1) return undefined;
  const { count, past, shared } = packsOverDays(wanted, pack.amount, openedDays);
  const said = (amount: Fraction) => show(ofBase(food.facts.base, amount));
  return {
    count,
    notes: [
      ...shared.map(
        ({ opened, on }) =>
          `One ${packWord(food)} for both: opened ${showWeekday(opened)}, it keeps to ${showWeekday(on)}.`,
      ),
      ...past.map(
        ({ opened, amount }) =>
          `Opened ${showWeekday(opened)}, ${said(amount)} is past before it is needed again: freeze it that day and buy one less.`,
      ),
    ],
  };
}

const packWord = (food: Food): string => food.facts.packs?.value[0]?.name ?? 'pack';
const countOf = (choice: PackChoice): number => choice.packs.reduce((sum, { count }) => sum + count, 0);
const positive = (n: Fraction): Fraction => (n.compare(0) > 0 ? n : new Fraction(0));

function more(count: number, packs: readonly Pack[], need: Fraction): PackChoice | undefined {
  const [pack] = packs;
  if (!pack) return undefined;
  const amount = pack.amount.mul(count);
  return { packs: [{ pack, count }], minor: pack.minor * count, amount, left: amount.sub(need) };
}

const bestUnit = (packs: readonly Pack[]): Fraction | undefined =>
  packs.map((pack) => new Fraction(pack.minor).div(pack.amount)).sort((a, b) => a.compare(b))[0];

/** Days that what is left of a pack keeps where it keeps longest, the freezer apart. */
const keepsOpened = ({ facts }: Food): number =>
  facts.opened
    ? Math.max(0, ...(['cupboard', 'cool room', 'fridge'] as const).map((place) => facts.opened?.[place]?.value ?? 0))
    : Math.max(0, ...(['cupboard', 'cool room', 'fridge'] as const).map((place) => facts.keeps?.[place]?.value ?? 0));

/** What it weighs on the way: of what is sold in its liquid, the whole tin. */
function carryOf(food: Food, amount: Fraction): number | undefined {
  const pack = food.facts.packs?.value[0];
  if (pack?.drainedG !== undefined) return Math.ceil(amount.valueOf() / pack.drainedG - 1e-9) * pack.grams;
  const grams = massOf(food, ofBase(food.facts.base, amount));
  return grams.ok ? grams.value.g.valueOf() : undefined;
}

/** The list as plain text, section by section: for a message, or a piece of paper. */
export function shopText({ lines, tillMinor, unpriced }: ShopList, currency: string): string {
  const amounts = (line: ShopLine): string =>
    line.choice
      ? line.choice.packs
          .map(({ pack, count }) => `${count} × ${show(ofBase(line.food.facts.base, pack.amount))}`)
          .join(' + ')
      : show(ofBase(line.food.facts.base, line.missing));
  return [
    ...SECTIONS.flatMap((section) => {
      const mine = lines.filter((line) => line.section === section);
      return mine.length === 0
        ? []
        : [section.toUpperCase(), ...mine.map((line) => `[ ] ${line.food.name}: ${amounts(line)}`), ''];
    }),
    `${unpriced.length > 0 ? 'at least ' : ''}${moneyText(tillMinor, currency)}`,
  ].join('\n');
}
