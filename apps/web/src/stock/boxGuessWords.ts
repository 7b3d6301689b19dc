import type { BoxGuess } from '@kestrel-ridge/core/stock';

/** "Borlotti, 7 in 10" */
export function guessWords({ probability }: BoxGuess, name: string): string {
  const tenths = Math.max(1, Math.round(probability * 10));
  return tenths > 9 ? `${name}, nearly sure` : `${name}, ${tenths} in 10`;
}
