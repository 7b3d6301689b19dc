import { figuresNow } from '@kestrel-ridge/core/quantity';
import { InputNumber, type InputNumberProps } from 'antd';

/** A number to be typed, shown with the kitchen's own decimal sign; a point and a comma are both understood. */
export const NumberInput = (props: InputNumberProps<number>) => (
  <InputNumber<number> decimalSeparator={figuresNow().decimal} {...props} />
);
