import { readFileSync, writeFileSync } from 'node:fs';
import { likelyOf } from '../../src/formats/recipeText/secondReading/likely.ts';
import { REMARK_FROM, STEP_UP_TO } from '../../src/formats/recipeText/secondReading/remarkDoubt.ts';
import { UNLIKELY } from '../../src/formats/recipeText/secondReading/secondDoubt.ts';
import { STEP_SORTS, type StepSort } from '../../src/formats/recipeText/secondReading/stepSort.ts';
import { TOLD_OR_DONE } from '../../src/formats/recipeText/secondReading/toldOrDone.ts';
import { asWritten, learnedFrom, sortedSentences, sortedSteps, type Sorted } from './learn.ts';

const FOLDER = `${import.meta.dirname}/../../src/formats/recipeText/secondReading`;
const steps = sortedSteps();
const sentences = sortedSentences();
/** Each text is judged by what was learned from all others but an eighth. */
const PARTS = 8;

/** What of each text is likely by what was learned from the others. */
function judgedApart<Sort extends string, Each extends Sorted<Sort>>(sorts: readonly Sort[], all: readonly Each[]) {
  const files = [...new Set(all.map(({ file }) => file))];
  const partOf = new Map(files.map((file, n) => [file, n % PARTS]));
  return Array.from({ length: PARTS }, (_, part) => {
    const weights = learnedFrom(
      sorts,
      all.filter(({ file }) => partOf.get(file) !== part),
    );
    return all
      .filter(({ file }) => partOf.get(file) === part)
      .map((each) => {
        const likely = likelyOf(sorts, each.signs, weights);
        return {
          ...each,
          likeliest: likely[0]?.sort,
          held: likely.find(({ sort }) => sort === each.sort)?.share ?? 0,
          likely,
        };
      });
  }).flat();
}
const share = <Each>(all: readonly Each[], holds: (each: Each) => boolean) => all.filter(holds).length / all.length;

/** Learned weights stand in their file as they are written; with LEARN set, they are written into it. */
function standsIn(file: string, name: string, says: string, learned: string) {
  const path = `${FOLDER}/${file}`;
  if (process.env.LEARN)
    writeFileSync(
      path,
      `/** Written by \`npm run learn:steps\`, from the corpus. Each line: a sign, and ${says}, in tenths. */\nexport const ${name} = \`\n${learned.replace(/[\\`$]/g, '\\$&')}\n\`;\n`,
    );
  expect(readFileSync(path, 'utf8').replace(/\\([\\`$])/g, '$1')).toContain(`\n${learned}\n`);
}

const noSuch = (words: string): never => {
  throw new Error(`No step of the corpus says “${words}”.`);
};

/** Steps with the sort that the rules took them for when their texts first came in. */
const MISREAD: readonly (readonly [words: string, taken: StepSort])[] = [
  ['Let cool in the skillet 10 minutes', 'on the hob'],
  ['add the garlic and chilli and cook for a minute', 'on the hob'],
  ['add the courgettes and cook for 6-7 minutes, stirring', 'on the hob'],
  ['massage cabbage with salt and lime for 2 minutes', 'on the hob'],
  ['leave to steam for 3 minutes, then mash', 'on the hob'],
  ['in the thick part of one tin of coconut milk until it splits', 'on the hob'],
  ['foil + lid, lowest flame 35 min', 'at the hob'],
  ['Add ginger-garlic paste + serrano, 1 min', 'hands'],
  ['Add walnuts, toast 2 min', 'hands'],
  ['Paste in, 2 min', 'hands'],
];

describe('the second reading of a step', () => {
  const judged = judgedApart(STEP_SORTS, steps).filter(({ step }) => step.timed);
  const agreed = share(judged, ({ sort, likeliest }) => likeliest === sort);
  const asked = share(judged, ({ held }) => held < UNLIKELY);

  it('agrees with nine of ten steps of texts that it did not learn from', () => {
    expect(agreed).toBeGreaterThan(0.9);
  });

  it('asks of most steps that the rules misread, when it did not learn from them', () => {
    const found = MISREAD.map(([words, taken]) => {
      const each = judged.find(({ step }) => step.text.includes(words)) ?? noSuch(words);
      return { words, held: each.likely.find(({ sort }) => sort === taken)?.share ?? 0 };
    });
    expect(found.filter(({ held }) => held < UNLIKELY).length).toBeGreaterThanOrEqual((MISREAD.length * 2) / 3);
  });

  it('asks of no more than one in twenty of them', () => {
    expect(asked).toBeLessThan(0.05);
  });

  it('is what the corpus teaches, as it is now', () => {
    standsIn('weights.ts', 'WEIGHTS', 'its weight for each sort', asWritten(learnedFrom(STEP_SORTS, steps)));
  });

  if (process.env.READING) console.log(`SECOND ${JSON.stringify({ steps: judged.length, agreed, asked })}`);
});

describe('what is done and what is told', () => {
  const judged = judgedApart(TOLD_OR_DONE, sentences);
  const told = judged.filter(({ sort }) => sort === 'told');
  const done = judged.filter(({ sort }) => sort === 'done');

  it('is told apart in 19 of 20 sentences of texts that it did not learn from', () => {
    expect(share(judged, ({ sort, likeliest }) => likeliest === sort)).toBeGreaterThan(0.95);
  });

  it('asks of no more than one done in a hundred, and of one told in ten', () => {
    expect(share(done, ({ held }) => 1 - held >= REMARK_FROM)).toBeLessThan(0.01);
    expect(share(told, ({ held }) => held <= STEP_UP_TO)).toBeLessThan(0.1);
  });

  it('is what the corpus teaches, as it is now', () => {
    standsIn(
      'toldWeights.ts',
      'TOLD_WEIGHTS',
      'its weight for what is done and for what is told',
      asWritten(learnedFrom(TOLD_OR_DONE, sentences)),
    );
  });
});
