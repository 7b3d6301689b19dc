import { useEffect, useState } from 'react';
import { Loading } from './Loading.tsx';
import { noAnswer, problemOf } from './problemOf.ts';

/** A short gap, as a restart or a quick change of page makes it, is not worth a word. */
const SAY_AFTER_MS = 3000;

/** A page's data could not be had: what is wrong. Where nobody answered, it is asked for again by itself (`useRecovery`), and the page comes when it is here. */
export function Away({ error }: { error: unknown }) {
  const [say, setSay] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setSay(true), SAY_AFTER_MS);
    return () => clearTimeout(timer);
  }, []);
  const problem = problemOf(error);
  const comes = noAnswer(error);
  if (comes && !say) return <Loading />;
  return (
    <main className="page">
      <div className="page-head">
        <h1>{problem.title}</h1>
        <p>{problem.detail}</p>
        {comes && <p className="soft">It is looked for every two seconds; the page comes by itself when it is back.</p>}
      </div>
    </main>
  );
}
