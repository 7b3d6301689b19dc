/** What a code on a pack stands for, as a line about the shelf. */
export interface BarcodeBook {
  lineOf(code: string): string | undefined;
}

/** A reader that tells each code it sees; the function it answers stops the telling. A reader that types like a keyboard needs none of this: its digits come in by the line. */
export interface BarcodeReader {
  readonly name: string;
  onCode(tell: (code: string) => void): () => void;
}

/** Thirteen digits, the last of them a check digit (EAN-13: weights 1 and 3). */
export function isBarcode(text: string): boolean {
  if (!/^\d{13}$/.test(text)) return false;
  const sum = [...text].reduce((all, digit, n) => all + Number(digit) * (n % 2 === 0 ? 1 : 3), 0);
  return sum % 10 === 0;
}

/** The code of a number in the range that shops may use for themselves (it begins with 2). */
export function ownBarcode(n: number): string {
  const digits = `2${String(n).padStart(11, '0')}`;
  const sum = [...digits].reduce((all, digit, at) => all + Number(digit) * (at % 2 === 0 ? 1 : 3), 0);
  return `${digits}${(10 - (sum % 10)) % 10}`;
}
