import { SCOOPS, UNIT_SYSTEMS, type Scoop } from '@kestrel-ridge/core/quantity';
import { POT_ACROSS_CM, type Equipment } from '@kestrel-ridge/core/kitchen';
import { boilingPoint, temperatureInside } from '@kestrel-ridge/core/heat';
import { kpaGauge, metres } from '@kestrel-ridge/core/quantity';
import { Link } from 'react-router';
import { App, Button, Checkbox, Form, Input, InputNumber, Select } from 'antd';
import { useCommand } from '../api/useCommand.ts';
import { WithKitchen } from '../app/WithKitchen.tsx';
import type { KitchenView } from '../app/useKitchenState.ts';
import './kitchen.css';
import { MoneyInput } from '../parts/MoneyInput.tsx';
import { Places } from './Places.tsx';

export default function KitchenPage() {
  return <WithKitchen>{(view) => <Kitchen key={view.kitchen.version} view={view} />}</WithKitchen>;
}

interface Fields {
  readonly name: string;
  readonly equipment: Omit<Equipment, 'cookers' | 'boxes' | 'scoops'> & {
    readonly cooker: Equipment['cookers'][number];
    readonly scoops: Scoop[];
  };
}

const range = (min: number, max: number, unit: string) => [
  { required: true, type: 'number' as const, min, max, message: `From ${min} to ${max} ${unit}.` },
];

const perhaps = (min: number, max: number, unit: string) => [
  { type: 'number' as const, min, max, message: `From ${min} to ${max} ${unit}, or leave it empty.` },
];

/** A dish for the microwave that nobody has measured, litres. Common practice, no published source. */
const DISH_LITRES = 2;

/** What a kitchen may have or not: an emptied field takes it away. */
const PERHAPS = [
  'potAcrossCm',
  'riceCooker',
  'microwave',
  'airFryer',
  'weekBudgetMinor',
  'kwhMinor',
  'powerLimitW',
] as const satisfies readonly (keyof Equipment)[];

const withoutPerhaps = <T extends object>(of: T): Omit<T, (typeof PERHAPS)[number]> =>
  Object.fromEntries(Object.entries(of).filter(([name]) => !(PERHAPS as readonly string[]).includes(name))) as Omit<
    T,
    (typeof PERHAPS)[number]
  >;

/** An appliance is there when its first figure is: an emptied field takes it out of the kitchen. */
function appliancesOf({
  potAcrossCm,
  riceCooker,
  microwave,
  airFryer,
  weekBudgetMinor,
  kwhMinor,
  powerLimitW,
}: Pick<Equipment, (typeof PERHAPS)[number]>): Partial<Equipment> {
  return {
    ...(potAcrossCm ? { potAcrossCm } : {}),
    ...(typeof weekBudgetMinor === 'number' ? { weekBudgetMinor } : {}),
    ...(typeof kwhMinor === 'number' ? { kwhMinor } : {}),
    ...(powerLimitW ? { powerLimitW } : {}),
    ...(riceCooker?.litres ? { riceCooker } : {}),
    ...(microwave?.watts ? { microwave: { ...microwave, dishLitres: microwave.dishLitres || DISH_LITRES } } : {}),
    ...(airFryer?.basketCm2 ? { airFryer } : {}),
  };
}

