import { Button } from 'antd';
import { Link } from 'react-router';
import type { BeginningStep } from '../app/beginning.ts';
import '../app/beginning.css';

/** All steps of a kitchen's first hour: each can be opened at any time, and the next one be left for later. */
export function Beginning({
  steps,
  next,
  later,
}: {
  steps: readonly BeginningStep[];
  next: BeginningStep;
  later: (key: BeginningStep['key']) => void;
}) {
  const others = steps.some(({ key, done }) => !done && key !== next.key);
  return (
    <>
      {others && (
        <Button size="large" type="text" className="beginning-later" onClick={() => later(next.key)}>
          Later
        </Button>
      )}
      <ol className="beginning-steps" aria-label="Steps of setting up">
        {steps.map(({ key, name, to, done }) => (
          <li key={key} className={done ? 'done' : key === next.key ? 'next-step' : undefined}>
            <Link to={to}>
              <span aria-hidden="true">{done ? '✓' : key === next.key ? '→' : '○'}</span>
              {name}
              <span className="visually-hidden">{done ? ', done' : ', open'}</span>
            </Link>
          </li>
        ))}
      </ol>
    </>
  );
}
