import { perPortion } from '@kestrel-ridge/core/scaling';
import { Fraction } from '@kestrel-ridge/core/quantity';
import { cookedAs } from '@kestrel-ridge/core/recipe';
import { scaleBatch } from '@kestrel-ridge/core/scaling';
import { eatersOn } from '@kestrel-ridge/core/week';
import { useMemo } from 'react';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { dayName } from '../parts/times.ts';
import { Why } from '../parts/Why.tsx';
import type { ComponentStrip } from '@kestrel-ridge/core/view';
import { dayFigures } from './weekNotes.ts';

/** Protein and fibre by day for an eater, and where something is short: under the strips, in the same columns. */
export function DayFigures({ view, strips }: { view: KitchenView; strips: readonly ComponentStrip[] }) {
  const each = useMemo(() => {
    const wanted = new Set(strips.map(({ food }) => food.id));
    return new Map(
      view.recipes
        .filter(({ document }) => wanted.has(document.component.id))
        .map(({ document }) => {
          const cooked = cookedAs(document, {}, view.foods);
          const scaled = scaleBatch(cooked, new Fraction(cooked.portions), view.foods, view.kitchen.equipment);
          const { nutrients } = perPortion(scaled);
          const of = (key: 'protein' | 'fibre') => nutrients.find((nutrient) => nutrient.key === key)?.perPortion;
          return [document.component.id, { proteinG: of('protein'), fibreG: of('fibre') }] as const;
        }),
    );
  }, [view, strips]);
  const figures = dayFigures(view, strips, each, (day) =>
    eatersOn(day, view.week.eaters, view.week.attendance).reduce((sum, { appetite }) => sum + appetite, 0),
  );
  if (figures.length === 0) return null;
  return (
    <>
      <div className="day-figures-name soft">
        a usual eater gets
        <br />
        <small>protein, fibre, of what is eaten</small>
      </div>
      <div className="day-figures">
        {figures.map(({ day, proteinG, fibreG, because, short }) => (
          <div key={day}>
            <Why because={because} title={dayName(day)}>
              <b className="number">{proteinG === undefined ? '?' : `${Math.round(proteinG)} g`}</b>
            </Why>
            <small>{fibreG === undefined ? '' : `${Math.round(fibreG)} g fibre`}</small>
            {short.length > 0 && <small className="cannot">{short.length} short</small>}
          </div>
        ))}
      </div>
    </>
  );
}
