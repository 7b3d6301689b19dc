import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { compileFunction } from 'node:vm';

const src = path.resolve(import.meta.dirname, '../src');

/** Every `@example expression // => value` of core, with the file it stands in. */
const examples = readdirSync(src, { recursive: true, encoding: 'utf8' })
  .filter((file) => file.endsWith('.ts') && !file.endsWith('.test.ts'))
  .flatMap((file) =>
    [...readFileSync(path.join(src, file), 'utf8').matchAll(/@example (.+?) \/\/ => (.+?)(?: \*\/)?$/gm)].map(
      (match) => ({ file, expression: match[1] ?? '', value: match[2] ?? '' }),
    ),
  );

/** What an example may name: all that its own file exports, and the names of quantity. */
async function scopeOf(file: string): Promise<Record<string, unknown>> {
  const own = (await import(path.join(src, file))) as Record<string, unknown>;
  const quantity = (await import('../src/quantity/index.ts')) as Record<string, unknown>;
  return { ...quantity, ...own };
}

test('core has examples, and this test finds them', () => expect(examples.length).toBeGreaterThan(15));

test.each(examples)('$file: $expression', async ({ file, expression, value }) => {
  const scope = await scopeOf(file);
  const names = Object.keys(scope).filter((name) => /^[A-Za-z_$][\w$]*$/.test(name) && name !== 'default');
  const run = (code: string): unknown =>
    (compileFunction(`return (${code});`, names) as (...args: unknown[]) => unknown)(
      ...names.map((name) => scope[name]),
    );
  expect(run(expression)).toEqual(run(value));
});
