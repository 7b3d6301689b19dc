import type { Law, Revision } from './revision.ts';

type WaterLaw = Extract<Law, { law: 'water for grain' }>;

/** The recipe with the water of its grain by another school; undefined: by the one that is right by itself. */
export function withSchool(recipe: Revision, school: WaterLaw['school']): Revision {
  return {
    ...recipe,
    lines: recipe.lines.map((line) => {
      if (line.law.law !== 'water for grain') return line;
      const { school: _before, ...law } = line.law;
      return { ...line, law: { ...law, ...(school ? { school } : {}) } };
    }),
  };
}
