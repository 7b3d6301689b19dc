import { inKilos, kiloName, minorDigits, type Price, moneyText } from '@kestrel-ridge/core/cost';
import type { Food } from '@kestrel-ridge/core/food';
import type { Day } from '@kestrel-ridge/core/quantity';
import { CartesianGrid, Line, LineChart, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts';
import { dateWords } from '../parts/times.ts';

/** How the price of a kilo went over time. */
export default function PriceChart({
  food,
  prices,
  currency,
}: {
  food: Food;
  prices: readonly Price[];
  currency: string;
}) {
  const major = 10 ** minorDigits(currency);
  const points = [...prices]
    .sort((a, b) => a.on.localeCompare(b.on))
    .map((price) => ({ on: price.on, kilo: inKilos(price, food.facts.base).valueOf() / major }));
  if (points.length < 2) return <p className="soft">One price so far: with the next one, its way is drawn here.</p>;
  return (
    <div style={{ height: 180 }} role="img" aria-label={`Price of ${food.name}, ${kiloName(food.facts.base)}`}>
      <ResponsiveContainer width="100%" height="100%">
        <LineChart data={points} margin={{ top: 10, right: 16, bottom: 4, left: 0 }}>
          <CartesianGrid stroke="var(--line)" vertical={false} />
          <XAxis
            dataKey="on"
            tickFormatter={(on: Day) => dateWords(on)}
            stroke="var(--slate)"
            tick={{ fontSize: 13 }}
          />
          <YAxis stroke="var(--slate)" tick={{ fontSize: 13 }} width={52} domain={['auto', 'auto']} />
          <Tooltip
            formatter={(value) => [
              moneyText(Math.round(Number(value) * 10 ** minorDigits(currency)), currency),
              kiloName(food.facts.base),
            ]}
            labelFormatter={(on) => dateWords(on as Day)}
            contentStyle={{ background: 'var(--panel)', border: '1px solid var(--line)' }}
          />
          <Line
            type="stepAfter"
            dataKey="kilo"
            stroke="var(--chestnut)"
            strokeWidth={2.5}
            dot={{ r: 4, fill: 'var(--chestnut)' }}
            isAnimationActive={false}
          />
        </LineChart>
      </ResponsiveContainer>
    </div>
  );
}
