import { isVerb } from '../kitchenVerbs.ts';
import { METHOD } from '../lineSorts.ts';

/** "1 Boil noodles", "2 Blanch peas": a number, and what is done. */
const POINT = /^(\d{1,2})(?:[.)]\s*|\s+[–—·•-]\s+|\s+)(?=\+?\s*(\p{L}+)[\s,+&:])/u;
/** Without a sign behind its number it is a step where it begins in a capital letter. */
const isPoint = (line: string): boolean => /^\d+(?:[.)]|\s+(?:[–—·•-]\s+)?\p{Lu})/u.test(line);

const ROW = 5;
/** Numbers from 1 to 5 or more right below each other, in whatever letters: nobody needs 1, 2, 3, 4 and 5 of things in turn. */
function rowOfSteps(raws: readonly string[]): readonly number[] {
  const numbers = raws.map((raw) => Number(POINT.exec(raw.trim())?.[1] ?? Number.NaN));
  const begins = numbers.findIndex(
    (n, at) => n === 1 && Array.from({ length: ROW }, (_, k) => k).every((k) => numbers[at + k] === k + 1),
  );
  if (begins < 0) return [];
  return numbers.flatMap((n, at) => (at >= begins && n === at - begins + 1 ? [at] : []));
}

/** Steps that are numbered one by one, with a dot or without: none of them is an amount, and the method begins there where no heading says so. */
export function withPoints(raws: readonly string[]): readonly string[] {
  const lines = raws.map((raw) => (isPoint(raw.trim()) ? POINT.exec(raw.trim()) : null));
  const said = lines.flatMap((found, at) =>
    found ? [{ at, n: Number(found[1]), marked: /^\d+[.)]/.test(found[0]), verb: isVerb(found[2] ?? '') }] : [],
  );
  const points = new Set<number>(rowOfSteps(raws));
  for (const [k, first] of said.entries()) {
    const run = said.slice(k).filter(({ n }, ahead) => n === ahead + 1);
    const verbs = run.filter(({ verb }) => verb).length;
    // Whole sentences, one after the other, are no amounts: "2  Oil, cumin seed till pop."
    const sentences = run.length > 2 && run.every(({ at }) => /[.!]$/.test(raws[at]?.trim() ?? ''));
    if (
      first.n === 1 &&
      run.length > 1 &&
      (sentences || verbs * (first.marked ? run.length : 2) > run.length - (first.marked ? 1 : 0))
    )
      for (const { at } of run) points.add(at);
  }
  const [first] = points;
  const headed = raws.slice(0, first).some((raw) => METHOD.test(raw.trim()));
  return raws.flatMap((raw, at) => {
    if (!points.has(at)) return [raw];
    const line = raw.trim().replace(POINT, '$1. ');
    return at === first && !headed ? ['', 'Method', line] : [line];
  });
}
