import { ofBase, show } from '@kestrel-ridge/core/quantity';
import type { MealName } from '@kestrel-ridge/core/week';
import type { Day } from '@kestrel-ridge/core/quantity';
import { whatFollows, type KitchenView, type LotStep } from '@kestrel-ridge/core/view';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { missedWords } from './missedWords.ts';
import { useMinute } from '../session/useMinute.ts';

/** Said before it is done, and the same on every screen: which dishes and meals count on what is about to be taken, moved or frozen, and the ways out. */
export function WhatFollows({
  view,
  steps,
  eaten,
}: {
  view: KitchenView;
  steps: readonly LotStep[];
  eaten?: { readonly day: Day; readonly meal: MealName };
}) {
  const now = useMinute();
  const { dishes, meals } = useMemo(() => whatFollows(view, steps, now, eaten), [view, steps, now, eaten]);
  if (dishes.length + meals.length === 0) return null;
  return (
    <div className="breaks" role="alert">
      {dishes.map(({ batch, missing, food }) => (
        <p key={`${batch.state.id} ${food}`}>
          <strong>{batch.recipe.document.component.name}</strong> counts on it:{' '}
          {show(ofBase(view.foods.get(food)?.facts.base ?? 'g', missing))} would be missing.{' '}
          <Link to={`/scale/${batch.state.id}`}>Make less, or use something instead</Link>, or{' '}
          <Link to="/shop">buy it</Link>.
        </p>
      ))}
      {meals.map((missed) => (
        <p key={missed.food}>
          {missedWords(missed)}. <Link to="/week/mend">Ways to mend it</Link>
        </p>
      ))}
    </div>
  );
}
