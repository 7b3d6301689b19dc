import {
  MOST_RACKS,
  OVEN_DOWN_MINUTES,
  OVEN_UP_MINUTES,
  STARTING_EQUIPMENT,
  rackName,
  type BoxKind,
  type Cooker,
  type Oven,
  type Pot,
} from '@kestrel-ridge/core/kitchen';
import { capital } from '@kestrel-ridge/core/quantity';
import { Checkbox, Form, Input, Select } from 'antd';
import { NumberInput } from '../parts/NumberInput.tsx';
import { range, perhaps } from './rules.ts';
import { SeveralOf } from './SeveralOf.tsx';
import { DegreesInput } from '../parts/DegreesInput.tsx';

const [COOKER] = STARTING_EQUIPMENT.cookers;
const [OVEN] = STARTING_EQUIPMENT.ovens;
const NAME = [{ required: true, whitespace: true, message: 'A name.' }];

export function Cookers() {
  return (
    <SeveralOf<Cooker>
      name="cookers"
      title="Sealed cookers"
      word="a cooker"
      least={0}
      most={3}
      fresh={() => COOKER ?? { litres: 6, watts: 1000, gaugeKpa: 80, leastLiquidMl: 300, steelKg: 1.2 }}
    >
      {(n) => (
        <>
          <Form.Item label="Volume" name={[n, 'litres']} rules={range(1, 30, 'litres')}>
            <NumberInput controls={false} suffix="L" />
          </Form.Item>
          <Form.Item label="Power" name={[n, 'watts']} rules={range(200, 5000, 'watts')}>
            <NumberInput controls={false} suffix="W" precision={0} />
          </Form.Item>
          <Form.Item label="High pressure, above the air" name={[n, 'gaugeKpa']} rules={range(20, 110, 'kPa')}>
            <NumberInput controls={false} suffix="kPa" />
          </Form.Item>
          <Form.Item label="Least liquid (manual)" name={[n, 'leastLiquidMl']} rules={range(0, 2000, 'mL')}>
            <NumberInput controls={false} suffix="mL" precision={0} />
          </Form.Item>
          <Form.Item label="Insert, empty" name={[n, 'emptyG']} rules={perhaps(100, 10_000, 'g')}>
            <NumberInput controls={false} suffix="g" precision={0} placeholder="not known" />
          </Form.Item>
          <Form.Item name={[n, 'steelKg']} hidden>
            <NumberInput />
          </Form.Item>
        </>
      )}
    </SeveralOf>
  );
}

export function Ovens() {
  return (
    <SeveralOf<Oven>
      name="ovens"
      title="Ovens"
      word="an oven"
      least={0}
      most={3}
      fresh={() => OVEN ?? { racks: 2, preheatMinutes: 12, trayCm2: 1500 }}
    >
      {(n) => (
        <>
          <Form.Item label="Racks" name={[n, 'racks']} rules={range(1, MOST_RACKS, 'racks')} className="narrow">
            <NumberInput controls={false} precision={0} />
          </Form.Item>
          <Form.Item label="Preheating" name={[n, 'preheatMinutes']} rules={range(1, 60, 'minutes')}>
            <NumberInput controls={false} suffix="min" precision={0} />
          </Form.Item>
          <Form.Item label="A tray" name={[n, 'trayCm2']} rules={range(200, 4000, 'cm²')}>
            <NumberInput controls={false} suffix="cm²" precision={0} />
          </Form.Item>
          <Form.Item label="Hottest" name={[n, 'mostC']} rules={perhaps(100, 500, '°C')}>
            <DegreesInput oven least={100} most={500} controls={false} placeholder="enough" />
          </Form.Item>
          <Form.Item label="10 °C hotter" name={[n, 'upMinutes']} rules={perhaps(0.1, 10, 'minutes')}>
            <NumberInput controls={false} suffix="min" placeholder={`${OVEN_UP_MINUTES}`} />
          </Form.Item>
          <Form.Item label="10 °C cooler" name={[n, 'downMinutes']} rules={perhaps(0.1, 10, 'minutes')}>
            <NumberInput controls={false} suffix="min" placeholder={`${OVEN_DOWN_MINUTES}`} />
          </Form.Item>
          <Form.Item label="Things take" name={[n, 'cooksTimes']} rules={perhaps(0.5, 2, 'times the recipe’s minutes')}>
            <NumberInput controls={false} suffix="times" placeholder="1" />
          </Form.Item>
          <RackTimes n={n} />
          <Form.Item name={[n, 'grill']} valuePropName="checked" label="Grill">
            <Checkbox>has one</Checkbox>
          </Form.Item>
          <Form.Item label="Dial" name={[n, 'dial']} style={{ width: 110 }}>
            <Select placeholder="°C" allowClear options={['°C', '°F'].map((value) => ({ value, label: value }))} />
          </Form.Item>
          <Form.Item name={[n, 'fan']} valuePropName="checked" label="Fan">
            <Checkbox>20 °C lower</Checkbox>
          </Form.Item>
        </>
      )}
    </SeveralOf>
  );
}

