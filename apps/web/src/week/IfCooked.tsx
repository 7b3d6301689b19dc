import { fixed, listed, portionsText, shortest } from '@kestrel-ridge/core/quantity';
import { moneyText } from '@kestrel-ridge/core/cost';
import { energyCost, energyOf } from '@kestrel-ridge/core/session';
import type { Because, Day } from '@kestrel-ridge/core/quantity';
import { Suspense, lazy, type ReactNode } from 'react';
import { finishOf, type KitchenView, spoiltOf } from '@kestrel-ridge/core/view';
import { clockAt, dayName, duration } from '../parts/times.ts';
import { Why } from '../parts/Why.tsx';
import { missingOf } from '@kestrel-ridge/core/view';
import { Ridge } from '../session/Ridge.tsx';
import { usePlan } from '../session/usePlan.ts';
import { costAhead, usedTogether } from '@kestrel-ridge/core/view';
import { handsElsewhere } from './handsElsewhere.ts';
import type { ComponentStrip } from '@kestrel-ridge/core/view';
import { usesUp } from '@kestrel-ridge/core/view';
import { aPortionWords, startsWords } from './weekWords.ts';

/** Only while something is being cooked. */
const UnderWay = lazy(() => import('../run/UnderWay.tsx'));

/** What the week comes to if it is cooked like this: hands, finish, cost, waste. */
export function IfCooked({
  view,
  tried,
  strips,
  moved,
  children,
}: {
  view: KitchenView;
  tried: KitchenView;
  strips: readonly ComponentStrip[];
  /** Days that are tried for a dish, other than its session's. */
  moved: Readonly<Record<string, Day>>;
  children: ReactNode;
}) {
  const planning = usePlan(tried);
  if (openIn(tried).length === 0)
    return (
      <aside className="aside">
        <h2>This plan</h2>
        <p className="soft">Choose a dish to see its time, cost and how long it lasts.</p>
        {children}
      </aside>
    );
  const { currency, zone } = view.kitchen.equipment;
  const open = openIn(tried);
  const costs = costAhead(
    tried,
    open.map(({ scaled }) => scaled),
  );
  const used = usedTogether(costs);
  const idle = planning.state === 'nothing to cook';
  const result = planning.state === 'planned' ? planning.result : undefined;
  const energy =
    result &&
    energyCost(energyOf(Object.values(result.tasks.about), view.kitchen.equipment), view.kitchen.equipment.kwhMinor);
  const hands = result?.busy.reduce((sum, n) => sum + n, 0);
  const start = view.session ? Date.parse(view.session.startsAt) : 0;
  const end = result && view.session && finishOf(view.session, result);
  const firsts = usesUp(view, tried);
  const missing = missingOf(tried);

  return (
    <aside className="aside">
      <h2>{planning.state === 'under way' ? 'What is being cooked' : 'This plan'}</h2>
      {planning.state === 'under way' && view.session ? (
        <Suspense fallback={null}>
          <UnderWay session={view.session.id} zone={zone} />
        </Suspense>
      ) : (
        <Row
          name="Hands-on time"
          value={idle ? 'none' : hands === undefined ? '…' : duration(hands)}
          note={
            idle
              ? `nothing is left for ${view.session?.name ?? 'that day'}`
              : result
                ? `in ${duration(result.plan.makespan)}`
                : 'being planned'
          }
        />
      )}
      {handsElsewhere(view, tried, moved).map(({ day, dishes, because }) => (
        <Row
          key={day}
          name={`Hands ${dayName(day)}`}
          because={because}
          value={because.figure}
          note={`with ${listed(dishes)}`}
        />
      ))}
      {planning.state !== 'under way' && (
        <Row
          name="Done by"
          value={idle ? '–' : end ? clockAt(end.at, zone) : '…'}
          note={startsWords(clockAt(start, zone), !end || end.settled)}
        />
      )}
      <Ingredients open={open} costs={costs} currency={currency} />
      {energy && (
        <Row
          name="Energy"
          because={energy.because}
          value={`${fixed(energy.value.kWh, 1)} kWh`}
          note={energy.value.minor === undefined ? '' : `${moneyText(energy.value.minor, currency)} at your tariff`}
        />
      )}
      {view.kitchen.equipment.weekBudgetMinor !== undefined && (
        <Row
          name="Budget"
          value={moneyText(view.kitchen.equipment.weekBudgetMinor - used, currency)}
          note={`left of ${moneyText(view.kitchen.equipment.weekBudgetMinor, currency)}`}
        />
      )}
      <Row
        name="Missing"
        value={missing.length === 0 ? 'nothing' : `${missing.length}`}
        note={missing.map((m) => `${m.missingText} ${m.food.name}`).join(', ')}
      />
      {firsts.used.length + firsts.left.length > 0 && (
        <Row
          name="Uses up"
          because={firsts.because}
          value={firsts.because.figure}
          note={firsts.left.length === 0 ? 'all that should go first' : `leaves ${listed(firsts.left.slice(0, 3))}`}
        />
      )}
      <PastItsDate strips={strips} />
      {result && (
        <div style={{ marginTop: 14 }}>
          <span className="soft">{view.session?.name}’s hands</span>
          <Ridge
            busy={result.busy}
            box={{ widthPx: 240, heightPx: 56 }}
            label="How busy the hands are over the session"
          />
        </div>
      )}
      {children}
    </aside>
  );
}

