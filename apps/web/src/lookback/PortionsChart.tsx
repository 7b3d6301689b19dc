import type { PastDish } from '@kestrel-ridge/core/view';
import { Bar, BarChart, CartesianGrid, Legend, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts';

const ROW_PX = 34;
const PARTS = [
  ['eaten', 'eaten', 'var(--greens)'],
  ['given', 'given away', 'var(--buff)'],
  ['used', 'into other dishes', 'var(--sauce)'],
  ['left', 'still there', 'var(--slate-soft)'],
  ['thrown', 'thrown away', 'var(--cannot)'],
] as const;

/** What became of each dish, in portions. */
export default function PortionsChart({ dishes }: { dishes: readonly PastDish[] }) {
  const rows = dishes.map((dish) => ({
    name: dish.name,
    ...Object.fromEntries(PARTS.map(([part]) => [part, Math.max(0, Math.round(dish[part] * 10) / 10)])),
  }));
  return (
    <div
      style={{ height: rows.length * ROW_PX + 80 }}
      role="img"
      aria-label="Portions of each dish: eaten, given away, into other dishes, still there, thrown away"
    >
      <ResponsiveContainer width="100%" height="100%">
        <BarChart data={rows} layout="vertical" margin={{ top: 4, right: 24, bottom: 4, left: 8 }} barSize={16}>
          <CartesianGrid stroke="var(--line)" horizontal={false} />
          <XAxis type="number" stroke="var(--slate)" tick={{ fontSize: 13 }} allowDecimals={false} />
          <YAxis type="category" dataKey="name" width={170} stroke="var(--slate)" tick={{ fontSize: 13 }} />
          <Tooltip contentStyle={{ background: 'var(--panel)', border: '1px solid var(--line)' }} cursor={false} />
          <Legend />
          {PARTS.map(([part, name, fill]) => (
            <Bar key={part} dataKey={part} name={name} stackId="portions" fill={fill} isAnimationActive={false} />
          ))}
        </BarChart>
      </ResponsiveContainer>
    </div>
  );
}
