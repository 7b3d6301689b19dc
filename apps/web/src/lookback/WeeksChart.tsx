import { fixed } from '@kestrel-ridge/core/quantity';
import { minorDigits, moneySign, moneyText } from '@kestrel-ridge/core/cost';
import type { PastWeek } from '@kestrel-ridge/core/view';
import { Bar, BarChart, CartesianGrid, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts';
import { dateWords, duration } from '../parts/times.ts';
import { PastTable } from './PastTable.tsx';

const HEIGHT_PX = 150;

/** A figure of a week, and how it is said. */
interface Told {
  readonly name: string;
  readonly fill: string;
  readonly of: (week: PastWeek) => number | undefined;
  readonly says: (value: number, currency: string) => string;
  /** Beside the axis, where there is no room for a currency. */
  readonly ticks?: (value: number, currency: string) => string;
}
const money = (minor: number, currency: string): string => moneyText(Math.round(minor), currency);
const bareMoney = (minor: number, currency: string): string =>
  fixed(minor / 10 ** minorDigits(currency), minorDigits(currency));
const TOLD: readonly Told[] = [
  { name: 'later than planned', fill: 'var(--chestnut)', of: ({ late }) => late, says: (n) => `${Math.round(n)} min` },
  { name: 'hands', fill: 'var(--slate)', of: ({ hands }) => hands, says: (n) => duration(n) },
  {
    name: 'a portion, of what went in',
    fill: 'var(--greens)',
    of: ({ portionMinor }) => portionMinor,
    says: money,
    ticks: bareMoney,
  },
  {
    name: 'thrown away',
    fill: 'var(--cannot)',
    of: ({ thrownMinor }) => thrownMinor,
    says: money,
    ticks: bareMoney,
  },
];

/** Week by week what a kitchen wants to see go down: each figure in a small chart of its own. */
export default function WeeksChart({ weeks, currency }: { weeks: readonly PastWeek[]; currency: string }) {
  return (
    <>
      <div className="weeks-charts">
        {TOLD.map(({ name, fill, of, says, ticks = says }) => {
          const rows = weeks.map((week) => ({ week: dateWords(week.from), value: of(week) }));
          return (
            <figure key={name}>
              <figcaption>{ticks === says ? name : `${name}, ${moneySign(currency)}`}</figcaption>
              <div
                style={{ height: HEIGHT_PX }}
                role="img"
                aria-label={`${name}: ${rows
                  .map((row) => `${row.week} ${row.value === undefined ? 'unknown' : says(row.value, currency)}`)
                  .join(', ')}`}
              >
                <ResponsiveContainer width="100%" height="100%">
                  <BarChart data={rows} margin={{ top: 6, right: 8, bottom: 0, left: 0 }}>
                    <CartesianGrid stroke="var(--line)" vertical={false} />
                    <XAxis dataKey="week" stroke="var(--slate)" tick={{ fontSize: 12 }} interval="preserveStartEnd" />
                    <YAxis
                      stroke="var(--slate)"
                      tick={{ fontSize: 12 }}
                      width={58}
                      tickCount={4}
                      tickFormatter={(value: number) => ticks(value, currency)}
                    />
                    <Tooltip
                      formatter={(value) => [says(Number(value), currency), name]}
                      contentStyle={{ background: 'var(--panel)', border: '1px solid var(--line)' }}
                      cursor={false}
                    />
                    <Bar dataKey="value" fill={fill} isAnimationActive={false} />
                  </BarChart>
                </ResponsiveContainer>
              </div>
            </figure>
          );
        })}
      </div>
      <PastTable
        summary="The figures, week by week"
        head={['week from', ...TOLD.map(({ name }) => name)]}
        rows={weeks.map((week) => ({
          key: week.from,
          name: dateWords(week.from),
          cells: TOLD.map(({ of, says }) => {
            const value = of(week);
            return value === undefined ? '' : says(value, currency);
          }),
        }))}
      />
    </>
  );
}
