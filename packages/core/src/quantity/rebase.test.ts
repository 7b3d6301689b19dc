import * as fc from 'fast-check';
import { rebase, sameData } from './rebase.ts';

/* Two devices change the same thing; nothing that one of them said may be lost without a word. */

const flat = fc.dictionary(fc.constantFrom('a', 'b', 'c', 'd'), fc.integer({ min: 0, max: 3 }));
const record = fc.record({ pins: flat, name: fc.constantFrom('x', 'y', 'z'), deep: fc.record({ more: flat }) });
const items = fc.uniqueArray(fc.integer({ min: 0, max: 8 }), { maxLength: 6 });

describe('what was changed is laid over what is there now', () => {
  test('and is all that holds, where nobody else has changed anything', () => {
    fc.assert(
      fc.property(record, record, (base, mine) => {
        expect(rebase(base, mine, base, 'sets')).toEqual({ value: mine, clashes: [] });
      }),
    );
  });
  test('and is nothing, where nothing was changed', () => {
    fc.assert(
      fc.property(record, record, (base, now) => {
        expect(rebase(base, base, now, 'wholes')).toEqual({ value: now, clashes: [] });
      }),
    );
  });
  test('field by field: what one has changed holds, what both changed to the same is no clash, the rest is told with both', () => {
    fc.assert(
      fc.property(flat, flat, flat, (base, mine, now) => {
        const { value, clashes } = rebase(base, mine, now, 'sets');
        const told = new Map(clashes.map((clash) => [clash.at.join('.'), clash]));
        for (const name of ['a', 'b', 'c', 'd']) {
          const [was, said, is] = [base[name], mine[name], now[name]];
          if (said !== was && is !== was && said !== is) {
            expect(told.get(name)).toEqual({ at: [name], mine: said, now: is });
            expect(value[name]).toBe(is);
          } else {
            expect(told.has(name)).toBe(false);
            expect(value[name]).toBe(said === was ? is : said);
          }
        }
      }),
    );
  });
  test('whoever comes first, the same holds, where each has changed something of their own', () => {
    fc.assert(
      fc.property(record, record, (base, other) => {
        const half = (names: readonly string[]) => ({
          ...base.pins,
          ...Object.fromEntries(Object.entries(other.pins).filter(([name]) => names.includes(name))),
        });
        const mine = { ...base, pins: half(['a', 'b']), name: other.name };
        const now = { ...base, pins: half(['c', 'd']), deep: other.deep };
        const one = rebase(base, mine, now, 'sets');
        expect(one.clashes).toEqual([]);
        expect(sameData(one.value, rebase(base, now, mine, 'sets').value)).toBe(true);
      }),
    );
  });
  test('of sets: what one added is there, what one took away is not, the rest as it was', () => {
    fc.assert(
      fc.property(items, items, items, (base, mine, now) => {
        const { value, clashes } = rebase(base, mine, now, 'sets');
        expect(clashes).toEqual([]);
        for (let n = 0; n <= 8; n++) {
          const [was, said, is] = [base, mine, now].map((list) => list.includes(n));
          expect(value.includes(n)).toBe(said === was ? is : said);
        }
        expect(new Set(value).size).toBe(value.length);
      }),
    );
  });
  test('of wholes: place by place while their number stays, else the whole is a clash', () => {
    const [small, large] = [
      { name: 'small pot', litres: 2 },
      { name: 'large pot', litres: 5 },
    ];
    const base = { pots: [small, large] };
    const deeper = { pots: [small, { ...large, litres: 6 }] };
    const renamed = { pots: [{ ...small, name: 'milk pot' }, large] };
    expect(rebase(base, deeper, renamed, 'wholes')).toEqual({
      value: { pots: [renamed.pots[0], deeper.pots[1]] },
      clashes: [],
    });
    const fewer = { pots: [small] };
    expect(rebase(base, deeper, fewer, 'wholes')).toEqual({
      value: fewer,
      clashes: [{ at: ['pots'], mine: deeper.pots, now: fewer.pots }],
    });
  });
  test('a field that both have begun is merged, one that was taken away is gone', () => {
    const empty: { given?: Record<string, string> } = {};
    expect(rebase(empty, { given: { a: 'Ines' } }, { given: { b: 'Tove' } }, 'sets').value).toEqual({
      given: { a: 'Ines', b: 'Tove' },
    });
    expect(rebase({ given: { a: 'Ines' } }, empty, { given: { a: 'Ines' } }, 'sets')).toEqual({
      value: {},
      clashes: [],
    });
  });
});

test('two that hold the same are the same in whatever order their fields stand, and without what is undefined', () => {
  expect(sameData({ pins: { a: 1, b: 2 }, breaks: [] }, { breaks: [], pins: { b: 2, a: 1 }, more: undefined })).toBe(
    true,
  );
  expect(sameData({ pins: { a: 1 } }, { pins: { a: 2 } })).toBe(false);
  expect(sameData([1, 2], [2, 1])).toBe(false);
  expect(sameData([], {})).toBe(false);
  expect(sameData(null, {})).toBe(false);
});
