import type { Quantity } from './amount.ts';
import { inBase } from './amount.ts';

/** Three significant figures are what a kitchen can weigh; no more is shown. */
function threeFigures(n: number): string {
  if (n === 0) return '0';
  const decimals = Math.max(0, 2 - Math.floor(Math.log10(Math.abs(n))));
  return `${Number(n.toFixed(Math.min(decimals, 2)))}`;
}

/**
 * A quantity for reading: grams below a kilo, then kilograms; millilitres below a litre, then litres.
 * @example show(mass(1276)) // => '1.28 kg'
 */
export function show(quantity: Quantity): string {
  const n = inBase(quantity).valueOf();
  switch (quantity.kind) {
    case 'mass':
      return Math.abs(n) >= 1000
        ? `${threeFigures(n / 1000)} kg`
        : `${Math.abs(n) >= 10 ? Math.round(n) : threeFigures(n)} g`;
    case 'volume':
      return Math.abs(n) >= 1000
        ? `${threeFigures(n / 1000)} L`
        : `${Math.abs(n) >= 10 ? Math.round(n) : threeFigures(n)} mL`;
    case 'count':
      return threeFigures(n);
    default:
      return quantity satisfies never;
  }
}
