import { SCOOPS, UNIT_SYSTEMS, type Scoop } from '@kestrel-ridge/core/quantity';
import { APPLIANCES, type Appliance, type Equipment } from '@kestrel-ridge/core/kitchen';
import { boilingPoint, temperatureInside } from '@kestrel-ridge/core/heat';
import { kpaGauge, metres } from '@kestrel-ridge/core/quantity';
import { Link } from 'react-router';
import { App, Button, Checkbox, Form, Input, InputNumber, Select } from 'antd';
import { useCommand } from '../app/useCommand.ts';
import { WithKitchen } from '../app/WithKitchen.tsx';
import type { KitchenView } from '@kestrel-ridge/core/view';
import './kitchen.css';
import { MoneyInput } from '../parts/MoneyInput.tsx';
import { Boxes, Cookers, Ovens, Pots } from './Appliances.tsx';
import { CookerLog } from './CookerLog.tsx';
import { OvenLog } from './OvenLog.tsx';
import { People } from './People.tsx';
import { Places } from './Places.tsx';
import { perhaps, range } from './rules.ts';

export default function KitchenPage() {
  return <WithKitchen>{(view) => <Kitchen key={view.kitchen.version} view={view} />}</WithKitchen>;
}

interface Fields {
  readonly name: string;
  readonly equipment: Omit<Equipment, 'scoops' | 'oneAtATime'> & {
    readonly scoops: Scoop[];
    readonly oneAtATime?: readonly Appliance[];
  };
}

/** A dish for the microwave that nobody has measured, litres. Common practice, no published source. */
const DISH_LITRES = 2;
/** A kettle whose plate nobody has read, W. Common practice, no published source. */
const KETTLE_WATTS = 2000;

/** What a kitchen may have or not: an emptied field takes it away. */
const PERHAPS = [
  'riceCooker',
  'microwave',
  'airFryer',
  'kettle',
  'strainers',
  'largeBurners',
  'burnerWatts',
  'scaleStepG',
  'weekBudgetMinor',
  'kwhMinor',
  'powerLimitW',
  'oneAtATime',
  'people',
] as const satisfies readonly (keyof Equipment)[];

const withoutPerhaps = <T extends object>(of: T): Omit<T, (typeof PERHAPS)[number]> =>
  Object.fromEntries(Object.entries(of).filter(([name]) => !(PERHAPS as readonly string[]).includes(name))) as Omit<
    T,
    (typeof PERHAPS)[number]
  >;

/** What was left empty in a list is not sent: an empty text is no hour. */
const filled = <T extends object>(each: T): T =>
  Object.fromEntries(
    Object.entries(each).filter(
      ([, value]) => value !== null && value !== undefined && value !== '' && value !== false,
    ),
  ) as T;

/** An appliance is there when its first figure is: an emptied field takes it out of the kitchen. */
function perhapsOf(fields: Fields['equipment']): Partial<Equipment> {
  const { riceCooker, microwave, airFryer, kettle, people, oneAtATime } = fields;
  const figures = (
    ['strainers', 'largeBurners', 'burnerWatts', 'scaleStepG', 'weekBudgetMinor', 'kwhMinor', 'powerLimitW'] as const
  ).flatMap((name) => (typeof fields[name] === 'number' ? [[name, fields[name]]] : []));
  return {
    ...(Object.fromEntries(figures) as Partial<Equipment>),
    ...(riceCooker?.litres ? { riceCooker } : {}),
    ...(kettle?.litres ? { kettle: { ...kettle, watts: kettle.watts || KETTLE_WATTS } } : {}),
    ...(microwave?.watts ? { microwave: { ...microwave, dishLitres: microwave.dishLitres || DISH_LITRES } } : {}),
    ...(airFryer?.basketCm2 ? { airFryer } : {}),
    ...(people && people.length > 0 ? { people: people.map(filled) } : {}),
    ...(oneAtATime && oneAtATime.length > 1 ? { oneAtATime: [oneAtATime] } : {}),
  };
}

