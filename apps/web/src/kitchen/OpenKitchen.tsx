import { START_SETS } from '@kestrel-ridge/core/kitchen';
import type { PlaceKind } from '@kestrel-ridge/core/food';
import { Button, Form, Input, Radio } from 'antd';
import { NumberInput } from '../parts/NumberInput.tsx';
import { useState, type ReactNode } from 'react';
import { useCommandMutation } from '../api/api.ts';
import { newId } from '../parts/newId.ts';
import { writesIn } from '../parts/writes.ts';
import { HutToo } from './HutToo.tsx';
import { usualCurrency } from './usualCurrency.ts';
import { problemOf } from '../parts/problemOf.ts';
import './kitchen.css';

const PLACES: readonly { readonly name: string; readonly kind: PlaceKind }[] = [
  { name: 'cupboard', kind: 'cupboard' },
  { name: 'cool room', kind: 'cool room' },
  { name: 'fridge', kind: 'fridge' },
  { name: 'freezer', kind: 'freezer' },
];

interface Fields {
  readonly name: string;
  readonly like: string;
  readonly altitude: number;
  readonly litres: number;
  readonly currency: string;
}

const USUAL = 'family kitchen';
const startOf = (like: string) => {
  const found = START_SETS.find(({ name }) => name === like) ?? START_SETS[0];
  if (!found) throw new Error('There is no kitchen to start from.');
  return found;
};
const figuresOf = (like: string) => {
  const { equipment } = startOf(like);
  return { altitude: equipment.altitudeM, litres: equipment.cookers[0]?.litres ?? 6 };
};

/** The first screen of a server without a kitchen: five questions, and it can begin. */
export function OpenKitchen({ opened, back }: { opened: (id: string) => void; back?: ReactNode }) {
  const [command, { isLoading }] = useCommandMutation();
  const [fault, setFault] = useState<string>();
  const [form] = Form.useForm<Fields>();
  const open = async (fields: Fields) => {
    const id = newId();
    const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
    const { equipment } = startOf(fields.like);
    const [cooker] = equipment.cookers;
    const writes = writesIn(navigator.language);
    const body = {
      id,
      name: fields.name.trim(),
      equipment: {
        ...equipment,
        altitudeM: fields.altitude,
        zone,
        ...(Object.keys(writes).length > 0 ? { writes } : {}),
        // Where heat is read in °F an oven's dial shows it, too.
        ...(writes.degrees ? { ovens: equipment.ovens.map((oven) => ({ ...oven, dial: '°F' as const })) } : {}),
        currency: fields.currency.trim().toUpperCase(),
        cookers: cooker ? [{ ...cooker, litres: fields.litres }] : [],
      },
      places: PLACES.map((place) => ({ id: newId(), ...place })),
    };
    const answer = await command({ path: 'kitchens', method: 'POST', body, key: newId(), touches: ['kitchen'] });
    if (answer.error) setFault(problemOf(answer.error).detail);
    else opened(id);
  };
  return (
    <main className="page open-kitchen">
      <div className="page-head">
        <h1>Open your kitchen</h1>
        <p>Five things decide the arithmetic. All of them can be changed later. {back}</p>
      </div>
      <Form<Fields>
        layout="vertical"
        requiredMark={false}
        form={form}
        initialValues={{ like: USUAL, ...figuresOf(USUAL), currency: usualCurrency(navigator.language) }}
        onValuesChange={({ like }: Partial<Fields>) => {
          if (like !== undefined) form.setFieldsValue(figuresOf(like));
        }}
        onFinish={(fields) => void open(fields)}
      >
        <Form.Item
          label="What is it called?"
          name="name"
          rules={[{ required: true, whitespace: true, message: 'Give it a name.' }]}
        >
          <Input autoFocus maxLength={80} />
        </Form.Item>
        <Form.Item label="What is it like?" name="like">
          <Radio.Group className="start-sets">
            {START_SETS.map(({ name, says }) => (
              <Radio key={name} value={name}>
                {name} <small className="soft">{says}</small>
              </Radio>
            ))}
          </Radio.Group>
        </Form.Item>
        <Form.Item
          label="How high above sea level?"
          name="altitude"
          extra="Water boils at a lower temperature up there, so cooking takes longer."
          rules={[{ required: true, type: 'number', min: 0, max: 5000, message: 'Enter metres from 0 to 5000.' }]}
        >
          <NumberInput controls={false} suffix="m" style={{ width: 160 }} />
        </Form.Item>
        <Form.Item
          label="How large is the sealed cooker?"
          name="litres"
          rules={[{ required: true, type: 'number', min: 1, max: 30, message: 'Enter litres from 1 to 30.' }]}
        >
          <NumberInput controls={false} suffix="L" style={{ width: 160 }} />
        </Form.Item>
        <Form.Item
          label="Currency"
          name="currency"
          rules={[{ required: true, pattern: /^[A-Za-z]{3}$/, message: 'Three letters, such as EUR.' }]}
        >
          <Input style={{ width: 160 }} />
        </Form.Item>
        {fault && (
          <p className="cannot" role="alert">
            {fault}
          </p>
        )}
        <Button type="primary" size="large" htmlType="submit" loading={isLoading}>
          Open the kitchen
        </Button>
      </Form>
      <HutToo opened={opened} />
    </main>
  );
}
