import type { Difference } from '@kestrel-ridge/core/recipe';

/** What two revisions say differently, side by side. */
export function Differences({
  differences,
  was,
  now,
}: {
  differences: readonly Difference[];
  was: string;
  now: string;
}) {
  if (differences.length === 0) return <p className="soft">They say the same.</p>;
  return (
    <table className="differences">
      <thead>
        <tr>
          <th scope="col">what</th>
          <th scope="col">{was}</th>
          <th scope="col">{now}</th>
        </tr>
      </thead>
      <tbody>
        {differences.map((each) => (
          <tr key={`${each.part} ${each.of} ${each.what}`}>
            <th scope="row">
              <span className="food">{each.of}</span>
              <small>{each.what}</small>
            </th>
            <td className="was">{each.was ?? '—'}</td>
            <td className="now">{each.now ?? '—'}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
