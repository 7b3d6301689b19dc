import { LockOutlined, StopOutlined, UnlockOutlined } from '@ant-design/icons';
import { addDays, fixed } from '@kestrel-ridge/core/quantity';
import type { SeasonAsk, SeasonWeekPlan } from '@kestrel-ridge/core/week';
import { Button } from 'antd';
import { dateWords, duration } from '../parts/times.ts';
import { mainLines, reserveWords } from './seasonWords.ts';
import { LinkButton } from '../parts/LinkButton.tsx';

/** One week of the menu: its mains, where they come from, what it takes, and how full the freezer is when it is over. */
export function SeasonWeekCard({
  ask,
  plan,
  n,
  locked,
  lock,
  leaveOut,
  keep,
}: {
  ask: SeasonAsk;
  plan: SeasonWeekPlan;
  /** Which week it is; 0 is the one at hand. */
  n: number;
  locked: readonly string[];
  lock: (recipe: string) => void;
  leaveOut: (recipe: string) => void;
  keep: () => void;
}) {
  const from = ask.weeks[n]?.from;
  if (!from) return null;
  const cooked = plan.cooks.flatMap(({ dish, portions }) => {
    const recipe = ask.dishes[dish]?.recipe;
    return recipe ? [`${recipe}:${portions}`] : [];
  });
  const full = ask.freezerLitres;
  return (
    <section className="season-week" aria-label={`Week from ${dateWords(from)}`}>
      <h2>{n === 0 ? 'This week' : `Week of ${dateWords(from)}`}</h2>
      <p className="soft">
        {dateWords(from)} to {dateWords(addDays(from, 6))}
      </p>
      <ol className="season-mains">
        {mainLines(plan).map(({ dish, often, from: source }) => {
          const { name = '', recipe = '' } = ask.dishes[dish] ?? {};
          const isLocked = locked.includes(recipe);
          return (
            <li key={recipe}>
              <div>
                <b>{name}</b>
                <small>
                  {often}; {source}
                </small>
              </div>
              <Button
                size="small"
                type="text"
                icon={isLocked ? <LockOutlined /> : <UnlockOutlined />}
                aria-pressed={isLocked}
                aria-label={isLocked ? `Let ${name} go` : `Keep ${name} on the menu`}
                onClick={() => lock(recipe)}
              />
              <Button
                size="small"
                type="text"
                icon={<StopOutlined />}
                aria-label={`Leave ${name} off the menu`}
                onClick={() => leaveOut(recipe)}
              />
            </li>
          );
        })}
      </ol>
      <dl className="suggested-figures">
        <dt>hands, for the mains</dt>
        <dd className="number">{plan.hands < 1 ? 'none' : duration(plan.hands)}</dd>
        <dt>left in the freezer</dt>
        <dd className="number">
          {fixed(plan.litres, 0)} {full === undefined ? 'L' : `of ${fixed(full, 0)} L`}
        </dd>
      </dl>
      {full !== undefined && full > 0 && (
        <div className="season-freezer" aria-hidden>
          <span style={{ width: `${Math.min(100, (plan.litres / full) * 100)}%` }} />
        </div>
      )}
      {plan.reserves.map(({ dish, portions, of }) => (
        <p key={dish} className={portions < of - 0.5 ? 'cannot' : 'soft'}>
          {reserveWords(ask.dishes[dish]?.name ?? '', portions, of)}
        </p>
      ))}
      {n === 0 ? (
        <LinkButton to={`/week/suggest?with=${cooked.join(',')}`} type="primary" block disabled={cooked.length === 0}>
          Plates round these
        </LinkButton>
      ) : (
        <Button block onClick={keep} disabled={cooked.length === 0}>
          Keep as a usual week
        </Button>
      )}
    </section>
  );
}
