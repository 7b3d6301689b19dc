import type { PastState } from '../formats/index.ts';
import {
  SEASONING_ROLES,
  learnSeasoning,
  type LearnedSeasoning,
  type Seasoned,
  type SeasoningRole,
} from '../learn/index.ts';
import { inBase, quantityOf } from '../quantity/index.ts';
import type { Law, Line } from '../recipe/index.ts';
import { foldRun } from '../run/index.ts';
import type { Food } from '../food/index.ts';
import { cookedThen } from './cookedThen.ts';
import type { KitchenView } from './kitchenView.ts';

/** Of what is tasted, what it is in the dish for; undefined: it is no seasoning. */
export const seasoningRole = ({ facts }: Pick<Food, 'facts'>): SeasoningRole | undefined =>
  SEASONING_ROLES.find((role) => facts.roles?.includes(role) === true);

/** Only what is held back or tasted is seasoning: a syrup that makes the cake is part of it. */
const exponentOf = (law: Law): number | undefined =>
  law.law === 'slower' ? law.exponent : law.law === 'to taste' ? USUAL_EXPONENT : undefined;
/** As what is salted to taste usually grows. Common practice, no published source. */
const USUAL_EXPONENT = 0.9;

/**
 * How this kitchen seasons, from the batches of these days that were cooked by a run: what went in against what was planned, and how it grew in batches of another size.
 * @example seasoningHere(view, past) // [{ role: 'salt', correction: { value: 1.15, n: 9, corrected: 5, … } }]
 */
export function seasoningHere(view: KitchenView, past: PastState): readonly LearnedSeasoning[] {
  const runs = new Map(past.runs.map((run) => [run.session, { about: run.about, facts: foldRun(run.events) }]));
  return learnSeasoning(
    past.batches.flatMap((batch): readonly Seasoned[] => {
      const run = runs.get(batch.session);
      const scaled = run ? cookedThen(view, batch)?.planned : undefined;
      if (!run || !scaled) return [];
      const cookOf = (line: Line): string | undefined => {
        const task = Object.values(run.about).find(
          (each) => each.batch === batch.id && line.into.some(({ step }) => step === each.step),
        );
        return task && (run.facts.get(task.id)?.who ?? task.who);
      };
      return scaled.lines.flatMap(({ line, food, amount }): readonly Seasoned[] => {
        const role = seasoningRole(food);
        const exponent = exponentOf(line.law);
        const planned = inBase(amount.value).valueOf();
        const asWritten = quantityOf(line.amount);
        if (!role || exponent === undefined || planned <= 0 || asWritten.kind !== amount.value.kind) return [];
        const final = batch.finals.find((each) => each.line === line.id);
        const real = final ? quantityOf(final.amount) : amount.value;
        if (real.kind !== amount.value.kind) return [];
        const went = inBase(real).valueOf();
        const who = cookOf(line);
        return [
          {
            role,
            times: went / planned,
            said: final !== undefined,
            factor: scaled.factor.valueOf(),
            grown: went / inBase(asWritten).valueOf(),
            exponent,
            ...(who === undefined ? {} : { who }),
          },
        ];
      });
    }),
  );
}
