import { addDays } from '@kestrel-ridge/core/quantity';
import { lastTimes, type KitchenView } from '@kestrel-ridge/core/view';
import { Button } from 'antd';
import { useMemo } from 'react';
import { usePastQuery } from '../api/api.ts';
import { lastTimesWords } from './lookBackWords.ts';

/** So far back a dish is told of, days. */
const BEHIND = 55;

/** What became of a dish the last times, where its size is decided; fewer are offered where some were thrown away. */
export function LastTimesOf({
  view,
  recipe,
  portions,
  make,
}: {
  view: KitchenView;
  recipe: string;
  portions: number;
  make: (portions: number) => void;
}) {
  const { data } = usePastQuery({
    kitchen: view.kitchen.id,
    from: addDays(view.today, -BEHIND),
    until: view.today,
  });
  const told = useMemo(() => (data ? lastTimes(view, data, recipe) : undefined), [view, data, recipe]);
  if (!told) return null;
  const fewer = portions - told.fewer;
  return (
    <p className="last-times">
      {lastTimesWords(told)}
      {told.fewer > 0 && fewer >= 1 && (
        <Button size="small" onClick={() => make(fewer)}>
          Make {fewer} this time
        </Button>
      )}
    </p>
  );
}
