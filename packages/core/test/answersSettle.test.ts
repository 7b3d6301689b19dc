import { BOOK } from '../src/food/index.ts';
import {
  NOTHING_SAID,
  indexFoods,
  readIngredientLine,
  readPaste,
  readRecipeText,
  toTaste,
  type ReadText,
  type SaidOfText,
} from '../src/formats/index.ts';
import { remembered } from '../src/quantity/index.ts';
import { HAND_TEXTS } from './handTexts.ts';

const index = indexFoods(BOOK);

/** As the page does: what was read of a line, or of a text, is known as long as its words are the same. */
const readLine = remembered((line) => readIngredientLine(line, index));
const wordsOf = remembered(readRecipeText);
/** What is read of a text with what was said of it. */
const readingWith = (text: string, said: SaidOfText) => readPaste(wordsOf(text), said, index, readLine);

const READ = HAND_TEXTS.map(({ file, text }) => ({ file, text, first: readingWith(text, NOTHING_SAID) }));

/** Of how many texts the same answer to the same question is tried: the walks give most of them to every text. */
const ALIKE = 12;

/** What could be answered, without those of which as many alike have been seen before. */
function unlike<Answer extends { readonly question: string; readonly label: string }>(all: readonly Answer[]) {
  const seen = new Map<string, number>();
  // Amounts and names differ from text to text; the kind of question does not.
  const kindOf = ({ question, label }: Answer) => `${question} ${label}`.replace(/“[^”]*”|[\d½¼¾⅓⅔.,–-]+/g, '·');
  return all.filter((each) => {
    const kind = kindOf(each);
    seen.set(kind, (seen.get(kind) ?? 0) + 1);
    return (seen.get(kind) ?? 0) <= ALIKE;
  });
}

describe('whatever is chosen, the same is not asked again', () => {
  test('of the steps', () => {
    const answers = unlike(
      READ.flatMap(({ file, text, first }) =>
        first.steps.flatMap(({ key, doubt }) =>
          (doubt?.choices ?? []).map((choice) => ({
            ...{ file, text, key, question: doubt?.question ?? '', label: choice.label },
            said: choice.text,
          })),
        ),
      ),
    );
    const again = answers.filter(({ text, key, question, said }) => {
      const after = readingWith(text, { ...NOTHING_SAID, steps: { [key]: said } });
      return after.steps.find((step) => step.key === key)?.doubt?.question === question;
    });
    expect(again.map(({ file, question, said }) => [file, question, said])).toEqual([]);
  });

  test('of the lines', () => {
    const answers = unlike(
      READ.flatMap(({ file, text, first }) =>
        first.lines.flatMap(({ key, line: { doubts } }) =>
          (doubts[0]?.choices ?? []).map((choice) => ({
            ...{ file, text, key, question: doubts[0]?.question ?? '', label: choice.label },
            said: choice.line,
          })),
        ),
      ),
    );
    const again = answers.filter(({ text, key, question, said }) => {
      const after = readingWith(text, { ...NOTHING_SAID, lines: { [key]: said } });
      return after.lines.find((line) => line.key === key)?.line.doubts[0]?.question === question;
    });
    expect(again.map(({ file, question, said }) => [file, question, said])).toEqual([]);
  });
});

/** Nobody answers so often. */
const MOST_ANSWERS = 40;

/** One of what can be chosen, the last where there are not so many. */
const chosen = <Choice>(choices: readonly Choice[], n: number) => choices[Math.min(n, choices.length - 1)];
/** Where nothing is asked but how much it is, the page offers that it is to taste, then that it is left out. */
const lineSaid = ({ line }: ReadText['lines'][number], n: number) =>
  chosen(line.doubts[0]?.choices ?? [], n)?.line ??
  (line.food && line.doubts.length === 0 && n === 0 ? toTaste(line.food) : undefined) ??
  '';
const stepSaid = ({ doubt }: ReadText['steps'][number], n: number) => chosen(doubt?.choices ?? [], n)?.text ?? '';

/** One thing more is said of a text: the first choice of what is asked first, or that it is left out where nothing can be chosen; undefined: nothing is asked. */
function answeredNext({ lines, steps, soak, places, times }: ReadText, said: SaidOfText): SaidOfText | undefined {
  const line = lines.find(({ ready }) => !ready);
  if (line) return { ...said, lines: { ...said.lines, [line.key]: lineSaid(line, 0) } };
  if (soak !== undefined) return { ...said, soak: 'soaked' };
  const step = steps.find(({ doubt }) => doubt);
  if (step) return { ...said, steps: { ...said.steps, [step.key]: stepSaid(step, 0) } };
  if (places.length > 0) return { ...said, places: [...said.places, ...places] };
  return times ? { ...said, times: true } : undefined;
}

/** All that is asked is answered in one go, with the second choice. */
function answeredAll({ lines, steps, soak, places, times }: ReadText, said: SaidOfText): SaidOfText | undefined {
  const open = lines.filter(({ ready }) => !ready);
  const unsure = steps.filter(({ doubt }) => doubt);
  if (open.length + unsure.length + places.length === 0 && soak === undefined && !times) return undefined;
  return {
    lines: { ...said.lines, ...Object.fromEntries(open.map((line) => [line.key, lineSaid(line, 1)])) },
    steps: { ...said.steps, ...Object.fromEntries(unsure.map((step) => [step.key, stepSaid(step, 1)])) },
    soak: soak === undefined ? said.soak : 'as they are',
    places: [...said.places, ...places],
    ...(times || said.times ? { times: true } : {}),
  };
}

test.each([
  ['one answer after the other, always the first', answeredNext],
  ['all in one go, always the second', answeredAll],
] as const)('%s: each hand text is through in the end', (_, answered) => {
  const open = READ.flatMap(({ file, text, first }) => {
    let said = answered(first, NOTHING_SAID);
    for (let k = 0; k < MOST_ANSWERS && said; k += 1) said = answered(readingWith(text, said), said);
    return said ? [file] : [];
  });
  expect(open).toEqual([]);
});
