import { APPLIANCES, AWAKE } from '@kestrel-ridge/core/kitchen';
import { LONG_WEEKDAYS, SCOOPS, UNIT_SYSTEMS } from '@kestrel-ridge/core/quantity';
import { Checkbox, Form, Input, Select } from 'antd';
import { NumberInput } from '../parts/NumberInput.tsx';
import { MoneyInput } from '../parts/MoneyInput.tsx';
import { SeveralOf } from './SeveralOf.tsx';
import { CLOCK, perhaps, range } from './rules.ts';
import { clockWords } from '../parts/times.ts';
import { HourField } from './HourField.tsx';

/** A kettle whose plate nobody has read, W. Common practice, no published source. */
export const KETTLE_WATTS = 2000;

/** Where it stands, its burners, and what may run together. */
export const TheKitchen = () => (
  <fieldset>
    <legend>The kitchen</legend>
    <Form.Item label="Name" name="name" rules={[{ required: true, whitespace: true, message: 'Give it a name.' }]}>
      <Input maxLength={80} />
    </Form.Item>
    <Form.Item label="Altitude" name={['equipment', 'altitudeM']} rules={range(0, 5000, 'm')}>
      <NumberInput controls={false} suffix="m" />
    </Form.Item>
    <Form.Item label="Burners" name={['equipment', 'burners']} rules={range(1, 8, 'burners')}>
      <NumberInput controls={false} precision={0} />
    </Form.Item>
    <Form.Item
      label="Large ones among them"
      name={['equipment', 'largeBurners']}
      rules={perhaps(1, 8, 'burners')}
      extra="A pot of 23 cm or more stands on a large one."
    >
      <NumberInput controls={false} precision={0} placeholder="all alike" />
    </Form.Item>
    <Form.Item label="A burner draws" name={['equipment', 'burnerWatts']} rules={perhaps(300, 5000, 'watts')}>
      <NumberInput controls={false} suffix="W" precision={0} placeholder="gas" />
    </Form.Item>
    <Form.Item
      label="Most power at once"
      name={['equipment', 'powerLimitW']}
      rules={perhaps(1000, 30_000, 'watts')}
      extra="What draws more together is not planned together."
    >
      <NumberInput controls={false} suffix="W" precision={0} placeholder="no matter" />
    </Form.Item>
  </fieldset>
);

/** Groups of which one runs at a time. */
export const OneAtATime = () => (
  <SeveralOf
    name="oneAtATime"
    title="Only one of these at a time: on one socket, or in one place"
    word="a group"
    least={0}
    most={6}
    fresh={() => []}
  >
    {(field) => (
      <Form.Item name={[field]} label="Not together">
        <Select
          mode="multiple"
          allowClear
          placeholder="two or more appliances"
          style={{ minWidth: 260 }}
          options={APPLIANCES.map((value) => ({ value, label: value === 'cooker' ? 'sealed cooker' : value }))}
        />
      </Form.Item>
    )}
  </SeveralOf>
);

/** What not every kitchen has. */
export const OtherAppliances = () => (
  <fieldset>
    <legend>Other appliances</legend>
    <Form.Item label="Rice cooker" name={['equipment', 'riceCooker', 'litres']} rules={perhaps(0.3, 10, 'litres')}>
      <NumberInput controls={false} suffix="L" placeholder="none" />
    </Form.Item>
    <Form.Item label="Microwave" name={['equipment', 'microwave', 'watts']} rules={perhaps(300, 3000, 'watts')}>
      <NumberInput controls={false} suffix="W" precision={0} placeholder="none" />
    </Form.Item>
    <Form.Item label="Dish size" name={['equipment', 'microwave', 'dishLitres']} rules={perhaps(0.3, 10, 'litres')}>
      <NumberInput controls={false} suffix="L" placeholder="2" />
    </Form.Item>
    <Form.Item
      label="Air fryer, its basket"
      name={['equipment', 'airFryer', 'basketCm2']}
      rules={perhaps(100, 3000, 'cm²')}
    >
      <NumberInput controls={false} suffix="cm²" precision={0} placeholder="none" />
    </Form.Item>
  </fieldset>
);

/** The jug, the kettle, strainers and the scale. */
export const SmallThings = () => (
  <fieldset>
    <legend>Jug, kettle, strainer, scale</legend>
    <Form.Item label="Jug, at most" name={['equipment', 'jug', 'mostMl']} rules={range(100, 5000, 'mL')}>
      <NumberInput controls={false} suffix="mL" precision={0} />
    </Form.Item>
    <Form.Item label="Jug, hot, at most" name={['equipment', 'jug', 'hotMostMl']} rules={range(100, 5000, 'mL')}>
      <NumberInput controls={false} suffix="mL" precision={0} />
    </Form.Item>
    <Form.Item label="Smallest amount it can blend" name={['equipment', 'jug', 'leastMl']} rules={range(0, 5000, 'mL')}>
      <NumberInput controls={false} suffix="mL" precision={0} />
    </Form.Item>
    <Form.Item name={['equipment', 'jug', 'weak']} valuePropName="checked">
      <Checkbox>a weak one: it blends half as long again</Checkbox>
    </Form.Item>
    <Form.Item label="Kettle" name={['equipment', 'kettle', 'litres']} rules={perhaps(0.3, 5, 'litres')}>
      <NumberInput controls={false} suffix="L" placeholder="none" />
    </Form.Item>
    <Form.Item label="Power" name={['equipment', 'kettle', 'watts']} rules={perhaps(300, 3500, 'watts')}>
      <NumberInput controls={false} suffix="W" precision={0} placeholder={`${KETTLE_WATTS}`} />
    </Form.Item>
    <Form.Item label="Strainers" name={['equipment', 'strainers']} rules={perhaps(1, 10, 'strainers')}>
      <NumberInput controls={false} precision={0} placeholder="1" />
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
);

