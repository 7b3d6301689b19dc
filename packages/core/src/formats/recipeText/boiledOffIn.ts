import { WRITTEN_IN, writtenAs, type Written } from '../../quantity/index.ts';

const SAID: readonly RegExp[] = [
  new RegExp(
    String.raw`\b(?:reduc\w*|boil\w* (?:it )?down|cook\w* (?:it )?down|thicken)\b[^.]*?\bby\s+(?:about\s+)?${WRITTEN_IN}`,
    'i',
  ),
  new RegExp(
    String.raw`\buntil\s+(?:about\s+)?${WRITTEN_IN}\s+(?:of water\s+)?(?:less|(?:has|have|is|are) (?:boiled off|gone))`,
    'i',
  ),
  new RegExp(String.raw`\bboil\w*\s+(?:off|away)\s+(?:about\s+)?${WRITTEN_IN}`, 'i'),
];
/**
 * How much water a text says is boiled off: "reduce by 3/4 cup", "until 200 ml less".
 * @example boiledOffIn('Reduce the sauce by 200 ml') // { n: '200', unit: 'mL' }
 */
export function boiledOffIn(plain: string): Written | undefined {
  for (const said of SAID) {
    const [, n, word] = said.exec(plain) ?? [];
    const written = writtenAs(n, word);
    if (written) return written;
  }
  return undefined;
}
