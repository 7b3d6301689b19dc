import fc from 'fast-check';
import { BOOK } from '../food/index.ts';
import { day } from '../quantity/index.ts';
import {
  asPriceRecord,
  foldLedger,
  harmless,
  harmlessRow,
  numberHabitOf,
  plainNumber,
  readPriceRecord,
  separatorOf,
  tableNumber,
  type DecimalSign,
} from './index.ts';
import { fromCell } from './tableCell.ts';

const decimals = fc.constantFrom<DecimalSign>('.', ',');
/** As a program of that habit writes a number, with or without groups. */
const written = (value: number, parts: number, decimal: DecimalSign, grouped: boolean, group: string) => {
  const [whole = '', rest] = value.toFixed(parts).split('.');
  const spaced = grouped ? whole.replace(/\B(?=(\d{3})+$)/g, group) : whole;
  return rest === undefined ? spaced : `${spaced}${decimal}${rest}`;
};
const number = fc.tuple(fc.integer({ min: 0, max: 9_999_999 }), fc.integer({ min: 0, max: 4 })).map(([n, parts]) => ({
  value: n / 10 ** parts,
  parts,
}));

test('law: what a program of either habit writes is read as the same number by that habit', () =>
  fc.assert(
    fc.property(
      number,
      decimals,
      fc.boolean(),
      fc.constantFrom('other', ' ', '\u00a0', '’'),
      ({ value, parts }, decimal, grouped, sign) => {
        const group = sign === 'other' ? (decimal === '.' ? ',' : '.') : sign;
        expect(Number(plainNumber(written(value, parts, decimal, grouped, group), decimal))).toBe(
          Number(value.toFixed(parts)),
        );
      },
    ),
  ));

test('law: of a table written in one habit, either that habit is told or it is asked; the other one is never taken', () =>
  fc.assert(
    fc.property(
      fc.array(number, { minLength: 1, maxLength: 12 }),
      decimals,
      fc.boolean(),
      (numbers, decimal, grouped) => {
        const group = decimal === '.' ? ',' : '.';
        const cells = numbers.map(({ value, parts }, n) => ({
          text: written(value, parts, decimal, grouped, group),
          line: n + 2,
        }));
        const habit = numberHabitOf(cells);
        if ('asks' in habit) expect(habit.asks.text).toMatch(/^[1-9]\d{0,2}[.,]\d{3}$/);
        // Without any sign, either will do.
        else if (cells.some(({ text }) => /[.,]/.test(text))) expect(habit.decimal).toBe(decimal);
      },
    ),
  ));

test.each([
  [['2,5', '1.000'], { decimal: ',' }],
  [['2.5', '1,000'], { decimal: '.' }],
  [['1.000'], { asks: { text: '1.000', line: 2 } }],
  [['500', '250'], { decimal: '.' }],
  [['0,500'], { decimal: ',' }],
  [['1.000.000'], { decimal: ',' }],
  [['1.234,5'], { decimal: ',' }],
  [['1,234.5'], { decimal: '.' }],
  [['1 234,5'], { decimal: ',' }],
  [['about a bag', '1,000'], { asks: { text: '1,000', line: 3 } }],
  [[], { decimal: '.' }],
])('%j is %j', (texts, habit) => {
  expect(numberHabitOf(texts.map((text, n) => ({ text, line: n + 2 })))).toEqual(habit);
});

test.each([
  ['2,5', ',', '2.5'],
  ['1.000', ',', '1000'],
  ['1.000', '.', '1.000'],
  ['-200', '.', '-200'],
  ['1 000', '.', '1000'],
  ['2,5', '.', undefined],
  ['10,00', '.', undefined],
  ['1.00.000', ',', undefined],
  ['', '.', undefined],
  ['2 5', '.', undefined],
  ['12 kg', '.', undefined],
] as const)('%j by the habit %j is %j', (text, decimal, plain) => expect(plainNumber(text, decimal)).toBe(plain));

test('law: what goes out is never doubtful when it comes in, and is the same number', () =>
  fc.assert(
    fc.property(number, ({ value, parts }) => {
      const out = tableNumber(`${Number(value.toFixed(parts))}`);
      expect(numberHabitOf([{ text: out, line: 2 }])).toEqual({ decimal: '.' });
      expect(Number(plainNumber(out, '.'))).toBe(Number(value.toFixed(parts)));
    }),
  ));

test('law: no text that goes out begins as a formula does, and each comes back as it was', () =>
  fc.assert(
    fc.property(
      fc
        .tuple(fc.constantFrom('', '=', '+', '-', '@', '\t', '\r', "'", "'="), fc.string())
        .map((parts) => parts.join('')),
      (text) => {
        const cell = harmless(text);
        expect(/^[=+@\t\r]/.test(cell)).toBe(false);
        if (cell.startsWith('-')) expect(Number.isFinite(Number(cell))).toBe(true);
        expect(fromCell(cell)).toBe(text);
      },
    ),
  ));

const [food] = BOOK;
if (!food) throw new Error('no food');
test('a price whose shop is called like a formula goes out harmless and comes in as it was', () => {
  const price = { on: day('2026-03-01'), minor: 249, amount: '1.125', shop: '=HYPERLINK("x")' };
  const out = harmlessRow(asPriceRecord({ ...price, from: 'entered' }, food));
  expect(out).toMatchObject({ shop: `'=HYPERLINK("x")`, amount: '1.1250' });
  expect(readPriceRecord(out, 2, BOOK)).toEqual({ ok: true, value: { food: food.id, ...price } });
});
test('an amount is read by the habit of its file; one of the other habit is told with its line', () => {
  const record = asPriceRecord({ on: day('2026-03-01'), minor: 249, amount: '500', from: 'entered' }, food);
  expect(readPriceRecord({ ...record, amount: '2,5' }, 2, BOOK, ',')).toMatchObject({
    ok: true,
    value: { amount: '2.5' },
  });
  expect(readPriceRecord({ ...record, amount: '1.000' }, 2, BOOK, ',')).toMatchObject({
    ok: true,
    value: { amount: '1000' },
  });
  expect(readPriceRecord({ ...record, amount: '2,5' }, 7, BOOK, '.')).toMatchObject({
    ok: false,
    problem: { line: 7 },
  });
});
test('a ledger is folded by the habit of its file', () => {
  const row = (amount: string) => ({
    at: '2026-03-01',
    kind: 'counted',
    food: 'millet',
    place: 'cupboard',
    lot: 'a',
    amount,
    base: 'g',
  });
  expect(foldLedger([row('1.000,5'), row('-200')], 'UTC', ',')).toMatchObject([{ amount: '800,5' }]);
});

test.each([
  ['food;place;amount\nmillet;cupboard;2,5', ';'],
  ['food,place,amount\r\nmillet,cupboard,2.5', ','],
  ['food\tplace\tamount\n', '\t'],
  ['"food; or what";place', ';'],
  ['"food; or what",place', ','],
  ['\uFEFFfood;place', ';'],
  ['food', ','],
])('the cells of %j are parted by %j', (text, sign) => expect(separatorOf(text)).toBe(sign));
