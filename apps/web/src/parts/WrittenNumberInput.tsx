import { figuresNow } from '@kestrel-ridge/core/quantity';
import { Input, type InputProps } from 'antd';

/** A number as it stands in a recipe, "1 1/2" or "1.5", shown with the kitchen's own decimal sign; a point and a comma are both understood. */
export const WrittenNumberInput = ({
  value,
  change,
  ...props
}: Omit<InputProps, 'value' | 'onChange'> & { value: string; change: (n: string) => void }) => (
  <Input
    {...props}
    value={value.replace('.', figuresNow().decimal)}
    onChange={({ target }) => change(target.value.replace(',', '.'))}
  />
);
