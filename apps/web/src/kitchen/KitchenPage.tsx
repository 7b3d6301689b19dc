import type { Scoop } from '@kestrel-ridge/core/quantity';
import type { Appliance, Equipment } from '@kestrel-ridge/core/kitchen';
import { boilingPoint, temperatureInside } from '@kestrel-ridge/core/heat';
import { kpaGauge, metres } from '@kestrel-ridge/core/quantity';
import { Link } from 'react-router';
import { App, Button, Form } from 'antd';
import { useCommand } from '../app/useCommand.ts';
import { WithKitchen } from '../app/WithKitchen.tsx';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { AnotherKitchen } from './AnotherKitchen.tsx';
import './kitchen.css';
import { Boxes, Cookers, Ovens, Pots } from './Appliances.tsx';
import { CookerLog } from './CookerLog.tsx';
import { OvenLog } from './OvenLog.tsx';
import { People } from './People.tsx';
import { Places } from './Places.tsx';
import { KETTLE_WATTS, Measures, Money, OtherAppliances, SmallThings, TheKitchen } from './kitchenFields.tsx';

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
        <AnotherKitchen kitchen={view.kitchen.id} />
      </div>
      <Form<Fields>
        form={form}
        layout="vertical"
        requiredMark={false}
        initialValues={{ name, equipment: { units: 'US', ...rest, ...(socket ? { oneAtATime: socket } : {}) } }}
        onFinish={(fields) => void keep(fields)}
        className="kitchen-form"
      >
        <TheKitchen />
        <OtherAppliances />
        <SmallThings />
        <Money currency={currency} />
        <Measures />
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
