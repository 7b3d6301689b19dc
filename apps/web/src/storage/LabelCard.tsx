import { keepsUntil, labelLines, type BoxPlace } from '@kestrel-ridge/core/storage';
import type { KitchenView, ScaledBatchView } from '@kestrel-ridge/core/view';
import { Why } from '../parts/Why.tsx';
import { PrintLabels } from './PrintLabels.tsx';
import type { DraftBox } from './boxDrafts.ts';

/** What to write on the boxes: shown as it will be, one for each place; printed, one for each box. */
export function LabelCard({
  view,
  batch,
  boxes,
}: {
  view: KitchenView;
  batch: ScaledBatchView;
  boxes: readonly DraftBox[];
}) {
  const { scaled, state } = batch;
  const { component } = scaled.recipe;
  const food = view.foods.get(component.id);
  const untilIn = (place: BoxPlace) =>
    food && keepsUntil(food, place, { madeOn: view.today, ...(place === 'freezer' ? { frozenOn: view.today } : {}) });
  const factsOf = (place: BoxPlace, portions: number) => ({
    name: component.name,
    madeOn: view.today,
    keepsUntil: untilIn(place)?.value,
    place,
    portions,
    allergens: scaled.allergens,
    beforeEating: component.beforeEating,
  });
  return (
    <>
      {(['fridge', 'freezer'] as const)
        .filter((place) => boxes.some((box) => box.kind === place))
        .map((place) => {
          const until = untilIn(place);
          const lines = labelLines(factsOf(place, boxes.find((box) => box.kind === place)?.portions ?? 1));
          return (
            <div key={place} className="label">
              {lines.map((text, n) => (
                <div key={text}>{n === 2 && until ? <Why because={until.because}>{text}</Why> : text}</div>
              ))}
            </div>
          );
        })}
      <PrintLabels
        view={view}
        name={component.name}
        labels={boxes.map((box) => ({
          ...factsOf(box.kind, box.portions),
          name: `${component.name}, revision ${state.revision}`,
          url: `${location.origin}/box/${box.id}`,
        }))}
      />
    </>
  );
}
