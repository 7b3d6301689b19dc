import { Button } from 'antd';
import { useNavigate } from 'react-router';
import { helpFor } from './helpTexts.ts';
import { WALK, walkEnded, walkedOn } from './walkSlice.ts';
import { useAppDispatch, useAppSelector } from '../app/store.ts';
import './help.css';

/** Being shown round: what this page is for, and on to the next; nothing on the page is covered by it. */
export default function WalkBar() {
  const at = useAppSelector(({ walk }) => walk.at);
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const here = at === undefined ? undefined : WALK[at];
  if (at === undefined || here === undefined) return null;
  const next = WALK[at + 1];
  const { name, what, example } = helpFor(here);
  return (
    <section className="walk-bar" aria-label="Shown round" aria-live="polite">
      <p>
        <strong>
          {at + 1} of {WALK.length}, {name}.
        </strong>{' '}
        {what} {example}
      </p>
      <div className="walk-deeds">
        <Button
          type="primary"
          onClick={() => {
            dispatch(walkedOn());
            void navigate(next ?? '/');
          }}
        >
          {next === undefined ? 'Finish' : `Next: ${helpFor(next).name}`}
        </Button>
        {next !== undefined && <Button onClick={() => dispatch(walkEnded())}>Stop here</Button>}
      </div>
    </section>
  );
}
