import { isMeasureName, readNumber, type Written } from '../../quantity/index.ts';

const AMOUNT = String.raw`((?:\d+\s+)?\d+(?:\/\d+)?(?:[.,]\d+)?)\s*(ml|l|g|kg|cups?|tbsp)\b`;
const SAID: readonly RegExp[] = [
  new RegExp(
    String.raw`\b(?:reduc\w*|boil\w* (?:it )?down|cook\w* (?:it )?down|thicken)\b[^.]*?\bby\s+(?:about\s+)?${AMOUNT}`,
    'i',
  ),
  new RegExp(
    String.raw`\buntil\s+(?:about\s+)?${AMOUNT}\s+(?:of water\s+)?(?:less|(?:has|have|is|are) (?:boiled off|gone))`,
    'i',
  ),
  new RegExp(String.raw`\bboil\w*\s+(?:off|away)\s+(?:about\s+)?${AMOUNT}`, 'i'),
];
const UNIT: Readonly<Record<string, string>> = { ml: 'mL', l: 'L', cups: 'cup' };

/**
 * How much water a text says is boiled off: "reduce by 3/4 cup", "until 200 ml less".
 * @example boiledOffIn('Reduce the sauce by 200 ml') // { n: '200', unit: 'mL' }
 */
export function boiledOffIn(plain: string): Written | undefined {
  for (const said of SAID) {
    const [, n, word = ''] = said.exec(plain) ?? [];
    const number = n === undefined ? undefined : readNumber(n);
    const unit = UNIT[word.toLowerCase()] ?? word.toLowerCase();
    if (number && isMeasureName(unit)) return { n: number.value.toFraction(true), unit };
  }
  return undefined;
}
