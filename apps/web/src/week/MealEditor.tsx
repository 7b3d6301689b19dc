import type { Day } from '@kestrel-ridge/core/quantity';
import { eatersAt, refusalOf, slotAt, type MealName, type Slot } from '@kestrel-ridge/core/week';
import { Button, Checkbox, Input, Modal, Select, Skeleton } from 'antd';
import { NumberInput } from '../parts/NumberInput.tsx';
import { Suspense, lazy, useState } from 'react';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { Stepper } from '../parts/Stepper.tsx';
import { longDayName } from '../parts/times.ts';
import { demandedOf } from '@kestrel-ridge/core/view';
import { atTableWords } from './tableWords.ts';

/** Comes when a meal is opened. */
const HourPicker = lazy(async () => ({ default: (await import('../parts/WhenPicker.tsx')).HourPicker }));

/** One meal: its parts, its guests, when it is served; and who at the table does not eat what. */
export function MealEditor({
  view,
  day,
  meal,
  keep,
  close,
}: {
  view: KitchenView;
  day: Day;
  meal: MealName;
  keep: (slots: readonly Slot[]) => Promise<void>;
  close: () => void;
}) {
  const was = slotAt(view.week.slots, day, meal);
  const [slot, setSlot] = useState<Slot>(was ?? { day, meal, parts: [], guests: 0 });
  const [busy, setBusy] = useState(false);
  const there = new Set([
    ...view.lots.filter(({ state }) => state.portionG !== null).map(({ food }) => food.id),
    ...view.batches.filter(({ state }) => state.status === 'planned').map(({ recipe }) => recipe.document.component.id),
  ]);
  const recipeOf = (food: string) => view.recipes.find(({ document }) => document.component.id === food);
  const options = view.recipes
    .map(({ document: { component } }) => ({
      value: component.id,
      name: component.name,
      there: there.has(component.id),
    }))
    .sort((a, b) => Number(b.there) - Number(a.there) || a.name.localeCompare(b.name))
    .map(({ value, name, there: has }) => ({ value, label: has ? name : `${name} (not planned)` }));
  const atTable = eatersAt(day, meal, view.week.eaters, view.week.attendance);
  const refusals = slot.parts.flatMap(({ food }) => {
    const recipe = recipeOf(food);
    if (!recipe) return [];
    const eaten = demandedOf(view, recipe, 1);
    return atTable.flatMap((eater) => {
      const why = refusalOf(eater, eaten);
      return why ? [`${eater.name}: ${recipe.document.component.name} ${why}`] : [];
    });
  });
  const { serveAt: _time, note: _note, ...bare } = slot;
  const set = (what: Partial<Slot>) => setSlot({ ...slot, ...what });
  const save = async (slots: readonly Slot[]) => {
    setBusy(true);
    await keep(slots);
    setBusy(false);
  };
  return (
    <Modal
      open
      title={`${longDayName(day)}, ${meal}`}
      onCancel={close}
      footer={[
        <Button key="open" onClick={() => void save([{ day, meal, parts: [], guests: slot.guests }])}>
          Leave it open
        </Button>,
        <Button key="keep" type="primary" loading={busy} onClick={() => void save([slot])}>
          Keep the meal
        </Button>,
      ]}
    >
      <div className="meal-editor">
        <p className="soft">
          {atTableWords(
            atTable.map(({ name }) => name),
            slot.guests,
          )}
        </p>
        <Select
          mode="multiple"
          aria-label="What is eaten"
          placeholder="open: something from the boxes"
          style={{ width: '100%' }}
          optionFilterProp="label"
          value={slot.parts.map(({ food }) => food)}
          onChange={(foods: string[]) =>
            set({ parts: foods.map((food) => slot.parts.find((part) => part.food === food) ?? { food, portions: 1 }) })
          }
          options={options}
        />
        {slot.parts.map(({ food, portions }) => (
          <label key={food} className="meal-part">
            <span>{view.foods.get(food)?.name}</span>
            <NumberInput
              aria-label={`Portions of ${view.foods.get(food)?.name ?? ''} for each`}
              min={0.25}
              max={4}
              step={0.25}
              value={portions}
              suffix="each"
              onChange={(value) =>
                set({ parts: slot.parts.map((part) => (part.food === food ? { food, portions: value ?? 1 } : part)) })
              }
            />
          </label>
        ))}
        {refusals.map((words) => (
          <p key={words} className="cannot">
            {words}
          </p>
        ))}
        <div className="meal-part">
          <span>Guests</span>
          <Stepper label="Guests" value={slot.guests} least={0} most={60} onChange={(guests) => set({ guests })} />
        </div>
        <label className="meal-part">
          <span>Served at</span>
          <Suspense fallback={<Skeleton.Input />}>
            <HourPicker
              label="Served at"
              value={slot.serveAt ?? ''}
              onChange={(serveAt) =>
                setSlot({ ...bare, ...(slot.note ? { note: slot.note } : {}), ...(serveAt ? { serveAt } : {}) })
              }
            />
          </Suspense>
        </label>
        <label className="meal-part">
          <span>For</span>
          <Input
            aria-label="What it is for"
            placeholder="the ranger’s birthday"
            maxLength={200}
            value={slot.note ?? ''}
            onChange={({ target }) =>
              setSlot({
                ...bare,
                ...(slot.serveAt ? { serveAt: slot.serveAt } : {}),
                ...(target.value ? { note: target.value } : {}),
              })
            }
          />
        </label>
        <Checkbox checked={slot.locked ?? false} onChange={({ target }) => set({ locked: target.checked })}>
          A suggestion leaves this meal as it is
        </Checkbox>
      </div>
    </Modal>
  );
}
