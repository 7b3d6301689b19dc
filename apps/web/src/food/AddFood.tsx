import { startsSo } from '../parts/startsSo.ts';
import { ALLERGENS, type Allergen, type Food, type FoodKind } from '@kestrel-ridge/core/food';
import type { BaseUnit } from '@kestrel-ridge/core/quantity';
import { Form, Input, Modal, Select } from 'antd';
import { useState } from 'react';
import { newId } from '../parts/newId.ts';
import { useCommand } from '../app/useCommand.ts';

const KINDS: readonly FoodKind[] = [
  'vegetable',
  'leaf',
  'fruit',
  'grain',
  'legume',
  'nut or seed',
  'seasoning',
  'fat',
  'acid',
  'water',
];

/** Somebody has read the packet, and it names none of them. */
const NONE = 'none of them';

interface Fields {
  readonly name: string;
  readonly kind: FoodKind;
  readonly base: BaseUnit;
  readonly like?: string;
  /** Empty: nobody has looked. */
  readonly allergens: readonly (Allergen | typeof NONE)[];
}

/** A food that the book does not have: a name and a kind are enough; its figures are asked for when they are needed. */
export function AddFood({
  open,
  close,
  added,
  name,
  foods,
}: {
  open: boolean;
  close: () => void;
  added: (id: string) => void;
  name: string;
  /** What it may be like. */
  foods: ReadonlyMap<string, Food>;
}) {
  const [form] = Form.useForm<Fields>();
  const [busy, setBusy] = useState(false);
  const send = useCommand();
  const keep = async ({ allergens, like, ...fields }: Fields) => {
    setBusy(true);
    const id = newId();
    const sent = await send({
      path: 'foods',
      body: {
        id,
        ...fields,
        ...(like ? { like } : {}),
        ...(allergens.length > 0 ? { allergens: allergens.filter((each) => each !== NONE) } : {}),
      },
      touches: ['kitchen', 'recipes'],
      quiet: true,
    });
    setBusy(false);
    if (sent.ok) {
      close();
      added(id);
    } else
      form.setFields([
        {
          name: 'name',
          errors: [sent.problem.errors.map((e) => `${e.fault} ${e.remedy}`).join(' ') || sent.problem.detail],
        },
      ]);
  };
  return (
    <Modal
      open={open}
      title="A food of your own"
      okText="Add it"
      onOk={form.submit}
      onCancel={close}
      confirmLoading={busy}
      destroyOnHidden
    >
      <Form<Fields>
        form={form}
        layout="vertical"
        requiredMark={false}
        initialValues={{ name: name.trim(), kind: 'vegetable', base: 'g', allergens: [] }}
        onFinish={(fields) => void keep(fields)}
        preserve={false}
      >
        <Form.Item label="Name" name="name" rules={[{ required: true, whitespace: true, message: 'Give it a name.' }]}>
          <Input autoFocus maxLength={80} />
        </Form.Item>
        <Form.Item
          label="It is like"
          name="like"
          extra={
            <span className="soft">Its weights, how it cooks and keeps are taken over; its allergens never are.</span>
          }
        >
          <Select
            showSearch={{ optionFilterProp: 'label' }}
            allowClear
            placeholder="nothing known here"
            options={[...foods.values()]
              .filter(({ facts }) => facts.kind !== 'component')
              .map(({ id, name: known }) => ({ value: id, label: known }))
              .sort((a, b) => a.label.localeCompare(b.label))}
            onChange={(id: string | undefined) => {
              const model = id === undefined ? undefined : foods.get(id);
              if (model) form.setFieldsValue({ kind: model.facts.kind, base: model.facts.base });
            }}
          />
        </Form.Item>
        <Form.Item label="What kind of food" name="kind">
          <Select options={KINDS.map((kind) => ({ value: kind, label: kind }))} />
        </Form.Item>
        <Form.Item label="Counted on the shelf in" name="base">
          <Select
            options={[
              { value: 'g', label: 'grams' },
              { value: 'mL', label: 'millilitres' },
              { value: 'each', label: 'pieces' },
            ]}
          />
        </Form.Item>
        <Form.Item
          label="Allergens on the packet"
          name="allergens"
          extra={<span className="soft">Left empty, they stay unknown, and every dish with it says so.</span>}
        >
          <Select
            mode="multiple"
            placeholder="unknown"
            filterOption={startsSo}
            options={[NONE, ...ALLERGENS].map((value) => ({ value, label: value }))}
          />
        </Form.Item>
      </Form>
    </Modal>
  );
}
