import { SKILLS, type Person } from '@kestrel-ridge/core/kitchen';
import { Form, Input, Select } from 'antd';
import { HourField } from './HourField.tsx';
import { CLOCK } from './rules.ts';
import { SeveralOf } from './SeveralOf.tsx';

const WORK: Readonly<Record<(typeof SKILLS)[number], string>> = {
  knife: 'knife work',
  pressure: 'the sealed cooker',
  'hot oven': 'the hot oven',
  blender: 'the blender',
};

/** Who cooks, when they are there, and what they leave to others. */
export function People() {
  return (
    <SeveralOf<Person>
      name="people"
      title="People who cook, the first one always"
      word="a person"
      least={0}
      most={8}
      fresh={() => ({ name: '' })}
    >
      {(n) => (
        <>
          <Form.Item
            label="Name"
            name={[n, 'name']}
            rules={[{ required: true, whitespace: true, message: 'A name.' }]}
            style={{ width: 160 }}
          >
            <Input maxLength={40} />
          </Form.Item>
          <Form.Item label="there from" name={[n, 'from']} rules={[CLOCK]} style={{ width: 150 }}>
            <HourField label="there from" placeholder="the start" />
          </Form.Item>
          <Form.Item label="until" name={[n, 'to']} rules={[CLOCK]} style={{ width: 150 }}>
            <HourField label="until" placeholder="the end" />
          </Form.Item>
          <Form.Item label="leaves to others" name={[n, 'cannot']} style={{ minWidth: 240 }}>
            <Select
              mode="multiple"
              placeholder="nothing"
              options={SKILLS.map((skill) => ({ value: skill, label: WORK[skill] }))}
            />
          </Form.Item>
        </>
      )}
    </SeveralOf>
  );
}
