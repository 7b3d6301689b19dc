import { BOOK } from '../src/food/index.ts';
import {
  NOTHING_SAID,
  indexFoods,
  readIngredientLine,
  readPaste,
  readRecipeText,
  type SaidOfText,
} from '../src/formats/index.ts';
import { HAND_TEXTS } from './handTexts.ts';

const index = indexFoods(BOOK);

/** What is read of a text with what was said of it. */
const readingWith = (text: string, said: SaidOfText = NOTHING_SAID) =>
  readPaste(readRecipeText(text), said, index, (line) => readIngredientLine(line, index));

describe('whatever is chosen, the same is not asked again', () => {
  test('of the steps of all hand texts', () => {
    const again = HAND_TEXTS.flatMap(({ file, text }) =>
      readingWith(text).steps.flatMap(({ n, doubt }) =>
        (doubt?.choices ?? []).flatMap((choice) => {
          if (n === undefined) return [];
          const after = readingWith(text, { ...NOTHING_SAID, steps: { [n]: choice.text } });
          const next = after.steps.find((step) => step.n === n)?.doubt;
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
