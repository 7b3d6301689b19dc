import { harmlessRow } from '@kestrel-ridge/core/formats';
import type { Day } from '@kestrel-ridge/core/quantity';
import type { PastDish } from '@kestrel-ridge/core/view';
import { Button } from 'antd';
import { Suspense, lazy } from 'react';
import { Loading } from '../parts/Loading.tsx';
import { Why } from '../parts/Why.tsx';
import { giveFile } from '../parts/giveFile.ts';
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
          COLUMNS.map((column) => [column, column === 'name' ? dish.name : tenths(dish[column])]),
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
      <details>
        <summary>The figures, in portions</summary>
        <div className="past-scroll">
          <table className="past-table">
            <thead>
              <tr>
                {COLUMNS.map((column) => (
                  <th key={column} scope="col">
                    {column === 'name' ? 'dish' : FIGURE_HEADS[column]}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {dishes.map((dish) => (
                <tr key={dish.food}>
                  {COLUMNS.map((column) =>
                    column === 'name' ? (
                      <th key={column} scope="row">
                        {dish.name}
                      </th>
                    ) : (
                      <td key={column} className="number">
                        {isSome(dish[column]) && (
                          <Why because={dishBecause(dish, column, zone)}>{tenths(dish[column])}</Why>
                        )}
                      </td>
                    ),
                  )}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      </details>
    </section>
  );
}
