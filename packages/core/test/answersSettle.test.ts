import { BOOK } from '../src/food/index.ts';
import {
  NOTHING_SAID,
  indexFoods,
  readIngredientLine,
  readPaste,
  readRecipeText,
  type SaidOfText,
} from '../src/formats/index.ts';
import { remembered } from '../src/quantity/index.ts';
import { HAND_TEXTS } from './handTexts.ts';

const index = indexFoods(BOOK);

/** As the page does: what was read of a line, or of a text, is known as long as its words are the same. */
const readLine = remembered((line) => readIngredientLine(line, index));
const wordsOf = remembered(readRecipeText);
/** What is read of a text with what was said of it. */
const readingWith = (text: string, said: SaidOfText = NOTHING_SAID) => readPaste(wordsOf(text), said, index, readLine);

describe('whatever is chosen, the same is not asked again', () => {
  test('of the steps of all hand texts', () => {
    const again = HAND_TEXTS.flatMap(({ file, text }) =>
      readingWith(text).steps.flatMap(({ key, doubt }) =>
        (doubt?.choices ?? []).flatMap((choice) => {
          const after = readingWith(text, { ...NOTHING_SAID, steps: { [key]: choice.text } });
          const next = after.steps.find((step) => step.key === key)?.doubt;
          return next?.question === doubt?.question ? [[file, doubt?.question, choice.text]] : [];
        }),
      ),
    );
    expect(again).toEqual([]);
  });

  test('of the lines of all hand texts', () => {
    const again = HAND_TEXTS.flatMap(({ file, text }) =>
      readingWith(text).lines.flatMap(({ key, line: { doubts } }) =>
        (doubts[0]?.choices ?? []).flatMap((choice) => {
          const after = readingWith(text, { ...NOTHING_SAID, lines: { [key]: choice.line } });
          const next = after.lines.find((line) => line.key === key)?.line.doubts[0];
          return next?.question === doubts[0]?.question ? [[file, doubts[0]?.question, choice.line]] : [];
        }),
      ),
    );
    expect(again).toEqual([]);
  });
});

/** Nobody answers so often. */
const MOST_ANSWERS = 40;

/** The text with one more thing said of it: the `n`th choice of what is asked first, or that it is left out where nothing can be chosen; undefined: nothing is asked. */
function answered(text: string, said: SaidOfText, n: number): SaidOfText | undefined {
  const { lines, steps, soak, places, times } = readingWith(text, said);
  const chosen = <Choice>(choices: readonly Choice[]) => choices[Math.min(n, choices.length - 1)];
  const line = lines.find(({ ready }) => !ready);
  if (line) {
    const put = chosen(line.line.doubts[0]?.choices ?? [])?.line ?? '';
    return { ...said, lines: { ...said.lines, [line.key]: put } };
  }
  if (soak !== undefined) return { ...said, soak: 'soaked' };
  const step = steps.find(({ doubt }) => doubt);
  if (step) return { ...said, steps: { ...said.steps, [step.key]: chosen(step.doubt?.choices ?? [])?.text ?? '' } };
  if (places.length > 0) return { ...said, places: [...said.places, ...places] };
  return times ? { ...said, times: true } : undefined;
}

describe.each([0, 1])('choosing always the choice number %d', (n) => {
  test('each hand text is through in the end', () => {
    const open = HAND_TEXTS.flatMap(({ file, text }) => {
      let said: SaidOfText | undefined = NOTHING_SAID;
      for (let k = 0; k < MOST_ANSWERS && said; k += 1) said = answered(text, said, n);
      return said ? [file] : [];
    });
    expect(open).toEqual([]);
  });
});
