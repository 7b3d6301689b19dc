import { LockOutlined } from '@ant-design/icons';
import type { JudgedWeek, KitchenView, Wanted, WeekWish, WishSetting } from '@kestrel-ridge/core/view';
import { askOf, judgeWeek, lostShares, weekDays } from '@kestrel-ridge/core/view';
import { MEALS_A_DAY, MEAL_NAMES, type Pulled, type Suggested } from '@kestrel-ridge/core/week';
import { Button, Checkbox } from 'antd';
import { NumberInput } from '../parts/NumberInput.tsx';
import { useCallback, useMemo, useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { usePastQuery } from '../api/api.ts';
import { WithKitchen } from '../app/WithKitchen.tsx';
import { pastWeeksOf } from '../lookback/usePastWeeks.ts';
import { appNow } from '../parts/appNow.ts';
import { Empty } from '../parts/Empty.tsx';
import { Loading } from '../parts/Loading.tsx';
import { SuggestedCard } from './SuggestedCard.tsx';
import { WeekWishes } from './WeekWishes.tsx';
import { WhatCounts } from './WhatCounts.tsx';
import { WithoutDish } from './WithoutDish.tsx';
import './suggest.css';
import { cardsOf, goodAtWords, weeksHead } from './suggestWords.ts';
import { usePlannable } from './usePlannable.ts';
import { useSuggested, type Found } from './useSuggested.ts';
import { useDishWork } from './useDishWork.ts';
import { useWeekChange } from './useWeekChange.ts';

export default function SuggestPage() {
  return <WithKitchen>{(view) => <Warmed view={view} />}</WithKitchen>;
}

/** Each dish is read once for what it takes, a few at a time: the page stays at hand meanwhile. */
function Warmed({ view }: { view: KitchenView }) {
  const left = useDishWork(view);
  const { data: past, isLoading } = usePastQuery(pastWeeksOf(view));
  const lost = useMemo(() => (past ? lostShares(view, past) : NONE_LOST), [view, past]);
  return left > 0 || isLoading ? <Loading what="Reading your dishes" /> : <Suggest view={view} lost={lost} />;
}

const NONE_LOST: ReadonlyMap<string, number> = new Map();

interface Said {
  readonly locked: Readonly<Record<string, number>>;
  readonly wishes: readonly WeekWish[];
  readonly pulled: Pulled;
  readonly keepSet: boolean;
  readonly handsAtMost: number | undefined;
}

/** A few different weeks, each good at something; what is wanted is said or locked, and then they are asked for again. */
function Suggest({ view, lost }: { view: KitchenView; lost: ReadonlyMap<string, number> }) {
  const [asked] = useSearchParams();
  const [said, setSaid] = useState<Said>({
    locked: lockedBy(view, asked.get('with')),
    wishes: [],
    pulled: {},
    keepSet: true,
    handsAtMost: undefined,
  });
  // What is asked after a dish changes no week.
  const [question, setQuestion] = useState<Question>();
  const [seed, setSeed] = useState(1);
  const change = useWeekChange(view);
  const navigate = useNavigate();
  const days = weekDays(view.today);
  const guests = useMemo(() => guestsOf(said.wishes, days), [said.wishes, days]);
  const wanted = useMemo(
    (): Wanted => ({ ...said, without: withoutOf(said.wishes), guests, lost }),
    [said, guests, lost],
  );
  const ask = useMemo(() => askOf(view, wanted, appNow()), [view, wanted]);
  const pulled = useMemo(() => pulledBy(said), [said]);
  // What a week comes to is what the kitchen would show once it is taken; each is tried once.
  const judged = useMemo(() => judgeOnce(view, guests), [view, guests]);
  const breaks = useCallback((of: Found['ask'], week: Suggested) => judged(of, week).breaks.length, [judged]);
  const { found, busy, looking, still, failed, hold } = useSuggested(ask, pulled, seed, breaks);

  const cards = useMemo(() => cardsOf(found?.weeks ?? []), [found]);
  const judgedOf = useMemo(
    () => new Map(cards.map(({ week }) => [week.goodAt, judged(found?.ask ?? ask, week)])),
    [cards, found, judged, ask],
  );
  const afters = useMemo(() => new Map([...judgedOf].map(([week, { tried }]) => [week, tried.after])), [judgedOf]);
  const planned = usePlannable(afters);
  const setting = useMemo((): WishSetting => ({ days, dishes: dishesOf(view, ask) }), [view, ask, days]);

  if (failed !== undefined)
    return (
      <main className="page">
        <Empty title="No week could be suggested">
          <p>{failed} Nothing was changed.</p>
          <Button onClick={() => setSeed(seed + 1)}>Ask again</Button>
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
          <Link to="/recipes/starters">Choose recipes</Link>
        </Empty>
      </main>
    );
  const names = new Map(view.recipes.map(({ id, document }) => [id, document.component.name]));
  const { locked, wishes } = said;
  const lock = (recipe: string, portions: number) => {
    const { [recipe]: was, ...rest } = locked;
    setSaid({ ...said, locked: was === undefined ? { ...rest, [recipe]: portions } : rest });
  };
  const say = (wish: WeekWish) => {
    if (isQuestion(wish)) return setQuestion(wish);
    setSaid({
      ...said,
      wishes: [...wishes.filter(({ words }) => words !== wish.words), wish],
      locked: wish.wish === 'with' ? { ...locked, [wish.recipe]: sizeIn(found, wish.recipe) } : locked,
    });
  };
  const leaveOut = (recipe: string) => {
    setQuestion(undefined);
    say({ wish: 'without', recipes: [recipe], words: `without ${names.get(recipe) ?? ''}` });
  };
  // What cannot be planned is never offered.
  const shown = cards.filter(({ week }) => planned.get(week.goodAt) !== null);
  return (
    <main className="page">
      <div className="page-head">
        <h1>{weeksHead(shown.length)}</h1>
        <p>
          Plates that feed, from what must be used, what is in the freezer, what everybody may eat, your hands and your
          budget. Say what should be otherwise, or lock what you want to keep; nothing changes before you take one.
        </p>
      </div>
      <WeekWishes
        setting={setting}
        wishes={question ? [...wishes, question] : wishes}
        say={say}
        takeBack={(wish) =>
          wish === question
            ? setQuestion(undefined)
            : setSaid({ ...said, wishes: wishes.filter((each) => each !== wish) })
        }
      />
      <div className="suggest-bar">
        {Object.entries(locked).map(([recipe, portions]) => (
          <Button
            key={recipe}
            icon={<LockOutlined />}
            onClick={() => lock(recipe, portions)}
            aria-label={`Unlock ${names.get(recipe) ?? ''}`}
          >
            {names.get(recipe)} {portions}
          </Button>
        ))}
        <NumberInput
          aria-label="Minutes of hands at most"
          min={20}
          max={600}
          step={10}
          value={said.handsAtMost ?? null}
          placeholder="as many as it takes"
          prefix="hands"
          suffix="min"
          onChange={(value) => setSaid({ ...said, handsAtMost: value ?? undefined })}
          style={{ width: 270 }}
        />
        {view.week.slots.some(({ parts, day }) => parts.length > 0 && day >= view.today) && (
          <Checkbox checked={said.keepSet} onChange={(event) => setSaid({ ...said, keepSet: event.target.checked })}>
            keep the meals that are set
          </Checkbox>
        )}
        <Button loading={busy} onClick={() => setSeed(seed + 1)}>
          Ask again
        </Button>
        <span className="soft" role="status">
          {busy ? 'trying weeks' : looking ? 'still getting better' : still ? 'as you saw them' : 'as good as they get'}
        </span>
        <Link to="/week">Back to the week</Link>
      </div>
      <WhatCounts pulled={said.pulled} pull={(next) => setSaid({ ...said, pulled: next })} />
      {question && (
        <WithoutDish
          view={view}
          found={found}
          recipe={question.recipe}
          wanted={wanted}
          pulled={pulled}
          leaveOut={() => leaveOut(question.recipe)}
        />
      )}
      <div className="suggested" aria-busy={busy} onPointerDownCapture={hold} onKeyDownCapture={hold}>
        {shown.map(({ week, goodAt }) => (
          <SuggestedCard
            key={week.goodAt}
            title={goodAtWords(goodAt)}
            view={view}
            ask={found.ask}
            week={week}
            others={found.weeks}
            pulled={pulled}
            lock={lock}
            isLocked={(recipe) => locked[recipe] !== undefined}
            judged={judgedOf.get(week.goodAt)}
            sessions={planned.get(week.goodAt) ?? undefined}
            take={async (what) => {
              if (await change(what, `Took the week with ${week.goodAt}`)) void navigate('/week');
            }}
          />
        ))}
      </div>
    </main>
  );
}

/** Dishes that a menu brings along, with their portions; what is no dish of this kitchen is left out. */
function lockedBy({ recipes }: KitchenView, said: string | null): Readonly<Record<string, number>> {
  return Object.fromEntries(
    (said ?? '').split(',').flatMap((each) => {
      const [recipe = '', portions] = each.split(':');
      const n = Number(portions);
      return recipes.some(({ id }) => id === recipe) && n >= 1 && n <= 200 ? [[recipe, n] as const] : [];
    }),
  );
}

type Question = Extract<WeekWish, { readonly wish: 'why' | 'what if not' }>;
const isQuestion = (wish: WeekWish): wish is Question => wish.wish === 'why' || wish.wish === 'what if not';

const withoutOf = (wishes: readonly WeekWish[]): readonly string[] =>
  wishes.flatMap((wish) => (wish.wish === 'without' ? wish.recipes : []));

/** Guests more, by the number of the meal. */
function guestsOf(wishes: readonly WeekWish[], days: readonly string[]): Readonly<Record<number, number>> {
  const more: Record<number, number> = {};
  for (const wish of wishes) {
    if (wish.wish !== 'guests') continue;
    for (const meal of wish.meals) {
      const m = days.indexOf(wish.day) * MEALS_A_DAY + MEAL_NAMES.indexOf(meal);
      more[m] = (more[m] ?? 0) + wish.more;
    }
  }
  return more;
}

/** What was pulled, and what was said to count more. */
function pulledBy({ pulled, wishes }: Pick<Said, 'pulled' | 'wishes'>): Pulled {
  const all: Partial<Record<keyof Pulled, number>> = { ...pulled };
  for (const wish of wishes) if (wish.wish === 'weigh') all[wish.part] = (all[wish.part] ?? 1) * wish.times;
  return all;
}

const sizeIn = ({ ask, weeks }: Found, recipe: string): number => {
  const c = ask.candidates.findIndex((each) => each.recipe === recipe);
  return Math.max(...weeks.map(({ draft }) => draft.sizes[c] ?? 0), ask.candidates[c]?.cooks?.sizes[0] ?? 0);
};

const dishesOf = (view: KitchenView, ask: Found['ask']): WishSetting['dishes'] =>
  ask.candidates.map(({ recipe, name, form }) => {
    const document = view.recipes.find(({ id }) => id === recipe)?.document;
    return {
      recipe,
      name,
      form,
      foods: (document?.lines ?? []).flatMap(({ food }) => (food ? (view.foods.get(food)?.name ?? []) : [])),
    };
  });

/** Judges each week once, as long as the kitchen is what it is. */
function judgeOnce(view: KitchenView, guests: Readonly<Record<number, number>>) {
  const known = new WeakMap<Suggested['draft'], JudgedWeek>();
  return (ask: Found['ask'], week: Suggested): JudgedWeek => {
    const before = known.get(week.draft);
    if (before) return before;
    const now = judgeWeek(view, ask, week, guests, appNow());
    known.set(week.draft, now);
    return now;
  };
}
