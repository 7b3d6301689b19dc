import type { KitchenView } from '@kestrel-ridge/core/view';
import { Button } from 'antd';
import { Link, useLocation, useNavigate } from 'react-router';
import { beginningSteps, beginningWords, nextStep } from './beginning.ts';
import './beginning.css';

/** On the pages of a kitchen's first hour: how far it is, and what comes next; this page's own step is on the page itself. */
export function BeginningBar({ view }: { view: KitchenView }) {
  const navigate = useNavigate();
  const { pathname } = useLocation();
  const steps = beginningSteps(view);
  const here = steps.find(({ to }) => to === pathname);
  const next = nextStep(steps, here && !here.done ? [here.key] : []);
  if (!next) return null;
  return (
    <section className="beginning-bar" aria-label="Setting up the kitchen">
      <p>
        <strong>Setting up, {beginningWords(steps)}.</strong>{' '}
        {next.key === here?.key
          ? `This is the last step: ${next.text}`
          : `Next: ${next.name.toLowerCase()}. ${next.text}`}
      </p>
      <div className="beginning-deeds">
        {next.key !== here?.key && (
          <Button type={here && !here.done ? 'default' : 'primary'} onClick={() => void navigate(next.to)}>
            {next.action}
          </Button>
        )}
        <Link to="/">To all steps</Link>
      </div>
    </section>
  );
}
