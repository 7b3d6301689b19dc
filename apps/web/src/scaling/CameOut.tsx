import type { GrainPot } from '@kestrel-ridge/core/kitchen';
import { doubtOf, ownGrainFigures, type ScaledLine } from '@kestrel-ridge/core/scaling';
import { Button } from 'antd';
import { NumberInput } from '../parts/NumberInput.tsx';
import { useState } from 'react';
import { foodFigure, type FigureKey } from '@kestrel-ridge/core/learn';
import { useBookFigure } from '../app/useBookFigure.ts';
import { useGoBy } from '../app/useGoBy.ts';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { gramsText } from '../parts/gramsText.ts';

/** What a pot of grain weighed in the end: from it the kitchen's own uptake and loss are worked out and kept. */
export function CameOut({
  view,
  grain,
  waterMl,
  loads,
  pot,
  bookLossMl,
}: {
  view: KitchenView;
  grain: ScaledLine;
  waterMl: number;
  loads: number;
  pot: GrainPot;
  bookLossMl: number;
}) {
  const [open, setOpen] = useState(false);
  const [pouredOffMl, setPouredOff] = useState(0);
  const [cookedG, setCooked] = useState<number | null>(null);
  const [busy, setBusy] = useState(false);
  const goBy = useGoBy(view);
  const bookOf = useBookFigure();
  const dryG = (grain.grams?.g.valueOf() ?? 0) / loads;
  const seen = { dryG, waterMl: waterMl / loads, pouredOffMl, cookedG: cookedG ?? 0 };
  const doubt = cookedG === null ? undefined : doubtOf(seen);
  const found = cookedG === null || doubt ? undefined : ownGrainFigures(seen);
  const own = view.kitchen.equipment.own?.grainLossMl?.[pot];

  const keep = async () => {
    if (!found) return;
    setBusy(true);
    const uptake = foodFigure(grain.food.id, 'uptake');
    const loss: FigureKey & { kind: 'pot loss' } = { kind: 'pot loss', of: pot };
    const book = bookOf(grain.food.id, 'uptake') ?? found.uptake.value;
    try {
      const kept = await goBy(
        [
          { key: uptake, own: found.uptake },
          { key: loss, own: found.lossMl },
        ],
        `${grain.food.name} and this pot are known by your own figures`,
        [
          { figure: uptake, real: found.uptake.value, book, what: grain.food.name },
          ...(found.lossMl.value > 0 && bookLossMl > 0
            ? [{ figure: loss, real: found.lossMl.value, book: bookLossMl, what: grain.food.name }]
            : []),
        ],
      );
      if (kept.ok) setOpen(false);
    } finally {
      setBusy(false);
    }
  };

  if (!open)
    return (
      <Button type="link" size="small" className="instead" onClick={() => setOpen(true)}>
        {own
          ? `this kitchen’s own: ${own.value} mL lost a pot; weigh again …`
          : 'too wet, too dry? weigh what came out …'}
      </Button>
    );
  return (
    <form
      className="came-out"
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      <p>
        One pot: {gramsText(dryG)} dry, {Math.round(waterMl / loads)} mL water.
      </p>
      <label>
        <span>poured off</span>
        <NumberInput min={0} value={pouredOffMl} onChange={(n) => setPouredOff(n ?? 0)} suffix="mL" />
      </label>
      <label>
        <span>drained, it weighs</span>
        <NumberInput min={0} value={cookedG} onChange={setCooked} suffix="g" autoFocus />
      </label>
      {doubt && (
        <p className="cannot" role="alert">
          {doubt.text}
        </p>
      )}
      {found && (
        <p>
          So a gram took up <b>{found.uptake.value} g</b>, and <b>{found.lossMl.value} mL</b> left as steam.
        </p>
      )}
      <div className="came-out-foot">
        <Button htmlType="submit" type="primary" disabled={!found} loading={busy}>
          Go by it from now on
        </Button>
        <Button onClick={() => setOpen(false)}>Not now</Button>
      </div>
    </form>
  );
}
