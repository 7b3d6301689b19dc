import { startsSo } from '../parts/startsSo.ts';
import { ALLERGENS, FOOD_GROUPS, isTapWater, type Allergen, type FoodGroup } from '@kestrel-ridge/core/food';
import type { EaterState } from '@kestrel-ridge/core/formats';
import { COMPONENT_KINDS, REFERENCE_DAY, type ComponentKind, type Tastes } from '@kestrel-ridge/core/week';
import { Button, Checkbox, Form, Input, Select } from 'antd';
import { NumberInput } from '../parts/NumberInput.tsx';
import { useCommand } from '../app/useCommand.ts';
import type { KitchenView } from '@kestrel-ridge/core/view';

const DAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'].map((label, value) => ({ value, label }));
const EVERY_DAY = [0, 1, 2, 3, 4, 5, 6];

interface Fields {
  readonly name: string;
  readonly appetite: number;
  readonly weekdays: number[];
  readonly lunch: number[];
  readonly dinner: number[];
  readonly groups: Partial<Record<ComponentKind, number | null>>;
  readonly allergens: Allergen[];
  readonly never: string[];
  readonly neverGroups: FoodGroup[];
  readonly inSpite: string[];
  readonly likes: string[];
  readonly mild: boolean;
  readonly repeats: number | null;
  readonly energyKJ: number | null;
  readonly proteinG: number | null;
}

/** Everything that is said of an eater. */
export function EaterForm({ view, eater, done }: { view: KitchenView; eater: EaterState; done: () => void }) {
  const send = useCommand();
  const { tastes = {} } = eater;
  const foods = [...view.foods.values()]
    .filter(({ id }) => !isTapWater(id))
    .map(({ id, name }) => ({ value: id, label: name }))
    .sort((a, b) => a.label.localeCompare(b.label));
  const components = view.recipes.map(({ document: { component } }) => ({
    value: component.id,
    label: component.name,
  }));
  const keep = async (fields: Fields) => {
    const sent = await send({
      path: `eaters/${eater.id}`,
      method: 'PUT',
      body: {
        name: fields.name.trim(),
        appetite: fields.appetite,
        weekdays: fields.weekdays,
        tastes: tastesOf(fields),
        version: eater.version,
      },
      touches: ['week'],
    });
    if (sent.ok) done();
  };
  return (
    <Form<Fields>
      layout="vertical"
      className="eater-form"
      requiredMark={false}
      initialValues={{
        name: eater.name,
        appetite: eater.appetite,
        weekdays: [...eater.weekdays],
        lunch: [...(tastes.meals?.lunch ?? EVERY_DAY)],
        dinner: [...(tastes.meals?.dinner ?? EVERY_DAY)],
        groups: { ...tastes.groups },
        allergens: [...(tastes.allergens ?? [])],
        never: [...(tastes.never ?? [])],
        neverGroups: [...(tastes.neverGroups ?? [])],
        inSpite: [...(tastes.inSpite ?? [])],
        likes: [...(tastes.likes ?? [])],
        mild: tastes.mild ?? false,
        repeats: tastes.repeats ?? null,
        energyKJ: tastes.wishes?.energyKJ ?? null,
        proteinG: tastes.wishes?.proteinG ?? null,
      }}
      onFinish={(fields) => void keep(fields)}
    >
      <Form.Item label="Name" name="name" rules={[{ required: true, whitespace: true, message: 'A name.' }]}>
        <Input maxLength={60} />
      </Form.Item>
      <Form.Item label="Appetite, times a usual portion" name="appetite">
        <NumberInput min={0.1} max={4} step={0.1} />
      </Form.Item>
      <Form.Item label="Here on" name="weekdays">
        <Checkbox.Group options={DAYS} />
      </Form.Item>
      <Form.Item label="Lunch on" name="lunch">
        <Checkbox.Group options={DAYS} />
      </Form.Item>
      <Form.Item label="Dinner on" name="dinner">
        <Checkbox.Group options={DAYS} />
      </Form.Item>
      <div className="eater-groups">
        {COMPONENT_KINDS.map((kind) => (
          <Form.Item key={kind} label={`× ${kind}`} name={['groups', kind]}>
            <NumberInput min={0} max={4} step={0.25} placeholder="1" />
          </Form.Item>
        ))}
      </div>
      <Form.Item label="Allergens" name="allergens">
        <Select
          mode="multiple"
          allowClear
          placeholder="nothing"
          filterOption={startsSo}
          options={ALLERGENS.map((value) => ({ value, label: value }))}
        />
      </Form.Item>
      <Form.Item label="Never eats" name="never">
        <Select mode="multiple" allowClear placeholder="nothing" optionFilterProp="label" options={foods} />
      </Form.Item>
      <Form.Item label="Never eats any of" name="neverGroups">
        <Checkbox.Group options={FOOD_GROUPS.map((value) => ({ value, label: value }))} />
      </Form.Item>
      <Form.Item label="But eats" name="inSpite">
        <Select mode="multiple" allowClear placeholder="nothing" optionFilterProp="label" options={foods} />
      </Form.Item>
      <Form.Item label="Likes" name="likes">
        <Select mode="multiple" allowClear placeholder="nothing" optionFilterProp="label" options={components} />
      </Form.Item>
      <Form.Item label="The same thing, days in a row at most" name="repeats">
        <NumberInput min={1} max={14} precision={0} placeholder="does not mind" style={{ width: 160 }} />
      </Form.Item>
      <div className="eater-wishes">
        <Form.Item label="Energy a day" name="energyKJ">
          <NumberInput
            min={2000}
            max={20000}
            step={100}
            precision={0}
            style={{ width: 140 }}
            suffix="kJ"
            placeholder={`${Math.round(REFERENCE_DAY.energyKJ.value * eater.appetite)}`}
          />
        </Form.Item>
        <Form.Item label="Protein a day" name="proteinG">
          <NumberInput
            min={10}
            max={300}
            step={5}
            precision={0}
            style={{ width: 120 }}
            suffix="g"
            placeholder={`${Math.round(REFERENCE_DAY.proteinG.value * eater.appetite)}`}
          />
        </Form.Item>
      </div>
      <p className="soft">
        Suggested weeks go by these. Left empty, they go by the reference intake of an average adult, times the appetite
        ({REFERENCE_DAY.energyKJ.source}).
      </p>
      <Form.Item name="mild" valuePropName="checked">
        <Checkbox>mild: their part is taken out before what is hot goes in</Checkbox>
      </Form.Item>
      <Button type="primary" htmlType="submit">
        Keep
      </Button>
    </Form>
  );
}

