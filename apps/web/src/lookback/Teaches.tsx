import type { KitchenView } from '@kestrel-ridge/core/view';
import { Link } from 'react-router';
import { useLearnedQuery } from '../api/api.ts';
import { teachings } from './teaches.ts';

/** What all the weeks together teach: the book's figure, this kitchen's own, how sure it is, and whether plans go by it. */
export function Teaches({ view }: { view: KitchenView }) {
  const { data } = useLearnedQuery(view.kitchen.id);
  const { claimed, seldom } = teachings(view, data);
  return (
    <section aria-label="What it teaches">
      <h2>What it teaches</h2>
      {claimed.length === 0 ? (
        <p className="soft">
          Nothing yet that is surer than the book: a figure of your own stands here from its third observation on.
        </p>
      ) : (
        <div className="past-scroll">
          <table className="past-table teaches">
            <thead>
              <tr>
                <th scope="col">figure</th>
                <th scope="col">the book</th>
                <th scope="col">here</th>
                <th scope="col">likely</th>
                <th scope="col">seen</th>
                <th scope="col">use</th>
              </tr>
            </thead>
            <tbody>
              {claimed.map(({ what, book, here, likely, n, used, to }) => (
                <tr key={what}>
                  <th scope="row">{what}</th>
                  <td>{book}</td>
                  <td className="number">{here}</td>
                  <td>{likely}</td>
                  <td>{n}</td>
                  <td>
                    <Link to={to}>{used}</Link>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
      {seldom > 0 && (
        <p className="soft">
          {seldom} {seldom === 1 ? 'figure was' : 'figures were'} seen once or twice: nothing is claimed of{' '}
          {seldom === 1 ? 'it' : 'them'}.
        </p>
      )}
    </section>
  );
}
