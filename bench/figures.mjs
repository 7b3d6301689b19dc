import { readFileSync } from 'node:fs';
import { main, run, TSC } from '../scripts/step.mjs';
import { figure } from './figure.mjs';

const at = (path) => new URL(`../packages/core/${path}`, import.meta.url);

/** Rows of a reference table, by the names in its first line. */
function table(name) {
  const [head, ...rows] = readFileSync(at(`test/reference/${name}.csv`), 'utf8')
    .split('\n')
    .filter((line) => line.trim() && !line.startsWith('#'))
    .map((line) => [...line.matchAll(/("([^"]*)"|[^,]*)(,|$)/g)].slice(0, -1).map((match) => match[2] ?? match[1]));
  return rows.map((row) => Object.fromEntries(row.map((cell, n) => [head[n], cell])));
}

/** How the table of foods stands to its sources: what is counted here is held by tests, this says how much of it there is. */
await main(async () => {
  await run('node', [TSC, '-b', 'packages/core'], { log: 'build-core' });
  const { BOOK, statementOf } = await import(at('dist/food/index.js').href);
  const { columns, off } = JSON.parse(readFileSync(at('test/reference/composition-reasons.json'), 'utf8'));
  const pairs = Object.fromEntries(
    [...readFileSync(at('test/compositionPairs.ts'), 'utf8').matchAll(/^ {2}'?([^':]+)'?: '([^']+)',$/gm)].map(
      ([, ours, theirs]) => [ours, theirs],
    ),
  );
  const rows = new Map(table('composition-sample').map((row) => [row.food, row]));
  const book = new Map(BOOK.map((food) => [food.name, food]));
  let all = 0;
  let near = 0;
  let told = 0;
  for (const [name, inTable] of Object.entries(pairs))
    for (const [column, theirs, least] of columns) {
      const mine = book.get(name)?.facts.composition?.value[column];
      const its = Number(rows.get(inTable)?.[theirs]);
      if (mine === undefined || Number.isNaN(its)) continue;
      all++;
      if (Math.abs(mine - its) <= Math.max(least, 0.15 * its)) near++;
      else if (off[name]?.[column]) told++;
    }
  figure(
    'values of the table within 15 % of the sources, or with their reason',
    (100 * (near + told)) / all,
    '%',
    '>=100',
  );
  figure('of these within 15 %', (100 * near) / all, '%', 'record');
  figure('values compared', all, 'values', 'record');
  figure('foods', BOOK.length, 'foods', 'record');
  const unsaid = BOOK.filter(
    (food) => statementOf(food).unknown.length > 0 && !['plant milk', 'nameless box'].includes(food.name),
  );
  figure('foods without an allergen statement', unsaid.length, 'foods', '<=0');
  const fresh = BOOK.filter(
    ({ facts }) =>
      ['vegetable', 'leaf', 'fruit', 'legume', 'nut or seed', 'grain'].includes(facts.kind) &&
      !facts.keeps?.freezer &&
      !facts.opened?.freezer,
  );
  figure('foods without freezer days', fresh.length, 'foods', '<=0');
});