function Kitchen({ view }: { view: KitchenView }) {
  const { name, equipment, version } = view.kitchen;
  const [form] = Form.useForm<Fields>();
  const altitude = Form.useWatch(['equipment', 'altitudeM'], form) ?? equipment.altitudeM;
  const gauge = Form.useWatch(['equipment', 'cooker', 'gaugeKpa'], form) ?? equipment.cookers[0]?.gaugeKpa ?? 80;
  const send = useCommand();
  const { message } = App.useApp();
  const { cookers, boxes, ...rest } = equipment;
  const { currency } = equipment;

  const keep = async ({ name: called, equipment: { cooker, ...changed } }: Fields) => {
    const sent = await send({
      path: '',
      method: 'PUT',
      body: {
        name: called.trim(),
        equipment: {
          ...withoutPerhaps(equipment),
          ...withoutPerhaps(changed),
          ...appliancesOf(changed),
          oven: { ...equipment.oven, ...changed.oven },
          jug: { ...equipment.jug, ...changed.jug },
          cookers: cookers[0] ? [{ ...cookers[0], ...cooker }] : [],
          boxes,
        },
        version,
      },
      touches: ['kitchen', 'week'],
    });
    if (sent.ok) void message.success('Kept. Amounts, loads and the plan follow.');
  };

  return (
    <main className="page">
      <div className="page-head">
        <h1>
          {name}, at {Math.round(altitude)} m
        </h1>
        <p>
          Water boils here at {boilingPoint(metres(altitude)).toFixed(1)} °C, and it is{' '}
          {temperatureInside(kpaGauge(gauge), metres(altitude)).toFixed(0)} °C in the sealed cooker. Every amount and
          every time is worked out for what stands here, by <Link to="/foods">what is known of each food</Link>.
        </p>
      </div>
      <Form<Fields>
        form={form}
        layout="vertical"
        requiredMark={false}
        initialValues={{ name, equipment: { units: 'US', ...rest, cooker: cookers[0] } }}
        onFinish={(fields) => void keep(fields)}
        className="kitchen-form"
      >
        <fieldset>
          <legend>The kitchen</legend>
          <Form.Item
            label="Name"
            name="name"
            rules={[{ required: true, whitespace: true, message: 'Give it a name.' }]}
          >
            <Input maxLength={80} />
          </Form.Item>
          <Form.Item label="Altitude" name={['equipment', 'altitudeM']} rules={range(0, 5000, 'm')}>
            <InputNumber controls={false} suffix="m" />
          </Form.Item>
          <Form.Item label="Burners" name={['equipment', 'burners']} rules={range(1, 8, 'burners')}>
            <InputNumber controls={false} precision={0} />
          </Form.Item>
          <Form.Item label="Largest pot" name={['equipment', 'potLitres']} rules={range(1, 60, 'litres')}>
            <InputNumber controls={false} suffix="L" />
          </Form.Item>
          <Form.Item label="It is wide inside" name={['equipment', 'potAcrossCm']} rules={perhaps(8, 60, 'cm')}>
            <InputNumber controls={false} suffix="cm" placeholder={`${POT_ACROSS_CM}`} />
          </Form.Item>
          <Form.Item
            label="The fuse bears at a time"
            name={['equipment', 'powerLimitW']}
            rules={perhaps(1000, 30_000, 'watts')}
            extra="What draws more together is not planned together. Burners are not counted."
          >
            <InputNumber controls={false} suffix="W" precision={0} placeholder="no matter" />
          </Form.Item>
        </fieldset>
        <fieldset>
          <legend>Other appliances, where there are any</legend>
          <Form.Item
            label="Rice cooker"
            name={['equipment', 'riceCooker', 'litres']}
            rules={perhaps(0.3, 10, 'litres')}
          >
            <InputNumber controls={false} suffix="L" placeholder="none" />
          </Form.Item>
          <Form.Item label="Microwave" name={['equipment', 'microwave', 'watts']} rules={perhaps(300, 3000, 'watts')}>
            <InputNumber controls={false} suffix="W" precision={0} placeholder="none" />
          </Form.Item>
          <Form.Item
            label="Its dish holds"
            name={['equipment', 'microwave', 'dishLitres']}
            rules={perhaps(0.3, 10, 'litres')}
          >
            <InputNumber controls={false} suffix="L" placeholder="2" />
          </Form.Item>
          <Form.Item
            label="Air fryer, its basket"
            name={['equipment', 'airFryer', 'basketCm2']}
            rules={perhaps(100, 3000, 'cm²')}
          >
            <InputNumber controls={false} suffix="cm²" precision={0} placeholder="none" />
          </Form.Item>
        </fieldset>
        <fieldset>
          <legend>Sealed cooker</legend>
          <Form.Item label="Volume" name={['equipment', 'cooker', 'litres']} rules={range(1, 30, 'litres')}>
            <InputNumber controls={false} suffix="L" />
          </Form.Item>
          <Form.Item label="Power" name={['equipment', 'cooker', 'watts']} rules={range(200, 5000, 'watts')}>
            <InputNumber controls={false} suffix="W" precision={0} />
          </Form.Item>
          <Form.Item
            label="High pressure, above the air outside"
            name={['equipment', 'cooker', 'gaugeKpa']}
            rules={range(20, 110, 'kPa')}
          >
            <InputNumber controls={false} suffix="kPa" />
          </Form.Item>
          <Form.Item
            label="Least liquid (its manual says)"
            name={['equipment', 'cooker', 'leastLiquidMl']}
            rules={range(0, 2000, 'mL')}
          >
            <InputNumber controls={false} suffix="mL" precision={0} />
          </Form.Item>
        </fieldset>
        <fieldset>
          <legend>Oven and jug</legend>
          <Form.Item label="Racks" name={['equipment', 'oven', 'racks']} rules={range(1, 6, 'racks')}>
            <InputNumber controls={false} precision={0} />
          </Form.Item>
          <Form.Item label="Preheating" name={['equipment', 'oven', 'preheatMinutes']} rules={range(1, 60, 'minutes')}>
            <InputNumber controls={false} suffix="min" precision={0} />
          </Form.Item>
          <Form.Item label="A tray" name={['equipment', 'oven', 'trayCm2']} rules={range(200, 4000, 'cm²')}>
            <InputNumber controls={false} suffix="cm²" precision={0} />
          </Form.Item>
          <Form.Item label="Jug, hot, at most" name={['equipment', 'jug', 'hotMostMl']} rules={range(100, 5000, 'mL')}>
            <InputNumber controls={false} suffix="mL" precision={0} />
          </Form.Item>
        </fieldset>
        <fieldset>
          <legend>Money</legend>
          <Form.Item
            label="A week’s food may cost"
            name={['equipment', 'weekBudgetMinor']}
            rules={perhaps(0, 10_000_000, currency)}
          >
            <MoneyInput currency={currency} placeholder="no budget" />
          </Form.Item>
          <Form.Item
            label="A kilowatt hour costs"
            name={['equipment', 'kwhMinor']}
            rules={perhaps(0, 100_000, currency)}
          >
            <MoneyInput currency={currency} placeholder="not known" />
          </Form.Item>
        </fieldset>
        <fieldset>
          <legend>Measures owned</legend>
          <Form.Item label="Cups and spoons are" name={['equipment', 'units']}>
            <Select options={UNIT_SYSTEMS.map((value) => ({ value, label: value }))} />
          </Form.Item>
          <Form.Item name={['equipment', 'scoops']}>
            <Checkbox.Group className="scoops" options={[...SCOOPS]} />
          </Form.Item>
        </fieldset>
        <Button type="primary" size="large" htmlType="submit">
          Keep
        </Button>
      </Form>
      <Places view={view} />
    </main>
  );
}
