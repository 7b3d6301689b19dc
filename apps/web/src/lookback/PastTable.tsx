import type { ReactNode } from 'react';

/** Figures in a table that is opened where somebody wants them: a name, and what belongs to it. */
export const PastTable = ({
  summary,
  head,
  rows,
}: {
  summary: string;
  head: readonly string[];
  rows: readonly { readonly key: string; readonly name: string; readonly cells: readonly ReactNode[] }[];
}) => (
  <details>
    <summary>{summary}</summary>
    <div className="past-scroll">
      <table className="past-table">
        <thead>
          <tr>
            {head.map((name) => (
              <th key={name} scope="col">
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ key, name, cells }) => (
            <tr key={key}>
              <th scope="row">{name}</th>
              {cells.map((cell, n) => (
                <td key={head[n + 1]} className="number">
                  {cell}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  </details>
);
