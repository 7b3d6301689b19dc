import { Fraction, ofBase, show } from '@kestrel-ridge/core/quantity';
import { Button } from 'antd';
import { useCommand } from '../app/useCommand.ts';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { surprises, type Looked, type LookedAt } from './countSteps.ts';
import { countedHead, notCountedWords } from './stockWords.ts';
import { LinkButton } from '../parts/LinkButton.tsx';

/** The end of a stocktake: what changed, what surprised, what was not looked at; each change can be taken back. */
export function Counted({
  view,
  looked,
  takenBack,
  goOn,
  finish,
}: {
  view: KitchenView;
  looked: Looked;
  takenBack: (lot: string) => void;
  goOn: (() => void) | undefined;
  finish: () => void;
}) {
  const send = useCommand();
  const changed = Object.entries(looked).filter(([, each]) => each.command !== undefined);
  const surprising = new Set(surprises(looked));
  const left = view.lots.filter((lot) => !looked[lot.state.id]);
  const undo = async (lot: string, command: string) => {
    const sent = await send({ path: 'undo', body: { command }, touches: ['shelf', 'week'] });
    if (sent.ok) takenBack(lot);
  };
  return (
    <main className="page">
      <div className="page-head">
        <h1>{countedHead(Object.keys(looked).length, changed.length)}</h1>
        <p>{notCountedWords(left.map((lot) => lot.food.name))}</p>
      </div>
      {changed.length > 0 && (
        <ul className="row-list counted">
          {changed
            .sort(([, a], [, b]) => Number(surprising.has(b)) - Number(surprising.has(a)))
            .map(([lot, each]) => (
              <li key={lot}>
                <span>
                  <strong>{each.food}</strong>
                  {surprising.has(each) && <small> a surprise</small>}
                </span>
                <span className="number">{wasNow(each)}</span>
                <Button onClick={() => each.command !== undefined && void undo(lot, each.command)}>Take it back</Button>
              </li>
            ))}
        </ul>
      )}
      <div className="give-row" style={{ marginTop: 20 }}>
        {goOn && (
          <Button size="large" onClick={goOn}>
            Go on looking
          </Button>
        )}
        <LinkButton to="/shelf" onClick={finish} type="primary" size="large">
          Done
        </LinkButton>
      </div>
    </main>
  );
}

const wasNow = ({ was, now, base }: LookedAt): string =>
  `${show(ofBase(base, new Fraction(was)))} → ${new Fraction(now).equals(0) ? 'gone' : show(ofBase(base, new Fraction(now)))}`;
