import { plainSigns, remembered, type UnitSystem } from '../../quantity/index.ts';
import { amountsNotCounted } from './amountsNotCounted.ts';
import type { FoodIndex } from '../ingredient/findFood.ts';
import type { IngredientLine } from '../ingredient/readIngredientLine.ts';
import { nothingToBoilOff, unreadyLines, type ReadLine } from './asRevision.ts';
import { amountWords } from '../ingredient/amountWords.ts';
import { ingredientTexts } from './ingredientTexts.ts';
import { piecesIn, piecesMade } from './doubts/goesDoubt.ts';
import {
  EACH_OF_THEM,
  allPouredOff,
  eachDoubt,
  inMethodAlone,
  cansDoubt,
  moreOrSame,
  partOfWater,
} from './doubts/lineQuestions.ts';
import { BARE_DEGREES } from './doubts/wholeDoubts.ts';
import { doubtOfStep } from './methodDoubts.ts';
import type { Doubt } from '../ingredient/readAmount.ts';
import { wayOf } from './otherWay.ts';
import { remarkDoubt } from './secondReading/remarkDoubt.ts';
import { secondDoubt } from './secondReading/secondDoubt.ts';
import { soaksInLines, unsoaked } from './soaksInLines.ts';
import type { StepDoubt } from './stepDoubt.ts';
import { needsInMethod, type MethodNeed } from './needsInMethod.ts';
import { placesUnheard } from './placesUnheard.ts';
import { oddPortion } from './portionMass.ts';
import { isPouredOff } from './pouredOff.ts';
import { readMethod } from './readMethod.ts';
import type { MethodStep } from './readMethodStep.ts';
import type { RecipeText } from './recipeText.ts';
import { splitMethod } from './splitMethod.ts';
import { isAmerican, readWithPints } from './whosePints.ts';
import { timesApart, type TimesApart } from './statedTimes.ts';
import { saysDeed } from './kitchenVerbs.ts';
import { isUnsureName } from './unsureName.ts';
import { mainUnlisted, unlistedFoods } from './unlistedFoods.ts';

/** What somebody said of a text, where it was not certain or not right. */
export interface SaidOfText {
  /** Words put in place of a line, by its key; none: it is left out. */
  readonly lines: Readonly<Record<string, string>>;
  /** Words put in place of a step, by its key; none: it is left out. */
  readonly steps: Readonly<Record<string, string>>;
  /** Of beans of which the text does not say that they are soaked. */
  readonly soak: 'soaked' | 'as they are' | undefined;
  /** Appliances that the text names and no step is in: that is right so. */
  readonly places: readonly string[];
  /** The time that the text states is not what its steps come to: they are right. */
  readonly times?: true;
}

export const NOTHING_SAID: SaidOfText = { lines: {}, steps: {}, soak: undefined, places: [] };

