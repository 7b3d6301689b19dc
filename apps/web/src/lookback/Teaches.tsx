import type { FigureKind } from '@kestrel-ridge/core/learn';
import { keptHere, seasoningHere, type KitchenView } from '@kestrel-ridge/core/view';
import { Button, Popconfirm } from 'antd';
import { useMemo, useState } from 'react';
import { TeachingRow } from './TeachingRow.tsx';
import './lookback.css';
import { keptTeachings } from './keptWords.ts';
import { seasoningTeachings } from './seasoningWords.ts';
import { usePastWeeks } from './usePastWeeks.ts';
import type { Teachings } from './useTeachings.ts';
import { useSaysOfLearned } from './useSaysOfLearned.ts';
import { counted } from '@kestrel-ridge/core/quantity';

/** What all the weeks together teach: the book's figure, this kitchen's own, how sure it is, what it rests on, and whether plans go by it. `only`: figures of these kinds alone. */
export function Teaches({ view, all, only }: { view: KitchenView; all: Teachings; only?: readonly FigureKind[] }) {
  const says = useSaysOfLearned(view);
  const [open, setOpen] = useState<string>();
  const past = usePastWeeks(view, only === undefined);
  const byPast = useMemo(
    () =>
      past && !only ? [...seasoningTeachings(seasoningHere(view, past)), ...keptTeachings(keptHere(view, past))] : [],
    [view, past, only],
  );
  const claimed = only
    ? all.claimed.filter(({ figure }) => figure && only.includes(figure.key.kind))
    : [...all.claimed, ...byPast];
  const seldom = only ? 0 : all.seldom;
  return (
    <section className="teaches-section" aria-label="What it teaches">
      <h2>{only ? 'What its runs teach' : 'What it teaches'}</h2>
      {claimed.length === 0 ? (
        <p className="soft">
          Nothing yet that is surer than the book: a figure of your own stands here from its third observation on.
        </p>
      ) : (
        <div className="past-scroll">
          <table className="past-table teaches">
            <thead>
              <tr>
                <th scope="col">figure</th>
                <th scope="col">the book</th>
                <th scope="col">here</th>
                <th scope="col">likely</th>
                <th scope="col">seen</th>
                <th scope="col">use</th>
              </tr>
            </thead>
            <tbody>
              {claimed.map((teaching) => (
                <TeachingRow
                  key={teaching.what}
                  view={view}
                  teaching={teaching}
                  said={all.said}
                  open={open === teaching.what}
                  toggle={() => setOpen(open === teaching.what ? undefined : teaching.what)}
                />
              ))}
            </tbody>
          </table>
        </div>
      )}
      {seldom > 0 && (
        <p className="soft">
          {counted(seldom, 'figure was', 'figures were')} seen once or twice: nothing is claimed yet.
        </p>
      )}
      {!only && claimed.some(({ figure }) => figure) && (
        <Popconfirm
          title="Begin all of them anew?"
          description="What runs taught until now is set aside. Figures that plans go by already stay. It can be taken back."
          okText="Begin anew"
          onConfirm={() => void says.setBack(undefined, 'All that runs teach')}
        >
          <Button>Begin all anew</Button>
        </Popconfirm>
      )}
    </section>
  );
}
