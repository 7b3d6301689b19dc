import { plainSigns, readNumber } from '../../quantity/index.ts';
import type { Doubt } from './readAmount.ts';

/** What people measure with, and how much one may hold, mL: smaller, usual, larger. Common practice, no published source. */
const HOLDS: Readonly<Record<string, readonly number[]>> = {
  mug: [250, 300, 350],
  glass: [150, 200, 250],
  teacup: [150, 180, 200],
  bowl: [300, 400, 500],
};
const IN_VESSELS =
  /^((?:\d+ )?\d+(?:[./]\d+)?|an?|one|two|three|four|five|six|half an?)\s+(?:(?:good|full|big|small|large|heaped|scant|level|whole)\s+)?(mug|glass|teacup|bowl)(?:s|es|fuls?)?\s+(?:of\s+)?(?=\p{L})(.+)$/iu;

/**
 * "Two mugs of brown lentils": how much that is nobody says, and it is asked; until then it is taken for the usual one.
 * @example inVessels('two mugs of brown lentils') // { line: '600 ml brown lentils', doubt: { question: 'How much does the mug hold?', … } }
 */
export function inVessels(text: string): { readonly line: string; readonly doubt: Doubt } | undefined {
  const [, said = '', vessel = '', what = ''] = IN_VESSELS.exec(plainSigns(text)) ?? [];
  const holds = HOLDS[vessel.toLowerCase()];
  const half = /^half/i.test(said) ? 0.5 : undefined;
  const n = half ?? readNumber(said.replace(/^an?$/i, '1'))?.value.valueOf();
  if (!holds || n === undefined || /\(\s*(?:about )?\d/.test(what)) return undefined;
  const lineFor = (mL: number) => `${Math.round(n * mL)} ml ${what}`;
  return {
    line: lineFor(holds[1] ?? 0),
    doubt: {
      about: 'amount',
      question: `How much does the ${vessel.toLowerCase()} hold?`,
      choices: holds.map((mL) => ({ label: `${mL} mL`, line: lineFor(mL) })),
    },
  };
}