/** "Drain, saving 2 cups of the liquid": so much goes on into the dish. */
const SAVED =
  /\bdrain\w*\b[^.;]{0,20}\(?(?:saving|reserving|keeping|save|reserve|keep)\b (?:about |back )*((?:an?|\d[\d ./]*)\s?(?:cups?|ml|l|lit(?:re|er)s?|mugs?|pints?))\b/i;
const drainedInto = (method: readonly string[]): string | undefined =>
  method.flatMap((text) => SAVED.exec(plainSigns(text))?.[1]?.replace(/^an? /i, '1 ') ?? [])[0];
/** Less of it is no pot to cook in, mL. Common practice, no published source. */
const POT_ML = 500;
const isPotOfWater = ({ food, amount }: IngredientLine): boolean =>
  food?.name === 'water' && amount.kind === 'volume' && amount.mL.compare(POT_ML) >= 0;
const isMoreWater = ({ food, amount }: IngredientLine, part: IngredientLine): boolean =>
  food?.name === 'water' &&
  amount.kind === 'volume' &&
  part.amount.kind === 'volume' &&
  part.amount.mL.compare(amount.mL) < 0;

/** What was made is shared out under these. */
const ASSEMBLED =
  /^(?:assembl(?:e|y)|put together|build|box up|plate up|pack|portion(?:ing)?|per (?:box|bowl|plate|portion))$/i;
/** By which word a food is called in short: "rice", "beans". */
const chiefWord = ({ food }: IngredientLine): string | undefined => food?.name.split(' ').at(-1);

/** Between two steps of a method that are remembered together. */
const STEP_END = '\u0000';
const stepsRead = remembered((joined) => readMethod(joined === '' ? [] : joined.split(STEP_END)), 16);
/** The steps of a method. Mostly the same are asked for over and over: nothing was said of them, or one of a text was. */
const stepsOf = (texts: readonly string[]): readonly MethodStep[] => stepsRead(texts.join(STEP_END));

/** These are to taste wherever they are named. */
const BY_TASTE = /^(?:salt|black pepper|white pepper)$/;

export interface LineRead {
  /** By which it is put right. */
  readonly key: string;
  readonly line: ReadLine;
  /** Nothing has to be asked of it. */
  readonly ready: boolean;
  /** As it stands in the text. */
  readonly written: string;
}

export interface StepRead {
  readonly step: MethodStep;
  readonly doubt: StepDoubt | undefined;
  /** By which it is put right: its number among those of the text, or, where it was added from the list or on being asked, its words. */
  readonly key: string;
  /** As it stands in the text, or as it was added. */
  readonly written: string;
}

/** A text as it was understood, with all that has to be asked of it. */
export interface ReadText {
  /** The name may be none: see isUnsureName. */
  readonly nameUnsure: boolean;
  /** What a portion weighs, g, where nobody eats so much or so little: see oddPortion. */
  readonly oddPortion: number | undefined;
  readonly lines: readonly LineRead[];
  readonly linesLeftOut: readonly { readonly key: string; readonly written: string }[];
  readonly steps: readonly StepRead[];
  readonly stepsLeftOut: readonly { readonly text: string; readonly key: string }[];
  /** The method as it goes into the recipe. */
  readonly method: readonly string[];
  /** Dry beans of which it has to be asked whether they are soaked. */
  readonly soak: string | undefined;
  /** Appliances that are named, while no step is in them, and the day before, while none begins then. */
  readonly places: readonly string[];
  /** A stated time that the steps do not come to. Only looked at when nothing else is asked of the method. */
  readonly times: TimesApart | undefined;
}

/**
 * Reads a text with what was said of it. What the method names and the list does not becomes a line, whose amount is asked; what is left out stays to be put back.
 * `readAlone` reads one line by `foods`; it may remember. `kitchen`: whose measures the kitchen uses, where the text does not tell.
 */
export function readPaste(
  words: RecipeText,
  said: SaidOfText,
  foods: FoodIndex,
  readAlone: (text: string) => IngredientLine,
  kitchen?: UnitSystem,
): ReadText {
  const wholeText = [words.name, ...words.ingredients, ...words.method, ...(words.notes ?? [])].join('\n');
  const readLine = readWithPints(wholeText, readAlone, kitchen);
  const texts = ingredientTexts(words, foods).map(({ text, group }, n) => ({ key: `${n}`, written: text, group }));
  const asListed = texts.flatMap(({ key, written, group }) => {
    const text = said.lines[key] ?? written;
    return text === '' ? [] : [{ key, written, line: { ...readLine(text), ...(group ? { group } : {}) } }];
  });
  const saved = drainedInto(words.method);
  const sentences = splitMethod(words.method);
  const drained = isPouredOff(stepsOf(sentences));
  /** Of the water of a pot that is drained: how much of it goes on into the dish. */
  const pouredDoubt = (line: IngredientLine, text: string): Doubt | undefined =>
    saved !== undefined && isMoreWater(line, readLine(`${saved} water`))
      ? partOfWater(text, saved)
      : drained && isPotOfWater(line)
        ? allPouredOff(text)
        : undefined;
  /** "Assemble: ¾ cup rice, ½ cup beans": of what was made, where the list has it. */
  const madeDoubt = ({ line, written }: (typeof asListed)[number]): Doubt | undefined => {
    const group = line.group ?? '';
    const of = ASSEMBLED.test(group) ? chiefWord(line) : undefined;
    if (of === undefined) return undefined;
    const made = asListed.find((other) => other.line.group !== line.group && chiefWord(other.line) === of);
    return made && moreOrSame(written, amountWords(made.line.amount), `under “${group}”`);
  };
  const hasOtherGroups = ({ group }: IngredientLine): boolean =>
    asListed.some(({ line: other }) => other.group !== group);
  // What the list and the method together leave open of a line, unless somebody has written it anew.
  const listed = asListed.map((one) => {
    const { line, key, written } = one;
    if (said.lines[key] !== undefined) return one;
    const each = EACH_OF_THEM.test(line.group ?? '') && hasOtherGroups(line);
    const doubt = (each ? eachDoubt(line, words.portions) : undefined) ?? pouredDoubt(line, written) ?? madeDoubt(one);
    return doubt ? { ...one, line: { ...line, doubts: [doubt, ...line.doubts] } } : one;
  });
  const lines = listed.map(({ line }) => line);

  // What was said to be no step is left out: nothing stands in its place.
  const asSaid = ({ key, written }: Pick<StepRead, 'key' | 'written'>) => {
    const text = said.steps[key] ?? written;
    return text === '' ? [] : [{ key, written, text }];
  };
  const written = sentences.map((sentence, n) => ({ key: `${n}`, written: sentence }));
  const numbered = written.flatMap(asSaid);
  const own = numbered.map(({ text }) => text);
  const ownSteps = stepsOf(own);
  const dry = unsoaked(lines, ownSteps);
  const added = [
    ...soaksInLines(lines, ownSteps),
    ...(dry && said.soak === 'soaked' ? [`Soak the ${dry} for 8 to 20 hours.`] : []),
  ];
  // What was added can be said otherwise and left out as well: its words are its key.
  const fromList = added.map((text) => ({ key: `added ${text}`, written: text }));
  const told = [...fromList.flatMap(asSaid), ...numbered];
  const method = told.map(({ text }) => text);
  const read = stepsOf(method);

  // "2 cucumbers, 500 g yoghurt, 1 lemon." may be left out as no step, and still says what goes in.
  const fromAdded = told.length - numbered.length;
  const listing = written.flatMap(({ key, written: text }) => {
    const now = said.steps[key] ?? text;
    if (now !== '') return [{ text: now, kept: true }];
    return saysDeed(text) ? [] : [{ text, kept: false }];
  });
  const withLists = listing.every(({ kept }) => kept)
    ? read
    : stepsOf([...method.slice(0, fromAdded), ...listing.map(({ text }) => text)]);
  /** Where a step of those stands among the ones that are done. */
  const stepAt = (step: number): number =>
    step < fromAdded || withLists === read
      ? step
      : Math.max(
          0,
          Math.min(read.length - 1, fromAdded + listing.slice(0, step - fromAdded).filter(({ kept }) => kept).length),
        );

  const inMethod = needsInMethod(withLists, lines, readLine).map(({ step, ...need }) => ({
    ...need,
    step: stepAt(step),
  }));
  // A line that was left out is no food that nobody listed.
  const known = [...texts.map(({ written }) => written), ...inMethod.map(({ line }) => line)].map(readLine);
  const named = unlistedFoods(withLists, [...lines, ...known], words.name, foods).map(({ words: line, step }) => ({
    line,
    step: stepAt(step),
  }));
  const main =
    texts.length === 0 && read.length > 0
      ? mainUnlisted(words.name, [...known, ...named.map(({ line }) => readLine(line))], foods)
      : undefined;
  const needs = [...inMethod, ...named, ...(main === undefined ? [] : [{ line: main, step: 0 }])].map(
    ({ line, ...more }: MethodNeed) => ({ key: `method ${line}`, written: line, ...more }),
  );
  const needed = needs.flatMap(({ key, written, step, listed, kept, either }) => {
    const text = said.lines[key] ?? written;
    if (text === '') return [];
    const drainedHere = isPotOfWater(readLine(text)) && isPouredOff(read, step);
    const doubt =
      kept !== undefined
        ? partOfWater(written, kept)
        : either
          ? cansDoubt(either)
          : listed
            ? moreOrSame(written, listed)
            : drainedHere
              ? allPouredOff(written)
              : undefined;
    const line = {
      ...readLine(text),
      atStep: step,
      ...(doubt && said.lines[key] === undefined ? { doubts: [doubt] } : {}),
    };
    // A line of "salt" is to taste; capers that stand in a sentence are a line that was lost.
    const lost =
      said.lines[key] === undefined && line.amount.kind === 'to taste' && !BY_TASTE.test(line.food?.name ?? '');
    return [{ key, written, line: lost ? { ...line, amount: { kind: 'unknown' as const } } : line }];
  });

  const counted = [...listed, ...needed].map(({ line }) => line);
  const alone = read.flatMap((step, at) => amountsNotCounted(step, counted).map((written) => ({ written, step: at })));
  // "8 cups water" in two steps are two lines, each with an answer of its own.
  const uncounted = alone.map(({ written, step }, n) => {
    const before = alone.slice(0, n).filter((each) => each.written === written).length;
    return { key: `method ${written}${before === 0 ? '' : ` ${before + 1}`}`, written, step };
  });
  const asked = uncounted.flatMap(({ key, written, step }) => {
    const text = said.lines[key] ?? written;
    if (text === '' || needed.some((each) => each.key === key)) return [];
    const doubts = said.lines[key] === undefined ? [inMethodAlone(written)] : undefined;
    return [{ key, written, line: { ...readLine(text), atStep: step, ...(doubts ? { doubts } : {}) } }];
  });

  const all = [...listed, ...needed, ...asked];
  const open = new Set(unreadyLines(all.map(({ line }) => line)));
  const dryPots = nothingToBoilOff(
    read,
    all.map(({ line }) => line),
  );
  const pieces = Math.max(piecesIn(own), piecesMade([words.name, ...(words.notes ?? [])]));
  const american = BARE_DEGREES.test(wholeText) && isAmerican(wholeText);
  const ways = read.flatMap(({ text }) => wayOf(text) ?? []);
  const frozenFrom = read.findIndex(freezes);
  const begun = dry !== undefined || read.some(({ kind, afterwards }) => kind === 'ahead' || afterwards !== undefined);
  const steps = read.map((step, at): StepRead => {
    const way = wayOf(step.text);
    const otherWay = way === undefined ? undefined : ways.find((each) => each !== way);
    const { key = '', written: words = step.text } = told[at] ?? {};
    const doubt = doubtOfStep(step, {
      dry: dryPots.includes(at),
      pieces,
      frozen: frozenFrom >= 0 && frozenFrom < at,
      american,
      begun,
      ...(otherWay === undefined ? {} : { otherWay }),
      ...(at > 0 ? { before: read[at - 1] } : {}),
    });
    // Whatever somebody said of a step, also that it is right, is not asked a second time.
    const settled = key.startsWith('added ') || said.steps[key] !== undefined;
    return {
      step,
      doubt: settled ? doubt : (remarkDoubt(step) ?? doubt ?? secondDoubt(step, read[at - 1])),
      key,
      written: words,
    };
  });
  const places = placesUnheard(words, read).filter((place) => !said.places.includes(place));
  const settled = said.times !== true && places.length === 0 && steps.every(({ doubt }) => !doubt);
  return {
    nameUnsure: isUnsureName(words.name, foods),
    oddPortion:
      words.portions === undefined
        ? undefined
        : oddPortion(
            // What is still asked of a line is asked there, and weighs nothing yet.
            all.flatMap(({ line }, n) => (open.has(n) ? [] : [line])),
            words.portions,
            open.size === 0,
          ),
    lines: all.map((each, n) => ({ ...each, ready: !open.has(n) })),
    linesLeftOut: [...texts, ...needs, ...uncounted].flatMap(({ key, written }) =>
      said.lines[key] === '' ? [{ key, written }] : [],
    ),
    steps,
    stepsLeftOut: [...fromList, ...written].flatMap(({ key, written: text }) =>
      said.steps[key] === '' ? [{ text, key }] : [],
    ),
    method,
    soak: dry && said.soak === undefined ? dry : undefined,
    places,
    times: settled ? timesApart(words, read) : undefined,
  };
}

/** What is frozen here, and not taken out of the freezer. */
const freezes = ({ text }: MethodStep): boolean => /\bfreeze\b/i.test(text);

/** How many things have to be said of a text before it may be kept. */
export const askedOf = ({ lines, steps, soak, places, times }: ReadText) => ({
  lines: lines.filter(({ ready }) => !ready).length,
  method: steps.filter(({ doubt }) => doubt).length + (soak ? 1 : 0) + places.length + (times ? 1 : 0),
});
