import { minorDigits, moneySign } from '@kestrel-ridge/core/cost';
import { NumberInput } from './NumberInput.tsx';

/** A sum of money: typed as on a receipt, handed on in whole minor units. */
export function MoneyInput({
  currency,
  value,
  onChange,
  placeholder,
  id,
}: {
  currency: string;
  value?: number | null;
  onChange?: (minor: number | null) => void;
  placeholder?: string;
  id?: string;
}) {
  const digits = minorDigits(currency);
  const minor = 10 ** digits;
  return (
    <NumberInput
      {...(id === undefined ? {} : { id })}
      controls={false}
      min={0}
      precision={digits}
      suffix={moneySign(currency)}
      placeholder={placeholder ?? ''}
      value={value === undefined || value === null ? null : value / minor}
      onChange={(major) => onChange?.(major === null ? null : Math.round(major * minor))}
    />
  );
}
