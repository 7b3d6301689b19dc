import { Button } from 'antd';
import { useEffect } from 'react';
import { useRouteError } from 'react-router';
import { Loading } from '../parts/Loading.tsx';
import { isUnfetched } from './isUnfetched.ts';
import { reloadWhenThere } from './reloadWhenThere.ts';

/** What is shown when a page breaks: nothing that was stored is lost, and there is a way on. */
export function BrokenPage() {
  const error = useRouteError();
  const unfetched = isUnfetched(error);
  useEffect(() => (unfetched ? reloadWhenThere() : undefined), [unfetched]);
  if (unfetched) return <Loading what="The page could not be fetched. It is asked for again" />;
  return (
    <main className="page">
      <div className="page-head">
        <h1>This page broke</h1>
        <p>What you had kept is kept. Load the page again; if it breaks again, go to Today.</p>
      </div>
      <p className="soft">{error instanceof Error ? error.message : 'No more is known.'}</p>
      <p style={{ display: 'flex', gap: 12, marginTop: 16 }}>
        <Button type="primary" size="large" onClick={() => window.location.reload()}>
          Load again
        </Button>
        <Button size="large" href="/">
          To Today
        </Button>
      </p>
    </main>
  );
}
