import { boilingPoint, temperatureInside } from '@kestrel-ridge/core/heat';
import { kpaGauge, metres, sameData, type Clash, fixed } from '@kestrel-ridge/core/quantity';
import { Link } from 'react-router';
import { App, Button, Form, type FormInstance } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { useCommand } from '../app/useCommand.ts';
import { WithKitchen } from '../app/WithKitchen.tsx';
import { Notice } from '../parts/Notice.tsx';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { AnotherKitchen } from './AnotherKitchen.tsx';
import './kitchen.css';
import { Boxes, Cookers, Ovens, Pots } from './Appliances.tsx';
import { Teaches } from '../lookback/Teaches.tsx';
import { useTeachings } from '../lookback/useTeachings.ts';
import { People } from './People.tsx';
import { Places } from './Places.tsx';
import { clashWords, equipmentOf, fieldsOf, followed, type Fields } from './equipmentFields.ts';
import {
  Measures,
  Awake,
  Freezer,
  HoursAndDays,
  ToTryOut,
  Trip,
  Money,
  OneAtATime,
  OtherAppliances,
  SmallThings,
  TheKitchen,
} from './kitchenFields.tsx';
import { heatsHere } from '../parts/degrees.ts';

/** Of the appliances; hands and steps are looked back on. */
const APPLIANCES = ['come up', 'release', 'oven', 'rack', 'hotter', 'cooler'] as const;

export default function KitchenPage() {
  return <WithKitchen>{(view) => <Kitchen view={view} />}</WithKitchen>;
}

function Kitchen({ view }: { view: KitchenView }) {
  const teachings = useTeachings(view);
  const { name, equipment, version } = view.kitchen;
  const [form] = Form.useForm<Fields>();
  const altitude = Form.useWatch(['equipment', 'altitudeM'], form) ?? equipment.altitudeM;
  const gauge = Form.useWatch(['equipment', 'cookers', 0, 'gaugeKpa'], form) ?? equipment.cookers[0]?.gaugeKpa ?? 80;
  const send = useCommand();
  const { message } = App.useApp();
  const { currency } = equipment;

  const { initialValues, clashes } = useFollowing(view, form);

  const keep = async ({ name: called, equipment: typed }: Fields) => {
    const sent = await send({
      path: '',
      method: 'PUT',
      body: { name: called.trim(), equipment: equipmentOf(equipment, typed), version },
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
          Water boils here at {heatsHere(`${fixed(boilingPoint(metres(altitude)), 1)} °C`)}, and it is{' '}
          {heatsHere(`${fixed(temperatureInside(kpaGauge(gauge), metres(altitude)), 0)} °C`)} in the sealed cooker.
          Every amount and every time is worked out for what stands here, by{' '}
          <Link to="/foods">what is known of each food</Link>.
        </p>
        <AnotherKitchen kitchen={view.kitchen.id} />
      </div>
      <Form<Fields>
        form={form}
        layout="vertical"
        requiredMark={false}
        initialValues={initialValues}
        onFinish={(fields) => void keep(fields)}
        className="kitchen-form"
      >
        <TheKitchen />
        <OtherAppliances />
        <SmallThings />
        <Awake />
        <Freezer />
        <Trip />
        <HoursAndDays />
        <ToTryOut />
        <Money currency={currency} />
        <Measures />
        <OneAtATime />
        <Cookers />
        <Ovens />
        <Pots />
        <Boxes />
        <People />
        <Button type="primary" size="large" htmlType="submit">
          Keep
        </Button>
      </Form>
      {clashes.length > 0 && (
        <Notice className="notice kitchen-clash">
          Changed on another device meanwhile, and typed here: {clashes.map(clashWords).join('; ')}. What you keep
          holds.
        </Notice>
      )}
      <Teaches view={view} all={teachings} only={APPLIANCES} />
      <Places view={view} />
    </main>
  );
}

/** Keeps the form on what is there: what nobody has typed follows, what was typed stays. */
function useFollowing({ kitchen }: KitchenView, form: FormInstance<Fields>) {
  const [initialValues] = useState(() => fieldsOf(kitchen));
  const seen = useRef(initialValues);
  const [clashes, setClashes] = useState<readonly Clash[]>([]);
  useEffect(() => {
    const now = fieldsOf(kitchen);
    if (sameData(seen.current, now)) return;
    const typed = form.getFieldsValue(true) as Fields;
    const followedNow = followed(seen.current, typed, now);
    seen.current = now;
    form.setFieldsValue(followedNow.fields);
    setClashes(followedNow.clashes);
  }, [kitchen, form]);
  return { initialValues, clashes };
}
