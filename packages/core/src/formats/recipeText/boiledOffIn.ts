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

const SHARES: readonly (readonly [words: RegExp, share: number])[] = [
  [/^(?:by\s+)?(?:about\s+)?(?:a |one )?half\b|^in half\b|^to (?:about )?half\b|^by 50 ?%/i, 1 / 2],
  [/^by (?:about )?(?:a|one) third\b|^to (?:about )?two[- ]thirds\b/i, 1 / 3],
  [/^by (?:about )?two[- ]thirds\b|^to (?:about )?(?:a|one) third\b/i, 2 / 3],
  [/^by (?:about )?(?:a|one) quarter\b|^to (?:about )?three[- ]quarters\b/i, 1 / 4],
  [/^by (?:about )?three[- ]quarters\b|^to (?:about )?(?:a|one) quarter\b/i, 3 / 4],
];
const REDUCES = /\b(?:reduc\w*|(?:boil|cook|simmer)\w*(?: it)? down)\b/i;
/** How far it goes: "until reduced by half", "reduce the wine to a third". */
const HOW_FAR = /\b(?:by|to|in)\s+(?:about\s+)?(?:(?:a|one)\s+)?(?:half|third|quarter|two|three|50)/i;

export interface ShareOff {
  readonly share: number;
  /** The text up to where it says so: what is named in it is what boils down. */
  readonly upTo: string;
}

/**
 * The share of what is in the pot that boils off, where a text says that alone: "reduce by half", "boil down to a third".
 * @example shareOffIn('Simmer until reduced to a third')?.share // 2/3
 */
export function shareOffIn(plain: string): ShareOff | undefined {
  const reduces = REDUCES.exec(plain);
  if (!reduces) return undefined;
  const behind = plain.slice(reduces.index + reduces[0].length);
  const at = HOW_FAR.exec(behind);
  if (!at) return undefined;
  const far = behind.slice(at.index);
  const share = SHARES.find(([words]) => words.test(far))?.[1];
  return share === undefined ? undefined : { share, upTo: plain.slice(0, plain.length - far.length) };
}

const THICK_AS =
  /\b(?:to|until|till|at)\s+(?:(?:it|that|the sauce)\s+(?:is|has|holds)\s+)?(?:about\s+)?(\d{1,2}(?:\.\d)?) ?% (?:of it )?(?:is )?(?:dry matter|solids?)\b/i;

/**
 * How thick it should be when it is done, where a text says so in figures: the dry part of all that is in the pot, by weight.
 * @example thicknessIn('Simmer down to 25 % dry matter') // 0.25
 */
export function thicknessIn(plain: string): number | undefined {
  const [, percent] = THICK_AS.exec(plain) ?? [];
  const share = percent === undefined ? 0 : Number(percent) / 100;
  return share > 0 ? share : undefined;
}
