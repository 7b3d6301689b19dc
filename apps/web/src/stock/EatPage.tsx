import { MINUTE_MS } from '@kestrel-ridge/core/quantity';
import { appNow } from '../parts/appNow.ts';
import { allergenWords, uniteStatements } from '@kestrel-ridge/core/food';
import { MEAL_NAMES, eatersAt, mealAhead, servedAt, slotAt, type MealName } from '@kestrel-ridge/core/week';
import { Button, Segmented } from 'antd';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { useAppDispatch, useAppSelector } from '../app/store.ts';
import { useCommand } from '../app/useCommand.ts';
import { WithKitchen } from '../app/WithKitchen.tsx';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { Cautions } from '../app/Cautions.tsx';
import { Empty } from '../parts/Empty.tsx';
import { Stepper } from '../parts/Stepper.tsx';
import { SupplyStrip } from '../week/SupplyStrip.tsx';
import { stripsOf } from '@kestrel-ridge/core/view';
import { untilWords } from '../parts/untilWords.ts';
import './eat.css';

import { useMinute } from '../session/useMinute.ts';
import { NotInTime } from './NotInTime.tsx';
import { ReheatList } from './ReheatList.tsx';
import { WhatFollows } from './WhatFollows.tsx';
import { WhoAte } from './WhoAte.tsx';
import { asReckoned, entriesFor, stepsOf } from './plate.ts';
import { platesEaten, platesSet } from './platesSlice.ts';
import { lotAllergens } from './lotWords.ts';
import { readyComponents, takesFor, thoseWhoEat, type ReadyComponent } from '@kestrel-ridge/core/view';

export default function EatPage() {
  return <WithKitchen>{(view) => <Eat view={view} />}</WithKitchen>;
}