/** Only what is not as usual is kept. */
function tastesOf({
  lunch,
  dinner,
  groups,
  allergens,
  never,
  neverGroups,
  inSpite,
  likes,
  mild,
  repeats,
  energyKJ,
  proteinG,
}: Fields): Tastes {
  const said = Object.fromEntries(
    Object.entries(groups).filter(([, times]) => typeof times === 'number' && times !== 1),
  ) as Partial<Record<ComponentKind, number>>;
  const meals = { ...(lunch.length < 7 ? { lunch } : {}), ...(dinner.length < 7 ? { dinner } : {}) };
  return {
    ...(Object.keys(said).length > 0 ? { groups: said } : {}),
    ...(Object.keys(meals).length > 0 ? { meals } : {}),
    ...(allergens.length > 0 ? { allergens } : {}),
    ...(never.length > 0 ? { never } : {}),
    ...(neverGroups.length > 0 ? { neverGroups } : {}),
    ...(inSpite.length > 0 ? { inSpite } : {}),
    ...(likes.length > 0 ? { likes } : {}),
    ...(mild ? { mild } : {}),
    ...(repeats === null ? {} : { repeats }),
    ...(energyKJ === null && proteinG === null
      ? {}
      : { wishes: { ...(energyKJ === null ? {} : { energyKJ }), ...(proteinG === null ? {} : { proteinG }) } }),
  };
}