function Kitchen({ view }: { view: KitchenView }) {
  const { name, equipment, version } = view.kitchen;
  const [form] = Form.useForm<Fields>();
  const altitude = Form.useWatch(['equipment', 'altitudeM'], form) ?? equipment.altitudeM;
  const gauge = Form.useWatch(['equipment', 'cookers', 0, 'gaugeKpa'], form) ?? equipment.cookers[0]?.gaugeKpa ?? 80;
  const send = useCommand();
  const { message } = App.useApp();
  const { oneAtATime, ...rest } = equipment;
  const socket = oneAtATime?.[0];
  const { currency } = equipment;

  const keep = async ({ name: called, equipment: changed }: Fields) => {
    const sent = await send({
      path: '',
      method: 'PUT',
      body: {
        name: called.trim(),
        equipment: {
          ...withoutPerhaps(equipment),
          ...withoutPerhaps(changed),
          ...perhapsOf(changed),
          ovens: changed.ovens.map(filled),
          cookers: changed.cookers.map(filled),
          pots: changed.pots.map(filled),
          boxes: changed.boxes.map(filled),
          jug: filled({ ...equipment.jug, ...changed.jug }),
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
        initialValues={{ name, equipment: { units: 'US', ...rest, ...(socket ? { oneAtATime: socket } : {}) } }}
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
          <Form.Item
            label="Large ones among them"
            name={['equipment', 'largeBurners']}
            rules={perhaps(1, 8, 'burners')}
            extra="A pot of 23 cm or more stands on a large one."
          >
            <InputNumber controls={false} precision={0} placeholder="all alike" />
          </Form.Item>
          <Form.Item label="A burner draws" name={['equipment', 'burnerWatts']} rules={perhaps(300, 5000, 'watts')}>
            <InputNumber controls={false} suffix="W" precision={0} placeholder="gas" />
          </Form.Item>
          <Form.Item
            label="Only one of these at a time"
            name={['equipment', 'oneAtATime']}
            extra="They hang on one socket, or stand in one place."
          >
            <Select
              mode="multiple"
              allowClear
              placeholder="all may run together"
              style={{ maxWidth: 260 }}
              options={APPLIANCES.map((value) => ({ value, label: value === 'cooker' ? 'sealed cooker' : value }))}
            />
          </Form.Item>
          <Form.Item
            label="The fuse bears at a time"
            name={['equipment', 'powerLimitW']}
            rules={perhaps(1000, 30_000, 'watts')}
            extra="What draws more together is not planned together."
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
          <legend>Jug, kettle, strainer, scale</legend>
          <Form.Item label="Jug, at most" name={['equipment', 'jug', 'mostMl']} rules={range(100, 5000, 'mL')}>
            <InputNumber controls={false} suffix="mL" precision={0} />
          </Form.Item>
          <Form.Item label="Jug, hot, at most" name={['equipment', 'jug', 'hotMostMl']} rules={range(100, 5000, 'mL')}>
            <InputNumber controls={false} suffix="mL" precision={0} />
          </Form.Item>
          <Form.Item label="The blades catch from" name={['equipment', 'jug', 'leastMl']} rules={range(0, 5000, 'mL')}>
            <InputNumber controls={false} suffix="mL" precision={0} />
          </Form.Item>
          <Form.Item name={['equipment', 'jug', 'weak']} valuePropName="checked">
            <Checkbox>a weak one: it blends half as long again</Checkbox>
          </Form.Item>
          <Form.Item label="Kettle" name={['equipment', 'kettle', 'litres']} rules={perhaps(0.3, 5, 'litres')}>
            <InputNumber controls={false} suffix="L" placeholder="none" />
          </Form.Item>
          <Form.Item label="It draws" name={['equipment', 'kettle', 'watts']} rules={perhaps(300, 3500, 'watts')}>
            <InputNumber controls={false} suffix="W" precision={0} placeholder={`${KETTLE_WATTS}`} />
          </Form.Item>
          <Form.Item label="Strainers" name={['equipment', 'strainers']} rules={perhaps(1, 10, 'strainers')}>
            <InputNumber controls={false} precision={0} placeholder="1" />
          </Form.Item>
          <Form.Item label="The scale shows steps of" name={['equipment', 'scaleStepG']}>
            <Select
              allowClear
              placeholder="1 g"
              style={{ width: 160 }}
              options={[1, 2, 5, 10].map((value) => ({ value, label: `${value} g` }))}
            />
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
        <Cookers />
        <Ovens />
        <Pots />
        <Boxes />
        <People />
        <Button type="primary" size="large" htmlType="submit">
          Keep
        </Button>
      </Form>
      <CookerLog view={view} />
      <OvenLog view={view} />
      <Places view={view} />
    </main>
  );
}
