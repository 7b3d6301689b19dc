import { Link, useLocation } from 'react-router';

export function NoSuchPage() {
  const { pathname } = useLocation();
  return (
    <main className="page">
      <div className="page-head">
        <h1>Off the trail</h1>
        <p>
          There is no page at <code>{pathname}</code>. It may have been moved, or the address has a slip in it.
        </p>
      </div>
      <Link to="/">Back to Today</Link>
    </main>
  );
}
