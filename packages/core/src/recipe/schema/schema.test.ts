import fc from 'fast-check';
import { STARTER_RECIPES } from '../index.ts';
import { readRevision } from './index.ts';

const copy = (n = 0) =>
  structuredClone(STARTER_RECIPES[n % STARTER_RECIPES.length]) as unknown as Record<string, unknown>;

test('what this program writes is read back whole', () => {
  for (const recipe of STARTER_RECIPES)
    expect(readRevision(JSON.parse(JSON.stringify(recipe)))).toEqual({ ok: true, value: recipe });
});

test.each([
  ['an amount that is divided by nothing', (r) => set(r, ['lines', 0, 'amount', 'n'], '1/0'), 'lines.0.amount.n'],
  ['a share of nothing', (r) => set(r, ['lines', 0, 'into', 0, 'share'], '2/0'), 'lines.0.into.0.share'],
  ['a vessel that does not exist', (r) => set(r, ['vessel'], 'cauldron'), 'vessel'],
  ['a law that does not exist', (r) => set(r, ['lines', 0, 'law'], { law: 'by the moon' }), 'lines.0.law.law'],
  [
    'a keeping time that is an object',
    (r) => set(r, ['component', 'fridgeDays'], { value: {}, source: '' }),
    'component.fridgeDays.value',
  ],
  ['no steps', (r) => set(r, ['steps'], undefined), 'steps'],
  ['signs that no table holds', (r) => set(r, ['name'], 'a\u0000b'), 'name'],
  ['half a sign', (r) => set(r, ['name'], '\ud800'), 'name'],
  ['portions without end', (r) => set(r, ['portions'], Infinity), 'portions'],
] as [string, (r: Record<string, unknown>) => void, string][])('%s is refused, with its place', (_, spoil, field) => {
  const recipe = copy();
  spoil(recipe);
  const read = readRevision(recipe);
  expect(read.ok ? [] : read.problem.map((fault) => fault.field)).toContain(field);
  expect(read.ok ? '' : read.problem[0]?.fault).toBeTruthy();
});

function set(into: Record<string, unknown>, path: readonly (string | number)[], value: unknown): void {
  let at = into as Record<string | number, unknown>;
  for (const key of path.slice(0, -1)) at = at[key] as Record<string | number, unknown>;
  at[path.at(-1) ?? ''] = value;
}

test('law: whatever comes, it is a recipe or it is told what is wrong; reading never throws, and what was read reads the same again', () => {
  const anything = fc.oneof(fc.anything(), fc.jsonValue());
  fc.assert(
    fc.property(fc.nat(20), fc.constantFrom(...Object.keys(copy())), anything, (n, key, value) => {
      const read = readRevision({ ...copy(n), [key]: value });
      if (read.ok) expect(readRevision(read.value)).toEqual(read);
      else expect(read.problem.length).toBeGreaterThan(0);
    }),
  );
});