function Eat({ view }: { view: KitchenView }) {
  const atHand = useAppSelector((state) => state.plates);
  const dispatch = useAppDispatch();
  const plate = useMemo(() => (atHand.day === view.today ? atHand.portions : {}), [atHand, view.today]);
  const setPlate = (portions: Readonly<Record<string, number>>) => dispatch(platesSet({ day: view.today, portions }));
  const [busy, setBusy] = useState(false);
  const now = useMinute();
  const send = useCommand();
  const ready = useMemo(() => readyComponents(view), [view]);
  const strips = useMemo(() => new Map(stripsOf(view, {}, appNow()).map((strip) => [strip.food.id, strip])), [view]);
  const zone = view.kitchen.equipment.zone;
  const [meal, setMeal] = useState<MealName>(() => mealAhead(view.week.slots, view.today, zone, appNow()));
  const here = useMemo(
    () => eatersAt(view.today, meal, view.week.eaters, view.week.attendance),
    [view.today, view.week, meal],
  );
  const [at, setAt] = useState<readonly string[]>();
  const [said, setSaid] = useState<Readonly<Record<string, number>>>({});
  const present = useMemo(
    () => view.week.eaters.filter(({ id }) => (at ?? here.map((each) => each.id)).includes(id)),
    [view.week.eaters, at, here],
  );
  const slot = slotAt(view.week.slots, view.today, meal);
  const kindOf = (food: string) =>
    view.recipes.find(({ document }) => document.component.id === food)?.document.component.kind ?? 'dish';
  // Who never eats something gets none of it, unless it is said by hand.
  const who = (food: string) =>
    present.filter((eater) => said[`${eater.id} ${food}`] !== undefined || thoseWhoEat(view, food, [eater]).length > 0);
  const planned = useMemo(
    () => asReckoned(view, ready, { day: view.today, meal }, at === undefined ? undefined : present),
    [view, ready, meal, at, present],
  );
  const chosen = ready.filter((each) => (plate[each.food.id] ?? 0) > 0);
  const steps = useMemo(() => stepsOf(view, ready, plate), [view, ready, plate]);
  const eaten = useMemo(() => ({ day: view.today, meal }), [view.today, meal]);
  const portions = chosen.reduce((sum, each) => sum + (plate[each.food.id] ?? 0), 0);

  const eat = async () => {
    setBusy(true);
    const takes = chosen.flatMap((each) => takesFor(each, plate[each.food.id] ?? 0));
    const sent = await send({
      path: 'meals',
      body: {
        takes,
        eaten: entriesFor(plate, said, { day: view.today, meal, guests: slot?.guests ?? 0 }, who, kindOf),
      },
      touches: ['shelf', 'week'],
      undo: `Eaten: ${chosen.map((each) => `${plate[each.food.id]} ${each.name}`).join(', ')}`,
    });
    setBusy(false);
    if (!sent.ok) return;
    dispatch(platesEaten());
    setSaid({});
  };

  if (ready.length === 0)
    return (
      <main className="page">
        <div className="page-head">
          <h1>No box is filled</h1>
        </div>
        <Empty title="Nothing to eat from boxes yet">
          <p>When a dish is put away, its portions stand here, what keeps least first.</p>
          <Link to="/cook">To the plan</Link>
        </Empty>
      </main>
    );
  const first = ready.find((each) => each.portions > 0);
  return (
    <main className="page">
      <div className="page-head">
        <h1>
          {first
            ? `${first.name} first, it keeps ${untilWords(first.until, view.today)}`
            : 'All that is there is frozen'}
        </h1>
        <p>
          {here.length === 0
            ? 'Nobody is here today.'
            : `${here.length} eat today: ${here.map((eater) => eater.name).join(', ')}.`}{' '}
          Choose portions for the plates, then say that they are eaten.
        </p>
      </div>
      <div className="split">
        <div>
          {ready.map((each) => {
            const strip = strips.get(each.food.id);
            return (
              <section key={each.food.id} className="ready" aria-label={each.name}>
                <div>
                  <h2>{each.name}</h2>
                  <p>
                    <b className="number" data-testid={`ready-${each.name}`}>
                      {each.portions}
                    </b>{' '}
                    {each.portions === 1 ? 'portion' : 'portions'} cold
                    {each.frozen > 0 && `, ${each.frozen} frozen`}
                  </p>
                  <p className="soft">{each.beforeEating}</p>
                </div>
                <div className="ready-strip">{strip && <SupplyStrip item={strip} nowShare={0} />}</div>
                <Stepper
                  label={`Portions of ${each.name} to eat`}
                  value={plate[each.food.id] ?? 0}
                  least={0}
                  most={each.portions}
                  onChange={(n) => setPlate({ ...plate, [each.food.id]: n })}
                />
              </section>
            );
          })}
        </div>
        <aside className="aside">
          <h2>On the plates</h2>
          <Segmented<MealName>
            aria-label="Which meal"
            block
            value={meal}
            onChange={setMeal}
            options={[...MEAL_NAMES]}
            style={{ marginBottom: 10 }}
          />
          <WhoAte
            eaters={view.week.eaters}
            at={present.map(({ id }) => id)}
            setAt={setAt}
            chosen={chosen}
            said={said}
            say={setSaid}
          />
          {chosen.length === 0 ? (
            <p className="soft">Nothing yet.</p>
          ) : (
            chosen.map((each) => (
              <div key={each.food.id} className="figure-row">
                <span>{each.name}</span>
                <span className="number">{plate[each.food.id]}</span>
              </div>
            ))
          )}
          {Object.keys(planned).length > 0 && (
            <Button className="one-action" onClick={() => setPlate(planned)}>
              {slot && slot.parts.length > 0 ? 'The plates as planned' : `The usual plates for ${present.length}`}
            </Button>
          )}
          <Button
            type="primary"
            size="large"
            className="one-action"
            disabled={portions === 0}
            loading={busy}
            onClick={() => void eat()}
          >
            {portions === 0 ? 'Eaten' : `${portions} ${portions === 1 ? 'portion' : 'portions'} eaten`}
          </Button>
          <WhatFollows view={view} steps={steps} eaten={eaten} />
          <ReheatList
            view={view}
            chosen={chosen}
            plates={plate}
            servedAt={Math.max(now + 15 * MINUTE_MS, servedAt(view.week.slots, view.today, meal, zone))}
          />
          <p className="soft" style={{ marginTop: 12 }}>
            {allergensOf(chosen)}
          </p>
        </aside>
      </div>
      <NotInTime view={view} strips={[...strips.values()]} />
      <div style={{ marginTop: 20 }}>
        <Cautions
          ids={[
            'reheat',
            'two hours',
            ...(ready.some((each) => each.frozen > 0) ? (['thaw', 'thawed at once'] as const) : []),
            'vulnerable',
          ]}
        />
      </div>
    </main>
  );
}

function allergensOf(chosen: readonly ReadyComponent[]): string {
  return chosen.length === 0
    ? ''
    : allergenWords(uniteStatements(chosen.flatMap((each) => each.cold.map(lotAllergens))));
}
