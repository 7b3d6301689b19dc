import { Fraction, inBase, ofBase, show, MINUTE_MS, type Moment } from '@kestrel-ridge/core/quantity';
import { inOneGo, type Wishes } from '@kestrel-ridge/core/session';
import { Button } from 'antd';
import { useMemo } from 'react';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { appNow } from '../parts/appNow.ts';
import { giveCalendar } from '../parts/calendarFile.ts';
import { clockAt } from '../parts/times.ts';
import type { PlanResult } from './planSlice.ts';
import { leadsOf, openOf } from '@kestrel-ridge/core/view';
import { eveningEvent, leadItem } from '../week/eveningItems.ts';
import { partsForWords } from './sessionWords.ts';

const STATION_WORDS: Readonly<Record<string, string>> = {
  kettle: 'kettle',
  strainer: 'strainer',
  cooker: 'sealed cooker and its insert',
  oven: 'trays',
  jug: 'blender and jug',
  'rice cooker': 'rice cooker',
  microwave: 'microwave dish',
  'air fryer': 'air fryer basket',
};

/** What to get out first: vessels and foods, each once; and the day as a calendar and on paper. */
export function BeforeYouStart({
  view,
  result,
  startMs,
  wishes,
  say,
}: {
  view: KitchenView;
  result: PlanResult;
  startMs: Moment;
  wishes: Wishes;
  say: (next: Wishes) => void;
}) {
  const { tasks, plan } = result;
  const { session, kitchen } = view;
  const vessels = useMemo(() => vesselsOf(tasks), [tasks]);
  const foods = useMemo(() => foodsIn(view), [view]);
  const together = useMemo(() => cutTogether(view), [view]);
  const offers = useMemo(() => inOneGo(tasks), [tasks]);
  const calendar = () =>
    giveCalendar(`cook-${view.today}.ics`, `${session?.name ?? 'Cooking'}, ${kitchen.name}`, [
      ...leadsOf(view, appNow())
        .filter((lead) => lead.session.id === session?.id)
        .map((lead) => eveningEvent(leadItem(view, lead))),
      {
        id: `session ${session?.id ?? ''}`,
        at: startMs,
        minutes: plan.makespan,
        what: `Cook: ${[...new Set(Object.values(tasks.about).flatMap(({ batch, dish }) => (batch ? [dish] : [])))].join(', ')}`,
        detail: [...tasks.problem.tasks]
          .sort((a, b) => (plan.starts[a.id] ?? 0) - (plan.starts[b.id] ?? 0))
          .map(
            ({ id }) =>
              `${clockAt(startMs + (plan.starts[id] ?? 0) * MINUTE_MS, kitchen.equipment.zone)} ${tasks.about[id]?.name ?? ''}`,
          )
          .join('\n'),
        alarm: true,
      },
    ]);
  return (
    <section className="get-out">
      <div className="head-row">
        <h2>Get out first</h2>
        <div className="give-row">
          <Button onClick={() => void calendar()}>Calendar</Button>
          <Button onClick={() => window.print()}>Print</Button>
        </div>
      </div>
      <p>
        <b>Vessels</b> {vessels.join(', ')}, scales, boxes.
      </p>
      {foods.map(({ place, names }) => (
        <p key={place}>
          <b>{place}</b> {names.join(', ')}
        </p>
      ))}
      {offers.map((offer) => (
        <p key={offer.food} className="one-go">
          <Button
            size="small"
            onClick={() => say({ ...wishes, together: [...(wishes.together ?? []), [...offer.tasks]] })}
          >
            Cut in one go, {offer.saves} min less
          </Button>{' '}
          {offer.food} for {offer.dishes.join(' and ')}
        </p>
      ))}
      {together.length > 0 && (
        <p>
          <b>In one go</b>{' '}
          {together.map(({ what, amount, parts }, n) => (
            <span key={what}>
              {n > 0 && '; '}
              {what} {amount}: {parts}
            </span>
          ))}
        </p>
      )}
    </section>
  );
}

/** Stations that are used, pots by their own names. */
function vesselsOf({ problem, about }: PlanResult['tasks']): readonly string[] {
  const used = new Set(problem.uses.map(({ resource }) => resource));
  const pots = new Set(Object.values(about).flatMap(({ unit }) => (unit && used.has(unit) ? [unit] : [])));
  return [
    ...new Set([
      ...[...used].flatMap((each) => (pots.has(each) || each === 'burner' ? [] : (STATION_WORDS[each] ?? []))),
      ...pots,
    ]),
  ];
}

/** What several dishes want is peeled and cut in one go: how much of it, how, and for which. */
function cutTogether(
  view: KitchenView,
): readonly { readonly what: string; readonly amount: string; readonly parts: string }[] {
  const wanted = openOf(view).flatMap(({ recipe, scaled }) =>
    scaled.lines.flatMap(({ food, line, fromShelf }) =>
      fromShelf && line.form
        ? [
            {
              what: food.name,
              form: line.form,
              food,
              amount: inBase(fromShelf.value),
              dish: recipe.document.component.name,
            },
          ]
        : [],
    ),
  );
  return [...new Set(wanted.map(({ what }) => what))].flatMap((what) => {
    const mine = wanted.filter((each) => each.what === what);
    const [first] = mine;
    if (!first || new Set(mine.map(({ dish }) => dish)).size < 2) return [];
    const base = first.food.facts.base;
    const sum = mine.reduce((all, { amount }) => all.add(amount), new Fraction(0));
    return [
      {
        what,
        amount: show(ofBase(base, sum)),
        parts: partsForWords(
          mine.map(({ dish, amount, form }) => ({ amount: show(ofBase(base, amount)), form, dish })),
        ),
      },
    ];
  });
}

/** Foods of the open batches by the place they lie in, as one walks; what lies nowhere comes last. */
function foodsIn(view: KitchenView): readonly { readonly place: string; readonly names: readonly string[] }[] {
  const needed = new Map(
    openOf(view).flatMap(({ scaled }) =>
      scaled.lines.filter(({ fromShelf }) => fromShelf).map(({ food }) => [food.id, food.name]),
    ),
  );
  const placed = view.kitchen.places.map((place) => ({
    place: place.name,
    names: [...needed].flatMap(([id, name]) =>
      view.lots.find((lot) => lot.food.id === id)?.place.id === place.id ? [name] : [],
    ),
  }));
  const nowhere = [...needed].flatMap(([id, name]) => (view.lots.some((lot) => lot.food.id === id) ? [] : [name]));
  return [...placed, { place: 'not on the shelf', names: nowhere }].filter(({ names }) => names.length > 0);
}
