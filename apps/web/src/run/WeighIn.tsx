import type { RunFact } from '@kestrel-ridge/core/run';
import { Button } from 'antd';
import { useEffect, useState } from 'react';
import { simulatedScale } from '../devices/scale.ts';

/** Near enough: what a cook pours by a scale. */
const NEAR = 0.02;

/** Weighs straight into a step: the scale's grams against what is wanted; near enough ticks the line. */
export function WeighIn({
  task,
  line,
  food,
  grams,
  tap,
}: {
  task: string;
  line: string;
  food: string;
  grams: number;
  tap: (...what: readonly RunFact[]) => void;
}) {
  const [shown, setShown] = useState<number>();
  const [on, setOn] = useState(false);
  useEffect(() => {
    if (!on) return undefined;
    let steady = 0;
    return simulatedScale(grams).listen((now) => {
      setShown(now);
      steady = Math.abs(now - grams) <= Math.max(1, grams * NEAR) ? steady + 1 : 0;
      if (steady < 4) return;
      setOn(false);
      tap({ kind: 'measured', task, what: 'g', value: now }, { kind: 'ticked', task, line });
    });
  }, [on, grams, tap, task, line]);
  return on ? (
    <span className="number weighing" role="status">
      {shown ?? 0} of {Math.round(grams)} g
    </span>
  ) : (
    <Button type="text" size="small" aria-label={`Weigh ${food}`} onClick={() => setOn(true)}>
      scale
    </Button>
  );
}
