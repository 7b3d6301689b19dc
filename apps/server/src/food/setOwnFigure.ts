import { FIGURES, type FigureName } from '@kestrel-ridge/core/food';
import { done, refused, type Outcome } from '@kestrel-ridge/core/quantity';
import { changedMeanwhile } from '../command/changedMeanwhile.ts';
import type { CommandScope } from '../command/command.service.ts';
import type { Refusal } from '../problem/problem.ts';
import { FoodRow } from './food.model.ts';

/** This kitchen's own figure in place of the book's, or, with no value, the book's again; within a command. */
export async function setOwnFigure(
  scope: CommandScope,
  food: string,
  said: { readonly figure: FigureName; readonly value?: number; readonly seen: number | null },
): Promise<Outcome<FoodRow, Refusal>> {
  const { transaction, kitchen } = scope;
  const row = await FoodRow.findOne({ where: { kitchen, id: food }, transaction, lock: transaction.LOCK.UPDATE });
  if (!row) return refused<Refusal>({ code: 'not found', what: 'food' });
  const stale = await changedMeanwhile(scope, 'figure', said.seen, () => Promise.resolve(row.own[said.figure] ?? null));
  if (stale) return refused(stale);
  const figure = FIGURES.find(({ name }) => name === said.figure);
  if (figure && said.value !== undefined && (said.value < figure.least || said.value > figure.most))
    return refused<Refusal>({
      code: 'invalid',
      faults: [
        {
          field: 'value',
          fault: `${row.name} ${figure.says} ${said.value} ${figure.unit}: that cannot be.`,
          remedy: `Enter ${figure.least} to ${figure.most} ${figure.unit}. ${figure.how ?? ''}`.trim(),
        },
      ],
    });
  const { [said.figure]: _before, ...others } = row.own;
  await row.update(
    { own: said.value === undefined ? others : { ...others, [said.figure]: said.value } },
    { transaction },
  );
  return done(row);
}
