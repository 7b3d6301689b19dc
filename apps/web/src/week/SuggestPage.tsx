import { appNow } from '../parts/appNow.ts';
import { LockOutlined } from '@ant-design/icons';
import { Button, Checkbox, InputNumber } from 'antd';
import { useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { WithKitchen } from '../app/WithKitchen.tsx';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { Empty } from '../parts/Empty.tsx';
import { Loading } from '../parts/Loading.tsx';
import { askOf } from '@kestrel-ridge/core/view';
import { SuggestedCard } from './SuggestedCard.tsx';
import { suggestedChange, tryWeek } from '@kestrel-ridge/core/view';
import './suggest.css';
import { useSuggested } from './useSuggested.ts';
import { useWeekChange } from './useWeekChange.ts';

export default function SuggestPage() {
  return <WithKitchen>{(view) => <Suggest view={view} />}</WithKitchen>;
}

/** A few different weeks, each good at something; what is wanted is locked, and then they are asked for again. */
function Suggest({ view }: { view: KitchenView }) {
  const [locked, setLocked] = useState<Readonly<Record<string, number>>>({});
  const [keepSet, setKeepSet] = useState(true);
  const [handsAtMost, setHands] = useState<number>();
  const [seed, setSeed] = useState(1);
  const change = useWeekChange(view);
  const navigate = useNavigate();
  const ask = useMemo(
    () => askOf(view, { locked, handsAtMost, keepSet }, appNow()),
    [view, locked, handsAtMost, keepSet],
  );

  const { found, busy, failed } = useSuggested(ask, seed);

  // What a week comes to is what the kitchen would show once it is taken.
  const tried = useMemo(() => {
    const now = appNow();
    return new Map(
      (found?.weeks ?? []).map((week) => [
        week.goodAt,
        tryWeek(view, found ? suggestedChange(view, found.ask, week) : {}, now),
      ]),
    );
  }, [view, found]);

  if (failed !== undefined)
    return (
      <main className="page">
        <Empty title="No week could be suggested">
          <p>{failed} Nothing was changed.</p>
          <Button onClick={() => setSeed(seed + 1)} loading={busy}>
            Ask again
          </Button>
          <Link to="/week">Back to the week</Link>
        </Empty>
      </main>
    );
  if (!found) return <Loading what="Trying weeks" />;
  if (found.ask.people.every((n) => n === 0))
    return (
      <main className="page">
        <Empty title="Nobody eats in these seven days">
          <p>Say who eats, and weeks are suggested here.</p>
          <Link to="/week/eaters">Who eats</Link>
        </Empty>
      </main>
    );
  if (found.ask.candidates.length === 0)
    return (
      <main className="page">
        <Empty title="No recipe to choose from yet">
          <p>Take or write some recipes, and weeks of them are suggested here.</p>
          <Link to="/week">To the week</Link>
        </Empty>
      </main>
    );
  const names = new Map(view.recipes.map(({ id, document }) => [id, document.component.name]));
  return (
    <main className="page">
      <div className="page-head">
        <h1>Four weeks, each good at something</h1>
        <p>
          From what must be used, what is in the freezer, what everybody may eat, your hands and your budget. Lock what
          you want to keep and ask again; nothing changes before you take one.
        </p>
      </div>
      <div className="suggest-bar">
        {Object.entries(locked).map(([recipe, portions]) => (
          <Button
            key={recipe}
            icon={<LockOutlined />}
            onClick={() => {
              const { [recipe]: _gone, ...rest } = locked;
              setLocked(rest);
            }}
            aria-label={`Unlock ${names.get(recipe) ?? ''}`}
          >
            {names.get(recipe)} {portions}
          </Button>
        ))}
        <InputNumber<number>
          aria-label="Minutes of hands at most"
          min={20}
          max={600}
          step={10}
          value={handsAtMost ?? null}
          placeholder="as many as it takes"
          prefix="hands"
          suffix="min"
          onChange={(value) => setHands(value ?? undefined)}
          style={{ width: 270 }}
        />
        {view.week.slots.some(({ parts, day }) => parts.length > 0 && day >= view.today) && (
          <Checkbox checked={keepSet} onChange={(event) => setKeepSet(event.target.checked)}>
            keep the meals that are set
          </Checkbox>
        )}
        <Button loading={busy} onClick={() => setSeed(seed + 1)}>
          Ask again
        </Button>
        <Link to="/week">Back to the week</Link>
      </div>
      <div className="suggested" aria-busy={busy}>
        {found.weeks.map((week) => (
          <SuggestedCard
            key={week.goodAt}
            view={view}
            ask={found.ask}
            week={week}
            others={found.weeks}
            lock={(recipe, portions) => {
              const { [recipe]: was, ...rest } = locked;
              setLocked(was === undefined ? { ...rest, [recipe]: portions } : rest);
            }}
            isLocked={(recipe) => locked[recipe] !== undefined}
            tried={tried.get(week.goodAt)}
            take={async (what) => {
              if (await change(what, `Took the week with ${week.goodAt}`)) void navigate('/week');
            }}
          />
        ))}
      </div>
    </main>
  );
}
