import { Fraction, mass, show, type Because, type Mass, type Reasoned } from '../quantity/index.ts';
import type { ScaledLine } from './scaleBatch.ts';

/** Cooked mass, line by line; what is optional does not count, what boils off is not there. */
export function yieldOf(lines: readonly ScaledLine[]): Reasoned<Mass> {
  const parts = lines.flatMap(({ line, food, grams }) => {
    if (!grams) return [];
    const peeled = line.prepared ? 1 : (food.facts.ediblePart?.value ?? 1);
    const stays = line.law.law === 'pot and minute' ? 0 : 1;
    const kept = new Fraction(line.becomes?.value ?? stays).mul(new Fraction(peeled));
    if (line.optional || kept.equals(0)) return [];
    const cooked = mass(grams.g.mul(kept));
    const because: Because = {
      rule: `${food.name}: ${show(grams)} × ${Number(kept.valueOf().toFixed(2))}`,
      figure: show(cooked),
      ...(line.becomes ? { source: line.becomes.source } : {}),
    };
    return [{ cooked, because }];
  });
  const value = mass(parts.reduce((sum, { cooked }) => sum.add(cooked.g), new Fraction(0)));
  return {
    value,
    because: { rule: 'cooked mass, line by line', figure: show(value), parts: parts.map(({ because }) => because) },
  };
}
