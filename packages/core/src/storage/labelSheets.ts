/** A sheet of labels as shops sell them, A4, millimetres. */
export interface LabelSheet {
  readonly name: string;
  readonly columns: number;
  readonly rows: number;
  readonly widthMm: number;
  readonly heightMm: number;
  readonly leftMm: number;
  readonly topMm: number;
  /** From one column to the next. */
  readonly stepMm: number;
}

const A4 = { widthMm: 210, heightMm: 297 };
const sheet = (columns: number, rows: number, widthMm: number, heightMm: number, gapMm = 0): LabelSheet => ({
  name: `${columns * rows} on a sheet, ${widthMm} × ${heightMm} mm`,
  columns,
  rows,
  widthMm,
  heightMm,
  leftMm: (A4.widthMm - columns * widthMm - (columns - 1) * gapMm) / 2,
  topMm: (A4.heightMm - rows * heightMm) / 2,
  stepMm: widthMm + gapMm,
});

/** Sizes that are commonly sold. Common practice, no published source. */
export const labelSheets: readonly LabelSheet[] = [
  sheet(3, 8, 70, 36),
  sheet(2, 7, 99.1, 38.1, 2.5),
  sheet(3, 7, 63.5, 38.1, 2.5),
];

export interface PlacedLabel {
  readonly page: number;
  readonly xMm: number;
  readonly yMm: number;
}

/**
 * Where the n-th label goes, line by line, on as many pages as it takes.
 * @param skip labels that were used up on the first sheet
 */
export function placeOnSheet(n: number, of: LabelSheet, skip = 0): PlacedLabel {
  const each = of.columns * of.rows;
  const at = n + skip;
  const within = at % each;
  return {
    page: Math.floor(at / each),
    xMm: of.leftMm + (within % of.columns) * of.stepMm,
    yMm: of.topMm + Math.floor(within / of.columns) * of.heightMm,
  };
}
