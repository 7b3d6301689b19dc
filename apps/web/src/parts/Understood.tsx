import type { RecordFault } from '@kestrel-ridge/core/formats';
import './understood.css';
import { counted } from '@kestrel-ridge/core/quantity';

const MOST_SHOWN = 200;

/** What was understood of a table, line by line, before any of it is kept; and what was not. */
export const Understood = ({
  head,
  rows,
  faults,
}: {
  head: readonly string[];
  rows: readonly (readonly string[])[];
  faults: readonly RecordFault[];
}) => (
  <>
    {faults.map(({ line, fault, remedy }) => (
      <p key={line} className="cannot">
        Line {line}: {fault} {remedy}
      </p>
    ))}
    {rows.length > 0 && (
      <table className="understood">
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
          {rows.slice(0, MOST_SHOWN).map((row, n) => (
            <tr key={n}>
              {row.map((cell, c) => (
                <td key={head[c]}>{cell}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    )}
    {rows.length > MOST_SHOWN && <p className="soft">and {counted(rows.length - MOST_SHOWN, 'line')} more.</p>}
  </>
);
