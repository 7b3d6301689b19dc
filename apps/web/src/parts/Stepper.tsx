import { MinusOutlined, PlusOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { NumberInput } from './NumberInput.tsx';

interface StepperProps {
  readonly label: string;
  readonly value: number;
  readonly least: number;
  readonly most: number;
  readonly onChange: (value: number) => void;
  readonly disabled?: boolean;
}

/** A whole number with a large target on each side; it can be typed as well. */
export function Stepper({ label, value, least, most, onChange, disabled = false }: StepperProps) {
  const to = (next: number | null) =>
    next !== null && Number.isFinite(next) && onChange(Math.min(most, Math.max(least, Math.round(next))));
  return (
    <div className="stepper" role="group" aria-label={label}>
      <Button
        icon={<MinusOutlined />}
        aria-label={`${label}: one less`}
        disabled={disabled || value <= least}
        onClick={() => to(value - 1)}
      />
      <NumberInput
        aria-label={label}
        controls={false}
        min={least}
        max={most}
        // Plates as planned may hold half a portion: it is shown as it is, and a tap goes on in whole ones.
        precision={Number.isInteger(value) ? 0 : 1}
        value={value}
        disabled={disabled}
        onChange={to}
      />
      <Button
        icon={<PlusOutlined />}
        aria-label={`${label}: one more`}
        disabled={disabled || value >= most}
        onClick={() => to(value + 1)}
      />
    </div>
  );
}
