import { figuresNow, shortest } from './inFigures.ts';
import type { Quantity } from './amount.ts';
import { inBase } from './amount.ts';

/** Three significant figures are what a kitchen can weigh; no more is shown. */
function threeFigures(n: number): string {
  if (n === 0) return '0';
  const decimals = Math.max(0, 2 - Math.floor(Math.log10(Math.abs(n))));
  return `${shortest(n, Math.min(decimals, 2))}`;
}

/** International avoirdupois: 28.349523125 g an ounce, 16 ounces a pound. Source: published: NIST Handbook 44, appendix C. */
const OUNCE_G = 28.349523125;
const OUNCES = 16;

/** "5.3 oz", "2 lb 13 oz" */
function inOunces(g: number): string {
  const ounces = g / OUNCE_G;
  if (Math.round(Math.abs(ounces) * 100) / 100 < OUNCES) return `${threeFigures(ounces)} oz`;
  const whole = Math.round(Math.abs(ounces));
  const rest = whole % OUNCES;
  return `${g < 0 ? '-' : ''}${Math.floor(whole / OUNCES)} lb${rest === 0 ? '' : ` ${rest} oz`}`;
}

/**
 * A quantity for reading: grams below a kilo, then kilograms; millilitres below a litre, then litres. A kitchen that weighs in ounces reads masses so.
 * @example show(mass(1276)) // => '1.28 kg'
 */
export function show(quantity: Quantity): string {
  const n = inBase(quantity).valueOf();
  switch (quantity.kind) {
    case 'mass':
      if (figuresNow().mass === 'oz') return inOunces(n);
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
