import type { PrintedLabel } from '../storage/labelPdf.ts';

/** A printer that puts out one label after the other. */
export interface LabelPrinter {
  readonly name: string;
  /** Resolves when the last label is out. */
  print(labels: readonly PrintedLabel[]): Promise<void>;
}

/** Stands in for a printer: what it would print comes out as pictures. */
export function simulatedPrinter(comesOut: (png: string, label: PrintedLabel) => void): LabelPrinter {
  return {
    name: 'simulated label printer',
    async print(labels) {
      const { labelPng } = await import('../storage/labelPng.ts');
      for (const label of labels) comesOut(await labelPng(label), label);
    },
  };
}
