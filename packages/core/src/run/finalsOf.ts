import { Fraction, inBase, quantityOf, type Written } from '../quantity/index.ts';
import type { Final, ScaledBatch } from '../scaling/index.ts';
import type { TaskAbout } from '../session/index.ts';
import { loadsDropped } from './asCooked.ts';
import { laterId } from './followsLater.ts';
import type { TaskFacts } from './foldRun.ts';

/**
 * What really went into a batch, where its run says otherwise than planned: what was left out at a gate, and what more or less was said.
 * What one of several loads was left without counts for that load. Lines of which nothing was said are not in it.
 */
export function finalsOf(
  batch: string,
  scaled: ScaledBatch,
  about: Readonly<Record<string, TaskAbout>>,
  facts: ReadonlyMap<string, TaskFacts>,
): readonly Final[] {
  const tasks = Object.values(about).filter((task) => task.batch === batch);
  const dropped = loadsDropped(facts, about).filter((each) => each.batch === batch);
  const droppedLoads = new Set(dropped.map(({ load }) => load));
  const loads = dropped[0]?.loads ?? 0;
  return scaled.lines.flatMap((line): Final[] => {
    const { id } = line.line;
    const mine = tasks.filter(({ goesIn }) => goesIn.some((into) => into.line === id));
    const leftOut = mine.reduce((sum, task) => {
      const share = shareOf(line, task.step);
      if (leftOutAt(task.id, id, facts) || droppedLoads.has(task.load))
        return sum.add(share.div(Math.max(1, task.loads)));
      // What goes in once for all loads goes in for those that are cooked.
      return task.load === 0 && loads > 0 ? sum.add(share.mul(droppedLoads.size).div(loads)) : sum;
    }, new Fraction(0));
    const plus = tasks
      .flatMap((task) => facts.get(task.id)?.plus ?? [])
      .filter((each) => each.line === id)
      .reduce((sum, { amount }) => sum.add(likeOf(amount, line.amount.value) ?? 0), new Fraction(0));
    if (leftOut.compare(0) === 0 && plus.compare(0) === 0) return [];
    const planned = inBase(line.amount.value);
    const left = planned.mul(new Fraction(1).sub(leftOut)).add(plus);
    const kept = left.compare(0) < 0 ? new Fraction(0) : left;
    return [{ line: id, amount: { n: decimal(kept), unit: unitOf(line) } }];
  });
}

/** What was said by hand, and beside it what the run says of other lines: one rule while it is cooked, and when it is put away. */
export function finalsWith(
  byHand: readonly Final[],
  batch: string,
  scaled: ScaledBatch,
  about: Readonly<Record<string, TaskAbout>>,
  facts: ReadonlyMap<string, TaskFacts>,
): readonly Final[] {
  const said = new Set(byHand.map(({ line }) => line));
  return [...byHand, ...finalsOf(batch, scaled, about, facts).filter(({ line }) => !said.has(line))];
}

/** Left out at its gate; or put off there, and then its own step was skipped. */
function leftOutAt(task: string, line: string, facts: ReadonlyMap<string, TaskFacts>): boolean {
  const choice = facts.get(task)?.gate?.[line];
  return choice === 'left out' || (choice === 'later' && facts.get(laterId(task, line))?.skipped === true);
}

const shareOf = ({ line }: ScaledBatch['lines'][number], step: string): Fraction =>
  line.into
    .filter((into) => into.step === step)
    .reduce((sum, into) => sum.add(new Fraction(into.share)), new Fraction(0));

/** An amount in the base unit of another of its kind; what is of another kind cannot be added. */
function likeOf(amount: Written, like: ScaledBatch['lines'][number]['amount']['value']): Fraction | undefined {
  const quantity = quantityOf(amount);
  return quantity.kind === like.kind ? inBase(quantity) : undefined;
}

const unitOf = ({ amount: { value } }: ScaledBatch['lines'][number]): Written['unit'] =>
  value.kind === 'mass' ? 'g' : value.kind === 'volume' ? 'mL' : 'each';

const decimal = (n: Fraction): string => `${Math.round(n.valueOf() * 1000) / 1000}`;
