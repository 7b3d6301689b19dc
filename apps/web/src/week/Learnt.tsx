import { addDays, type Day, fixed } from '@kestrel-ridge/core/quantity';
import type { Eater } from '@kestrel-ridge/core/week';
import { Button } from 'antd';
import { appetiteSeen } from './appetiteSeen.ts';
import { useCommand } from '../app/useCommand.ts';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { Why } from '../parts/Why.tsx';
import { learnedFor, mealsApart } from '@kestrel-ridge/core/view';
import { learntOnWords } from './weekWords.ts';

/** What an eater's plates say of their appetite: how sure it is, and the way back to the usual. */
export function Learnt({ view, eater }: { view: KitchenView; eater: Eater }) {
  const send = useCommand();
  const foods = [...new Set(view.week.plates.filter((each) => each.eater === eater.id).map(({ food }) => food))];
  const learnt = foods
    .map((food) => ({ food, learned: learnedFor(view, eater.id, food) }))
    .filter(({ learned }) => learned.n > 0);
  if (learnt.length === 0) return <p className="soft">Nothing is learned yet of what {eater.name} really takes.</p>;
  return (
    <ul className="learnt">
      {learnt.map(({ food, learned }) => {
        const appetite = view.week.appetites.find((each) => each.food === food);
        const name = view.foods.get(food)?.name ?? '';
        return (
          <li key={food}>
            <span>
              {name}: <Why because={learned.because}>{fixed(learned.times, 2)} times the usual</Why>, likely{' '}
              {fixed(learned.least, 1)} to {fixed(learned.most, 1)},{' '}
              {learntOnWords(
                learned.n,
                mealsApart(view, eater.id, food).map((each) => ({ meal: each.meal, times: each.learned.times })),
              )}
            </span>
            <Button
              size="small"
              aria-label={`Set ${name} back to the usual`}
              onClick={() =>
                void send({
                  path: 'appetites',
                  method: 'PUT',
                  body: {
                    food,
                    portionsADay: appetite?.portionsADay ?? 1,
                    since: dayAfter(view),
                    seen: appetiteSeen(view, food),
                  },
                  touches: ['week'],
                })
              }
            >
              Set back, for all
            </Button>
          </li>
        );
      })}
    </ul>
  );
}

/** What was eaten up to the last entry no longer counts. */
function dayAfter({ today, week }: KitchenView): Day {
  return addDays(
    week.eaten.reduce((latest, { day }) => (day > latest ? day : latest), today),
    1,
  );
}
