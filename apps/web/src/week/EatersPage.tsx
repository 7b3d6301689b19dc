import { Button, Popconfirm } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { newId } from '../parts/newId.ts';
import { useCommand } from '../app/useCommand.ts';
import { WithKitchen } from '../app/WithKitchen.tsx';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { AddEater } from './AddEater.tsx';
import { EaterForm } from './EaterForm.tsx';
import { Learnt } from './Learnt.tsx';
import { EATER_SETS } from './eaterSets.ts';
import { tasteWords } from './tasteWords.ts';
import './eaters.css';
import './week.css';
import { eatersHead } from './weekWords.ts';

export default function EatersPage() {
  return <WithKitchen>{(view) => <Eaters view={view} />}</WithKitchen>;
}

/** Who eats: how much of what, at which meals, and what they leave. */
function Eaters({ view }: { view: KitchenView }) {
  const { eaters } = view.week;
  const [open, setOpen] = useState<string>();
  const [busy, setBusy] = useState<string>();
  const send = useCommand();
  const takeSet = async (name: keyof typeof EATER_SETS) => {
    setBusy(name);
    for (const eater of EATER_SETS[name])
      await send({ path: 'eaters', body: { id: newId(), ...eater }, touches: ['week'] });
    setBusy(undefined);
  };
  return (
    <main className="page">
      <div className="page-head">
        <h1>{eatersHead(eaters.length)}</h1>
        <p>
          Strips, suggestions and boxes go by this: how much each takes of what, at which meals, and what they leave.
          Days away and guests are said in <Link to="/week">the week</Link>.
        </p>
      </div>
      {eaters.length === 0 && (
        <div className="give-row" style={{ marginBottom: 20 }}>
          {(Object.keys(EATER_SETS) as (keyof typeof EATER_SETS)[]).map((name) => (
            <Button key={name} size="large" loading={busy === name} onClick={() => void takeSet(name)}>
              {name}
            </Button>
          ))}
        </div>
      )}
      <ul className="row-list eaters">
        {eaters.map((eater) => (
          <li key={eater.id} aria-label={eater.name}>
            <div className="eater-head">
              <strong>{eater.name}</strong>
              <span className="soft">{tasteWords(eater, (food) => view.foods.get(food)?.name ?? '').join(' · ')}</span>
              <span>
                <Button
                  aria-expanded={open === eater.id}
                  aria-label={`Change ${eater.name}`}
                  onClick={() => setOpen(open === eater.id ? undefined : eater.id)}
                >
                  {open === eater.id ? 'Close' : 'Change'}
                </Button>{' '}
                <Popconfirm
                  title={`${eater.name} no longer eats here?`}
                  description="What they ate stays in the record."
                  okText="Take out"
                  cancelText="Keep"
                  onConfirm={() =>
                    void send({ path: `eaters/${eater.id}/goes`, body: { version: eater.version }, touches: ['week'] })
                  }
                >
                  <Button aria-label={`${eater.name} no longer eats here`}>Take out</Button>
                </Popconfirm>
              </span>
            </div>
            {open === eater.id && (
              <>
                <EaterForm key={eater.version} view={view} eater={eater} done={() => setOpen(undefined)} />
                <Learnt view={view} eater={eater} />
              </>
            )}
          </li>
        ))}
      </ul>
      <div style={{ maxWidth: 420, marginTop: 18 }}>
        <AddEater />
      </div>
    </main>
  );
}
