import { Button } from 'antd';
import { problemOf } from './problemOf.ts';

/** A page's data could not be had: what is wrong, and what to do. */
export function Away({ error, again }: { error: unknown; again: () => void }) {
  const problem = problemOf(error);
  return (
    <main className="page">
      <div className="page-head">
        <h1>{problem.title}</h1>
        <p>{problem.detail}</p>
      </div>
      <Button type="primary" size="large" onClick={again}>
        Try again
      </Button>
    </main>
  );
}
