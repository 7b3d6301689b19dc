import { celsiusOf, degreesOf } from '@kestrel-ridge/core/quantity';
import { type InputNumberProps } from 'antd';
import { NumberInput } from './NumberInput.tsx';
import { degreesHere } from './degrees.ts';

type Props = Omit<InputNumberProps<number>, 'value' | 'onChange' | 'min' | 'max' | 'suffix'> & {
  /** °C */
  readonly value?: number | null;
  readonly least: number;
  readonly most: number;
  /** It is an oven's: kept in whole °C, shown in fives of °F. */
  readonly oven?: boolean;
  readonly onChange?: (celsius: number | null) => void;
};

/** A heat, typed and shown in the kitchen's degrees; what is kept is °C. */
export function DegreesInput({ value, least, most, oven = false, onChange, ...rest }: Props) {
  const degrees = degreesHere();
  const kept = (read: number): number => (oven ? Math.round(celsiusOf(read, degrees)) : celsiusOf(read, degrees));
  return (
    <NumberInput
      {...rest}
      value={value === undefined || value === null ? null : degreesOf(value, degrees, oven)}
      min={degreesOf(least, degrees)}
      max={degreesOf(most, degrees)}
      suffix={degrees}
      onChange={(read) => onChange?.(read === null ? null : kept(read))}
    />
  );
}
