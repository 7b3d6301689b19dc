import type { Food } from '@kestrel-ridge/core/food';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { Select } from 'antd';
import { NumberInput } from '../parts/NumberInput.tsx';

export interface ChosenAmount {
  readonly food: string | undefined;
  readonly amount: number | null;
}

export const NO_AMOUNT: ChosenAmount = { food: undefined, amount: null };

/** A food, and how much of it in its own unit. */
export function FoodAmount({
  view,
  value,
  change,
  food,
  amount,
  only = () => true,
}: {
  view: KitchenView;
  value: ChosenAmount;
  change: (next: ChosenAmount) => void;
  food: { readonly label: string; readonly hint: string };
  amount: { readonly label: string; readonly hint: string };
  /** Which foods can be chosen; left out: all. */
  only?: (food: Food) => boolean;
}) {
  const chosen = value.food === undefined ? undefined : view.foods.get(value.food);
  return (
    <>
      <Select
        aria-label={food.label}
        placeholder={food.hint}
        showSearch={{ optionFilterProp: 'label' }}
        {...(value.food === undefined ? {} : { value: value.food })}
        options={[...view.foods.values()]
          .filter(only)
          .map(({ id, name }) => ({ value: id, label: name }))
          .sort((a, b) => a.label.localeCompare(b.label))}
        onChange={(id: string) => change({ ...value, food: id })}
        style={{ minWidth: 230 }}
      />
      <NumberInput
        aria-label={amount.label}
        min={0}
        controls={false}
        placeholder={amount.hint}
        suffix={chosen?.facts.base ?? ''}
        value={value.amount}
        onChange={(next) => change({ ...value, amount: next })}
      />
    </>
  );
}
