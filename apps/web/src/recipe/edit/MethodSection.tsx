import type { Revision } from '@kestrel-ridge/core/recipe';
import { Button, Input, Segmented } from 'antd';
import type { Dispatch } from 'react';
import { Changes } from './Changes.tsx';
import type { Edit, Way, WayId } from './editRevision.ts';
import type { Option } from './LineRow.tsx';
import { Stations } from './Stations.tsx';
import { StepRow } from './StepRow.tsx';

interface MethodSectionProps {
  readonly draft: Revision;
  /** The draft as the way that is edited has it. */
  readonly shown: Way;
  readonly way: WayId;
  readonly setWay: (way: WayId) => void;
  readonly steps: readonly Option[];
  readonly foods: readonly Option[];
  readonly dispatch: Dispatch<Edit>;
}

/** What is done: the steps of one way of cooking, what they hold, and what that way takes otherwise. */
export function MethodSection({ draft, shown, way, setWay, steps, foods, dispatch }: MethodSectionProps) {
  const others = draft.methods ?? [];
  const method = others.find(({ id }) => id === way);
  return (
    <section className="edit-section">
      <div className="edit-ways">
        <h2>Method</h2>
        {others.length > 0 && (
          <Segmented<string>
            aria-label="Which way is edited"
            value={way ?? ''}
            onChange={(id) => setWay(id || undefined)}
            options={[
              { value: '', label: draft.methodName ?? 'the first way' },
              ...others.map(({ id, name }) => ({ value: id, label: name })),
            ]}
          />
        )}
        <Button onClick={() => dispatch({ did: 'method added' })}>Another way to cook it</Button>
      </div>
      {others.length > 0 && (
        <div className="edit-inline">
          <span>this way is called</span>
          <Input
            aria-label="Name of this way"
            value={method ? method.name : (draft.methodName ?? '')}
            placeholder="in the sealed cooker"
            onChange={(event) =>
              method
                ? dispatch({ did: 'method changed', method: method.id, change: { name: event.target.value } })
                : dispatch({ did: 'recipe changed', change: { methodName: event.target.value || undefined } })
            }
            style={{ maxWidth: 260 }}
          />
          {method && (
            <Button
              type="link"
              onClick={() => {
                setWay(undefined);
                dispatch({ did: 'method removed', method: method.id });
              }}
            >
              remove this way
            </Button>
          )}
        </div>
      )}
      <ol className="edit-list">
        {shown.steps.map((step, n) => (
          <StepRow key={step.id} step={step} number={n + 1} way={way} steps={steps} dispatch={dispatch} />
        ))}
      </ol>
      <Button onClick={() => dispatch({ did: 'step added', way })}>Add a step</Button>
      <h3>What it holds</h3>
      <Stations uses={shown.uses} steps={steps} way={way} dispatch={dispatch} />
      {method && (
        <>
          <h3>Amounts in this way</h3>
          <Changes
            lines={draft.lines}
            changes={method.lines}
            foods={foods}
            change={(changes) => dispatch({ did: 'method changed', method: method.id, change: { lines: changes } })}
          />
        </>
      )}
    </section>
  );
}