/** What each rack takes against the oven as a whole, where it has several. */
function RackTimes({ n }: { n: number }) {
  const racks = Form.useWatch<number | null | undefined>(['equipment', 'ovens', n, 'racks']) ?? 1;
  if (racks < 2 || racks > MOST_RACKS) return null;
  return Array.from({ length: racks }, (_, rack) => (
    <Form.Item
      key={rack}
      label={`${capital(rackName(rack + 1, racks))} rack`}
      name={[n, 'rackTimes', rack]}
      rules={perhaps(0.5, 2, 'times what the oven takes')}
    >
      <NumberInput controls={false} suffix="times" placeholder="1" />
    </Form.Item>
  ));
}

export function Pots() {
  return (
    <SeveralOf<Pot>
      name="pots"
      title="Pots and pans"
      word="a pot"
      least={0}
      most={20}
      fresh={() => ({ name: '', litres: 3, acrossCm: 20 })}
    >
      {(n) => (
        <>
          <Form.Item label="Name" name={[n, 'name']} rules={NAME} style={{ width: 160 }}>
            <Input maxLength={40} />
          </Form.Item>
          <Form.Item label="Holds" name={[n, 'litres']} rules={range(0.3, 60, 'litres')}>
            <NumberInput controls={false} suffix="L" />
          </Form.Item>
          <Form.Item label="Wide inside" name={[n, 'acrossCm']} rules={range(8, 60, 'cm')}>
            <NumberInput controls={false} suffix="cm" />
          </Form.Item>
          <Form.Item label="Empty it weighs" name={[n, 'emptyG']} rules={perhaps(50, 20_000, 'g')}>
            <NumberInput controls={false} suffix="g" precision={0} placeholder="not known" />
          </Form.Item>
          <Form.Item name={[n, 'pan']} valuePropName="checked" label="A pan">
            <Checkbox>for frying</Checkbox>
          </Form.Item>
        </>
      )}
    </SeveralOf>
  );
}

export function Boxes() {
  return (
    <SeveralOf<BoxKind>
      name="boxes"
      title="Boxes"
      word="a size of box"
      least={1}
      most={20}
      fresh={() => ({ name: '', mL: 750 })}
    >
      {(n) => (
        <>
          <Form.Item label="Name" name={[n, 'name']} rules={NAME} style={{ width: 160 }}>
            <Input maxLength={40} />
          </Form.Item>
          <Form.Item label="Holds" name={[n, 'mL']} rules={range(50, 10_000, 'mL')}>
            <NumberInput controls={false} suffix="mL" precision={0} />
          </Form.Item>
          <Form.Item label="How many" name={[n, 'count']} rules={perhaps(1, 500, 'boxes')}>
            <NumberInput controls={false} precision={0} placeholder="enough" />
          </Form.Item>
          <Form.Item label="Lids" name={[n, 'lids']} rules={perhaps(0, 500, 'lids')}>
            <NumberInput controls={false} precision={0} placeholder="one each" />
          </Form.Item>
          <Form.Item label="Deep" name={[n, 'depthCm']} rules={perhaps(1, 20, 'cm')}>
            <NumberInput controls={false} suffix="cm" placeholder="5" />
          </Form.Item>
        </>
      )}
    </SeveralOf>
  );
}
