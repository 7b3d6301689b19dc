import { spawnSync } from 'node:child_process';
import path from 'node:path';
import { main, run, TSC } from '../scripts/step.mjs';
import { figure, median } from './figure.mjs';

const root = path.resolve(import.meta.dirname, '..');

const percent = (share) => Math.round((share ?? Number.NaN) * 1000) / 10;

/** Lines, steps and whole texts in many hands: read right, asked about, or read wrong without a word; and how quickly. */
await main(async () => {
  const { stdout, stderr } = spawnSync(
    'npx',
    [
      '--no-install',
      'jest',
      '--selectProjects',
      'core',
      '--testPathPatterns',
      'readMethod|readTexts|ingredientLine|secondReading',
    ],
    { cwd: root, encoding: 'utf8', env: { ...process.env, READING: '1' } },
  );
  for (const [mark, what] of [
    ['LINES', 'lines'],
    ['READING', 'steps'],
    ['TEXTS', 'facts of whole texts'],
  ]) {
    const counts = JSON.parse(new RegExp(`${mark} (\\{[^}]*\\})`).exec(stdout + stderr)?.[1] ?? '{}');
    figure(`${what} read right`, counts.right ?? 0, what, 'record');
    figure(`${what} asked about`, counts.asked ?? 0, what, 'record');
    figure(`${what} silently wrong`, counts['silently wrong'] ?? Number.NaN, what, '<=0');
  }
  const second = JSON.parse(/SECOND (\{[^}]*\})/.exec(stdout + stderr)?.[1] ?? '{}');
  figure('steps that the second reading agrees with, of texts not learned from', percent(second.agreed), '%', '>=90');
  figure('steps that it asks about, of texts not learned from', percent(second.asked), '%', '<=5');

  await run('node', [TSC, '-b', 'packages/core'], { log: 'build-core' });
  const at = (name) => import(path.join(root, 'packages/core/dist', name, 'index.js'));
  const { BOOK } = await at('food');
  const { remembered } = await at('quantity');
  const { NOTHING_SAID, indexFoods, readIngredientLine, readPaste, readRecipeText } = await at('formats');
  const foods = indexFoods(BOOK);
  const written = [
    '250 g split peas, rinsed',
    '2 big leeks (about 300 g)',
    '1 x 400g tin chickpeas, drained',
    '½ tsp each cumin and paprika',
    'salt, pepper',
    'a handful of parsley',
  ];
  const text = (typed) =>
    [
      `Big dish ${typed}`,
      'Ingredients',
      ...Array.from({ length: 120 }, (_, n) => written[n % written.length]),
      `${typed + 1} g millet`,
      'Method',
      ...Array.from({ length: 76 }, (_, n) => `Simmer part ${n} for ${10 + (n % 20)} minutes, then let it stand 5.`),
    ].join('\n');
  const reading = (readLine) => (words) => readPaste(readRecipeText(words), NOTHING_SAID, foods, readLine);
  const timed = (read) => {
    const times = Array.from({ length: 60 }, (_, n) => {
      const words = text(n);
      const from = performance.now();
      read(words);
      return performance.now() - from;
    });
    return median(times.slice(10));
  };
  const whole = timed(reading((line) => readIngredientLine(line, foods)));
  figure('texts of 200 lines read in a second', 1000 / whole, 'texts/s', 'record');
  figure(
    'one keystroke in a text of 200 lines',
    timed(reading(remembered((line) => readIngredientLine(line, foods)))),
    'ms',
    '<=8',
  );
});
