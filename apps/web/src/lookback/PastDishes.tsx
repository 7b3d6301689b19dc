import { harmlessRow } from '@kestrel-ridge/core/formats';
import type { Day } from '@kestrel-ridge/core/quantity';
import type { PastDish } from '@kestrel-ridge/core/view';
import { Button } from 'antd';
import { Suspense, lazy } from 'react';
import { Loading } from '../parts/Loading.tsx';
import { Why } from '../parts/Why.tsx';
import { giveFile } from '../parts/giveFile.ts';
import { PastTable } from './PastTable.tsx';
import { DISH_FIGURES, FIGURE_HEADS, dishBecause, isSome, tenths } from './pastFigures.ts';

const PortionsChart = lazy(() => import('./PortionsChart.tsx'));

const COLUMNS = ['name', ...DISH_FIGURES] as const;

/** What became of each dish: to look at, and as a table. */
export function PastDishes({ dishes, from, zone }: { dishes: readonly PastDish[]; from: Day; zone: string }) {
  const give = async () => {
    const { stringify } = await import('csv-stringify/browser/esm/sync');
    const rows = dishes.map((dish) =>
      harmlessRow(
        Object.fromEntries(
          COLUMNS.map((column) => [column, column === 'name' ? dish.name : String(Math.round(dish[column] * 10) / 10)]),
        ) as Record<(typeof COLUMNS)[number], string>,
      ),
    );
    giveFile(
      `portions-${from}.csv`,
      'text/csv',
      stringify(rows, { header: true, columns: [...COLUMNS], record_delimiter: 'windows' }),
    );
  };
  return (
    <section aria-label="Portions">
      <div className="head-row">
        <h2>What became of it</h2>
        <Button onClick={() => void give()}>As a table (CSV)</Button>
      </div>
      <Suspense fallback={<Loading />}>
        <PortionsChart dishes={dishes} />
      </Suspense>
      <PastTable
        summary="The figures, in portions"
        head={['dish', ...DISH_FIGURES.map((figure) => FIGURE_HEADS[figure])]}
        rows={dishes.map((dish) => ({
          key: dish.food,
          name: dish.name,
          cells: DISH_FIGURES.map(
            (figure) =>
              isSome(dish[figure]) && <Why because={dishBecause(dish, figure, zone)}>{tenths(dish[figure])}</Why>,
          ),
        }))}
      />
    </section>
  );
}