const Row = ({ name, value, note, because }: { name: string; value: string; note: string; because?: Because }) => (
  <div className="figure-row">
    <span>{name}</span>
    <span className="number">
      {because ? <Why because={because}>{value}</Why> : value}
      {note && <small>{note}</small>}
    </span>
  </div>
);

const openIn = ({ batches }: KitchenView) => batches.filter((batch) => batch.state.status === 'planned');
/** What the dishes cost together, and apart from it what is scattered over them if you like. */
function Ingredients({
  open,
  costs,
  currency,
}: {
  open: KitchenView['batches'];
  costs: ReturnType<typeof costAhead>;
  currency: string;
}) {
  const nameOf = (n: number) => open[n]?.recipe.document.component.name ?? '';
  const used = usedTogether(costs);
  const twice = costs.reduce((sum, { ofDishesMinor }) => sum + ofDishesMinor, 0);
  const portions = open.reduce((sum, { scaled }) => sum + scaled.portions.valueOf(), 0);
  const unpriced = [...new Set(costs.flatMap(({ unknown }) => unknown))];
  const garnish = costs.flatMap(({ optional }, n) => (optional ? [{ ...optional, name: nameOf(n) }] : []));
  const scattered = garnish.reduce((sum, { minor }) => sum + minor, 0);
  return (
    <>
      <Row
        name="Ingredients"
        because={{
          rule: 'ingredients of all dishes',
          figure: moneyText(used, currency),
          parts: [
            ...costs.map((cost, n) => ({ ...cost.because, rule: nameOf(n) })),
            ...(twice > 0
              ? [{ rule: 'of that, in two dishes at once', figure: `−${moneyText(twice, currency)}` }]
              : []),
          ],
        }}
        value={moneyText(used, currency)}
        note={aPortionWords(moneyText(Math.round(used / Math.max(1, portions)), currency), unpriced)}
      />
      {scattered > 0 && (
        <Row
          name="Garnish"
          because={{
            rule: 'what is scattered over it if you like, in no sum above',
            figure: moneyText(scattered, currency),
            parts: garnish.map(({ because, name }) => ({ ...because, rule: name })),
          }}
          value={moneyText(scattered, currency)}
          note="optional, apart"
        />
      )}
    </>
  );
}

function PastItsDate({ strips }: { strips: readonly ComponentStrip[] }) {
  const spoilt = strips.flatMap((item) => {
    const portions = spoiltOf(item)?.portions;
    return portions === undefined ? [] : [{ name: item.name, portions }];
  });
  if (spoilt.length === 0) return <Row name="Past its date" value="nothing" note="" />;
  const figure = shortest(
    spoilt.reduce((sum, { portions }) => sum + portions, 0),
    1,
  );
  return (
    <Row
      name="Past its date"
      value={figure}
      note="portions"
      because={{
        rule: 'portions that nobody is there to eat before their last day',
        figure,
        parts: spoilt.map(({ name, portions }) => ({ rule: name, figure: portionsText(portions) })),
      }}
    />
  );
}
