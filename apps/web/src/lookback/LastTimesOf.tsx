import { lastTimes, type KitchenView } from '@kestrel-ridge/core/view';
import { Button } from 'antd';
import { useMemo } from 'react';
import { lastTimesWords } from './lookBackWords.ts';
import { usePastWeeks } from './usePastWeeks.ts';

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
  const data = usePastWeeks(view);
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
