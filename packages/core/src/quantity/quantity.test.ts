import * as ucum from '@lhncbc/ucum-lhc';
import fc from 'fast-check';
import { cell, readTable } from '../../test/readTable.ts';
import {
  addDays,
  Fraction,
  MEASURES,
  SCOOPS,
  dayAt,
  day,
  daysBetween,
  inBase,
  isMeasureName,
  quantityOf,
  readDay,
  scoopVolume,
  showInScoops,
  volume,
  weekday,
} from './index.ts';

describe('units', () => {
  const known: Record<string, string> = {
    'US customary teaspoon': 'tsp',
    'US customary tablespoon': 'tbsp',
    'US customary cup': 'cup',
    'US customary fluid ounce': 'fl oz',
    'US customary pint': 'pint',
    'US customary quart': 'quart',
    'US customary gallon': 'gallon',
    'avoirdupois pound': 'lb',
    'avoirdupois ounce': 'oz',
    'SI litre': 'L',
  };
  const rows = readTable('units').filter((row) => `${row['system']} ${row['unit']}` in known);

  // Source: published: NIST Handbook 44, Appendix C; NIST SP 811.
  test('the table of exact factors covers all of ours', () => expect(rows.length).toBe(Object.keys(known).length));
  test.each(rows)('$system $unit is exact', (row) => {
    const name = known[`${row['system']} ${row['unit']}`] ?? '';
    expect(isMeasureName(name)).toBe(true);
    if (!isMeasureName(name)) return;
    expect(MEASURES[name].factor.equals(new Fraction(`${cell(row, 'numerator')}/${cell(row, 'denominator')}`))).toBe(
      true,
    );
  });

  // Checked against a general unit library: @lhncbc/ucum-lhc.
  const library = ucum.UcumLhcUtils.getInstance();
  test.each(rows.filter((row) => row['ucum']))('$system $unit agrees with UCUM $ucum', (row) => {
    const name = known[`${row['system']} ${row['unit']}`] ?? '';
    if (!isMeasureName(name)) throw new Error(name);
    const converted =
      library.convertUnitTo(cell(row, 'ucum'), 1, MEASURES[name].base === 'g' ? 'g' : 'mL').toVal ?? NaN;
    expect(Math.abs(converted / MEASURES[name].factor.valueOf() - 1)).toBeLessThan(1e-12);
  });

  test('a written third stays a third', () => {
    const cup = inBase(quantityOf({ n: '1/3', unit: 'cup' }));
    expect(cup.mul(3).equals(MEASURES.cup.factor)).toBe(true);
  });
});

describe('scoops', () => {
  const spoons = ['1 tbsp', '1 tsp', '1/2 tsp', '1/4 tsp'] as const;
  // Source: computed from published: NIST Handbook 44: spoons for parts of a US cup.
  test.each([
    ['1/12', '1 tbsp + 1 tsp'],
    ['1/8', '2 tbsp'],
    ['1/6', '2 tbsp + 2 tsp'],
    ['1/3', '5 tbsp + 1 tsp'],
    ['3/8', '6 tbsp'],
    ['2/3', '10 tbsp + 2 tsp'],
  ])('%s cup with spoons alone is %s', (part, text) => {
    const shown = showInScoops(volume(MEASURES.cup.factor.mul(new Fraction(part))), spoons);
    expect(shown?.text).toBe(text);
    expect(shown?.error).toBe(0);
  });

  test('law: the scoops add up to what is said, within the error that is said, and every one is owned', () => {
    const owned = fc.uniqueArray(fc.constantFrom(...SCOOPS), { minLength: 1 });
    fc.assert(
      fc.property(owned, fc.integer({ min: 5, max: 3000 }), (scoops, mL) => {
        const shown = showInScoops(volume(mL), scoops);
        if (!shown) throw new Error('no answer');
        const sum = shown.scoops.reduce(
          (all, { scoop, times }) => all.add(scoopVolume(scoop).mul(times)),
          new Fraction(0),
        );
        expect(sum.equals(shown.mL)).toBe(true);
        expect(Math.abs(sum.valueOf() / mL - 1 - shown.error)).toBeLessThan(1e-9);
        for (const { scoop } of shown.scoops) expect(scoops).toContain(scoop);
      }),
      { numRuns: 200 },
    );
  });

  test('with no scoop there is no answer, rather than a wrong one', () =>
    expect(showInScoops(volume(100), [])).toBeUndefined());
});

describe('days', () => {
  // Source: published: ISO 8601; computed.
  test.each([
    ['2026-02-27', 3, '2026-03-02'],
    ['2028-02-28', 3, '2028-03-02'],
    ['2026-12-30', 4, '2027-01-03'],
  ])('%s and %i days is %s', (from, days, to) => {
    expect(addDays(day(from), days)).toBe(to);
    expect(daysBetween(day(from), day(to))).toBe(days);
  });

  test('2026-03-01 is a Sunday', () => expect(weekday(day('2026-03-01'))).toBe(6));
  test.each(['2026-02-30', '2026-2-3', 'soon', '2026-13-01'])('"%s" is no date', (text) =>
    expect(readDay(text)).toBeUndefined(),
  );
  test('law: days there and back', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: -5000, max: 5000 }),
        (n) => addDays(addDays(day('2026-03-01'), n), -n) === '2026-03-01',
      ),
    ));

  // Clock change in Berlin on 2026-03-29: a soak of 8 h begun at 22:00 the evening before ends at 07:00, on the next date. From memory.
  test('a day with a clock change is one date', () => {
    const begun = new Date('2026-03-28T22:00:00+01:00');
    const ended = new Date(begun.getTime() + 8 * 3_600_000);
    expect(dayAt(begun, 'Europe/Berlin')).toBe('2026-03-28');
    expect(dayAt(ended, 'Europe/Berlin')).toBe('2026-03-29');
    expect(
      new Intl.DateTimeFormat('en-GB', { timeZone: 'Europe/Berlin', hour: '2-digit', minute: '2-digit' }).format(ended),
    ).toBe('07:00');
  });
});
