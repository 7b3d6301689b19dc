import { ownBarcode, type BarcodeBook, type BarcodeReader } from './barcodes.ts';

/** Packs that the stand-in knows. Their codes are made up. */
const PACKS = [
  '1000 g millet',
  '500 g rolled oats',
  '1 can canned borlotti',
  '500 g red lentils',
  '250 g hazelnuts',
  '750 mL rapeseed oil',
];

export const simulatedBook: BarcodeBook = {
  lineOf: (code) => PACKS[PACKS.findIndex((_, n) => ownBarcode(n + 1) === code)],
};

/** A reader without a lens: each press of its button sees the next pack. */
export function simulatedReader(): BarcodeReader & { readonly press: () => void } {
  const listening = new Set<(code: string) => void>();
  let seen = 0;
  return {
    name: 'simulated reader',
    onCode: (tell) => {
      listening.add(tell);
      return () => listening.delete(tell);
    },
    press: () => {
      seen = (seen % PACKS.length) + 1;
      for (const tell of listening) tell(ownBarcode(seen));
    },
  };
}
