import { allergenWords, uniteStatements } from '@kestrel-ridge/core/food';
import { MINUTE_MS, portionsText } from '@kestrel-ridge/core/quantity';
import type { ComponentStrip, KitchenView, ReadyComponent } from '@kestrel-ridge/core/view';
import { MEAL_NAMES, servedAt, type MealName } from '@kestrel-ridge/core/week';
import { Button, Segmented } from 'antd';
import { Link } from 'react-router';
import { Cautions } from '../app/Cautions.tsx';
import { WithKitchen } from '../app/WithKitchen.tsx';
import { Empty } from '../parts/Empty.tsx';
import { Stepper } from '../parts/Stepper.tsx';
import { untilWords } from '../parts/untilWords.ts';
import { useMinute } from '../session/useMinute.ts';
import { SupplyStrip } from '../week/SupplyStrip.tsx';
import './eat.css';
import { NotInTime } from './NotInTime.tsx';
import { ReheatList } from './ReheatList.tsx';
import { WhatFollows } from './WhatFollows.tsx';
import { WhoAte } from './WhoAte.tsx';
import { lotAllergens } from './lotWords.ts';
import { notedWords, tableWords } from './mealWords.ts';
import { usePlates } from './usePlates.ts';
import { coldWords } from './stockWords.ts';

export default function EatPage() {
  return <WithKitchen>{(view) => <Eat view={view} />}</WithKitchen>;
}

function Eat({ view }: { view: KitchenView }) {
  const plates = usePlates(view);
  const { ready, strips, meal, setMeal, present, setAt, said, setSaid, here, slot, plate, setPlate } = plates;
  const { chosen, steps, eaten, portions, planned, busy, eat, day, daysBack, setDaysBack, noted } = plates;
  const now = useMinute();
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
          {tableWords(
            here.map((eater) => eater.name),
            daysBack === 1,
          )}{' '}
          Choose portions for the plates, then say that they are eaten.
        </p>
      </div>
      <div className="split">
        <div>
          {ready.map((each) => (
            <Ready
              key={each.food.id}
              component={each}
              strip={strips.get(each.food.id)}
              plates={plate[each.food.id] ?? 0}
              change={(n) => setPlate({ ...plate, [each.food.id]: n })}
            />
          ))}
        </div>
        <aside className="aside">
          <h2>On the plates</h2>
          <Segmented<0 | 1>
            aria-label="Of which day"
            block
            value={daysBack}
            onChange={setDaysBack}
            options={[
              { value: 1, label: 'yesterday' },
              { value: 0, label: 'today' },
            ]}
            style={{ marginBottom: 10 }}
          />
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
          {noted > 0 && <p className="soft">{notedWords(noted, meal, day)}</p>}
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
            {portions === 0 ? 'Eaten' : `${portionsText(portions)} eaten`}
          </Button>
          <WhatFollows view={view} steps={steps} eaten={eaten} />
          {daysBack === 0 && (
            <ReheatList
              view={view}
              chosen={chosen}
              plates={plate}
              servedAt={Math.max(
                now + 15 * MINUTE_MS,
                servedAt(view.week.slots, view.today, meal, view.kitchen.equipment.zone),
              )}
            />
          )}
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

/** What is there of one dish, how far it reaches, and how many plates of it. */
const Ready = ({
  component,
  strip,
  plates,
  change,
}: {
  component: ReadyComponent;
  strip: ComponentStrip | undefined;
  plates: number;
  change: (plates: number) => void;
}) => (
  <section className="ready" aria-label={component.name}>
    <div>
      <h2>{component.name}</h2>
      <p>
        <b className="number" data-testid={`ready-${component.name}`}>
          {component.portions}
        </b>{' '}
        {coldWords(component.portions, component.frozen)}
      </p>
      <p className="soft">{component.beforeEating}</p>
    </div>
    <div className="ready-strip">{strip && <SupplyStrip item={strip} nowShare={0} />}</div>
    <Stepper
      label={`Portions of ${component.name} to eat`}
      value={plates}
      least={0}
      most={component.portions}
      onChange={change}
    />
  </section>
);