/** How much the freezer holds: a suggested week freezes no more than there is room for. */
export const Freezer = () => (
  <fieldset>
    <legend>Freezer</legend>
    <Form.Item label="Holds" name={['equipment', 'freezerLitres']} rules={perhaps(10, 2000, 'litres')}>
      <NumberInput controls={false} suffix="L" precision={0} placeholder="not measured" style={{ width: 170 }} />
    </Form.Item>
    <p className="soft">Suggested weeks freeze no more than there is room for.</p>
  </fieldset>
);

/** On which day everything is bought: what is cooked before it has to be there. */
export const Trip = () => (
  <fieldset>
    <legend>Shopping trip</legend>
    <Form.Item label="Every" name={['equipment', 'tripOn']}>
      <Select
        allowClear
        placeholder="whenever it is needed"
        style={{ width: 220 }}
        options={LONG_WEEKDAYS.map((label, value) => ({ value, label }))}
      />
    </Form.Item>
    <p className="soft">In suggested weeks, what is cooked before the trip is made of what is there.</p>
  </fieldset>
);

/** Stand-ins for what a kitchen does not have, to learn by. */
export const ToTryOut = () => (
  <fieldset>
    <legend>To try things out</legend>
    <Form.Item name={['equipment', 'simulatedDevices']} valuePropName="checked">
      <Checkbox>trainer and simulated devices</Checkbox>
    </Form.Item>
    <p className="soft">
      A run’s clock can be made faster; a barcode reader, a label printer and a list of prices are played. Nothing of it
      touches what is on the shelf by itself.
    </p>
  </fieldset>
);

/** How hours, days, heat and figures are written on every page. */
export const HoursAndDays = () => (
  <fieldset>
    <legend>Hours, days and figures</legend>
    <Form.Item label="An evening hour is" name={['equipment', 'writes', 'clock']}>
      <Select allowClear placeholder="18:30" style={{ width: 170 }} options={[{ value: '12 h', label: '6:30 pm' }]} />
    </Form.Item>
    <Form.Item label="A date is" name={['equipment', 'writes', 'date']}>
      <Select
        allowClear
        placeholder="1 Mar"
        style={{ width: 170 }}
        options={[{ value: 'month first', label: 'Mar 1' }]}
      />
    </Form.Item>
    <Form.Item label="A calendar’s week begins on" name={['equipment', 'writes', 'weekFrom']}>
      <Select allowClear placeholder="Monday" style={{ width: 170 }} options={[{ value: 'Sunday', label: 'Sunday' }]} />
    </Form.Item>
    <Form.Item label="Heat is read in" name={['equipment', 'writes', 'degrees']}>
      <Select allowClear placeholder="°C" style={{ width: 170 }} options={[{ value: '°F', label: '°F' }]} />
    </Form.Item>
    <Form.Item label="A tenth is written" name={['equipment', 'writes', 'decimal']}>
      <Select allowClear placeholder="0.1" style={{ width: 170 }} options={[{ value: ',', label: '0,1' }]} />
    </Form.Item>
    <Form.Item label="A scale shows" name={['equipment', 'writes', 'mass']}>
      <Select allowClear placeholder="grams" style={{ width: 170 }} options={[{ value: 'oz', label: 'ounces' }]} />
    </Form.Item>
  </fieldset>
);

/** When somebody is awake to begin a soak. */
export const Awake = () => (
  <fieldset>
    <legend>Awake</legend>
    <Form.Item label="from" name={['equipment', 'awake', 'from']} rules={[CLOCK]}>
      <HourField label="Awake from" placeholder={clockWords(AWAKE.from)} />
    </Form.Item>
    <Form.Item
      label="until"
      name={['equipment', 'awake', 'to']}
      dependencies={[['equipment', 'awake', 'from']]}
      rules={[
        CLOCK,
        ({ getFieldValue }) => ({
          validator: (_, to: string | undefined) => {
            const from = getFieldValue(['equipment', 'awake', 'from']) as string | undefined;
            if (!from === !to && (!from || !to || from < to)) return Promise.resolve();
            return Promise.reject(new Error(from && to ? 'Later than it begins.' : 'Both, or none.'));
          },
        }),
      ]}
    >
      <HourField label="Awake until" placeholder={clockWords(AWAKE.to)} />
    </Form.Item>
    <p className="soft">Soaks begin, and suggested sessions lie, between these hours.</p>
  </fieldset>
);

/** What a week may cost, and a kilowatt hour. */
export const Money = ({ currency }: { currency: string }) => (
  <fieldset>
    <legend>Money</legend>
    <Form.Item
      label="A week’s food may cost"
      name={['equipment', 'weekBudgetMinor']}
      rules={perhaps(0, 10_000_000, currency)}
    >
      <MoneyInput currency={currency} placeholder="no budget" />
    </Form.Item>
    <Form.Item label="A kilowatt hour costs" name={['equipment', 'kwhMinor']} rules={perhaps(0, 100_000, currency)}>
      <MoneyInput currency={currency} placeholder="not known" />
    </Form.Item>
  </fieldset>
);

/** The cups and spoons that are owned. */
export const Measures = () => (
  <fieldset>
    <legend>Measures owned</legend>
    <Form.Item label="Cups and spoons are" name={['equipment', 'units']}>
      <Select options={UNIT_SYSTEMS.map((value) => ({ value, label: value }))} />
    </Form.Item>
    <Form.Item name={['equipment', 'scoops']}>
      <Checkbox.Group className="scoops" options={[...SCOOPS]} />
    </Form.Item>
  </fieldset>
);
